'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { agreement, PRACTICE_M, type CarryPair } from '@/core/monitors/agree'
import type { ClubId } from '@/core/model/ids'
import { pairsToProve } from '@/core/monitors/pairs-to-prove'
import { agreeFinding, lostSentence, moreSentence } from '@/text/monitors'
import { dayAndTime } from '@/text/days'
import { count } from '@/text/numbers'
import type { Comparison, MonitorsView } from '@/views/monitors-view'
import { lengthMeasure } from '../../shared/form/measure'
import { NumberField } from '../../shared/form/number-field'
import { PageHead } from '../../shared/shell/page-head'
import { AgreementFound } from './agreement-found'
import { Corrections } from './corrections'
import { PairList } from './pair-list'
import styles from './monitors.module.css'

type Props = MonitorsView & { chosen: NonNullable<MonitorsView['chosen']> }

/** How far two monitors agree that read the same shots: as they were paired, and as the golfer puts them. */
export function ComparedMonitors({ golfer, clubs, comparisons, chosen, corrections }: Props) {
  const router = useRouter()
  const [toleranceM, setToleranceM] = useState<number | null>(PRACTICE_M)
  const within = toleranceM !== null && toleranceM > 0 ? toleranceM : PRACTICE_M
  const { first, second, pairing } = chosen
  const read = pairing.pairs.flatMap(({ first: a, second: b }) =>
    a.carryM === null || b.carryM === null
      ? []
      : [
          {
            pair: [a.carryM, b.carryM] as CarryPair,
            clubId: a.clubId ?? b.clubId,
            kind: clubs.find(({ id }) => id === (a.clubId ?? b.clubId))?.kind ?? null,
          },
        ],
  )
  const named = [...new Set(read.flatMap(({ clubId }) => clubId ?? []))]
  const [only, setOnly] = useState<ClubId | null>(null)
  const shown = only === null ? read : read.filter(({ clubId }) => clubId === only)
  const pairs = shown.map(({ pair }) => pair)
  const found = agreement(pairs, within)
  const address = ({ first: one, second: other }: Pick<Comparison, 'first' | 'second'>) =>
    `/golfers/${golfer.id}/monitors?${new URLSearchParams({ first: one, second: other })}`
  const isChosen = (each: Comparison) =>
    [each.first, each.second].sort().join('\n') === [first, second].sort().join('\n')
  return (
    <div className={styles.screen}>
      <PageHead
        title={
          found
            ? agreeFinding(found, { first, toleranceM: within }, golfer)
            : `${count(pairs.length, 'pair')} of ${first} and ${second}. Three are needed`
        }
        lede={
          <>
            {found && `${moreSentence(found, pairsToProve(found, within), within, golfer)} `}
            {lostSentence(
              { first, second },
              {
                first: pairing.left.first.length,
                second: pairing.left.second.length,
                dropped: found?.dropped ?? 0,
              },
            )}
          </>
        }
      >
        <Link className="btn btn-outline" href={address({ first: second, second: first })}>
          The other way round
        </Link>
        <Link className="btn btn-outline" href={`/golfers/${golfer.id}/monitors?typed=1`}>
          Type pairs
        </Link>
      </PageHead>
      <div className="two-monitors compared">
        <div className="d-grid gap-3">
          <section className="sheet p-3 d-grid gap-3" aria-label="The two monitors">
            {comparisons.length > 1 && (
              <Form.Group controlId="comparison">
                <Form.Label>Which two</Form.Label>
                <Form.Select
                  value={String(comparisons.findIndex(isChosen))}
                  onChange={({ target }) => {
                    const next = comparisons[Number(target.value)]
                    if (next) router.push(address(next))
                  }}
                >
                  {comparisons.map((each, i) => (
                    <option key={address(each)} value={i}>
                      {each.first} and {each.second}, {dayAndTime(each.newestMs, each.offsetMin)}
                    </option>
                  ))}
                </Form.Select>
              </Form.Group>
            )}
            <NumberField
              label="To agree within"
              measure={lengthMeasure(golfer.lengthUnit, 1)}
              value={toleranceM}
              example="5"
              onChange={setToleranceM}
            />
            {named.length > 1 && (
              <Form.Group controlId="pairs-of">
                <Form.Label>Pairs of</Form.Label>
                <Form.Select
                  value={only ?? ''}
                  onChange={({ target }) => setOnly((target.value || null) as ClubId | null)}
                >
                  <option value="">All clubs</option>
                  {clubs
                    .filter(({ id }) => named.includes(id))
                    .map(({ id, name }) => (
                      <option key={id} value={id}>
                        {name}
                      </option>
                    ))}
                </Form.Select>
              </Form.Group>
            )}
          </section>
          <Corrections golfer={golfer} chosen={chosen} corrections={corrections} />
        </div>
        <div className="d-grid gap-3">
          {found && (
            <AgreementFound
              golfer={golfer}
              found={found}
              pairs={pairs}
              toleranceM={within}
              kinds={shown.map(({ kind }) => kind)}
            />
          )}
          <PairList golfer={golfer} clubs={clubs} chosen={chosen} />
        </div>
      </div>
    </div>
  )
}
