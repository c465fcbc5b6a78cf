import { clubsInRounds } from '../rounds/use'
import type { Round } from '../rounds/round'
import { atStation, fullSwingOf } from '../model/station'
import { isHit, type HitStock, type Stock } from '../stock/stock'
import type { AfterPlay } from './visit'

/** What the numbers say to what a golfer said after play; null where nothing was said. */
export type PlayAgainstStocks = {
  /** To a distance without a club: what carries nearest to it, and by how much it misses. */
  uncovered: { nearest: HitStock; offM: number } | null
  /** To a club that went short or long: its stock, and what it carried in rounds. */
  off: { stock: HitStock | null; inRounds: { carries: number; carryM: number } | null } | null
  /** To a club that stayed in the bag: how often it was hit in how many rounds. */
  unused: { shots: number; rounds: number } | null
}

/** @param rounds those with shots that were played since the golfer was sent away */
export function playAgainstStocks(
  { missingM, off, unusedId }: AfterPlay,
  stocks: readonly Stock[],
  rounds: readonly Round[],
): PlayAgainstStocks {
  const hit = stocks.filter(isHit)
  const nearest = hit.toSorted(
    (a, b) => Math.abs(a.carryM - (missingM ?? 0)) - Math.abs(b.carryM - (missingM ?? 0)),
  )[0]
  const inRounds = clubsInRounds(rounds)
  const full = off && fullSwingOf(off.clubId)
  const ofOff = full && atStation(inRounds, full)
  return {
    uncovered: missingM !== null && nearest ? { nearest, offM: nearest.carryM - missingM } : null,
    off: full && {
      stock: atStation(hit, full) ?? null,
      inRounds: ofOff && ofOff.carryM !== null ? { carries: ofOff.carries, carryM: ofOff.carryM } : null,
    },
    unused:
      unusedId === null
        ? null
        : {
            shots: inRounds
              .filter(({ clubId }) => clubId === unusedId)
              .reduce((sum, { shots }) => sum + shots, 0),
            rounds: rounds.length,
          },
  }
}
