import type { BagAnalysis } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import type { Step } from '@/core/gaps/step'
import { lengthIn } from '@/core/units'
import { fixed, len, plusMinus } from '@/words/numbers'
import { needWords, sureness, verdictLook, verdictWords } from '@/words/reasons'
import type { StairData } from './stair'

/**
 * The stair of a golfer's bag, in the golfer's unit.
 * @param chosen place of the step that is looked at; −1 for none
 */
export function stairOfBag(
  golfer: Golfer,
  clubs: Bag['clubs'],
  { stocks, steps, holes }: BagAnalysis,
  chosen: number,
): StairData {
  const at = (metres: number) => lengthIn(metres, golfer.lengthUnit)
  return {
    holes: holes.map(([from, to]) => [at(from), at(to)]),
    steps: steps.map((step, i) =>
      step.stepM === undefined
        ? null
        : {
            verdict: verdictLook(step),
            sureness: stairSureness(step),
            number: fixed(at(step.stepM), 0),
            word: verdictWords(step),
            shortWord: sureness(step) === 'leaning' ? `leans ${step.verdict}` : verdictWords(step),
            need: needWords(step),
            chosen: i === chosen,
          },
    ),
    clubs: clubs.map((club) => {
      const stock = stocks.find((each) => each.clubId === club.id && each.swing === 'full')
      const loft = club.loftDeg === null ? '' : `${club.loftDeg}°`
      if (
        stock?.carryM === undefined ||
        stock.lowM === undefined ||
        stock.highM === undefined ||
        !stock.reachM
      ) {
        return { name: club.name, loft }
      }
      return {
        name: club.name,
        loft,
        stock: {
          at: at(stock.carryM),
          low: at(stock.lowM),
          high: at(stock.highM),
          reach: [at(stock.reachM[0]), at(stock.reachM[1])],
          ...(stock.averages.totalM !== undefined && { total: at(stock.averages.totalM) }),
          text: len(stock.carryM, golfer),
          note: `±${plusMinus(stock.lowM, stock.highM, golfer)} · ${stock.count}`,
        },
      }
    }),
  }
}

function stairSureness(step: Step): 'settled' | 'leaning' | 'open' {
  const sure = sureness(step)
  return sure === 'line' ? 'open' : sure
}
