import Joi from 'joi'
import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import type { GolferSettings } from '@/core/model/golfer'
import type { ClubId, GolferId, SessionId, VisitId } from '@/core/model/ids'
import { LATEST_MS, MAX_LENGTH, LIMITS } from '@/core/model/limits'
import { PLACES, type Place } from '@/core/model/session'
import { LENGTH_UNITS, SPEED_UNITS } from '@/core/units'
import { FOLLOW_UP_IN, WENT, type AfterPlay, type VisitRecord } from '@/core/coach/visit'
import { newId, within } from './check'

/** What a coach's desk sends. */

const text = (most: number) => Joi.string().trim().min(1).max(most).allow(null)
const VISIT_FIELDS = {
  atMs: Joi.number().integer().min(0).max(LATEST_MS),
  offsetMin: within(LIMITS.offsetMin).integer(),
  minutes: within(LIMITS.visitMin).integer(),
  toDo: text(MAX_LENGTH.toDo),
  words: text(MAX_LENGTH.coachWords),
  followUp: Joi.object({
    after: within(LIMITS.followAfter).integer().required(),
    in: Joi.valid(...FOLLOW_UP_IN).required(),
    look: text(MAX_LENGTH.look).required(),
  }).allow(null),
}

export const VISIT_FORM = Joi.object<{ id: VisitId } & Omit<VisitRecord, 'words' | 'followUp'>>({
  id: newId<VisitId>().required(),
  atMs: VISIT_FIELDS.atMs.required(),
  offsetMin: VISIT_FIELDS.offsetMin.required(),
  minutes: VISIT_FIELDS.minutes.required(),
  toDo: VISIT_FIELDS.toDo.required(),
})
/** `changes`: how often the visit had been changed when it was read. */
export const VISIT_CHANGE = Joi.object<Partial<VisitRecord> & { changes: number; ended?: boolean }>({
  ...VISIT_FIELDS,
  ended: Joi.boolean(),
  changes: Joi.number().integer().min(0).max(1e9).required(),
})
const club = Joi.string<ClubId>().max(100)
export const AFTER_PLAY_FORM = Joi.object<Omit<AfterPlay, 'enteredMs'>>({
  missingM: within(LIMITS.distanceM).greater(0).allow(null).required(),
  off: Joi.object({ clubId: club.required(), went: Joi.valid(...WENT).required() })
    .allow(null)
    .required(),
  unusedId: club.allow(null).required(),
  words: text(MAX_LENGTH.toDo).required(),
})
const MOST_REPORTS = 60
export const REPORTS_FORM = Joi.object<{ kind: 'report' | 'report-letter'; golfers: string[] }>({
  kind: Joi.valid('report', 'report-letter').required(),
  golfers: Joi.array().items(Joi.string().max(100)).min(1).max(MOST_REPORTS).unique().required(),
})
export const DESK_FORM = Joi.object<{ coach: string | null; wanted: boolean }>({
  coach: text(MAX_LENGTH.golfer).required(),
  wanted: Joi.boolean().required(),
})

/** A golfer who stands in the bay and is not known yet: all that the first ball needs. */
type Arrival = Omit<GolferSettings, 'goalZoneM'> & {
  golferId: GolferId
  sessionId: SessionId
  bag: { template: string } | { copyOf: GolferId }
  place: Place
  offsetMin: number
  rangeClear: true
  /** The monitors' shots are this golfer's from now on. */
  receives: boolean
}
export const ARRIVAL_FORM = Joi.object<Arrival>({
  golferId: newId<GolferId>().required(),
  sessionId: newId<SessionId>().required(),
  name: Joi.string().trim().max(MAX_LENGTH.golfer).required(),
  hand: Joi.string().valid('right', 'left').required(),
  lengthUnit: Joi.valid(...LENGTH_UNITS).required(),
  speedUnit: Joi.valid(...SPEED_UNITS).required(),
  bag: Joi.alternatives(
    Joi.object({ template: Joi.valid(...BAG_TEMPLATES.map(({ key }) => key)).required() }),
    Joi.object({ copyOf: Joi.string().max(100).required() }),
  ).required(),
  place: Joi.string()
    .valid(...PLACES)
    .required(),
  offsetMin: within(LIMITS.offsetMin).integer().required(),
  rangeClear: Joi.valid(true).required(),
  receives: Joi.boolean().required(),
})

/** What a phone is to be paired for: one golfer's Bay; null: all of Banco. */
export const PAIRING_FORM = Joi.object<{ golferId: GolferId | null }>({
  golferId: Joi.string().max(100).allow(null).required(),
})
