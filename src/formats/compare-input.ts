import Joi from 'joi'
import { LENGTH_UNITS, type LengthUnit } from '@/core/units'
import { PLAUSIBLE_CARRY_M } from '@/core/model/limits'
import { type Checked, checkLine, within } from './check'

/** A line of `banco compare`: two lists of solid carries, in metres; two of the unit are what matters. */
export type CompareInput = { a: number[]; b: number[]; sameDay: boolean; unit?: LengthUnit }

const carries = Joi.array().items(within(PLAUSIBLE_CARRY_M)).min(1).max(10_000).required()
const COMPARE_INPUT = Joi.object<CompareInput>({
  a: carries,
  b: carries,
  sameDay: Joi.boolean().required(),
  unit: Joi.string().valid(...LENGTH_UNITS),
})

/** Reads one line of `banco compare`. */
export const readCompareInput = (line: string): Checked<CompareInput> => checkLine(COMPARE_INPUT, line)
