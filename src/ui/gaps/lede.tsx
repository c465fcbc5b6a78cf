import type { ReactNode } from 'react'
import type { BagAnalysis } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import { clubNames } from '@/words/names'
import { count, len, lenUnit, percent } from '@/words/numbers'
import { nextLine, sureness } from '@/words/reasons'

/** A sentence names this many holes, the widest; the drawing shows all. */
const MOST_HOLES = 3

/** What matters beside the finding: what is settled, what to hit, holes and cover. */
export function lede(
  { steps, stocks, holes, cover, goal, next }: BagAnalysis,
  bag: Bag,
  golfer: Golfer,
): ReactNode {
  const name = clubNames(bag)
  const settled = ['wide', 'narrow', 'reversed', 'even'].flatMap((verdict) => {
    const n = steps.filter((step) => step.settled && step.verdict === verdict).length
    return n > 0 ? [{ verdict, n }] : []
  })
  const of = (sure: ReturnType<typeof sureness>) =>
    steps.filter((step) => step.stepM !== undefined && sureness(step) === sure).length
  const unknown = steps.filter((step) => step.stepM === undefined).length
  const carries = stocks.flatMap((stock) => stock.carryM ?? [])
  const unit = golfer.lengthUnit
  const parts: ReactNode[] = [
    ...settled.map(({ verdict, n }) => (
      <b key={verdict} style={{ color: `var(--${verdict === 'reversed' ? 'flip' : verdict})` }}>
        {n} {verdict}
      </b>
    )),
    ...(of('line') > 0 ? [`${of('line')} on the line`] : []),
    ...(of('leaning') > 0 ? [`${of('leaning')} leaning`] : []),
    ...(of('open') > 0 ? [`${of('open')} open`] : []),
    ...(unknown > 0 ? [`${unknown} without shots`] : []),
  ]
  const spans = (list: [number, number][]) => {
    const seen = list.filter(([from, to]) => len(from, golfer) !== len(to, golfer))
    const widest = seen.toSorted(([a, b], [c, d]) => d - c - (b - a)).slice(0, MOST_HOLES)
    const named = seen
      .filter((hole) => widest.includes(hole))
      .map(([from, to]) => `${len(from, golfer)}–${len(to, golfer)}`)
    return seen.length > MOST_HOLES
      ? `${named.join(', ')} and ${seen.length - MOST_HOLES} more`
      : named.join(', ')
  }
  return (
    <>
      {goal && golfer.goalZoneM && (
        <>
          Your goal zone {len(golfer.goalZoneM[0], golfer)} to {len(golfer.goalZoneM[1], golfer)}:{' '}
          {spans(goal.holes) === '' ? 'no hole' : <>nothing lands on {spans(goal.holes)}</>}.{' '}
        </>
      )}
      {count(steps.length, 'step')}: {parts.map((part, i) => (i === 0 ? part : [', ', part]))}.{' '}
      {cover !== undefined && (
        <>
          A stock within {lenUnit(golfer.toleranceM, golfer)} of <b>{percent(cover)}</b> of the distances from{' '}
          {len(Math.min(...carries), golfer)} to {len(Math.max(...carries), golfer)} {unit}
          {spans(holes) !== '' && <>; holes at {spans(holes)}</>}.{' '}
        </>
      )}
      {next.length > 0 ? (
        <>
          Hit next: <b>{nextLine(next, name)}</b>.
        </>
      ) : (
        steps.some((step) => !step.settled) && 'More shots would change nothing now: let it rest.'
      )}
    </>
  )
}
