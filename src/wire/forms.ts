import Joi from 'joi'
import type { ClubDetails } from '@/core/bag/bag'
import { CLUB_KINDS, LOFT_DEG } from '@/core/bag/club'
import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import { SEGMENTS } from '@/core/bag/segment'
import { STEP_SCHOOLS } from '@/core/gaps/zones'
import type { GolferSchools, GolferSettings } from '@/core/golfer'
import { STOCK_RULES } from '@/core/stock/stock-rules'
import type { ClubId, GolferId, ShotId } from '@/core/ids'
import { PLAN_ORDERS, type PlanOrder } from '@/core/session/plan'
import { PLACES, type Place, type Station } from '@/core/session/session'
import { MARKS, type Mark } from '@/core/shots/mark'
import { isPlausibleCarry } from '@/core/shots/plausible-carry'

/** What the screens send, one schema a form. Canonical units. */

const id = <T extends string>() => Joi.string<T>().max(100)
const swing = Joi.string().max(40)
const offset = Joi.number().integer().min(-900).max(900)
const said = (sentence: string) => () => {
  throw new Error(sentence)
}

const golfer = {
  name: Joi.string().trim().max(60),
  hand: Joi.string().valid('right', 'left'),
  lengthUnit: Joi.string().valid('yd', 'm'),
  speedUnit: Joi.string().valid('mph', 'km/h', 'm/s'),
  goalZoneM: Joi.array()
    .ordered(Joi.number().greater(0).max(500).required(), Joi.number().max(500).required())
    .custom((zone: [number, number]) =>
      zone[0] < zone[1]
        ? zone
        : said('The goal zone must end further than it begins: change one of its ends.')(),
    )
    .allow(null),
}
export const GOLFER_FORM = Joi.object<GolferSettings>(golfer).fork(Object.keys(golfer), (field) =>
  field.required(),
)
export const GOLFER_CHANGE = Joi.object<Partial<GolferSettings>>(golfer)

const zone = Joi.object({
  reversed: Joi.valid(0).required(),
  narrow: Joi.number().greater(0).max(100).required(),
  wide: Joi.number()
    .max(150)
    .required()
    .custom((wide: number, { state }) =>
      wide > (state.ancestors[0] as { narrow: number }).narrow
        ? wide
        : said('An even step must end further than it begins: change one of its limits.')(),
    ),
})
export const SCHOOLS_FORM = Joi.object<Partial<GolferSchools>>({
  stockRule: Joi.string().valid(...STOCK_RULES),
  stepSchool: Joi.string().valid(...STEP_SCHOOLS),
  ownZonesM: Joi.object(Object.fromEntries(SEGMENTS.map((segment) => [segment, zone.required()]))).allow(
    null,
  ),
}).min(1)

export type HandStockForm = Station & { carryM: number | null; because: string }
/** A stock set by hand; without a carry it is taken back. */
export const HAND_STOCK_FORM = Joi.object<HandStockForm>({
  clubId: id<ClubId>().required(),
  swing: swing.required(),
  carryM: Joi.number()
    .allow(null)
    .required()
    .custom((carryM: number | null) =>
      carryM === null || isPlausibleCarry(carryM)
        ? carryM
        : said('No golf shot carries that far or that short: type a carry from 3 to 450 yd (3 to 411 m).')(),
    ),
  because: Joi.string().trim().allow('').max(120).required(),
})

export const BAG_FORM = Joi.object<{ template: string; name: string }>({
  template: Joi.string()
    .valid(...BAG_TEMPLATES.map((template) => template.key))
    .required(),
  name: Joi.string().trim().max(60).required(),
})
export const SLOTS_FORM = Joi.object<{ clubIds: ClubId[] }>({
  clubIds: Joi.array().items(id<ClubId>()).required(),
})
export const CLUB_FORM = Joi.object<ClubDetails>({
  name: Joi.string().trim().max(40).required(),
  kind: Joi.string()
    .valid(...CLUB_KINDS)
    .required(),
  loftDeg: Joi.number().min(LOFT_DEG.least).max(LOFT_DEG.most).allow(null).required(),
})

const place = Joi.string().valid(...PLACES)
/** What a new session sets out to hit: every club in an order, or what is best to hit next. */
export type PlanForm = { kind: 'bag'; order: PlanOrder; shotsEach: number } | { kind: 'next' }
const ofBag = (form: Joi.Schema) => Joi.when('kind', { is: 'bag', then: form, otherwise: Joi.forbidden() })
export const SESSION_FORM = Joi.object<{ place: Place; offsetMin: number; plan?: PlanForm }>({
  place: place.required(),
  offsetMin: offset.required(),
  plan: Joi.object({
    kind: Joi.valid('bag', 'next').required(),
    order: ofBag(Joi.valid(...PLAN_ORDERS).required()),
    shotsEach: ofBag(Joi.number().integer().min(1).max(50).required()),
  }),
})
export const SESSION_CHANGE = Joi.object<{ ended?: true; golferId?: GolferId; place?: Place }>({
  ended: Joi.valid(true),
  golferId: id<GolferId>(),
  place,
}).or('ended', 'golferId', 'place')
export const STATION_FORM = Joi.object<Station>({
  clubId: id<ClubId>().required(),
  swing: swing.required(),
})

export type TypedShotForm = {
  id: ShotId
  clubId: ClubId
  swing: string
  carryM: number
  offlineM?: number
  hitMs: number
  heldBecause?: 'implausible-carry'
}
export const TYPED_SHOT_FORM = Joi.object<TypedShotForm>({
  id: id<ShotId>().required(),
  clubId: id<ClubId>().required(),
  swing: swing.required(),
  carryM: Joi.number()
    .required()
    .custom((carryM: number) =>
      isPlausibleCarry(carryM)
        ? carryM
        : said('No golf shot carries that far or that short: type a carry from 3 to 450 yd (3 to 411 m).')(),
    ),
  offlineM: Joi.number().min(-411).max(411),
  hitMs: Joi.number().integer().min(0).max(4e12).required(),
  heldBecause: Joi.valid('implausible-carry'),
})

/** A run of shots moved to another station, or kept where they are as solid ones. */
export const MOVE_FORM = Joi.object<{ shotIds: ShotId[]; station: Station | null }>({
  shotIds: Joi.array().items(id<ShotId>()).min(1).max(500).required(),
  station: STATION_FORM.allow(null).required(),
})

/** What a golfer decides about a shot. */
export type ShotDecision =
  | { kind: 'mark'; mark: Mark | null }
  | { kind: 'station'; clubId: ClubId; swing: string; forLabel?: boolean }
  | { kind: 'released' }
  | { kind: 'withdrawn' }
export const SHOT_DECISION = Joi.object<ShotDecision>({
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
  forLabel: Joi.when('kind', { is: 'station', then: Joi.boolean(), otherwise: Joi.forbidden() }),
})
