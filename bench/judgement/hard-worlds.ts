import { segmentOf } from '@/core/bag/segment'
import { yards } from '@/core/units'
import type { Dice } from '../../simulators/golfers/dice'
import { makeHiddenGolfer, type HiddenClub, type HiddenGolfer } from '../../simulators/golfers/hidden-golfer'
import { hitShot, hitTopped } from '../../simulators/golfers/hit-shot'
import type { Hit } from '../../simulators/golfers/hit-session'
import { usualStrike } from '../../simulators/golfers/strike'
import { hitAll, type Order, type Trial, type TrialShot } from './trial'
import { able, usual, USUAL, withoutClubSpeed, type World } from './worlds'

/** Worlds in which the judgement has broken before, with how one of their sessions is hit. */
export type HardWorld = { name: string; hit: (shotsEach: number, order: Order, roll: Dice) => Trial }

const oneDayOf =
  (world: World): HardWorld['hit'] =>
  (shotsEach, order, roll) => {
    const golfer = world.golfer('g', roll)
    return { golfer, shots: hitAll(world, golfer, shotsEach, order, roll) }
  }

const changed = (
  name: string,
  change: (golfer: HiddenGolfer, dice: Dice) => Partial<HiddenGolfer>,
  hit: Hit = hitShot,
): HardWorld => ({ name, hit: oneDayOf({ name, golfer: able(usual(change)), hit }) })

/** The golfer's carry is longer or shorter by a share that depends on the position in the session. */
const drifting =
  (shareAt: (position: number) => number): Hit =>
  (golfer, club, where, dice) => {
    const shot = hitShot(golfer, club, where, dice)
    return { ...shot, flight: scaled(shot.flight, shareAt(where.position)) }
  }

/** Carry by a share, and ball speed by what goes with it. */
function scaled<F extends TrialShot['flight']>(flight: F, share: number): F {
  const { carryM, totalM, ballSpeedMps } = flight
  return {
    ...flight,
    carryM: carryM * (1 + share),
    ...(totalM !== undefined && { totalM: totalM * (1 + share) }),
    ...(ballSpeedMps !== undefined && { ballSpeedMps: ballSpeedMps * (1 + share) ** (1 / 1.4) }),
  }
}

/** A monitor that reads each part of the bag long or short by 2%. */
const OFF_BY_TYPE = 0.02
function offByType(): HardWorld['hit'] {
  return (shotsEach, order, roll) => {
    const trial = oneDayOf(USUAL)(shotsEach, order, roll)
    const off = {
      top: roll.normal(0, OFF_BY_TYPE),
      irons: roll.normal(0, OFF_BY_TYPE),
      wedges: roll.normal(0, OFF_BY_TYPE),
    }
    const partOf = ({ name, kind }: HiddenClub) => segmentOf({ id: name as never, kind })
    return {
      ...trial,
      shots: trial.shots.map((shot) => {
        const carryM = shot.flight.carryM * (1 + off[partOf(shot.named)])
        return { ...shot, flight: { ...shot.flight, carryM } }
      }),
    }
  }
}

/** Every gap alike, the driver's too. */
const EVEN_YD = 10.5
const evenBag = (golfer: HiddenGolfer): Partial<HiddenGolfer> => ({
  clubs: golfer.clubs.map((club, i) => ({ ...club, trueCarryM: yards(212 - EVEN_YD * i) })),
})

/** One or two of every five shots with a club are topped or chunked, besides its other misses. */
export const TOPPED_OF = 5
export function withTopped(trial: Trial, roll: Dice, become: 'topped' | 'never hit' = 'topped'): Trial {
  const { golfer, shots } = trial
  const turned = new Set(
    golfer.clubs.flatMap(({ name }) => {
      const own = shots.flatMap(({ named, truth }, i) =>
        named.name === name && truth === 'solid' ? [i] : [],
      )
      const many = roll.chance(0.5) ? 1 : 2
      return own.slice(1, 1 + Math.round((many * own.length) / TOPPED_OF))
    }),
  )
  if (become === 'never hit') return { golfer, shots: shots.filter((_, i) => !turned.has(i)) }
  return {
    golfer,
    shots: shots.map((shot, i) => {
      if (!turned.has(i)) return shot
      return {
        ...shot,
        ...hitTopped(golfer, shot.named, { swing: shot.swing, position: shot.position }, roll),
      }
    }),
  }
}

/** A list of carries that was pasted: each club's best first, and no time between them. */
function pasted(): HardWorld['hit'] {
  const world = { ...USUAL, golfer: usual(() => ({ tires: 0, measures: NOTHING })) }
  return (shotsEach, _order, roll) => {
    const { golfer, shots } = oneDayOf(world)(shotsEach, 'club after club', roll)
    const best = golfer.clubs.flatMap(({ name }) =>
      shots
        .filter(({ named }) => named.name === name)
        .sort((a, b) => b.flight.carryM - a.flight.carryM)
        .map((shot) => ({ ...shot, flight: { carryM: shot.flight.carryM } })),
    )
    return { golfer, shots: best.map((shot, position) => ({ ...shot, position, hitMs: position })) }
  }
}
const NOTHING = { speed: false, launch: false, spin: false }

