import { REFERENCE_AIR, type Air } from '@/core/model/air'
import type { Launch } from '@/core/flight/fly'
import { noFurtherBack, runOf } from '@/core/flight/ground'
import type { Mark } from '@/core/model/mark'
import type { Flight } from '@/core/shots/flight-fields'
import { lengthIn, yards } from '@/core/units'
import type { Dice } from './dice'
import type { HiddenClub, HiddenGolfer } from './hidden-golfer'
import { landed, launchOf, lineSdOf, tenthOfAMph, usualStrike, type Strike } from './strike'

/** A simulated shot with what it truly was. */
export type SimulatedShot = {
  flight: Flight & { carryM: number }
  truth: Mark
  /** How the ball left the club, before the monitor read it. */
  launch: Launch
}
export type Where = {
  swing: string
  /** How many shots the golfer has hit in this session before. */
  position: number
  /** The air that carries the ball; the reference air unless said. */
  air?: Air
}

/** What a strike and its line come out as, and what the monitor makes of them. */
export type Struck = {
  truth: Mark
  strike: Strike
  /** Logarithm of the club's speed over the usual one. */
  clubSpeed: number
  line: number
  misread?: 'speed' | 'carry'
}

/** How much of the scatter of ball speed comes from the swing, and how much from how the ball is met: squares add to one. */
const [SWUNG, MET] = [0.8, 0.6]
/** How misses are shared out among their kinds. */
export const MISSES = { fat: 0.33, thin: 0.235, 'off-centre': 0.235, wild: 0.14, topped: 0.06 }
/** A topped or chunked ball loses this much of its speed, and starts this low beside a good one. */
export const TOPPED = { lost: [0.25, 0.7], launch: [0.3, 1] } as const

/** One shot of a hidden golfer: a launch about the usual one, flown, and read by the monitor. */
export function hitShot(golfer: HiddenGolfer, club: HiddenClub, where: Where, dice: Dice): SimulatedShot {
  const good = struckWell(golfer, club, where, dice)
  if (dice.chance(golfer.misread))
    return flown(golfer, club, where, dice, {
      ...good,
      truth: 'misread',
      misread: golfer.measures.speed && dice.chance(0.5) ? 'speed' : 'carry',
    })
  return flown(golfer, club, where, dice, dice.chance(golfer.missed) ? missed(good, golfer, dice) : good)
}

/** A shot that is topped or chunked. */
export const hitTopped = (golfer: HiddenGolfer, club: HiddenClub, where: Where, dice: Dice): SimulatedShot =>
  flown(golfer, club, where, dice, topped(struckWell(golfer, club, where, dice), dice))

/** A good shot, a little skewed to the short side, by a golfer who tires. */
export function struckWell(
  golfer: HiddenGolfer,
  club: HiddenClub,
  { swing, position }: Where,
  dice: Dice,
  tail = 1,
): Struck {
  const { speedSd, loftSdDeg } = usualStrike(golfer, club, swing)
  const swung = dice.normal(0, 1) * tail
  const z = SWUNG * swung + MET * dice.normal(0, 1) * tail
  const tired = Math.log(1 - golfer.tires) * (position / 90)
  return {
    truth: 'solid',
    clubSpeed: tired + SWUNG * speedSd * swung,
    strike: { speed: tired + speedSd * (z - 0.1 * (z * z - 1)), loftDeg: dice.normal(0, loftSdDeg) * tail },
    line: dice.normal(0.005, lineSdOf(golfer.spread)),
  }
}

/** The same strike, but that the ball was hit on its top, or the ground far behind it. */
const topped = (good: Struck, dice: Dice): Struck => ({
  ...good,
  truth: 'thin',
  strike: {
    ...good.strike,
    speed: good.strike.speed + Math.log(1 - dice.between(...TOPPED.lost)),
    launch: dice.between(...TOPPED.launch),
  },
})

function missed(good: Struck, { spread }: HiddenGolfer, dice: Dice): Struck {
  const truth = dice.pick(MISSES)
  if (truth === 'topped') return topped(good, dice)
  const { strike } = good
  const slower = (least: number, most: number): Strike => ({
    ...strike,
    speed: strike.speed + Math.log(1 - dice.between(least, most)),
  })
  const aside = (least: number, most: number) =>
    (dice.chance(0.5) ? 1 : -1) * dice.between(least, most) * lineSdOf(spread)
  if (truth === 'fat') return { ...good, truth, strike: slower(0.08, 0.25) }
  if (truth === 'thin')
    return {
      ...good,
      truth,
      strike: { ...slower(0.02, 0.1), launch: dice.between(0.35, 0.7), spin: dice.between(0.7, 1) },
    }
  if (truth === 'off-centre')
    return { ...good, truth, strike: slower(0.04, 0.1), line: good.line + aside(0.8, 2.4) }
  return { ...good, truth, strike: slower(0.01, 0.05), line: good.line + aside(3.5, 8) }
}

/** Flies a strike, and reads it as the golfer's monitor does. */
export function flown(
  golfer: HiddenGolfer,
  club: HiddenClub,
  { swing, air = REFERENCE_AIR }: Where,
  dice: Dice,
  { truth, strike, clubSpeed, line, misread }: Struck,
): SimulatedShot {
  const usual = usualStrike(golfer, club, swing)
  const launch = launchOf(usual, strike)
  const { carryM: flewM, landing, landingDeg, peakM } = landed(launch, air)
  const carryM =
    misread === 'carry' ? flewM * (dice.chance(0.5) ? dice.between(0.3, 0.7) : dice.between(1.3, 1.9)) : flewM
  const speedMps = launch.ballSpeedMps * (misread === 'speed' ? dice.between(0.5, 0.8) : 1)
  const { measures } = golfer
  return {
    truth,
    launch,
    flight: {
      carryM: tenthOfAYard(carryM),
      totalM: tenthOfAYard(carryM + noFurtherBack(runOf(landing, 'normal'), carryM)),
      ...(measures.speed && {
        ballSpeedMps: tenthOfAMph(speedMps),
        clubSpeedMps: tenthOfAMph(usual.clubSpeedMps * Math.exp(clubSpeed)),
      }),
      ...(measures.launch && { launchDeg: launch.launchDeg }),
      ...(measures.spin && { spinRpm: launch.spinRpm }),
      offlineM: tenthOfAYard(carryM * line),
      ...(measures.launch && { peakM: tenthOfAYard(peakM), landingDeg: Number(landingDeg.toFixed(1)) }),
    },
  }
}

const tenthOfAYard = (metres: number): number => yards(Number(lengthIn(metres, 'yd').toFixed(1)))
