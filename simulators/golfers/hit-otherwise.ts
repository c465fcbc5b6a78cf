import type { Mark } from '@/core/shots/mark'
import { metresFrom, speedIn, mpsFrom, lengthIn } from '@/core/units'
import type { Dice } from './dice'
import type { Hit } from './hit-session'
import { hitShot } from './hit-shot'

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
    const good = hitShot({ ...golfer, missed: 0, spread: golfer.spread * tail }, club, where, dice)
    let [carry, speed, launch, line] = [0, 0, 1, 0]
    let truth: Mark = good.truth
    if (good.truth === 'solid' && dice.chance(golfer.missed)) {
      truth = dice.pick({ fat: 0.4, thin: 0.2, 'off-centre': 0.25, wild: 0.15 })
      if (kind === 'hiding') {
        const lost = dice.between(0.02, 0.07)
        speed = Math.log(1 - lost * 0.7)
        carry = Math.log(1 - lost)
      } else {
        const lost = -0.05 * Math.log(1 - dice.between(0, 0.98)) + 0.03
        speed = Math.log(1 - Math.min(0.4, lost))
        carry = dice.between(0.9, 1.8) * speed
        if (truth === 'thin') launch = dice.between(0.6, 0.95)
        if (truth === 'wild') line = dice.normal(0, 0.15)
      }
    }
    const { flight } = good
    const carryM = tenth(flight.carryM * Math.exp(carry))
    return {
      truth,
      flight: {
        ...flight,
        carryM,
        offlineM: (flight.offlineM ?? 0) * Math.exp(carry) + line * carryM,
        ...(flight.ballSpeedMps !== undefined && {
          ballSpeedMps: mpsFrom(
            Number(speedIn(flight.ballSpeedMps * Math.exp(speed), 'mph').toFixed(1)),
            'mph',
          ),
        }),
        ...(flight.launchDeg !== undefined && { launchDeg: flight.launchDeg * launch }),
      },
    }
  }

const meanSquare = (n: number, dice: Dice): number =>
  Array.from({ length: n }, () => dice.normal(0, 1) ** 2).reduce((sum, each) => sum + each, 0) / n

const tenth = (metres: number): number => metresFrom(Number(lengthIn(metres, 'yd').toFixed(1)), 'yd')
