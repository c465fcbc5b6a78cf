import tQuantile from '@stdlib/stats-base-dists-t-quantile'
import { CLUB_KINDS, type Club, type ClubKind } from '../bag/club'
import type { Air } from '../model/air'
import { measuredLaunch } from '../flight/measured-launch'
import { restate } from '../flight/restate'
import { usualClub } from '../flight/restate-shots'
import type { HitStock } from '../stock/stock'
import { sample } from '../math/sample'

/**
 * What a stock carries in the air of a round: restated as one strike. As it stands where nobody said the air of its shots or
 * of the round.
 */
export function stockInRound(stock: HitStock, club: Club, air: Air | null): number {
  if (!air || !stock.statedAir) return stock.carryM
  const launch = measuredLaunch(stock.averages)
  const known = launch
    ? { kind: 'launch' as const, launch }
    : { kind: 'club' as const, ...usualClub(club, stock.swing) }
  const moved = restate({ carryM: stock.carryM, known, from: stock.statedAir, to: air })
  return moved.kind === 'restated' ? moved.carryM : stock.carryM
}

/** A shot on the course beside its stock in the air of its round. */
export type CourseCarry = { kind: ClubKind; carryM: number; stockM: number }
/** What shots on the course were off those in the bay: negative is short. Offered: enough of them, and surely not none. */
export type BayToCourse = { kind: ClubKind; shots: number; byM: number; halfM: number; offered: boolean }

const FEWEST = 7
/** Of a 90% interval. */
const UPPER = 0.95

/** Bay to course by kind of club, for kinds with two shots or more. */
export const bayToCourse = (carries: readonly CourseCarry[]): BayToCourse[] =>
  CLUB_KINDS.flatMap((kind): BayToCourse[] => {
    const off = carries.filter((each) => each.kind === kind).map(({ carryM, stockM }) => carryM - stockM)
    if (off.length < 2) return []
    const { mean, sd } = sample(off)
    const halfM = (tQuantile(UPPER, off.length - 1) * sd) / Math.sqrt(off.length)
    return [
      {
        kind,
        shots: off.length,
        byM: mean,
        halfM,
        offered: off.length >= FEWEST && Math.abs(mean) > halfM,
      },
    ]
  })
