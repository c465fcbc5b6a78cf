import type { ReactNode } from 'react'
import type { BagAnalysis } from '@/core/analyse-bag'
import { DEFAULT_TOLERANCE_M } from '@/core/gaps/cover'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import type { Step } from '@/core/gaps/step'
import { verdictName } from '../words/names'
import { count, len, lenUnit, percent, UNIT_NAME } from '../words/numbers'

/** How much a settled verdict asks of the golfer: what is wrong comes first. */
const WEIGHT: Record<string, number> = { reversed: 4, wide: 3, narrow: 2, 'on-the-line': 1, even: 0 }

/** A sentence names this many holes, the widest; the drawing shows all. */
const MOST_HOLES = 3

/** The page's one sentence, and the step that it is about. */
export function finding(
  bag: Bag,
  { steps, stocks }: BagAnalysis,
  golfer: Golfer,
): { sentence: string; step: number } {
  const name = (id: string) => bag.clubs.find((club) => club.id === id)?.name ?? ''
  const size = (step: Step) => Math.abs(step.stepM ?? 0)
  const ranked = steps
    .map((step, i) => ({ step, i }))
    .filter(({ step }) => step.stepM !== undefined)
    .sort(
      (a, b) =>
        Number(b.step.settled) - Number(a.step.settled) ||
        (WEIGHT[b.step.verdict] ?? 0) - (WEIGHT[a.step.verdict] ?? 0) ||
        size(b.step) - size(a.step),
    )
  const first = ranked[0]
  if (!first) {
    const hit = stocks.filter((stock) => stock.carryM !== undefined).length
    return { sentence: `${count(hit, 'stock')} so far, and no two neighbours yet`, step: 0 }
  }
  const { step, i } = first
  const pair = `${name(step.longerId)} to ${name(step.shorterId)}`
  const long = `${len(step.stepM as number, golfer)} ${UNIT_NAME[golfer.lengthUnit]}`
  if (!step.settled) return { sentence: `No step is settled yet: ${pair} measures ${long}`, step: i }
  return { sentence: `${pair} is ${long}: ${verdictName(step)}`, step: i }
}

/** What matters beside the finding: verdicts, holes and cover. */
export function lede({ steps, stocks, holes, cover, goal, next }: BagAnalysis, golfer: Golfer): ReactNode {
  const settled = ['wide', 'narrow', 'reversed', 'even'].flatMap((verdict) => {
    const n = steps.filter((step) => step.settled && step.verdict === verdict).length
    return n > 0 ? [{ verdict, n }] : []
  })
  const line = steps.filter((step) => step.verdict === 'on-the-line').length
  const open = steps.filter((step) => !step.settled && step.stepM !== undefined).length
  const unknown = steps.filter((step) => step.stepM === undefined).length
  const carries = stocks.flatMap((stock) => stock.carryM ?? [])
  const unit = golfer.lengthUnit
  const parts: ReactNode[] = [
    ...settled.map(({ verdict, n }) => (
      <b key={verdict} style={{ color: `var(--${verdict === 'reversed' ? 'flip' : verdict})` }}>
        {n} {verdict}
      </b>
    )),
    ...(line > 0 ? [`${line} on the line`] : []),
    ...(open > 0 ? [`${open} not settled`] : []),
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
      {next.length > 0 && `${count(next.length, 'club')} lack shots for a verdict.`}
    </>
  )
}
