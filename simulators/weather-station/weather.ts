import type { WeatherReading } from '../../src/core/session/weather'
import { dice } from '../golfers/dice'

/** Made-up places with a weather station, and what their air is usually like. */
export const PLACES = [
  { name: 'Tarnwick links', altitudeM: 12, tempC: 11, humidity: 0.78, windMps: 5.5, windFromDeg: 245 },
  { name: 'Net loft, Tarnwick', altitudeM: 14, tempC: 17, humidity: 0.6, windMps: 0, windFromDeg: 0 },
  { name: 'Alto Verin', altitudeM: 1450, tempC: 23, humidity: 0.42, windMps: 2.5, windFromDeg: 130 },
] as const
export type WeatherPlace = (typeof PLACES)[number]

/** Pressure of the standard atmosphere at an altitude (ISO 2533, troposphere). */
const standardHpa = (altitudeM: number): number => 1013.25 * (1 - (0.0065 * altitudeM) / 288.15) ** 5.25588

const MINUTE_MS = 60_000
const rounded = (value: number, digits: number): number => Number(value.toFixed(digits))

/** The weather of a place at a minute. The same seed and minute give the same weather; it moves slowly from one to the next. */
export function weatherAt(shown: WeatherPlace, seed: number, nowMs: number): WeatherReading {
  const roll = dice(seed)
  const phases = Array.from({ length: 5 }, () => roll.between(0, 2 * Math.PI))
  const minute = Math.floor(nowMs / MINUTE_MS)
  const wave = (i: number, minutes: number) =>
    Math.sin((2 * Math.PI * minute) / minutes + (phases[i] as number))
  const wind = shown.windMps * (1 + 0.35 * wave(2, 23) + 0.15 * wave(3, 7))
  return {
    place: shown.name,
    measuredMs: minute * MINUTE_MS,
    tempC: rounded(shown.tempC + 2.5 * wave(0, 1440), 1),
    pressureHpa: rounded(standardHpa(shown.altitudeM) + 7 * wave(1, 4320), 1),
    humidity: rounded(Math.min(1, shown.humidity + 0.08 * wave(4, 720)), 2),
    windMps: rounded(Math.max(0, wind), 1),
    windFromDeg: rounded((shown.windFromDeg + 12 * wave(3, 31) + 360) % 360, 0) % 360,
    windHeightM: 2,
    altitudeM: shown.altitudeM,
  }
}
