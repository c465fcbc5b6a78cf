import Joi from 'joi'
import { LIMITS } from '@/core/model/limits'
import { PLAUSIBLE_CARRY_M } from '@/core/model/limits'
import { checkLine, problem, within, type Checked } from './check'

/** A line of `banco agree`: the same shots as two monitors read them, in metres, and within how much they are to agree. */
export type AgreeInput = { a: number[]; b: number[]; toleranceM: number }

const carries = Joi.array().items(within(PLAUSIBLE_CARRY_M)).min(3).max(10_000).required()
const AGREE_INPUT = Joi.object<AgreeInput>({
  a: carries,
  b: carries.custom((b: number[], { state }) =>
    b.length === (state.ancestors[0] as AgreeInput).a.length
      ? b
      : problem('Both lists need as many carries, one for each shot: leave out what one of the two lost.')(),
  ),
  toleranceM: within(LIMITS.toleranceM).required(),
})

/** Reads one line of `banco agree`. */
export const readAgreeInput = (line: string): Checked<AgreeInput> => checkLine(AGREE_INPUT, line)
