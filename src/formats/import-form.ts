import Joi from 'joi'
import type { ClubId } from '@/core/model/ids'
import { MAX_LENGTH, LIMITS } from '@/core/model/limits'
import { within } from './check'
import type { ColumnChoice } from './table/shape'
import { TABLE_FIELDS, UNITS_OF } from './table/columns'

export type ImportForm = {
  /** The file that was sent before. */
  file: string
  name: string
  /** What each column holds, as the golfer confirmed it. */
  columns: ColumnChoice[]
  clubs: Record<string, ClubId | 'new' | 'later'>
  offsetMin: number
  /** The monitor that measured them, by the golfer's own word. */
  monitor?: string
  /** They are there already by another monitor: compared, and in no stock. */
  watches?: boolean
  /** Nothing is taken: the answer says which rows are known. */
  dry?: boolean
}

const units = [...new Set(Object.values(UNITS_OF).flat()), 'ms']
export const IMPORT_FORM = Joi.object<ImportForm>({
  file: Joi.string().max(100).required(),
  name: Joi.string().trim().max(200).required(),
  columns: Joi.array()
    .items(
      Joi.object({
        field: Joi.valid(...TABLE_FIELDS, null).required(),
        unit: Joi.valid(...units, null).required(),
      }),
    )
    .max(500)
    .required(),
  clubs: Joi.object().pattern(Joi.string().max(MAX_LENGTH.label), Joi.string().max(100)).required(),
  offsetMin: within(LIMITS.offsetMin).integer().required(),
  monitor: Joi.string().trim().min(1).max(MAX_LENGTH.device),
  watches: Joi.boolean(),
  dry: Joi.boolean(),
})
