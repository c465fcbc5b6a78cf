import type { BagAnalysis } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import type { Step } from '@/core/gaps/step'
import type { Golfer } from '@/core/golfer'
import { clubNames } from './names'
import { count, len, UNIT_NAME } from './numbers'
import { sureness, verdictWords } from './reasons'

/** How much a verdict asks of the golfer: what is wrong comes first. */
const WEIGHT: Record<string, number> = { reversed: 4, wide: 3, narrow: 2, 'on-the-line': 1, even: 0 }
/** A wrong step that only leans is named before a right one that is settled. */
const SURE: Record<ReturnType<typeof sureness>, number> = { settled: 20, line: 20, leaning: 10, open: 0 }

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
