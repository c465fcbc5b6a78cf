'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Table from 'react-bootstrap/Table'
import { ballNamed, sameBall } from '@/core/model/ball'
import { factorsOf } from '@/core/balls/trial'
import type { Block } from '@/core/session/plan'
import { FULL_SWING } from '@/core/model/station'
import { ballFactorChart } from '@/draw/ball-factor'
import { ballFinding, clubFactor, playsAsSentence, moreBalls } from '@/text/balls'
import { clubNames } from '@/text/names'
import { listed } from '@/text/numbers'
import type { BallsView } from '@/views/balls-view'
import { TrueChart } from '../../shared/drawing/true-chart'
import { Switch } from '../../shared/form/switch'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'
import { writeBlocks } from '../plan/plan-draft'
import { TextField } from '../../shared/form/text-field'
import { measuresOf } from '../../shared/form/measure'

/** So many of each ball with each club: ± 2.0% where good shots scatter by 3%. */
const OF_EACH = 12
/** How near a factor is wanted. */
const WITHIN = 0.016

/** The balls that a golfer hits: what they are, and how much further one goes than another. */
export function Balls({ golfer, bag, balls, pairs, chosen, trial, factors, variation, toTry }: BallsView) {
  const router = useRouter()
  const { problems, submit } = useSubmit()
  const name = clubNames(bag)
  const home = `/golfers/${golfer.id}`
  const api = `/api${home}/balls`
  const plan: Block[] = toTry.map((clubId) => ({ clubId, swing: FULL_SWING, shots: 2 * OF_EACH }))
  const corrections = factors.find(({ ball, on }) => on && chosen !== null && sameBall(ball, chosen.second))
  const proposed = trial && { as: trial.first, at: factorsOf(trial) }
  const percentOf = (factor: number) => 100 * (factor - 1)
  return (
    <div>
      <PageHead
        title={trial ? `${ballFinding(trial)}.` : 'How much shorter does a range ball fly?'}
        lede={
          trial
            ? 'By club, from good full swings of sessions with both balls. Nothing changes unless you switch it on.'
            : `Hit ${OF_EACH} of each with ${listed(toTry.map(name))}: three of the one, three of the other, and so on. The Bay shows which comes next.`
        }
      >
        <Link className="btn btn-outline" href={`${home}/log`}>
          Log
        </Link>
        <Link className="btn btn-primary" href={`${home}/bay?hit=${encodeURIComponent(writeBlocks(plan))}`}>
          Plan {OF_EACH} of each
        </Link>
      </PageHead>
      <Problems of={problems} />
      <div className="d-grid gap-3">
        {pairs.length > 1 && chosen && (
          <Form.Group controlId="ball-pair" className="sheet p-3">
            <Form.Label>Which two</Form.Label>
            <Form.Select
              value={pairs.findIndex(
                ({ first, second }) => first === chosen.first && second === chosen.second,
              )}
              onChange={({ target }) => {
                const pair = pairs[Number(target.value)]
                if (pair) router.push(`${home}/balls?${new URLSearchParams(pair)}`)
              }}
            >
              {pairs.map(({ first, second }, i) => (
                <option key={`${first} ${second}`} value={i}>
                  {first} and {second}
                </option>
              ))}
            </Form.Select>
          </Form.Group>
        )}
        {trial && (
          <>
            <section className="sheet p-3" aria-label="How much further">
              <TrueChart
                chart={ballFactorChart({
                  unit: golfer.lengthUnit,
                  clubs: trial.clubs.map(({ clubId, carryM, factor, low, high }) => ({
                    name: name(clubId),
                    carry: measuresOf(golfer).carry.to(carryM),
                    percent: percentOf(factor),
                    low: percentOf(low),
                    high: percentOf(high),
                  })),
                  all: trial.isOne ? percentOf(factorsOf(trial)[0]?.factor ?? 1) : null,
                })}
                says={ballFinding(trial)}
              />
              <Table size="sm" className="num mb-0 mt-2">
                <thead>
                  <tr>
                    <th scope="col">Club</th>
                    <th scope="col">{trial.first}</th>
                    <th scope="col">{trial.second}</th>
                    <th scope="col">Times</th>
                    <th scope="col">More</th>
                  </tr>
                </thead>
                <tbody>
                  {trial.clubs.map((each) => (
                    <tr key={each.clubId}>
                      <th scope="row">{name(each.clubId)}</th>
                      <td>{each.ofFirst}</td>
                      <td>{each.ofSecond}</td>
                      <td>{clubFactor(each)}</td>
                      <td>{moreBalls(each, variation, WITHIN)}</td>
                    </tr>
                  ))}
                </tbody>
              </Table>
            </section>
            <section className="sheet p-3" aria-label="Count it as">
              <Switch
                id="count-as"
                checked={corrections !== undefined}
                label={playsAsSentence(trial.second, corrections ?? proposed ?? { as: trial.first, at: [] })}
                onChange={(on) =>
                  submit('PATCH', api, {
                    ball: corrections?.ball ?? trial.second,
                    factor:
                      on && proposed
                        ? {
                            ...proposed,
                            shots: trial.clubs.reduce(
                              (sum, { ofFirst, ofSecond }) => sum + ofFirst + ofSecond,
                              0,
                            ),
                          }
                        : null,
                  })
                }
              />
            </section>
          </>
        )}
        {factors
          .filter(({ ball }) => !trial || !sameBall(ball, trial.second))
          .map((each) => (
            <section key={each.ball} className="sheet p-3" aria-label={`${each.ball} counts`}>
              <Switch
                id={`count-${each.ball}`}
                checked={each.on}
                label={playsAsSentence(each.ball, each)}
                onChange={() => submit('PATCH', api, { ball: each.ball, factor: null })}
              />
            </section>
          ))}
        <section className="sheet p-3" aria-label="Your balls">
          <h2 className="fs-6">Your balls</h2>
          <Table size="sm" className="mb-2">
            <thead>
              <tr>
                <th scope="col">By your own word</th>
                <th scope="col">Range ball</th>
                <th scope="col">Worn</th>
              </tr>
            </thead>
            <tbody>
              {balls.map((ball) => (
                <tr key={ball.name}>
                  <th scope="row">{ball.name}</th>
                  {(['range', 'worn'] as const).map((what) => (
                    <td key={what}>
                      <Form.Check
                        id={`${ball.name}-${what}`}
                        aria-label={`${ball.name}: ${what === 'range' ? 'a range ball' : 'worn'}`}
                        checked={ball[what]}
                        onChange={({ target }) =>
                          void submit('PUT', api, { ...ball, [what]: target.checked })
                        }
                      />
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </Table>
          <NewBall onAdd={(ball) => submit('PUT', api, ballNamed(ball))} />
          <p className="quiet mb-0">Numbers with range balls are marked, unless the balls are converted.</p>
        </section>
      </div>
    </div>
  )
}

function NewBall({ onAdd }: { onAdd: (name: string) => Promise<boolean> }) {
  const [name, setName] = useState('')
  return (
    <Form
      className="d-flex gap-2 mb-2"
      onSubmit={async (event) => {
        event.preventDefault()
        if (name.trim() !== '' && (await onAdd(name.trim()))) setName('')
      }}
    >
      <TextField
        className="flex-grow-1"
        label="Another ball"
        labelled="unseen"
        text="ball"
        placeholder="Another ball"
        value={name}
        onChange={({ target }) => setName(target.value)}
      />
      <Button type="submit" variant="outline" disabled={name.trim() === ''}>
        Add
      </Button>
    </Form>
  )
}
