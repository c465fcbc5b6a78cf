import type { Dice } from './dice'
import type { Hit } from './hit-session'
import { flown, struckWell, type Struck } from './hit-shot'

/** Student's t with four degrees of freedom, scaled to the spread that the golfer has. */
const TAIL_DF = 4
const TAIL_SCALE = Math.SQRT1_2

/**
 * A second generator, unlike the first in how misses look.
 * - other: losses are smooth from a little to a lot, carry follows speed less closely, launch hardly
 *   changes, wild ones end anywhere to either side
 * - hiding: most misses lose only a few per cent, so that they lie among the good ones
 * - heavy-tails: good shots scatter by Student's t with four degrees of freedom
 */
export const hitOtherwise =
  (kind: 'other' | 'hiding' | 'heavy-tails'): Hit =>
  (golfer, club, where, dice) => {
    // Student's t is a normal over the root of a chi-square over its degrees of freedom.
    const tail = kind === 'heavy-tails' ? TAIL_SCALE / Math.sqrt(meanSquare(TAIL_DF, dice)) : 1
    const good = struckWell(golfer, club, where, dice, tail)
    if (dice.chance(golfer.misread))
      return flown(golfer, club, where, dice, { ...good, truth: 'misread', misread: 'carry' })
    const struck = dice.chance(golfer.missed) ? missed(kind, good, dice) : good
    return flown(golfer, club, where, dice, struck)
  }

function missed(kind: 'other' | 'hiding' | 'heavy-tails', good: Struck, dice: Dice): Struck {
  const truth = dice.pick({ fat: 0.4, thin: 0.2, 'off-centre': 0.25, wild: 0.15 })
  const { strike, line } = good
  const slower = (lost: number) => strike.speed + Math.log(1 - lost)
  if (kind === 'hiding')
    return { ...good, truth, strike: { ...strike, speed: slower(dice.between(0.015, 0.05)) } }
  const lost = -0.05 * Math.log(1 - dice.between(0, 0.98)) + 0.03
  return {
    ...good,
    truth,
    strike: {
      speed: slower(Math.min(0.4, lost)),
      loftDeg: strike.loftDeg + dice.normal(0, 2),
      launch: truth === 'thin' ? dice.between(0.6, 0.95) : 1,
    },
    line: truth === 'wild' ? line + dice.normal(0, 0.15) : line,
  }
}

const meanSquare = (n: number, dice: Dice): number =>
  Array.from({ length: n }, () => dice.normal(0, 1) ** 2).reduce((sum, each) => sum + each, 0) / n
