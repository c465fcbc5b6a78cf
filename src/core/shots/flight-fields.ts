import type { SpeedUnit, LengthUnit } from '../units'

/** What kind of number a measurement is: it says in which units it can be given. */
export type FlightKind = 'length' | 'height' | 'speed' | 'angle' | 'spin'

export type FlightFieldFacts = {
  kind: FlightKind
  /** Its name in the feed, and as what a column of a table can hold. */
  name: string
  /** As people read it. */
  title: string
  /** What it is, where the title alone could be misread. */
  long?: string
  /** In the table of shots. */
  column: string
  /** With which it is written for people. */
  decimals: number
}

/**
 * Every number that a monitor or a golfer can say of one hit ball, in the order in which they are written
 * everywhere: store, files, feed and screens read this table.
 */
export const FLIGHT = {
  carryM: { kind: 'length', name: 'carry', title: 'carry', column: 'carry_m', decimals: 1 },
  totalM: { kind: 'length', name: 'total', title: 'total', column: 'total_m', decimals: 1 },
  ballSpeedMps: {
    kind: 'speed',
    name: 'ballSpeed',
    title: 'ball speed',
    column: 'ball_speed_mps',
    decimals: 1,
  },
  clubSpeedMps: {
    kind: 'speed',
    name: 'clubSpeed',
    title: 'club speed',
    column: 'club_speed_mps',
    decimals: 1,
  },
  launchDeg: {
    kind: 'angle',
    name: 'launch',
    title: 'launch',
    long: 'launch angle',
    column: 'launch_deg',
    decimals: 1,
  },
  spinRpm: { kind: 'spin', name: 'spin', title: 'spin', column: 'spin_rpm', decimals: 0 },
  /** Sideways distance at landing, positive to the right. */
  offlineM: {
    kind: 'length',
    name: 'offline',
    title: 'offline',
    long: 'offline, right positive',
    column: 'offline_m',
    decimals: 1,
  },
  peakM: { kind: 'height', name: 'peak', title: 'peak', column: 'peak_m', decimals: 1 },
  /** Angle of descent at landing, from the horizontal. */
  landingDeg: {
    kind: 'angle',
    name: 'landing',
    title: 'landing',
    long: 'landing angle',
    column: 'landing_deg',
    decimals: 1,
  },
} as const satisfies Record<string, FlightFieldFacts>

export type FlightField = keyof typeof FLIGHT
export type FlightName = (typeof FLIGHT)[FlightField]['name']
export const FLIGHT_FIELDS = Object.keys(FLIGHT) as FlightField[]
export const FLIGHT_NAMES: readonly FlightName[] = FLIGHT_FIELDS.map((field) => FLIGHT[field].name)

/** What a golfer or a monitor says of one hit ball, in canonical units: what was not measured is absent. */
export type Flight = {
  /** Distance from the ball to where it landed. Null where it was not read. */
  carryM: number | null
} & Partial<Record<Exclude<FlightField, 'carryM'>, number>>

/** The field of a name in the feed and in tables. */
export const FIELD_NAMED = Object.fromEntries(
  FLIGHT_FIELDS.map((field) => [FLIGHT[field].name, field]),
) as Record<FlightName, FlightField>

/** The unit in which people read a kind of measurement: degrees and turns a minute are everybody's. */
export function unitOfKind(
  kind: FlightKind,
  { lengthUnit, speedUnit }: { lengthUnit: LengthUnit; speedUnit: SpeedUnit },
): LengthUnit | SpeedUnit | 'deg' | 'rpm' {
  if (kind === 'speed') return speedUnit
  if (kind === 'angle') return 'deg'
  return kind === 'spin' ? 'rpm' : lengthUnit
}
