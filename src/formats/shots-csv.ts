import Papa from 'papaparse'
import { RECORD_FIELDS, type ShotRecord } from '@/core/session/shot-record'
import type { Units } from '@/core/model/golfer'
import { FLIGHT, FLIGHT_FIELDS, unitOfKind, type FlightField } from '@/core/shots/flight-fields'
import { lengthIn, speedIn } from '@/core/units'

/** What became of a shot, beside its numbers: "counts", "left out: fat", "held: its club is not known". */
type StatusOfShot = (id: string) => string

/** Behind the columns for people stand those that bring every number back to its last digit. */
const EXACT = RECORD_FIELDS.filter((field) => !['id', 'session', 'club', 'swing', 'mark'].includes(field))

/**
 * Shots as Banco's CSV (docs/formats.md), written a part at a time: the titles, then one row a shot, what was not
 * measured left empty. First what people read, in the golfer's units, then the same in canonical units, to be read back
 * as it is.
 */
export const shotsCsvTitles = (units: Units): string =>
  lines([
    [
      'id',
      'session',
      'session start',
      'hit at',
      'club',
      'swing',
      'counts',
      'mark',
      `counted carry (${unitOfKind('length', units)})`,
      ...FLIGHT_FIELDS.map((field) => `${FLIGHT[field].title} (${unitOfKind(FLIGHT[field].kind, units)})`),
      ...EXACT,
    ],
  ])

/** The rows of some shots, to stand under the titles. */
export const shotsCsvRows = (records: readonly ShotRecord[], units: Units, statusOf: StatusOfShot): string =>
  lines(
    records.map((record) => [
      record.id,
      record.session,
      iso(record.startedMs, record.offsetMin),
      iso(record.hitMs, record.offsetMin),
      record.club ?? '',
      record.swing,
      statusOf(record.id),
      record.mark ?? '',
      record.countedM === null ? '' : inUnits('carryM', record.countedM, units),
      ...FLIGHT_FIELDS.map((field) => {
        const value = record[field]
        return typeof value === 'number' ? inUnits(field, value, units) : ''
      }),
      ...EXACT.map((field) => record[field] ?? ''),
    ]),
  )

const lines = (rows: (string | number)[][]): string =>
  rows.length === 0 ? '' : `${Papa.unparse(rows, { newline: '\n', escapeFormulae: true })}\n`

/** A measurement as a golfer reads it: in their units, with sensible decimals. */
function inUnits(field: FlightField, value: number, { lengthUnit, speedUnit }: Units): number {
  const { kind, decimals } = FLIGHT[field]
  if (kind === 'speed') return digits(speedIn(value, speedUnit), decimals)
  return digits(kind === 'angle' || kind === 'spin' ? value : lengthIn(value, lengthUnit), decimals)
}
const digits = (value: number, decimals: number): number => Number(value.toFixed(decimals)) + 0

/** A time as the clock at its place showed it: 2026-04-11T09:30:00+01:00. */
export function iso(ms: number, offsetMin: number): string {
  const away = Math.abs(offsetMin)
  const pad = (n: number) => String(n).padStart(2, '0')
  const zone =
    offsetMin === 0 ? 'Z' : `${offsetMin < 0 ? '-' : '+'}${pad(Math.floor(away / 60))}:${pad(away % 60)}`
  return new Date(ms + offsetMin * 60_000).toISOString().slice(0, 19) + zone
}
