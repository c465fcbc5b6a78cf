import { type Air } from '../model/air'

const KELVIN = 273.15
const HPA = 100

/**
 * Density of moist air in kg/m³.
 * Source: CIPM-2007 (Picard, Davis, Gläser, Fujii 2008, Metrologia 45), at 400 ppm carbon dioxide.
 */
export function densityOf({
  tempC: t,
  pressureHpa,
  humidity,
}: Pick<Air, 'tempC' | 'pressureHpa' | 'humidity'>): number {
  const T = t + KELVIN
  const p = pressureHpa * HPA
  const saturation = Math.exp(1.2378847e-5 * T * T - 1.9121316e-2 * T + 33.93711047 - 6343.1645 / T)
  const enhancement = 1.00062 + 3.14e-8 * p + 5.6e-7 * t * t
  const x = (humidity * enhancement * saturation) / p
  const Z =
    1 -
    (p / T) *
      (1.58123e-6 -
        2.9331e-8 * t +
        1.1043e-10 * t * t +
        (5.707e-6 - 2.051e-8 * t) * x +
        (1.9898e-4 - 2.376e-6 * t) * x * x) +
    ((p * p) / (T * T)) * (1.83e-11 - 0.765e-8 * x * x)
  const dry = 28.96546e-3
  return ((p * dry) / (Z * 8.314472 * T)) * (1 - x * (1 - 18.01528e-3 / dry))
}

/** Viscosity of air in Pa s. Source: Sutherland. */
export function viscosityOf({ tempC }: Pick<Air, 'tempC'>): number {
  const T = tempC + KELVIN
  return (1.458e-6 * T ** 1.5) / (T + 110.4)
}

/**
 * Pressure at an altitude in hPa.
 * Source: ISO 2533, troposphere.
 * @param seaLevelHpa the day's pressure brought to sea level, as forecasts give it
 */
export const pressureAt = (altitudeM: number, seaLevelHpa = 1013.25): number =>
  seaLevelHpa * (1 - (0.0065 * altitudeM) / 288.15) ** 5.25588

/** The day's pressure brought to sea level, from what is read at an altitude. The inverse of `pressureAt`. */
export const seaLevelPressure = (pressureHpa: number, altitudeM: number): number =>
  pressureHpa / pressureAt(altitudeM, 1)

/** Short grass: the height at which the logarithmic profile has no wind. */
const ROUGHNESS_M = 0.03

/** The share of the wind read at `readM` that blows at height `m`. */
export const windShare = (m: number, readM: number): number =>
  m <= ROUGHNESS_M ? 0 : Math.log(m / ROUGHNESS_M) / Math.log(readM / ROUGHNESS_M)
