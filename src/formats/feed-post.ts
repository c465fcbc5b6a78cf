import Joi from 'joi'
import type { ShotId } from '@/core/model/ids'
import { MAX_LENGTH, LATEST_MS } from '@/core/model/limits'
import {
  FLIGHT,
  FLIGHT_FIELDS,
  FLIGHT_NAMES,
  type FlightField,
  type FlightKind,
  type FlightName,
} from '@/core/shots/flight-fields'
import { STATION_LIES, type StationLie } from '@/core/model/station'
import {
  LENGTH_UNITS,
  metresFrom,
  mpsFrom,
  SPEED_UNITS,
  type HeightUnit,
  type LengthUnit,
  type SpeedUnit,
} from '@/core/units'
import { check, newId, type Checked } from './check'

/** A shot that a monitor posted, in canonical units. */
type FeedShot = {
  id: ShotId
  hitMs: number | null
  monitor: string | null
  clubLabel: string | null
  swing: string | null
  lie: StationLie | null
  carryM: number
  unknownFields: string[]
  posted: string
} & Partial<Record<Exclude<FlightField, 'carryM'>, number>>

type Post = {
  id: string
  hitAt?: number
  monitor?: string
  units: { length: LengthUnit; speed: SpeedUnit; height?: HeightUnit }
  club?: string
  swing?: string
  lie?: StationLie
  carry: number
} & Partial<Record<Exclude<FlightName, 'carry'>, number>>

const measured = Joi.number().min(-1e6).max(1e6)
const FEED_FIELDS = {
  ...Object.fromEntries(FLIGHT_NAMES.map((name) => [name, measured])),
  id: newId().required(),
  hitAt: Joi.number().integer().min(0).max(LATEST_MS),
  monitor: Joi.string().max(MAX_LENGTH.device),
  units: Joi.object({
    length: Joi.string()
      .valid(...LENGTH_UNITS)
      .required(),
    speed: Joi.string()
      .valid(...SPEED_UNITS)
      .required(),
    height: Joi.string().valid('yd', 'm', 'ft'),
  }).required(),
  club: Joi.string().max(MAX_LENGTH.label),
  swing: Joi.string().max(MAX_LENGTH.swing),
  lie: Joi.valid(...STATION_LIES),
  carry: Joi.number().min(-1e10).max(1e10).required(),
}
const POST = Joi.object<Post>(FEED_FIELDS).unknown(true)

/** Reads a post of the open feed (docs/feed.md). Fields that Banco does not know are named, not refused: the shot is held. */
export function readFeedPost(input: unknown): Checked<FeedShot> {
  const checked = check(POST, input)
  if (!checked.ok) return checked
  const post = checked.value
  return {
    ok: true,
    value: {
      id: post.id as ShotId,
      hitMs: post.hitAt ?? null,
      monitor: post.monitor?.trim() || null,
      clubLabel: post.club?.trim() || null,
      swing: post.swing?.trim() || null,
      lie: post.lie ?? null,
      ...measurements(post),
      unknownFields: Object.keys(post).filter((field) => !(field in FEED_FIELDS)),
      posted: JSON.stringify(input),
    },
  }
}

/** What was measured, in canonical units. */
function measurements(post: Post): Pick<FeedShot, FlightField> {
  const { length, speed, height = length } = post.units
  const canonical: Record<FlightKind, (value: number) => number> = {
    length: (value) => metresFrom(value, length),
    height: (value) => metresFrom(value, height),
    speed: (value) => mpsFrom(value, speed),
    angle: (value) => value,
    spin: (value) => value,
  }
  const given = FLIGHT_FIELDS.flatMap((field) => {
    const { name, kind } = FLIGHT[field]
    const value = post[name]
    return value === undefined ? [] : [[field, canonical[kind](value)] as const]
  })
  return Object.fromEntries(given) as Pick<FeedShot, FlightField>
}
