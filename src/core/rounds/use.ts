import type { ClubId } from '../model/ids'
import { sample } from '../math/sample'
import { atStation, fullSwingOf, stationKey, type Station } from '../model/station'
import type { Stock } from '../stock/stock'
import { LIES, type Lie, type Round, type RoundShot } from './round'

/** How often a club was hit in some rounds, by lie; `unsaid` where no lie was said. */
export type ClubUse = {
  clubId: ClubId
  shots: number
  lies: Record<Lie | 'unsaid', number>
  lastMs: number | null
}

/** A club that was not hit in so many of the newest rounds may not earn its place. */
export const NEWEST_ROUNDS = 3

/** Use of each club over some rounds, in the order of the clubs. */
export function clubUse(clubs: readonly { id: ClubId }[], rounds: readonly Round[]): ClubUse[] {
  const by = new Map<ClubId, ClubUse>(
    clubs.map(({ id }) => [id, { clubId: id, shots: 0, lies: { ...NO_LIES }, lastMs: null }]),
  )
  for (const { shots, openedMs } of rounds)
    for (const { clubId, lie } of shots) {
      const use = by.get(clubId)
      if (!use) continue
      use.shots++
      use.lies[lie ?? 'unsaid']++
      use.lastMs = Math.max(use.lastMs ?? 0, openedMs)
    }
  return [...by.values()]
}

const NO_LIES = Object.fromEntries([...LIES, 'unsaid'].map((lie) => [lie, 0])) as ClubUse['lies']

/** Rounds with shots, newest first. */
export const played = (rounds: readonly Round[]): Round[] =>
  rounds.filter(({ shots }) => shots.length > 0).toSorted((a, b) => b.openedMs - a.openedMs)

/** Clubs that were hit in none of the newest rounds; nothing is said before there are so many. */
export function notHit(clubs: readonly { id: ClubId }[], rounds: readonly Round[]): ClubId[] {
  const newest = played(rounds).slice(0, NEWEST_ROUNDS)
  if (newest.length < NEWEST_ROUNDS) return []
  return clubUse(clubs, newest)
    .filter(({ shots }) => shots === 0)
    .map(({ clubId }) => clubId)
}

/** The gap that a bag has without a club: its two neighbours', by the stocks that the golfer plays. */
export type GapLeftByClub = { longerId: ClubId; shorterId: ClubId; gapM: number }

/**
 * What a club would leave if it went; null at the ends of the bag, and where a neighbour was not hit.
 * @param clubs those of the bag in its order, putter apart
 */
export function leavesGap(
  clubs: readonly { id: ClubId }[],
  stocks: readonly Stock[],
  clubId: ClubId,
): GapLeftByClub | null {
  const index = clubs.findIndex(({ id }) => id === clubId)
  const [longer, shorter] = [clubs[index - 1], clubs[index + 1]]
  if (index < 0 || !longer || !shorter) return null
  const [a, b] = [longer, shorter].map(({ id }) => atStation(stocks, fullSwingOf(id))?.carryM)
  return a === undefined || b === undefined
    ? null
    : { longerId: longer.id, shorterId: shorter.id, gapM: a - b }
}

/** What was hit with a station in rounds: it stands beside its stock, never in it. */
export type RoundUse = Station & { shots: number; carries: number; carryM: number | null }

/** Shots on the course by station, with the mean of the carries that were said. */
export function clubsInRounds(rounds: readonly Round[]): RoundUse[] {
  const by = new Map<string, RoundShot[]>()
  for (const shot of rounds.flatMap(({ shots }) => shots))
    by.set(stationKey(shot), [...(by.get(stationKey(shot)) ?? []), shot])
  return [...by.values()].map((shots) => {
    const carries = shots.flatMap(({ carryM }) => carryM ?? [])
    const [{ clubId, swing }] = shots as [RoundShot]
    return {
      ...{ clubId, swing, shots: shots.length, carries: carries.length },
      carryM: carries.length > 0 ? sample(carries).mean : null,
    }
  })
}
