import Joi from 'joi'
import type { BagInput } from '@/core/analysis/bag-analysis'
import { HEADS } from '@/core/bag/club-build'
import type { RefitClub } from '@/core/bag/bag'
import { LIMITS } from '@/core/model/limits'
import { BAG_FIELDS, CLUB_FIELDS } from './bag-input'
import { type Checked, checkLine, within } from './check'

/** A line of `banco refit`: a bag with its shots, and what is known of how its clubs are made. */
export type RefitInput = Omit<BagInput, 'clubs'> & { clubs: (RefitClub & { inBag?: boolean })[] }

const REFIT_INPUT = Joi.object<RefitInput>({
  ...BAG_FIELDS,
  clubs: Joi.array()
    .items(
      Joi.object({
        ...CLUB_FIELDS,
        head: Joi.string().valid(...HEADS),
        model: Joi.string().max(100),
        sleeveDeg: within(LIMITS.sleeveDeg),
        bounceDeg: within(LIMITS.bounceDeg),
        inBag: Joi.boolean(),
        liking: within(LIMITS.liking).integer(),
      }),
    )
    .unique('id')
    .required(),
})

/** Reads one line of `banco refit`. */
export const readRefitInput = (line: string): Checked<RefitInput> => checkLine(REFIT_INPUT, line)
