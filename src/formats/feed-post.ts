import Joi from 'joi'
import type { ShotId } from '@/core/ids'
import { metresFrom, mpsFrom, type HeightUnit, type LengthUnit, type SpeedUnit } from '@/core/units'
import { check, type Checked } from './check'

/** A shot that a monitor posted, in canonical units. */
export type FeedShot = {
  id: ShotId
  hitMs: number | null
  monitor: string | null
  clubLabel: string | null
  swing: string | null
  carryM: number
  unknownFields: string[]
  posted: string
} & Partial<
  Record<
    | 'totalM'
    | 'ballSpeedMps'
    | 'clubSpeedMps'
    | 'launchDeg'
    | 'spinRpm'
    | 'offlineM'
    | 'peakM'
    | 'landingDeg',
    number
  >
>

type Post = {
  id: string
  hitAt?: number
  monitor?: string
  units: { length: LengthUnit; speed: SpeedUnit; height?: HeightUnit }
  club?: string
  swing?: string
  carry: number
} & Partial<
  Record<'total' | 'ballSpeed' | 'clubSpeed' | 'launch' | 'spin' | 'offline' | 'peak' | 'landing', number>
>

const measured = Joi.number().min(-1e6).max(1e6)
const KNOWN = {
  id: Joi.string().max(100).required(),
  hitAt: Joi.number().integer().min(0).max(4e12),
  monitor: Joi.string().max(60),
  units: Joi.object({
    length: Joi.string().valid('yd', 'm').required(),
    speed: Joi.string().valid('mph', 'km/h', 'm/s').required(),
    height: Joi.string().valid('yd', 'm', 'ft'),
  }).required(),
  club: Joi.string().max(40),
  swing: Joi.string().max(40),
  carry: Joi.number().min(-1e10).max(1e10).required(),
  total: measured,
  ballSpeed: measured,
  clubSpeed: measured,
  launch: measured,
  spin: measured,
  offline: measured,
  peak: measured,
  landing: measured,
}
const POST = Joi.object<Post>(KNOWN).unknown(true)

/** Reads a post of the open feed (docs/feed.md). Fields that Banco does not know are named, not refused: the shot is held. */
export function readFeedPost(input: unknown): Checked<FeedShot> {
  const checked = check(POST, input)
  if (!checked.ok) return checked
  const post = checked.value
  const { length, speed, height = length } = post.units
  const given = <K extends string>(name: K, value: number | undefined, convert = (x: number) => x) =>
    (value === undefined ? {} : { [name]: convert(value) }) as Partial<Record<K, number>>
  const metres = (x: number) => metresFrom(x, length)
  const mps = (x: number) => mpsFrom(x, speed)
  return {
    ok: true,
    value: {
      id: post.id as ShotId,
      hitMs: post.hitAt ?? null,
      monitor: post.monitor?.trim() || null,
      clubLabel: post.club?.trim() || null,
      swing: post.swing?.trim() || null,
      carryM: metres(post.carry),
      ...given('totalM', post.total, metres),
      ...given('ballSpeedMps', post.ballSpeed, mps),
      ...given('clubSpeedMps', post.clubSpeed, mps),
      ...given('launchDeg', post.launch),
      ...given('spinRpm', post.spin),
      ...given('offlineM', post.offline, metres),
      ...given('peakM', post.peak, (x) => metresFrom(x, height)),
      ...given('landingDeg', post.landing),
      unknownFields: Object.keys(post).filter((field) => !(field in KNOWN)),
      posted: JSON.stringify(input),
    },
  }
}
