import type { AirSetUp } from './set-up'

/** What a weather station says of its place, in canonical units. */
export type WeatherReading = {
  place: string
  measuredMs: number
  tempC: number
  /** At the station, not brought to sea level. */
  pressureHpa: number
  /** 0 to 1. */
  humidity: number
  windMps: number
  /** Where the wind comes from, degrees from north, clockwise. */
  windFromDeg: number
  /** How high above the ground the wind is measured. */
  windHeightM: number
  altitudeM: number
}

/** Less wind than this moves no flag. */
const CALM_MPS = 1.5

/** The air of a set-up as a station read it. Its wind is felt, from which side only the golfer can say. */
export const airFrom = ({
  tempC,
  pressureHpa,
  humidity,
  windMps,
  windHeightM,
}: WeatherReading): AirSetUp => ({
  tempC,
  pressureHpa,
  humidity,
  windMps,
  wind: windMps >= CALM_MPS ? 'felt' : null,
  seaLevelHpa: null,
  windHeightM,
  source: 'station',
})
