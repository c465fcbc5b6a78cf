import Joi from 'joi'
import type { ClubDetails } from '@/core/bag/bag'
import { CLUB_KINDS } from '@/core/bag/club'
import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import { SEGMENTS } from '@/core/model/segment'
import { GAP_RULES } from '@/core/model/gap-rule'
import { HAZARDS, type CoverConfidence } from '@/core/model/cover-confidence'
import {
  BAG_WISHES,
  COMPARE_IN,
  LEVELS,
  type AirPreferences,
  type BayPreferences,
  type CoursePreferences,
  type CoverPreferences,
  type GolferAim,
  type GolferRules,
  type GolferSettings,
} from '@/core/model/golfer'
import type { Venue, Day } from '@/core/session/day'
import { TURFS } from '@/core/model/turf'
import { STOCK_RULES } from '@/core/model/stock-rule'
import type { ClubId, GolferId, SessionId, ShotId } from '@/core/model/ids'
import type { TypedPost } from '@/core/shots/typed-post'
import { WINDS } from '@/core/session/conditions'
import { STOCK_SURFACES, SURFACES } from '@/core/model/surface'
import type { Block, Plan } from '@/core/session/plan'
import { EVENT_KINDS, type SessionEvent } from '@/core/session/session-event'
import type { SetUp } from '@/core/session/set-up'
import { PLACES, type Place } from '@/core/model/session'
import { MARKS, type Mark } from '@/core/model/mark'
import type { LeftAbout } from '@/core/gaps/kept-as-is'
import { isPlausibleCarry } from '@/core/shots/plausible-carry'
import { newId, problem, within } from './check'
import { MAX_LENGTH, LIMITS, LATEST_MS } from '@/core/model/limits'
import { LENGTH_UNITS, SPEED_UNITS, TEMP_UNITS } from '@/core/units'
import { BUILD_FORM } from './refit-forms'
import { SET_UP_FORM } from './set-up-form'
import type { Station } from '@/core/model/station'

/** What the screens send, one schema a form. Canonical units. */

const id = <T extends string>() => Joi.string<T>().max(100)
const swing = Joi.string().max(MAX_LENGTH.swing)
const time = Joi.number().integer().min(0).max(LATEST_MS)
const carryM = Joi.number().custom((value: number) =>
  isPlausibleCarry(value)
    ? value
    : problem('No golf shot carries that far or that short: type a carry from 3 to 450 yd (3 to 411 m).')(),
)
const offset = within(LIMITS.offsetMin).integer()

const golfer = {
  name: Joi.string().trim().max(MAX_LENGTH.golfer),
  hand: Joi.string().valid('right', 'left'),
  lengthUnit: Joi.valid(...LENGTH_UNITS),
  speedUnit: Joi.valid(...SPEED_UNITS),
  goalZoneM: Joi.array()
    .ordered(within(LIMITS.distanceM).greater(0).required(), within(LIMITS.distanceM).required())
    .custom((zone: [number, number]) =>
      zone[0] < zone[1]
        ? zone
        : problem('The focus distances must end further than they begin: change one of the two numbers.')(),
    )
    .allow(null),
}
/** The golfer and the aim. */
const AIM = {
  level: Joi.valid(...LEVELS, null),
  driverM: carryM.allow(null),
  usualTurf: Joi.valid(...TURFS, null),
  bagWish: Joi.valid(...BAG_WISHES, null),
  likes: Joi.string().trim().max(MAX_LENGTH.likes).allow(null),
  consent: Joi.string().trim().min(1).max(MAX_LENGTH.consent).allow(null),
}
export const GOLFER_FORM = Joi.object<GolferSettings & Partial<GolferAim>>({ ...golfer, ...AIM }).fork(
  Object.keys(golfer),
  (field) => field.required(),
)
const sure = within(LIMITS.sureness).required()
export const GOLFER_CHANGE = Joi.object<
  Partial<GolferSettings & BayPreferences & AirPreferences & CoverPreferences & GolferAim & CoursePreferences>
