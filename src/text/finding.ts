import type { BagAnalysis } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import { isMeasured, type Step, type Verdict } from '@/core/gaps/step'
import type { Golfer } from '@/core/golfer'
import { atStation, fullSwingOf } from '@/core/station'
import { clubNames } from './names'
import { count, fixed, len, UNIT_NAME } from './numbers'
import { drawnStep, sureness, verdictWords } from './verdicts'
import { isOfShots } from '@/core/stock/stock'

/** How much a verdict asks of the golfer: what is wrong comes first. */
const WEIGHT: Record<Verdict, number> = {
  reversed: 5,
  level: 4,
  wide: 3,
  narrow: 2,
  'on-the-line': 1,
  even: 0,
  unknown: 0,
}
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
    // What the golfer wants as it is asks nothing.
    if (step.leftOnPurpose !== undefined) return -1
    const weight = WEIGHT[step.verdict]
    return (weight > 1 ? 100 + SURE[sureness(step)] : SURE[sureness(step)]) + weight
  }
  const ranked = steps
    .map((step, i) => ({ step, i }))
    .filter(({ step }) => isMeasured(step))
    .sort((a, b) => asks(b.step) - asks(a.step) || Math.abs(b.step.stepM ?? 0) - Math.abs(a.step.stepM ?? 0))
  const sure = ranked.filter(({ step }) => sureness(step) !== 'open')
  const first = sure[0] ?? ranked[0]
  if (!first) {
    const hit = stocks.filter(isOfShots).length
    return { sentence: `${count(hit, 'stock')} so far, and no two neighbours yet`, step: 0 }
  }
  const { step, i } = first
  const pair = `${name(step.longerId)} to ${name(step.shorterId)}`
  const drawn = drawnStep(step, stocks, golfer) ?? 0
  const unit = UNIT_NAME[golfer.lengthUnit]
  const long = `${fixed(drawn, 0)} ${Math.abs(drawn) === 1 ? unit.slice(0, -1) : unit}`
  if (sureness(step) === 'open')
    return { sentence: `No step is settled yet: ${pair} measures ${long}`, step: i }
  if (step.verdict === 'level') {
    const carries = [step.longerId, step.shorterId].map((id) => {
      const stock = atStation(stocks, fullSwingOf(id))
      return len(stock?.carryM ?? 0, golfer)
    })
    const both = carries[0] === carries[1] ? `both ${carries[0]}` : carries.join(' and ')
    const pairs = `${name(step.longerId)} and ${name(step.shorterId)}`
    return { sentence: `${pairs} carry the same distance: ${both} ${unit}`, step: i }
  }
  return { sentence: `${pair} is ${long}: ${verdictWords(step, golfer)}`, step: i }
}
