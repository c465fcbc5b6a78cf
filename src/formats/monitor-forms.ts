import Joi from 'joi'
import type { ShotId } from '@/core/model/ids'
import { MAX_LENGTH, LIMITS } from '@/core/model/limits'
import type { Correction } from '@/core/monitors/correction'
import type { MovedPair } from '@/core/monitors/pair-readings'
import { FLIGHT_FIELDS, type FlightField } from '@/core/shots/flight-fields'
import { newId, within } from './check'

/** What the screens send of monitors. Canonical units. */

const monitor = Joi.string().trim().min(1).max(MAX_LENGTH.device)
const shotId = newId<ShotId>()

/** Whether a monitor only watches the shots that another takes. */
export const WATCHING_FORM = Joi.object<{ monitor: string; on: boolean }>({
  monitor: monitor.required(),
  on: Joi.boolean().required(),
})

/** What another monitor's screen said of shots that are there. */
type TypedReadings = { monitor: string; readings: { id: ShotId; shotId: ShotId; carryM: number }[] }
export const READINGS_FORM = Joi.object<TypedReadings>({
  monitor: monitor.required(),
  readings: Joi.array()
    .items(
      Joi.object({
        id: shotId.required(),
        shotId: shotId.required(),
        carryM: within(LIMITS.carryM).required(),
      }),
    )
    .min(1)
    .max(500)
    .required(),
})

/** Which readings belong together, and which go back to where the clock puts them. */
export const PAIRS_FORM = Joi.object<{ moved: MovedPair[]; found?: ShotId[] }>({
  moved: Joi.array()
    .items(Joi.object({ shotId: shotId.required(), withId: shotId.allow(null).required() }))
    .max(500)
    .required(),
  found: Joi.array().items(shotId).max(500),
})

export const CORRECTION_FORM = Joi.object<Omit<Correction, 'setMs'>>({
  monitor: monitor.required(),
  field: Joi.valid(...FLIGHT_FIELDS).required(),
  share: Joi.number().min(-0.5).max(0.5).required(),
  plus: Joi.number().min(-5000).max(5000).required(),
  against: monitor.required(),
  pairs: Joi.number().integer().min(3).max(1e6).required(),
  half: Joi.number().min(0).max(5000).required(),
  on: Joi.boolean().required(),
})
export const NO_CORRECTION_FORM = Joi.object<{ monitor: string; field: FlightField }>({
  monitor: monitor.required(),
  field: Joi.valid(...FLIGHT_FIELDS).required(),
})
