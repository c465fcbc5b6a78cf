import type { Club } from '../bag/club'
import type { Stretch } from '../model/coverage'
import type { ClubId } from '../model/ids'
import { demandBetween, type Demand } from '../gaps/demand'
import { atStation, fullSwingOf } from '../model/station'
import { isHit, type Stock } from '../stock/stock'
import { groundCarries } from '../gaps/coverage-of-bag'

/** A wedge to have: how far it should carry, the loft to try, and the club of the bag that does it already. */
type WedgeToHave = {
  carryM: number
  loftDeg: number
  has?: ClubId
  /** The loft is by the golfer's own wedges, or by what is usual. */
  loftBy: 'own' | 'usual'
}

/** What a wedge set should be, from the strongest wedge that was hit. */
export type WedgeSet = {
  from: { clubId: ClubId; carryM: number; loftDeg: number; count: number }
  wedges: WedgeToHave[]
  /** Whether the last one adds a distance: no other shot covers it, and how often it is faced. */
  lob: { carryM: number; covered: boolean; aRound: number | null } | null
  /** The set that the pitching wedge is of: the first place to look for the next. */
  model?: string
}

/** Carries of the wedges below the pitching wedge as shares of its own: gaps of 15, 15 and 18 at 130 yd (common practice, from memory). */
const SHARES = [115 / 130, 100 / 130, 82 / 130]
/** What a degree takes off, as a share of the pitching wedge's carry, where the golfer's own wedges do not say (from memory). */
const SHARE_A_DEGREE = 0.0265
/** Separate wedges are mostly made in even lofts (common practice). */
const MADE_IN_DEG = 2
/** A pitching wedge is no weaker (common practice). */
const WEAKEST_PITCHING_DEG = 49
/** Nearer to a carry to aim for than this, as a share of the pitching wedge's carry, a wedge is that one. */
const NEAR_SHARE = 0.05

/**
 * Which wedges to have, by the measured carry of the pitching wedge, or of the strongest wedge that was hit.
 * @param stocks of the bag
 * @returns null where no wedge of known loft was hit, or the strongest is no pitching wedge
 */
export function wedgeSet(
  clubs: readonly (Club & { model?: string })[],
  stocks: readonly Stock[],
  { toleranceM, demand }: { toleranceM: number; demand: Demand },
): WedgeSet | null {
  const hit = clubs.flatMap((club) => {
    const stock = atStation(stocks, fullSwingOf(club.id))
    return club.kind === 'wedge' && club.loftDeg !== null && isHit(stock)
      ? [
          {
            clubId: club.id,
            loftDeg: club.loftDeg,
            carryM: stock.carryM,
            count: stock.count,
            model: club.model,
          },
        ]
      : []
  })
  const [from] = hit
  if (!from || from.loftDeg >= WEAKEST_PITCHING_DEG) return null
  const last = hit.at(-1)
  const isOwn = last !== undefined && last.loftDeg - from.loftDeg >= 4 && last.carryM < from.carryM
  const perDegree = isOwn
    ? (from.carryM - last.carryM) / (last.loftDeg - from.loftDeg)
    : SHARE_A_DEGREE * from.carryM
  const near = NEAR_SHARE * from.carryM
  const taken = new Set<ClubId>()
  const wedges = SHARES.map((share): WedgeToHave => {
    const carryM = share * from.carryM
    const [has] = hit
      .slice(1)
      .filter((each) => !taken.has(each.clubId) && Math.abs(each.carryM - carryM) <= near)
      .sort((a, b) => Math.abs(a.carryM - carryM) - Math.abs(b.carryM - carryM))
    if (has) taken.add(has.clubId)
    const loft = from.loftDeg + (from.carryM - carryM) / perDegree
    return {
      carryM: has?.carryM ?? carryM,
      loftDeg: has?.loftDeg ?? MADE_IN_DEG * Math.round(loft / MADE_IN_DEG),
      loftBy: isOwn ? 'own' : 'usual',
      ...(has && { has: has.clubId }),
    }
  })
  const lob = wedges.at(-1)
  return {
    from: { clubId: from.clubId, carryM: from.carryM, loftDeg: from.loftDeg, count: from.count },
    wedges,
    lob: lob ? lobOf(lob, stocks, toleranceM, demand) : null,
    ...(from.model !== undefined && { model: from.model }),
  }
}

function lobOf(
  { carryM, has }: WedgeToHave,
  stocks: readonly Stock[],
  toleranceM: number,
  demand: Demand,
): WedgeSet['lob'] {
  const others = groundCarries(stocks.filter(({ clubId }) => clubId !== has))
  const around: Stretch = [carryM - toleranceM, carryM + toleranceM]
  return {
    carryM,
    covered: others.some((each) => Math.abs(each - carryM) <= toleranceM),
    aRound: demand.rounds === 0 ? null : demandBetween(demand, around).aRound,
  }
}
