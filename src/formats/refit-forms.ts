import Joi from 'joi'
import { HEADS, JOBS, type ClubBuild } from '@/core/bag/club-build'
import type { ClubId } from '@/core/model/ids'
import { MAX_LENGTH, LIMITS } from '@/core/model/limits'
import type { Fix } from '@/core/refit/fixes'
import { within } from './check'

/** How a club is made: whatever of it is known. */
export const BUILD_FORM = Joi.object<ClubBuild>({
  head: Joi.string().valid(...HEADS),
  model: Joi.string().trim().max(MAX_LENGTH.model),
  loftMeasured: Joi.boolean(),
  lieDeg: within(LIMITS.lieDeg),
  lengthM: within(LIMITS.clubLengthM),
  bounceDeg: within(LIMITS.bounceDeg),
  sleeveDeg: within(LIMITS.sleeveDeg),
  markedDeg: within(LIMITS.loftDeg),
  sleeveAt: Joi.string().trim().max(MAX_LENGTH.sleeveAt),
  shaft: Joi.string().trim().max(MAX_LENGTH.shaft),
  shaftG: within(LIMITS.shaftG),
  flex: Joi.string().trim().max(MAX_LENGTH.flex),
  grip: Joi.string().trim().max(MAX_LENGTH.grip),
  job: Joi.string().valid(...JOBS),
  oneLie: Joi.valid(true),
  liking: within(LIMITS.liking).integer(),
  usual: Joi.valid(true),
})

const id = Joi.string<ClubId>().max(100)
const clubId = id.required()
const degrees = within(LIMITS.turnDeg).required()
const FIX = Joi.alternatives(
  Joi.object({ kind: Joi.valid('bend', 'sleeve').required(), clubId, degrees }),
  Joi.object({ kind: Joi.valid('swap').required(), clubId, loftDeg: within(LIMITS.loftDeg).required() }),
  Joi.object({ kind: Joi.valid('drop').required(), clubId }),
  Joi.object({
    kind: Joi.valid('add').required(),
    clubId: id,
    loftDeg: within(LIMITS.loftDeg),
    carryM: within(LIMITS.carryM),
  })
    .xor('clubId', 'loftDeg')
    .with('carryM', 'loftDeg'),
  Joi.object({ kind: Joi.valid('length').required(), clubId, longerM: within(LIMITS.longerM).required() }),
  Joi.object({ kind: Joi.valid('grip').required(), clubId, cm: within(LIMITS.gripDownCm).required() }),
)

/** A set of fixes. */
export const FIXES = Joi.array().items(FIX).min(1).max(40).required()

/** Fixes that were done, and when. */
export const DONE_FORM = Joi.object<{ fixes: Fix[]; sinceMs: number }>({
  fixes: FIXES,
  sinceMs: Joi.number().integer().min(1).required(),
})
/** Fixes that are kept under a name. */
export const TRIED_FORM = Joi.object<{ name: string; fixes: Fix[] }>({
  name: Joi.string().trim().max(MAX_LENGTH.refit).required(),
  fixes: FIXES,
})
export const TRIED_REMOVAL = Joi.object<{ name: string }>({
  name: Joi.string().max(MAX_LENGTH.refit).required(),
})