>({
  ...golfer,
  ...AIM,
  sureness: Joi.object<CoverConfidence>(Object.fromEntries(HAZARDS.map((kind) => [kind, sure]))),
  askExpectation: Joi.boolean(),
  followPlan: Joi.boolean(),
  tempUnit: Joi.valid(...TEMP_UNITS),
  longestMin: within(LIMITS.longestMin).integer(),
  homeAltitudeM: within(LIMITS.altitudeM).allow(null),
  referenceAir: Joi.object({
    tempC: within(LIMITS.dayTempC).required(),
    pressureHpa: within(LIMITS.pressureHpa).required(),
    humidity: within(LIMITS.humidity).required(),
  }),
  compareIn: Joi.valid(...COMPARE_IN),
  toleranceM: within(LIMITS.toleranceM),
  ageLimitDays: within(LIMITS.ageLimitDays).integer(),
})
export const DAY_FORM = Joi.object<Day>({
  place: Joi.string().trim().min(1).max(MAX_LENGTH.place).allow(null).required(),
  tempC: within(LIMITS.dayTempC).required(),
  altitudeM: within(LIMITS.altitudeM).required(),
  seaLevelHpa: within(LIMITS.seaLevelHpa).required(),
  humidity: within(LIMITS.humidity).required(),
  tailwindMps: within(LIMITS.windAlongMps).required(),
  crosswindMps: within(LIMITS.windAlongMps).required(),
  turf: Joi.valid(...TURFS).required(),
})
export const VENUE_REMOVAL = Joi.object<{ name: string }>({
  name: Joi.string().max(MAX_LENGTH.place).required(),
})
export const VENUE_FORM = Joi.object<Venue>({
  name: Joi.string().trim().min(1).max(MAX_LENGTH.place).required(),
  altitudeM: within(LIMITS.altitudeM).required(),
  turf: Joi.valid(...TURFS).required(),
})

export const REMOVAL_FORM = Joi.object<{ name: string }>({
  name: Joi.string().max(MAX_LENGTH.golfer).required(),
})

const zone = Joi.object({
  reversed: Joi.valid(0).required(),
  tooClose: within(LIMITS.gapTooCloseM).greater(0).required(),
  tooWide: within(LIMITS.gapTooWideM)
    .required()
    .custom((wide: number, { state }) =>
      wide > (state.ancestors[0] as { tooClose: number }).tooClose
        ? wide
        : problem('A good gap must end further than it begins: change one of its limits.')(),
    ),
})
export const RULES_FORM = Joi.object<Partial<GolferRules>>({
  stockRule: Joi.string().valid(...STOCK_RULES),
  gapRule: Joi.string()
    .valid(...GAP_RULES)
    .allow(null),
  ownZonesM: Joi.object(Object.fromEntries(SEGMENTS.map((segment) => [segment, zone.required()]))).allow(
    null,
  ),
  windCounts: Joi.boolean(),
  stocksOff: Joi.valid(...STOCK_SURFACES, null),
}).min(1)

const because = Joi.string().trim().min(1).max(MAX_LENGTH.reason)
/** What is kept as it is: a gap, distances without a club, two shots at one number. */
export const LEFT_ABOUT = Joi.alternatives(
  Joi.object({
    kind: Joi.valid('step').required(),
    longerId: id<ClubId>().required(),
    shorterId: id<ClubId>().required(),
  }),
  Joi.object({ kind: Joi.valid('hole').required(), atM: within(LIMITS.distanceM).greater(0).required() }),
  Joi.object({
    kind: Joi.valid('pair').required(),
    stations: Joi.array()
      .items(Joi.object({ clubId: id<ClubId>().required(), swing: swing.required() }))
      .length(2)
      .required(),
  }),
)
/** Something is kept as it is, with the reason; without one that is taken back. */
export const LEFT_FORM = Joi.object<{ about: LeftAbout; because: string | null }>({
  about: LEFT_ABOUT.required(),
  because: because.allow(null).required(),
})

