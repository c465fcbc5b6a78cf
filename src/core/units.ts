/** Metres in a yard, by the international yard and pound agreement of 1959: exact. */
export const YARD_M = 0.9144
/** Metres in an inch, in which clubs are measured everywhere: exact. */
export const INCH_M = 0.0254
const FOOT_M = 0.3048
const MILE_M = 1609.344

export const LENGTH_UNITS = ['yd', 'm'] as const
export type LengthUnit = (typeof LENGTH_UNITS)[number]
export type HeightUnit = LengthUnit | 'ft'
export const SPEED_UNITS = ['mph', 'km/h', 'm/s'] as const
export type SpeedUnit = (typeof SPEED_UNITS)[number]

const METRES_PER: Record<HeightUnit, number> = { m: 1, yd: YARD_M, ft: FOOT_M }
const MPS_PER: Record<SpeedUnit, number> = { 'm/s': 1, 'km/h': 1 / 3.6, mph: MILE_M / 3600 }

/** A length in metres, given in `unit`. */
export const metresFrom = (length: number, unit: HeightUnit): number => length * METRES_PER[unit]

/** A length in `unit`, given in metres. */
export const lengthIn = (metres: number, unit: HeightUnit): number => metres / METRES_PER[unit]

/** A speed in metres per second, given in `unit`. */
export const mpsFrom = (speed: number, unit: SpeedUnit): number => speed * MPS_PER[unit]

/** A speed in `unit`, given in metres per second. */
export const speedIn = (mps: number, unit: SpeedUnit): number => mps / MPS_PER[unit]

/** Metres, given in yards: for constants of the trade, which are stated in yards. */
export const yards = (yd: number): number => yd * YARD_M

export const TEMP_UNITS = ['C', 'F'] as const
export type TempUnit = (typeof TEMP_UNITS)[number]

/** A temperature in `unit`, given in degrees Celsius. */
export const tempIn = (celsius: number, unit: TempUnit): number =>
  unit === 'C' ? celsius : (celsius * 9) / 5 + 32

/** Degrees Celsius, given in `unit`. */
export const celsiusFrom = (temp: number, unit: TempUnit): number =>
  unit === 'C' ? temp : ((temp - 32) * 5) / 9

export const DAY_MS = 86_400_000
