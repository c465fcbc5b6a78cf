import type { Mark } from '@/core/shots/mark'
import type { Flight } from '@/core/shots/shot'
import { lengthIn, mpsFrom, yards } from '@/core/units'
import type { Dice } from './dice'
import type { HiddenClub, HiddenGolfer } from './hidden-golfer'

/** A simulated shot with what it truly was. */
export type SimulatedShot = { flight: Flight & { carryM: number }; truth: Mark }

/** How misses are shared out among their kinds. */
const MISSES = { fat: 0.35, thin: 0.25, 'off-centre': 0.25, wild: 0.15 }

/**
 * One shot of a hidden golfer.
 * @param position how many shots the golfer has hit in this session before
 */
export function hitShot(
  golfer: HiddenGolfer,
  club: HiddenClub,
  { swing, position }: { swing: string; position: number },
  dice: Dice,
): SimulatedShot {
  const share = swing === 'full' ? 1 : (golfer.shares[swing] ?? 0.8)
  const driver = golfer.clubs[0] ?? club
  const usualSpeedMph =
    (60 + 0.355 * lengthIn(driver.trueCarryM, 'yd')) * ((club.trueCarryM * share) / driver.trueCarryM) ** 0.6
  const tired = Math.log(1 - golfer.tires) * (position / 90)
  const truth: Mark = dice.chance(golfer.misread)
    ? 'misread'
    : dice.chance(golfer.missed)
      ? dice.pick(MISSES)
      : 'solid'

  // A good shot: a little skewed to the short side.
  const z = dice.normal(0, 1)
  const scatter = golfer.spread * (swing === 'full' ? 1 : 1.15) * (z - 0.1 * (z * z - 1))
  let carry = 1.4 * tired + scatter
  let speed = tired + 0.5 * scatter + dice.normal(0, 0.2 * golfer.spread)
  let launch = 1 + dice.normal(0, 0.06)
  let offline = dice.normal(0.005, 0.03)
  if (truth === 'fat' || truth === 'off-centre') {
    const lost = truth === 'fat' ? dice.between(0.08, 0.25) : dice.between(0.04, 0.1)
    speed += Math.log(1 - lost)
    carry += 1.35 * Math.log(1 - lost)
    if (truth === 'off-centre') offline += (dice.chance(0.5) ? 1 : -1) * dice.between(0.03, 0.09)
  } else if (truth === 'thin') {
    launch *= dice.between(0.35, 0.7)
    speed += Math.log(1 - dice.between(0, 0.08))
    carry += Math.log(1 - dice.between(0.03, 0.22))
  } else if (truth === 'wild') {
    offline += (dice.chance(0.5) ? 1 : -1) * dice.between(0.12, 0.28)
    carry -= dice.between(0.01, 0.08)
  } else if (truth === 'misread') {
    if (golfer.measures.speed && dice.chance(0.5)) speed += Math.log(dice.between(0.5, 0.8))
    else carry += Math.log(dice.chance(0.5) ? dice.between(0.3, 0.7) : dice.between(1.3, 1.9))
  }

  const carryM = club.trueCarryM * share * Math.exp(carry)
  const launchDeg = (8 + 0.36 * (club.loftDeg - (swing === 'full' ? 0 : 6)) + golfer.launchOffDeg) * launch
  const spinRpm = (2700 + 160 * (club.loftDeg - 10.5)) * golfer.spinFactor * (1 + dice.normal(0, 0.08))
  const landingDeg = Math.min(62, 26 + 0.5 * club.loftDeg + launchDeg * 0.25 + dice.normal(0, 1))
  const { measures } = golfer
  return {
    truth,
    flight: {
      carryM: tenthOfAYard(carryM),
      totalM: tenthOfAYard(carryM + yards(Math.max(-2, (53 - landingDeg) * 1.15))),
      ...(measures.speed && { ballSpeedMps: mpsFrom(round(usualSpeedMph * Math.exp(speed), 1), 'mph') }),
      ...(measures.speed && {
        clubSpeedMps: mpsFrom(round((usualSpeedMph * Math.exp(tired)) / smash(club), 1), 'mph'),
      }),
      ...(measures.launch && { launchDeg: round(launchDeg, 1) }),
      ...(measures.spin && { spinRpm: round(spinRpm, 0) }),
      offlineM: tenthOfAYard(carryM * offline),
      ...(measures.launch && {
        peakM: tenthOfAYard(peak(carryM, launchDeg, landingDeg)),
        landingDeg: round(landingDeg, 1),
      }),
    },
  }
}

/** Height of a path that leaves and lands at these angles. */
function peak(carryM: number, launchDeg: number, landingDeg: number): number {
  const up = Math.tan((launchDeg * Math.PI) / 180)
  const down = Math.tan((landingDeg * Math.PI) / 180)
  return (carryM * up * down * 0.92) / (up + down)
}

const smash = (club: HiddenClub): number => 1.5 - 0.0055 * Math.max(0, club.loftDeg - 10)
const tenthOfAYard = (metres: number): number => yards(round(lengthIn(metres, 'yd'), 1))
const round = (value: number, digits: number): number => Number(value.toFixed(digits))
