import Joi from 'joi'
import { FLIGHT_FIELDS } from '@/core/shots/flight-fields'
import { LEFT_ABOUT } from './forms'
import { BUILD_FORM, FIXES } from './refit-forms'

const text = Joi.string().max(500)
const checks = Joi.array().items(Joi.object({ what: text.required(), touches: text.required() }).unknown())
const computes = Joi.array().items(Joi.valid(...FLIGHT_FIELDS))
const object = Joi.object().unknown()

/** Columns that hold JSON, with what it must be: the same as the forms through which a golfer writes it. */
const STORED: Record<string, Record<string, Joi.Schema>> = {
  club_set_up: { build: BUILD_FORM.unknown() },
  tried_refit: { fixes: FIXES },
  left_on_purpose: { about: LEFT_ABOUT },
  monitor_profile: { checks, computes },
  set_up: { checks, monitor_computes: computes },
  session_event: { said: object },
  ball_factor: {
    factors: Joi.array().items(
      Joi.object({
        factor: Joi.number().positive().required(),
        ballSpeedMps: Joi.number().positive().allow(null).required(),
        half: Joi.number().required(),
      }).unknown(),
    ),
  },
  file_shape: { columns: Joi.array().items(object.allow(null)) },
  golfer: { sureness: Joi.object().pattern(Joi.string(), Joi.number().min(0).max(1)) },
}

/**
 * Whether a stored text of JSON is of the kind that its column has, for files from elsewhere.
 * @returns a sentence; null where it is, or the column has no JSON
 */
export function storedJsonProblem(table: string, column: string, value: unknown): string | null {
  const schema = STORED[table]?.[column]
  if (!schema || value === null || value === undefined) return null
  const odd = `"${column}" of "${table}" is not valid: "${String(value).slice(0, 60)}". Take another file.`
  if (typeof value !== 'string') return odd
  try {
    const parsed: unknown = JSON.parse(value)
    return schema.validate(parsed, { convert: false }).error ? odd : null
  } catch {
    return odd
  }
}

/** All such columns, and what is wrong with a text in one of them, for who looks through a whole file. */
export const STORED_JSON = {
  columns: Object.entries(STORED).flatMap(([table, columns]) =>
    Object.keys(columns).map((column): [string, string] => [table, column]),
  ),
  problem: storedJsonProblem,
}
