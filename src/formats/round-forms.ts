import Joi from 'joi'
import { CLUB_KINDS, type ClubKind } from '@/core/bag/club'
import { TURFS } from '@/core/model/turf'
import type { ClubId, RoundId, RoundShotId } from '@/core/model/ids'
import { LATEST_MS, MAX_LENGTH, LIMITS } from '@/core/model/limits'
import { LIES, type Round, type RoundDay, type RoundEvent } from '@/core/rounds/round'
import { newId, within } from './check'

/** What the screens send of rounds on the course. Canonical units. */

const time = Joi.number().integer().min(0).max(LATEST_MS)
const place = Joi.string().trim().min(1).max(MAX_LENGTH.place).allow(null)
const day = Joi.object<RoundDay>({
  tempC: within(LIMITS.dayTempC).required(),
  altitudeM: within(LIMITS.altitudeM).required(),
  seaLevelHpa: within(LIMITS.seaLevelHpa).required(),
  humidity: within(LIMITS.humidity).required(),
  turf: Joi.valid(...TURFS).required(),
})

/** A round is opened under its own name, so that one that is sent again opens nothing. */
export const ROUND_FORM = Joi.object<Omit<Round, 'shots'>>({
  id: newId<RoundId>().required(),
  place: place.required(),
  openedMs: time.required(),
  offsetMin: within(LIMITS.offsetMin).integer().required(),
  competition: Joi.boolean().required(),
  day: day.allow(null).required(),
})

export const ROUND_CHANGE = Joi.object<{
  place?: string | null
  day?: RoundDay
  competition?: boolean
  removed?: boolean
}>({ place, day, competition: Joi.boolean(), removed: Joi.boolean() }).or(
  'place',
  'day',
  'competition',
  'removed',
)

const ROUND_EVENT = Joi.object<RoundEvent>({
  said: newId<string>().required(),
  id: newId<RoundShotId>().required(),
  atMs: time.required(),
  clubId: Joi.string<ClubId>().max(100).required(),
  swing: Joi.string().max(MAX_LENGTH.swing).required(),
  leftM: within(LIMITS.leftM).allow(null).required(),
  afterM: within(LIMITS.leftM).allow(null).required(),
  carryM: within(LIMITS.carryM).allow(null).required(),
  lie: Joi.valid(...LIES, null).required(),
  gone: Joi.boolean(),
})
/** What was said of shots together; undone together. */
export const ROUND_EVENTS_FORM = Joi.object<{ said: RoundEvent[]; batch: string }>({
  said: Joi.array().items(ROUND_EVENT).min(1).max(300).required(),
  batch: newId<string>().required(),
})
/** What undo takes back, as the golfer was told. */
export const ROUND_UNDO_FORM = Joi.object<{ batch: string }>({ batch: Joi.string().max(100).required() })

/** For one kind of club the card takes on what the course was off the bay, or no more. */
export const AS_ON_COURSE_FORM = Joi.object<{ kind: ClubKind; on: boolean }>({
  kind: Joi.valid(...CLUB_KINDS).required(),
  on: Joi.boolean().required(),
})

/** A table of rounds as text; `take` false: nothing is taken, the answer says what would be. */
type RoundTableForm = {
  text: string
  offsetMin: number
  /** Which club each name means, where its letters do not say. */
  clubs: Record<string, ClubId>
  take: boolean
}
export const ROUND_TABLE_BYTES = 1024 * 1024
export const ROUND_TABLE_FORM = Joi.object<RoundTableForm>({
  text: Joi.string().max(ROUND_TABLE_BYTES).required(),
  offsetMin: within(LIMITS.offsetMin).integer().required(),
  clubs: Joi.object().pattern(Joi.string().max(MAX_LENGTH.label), Joi.string().max(100)).required(),
  take: Joi.boolean().required(),
})
