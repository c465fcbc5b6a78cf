import type { Wind } from './conditions'
import type { Surface } from '../model/surface'
import type { FlightField } from '../shots/flight-fields'
import type { Place } from '../model/session'

/** Whose air the carries of a session belong to: measured in the air of the place, or computed by the device from the launch in an air of its own. */
export const CARRY_FROM = ['measured', 'computed'] as const
export type CarryFrom = (typeof CARRY_FROM)[number]

/** The air as it was said or read: what was not said is null. */
export type AirSetUp = {
  tempC: number | null
  /** At the place, not brought to sea level. */
  pressureHpa: number | null
  /** 0 to 1. */
  humidity: number | null
  /** Null: not said; zero speed is calm. */
  windMps: number | null
  wind: Wind | null
  /** The day's pressure brought to sea level, as forecasts give it; with it an altitude gives the pressure here. */
  seaLevelHpa: number | null
  /** How high above the ground the wind was read; null: as it blows where the ball flies. */
  windHeightM: number | null
  source: 'typed' | 'station' | null
}

/** A line of a monitor's own checklist, with the numbers that a fault there would touch. */
export type MonitorCheck = { what: string; touches: string }

/** A monitor's checklist and distances, from its manual; kept by the golfer. Distances in metres. */
export type MonitorProfile = {
  name: string
  /** From the ball to the net or screen, at least. */
  netLeastM: number
  /** From the monitor to the ball. */
  unitLeastM: number
  unitMostM: number
  checks: MonitorCheck[]
  /** What it works out rather than measures, and the temperature of the air in which it does; null: not said. */
  computes: FlightField[]
  airTempC: number | null
}

export type MonitorSetUp = {
  /** As the profile stood on that day. */
  profile: MonitorProfile
  netM: number | null
  unitM: number | null
  /** Those of the profile's checks that were made, by what they say. */
  checked: string[]
}

/** How a session was set up. What was skipped is null. */
export type SetUp = {
  surface: Surface | null
  ball: string | null
  ballTempC: number | null
  air: AirSetUp
  /** The altitude that the monitor's numbers stand for, and whether that is here or at the home course. */
  altitudeM: number | null
  altitudeOf: 'here' | 'home' | null
  /** Whose air the carries belong to; null where nobody said. */
  carryFrom: CarryFrom | null
  /** The temperature of the air in which the device computes its carries. */
  deviceTempC: number | null
  monitor: MonitorSetUp | null
}

/** What a monitor's own description says of the air of its carries; what was said already stays. */
export function withMonitor(setUp: SetUp, monitor: MonitorSetUp | null): SetUp {
  const next = { ...setUp, monitor }
  if (!monitor?.profile.computes.includes('carryM')) return next
  return {
    ...next,
    carryFrom: setUp.carryFrom ?? 'computed',
    deviceTempC: setUp.deviceTempC ?? monitor.profile.airTempC,
  }
}

export const EMPTY_SET_UP: SetUp = {
  surface: null,
  ball: null,
  ballTempC: null,
  air: {
    tempC: null,
    pressureHpa: null,
    humidity: null,
    windMps: null,
    wind: null,
    seaLevelHpa: null,
    windHeightM: null,
    source: null,
  },
  altitudeM: null,
  altitudeOf: null,
  carryFrom: null,
  deviceTempC: null,
  monitor: null,
}

/**
 * Where a golfer's own monitor is not described yet: ball at least 2.4 m from the net, a radar 1.8 to
 * 2.4 m behind the ball (common practice; the manual goes first).
 */
export const USUAL_MONITOR: MonitorProfile = {
  name: 'My monitor',
  netLeastM: 2.4,
  unitLeastM: 1.8,
  unitMostM: 2.4,
  checks: [
    { what: 'software is current', touches: 'every number' },
    { what: 'calibrated', touches: 'every number' },
    { what: 'level', touches: 'launch and peak' },
    { what: 'aimed at the target', touches: 'direction' },
  ],
  computes: [],
  airTempC: null,
}

/** What to know of a session's numbers: what was skipped, and what was not as the monitor wants it. */
export type Caveat =
  | { kind: 'not-said'; what: 'surface' | 'ball' | 'air' | 'altitude' | 'monitor' | 'net' | 'unit' }
  | { kind: 'not-checked'; what: string; touches: string }
  | { kind: 'net-short'; netM: number; wantedM: number }
  | { kind: 'unit-off'; unitM: number; leastM: number; mostM: number }

export function caveatsOf(setUp: SetUp, place: Place | null): Caveat[] {
  const { surface, ball, air, altitudeM, monitor } = setUp
  const missing = (what: Extract<Caveat, { kind: 'not-said' }>['what'], isMissing: boolean): Caveat[] =>
    isMissing ? [{ kind: 'not-said', what }] : []
  const netMatters = place === 'indoor'
  return [
    ...missing('surface', surface === null),
    ...missing('ball', ball === null),
    ...missing('air', air.tempC === null),
    ...missing('altitude', altitudeM === null && air.pressureHpa === null),
    ...missing('monitor', monitor === null),
    ...(monitor ? monitorCaveats(monitor, netMatters) : []),
  ]
}

function monitorCaveats({ profile, netM, unitM, checked }: MonitorSetUp, netMatters: boolean): Caveat[] {
  const { netLeastM, unitLeastM, unitMostM } = profile
  const caveats: Caveat[] = profile.checks
    .filter(({ what }) => !checked.includes(what))
    .map((check) => ({ kind: 'not-checked', ...check }))
  if (netMatters && netM === null) caveats.push({ kind: 'not-said', what: 'net' })
  if (unitM === null) caveats.push({ kind: 'not-said', what: 'unit' })
  if (netMatters && netM !== null && netM < netLeastM)
    caveats.push({ kind: 'net-short', netM, wantedM: netLeastM })
  if (unitM !== null && (unitM < unitLeastM || unitM > unitMostM))
    caveats.push({ kind: 'unit-off', unitM, leastM: unitLeastM, mostM: unitMostM })
  return caveats
}

/** What to mind for the golfer's own sake. */
export type Caution = 'heat' | 'cold' | 'footing' | 'net'

/** From here on water and shade, or a longer warm-up (common practice). */
const HEAT_C = 30
const COLD_C = 7
/** Nearer than this a ball comes back out of the net (common practice). */
const NET_LEAST_M = 2.4

export function cautionsOf({ surface, air, monitor }: SetUp, place: Place | null): Caution[] {
  const cautions: Caution[] = []
  if (air.tempC !== null && air.tempC >= HEAT_C) cautions.push('heat')
  if (air.tempC !== null && air.tempC <= COLD_C) cautions.push('cold')
  if (surface === 'grass' || surface === 'rough') cautions.push('footing')
  if (place === 'indoor' && monitor?.netM != null && monitor.netM < NET_LEAST_M) cautions.push('net')
  return cautions
}