type HandStockForm = Station & { carryM: number | null; because: string }
/** A stock set by hand; without a carry it is taken back. */
export const HAND_STOCK_FORM = Joi.object<HandStockForm>({
  clubId: id<ClubId>().required(),
  swing: swing.required(),
  carryM: carryM.allow(null).required(),
  because: Joi.string()
    .trim()
    .allow('')
    .max(MAX_LENGTH.handReason)
    .required()
    .custom((reason: string, { state }) =>
      reason === '' && (state.ancestors[0] as HandStockForm).carryM !== null
        ? problem('A number set by hand needs its reason: say why you play this one.')()
        : reason,
    ),
})

/** What a name in files and feeds means: a club, or that it is decided later, or its letters again. */
export const LABEL_FORM = Joi.object<{ label: string; means: ClubId | 'later' | 'forgotten' }>({
  label: Joi.string().trim().min(1).max(MAX_LENGTH.label).required(),
  means: id<ClubId>().required(),
})

export const BAG_FORM = Joi.object<{ template: string; name: string }>({
  template: Joi.string()
    .valid(...BAG_TEMPLATES.map((template) => template.key))
    .required(),
  name: Joi.string().trim().max(MAX_LENGTH.bag).required(),
})
export const SLOTS_FORM = Joi.object<{ clubIds: ClubId[] }>({
  clubIds: Joi.array().items(id<ClubId>()).required(),
})
/** A club as it is; `sinceMs` where it was changed then, and was another before. */
export const CLUB_FORM = Joi.object<ClubDetails & { sinceMs?: number }>({
  name: Joi.string().trim().max(MAX_LENGTH.club).required(),
  kind: Joi.string()
    .valid(...CLUB_KINDS)
    .required(),
  loftDeg: within(LIMITS.loftDeg).allow(null).required(),
  build: BUILD_FORM,
  sinceMs: Joi.number().integer().min(1),
})
export const SET_UP_REMOVAL = Joi.object<{ sinceMs: number }>({
  sinceMs: Joi.number().integer().min(1).required(),
})

const place = Joi.string().valid(...PLACES)
const BLOCK = {
  clubId: id<ClubId>().required(),
  swing: swing.required(),
  shots: within(LIMITS.shotsOfBlock).integer().required(),
}
const PLAN_FORM = Joi.object<Plan>({
  blocks: Joi.array()
    .items(
      Joi.object({
        ...BLOCK,
        day: within(LIMITS.planDay).integer().required(),
      }),
    )
    .max(1000)
    .required(),
  untilSettled: Joi.boolean().required(),
  restEvery: within(LIMITS.restEvery).integer().required(),
  restS: within(LIMITS.restS).integer().required(),
})
type SessionForm = {
  /** Its own name, so that a start that is sent again starts nothing. */
  id?: SessionId
  place: Place
  offsetMin: number
  plan?: Plan
  setUp?: SetUp
  /** The golfer said that nobody is in front. */
  rangeClear?: true
  /** The first shots are warm-up. */
  warmUp?: true
}
export const SESSION_FORM = Joi.object<SessionForm>({
  id: newId<SessionId>(),
  place: place.required(),
  offsetMin: offset.required(),
  plan: PLAN_FORM,
  setUp: SET_UP_FORM,
  rangeClear: Joi.valid(true),
  warmUp: Joi.valid(true),
})
export const HIT_NEXT_FORM = Joi.object<{ blocks: Block[] }>({
  blocks: Joi.array().items(Joi.object(BLOCK)).min(1).max(100).required(),
})
export const SESSION_CHANGE = Joi.object<{
  ended?: true
  injuryStop?: boolean
  /** Its air stays unsaid. */
  airLeft?: true
  golferId?: GolferId
  place?: Place
}>({
  ended: Joi.valid(true),
  injuryStop: Joi.boolean(),
  airLeft: Joi.valid(true),
  golferId: id<GolferId>(),
  place,
}).or('ended', 'injuryStop', 'airLeft', 'golferId', 'place')
/** What undo takes back, as the golfer was told; null where the newest is not known here yet. */
export const UNDO_FORM = Joi.object<{ batch: string | null }>({
  batch: Joi.string().max(100).allow(null).required(),
})
/** Which monitor's shots come here from now on; null: all of them. */
export const RECEIVE_FORM = Joi.object<{ monitor: string | null }>({
  monitor: Joi.string().allow('').max(MAX_LENGTH.device).allow(null).required(),
})
/** When the golfer said that nobody is in front. */
export const CLEAR_FORM = Joi.object<{ atMs: number }>({ atMs: time.required() })
export const STATION_FORM = Joi.object<Station>({
  clubId: id<ClubId>().required(),
  swing: swing.required(),
})

