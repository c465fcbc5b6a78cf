'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'

import { fullSwingOf } from '@/core/model/station'
import { trialBlocks } from '@/core/compare/trial'
import { adjustedStocks } from '@/core/shots/adjustments'
import { fixLadder } from '@/draw/fix-ladder'
import {
  differencesSentence,
  byChanceSentence,
  biggestSentence,
  changeCell,
  differenceCell,
  SIDE_GROUP,
  sideName,
  togetherSentence,
} from '@/text/compare'
import { clubNames, stationName, swingName } from '@/text/names'
import { around, len } from '@/text/numbers'
import type { CompareRow, CompareView, SideChoice } from '@/views/compare-view'
import { AirChoice } from '../../shared/air/air-choice'
import { SvgDrawing } from '../../shared/drawing/svg-drawing'
import { AdjustmentsLine } from '../../shared/shell/adjustments-line'
import { PageHead } from '../../shared/shell/page-head'
import { PrintTitle } from '../../shared/shell/print-title'
import { writeBlocks } from '../plan/plan-draft'
import { FlightsOver } from './flights-over'
import styles from './compare.module.css'
import { measuresOf } from '../../shared/form/measure'

/** Two of anything side by side: both stairs in one, the difference of every station with a word, flights over each other. */
export function CompareScreen(view: CompareView) {
  const { golfer, bag, clubs, choices, a, b, rows, byChance, together, differences, air } = view
  const router = useRouter()
  const [opened, setOpened] = useState<string | null>(null)
  const [chosen, setChosen] = useState({ a: a?.key ?? '', b: b?.key ?? '' })
  const clubName = clubNames(bag)
  const nameOf = ({ clubId, swing, other }: CompareRow) =>
    other === undefined
      ? stationName(clubName(clubId), swing)
      : other.swing === swing
        ? `${swingName(swing)} swing`
        : clubName(clubId)
  const go = (which: 'a' | 'b', key: string) => {
    // The second may be chosen before the page knows of the first.
    const next = { ...chosen, [which]: key }
    setChosen(next)
    const query = new URLSearchParams(next)
    router.replace(`/golfers/${golfer.id}/compare?${query.toString()}`)
  }
  const both = rows.filter(({ found }) => found !== null)
  const alone = rows.filter(({ found }) => found === null)
  const [biggest] = both
    .filter(({ found }) => found?.word === 'real')
    .sort((x, y) => Math.abs(y.found?.differenceM ?? 0) - Math.abs(x.found?.differenceM ?? 0))
  const row = both.find(({ key }) => key === opened) ?? biggest ?? both[0]
  const trial =
    a?.side.kind === 'club' && b?.side.kind === 'club' && a.key !== b.key
      ? trialBlocks(fullSwingOf(a.side.clubId), fullSwingOf(b.side.clubId))
      : null
  const { to: at } = measuresOf(golfer).carry
  return (
    <div className={styles.screen}>
      <PrintTitle
        golfer={golfer}
        bag={bag}
        stocks={both.flatMap(({ b: stock }) => stock ?? [])}
        what={a && b ? `${sideName(a)} and ${sideName(b)}` : 'Compare'}
      />
      <PageHead
        title={
          !a || !b
            ? 'Choose two to compare'
            : a.key === b.key
              ? 'That is one and the same: choose another'
              : both.length === 0
                ? 'They have no club in common'
                : biggest?.found
                  ? biggestSentence(nameOf(biggest), biggest.found, golfer)
                  : 'No difference that is likely real'
        }
        lede={
          a && b && a.key !== b.key
            ? [differencesSentence(differences, air, golfer), byChanceSentence(byChance, both.length)]
                .filter(Boolean)
                .join(' ')
            : 'Bags, seasons, sessions, clubs, swings, balls, mat or grass: the second is set beside the first.'
        }
        choices={<AirChoice golfer={golfer} />}
      >
        <Link className="btn btn-outline" href={`/golfers/${golfer.id}/log`}>
          To the Log
        </Link>
        {trial && (
          <Link className="btn btn-outline" href={`/golfers/${golfer.id}/bay?hit=${writeBlocks(trial)}`}>
            Plan a fair trial
          </Link>
        )}
        <Button onClick={() => window.print()} disabled={both.length === 0}>
          Print
        </Button>
      </PageHead>
      <AdjustmentsLine
        adjustments={adjustedStocks(
          both.flatMap(({ a: one, b: other }) => [one, other].filter((each) => each !== null)),
        )}
        name={clubNames(bag)}
      />
      <div className="sides">
        <SideSelect label="The first" choices={choices} value={chosen.a} onChange={(key) => go('a', key)} />
        <SideSelect label="The second" choices={choices} value={chosen.b} onChange={(key) => go('b', key)} />
      </div>
      {together && <p className="together">{togetherSentence(together)}</p>}
      {both.length > 0 && row && (
        <div className="compare">
          <section className="sheet" aria-label="Both gap ladders">
            <SvgDrawing
              draw={(width) =>
                fixLadder(
                  both.map((each) => ({
                    name: nameOf(each),
                    loft: '',
                    now: each.a ? at(each.a.carryM) : null,
                    then: each.b ? at(each.b.carryM) : null,
                    text: each.b ? len(each.b.carryM, golfer) : '',
                  })),
                  [],
                  width,
                )
              }
              onPaper
              says="Every club of both in one drawing. All numbers are in the table."
            />
            <p className="quiet key">
              Outline: {a && sideName(a)}. Filled: {b && sideName(b)}.
            </p>
          </section>
          <section className="sheet differences" aria-label="Differences">
            <table className="table table-sm num mb-0">
              <thead>
                <tr>
                  <th>Club</th>
                  <th>The first</th>
                  <th>The second</th>
                  <th>A bad one</th>
                  <th>Difference, {golfer.lengthUnit}</th>
                  <th>What it is</th>
                </tr>
              </thead>
              <tbody>
                {both.map((each) => (
                  <tr key={each.key}>
                    <th>
                      <button
                        type="button"
                        className="btn-plain"
                        aria-pressed={each.key === row.key}
                        onClick={() => setOpened(each.key)}
                      >
                        {nameOf(each)}
                      </button>
                    </th>
                    <td>{stockCell(each.a, golfer)}</td>
                    <td>{stockCell(each.b, golfer)}</td>
                    <td>
                      {badCell(each.a, golfer)}; {badCell(each.b, golfer)}
                    </td>
                    <td>
                      <b>{each.found && differenceCell(each.found, golfer)}</b>
                    </td>
                    <td className={each.found?.word === 'real' ? '' : 'quiet'}>
                      {each.found && changeCell(each.found)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            {both.some(({ found }) => found?.word === 'open' && found.moreEach === undefined) && (
              <p className="quiet key">Without a number of shots, only other days would tell more.</p>
            )}
            {alone.length > 0 && (
              <p className="quiet key">
                Only in one of them: {alone.map((each) => nameOf(each)).join(', ')}.
              </p>
            )}
          </section>
          <FlightsOver golfer={golfer} row={row} title={nameOf(row)} clubs={clubs} names={[a, b]} />
        </div>
      )}
      {both.length > 0 && (
        <p className="quiet">
          ± is a 90% interval. Two separate days differ by about 2% each. “Likely real” means a chance of 95%
          or more.
        </p>
      )}
    </div>
  )
}

const stockCell = (stock: CompareRow['a'], golfer: CompareView['golfer']): string =>
  stock ? `${len(stock.carryM, golfer, 1)} ${around(stock, golfer)} · ${stock.count}` : '–'

/** What a bad shot carries, and how many there were. */
const badCell = (stock: CompareRow['a'], golfer: CompareView['golfer']): string =>
  stock?.missed ? `${len(stock.missed.carryM, golfer)} · ${stock.missed.count}` : 'none'

type SelectProps = { label: string; choices: SideChoice[]; value: string; onChange: (key: string) => void }

function SideSelect({ label, choices, value, onChange }: SelectProps) {
  const kinds = [...new Set(choices.map(({ side }) => side.kind))]
  return (
    <Form.Group controlId={`side-${label}`}>
      <Form.Label>{label}</Form.Label>
      <Form.Select value={value} onChange={({ target }) => onChange(target.value)}>
        <option value="">choose …</option>
        {kinds.map((kind) => (
          <optgroup key={kind} label={SIDE_GROUP[kind]}>
            {choices
              .filter(({ side }) => side.kind === kind)
              .map((each) => (
                <option key={each.key} value={each.key}>
                  {sideName(each)}
                </option>
              ))}
          </optgroup>
        ))}
      </Form.Select>
    </Form.Group>
  )
}
