import type { Mark } from '@/core/model/mark'
import { lengthIn, mpsFrom, yards } from '@/core/units'
import type { Dice } from './dice'
import type { HiddenClub, HiddenGolfer } from './hidden-golfer'
import type { Hit } from './hit-session'
import { MISSES, TOPPED, type Where } from './hit-shot'

/** A ball by its numbers alone: logarithms over the usual ones of its club, and its line as a share of carry. */
type Drawn = { truth: Mark; carry: number; speed: number; launch: number; line: number }

/** A good shot's speed moves half as much as its carry, and by so much of the spread besides. */
const SPEED = { ofCarry: 0.5, differences: 0.2 }
const CARRY_PER_LOST_SPEED = 1.35
const TIRED_CARRY = 1.4

/**
 * A generator in which no ball flies: carry, ball speed, launch and spin are drawn beside each other, each from its own
 * law. What a strike costs goes otherwise with the speed than in a flight, so that it shows more plainly.
 */
export const hitDrawn: Hit = (golfer, club, where, dice) => {
  const { measures } = golfer
  const good = drawnWell(golfer, where, dice)
  const ball = dice.chance(golfer.missed) ? missed(good, dice) : good
  const misread = dice.chance(golfer.misread)
    ? measures.speed && dice.chance(0.5)
      ? 'speed'
      : 'carry'
    : undefined
  const usual = usualBall(golfer, club, where)
  const carryM =
    usual.carryM *
    Math.exp(ball.carry) *
    (misread === 'carry' ? (dice.chance(0.5) ? dice.between(0.3, 0.7) : dice.between(1.3, 1.9)) : 1)
  const ballSpeedMps =
    usual.ballSpeedMps * Math.exp(ball.speed) * (misread === 'speed' ? dice.between(0.5, 0.8) : 1)
  const launchDeg = usual.launchDeg * Math.exp(ball.launch + dice.normal(0, 0.06))
  const spinRpm = usual.spinRpm * Math.exp(dice.normal(0, 0.08))
  const carry = yards(Number(lengthIn(carryM, 'yd').toFixed(1)))
  return {
    truth: misread ? 'misread' : ball.truth,
    launch: { ballSpeedMps, launchDeg, spinRpm },
    flight: {
      carryM: carry,
      ...(measures.speed && { ballSpeedMps }),
      ...(measures.launch && { launchDeg: Number(launchDeg.toFixed(1)) }),
      ...(measures.spin && { spinRpm: Math.round(spinRpm) }),
      offlineM: carry * ball.line,
    },
  }
}

function drawnWell(golfer: HiddenGolfer, { position }: Where, dice: Dice): Drawn {
  const z = dice.normal(0, 1)
  const well = golfer.spread * (z - 0.1 * (z * z - 1))
  const tired = Math.log(1 - golfer.tires) * (position / 90)
  return {
    truth: 'solid',
    carry: well + TIRED_CARRY * tired,
    speed: SPEED.ofCarry * well + dice.normal(0, SPEED.differences * golfer.spread) + tired,
    launch: 0,
    line: dice.normal(0.005, 0.045),
  }
}

function missed(good: Drawn, dice: Dice): Drawn {
  const truth = dice.pick(MISSES)
  const slower = (least: number, most: number) => {
    const lost = Math.log(1 - dice.between(least, most))
    return { speed: good.speed + lost, carry: good.carry + CARRY_PER_LOST_SPEED * lost }
  }
  const aside = (least: number, most: number) => (dice.chance(0.5) ? 1 : -1) * dice.between(least, most)
  if (truth === 'topped')
    return {
      ...good,
      truth: 'thin',
      ...slower(...TOPPED.lost),
      launch: Math.log(dice.between(...TOPPED.launch)),
    }
  if (truth === 'fat') return { ...good, truth, ...slower(0.08, 0.25) }
  if (truth === 'thin')
    return {
      ...good,
      truth,
      speed: good.speed + Math.log(1 - dice.between(0, 0.08)),
      carry: good.carry + Math.log(1 - dice.between(0.02, 0.22)),
      launch: Math.log(dice.between(0.35, 0.7)),
    }
  if (truth === 'off-centre') return { ...good, truth, ...slower(0.04, 0.1), line: aside(0.03, 0.09) }
  return { ...good, truth, ...slower(0.01, 0.04), line: aside(0.12, 0.28) }
}

/** Usual numbers of a club by its golfer's driver (from memory of practice). */
function usualBall(
  { clubs, shares, launchOffDeg, spinFactor }: HiddenGolfer,
  club: HiddenClub,
  { swing }: Where,
) {
  const driverM = (clubs[0] as HiddenClub).trueCarryM
  const carryM = club.trueCarryM * (swing === 'full' ? 1 : (shares[swing] ?? 0.8))
  return {
    carryM,
    ballSpeedMps: mpsFrom(60 + 0.355 * lengthIn(driverM, 'yd'), 'mph') * (carryM / driverM) ** 0.6,
    launchDeg: Math.max(3, 8 + 0.36 * club.loftDeg + launchOffDeg),
    spinRpm: (2700 + 160 * (club.loftDeg - 10.5)) * spinFactor,
  }
}
