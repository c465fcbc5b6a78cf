import { analyseBag } from '@/core/analyse-bag'
import { type BagAnalysis, type BagInput } from '@/core/analysis/bag-analysis'
import type { Club } from '@/core/bag/club'
import type { ClubId, ShotId } from '@/core/model/ids'
import type { Dice } from '../../simulators/golfers/dice'
import { dice } from '../../simulators/golfers/dice'
import type { HiddenClub, HiddenGolfer } from '../../simulators/golfers/hidden-golfer'
import { hitSession, inRounds, type SessionShot } from '../../simulators/golfers/hit-session'
import type { World } from './worlds'

/** A shot with its session, oldest 0. */
export type TrialShot = SessionShot & { session?: number; hitMs?: number }
/** A simulated golfer, and the shots that Banco gets to see. */
export type Trial = { golfer: HiddenGolfer; shots: TrialShot[] }

/** In which order the clubs of a bag are hit. */
export const ORDERS = { rounds: 3, 'club after club': Infinity } as const
export type Order = keyof typeof ORDERS

/** The same number of shots with every club, on one day. */
export function oneDay(world: World, shotsEach: number, order: Order, roll: Dice): Trial {
  const golfer = world.golfer('g', roll)
  return { golfer, shots: hitAll(world, golfer, shotsEach, order, roll) }
}

export function hitAll(
  { hit }: World,
  golfer: HiddenGolfer,
  shotsEach: number,
  order: Order,
  roll: Dice,
): SessionShot[] {
  return hitSession(golfer, inRounds(golfer.clubs, shotsEach, Math.min(shotsEach, ORDERS[order])), roll, {
    hit,
  })
}

/** The seed of one golfer of a line of a table. */
export const seedOfTrial = (seed: number, golfer: number, line: number): number =>
  (seed * 1_000_003 + golfer * 101 + line) >>> 0

/** Trials of one line, half of the golfers club after club and half in rounds unless an order is asked for. */
export function* trialsOf(
  golfers: number,
  seed: number,
  shotsEach: number,
  hit: (order: Order, roll: Dice) => Trial,
  only?: Order,
): Generator<Trial> {
  for (let g = 0; g < golfers; g++)
    yield hit(only ?? (g % 2 === 0 ? 'rounds' : 'club after club'), dice(seedOfTrial(seed, g, shotsEach)))
}

/** What is told to Banco besides the numbers: how an oracle shows what limits a figure. */
export type TrialOptions = {
  /** What each strike truly was. */
  strikes?: true
  /** That every shot was hit after a rest, so that nobody was tired. */
  rested?: true
}

/** Longer than any rest that is asked for to be fresh again. */
const REST_MS = 3_600_000

/** A trial as the front door takes it; the shots' ids are their places. */
export function bagInputOf(
  { golfer, shots }: { golfer: HiddenGolfer; shots: readonly TrialShot[] },
  options: TrialOptions = {},
): BagInput {
  return {
    clubs: clubsOf(golfer),
    shots: shots.map(({ flight, named, swing, position, session, truth, hitMs }, i) => ({
      ...flight,
      id: String(i) as ShotId,
      clubId: named.name as ClubId,
      swing,
      sequence: position,
      ...(session !== undefined && { session }),
      ...(hitMs !== undefined && { hitMs }),
      ...(options.strikes && { mark: truth }),
      ...(options.rested && { hitMs: i * REST_MS }),
    })),
  }
}

export const analyseTrial = (trial: Trial, options?: TrialOptions): BagAnalysis =>
  analyseBag(bagInputOf(trial, options))

const clubsOf = ({ clubs, knowsLofts }: HiddenGolfer): Club[] =>
  clubs.map(({ name, kind, loftDeg }: HiddenClub, order) => ({
    id: name as ClubId,
    kind,
    loftDeg: knowsLofts ? loftDeg : null,
    order,
  }))
