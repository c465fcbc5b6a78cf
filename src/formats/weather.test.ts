import { describe, expect, it } from 'vitest'
import { PLACES, weatherAt } from '../../simulators/weather-station/weather'
import { readWeather } from './weather'

const NOON_MS = 1_775_899_800_000

describe('the weather station', () => {
  it.each(PLACES)(
    'at $name says what Banco reads, and the same again for the same seed and minute',
    (place) => {
      const weather = weatherAt(place, 7, NOON_MS)
      expect(weatherAt(place, 7, NOON_MS + 20_000)).toEqual(weather)
      const read = readWeather(JSON.stringify({ format: 'banco-weather-1', ...weather }))
      expect(read).toEqual({ ok: true, value: weather })
    },
  )

  it('moves slowly, and stays inside its format for a year (seeds 1 to 5)', () => {
    for (let seed = 1; seed <= 5; seed++)
      for (let hour = 0; hour < 365 * 24; hour += 7) {
        const at = NOON_MS + hour * 3_600_000
        const weather = weatherAt(PLACES[0], seed, at)
        expect(readWeather(JSON.stringify({ format: 'banco-weather-1', ...weather })).ok).toBe(true)
        expect(Math.abs(weatherAt(PLACES[0], seed, at + 60_000).tempC - weather.tempC)).toBeLessThanOrEqual(
          0.1,
        )
      }
  })

  // ISO 2533: 898.746 hPa at 1000 m; the made-up place at 1450 m stands at 850.7 by the same formula (computed).
  it('has the thin air of its altitude', () => {
    const mean = Array.from(
      { length: 72 },
      (_, i) => weatherAt(PLACES[2], 3, NOON_MS + i * 3_600_000).pressureHpa,
    )
    expect(mean.reduce((a, b) => a + b) / mean.length).toBeCloseTo(850.7, -1)
  })

  it('is refused with what is wrong', () => {
    const problems = (text: string) => {
      const read = readWeather(text)
      return read.ok ? [] : read.problems.map(({ sentence }) => sentence)
    }
    expect(problems('<html>')).toEqual(['The weather station answered something that is not JSON.'])
    const weather = { format: 'banco-weather-1', ...weatherAt(PLACES[0], 1, NOON_MS) }
    expect(problems(JSON.stringify({ ...weather, tempC: undefined }))).toEqual([
      '"tempC" is missing: add it.',
    ])
    expect(problems(JSON.stringify({ ...weather, humidity: 78 }))).toEqual([
      '"humidity" must be at most 1, and is 78.',
    ])
    expect(problems(JSON.stringify({ ...weather, format: 'other' }))[0]).toContain('"format" must be one of')
  })
})
