import { ballOf, eachOnce, sameBall, type Ball, type BallName } from '@/core/model/ball'
import { ballTrial, type BallFactor, type BallShot, type BallTrial } from '@/core/balls/trial'
import { clubsInOrder, type Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId, SessionId } from '@/core/model/ids'
import { FULL_SWING } from '@/core/model/station'
import { ballFactorsOf, ballsBySession, ballsNamed, ballsOf } from '@/store/balls'
import { bagOf } from '@/store/bags'
import { bagInput, STOCK_AGE_MS } from '@/store/bag-input'
import type { Database } from '@/store/database'
import { bagAnalysis, judgedTogether } from './bag-analysis'

/** Two balls that were hit in the same session. */
type BallPair = { first: BallName; second: BallName }
export type BallsView = {
  golfer: Golfer
  bag: Bag
  balls: Ball[]
  /** Those that were hit in one session, the ball that is not a range ball first. */
  pairs: BallPair[]
  chosen: BallPair | null
  trial: BallTrial | null
  factors: BallFactor[]
  /** How a golfer's good shots scatter, as a share of the carry. */
  variation: number
  /** The clubs to try: the longest, a middle and a short one. */
  toTry: ClubId[]
}

/** The balls that a golfer hits, and how much further one goes than another; null before the first bag. */
export function ballsView(
  db: Database,
  golfer: Golfer,
  nowMs: number,
  query: { first?: string | undefined; second?: string | undefined },
): BallsView | null {
  const bag = bagOf(db, golfer.id)
  const analysed = bagAnalysis(db, golfer, nowMs)
  if (!bag || !analysed) return null
  const described = ballsOf(db, golfer.id)
  const balls = eachOnce(ballsNamed(db, golfer.id)).map((name) => ballOf(described, name))
  const sessions = ballsBySession(db, golfer.id).filter(({ startedMs }) => startedMs > nowMs - STOCK_AGE_MS)
  const pairs = pairsOf(
    sessions.map((each) => each.balls),
    described,
  )
  const chosen =
    pairs.find(({ first, second }) => first === query.first && second === query.second) ?? pairs[0] ?? null
  const both = new Set(
    sessions
      .filter(
        (each) =>
          chosen &&
          [chosen.first, chosen.second].every((ball) => each.balls.some((name) => sameBall(name, ball))),
      )
      .map(({ sessionId }) => sessionId),
  )
  const shots = chosen
    ? [chosen.first, chosen.second].flatMap((ball) => solidWith(db, golfer, bag, nowMs, ball, both))
    : []
  return {
    golfer,
    bag,
    balls,
    pairs,
    chosen,
    trial: chosen && ballTrial(shots, chosen.first, chosen.second),
    factors: ballFactorsOf(db, golfer.id),
    variation: analysed.analysis.spread.carry,
    toTry: clubsToTry(bag),
  }
}

/** Solid full swings with one ball in some sessions, as they were measured: each ball's are judged by themselves. */
function solidWith(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  nowMs: number,
  ball: BallName,
  sessions: ReadonlySet<SessionId>,
): BallShot[] {
  const selection = { ball, sessions: [...sessions], asMeasured: true }
  const { shots } = judgedTogether(db, golfer, bag, nowMs, null, selection)
  const measured = new Map(
    bagInput(db, golfer, bag, nowMs, null, { ...selection, withRack: true }).shots.map((shot) => [
      shot.id,
      shot,
    ]),
  )
  return shots.flatMap(({ id, clubId, swing, carryM, session, mark, exclusion }): BallShot[] => {
    const ballSpeedMps = measured.get(id)?.ballSpeedMps
    return mark === 'solid' && swing === FULL_SWING && !exclusion && carryM !== null
      ? [{ clubId, session, ball, carryM, ...(ballSpeedMps !== undefined && { ballSpeedMps }) }]
      : []
  })
}

/** Every two balls of one session, each pair once, the range ball second. */
function pairsOf(bySession: readonly BallName[][], described: readonly Ball[]): BallPair[] {
  const found = new Map<string, BallPair>()
  for (const balls of bySession)
    for (const [i, a] of balls.entries())
      for (const b of balls.slice(i + 1)) {
        if (sameBall(a, b)) continue
        const turned = ballOf(described, a).range && !ballOf(described, b).range
        const pair = turned ? { first: b, second: a } : { first: a, second: b }
        const key = [a, b]
          .map((name) => name.trim().toLowerCase())
          .sort()
          .join('\n')
        if (!found.has(key)) found.set(key, pair)
      }
  return [...found.values()]
}

/** The longest club, a middle iron and the longest wedge, as far as the bag has them. */
function clubsToTry(bag: Bag): ClubId[] {
  const clubs = clubsInOrder(bag).filter(({ kind }) => kind !== 'putter')
  const irons = clubs.filter(({ kind }) => kind === 'iron')
  const wanted = [clubs[0], irons[Math.floor(irons.length / 2)], clubs.find(({ kind }) => kind === 'wedge')]
  return [...new Set(wanted.flatMap((club) => club?.id ?? []))]
}
