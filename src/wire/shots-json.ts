import Joi from 'joi'
import { JSON_FORMAT, RECORD_FIELDS, type FileShot, type ShotRecord } from '@/core/formats/shot-record'
import { PLACES } from '@/core/session/session'
import { MARKS } from '@/core/shots/mark'
import { check, refused, type Checked } from './check'
import type { ShotField } from './shot-fields'

const number = Joi.number().min(-1e6).max(1e6)
const time = Joi.number().integer().min(0).max(4e12)
const SHOT: Record<ShotField, Joi.Schema> = {
  id: Joi.string().max(100),
  session: Joi.string().max(100),
  startedMs: time,
  offsetMin: Joi.number().integer().min(-900).max(900),
  place: Joi.string().valid(...PLACES),
  hitMs: time,
  club: Joi.string().max(40).allow(null).required(),
  swing: Joi.string().max(40),
  carryM: number.allow(null).required(),
  totalM: number,
  ballSpeedMps: number,
  clubSpeedMps: number,
  launchDeg: number,
  spinRpm: number,
  offlineM: number,
  peakM: number,
  landingDeg: number,
  mark: Joi.string().valid(...MARKS),
}
const FILE = Joi.object<{ format: string; shots: FileShot[] }>({
  format: Joi.valid(JSON_FORMAT).required(),
  shots: Joi.array().items(Joi.object(SHOT)).required(),
})

/** Shots as Banco's JSON (docs/formats.md), fields in fixed order, what was not measured absent. */
export function writeShotsJson(records: readonly ShotRecord[]): string {
  const shots = records.map((record) =>
    Object.fromEntries(
      RECORD_FIELDS.flatMap((field): [string, unknown][] => {
        const value = record[field] ?? null
        return value === null && field !== 'carryM' && field !== 'club' ? [] : [[field, value]]
      }),
    ),
  )
  return JSON.stringify({ format: JSON_FORMAT, shots }, null, 1) + '\n'
}

/** Reads Banco's JSON. Every shot is read, or every problem named and nothing taken. */
export function readShotsJson(text: string): Checked<FileShot[]> {
  let parsed: unknown
  try {
    parsed = JSON.parse(text)
  } catch (error) {
    return refused(
      '',
      `The file is not JSON (${(error as Error).message}): export it again, or choose another.`,
    )
  }
  const checked = check(FILE, parsed)
  return checked.ok ? { ok: true, value: checked.value.shots } : checked
}
