import Papa from 'papaparse'
import { RECORD_FIELDS, type ShotRecord } from '@/core/formats/shot-record'
import type { Units } from '@/core/golfer'
import type { FlightField } from '@/core/shots/shot'
import { lengthIn, speedIn } from '@/core/units'

/** What became of a shot, beside its numbers: "counts", "left out: fat", "held: its club is not known". */
export type SaidOfShot = (id: string) => string

/** The numbers of a shot as a golfer reads them: title, and value in the golfer's units with sensible decimals. */
const NUMBERS: Record<
  FlightField,
  { title: (units: Units) => string; read: (x: number, units: Units) => number }
> = {
  carryM: length('carry'),
  totalM: length('total'),
  ballSpeedMps: speed('ball speed'),
  clubSpeedMps: speed('club speed'),
  launchDeg: plain('launch (deg)', 1),
  spinRpm: plain('spin (rpm)', 0),
  offlineM: length('offline'),
  peakM: length('peak'),
  landingDeg: plain('landing (deg)', 1),
}
const FIELDS = Object.keys(NUMBERS) as FlightField[]

/** Behind the columns for people stand those that bring every number back to its last digit. */
const EXACT = RECORD_FIELDS.filter((field) => !['id', 'session', 'club', 'swing', 'mark'].includes(field))

/**
 * Shots as Banco's CSV (docs/formats.md): one row a shot, what was not measured left empty. First what people
 * read, in the golfer's units, then the same in canonical units, to be read back as it is.
 */
export function writeShotsCsv(records: readonly ShotRecord[], units: Units, said: SaidOfShot): string {
  const titles = [
    'id',
    'session',
    'session start',
    'hit at',
    'club',
    'swing',
    'counts',
    'mark',
    ...FIELDS.map((field) => NUMBERS[field].title(units)),
    ...EXACT,
  ]
  const rows = records.map((record) => [
    record.id,
    record.session,
    iso(record.startedMs, record.offsetMin),
    iso(record.hitMs, record.offsetMin),
    record.club ?? '',
    record.swing,
    said(record.id),
    record.mark ?? '',
    ...FIELDS.map((field) => {
      const value = record[field]
      return typeof value === 'number' ? NUMBERS[field].read(value, units) : ''
    }),
    ...EXACT.map((field) => record[field] ?? ''),
  ])
  return Papa.unparse([titles, ...rows], { newline: '\n', escapeFormulae: true }) + '\n'
}

function length(name: string) {
  return {
    title: ({ lengthUnit }: Units) => `${name} (${lengthUnit})`,
    read: (x: number, { lengthUnit }: Units) => digits(lengthIn(x, lengthUnit), 1),
  }
}
function speed(name: string) {
  return {
    title: ({ speedUnit }: Units) => `${name} (${speedUnit})`,
    read: (x: number, { speedUnit }: Units) => digits(speedIn(x, speedUnit), 1),
  }
}
function plain(title: string, places: number) {
  return { title: () => title, read: (x: number) => digits(x, places) }
}
const digits = (value: number, places: number): number => Number(value.toFixed(places)) + 0

/** A time as the clock at its place showed it: 2026-04-11T09:30:00+01:00. */
export function iso(ms: number, offsetMin: number): string {
  const away = Math.abs(offsetMin)
  const pad = (n: number) => String(n).padStart(2, '0')
  const zone =
    offsetMin === 0 ? 'Z' : `${offsetMin < 0 ? '-' : '+'}${pad(Math.floor(away / 60))}:${pad(away % 60)}`
  return new Date(ms + offsetMin * 60_000).toISOString().slice(0, 19) + zone
}