const TYPED_SHOT = Joi.object<TypedPost>({
  id: newId<ShotId>().required(),
  clubId: id<ClubId>().required(),
  swing: swing.required(),
  carryM: carryM.required(),
  offlineM: within(LIMITS.sidewaysM),
  totalM: within(LIMITS.distanceM),
  hitMs: time.required(),
  heldBecause: Joi.valid('implausible-carry'),
  mark: Joi.valid(...MARKS, null),
  replaces: id<ShotId>(),
  after: id<ShotId>(),
})
/** Shots that were typed together, and when the range was last said to be clear in that browser. */
export const TYPED_SHOTS_FORM = Joi.object<{ shots: TypedPost[]; clearMs?: number }>({
  shots: Joi.array().items(TYPED_SHOT).min(1).max(200).required(),
  clearMs: time,
})

/** What a golfer says of the session as it goes on, from the next shot or from a given one. */
type EventForm = { fromShotId?: ShotId } & SessionEvent
const of = (kind: EventForm['kind'], form: Joi.Schema) =>
  Joi.when('kind', { is: kind, then: form.required(), otherwise: Joi.forbidden() })
export const EVENT_FORM = Joi.object<EventForm>({
  kind: Joi.valid(...EVENT_KINDS).required(),
  fromShotId: id<ShotId>(),
  on: of('warm-up', Joi.boolean()),
  wind: of('air', Joi.valid(...WINDS, null)),
  tempC: of('air', within(LIMITS.tempC).allow(null)),
  surface: of('air', Joi.valid(...SURFACES, null)),
  ball: of('ball', Joi.string().trim().min(1).max(MAX_LENGTH.ball)),
  clubId: of('expectation', id<ClubId>()),
  swing: of('expectation', swing),
  carryM: of('expectation', carryM),
})

/** What becomes of a run of shots that stays where it is. */
type RunDecision = 'solid' | 'released' | 'withdrawn'
/** A run of shots moved to another station, for all shots under their names if wanted, or decided where it is. */
export const MOVE_FORM = Joi.object<{
  shotIds: ShotId[]
  station?: Station
  forLabel?: boolean
  decision?: RunDecision
}>({
  shotIds: Joi.array().items(id<ShotId>()).min(1).max(500).required(),
  station: STATION_FORM,
  forLabel: Joi.boolean(),
  decision: Joi.valid('solid', 'released', 'withdrawn'),
}).xor('station', 'decision')

/** Shots that went to the wrong golfer, and whose they are. */
export const TO_GOLFER_FORM = Joi.object<{ shotIds: ShotId[]; golferId: GolferId }>({
  shotIds: Joi.array().items(id<ShotId>()).min(1).max(500).required(),
  golferId: id<GolferId>().required(),
})

/** What a golfer decides about a shot. */
type ShotDecision =
  | { kind: 'mark'; mark: Mark | null }
  | { kind: 'station'; clubId: ClubId; swing: string }
  | { kind: 'released' }
  | { kind: 'withdrawn' }
export const SHOT_DECISION = Joi.object<ShotDecision & { id: string }>({
  // Ids of earlier versions may have characters that an address cannot have.
  id: Joi.string().max(100).required(),
  kind: Joi.string().valid('mark', 'station', 'released', 'withdrawn').required(),
  mark: Joi.when('kind', {
    is: 'mark',
    then: Joi.string()
      .valid(...MARKS)
      .allow(null)
      .required(),
    otherwise: Joi.forbidden(),
  }),
  clubId: Joi.when('kind', { is: 'station', then: id<ClubId>().required(), otherwise: Joi.forbidden() }),
  swing: Joi.when('kind', { is: 'station', then: swing.required(), otherwise: Joi.forbidden() }),
})

/** One of the daily copies, by its name. */
export const COPY_FORM = Joi.object<{ name: string }>({ name: Joi.string().max(40).required() })
