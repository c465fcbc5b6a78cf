import { type Zones, type GapRule, type OwnZones } from '../model/gap-rule'
import type { Club } from '../bag/club'
import { segmentOf } from '../bag/segment'
import { type Segment } from '../model/segment'
import { median } from '../math/quantile'
import { yards } from '../units'
import { carryPerDegree } from './carry-per-degree'
import { bagStretch, type StockCarry } from './bag-stretch'
export type FullStock = StockCarry & { club: Club }
export type GapRuleWithLimits = { gapRule: GapRule; own: OwnZones | undefined }

/**
 * What a rule says of one gap: its limits, or that it has none. `instead` is the rule that speaks
 * where the chosen one cannot.
 */
export type GapLimits = { zones: Zones; instead?: GapRule } | { zones: null; lacks: 'pitching-wedge' }

/** From the driver to the next club, as shares of the driver's carry (starting values from fitting practice, from memory). */
const AFTER_DRIVER = { tooClose: 0.05, tooWide: 0.14 }
/** Good gaps of the rest of the bag at a driver of 210 yd, to be stretched (starting values, from memory). */
const EVEN: Record<Segment, { tooClose: number; tooWide: number }> = {
  top: { tooClose: yards(8), tooWide: yards(16) },
  irons: { tooClose: yards(7), tooWide: yards(14) },
  wedges: { tooClose: yards(8), tooWide: yards(17) },
}
/** Where a golfer's own limits begin, before they are changed. */
export const OWN_START: Record<Segment, Zones> = {
  top: { reversed: 0, tooClose: yards(8), tooWide: yards(22) },
  irons: { reversed: 0, ...EVEN.irons },
  wedges: { reversed: 0, ...EVEN.wedges },
}

/** Rules that name one good gap take this much to each side of it for even. */
const EITHER_SIDE_M = yards(4)
/** A good gap between irons is a tenth of the pitching-wedge carry (common practice). */
const TENTH = 0.1
/** So few clubs are far apart by choice: a good gap is wide enough for the middle one of the bag's own gaps, times these. */
const FEW_CLUBS = 9
const OF_FEW = { tooClose: 0.65, tooWide: 1.45 }
/** With fewer gaps there is no middle one. */
const FEWEST_GAPS = 4
/** Fewer stocks would be held against a spread of their own making. */
const FEWEST_TO_SPREAD = 4

/** By which rule gaps are judged where the golfer chose none: the golfer's own limits, else by part of the bag. */
export const usualGapRule = (own: OwnZones | undefined): GapRule => (own ? 'own' : 'segment')

/** By which rule the gaps of a bag are judged: the golfer's, or the usual one. */
export const chosenGapRule = ({
  gapRule,
  zonesM,
}: {
  gapRule?: GapRule
  zonesM?: OwnZones
}): GapRuleWithLimits => ({ gapRule: gapRule ?? usualGapRule(zonesM), own: zonesM })

/**
 * The limits of every gap between neighbours, by a rule; always those of one gap, however many clubs
 * are absent between the two.
 * @param clubs longest first, without the putter
 * @param stocks full-swing stocks that there are
 * @param expectedM what a club that was not hit should carry; null where nothing says
 */
