import type { ReactNode } from 'react'
import type { BagAnalysis } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import { DEFAULT_TOLERANCE_M } from '@/core/gaps/cover'
import type { Step } from '@/core/gaps/step'
import type { Golfer } from '@/core/golfer'
import { clubNames } from '../words/names'
import { count, len, lenUnit, percent, UNIT_NAME } from '../words/numbers'
import { nextLine, sureness, verdictWords } from '../words/reasons'

/** How much a verdict asks of the golfer: what is wrong comes first. */
const WEIGHT: Record<string, number> = { reversed: 4, wide: 3, narrow: 2, 'on-the-line': 1, even: 0 }
/** A wrong step that only leans is named before a right one that is settled. */
const SURE: Record<ReturnType<typeof sureness>, number> = { settled: 20, line: 20, leaning: 10, open: 0 }

/** A sentence names this many holes, the widest; the drawing shows all. */
const MOST_HOLES = 3

/** The page's one sentence, and the step that it is about. */
export function finding(
  bag: Bag,
  { steps, stocks }: BagAnalysis,
  golfer: Golfer,
): { sentence: string; step: number } {
  const name = clubNames(bag)
  const asks = (step: Step) => {
    const weight = WEIGHT[step.verdict] ?? 0
    return (weight > 1 ? 100 + SURE[sureness(step)] : SURE[sureness(step)]) + weight
  }
  const ranked = steps
    .map((step, i) => ({ step, i }))
    .filter(({ step }) => step.stepM !== undefined)
    .sort((a, b) => asks(b.step) - asks(a.step) || Math.abs(b.step.stepM ?? 0) - Math.abs(a.step.stepM ?? 0))
  const sure = ranked.filter(({ step }) => sureness(step) !== 'open')
  const first = sure[0] ?? ranked[0]
  if (!first) {
    const hit = stocks.filter((stock) => stock.carryM !== undefined).length
    return { sentence: `${count(hit, 'stock')} so far, and no two neighbours yet`, step: 0 }
  }
  const { step, i } = first
  const pair = `${name(step.longerId)} to ${name(step.shorterId)}`
  const long = `${len(step.stepM as number, golfer)} ${UNIT_NAME[golfer.lengthUnit]}`
  if (sureness(step) === 'open')
    return { sentence: `No step is settled yet: ${pair} measures ${long}`, step: i }
  return { sentence: `${pair} is ${long}: ${verdictWords(step)}`, step: i }
}

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
          A stock within {lenUnit(DEFAULT_TOLERANCE_M, golfer)} of <b>{percent(cover)}</b> of the distances
          from {len(Math.min(...carries), golfer)} to {len(Math.max(...carries), golfer)} {unit}
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
