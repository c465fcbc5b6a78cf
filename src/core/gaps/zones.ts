import type { Club } from '../bag/club'
import { segmentOf, type Segment } from '../bag/segment'
import { yards } from '../units'

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

/** Typical even steps by segment (common practice), for a driver of 210 to 250 yd. */
export const TYPICAL_ZONES: Record<Segment, Zones> = {
  top: { reversed: 0, narrow: yards(10), wide: yards(25) },
  irons: { reversed: 0, narrow: yards(7), wide: yards(15) },
  wedges: { reversed: 0, narrow: yards(8), wide: yards(20) },
}

/** A bag stretches with the golfer's driver: limits shrink below 210 yd and grow above 250 yd. */
const STRETCH = { below: yards(210), above: yards(250), least: 0.75, most: 1.25 }
const FEWEST_DRIVER_SHOTS = 4

/** Schools that name one even step take this much to each side of it for even. */
const EITHER_SIDE_M = yards(4)
/** Irons step by a tenth of the pitching-wedge carry (common practice). */
const TENTH = 0.1

/** The golfer's own zones: one triple for all steps, or one for each segment. */
export type OwnZones = Zones | Record<Segment, Zones>

export type FullStock = { club: Club; carryM: number; count: number }
export type SchoolOfSteps = { school: StepSchool; own: OwnZones | undefined }

/**
 * The zones of every step between neighbours, by a school. Where a school cannot say (no pitching wedge,
 * too few stocks or lofts) a step has its zones by segment.
 * @param clubs longest first, without the putter
 * @param stocks full-swing stocks that there are
 * @param absent how many clubs each step spans that are not in the bag
 */
export function zonesOfSteps(
  clubs: readonly Club[],
  stocks: readonly FullStock[],
  absent: readonly number[],
  { school, own }: SchoolOfSteps,
): Zones[] {
  const stretched = stretch(stocks.find(({ club }) => club.kind === 'driver'))
  const bySegment = (longer: Club) => scaled(TYPICAL_ZONES[segmentOf(longer)], stretched)
  const wedge = stocks.find(({ club }) => club.kind === 'wedge')
  const spread = evenSpread(clubs, stocks, absent)
  const slope = slopePerDegree(stocks)
  return clubs.slice(1).map((shorter, i) => {
    const longer = clubs[i] as Club
    const segment = segmentOf(longer)
    const times = 1 + (absent[i] ?? 0)
    switch (school) {
      case 'own':
        if (own) return scaled('narrow' in own ? own : own[segment], times)
        break
      case 'tenth':
        if (segment === 'irons' && wedge) return scaled(around(TENTH * wedge.carryM), times)
        break
      case 'spread':
        if (spread !== null) return scaled(around(spread), times)
        break
      case 'loft':
        // The loft step already holds the clubs that are absent.
        if (slope !== null && longer.loftDeg !== null && shorter.loftDeg !== null)
          return around(slope * (shorter.loftDeg - longer.loftDeg))
        break
    }
    return scaled(bySegment(longer), times)
  })
}

/** How much wider or narrower this golfer's even steps are than the typical ones. */
function stretch(driver: { carryM: number; count: number } | undefined): number {
  if (driver === undefined || driver.count < FEWEST_DRIVER_SHOTS) return 1
  const { below, above, least, most } = STRETCH
  const factor =
    driver.carryM < below ? driver.carryM / below : driver.carryM > above ? driver.carryM / above : 1
  return Math.min(most, Math.max(least, factor))
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

/** One even step from the shortest to the longest stock, absent clubs counted. */
function evenSpread(
  clubs: readonly Club[],
  stocks: readonly FullStock[],
  absent: readonly number[],
): number | null {
  const carries = stocks.map(({ carryM }) => carryM)
  if (carries.length < 2) return null
  const places = stocks.map(({ club }) => clubs.findIndex(({ id }) => id === club.id))
  const [first, last] = [Math.min(...places), Math.max(...places)]
  const steps = absent.slice(first, last).reduce((sum, each) => sum + each, last - first)
  return steps > 0 ? (Math.max(...carries) - Math.min(...carries)) / steps : null
}

/** The golfer's own metres of carry per degree of loft, by least squares; positive. */
function slopePerDegree(stocks: readonly FullStock[]): number | null {
  const points = stocks.flatMap(({ club, carryM }) =>
    club.loftDeg === null ? [] : [{ x: club.loftDeg, y: carryM }],
  )
  if (points.length < 3) return null
  const mean = (of: (point: { x: number; y: number }) => number) =>
    points.reduce((sum, point) => sum + of(point), 0) / points.length
  const [mx, my] = [mean(({ x }) => x), mean(({ y }) => y)]
  const sxx = points.reduce((sum, { x }) => sum + (x - mx) ** 2, 0)
  const sxy = points.reduce((sum, { x, y }) => sum + (x - mx) * (y - my), 0)
  return sxx > 0 && sxy < 0 ? -sxy / sxx : null
}
