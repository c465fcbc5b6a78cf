import Joi from 'joi'
import type { BagInput } from '@/core/analysis/bag-analysis'
import { JOBS } from '@/core/bag/club-build'
import { CLUB_KINDS } from '@/core/bag/club'
import { FULL_SWING } from '@/core/model/station'
import { GAP_RULES } from '@/core/model/gap-rule'
import { SURFACES } from '@/core/model/surface'
import { MARKS } from '@/core/model/mark'
import { EXCLUSIONS } from '@/core/shots/shot'
import { STOCK_RULES } from '@/core/model/stock-rule'
import { type Checked, checkLine } from './check'
import { FLIGHT_FIELDS } from '@/core/shots/flight-fields'

// Numbers of a shot are taken as they come: what a number of a shot is worth, the core decides.
const measured = Joi.number().unsafe().allow(null)
const FLIGHT_FORM = Object.fromEntries(FLIGHT_FIELDS.map((field) => [field, measured]))
const id = Joi.string().max(200)
const zones = Joi.object({
  reversed: Joi.valid(0).required(),
  tooClose: Joi.number().required(),
  tooWide: Joi.number().required(),
})

/** What every club of a line says. */
export const CLUB_FIELDS = {
  id: id.required(),
  kind: Joi.string()
    .valid(...CLUB_KINDS)
    .required(),
  loftDeg: Joi.number().allow(null).required(),
  order: Joi.number().required(),
  loftMeasured: Joi.boolean(),
  job: Joi.string().valid(...JOBS),
}

/** What a line says besides its clubs. */
export const BAG_FIELDS = {
  shots: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        clubId: id.required(),
        swing: Joi.string().max(200).required(),
        sequence: Joi.number().integer().min(0).required(),
        session: Joi.number().integer().min(0),
        ...FLIGHT_FORM,
        carryM: measured.required(),
        hitMs: Joi.number().integer().min(0),
        totalComputed: Joi.valid(true),
        mark: Joi.string().valid(...MARKS),
        exclusion: Joi.string().valid(...EXCLUSIONS),
        surface: Joi.string().valid(...SURFACES),
      }),
    )
    .required(),
  rules: Joi.object({
    stockRule: Joi.string().valid(...STOCK_RULES),
    gapRule: Joi.string().valid(...GAP_RULES),
    zonesM: Joi.alternatives(
      zones,
      Joi.object({ top: zones.required(), irons: zones.required(), wedges: zones.required() }),
    ),
    windCounts: Joi.boolean(),
    toleranceM: Joi.number().greater(0),
    byHand: Joi.array().items(
      Joi.object({
        clubId: id.required(),
        swing: Joi.string().max(200).required(),
        carryM: Joi.number().greater(0).required(),
        because: Joi.string().allow('').max(200).required(),
      }),
    ),
    expected: Joi.array().items(
      Joi.object({
        clubId: id.required(),
        swing: Joi.string().max(200).default(FULL_SWING),
        carryM: Joi.number().greater(0).required(),
        sdM: Joi.number().greater(0).required(),
      }),
    ),
    leftOnPurpose: Joi.object({
      gaps: Joi.array().items(
        Joi.object({
          longerId: id.required(),
          shorterId: id.required(),
          because: Joi.string().max(200).required(),
        }),
      ),
      uncovered: Joi.array().items(
        Joi.object({ atM: Joi.number().greater(0).required(), because: Joi.string().max(200).required() }),
      ),
    }),
    goalZoneM: Joi.array().ordered(Joi.number().required(), Joi.number().required()),
  }),
}

const BAG_INPUT = Joi.object<BagInput>({
  clubs: Joi.array().items(Joi.object(CLUB_FIELDS)).unique('id').required(),
  ...BAG_FIELDS,
})

/** Reads one line of `banco analyse`: a JSON document of clubs, shots and rules. */
export const readBagInput = (line: string): Checked<BagInput> => checkLine(BAG_INPUT, line)