export function limitsOfGaps(
  clubs: readonly Club[],
  stocks: readonly FullStock[],
  { gapRule, own }: GapRuleWithLimits,
  expectedM: (club: Club) => number | null = () => null,
): GapLimits[] {
  const { factor, driverM } = bagStretch(stocks)
  const ownMiddleM = middleGapOfFew(clubs, stocks, expectedM)
  const bySegment = (longer: Club): Zones => {
    const { tooClose, tooWide } =
      longer.kind === 'driver'
        ? scaled({ reversed: 0, ...AFTER_DRIVER }, driverM)
        : scaled({ reversed: 0, ...EVEN[segmentOf(longer)] }, factor)
    return {
      reversed: 0,
      tooClose: Math.max(tooClose, OF_FEW.tooClose * ownMiddleM),
      tooWide: Math.max(tooWide, OF_FEW.tooWide * ownMiddleM),
    }
  }
  const pitching = pitchingWedge(clubs)
  const wedge = stocks.find(({ club }) => club === pitching)
  const spread = evenSpread(clubs, stocks)
  const perDegree = carryPerDegree(stocks)
  return clubs.slice(1).map((shorter, i): GapLimits => {
    const longer = clubs[i] as Club
    const segment = segmentOf(longer)
    switch (gapRule) {
      case 'own':
        if (own) return { zones: 'tooClose' in own ? own : own[segment] }
        break
      case 'tenth':
        // It speaks of irons; the rest of the bag goes by segment.
        if (segment !== 'irons') return { zones: bySegment(longer) }
        return wedge ? { zones: around(TENTH * wedge.carryM) } : { zones: null, lacks: 'pitching-wedge' }
      case 'spread':
        if (spread !== null) return { zones: spread }
        break
      case 'loft':
        if (perDegree !== null && longer.loftDeg !== null && shorter.loftDeg !== null)
          return { zones: around(perDegree * (shorter.loftDeg - longer.loftDeg)) }
        break
      case 'segment':
        return { zones: bySegment(longer) }
    }
    return { zones: bySegment(longer), instead: 'segment' }
  })
}

const around = (goodM: number): Zones => ({
  reversed: 0,
  tooClose: Math.max(0, goodM - EITHER_SIDE_M),
  tooWide: Math.max(0, goodM) + EITHER_SIDE_M,
})

const scaled = ({ reversed, tooClose, tooWide }: Zones, by: number): Zones => ({
  reversed: reversed * by,
  tooClose: tooClose * by,
  tooWide: tooWide * by,
})

/** The median of the gaps of a bag of few clubs; 0 for a fuller bag, and where too few gaps are known. */
function middleGapOfFew(
  clubs: readonly Club[],
  stocks: readonly FullStock[],
  expectedM: (club: Club) => number | null,
): number {
  if (clubs.length > FEW_CLUBS || clubs.length <= FEWEST_GAPS) return 0
  const carries = clubs.map(
    (club) => stocks.find((stock) => stock.club.id === club.id)?.carryM ?? expectedM(club),
  )
  const gaps = carries.slice(1).flatMap((shorter, i) => {
    const longer = carries[i]
    return longer === null || longer === undefined || shorter === null ? [] : [longer - shorter]
  })
  return gaps.length < FEWEST_GAPS ? 0 : Math.max(0, median(gaps))
}

/** Weaker than this a wedge is a gap wedge (common practice: 44° to 48°). */
const PITCHING_WEDGE_UNDER_DEG = 49

/** The bag's pitching wedge: its strongest wedge, unless that is a gap wedge already. */
function pitchingWedge(clubs: readonly Club[]): Club | null {
  const wedge = clubs.find(({ kind }) => kind === 'wedge')
  return wedge && (wedge.loftDeg ?? 0) < PITCHING_WEDGE_UNDER_DEG ? wedge : null
}

/** One good gap from the shortest to the longest stock; null where too few clubs were hit to speak of one. */
function evenSpread(clubs: readonly Club[], stocks: readonly FullStock[]): Zones | null {
  if (stocks.length < Math.min(FEWEST_TO_SPREAD, Math.max(3, clubs.length))) return null
  const carries = stocks.map(({ carryM }) => carryM)
  const indexes = stocks.map(({ club }) => clubs.findIndex(({ id }) => id === club.id))
  const gaps = Math.max(...indexes) - Math.min(...indexes)
  if (gaps <= 0) return null
  const goodM = (Math.max(...carries) - Math.min(...carries)) / gaps
  return clubs.length > FEW_CLUBS ? around(goodM) : scaled({ reversed: 0, ...OF_FEW }, goodM)
}
