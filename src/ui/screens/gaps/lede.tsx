import type { ReactNode } from 'react'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { clubNames } from '@/text/names'
import { count, len, percent } from '@/text/numbers'
import { nextLine } from '@/text/reasons'
import { demandWords } from '@/text/rounds'
import { demandBetween, byDemand, type Demand } from '@/core/gaps/demand'
import { overUnhitWords, confidence } from '@/text/verdicts'
import { VERDICT_TABLE } from '@/text/verdict-table'
import { isMeasured, VERDICTS } from '@/core/gaps/gap'
import { INK_TOKEN } from '../../shared/drawing/inks'

/** A sentence names this many uncovered distances, those that were faced most, then the widest; the drawing shows all. */
const MOST_RANGES = 3

/** What matters beside the finding: what is settled, what to hit, uncovered distances and cover. */
export function lede(
  { gaps, stocks, overUnhit, uncovered, maybeUncovered, cover, goal, next }: BagAnalysis,
  bag: Bag,
  golfer: Golfer,
  demand: Demand,
): ReactNode {
  const name = clubNames(bag)
  const judged = gaps.filter((gap) => gap.leftOnPurpose === undefined)
  const left = gaps.length - judged.length
  const settled = VERDICTS.filter((verdict) => verdict !== 'borderline' && verdict !== 'not-judged').flatMap(
    (verdict) => {
      const n = judged.filter((gap) => gap.settled && gap.verdict === verdict).length
      return n > 0 ? [{ verdict, n }] : []
    },
  )
  const of = (sure: ReturnType<typeof confidence>) =>
    judged.filter((gap) => isMeasured(gap) && confidence(gap) === sure).length
  const unknown = gaps.filter((gap) => !isMeasured(gap)).length
  const carries = stocks.flatMap((stock) => stock.carryM ?? [])
  const unit = golfer.lengthUnit
  const parts: ReactNode[] = [
    ...settled.map(({ verdict, n }) => (
      <b
        key={verdict}
        style={{
          color: `var(${INK_TOKEN[verdict]})`,
        }}
      >
        {n} {VERDICT_TABLE[verdict].name}
      </b>
    )),
    ...(of('line') > 0 ? [`${of('line')} borderline`] : []),
    ...(of('leaning') > 0 ? [`${of('leaning')} likely`] : []),
    ...(of('open') > 0 ? [`${of('open')} not clear yet`] : []),
    ...(unknown > 0 ? [`${unknown} without shots`] : []),
    ...(left > 0 ? [`${left} kept as is`] : []),
  ]
  const isSeen = ([from, to]: [number, number]) => len(from, golfer) !== len(to, golfer)
  const spans = (list: [number, number][]) => {
    const seen = list.filter(isSeen)
    const first = byDemand(seen, demand).slice(0, MOST_RANGES)
    const named = seen
      .filter((range) => first.includes(range))
      .map(([from, to]) => `${len(from, golfer)}–${len(to, golfer)}`)
    return seen.length > MOST_RANGES
      ? `${named.join(', ')} and ${seen.length - MOST_RANGES} more`
      : named.join(', ')
  }
  const [worst] = byDemand(uncovered.filter(isSeen), demand)
  return (
    <>
      {count(gaps.length, 'gap')}: {parts.map((part, i) => (i === 0 ? part : [', ', part]))}.{' '}
      {goal && golfer.goalZoneM && (
        <>
          Focus distances {len(golfer.goalZoneM[0], golfer)}–{len(golfer.goalZoneM[1], golfer)}:{' '}
          {spans(goal.uncovered) === ''
            ? goal.maybeUncovered.length > 0
              ? 'not known yet'
              : 'all have a club'
            : `no club for ${spans(goal.uncovered)}`}
          .{' '}
        </>
      )}
      {cover !== undefined && (
        <>
          You have a club for <b>{percent(cover)}</b> of {len(Math.min(...carries), golfer)}–
          {len(Math.max(...carries), golfer)} {unit}
          {spans(uncovered) !== '' && <>; no club for {spans(uncovered)}</>}
          {worst && demandBetween(demand, worst).shots > 0 && (
            <>
              , {len(worst[0], golfer)}–{len(worst[1], golfer)} {demandWords(demand, worst)}
            </>
          )}
          {spans(maybeUncovered) !== '' && <>; {spans(maybeUncovered)} is not known yet</>}.{' '}
        </>
      )}
      {overUnhit.map((each) => `${overUnhitWords(each, stocks, golfer, name)}. `)}
      {next.length > 0 ? (
        <>
          Hit next: <b>{nextLine(next, name)}</b>.
        </>
      ) : (
        gaps.some((gap) => !gap.settled) && 'More shots will not change a verdict now.'
      )}
    </>
  )
}
