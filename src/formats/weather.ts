import Joi from 'joi'
import type { WeatherReading } from '@/core/session/weather'
import { LIMITS } from '@/core/model/limits'
import { check, within, type Checked } from './check'

const READING = Joi.object<WeatherReading & { format: string }>({
  format: Joi.valid('banco-weather-1').required(),
  place: Joi.string().max(80).required(),
  measuredMs: Joi.number().integer().min(0).max(4e12).required(),
  tempC: within(LIMITS.tempC).required(),
  pressureHpa: within(LIMITS.pressureHpa).required(),
  humidity: within(LIMITS.humidity).required(),
  windMps: within(LIMITS.windMps).required(),
  windFromDeg: Joi.number().min(0).less(360).required(),
  windHeightM: Joi.number().min(0).max(LIMITS.windHeightM.most).required(),
  altitudeM: within(LIMITS.altitudeM).required(),
})

/** Reads what a weather station answers. */
export function readWeather(text: string): Checked<WeatherReading> {
  let parsed: unknown
  try {
    parsed = JSON.parse(text)
  } catch {
    return {
      ok: false,
      problems: [{ field: '', sentence: 'The weather station answered something that is not JSON.' }],
    }
  }
  const checked = check(READING, parsed)
  if (!checked.ok) return checked
  const { format: _format, ...reading } = checked.value
  return { ok: true, value: reading }
}
