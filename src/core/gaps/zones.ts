import type { Club } from '../bag/club'
import { segmentOf, type Segment } from '../bag/segment'
import { yards } from '../units'
import { carryPerDegree } from './carry-per-degree'
import { bagStretch, type StandingCarry } from './bag-stretch'

/** The limits that make a step reversed, narrow, even or wide, in metres. */
export type Zones = {
  /** Below this the clubs stand in the wrong order. Always 0. */
  reversed: number
  /** Below this the step is narrow. */
  narrow: number
  /** Above this the step is wide. */
  wide: number
}

/** The schools of what an even step is. */
export const STEP_SCHOOLS = ['segment', 'tenth', 'spread', 'loft', 'own'] as const
export type StepSchool = (typeof STEP_SCHOOLS)[number]

/** The golfer's own zones: one triple for all steps, or one for each segment. */
export type OwnZones = Zones | Record<Segment, Zones>
export type FullStock = StandingCarry & { club: Club }
export type SchoolOfSteps = { school: StepSchool; own: OwnZones | undefined }

/**
 * What a school says of one step: its limits, or that it has none. `instead` is the school that speaks
 * where the chosen one cannot.
 */
export type StepLimits = { zones: Zones; instead?: StepSchool } | { zones: null; lacks: 'pitching-wedge' }

/** From the driver to the next club, as shares of the driver's carry (starting values from fitting practice, from memory). */
const AFTER_DRIVER = { narrow: 0.05, wide: 0.14 }
/** Even steps of the rest of the bag at a driver of 210 yd, to be stretched (starting values, from memory). */
const EVEN: Record<Segment, { narrow: number; wide: number }> = {
  top: { narrow: yards(8), wide: yards(16) },
  irons: { narrow: yards(7), wide: yards(14) },
  wedges: { narrow: yards(8), wide: yards(17) },
}
/** Where a golfer's own limits begin, before they are changed. */
export const OWN_START: Record<Segment, Zones> = {
  top: { reversed: 0, narrow: yards(8), wide: yards(22) },
  irons: { reversed: 0, ...EVEN.irons },
  wedges: { reversed: 0, ...EVEN.wedges },
}

/** Schools that name one even step take this much to each side of it for even. */
const EITHER_SIDE_M = yards(4)
/** Irons step by a tenth of the pitching-wedge carry (common practice). */
const TENTH = 0.1
/** So few clubs share the distances evenly between them: an even step is this share of one even step. */
export const FEW_CLUBS = 9
const OF_FEW = { narrow: 0.65, wide: 1.45 }
/** Fewer stocks would be held against a spread of their own making. */
const FEWEST_TO_SPREAD = 4

/** The school of a bag whose golfer follows none: one even spread for few clubs, by segment for more. */
export const usualSchool = (clubs: readonly unknown[], own: OwnZones | undefined): StepSchool =>
  own ? 'own' : clubs.length <= FEW_CLUBS ? 'spread' : 'segment'

/** By which school the steps of a bag are judged: the golfer's, or the usual one for so many clubs. */
export const schoolOf = (
  clubs: readonly unknown[],
  { stepSchool, zonesM }: { stepSchool?: StepSchool; zonesM?: OwnZones },
): SchoolOfSteps => ({ school: stepSchool ?? usualSchool(clubs, zonesM), own: zonesM })

/**
 * The limits of every step between neighbours, by a school; always those of one step, however many clubs
 * are absent between the two.
 * @param clubs longest first, without the putter
 * @param stocks full-swing stocks that there are
 */
export function limitsOfSteps(
  clubs: readonly Club[],
  stocks: readonly FullStock[],
  { school, own }: SchoolOfSteps,
): StepLimits[] {
  const { factor, driverM } = bagStretch(stocks)
  const bySegment = (longer: Club): Zones => {
    if (longer.kind === 'driver') return scaled({ reversed: 0, ...AFTER_DRIVER }, driverM)
    return scaled({ reversed: 0, ...EVEN[segmentOf(longer)] }, factor)
  }
  const wedge = stocks.find(({ club }) => club.kind === 'wedge')
  const spread = evenSpread(clubs, stocks)
  const perDegree = carryPerDegree(stocks)
  return clubs.slice(1).map((shorter, i): StepLimits => {
    const longer = clubs[i] as Club
    const segment = segmentOf(longer)
    switch (school) {
      case 'own':
        if (own) return { zones: 'narrow' in own ? own : own[segment] }
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

const around = (evenM: number): Zones => ({
  reversed: 0,
  narrow: Math.max(0, evenM - EITHER_SIDE_M),
  wide: Math.max(0, evenM) + EITHER_SIDE_M,
})

const scaled = ({ reversed, narrow, wide }: Zones, by: number): Zones => ({
  reversed: reversed * by,
  narrow: narrow * by,
  wide: wide * by,
})

/** One even step from the shortest to the longest stock; null where too few clubs were hit to speak of one. */
function evenSpread(clubs: readonly Club[], stocks: readonly FullStock[]): Zones | null {
  if (stocks.length < Math.min(FEWEST_TO_SPREAD, Math.max(3, clubs.length))) return null
  const carries = stocks.map(({ carryM }) => carryM)
  const places = stocks.map(({ club }) => clubs.findIndex(({ id }) => id === club.id))
  const steps = Math.max(...places) - Math.min(...places)
  if (steps <= 0) return null
  const evenM = (Math.max(...carries) - Math.min(...carries)) / steps
  return clubs.length > FEW_CLUBS ? around(evenM) : scaled({ reversed: 0, ...OF_FEW }, evenM)
}
