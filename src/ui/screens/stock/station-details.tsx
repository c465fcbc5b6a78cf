import Link from 'next/link'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { isHit, type Stock } from '@/core/stock/stock'
import { ordinaryRun } from '@/core/stock/station-run'
import { StationStrip } from '../../shared/drawing/station-strip'
import type { StationShots } from '@/views/bag-analysis'
import { choicesIn, RULE_NAME } from '@/text/names'
import { count, len, lenUnit, percent } from '@/text/numbers'
import { oddSentence, offCurveSentence } from '@/text/reasons'
import type { RoundUse } from '@/core/rounds/use'
import { roundUseWords } from '@/text/rounds'
import { runSentence } from '@/text/run'
import { day, daysAgo } from '@/text/days'
import type { ChangeSeen } from '@/views/changed-clubs'
import type { ReferenceStock } from './reference-stock'
import { ClubChange } from '../../shared/changes/club-changes'
import { InWind } from '../gaps/rules'
import { ByHand } from './by-hand'
import { LeftOutList } from './left-out-list'
import { TryAgainst } from './try-against'

type Props = {
  golfer: Golfer
  bag: Bag
  title: string
  stock: Stock
  shots: StationShots
  name: (id: string) => string
  reference: ReferenceStock | undefined
  inRounds: RoundUse | undefined
  change: ChangeSeen | undefined
  nowMs: number
}

/** What stands behind one stock: its shots, what was left out and why, and the number under every rule. */
export function StationDetails({
  golfer,
  bag,
  title,
  stock,
  shots,
  name,
  reference,
  inRounds,
  change,
  nowMs,
}: Props) {
  const club = bag.clubs.find(({ id }) => id === stock.clubId)
  const off = offCurveSentence(stock.offCurve, golfer, club?.build.loftMeasured)
  const { missed, sdM, restedByM } = stock
  const odd = oddSentence(stock, golfer)
  const run = ordinaryRun(stock)
  const newestMs = Math.max(0, ...shots.map(({ hitMs }) => hitMs))
  return (
    <div className="station-details">
      <div className="shots">
        <StationStrip golfer={golfer} name={title} stock={stock} shots={shots} />
        {stock.leftOut.length > 0 && (
          <>
            <h3>Left out</h3>
            <LeftOutList golfer={golfer} leftOut={stock.leftOut} name={name} />
          </>
        )}
      </div>
      <div>
        <table className="schools">
          <caption>Other ways to count, {golfer.lengthUnit}</caption>
          <tbody>
            {choicesIn(RULE_NAME).map(([rule, ruleName]) => {
              const carryM = stock.byStockRule[rule]
              return carryM === undefined ? null : (
                <tr key={rule} className={rule === golfer.stockRule ? 'own' : ''}>
                  <th scope="row">{ruleName}</th>
                  <td>{len(carryM, golfer, 1)}</td>
                </tr>
              )
            })}
          </tbody>
        </table>
        {isHit(stock) && (
          <p>
            90% interval {len(stock.lowM, golfer, 1)}–{len(stock.highM, golfer, 1)}, with what changes from
            day to day. Typical range {len(stock.reachM[0], golfer)}–{len(stock.reachM[1], golfer)}: 8 of 10
            good shots.
            {sdM !== undefined && ` Good shots scatter by ${lenUnit(sdM, golfer, 1)} (standard deviation).`}
          </p>
        )}
        {stock.shortestM !== undefined && (
          <p>The shortest good shot carried {lenUnit(stock.shortestM, golfer, 1)}.</p>
        )}
        {run && <p>{runSentence(run, golfer)}</p>}
        {missed && stock.carryM !== undefined && (
          <p>
            A bad one carries {lenUnit(missed.carryM, golfer)}, {percent(missed.carryM / stock.carryM)} of it
            (from {count(missed.count, 'shot')}).
          </p>
        )}
        {stock.older !== undefined && (
          <p>
            It is made of the newest {stock.count + stock.leftOut.length} of{' '}
            {count(stock.count + stock.leftOut.length + stock.older, 'shot')} of twelve months: older ones
            would change it by less than a day does.
          </p>
        )}
        {change && (
          <p>
            {name(change.clubId)}: <ClubChange change={change} golfer={golfer} /> Shots from before stay with
            what it was.
          </p>
        )}
        {newestMs > 0 && <p>The newest shot is {daysAgo(newestMs, nowMs)}.</p>}
        {reference?.old && (
          <p>
            {count(reference.old.shots, 'shot')} over a year old, the newest of {day(reference.old.newestMs)}.{' '}
            {reference.old.shots === 1 ? 'It does' : 'They do'} not count any more.
          </p>
        )}
        {reference && reference.onCourse > 0 && (
          <p>{count(reference.onCourse, 'shot')} hit on the course, not counted.</p>
        )}
        {inRounds && <p>{roundUseWords(inRounds, golfer)}</p>}
        {restedByM !== undefined && (
          <p>You tire: the stock is that of the rested golfer, {lenUnit(restedByM, golfer, 1)} longer.</p>
        )}
        <InWind golfer={golfer} stock={stock} />
        {odd && <p>{odd}</p>}
        {off && <p>{off}</p>}
        <p>
          <Link href={`/golfers/${golfer.id}/compare?a=club:${stock.clubId}`}>Compare this club</Link> with
          another, or with what it was;{' '}
          <Link href={`/golfers/${golfer.id}/history?club=${stock.clubId}`}>see it over time</Link>.
        </p>
        <TryAgainst golfer={golfer} bag={bag} station={stock} />
        <ByHand golfer={golfer} stock={stock} title={title} />
      </div>
    </div>
  )
}
