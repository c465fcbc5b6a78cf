import type { Surface } from '../model/surface'
import type { Place } from '../model/session'
import type { Mark } from '../model/mark'
import { type Exclusion } from '../shots/shot'
import { FLIGHT_FIELDS, type Flight } from '../shots/flight-fields'
import type { Swing } from '../model/station'

/** A shot as Banco writes it to files: canonical units, names instead of ids for clubs. */
export type ShotRecord = Flight & {
  id: string
  /** Identity and start of the session, milliseconds since 1970, with the offset of its place in minutes. */
  session: string
  startedMs: number
  offsetMin: number
  place: Place | null
  hitMs: number
  /** The monitor that measured it; null where nobody said. */
  monitor: string | null
  club: string | null
  swing: Swing
  mark: Mark | null
  /** The ball that it was hit with; null where nobody said. */
  ball: string | null
  /** What the ball lay on; null where nobody said. */
  surface: Surface | null
  /** What it counts as, where a correction or a factor acts on it; null: as it was measured. */
  countedM: number | null
  /** What kept it out of every stock when it was hit. */
  apart: Exclusion | null
}

/** A shot of a file: what the file did not say is absent. */
export type FileShot = Pick<ShotRecord, 'carryM' | 'club'> &
  Partial<ShotRecord> & {
    /** Shots of one file with the same visit are one session. */
    visit?: string
  }

/** Columns of Banco's CSV, in order; fields of a shot in its JSON. */
export const RECORD_FIELDS = [
  'id',
  'session',
  'startedMs',
  'offsetMin',
  'place',
  'hitMs',
  'monitor',
  'ball',
  'surface',
  'club',
  'swing',
  ...FLIGHT_FIELDS,
  'countedM',
  'mark',
  'apart',
] as const satisfies readonly (keyof ShotRecord)[]
