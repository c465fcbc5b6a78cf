import type { Segment } from '../bag/segment'
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

/** Typical even steps by segment (common practice), for a driver of 210 to 250 yd. */
const BY_SEGMENT: Record<Segment, Zones> = {
  top: { reversed: 0, narrow: yards(10), wide: yards(25) },
  irons: { reversed: 0, narrow: yards(7), wide: yards(15) },
  wedges: { reversed: 0, narrow: yards(8), wide: yards(20) },
}

/** A bag stretches with the golfer's driver: limits shrink below 210 yd and grow above 250 yd. */
const STRETCH = { below: yards(210), above: yards(250), least: 0.75, most: 1.25 }
const FEWEST_DRIVER_SHOTS = 4

/** How much wider or narrower this golfer's even steps are than the typical ones. */
export function stretch(driver: { carryM?: number; count: number } | undefined): number {
  if (driver?.carryM === undefined || driver.count < FEWEST_DRIVER_SHOTS) return 1
  const { below, above, least, most } = STRETCH
  const factor =
    driver.carryM < below ? driver.carryM / below : driver.carryM > above ? driver.carryM / above : 1
  return Math.min(most, Math.max(least, factor))
}

/** The golfer's own zones: one triple for all steps, or one for each segment. */
export type OwnZones = Zones | Record<Segment, Zones>

/** The zones of a step in `segment`, with its limits multiplied where it spans absent clubs. */
export function zonesOf(
  segment: Segment,
  { stretch, absentClubs, own }: { stretch: number; absentClubs: number; own: OwnZones | undefined },
): Zones {
  const base = own === undefined ? scaled(BY_SEGMENT[segment], stretch) : 'narrow' in own ? own : own[segment]
  return scaled(base, 1 + absentClubs)
}

const scaled = ({ reversed, narrow, wide }: Zones, by: number): Zones => ({
  reversed: reversed * by,
  narrow: narrow * by,
  wide: wide * by,
})
