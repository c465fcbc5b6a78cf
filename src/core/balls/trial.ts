import { Z90 } from '../math/z90'
import type { ClubId } from '../model/ids'
import { factorOf, isOneFactor, type Factor } from './factor'
import type { Flight } from '../shots/flight-fields'
import { sameBall, type BallName } from '../model/ball'

/** A solid shot with its ball, of one session. */
export type BallShot = {
  clubId: ClubId
  session: number
  ball: BallName
  carryM: number
  ballSpeedMps?: number
}

/** How much further one ball goes than another with one club, and at what ball speed of the first. */
export type ClubFactor = Factor & {
  clubId: ClubId
  ballSpeedMps: number | null
  /** What the first carries on average. */
  carryM: number
}
/** Two balls that were hit in the same sessions with the same clubs: the first against the second. */
export type BallTrial = { first: BallName; second: BallName; clubs: ClubFactor[]; isOne: boolean }

/**
 * How much further one ball goes than another: by club, from solid full swings of the sessions in which both were hit with it.
 * @returns null where no club was hit with both, three of each
 */
export function ballTrial(shots: readonly BallShot[], first: BallName, second: BallName): BallTrial | null {
  const sides = [first, second].map((name) => shots.filter(({ ball }) => sameBall(ball, name)))
  const [a = [], b = []] = sides
  const key = ({ clubId, session }: BallShot) => `${session} ${clubId}`
  const inBoth = (own: readonly BallShot[], other: readonly BallShot[]) => {
    const there = new Set(other.map(key))
    return own.filter((shot) => there.has(key(shot)))
  }
  const [ofFirst, ofSecond] = [inBoth(a, b), inBoth(b, a)]
  const clubs = [...new Set(ofFirst.map(({ clubId }) => clubId))].flatMap((clubId): ClubFactor[] => {
    const carries = (list: readonly BallShot[]) =>
      list.filter((shot) => shot.clubId === clubId).map(({ carryM }) => carryM)
    const found = factorOf(carries(ofFirst), carries(ofSecond))
    const speeds = ofFirst.flatMap((shot) => (shot.clubId === clubId ? (shot.ballSpeedMps ?? []) : []))
    const ballSpeedMps =
      speeds.length > 0 ? speeds.reduce((sum, each) => sum + each, 0) / speeds.length : null
    const own = carries(ofFirst)
    const carryM = own.reduce((sum, each) => sum + each, 0) / own.length
    return found ? [{ ...found, clubId, ballSpeedMps, carryM }] : []
  })
  return clubs.length === 0 ? null : { first, second, clubs, isOne: isOneFactor(clubs) }
}

/** What turns a carry with one ball into what another would have carried, by the ball speed. */
export type BallFactor = {
  /** Hit with. */
  ball: BallName
  /** Counted as. */
  as: BallName
  /** Factors on the carry; more than one are interpolated over ball speed, slowest first. */
  at: { factor: number; ballSpeedMps: number | null; half: number }[]
  shots: number
  setMs: number
  on: boolean
}

/** The factors of a trial as they are applied to shots with the second ball: one where all clubs agree, else by ball speed. */
export function factorsOf({ clubs, isOne }: BallTrial): BallFactor['at'] {
  const half = ({ low, high }: Factor) => (high - low) / 2
  const speeds = clubs.filter(({ ballSpeedMps }) => ballSpeedMps !== null)
  if (isOne || speeds.length < 2) {
    // The mean of all, each by what it is worth.
    const weights = clubs.map((each) => 1 / half(each) ** 2)
    const sum = weights.reduce((total, each) => total + each, 0)
    const factor = clubs.reduce((total, each, i) => total + each.factor * (weights[i] as number), 0) / sum
    return [{ factor, ballSpeedMps: null, half: 1 / Math.sqrt(sum) }]
  }
  return speeds
    .map((each) => ({ factor: each.factor, ballSpeedMps: each.ballSpeedMps, half: half(each) }))
    .sort((one, other) => (one.ballSpeedMps ?? 0) - (other.ballSpeedMps ?? 0))
}

/** The factor at a ball speed: between two that were measured borderline between them, beyond them the nearest. */
export function factorAt(at: BallFactor['at'], ballSpeedMps: number | undefined): number {
  const [slowest] = at
  if (!slowest) return 1
  if (at.length === 1) return slowest.factor
  // Without a ball speed nobody knows where between them it lies.
  if (ballSpeedMps === undefined) return at.reduce((sum, { factor }) => sum + factor, 0) / at.length
  const above = at.findIndex((each) => (each.ballSpeedMps ?? 0) >= ballSpeedMps)
  if (above === 0) return slowest.factor
  const [low, high] = [at[above - 1] ?? at.at(-1), at[above]]
  if (!low) return slowest.factor
  if (!high) return low.factor
  const [from, to] = [low.ballSpeedMps ?? 0, high.ballSpeedMps ?? 0]
  return low.factor + ((high.factor - low.factor) * (ballSpeedMps - from)) / (to - from)
}

/** How many of each ball would know the factor to within a share, at a spread that is known. */
export const ballsToKnow = (variation: number, within: number): number =>
  Math.ceil(2 * ((Z90 * variation) / within) ** 2)

/** A flight with a ball as the factor that is on for it makes its carry, and its total by as much; the very same where none is. Spin is never converted. */
export function ballConverted<F extends Flight>(
  flight: F,
  ball: BallName,
  factors: readonly BallFactor[],
): F {
  const own = factors.find((each) => each.on && sameBall(each.ball, ball))
  const { carryM, totalM, ballSpeedMps } = flight
  if (!own || carryM === null) return flight
  const further = carryM * (factorAt(own.at, ballSpeedMps) - 1)
  return { ...flight, carryM: carryM + further, ...(totalM !== undefined && { totalM: totalM + further }) }
}
