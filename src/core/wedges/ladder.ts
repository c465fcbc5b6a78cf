import type { Club } from '../bag/club'
import type { ClubId } from '../model/ids'
import { atStation, fullSwingOf } from '../model/station'
import type { Stock } from '../stock/stock'
import { yards } from '../units'

/** A rung of the wedge ladder: two neighbouring full swings. */
export type Rung = {
  longerId: ClubId
  shorterId: ClubId
  differenceM: number
  loftDifferenceDeg?: number
  /** Where the rung is wider than a ladder usually has: the loft half way, and what it would carry in the same model. */
  between?: { loftDeg: number; carryM: number }
}

/** The gaps of a wedge ladder are usually 15 yd, at the end up to 20 yd (common practice). */
const USUAL_MOST_M = yards(20)

/** The wedges' full swings from the longest to the shortest. */
export function ladder(clubs: readonly Club[], stocks: readonly Stock[]): Rung[] {
  const hit = clubs.flatMap((club) => {
    const stock = atStation(stocks, fullSwingOf(club.id))
    return stock?.carryM === undefined ? [] : [{ club, carryM: stock.carryM }]
  })
  return hit.slice(1).map((shorter, i): Rung => {
    const longer = hit[i] as (typeof hit)[number]
    const differenceM = longer.carryM - shorter.carryM
    const [strong, weak] = [longer.club.loftDeg, shorter.club.loftDeg]
    const ids = { longerId: longer.club.id, shorterId: shorter.club.id, differenceM }
    if (strong === null || weak === null || weak <= strong) return ids
    const middle = middleLoftDeg(strong, weak)
    return {
      ...ids,
      loftDifferenceDeg: weak - strong,
      ...(differenceM > USUAL_MOST_M && {
        between: {
          loftDeg: middle,
          carryM: carryAtLoft(
            middle,
            { loftDeg: strong, carryM: longer.carryM },
            { loftDeg: weak, carryM: shorter.carryM },
          ),
        },
      }),
    }
  })
}

/** The loft in the middle of two, to half a degree: clubs are made so. */
const middleLoftDeg = (strong: number, weak: number): number => Math.round(strong + weak) / 2

/** A club's loft and what it carries. */
type AtLoft = { loftDeg: number; carryM: number }

/** What a club of that loft carries between two others of its model: by loft, evenly. */
export const carryAtLoft = (loftDeg: number, strong: AtLoft, weak: AtLoft): number =>
  strong.carryM +
  ((loftDeg - strong.loftDeg) / (weak.loftDeg - strong.loftDeg)) * (weak.carryM - strong.carryM)