/** One club's whole block was hit with its neighbour: the monitor was not told of the change. */
function wholeBlock(hit: Hit): HardWorld['hit'] {
  return (shotsEach, _order, roll) => {
    const world = { ...USUAL, hit }
    const { golfer, shots } = oneDayOf(world)(shotsEach, 'club after club', roll)
    const at = Math.floor(roll.between(2, golfer.clubs.length - 1))
    const [club, neighbour] = [golfer.clubs[at], golfer.clubs[at + (roll.chance(0.5) ? 1 : -1)]]
    if (!club || !neighbour) return { golfer, shots }
    return {
      golfer,
      shots: shots.map((shot) =>
        shot.named === club
          ? {
              ...shot,
              ...hit(golfer, neighbour, { swing: shot.swing, position: shot.position }, roll),
              truth: 'other-club' as const,
            }
          : shot,
      ),
    }
  }
}

const carryOnly: Hit = (...shot) => {
  const hit = hitShot(...shot)
  return { ...hit, flight: { carryM: hit.flight.carryM } }
}

/** What a golfer has not yet found at the start, and how soon it comes. */
const WARM = { short: 0.04, over: 12 }
/** What a golfer who learns gains over 90 shots. */
const LEARNS = 0.03

export const HARD_WORLDS: HardWorld[] = [
  { name: 'topped: 1 or 2 of 5', hit: (n, order, roll) => withTopped(oneDayOf(USUAL)(n, order, roll), roll) },
  changed('wild: spread 4 to 5%, 25 to 35% missed', (_, dice) => ({
    spread: dice.between(0.04, 0.05),
    missed: dice.between(0.25, 0.35),
  })),
  changed('beginners: spread 6 to 8%, 35 to 45% missed', (_, dice) => ({
    spread: dice.between(0.06, 0.08),
    missed: dice.between(0.35, 0.45),
  })),
  changed(
    'warming up',
    () => ({ tires: 0 }),
    drifting((k) => -WARM.short * Math.exp(-k / WARM.over)),
  ),
  changed(
    'learner',
    () => ({ tires: 0 }),
    drifting((k) => (LEARNS * k) / 90),
  ),
  { name: 'monitor off by club type, 2%', hit: offByType() },
  changed('even bag, 10.5 yd', evenBag),
  { name: 'pasted lists, best first', hit: pasted() },
  { name: 'a whole block of another club', hit: wholeBlock(hitShot) },
  { name: 'the same, carry only', hit: wholeBlock(carryOnly) },
  { name: 'the same, no club speed', hit: wholeBlock(withoutClubSpeed) },
]

/** The same number of shots on each of some days, each with a factor of its own; true is the carry in the long run. */
export function manyDays(days: number, shotsEach: number, order: Order, roll: Dice, daySd = 0.015): Trial {
  const golfer = USUAL.golfer('g', roll)
  const shots = Array.from({ length: days }, (_, session) => {
    const factor = Math.exp(roll.normal(0, daySd))
    const today = { ...golfer, clubs: golfer.clubs.map((c) => ({ ...c, trueCarryM: c.trueCarryM * factor })) }
    return hitAll(USUAL, today, shotsEach, order, roll).map((shot) => ({ ...shot, session }))
  })
  return { golfer, shots: shots.flat() }
}

/** What a club that is struck badly loses of its carry. */
const STRUCK_SHORT = 0.08

/** A golfer who strikes one club worse than the others: the swing is as fast, and the ball is slower. */
export function oneStruckBadly(shotsEach: number, order: Order, roll: Dice): Trial & { badly: string } {
  const golfer = makeHiddenGolfer('g', roll)
  golfer.measures = { speed: true, launch: true, spin: true }
  const at = Math.floor(roll.between(3, golfer.clubs.length - 2))
  const club = golfer.clubs[at] as HiddenClub
  const short = { ...club, trueCarryM: club.trueCarryM * (1 - STRUCK_SHORT) }
  const clubs = golfer.clubs.map((each) => (each === club ? short : each))
  const badly = { ...golfer, clubs }
  const usualSpeed = usualStrike(golfer, club, 'full').clubSpeedMps
  const shots = hitAll(USUAL, badly, shotsEach, order, roll).map((shot) => {
    if (shot.named !== short || shot.flight.clubSpeedMps === undefined) return shot
    const faster = usualSpeed / usualStrike(badly, short, 'full').clubSpeedMps
    return { ...shot, flight: { ...shot.flight, clubSpeedMps: shot.flight.clubSpeedMps * faster } }
  })
  return { golfer: badly, shots, badly: club.name }
}
