import Joi from 'joi'
import type { ChanceInput } from '@/core/course/chances-of'
import { LIMITS } from '@/core/model/limits'
import { PLAUSIBLE_CARRY_M } from '@/core/model/limits'
import { type Checked, checkLine, problem, within } from './check'

const sd = Joi.number().min(0).max(100)
const far = within(LIMITS.leftM).greater(0)
const CHANCE_INPUT = Joi.object<ChanceInput>({
  carryM: within(PLAUSIBLE_CARRY_M).required(),
  stockSdM: sd.required(),
  shotSdM: sd.greater(0).required(),
  missed: Joi.number().min(0).max(1).required(),
  runM: Joi.number().min(-100).max(200),
  runSdM: sd,
  biasM: within(LIMITS.sidewaysM),
  sideSdM: sd.greater(0),
  hazardM: far,
  green: Joi.object({
    frontM: far.required(),
    backM: far
      .required()
      .custom((back: number, { state }) =>
        back > (state.ancestors[0] as { frontM: number }).frontM
          ? back
          : problem('The back of a green lies behind its front: change one of them.')(),
      ),
    halfWidthM: within(LIMITS.halfWidthM).required(),
  }),
}).or('hazardM', 'green')

/** Reads one line of `banco chance`: a shot, and what it is to clear or to hold. */
export const readChanceInput = (line: string): Checked<ChanceInput> => checkLine(CHANCE_INPUT, line)
