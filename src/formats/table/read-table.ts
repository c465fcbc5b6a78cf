import type { FileShot } from '@/core/session/shot-record'
import { MAX_LENGTH } from '@/core/model/limits'
import type { Problem } from '@/core/model/problem'
import { MARKS, type Mark } from '@/core/model/mark'
import { PLACES } from '@/core/model/session'
import { SURFACES } from '@/core/model/surface'
import { isPlausibleCarry } from '@/core/shots/plausible-carry'
import { FULL_SWING, type Swing } from '@/core/model/station'
import type { LengthUnit } from '@/core/units'
import { readCell, saysNothing, type Decimal } from './cells'
import { clubCell, swingOf } from './club-cell'
import { isBlank, onlyClub, reasonWithoutNumbers, sumsUp } from './row-kinds'
import { readTitle, unitOf, type DateOrder, type ReadTitle, type TableField, type TableUnit } from './columns'
import { decodeText, type Encoding } from './decode-text'
import { findColumns, type FoundColumns } from './find-columns'
import { splitRows, type Delimiter } from './split-rows'
import { toCanonical } from './to-canonical'
import { clockReader, timeReader } from './times'
import { FIELD_NAMED, FLIGHT_NAMES, type FlightName } from '@/core/shots/flight-fields'

/** What becomes of a row. Held: taken into the store, in no stock until the golfer decides. */
type RowStatus = 'taken' | 'held' | 'repeated' | 'skipped'
type RowReason =
  | 'title'
  | 'header'
  | 'units'
  | 'blank'
  | 'summary'
  | 'club-heading'
  | 'no-number'
  | 'no-carry'
  | 'implausible-carry'
  | 'no-club'
  | 'same-row'
  | 'kept-apart'

export type TableRow = {
  /** Counted from 1, as in the file. */
  row: number
  status: RowStatus
  because?: RowReason
  clubLabel?: string | null
  shot?: FileShot
  cells: readonly string[]
}

export type Table = FoundColumns & {
  encoding: Encoding
  delimiter: Delimiter
  /** The first rows, from which it is known what the others hold. */
  head: string[][]
  /** All rows, split anew each time they are gone through. */
  rows: Iterable<string[]>
  /** How many lines there are, which is how many rows, unless cells have lines of their own. */
  lines: number
}

const HEAD_ROWS = 600

export type TableOptions = {
  /** The golfer's own unit, where nothing in the file says it. */
  lengthUnit: LengthUnit
  /** Minutes by which the clock at the place is ahead of UTC. */
  offsetMin: number
  /** Which of day and month stands first, where the dates do not tell. */
  dates?: DateOrder
}

/** Opens a file: its encoding, its delimiter, and what its columns are taken for. */
export function openTable(
  bytes: Uint8Array,
  { lengthUnit, dates }: TableOptions,
  titled: ReadTitle = readTitle,
): { ok: true; table: Table } | { ok: false; problems: Problem[] } {
  const decoded = decodeText(bytes)
  if (!decoded.ok) return decoded
  if (/^\s*(<!doctype|<html|<\?xml|<table)/i.test(decoded.text))
    return refused('This is a web page or an XML file: save its table as CSV and bring that in.')
  if (/^\s*[{[]/.test(decoded.text) && isJson(decoded.text))
    return refused('This is JSON, no table: a golfer’s own JSON file is restored under Golfer.')
  const { delimiter, rows } = splitRows(decoded.text)
  const head = firstOf(rows, HEAD_ROWS)
  const found = findColumns(head, lengthUnit, titled)
  if (dates)
    for (const column of found.columns)
      if (column.ambiguous) Object.assign(column, { unit: dates, ambiguous: undefined })
  const { encoding, text: values } = decoded
  return { ok: true, table: { ...found, encoding, delimiter, head, rows, lines: linesOf(values) } }
}

function firstOf<T>(all: Iterable<T>, most: number): T[] {
  const first: T[] = []
  for (const each of all) {
    first.push(each)
    if (first.length === most) break
  }
  return first
}

function linesOf(values: string): number {
  let lines = values.endsWith('\n') ? 0 : 1
  for (let at = values.indexOf('\n'); at >= 0; at = values.indexOf('\n', at + 1)) lines++
  return lines
}

/** What stands in the way of taking a table's rows as shots; null where nothing does. */
export function tableProblem({ columns }: Pick<Table, 'columns'>): string | null {
  if (!columns.some(({ field }) => field === 'carry'))
    return 'No column holds carries: say which one does, or choose a table with a row for each shot.'
  const unclear = columns.find(({ field, unit, ambiguous }) => field === 'date' && ambiguous && unit === null)
  return unclear
    ? `"${unclear.samples[0]}" can be two days: say whether the day or the month stands first.`
    : null
}

type Column = { at: number; field: TableField; unit: TableUnit | null }
/** This many numbers the same to their last digit are one shot that stands there twice. */
const SAME_NUMBERS = 4

/** Reads the rows of a table one after the other, with its columns as they are found or as the golfer has set them. */
export function* readRows(table: Table, { offsetMin }: TableOptions): Generator<TableRow> {
  const { head, header, units, decimal } = table
  const columns = table.columns.flatMap(({ field, unit }, at): Column[] =>
    field ? [{ at, field, unit }] : [],
  )
  const at = (field: TableField) => columns.find((column) => column.field === field)?.at ?? -1
  const numbers = columns.filter((column): column is Column & { field: FlightName } =>
    (FLIGHT_NAMES as readonly string[]).includes(column.field),
  )
  const converters = numbers.map(({ unit }) => toCanonical(unit))
  const [clubAt, swingAt, sessionAt, idAt, markAt, monitorAt] = (
    ['club', 'swing', 'session', 'id', 'mark', 'monitor'] as const
  ).map(at) as [number, number, number, number, number, number]
  const own = ownColumns(head[header])
  // Banco's own files say what was warm-up or hit in wind: those shots are theirs who hit them, and no stock's.
  const apartAt = own ? (head[header]?.indexOf('apart') ?? -1) : -1
  const hitAt = hitTimes(table, at('date'), at('time'), offsetMin)
  const seen = new Set<string>()
  let heading: { label: string; swing: Swing | null } | null = null
  let row = 0
  for (const line of table.rows) {
    const i = row++
    if (i < header) {
      const named = onlyClub(line)
      if (named) heading = named
      yield { row, status: 'skipped', because: isBlank(line) ? 'blank' : 'title', cells: line }
      continue
    }
    if (i === header) {
      yield { row, status: 'skipped', because: 'header', cells: line }
      continue
    }
    if (i === units) {
      yield { row, status: 'skipped', because: 'units', cells: line }
      continue
    }
    const shot: FileShot = { carryM: null, club: null }
    const values = shot as Record<string, unknown>
    let read = 0
    let fractions = false
    for (let n = 0; n < numbers.length; n++) {
      const column = numbers[n] as Column & { field: FlightName }
      const cell = line[column.at]
      if (cell === undefined || cell === '') continue
      const value = numberIn(cell, decimal, column.unit, converters[n] as (x: number) => number)
      if (value === undefined) continue
      read++
      fractions ||= cell.includes('.') || cell.includes(',')
      values[FIELD_NAMED[column.field]] = value
    }
    if (read === 0) {
      const because = reasonWithoutNumbers(line, clubAt)
      if (because === 'club-heading') heading = onlyClub(line)
      yield { row, status: 'skipped', because, cells: line }
      continue
    }
    if (sumsUp(line, clubAt)) {
      yield { row, status: 'skipped', because: 'summary', cells: line }
      continue
    }
    const club =
      clubAt < 0 || saysNothing(line[clubAt] ?? '') ? heading : clubIn(line[clubAt] as string, swingAt)
    shot.club = club?.label.slice(0, 40) ?? null
    const swing =
      (swingAt >= 0 && !saysNothing(line[swingAt] ?? '')
        ? (swingOf(line[swingAt] as string) ?? ownSwing(line[swingAt] as string))
        : null) ??
      club?.swing ??
      FULL_SWING
    shot.swing = swing
    if (idAt >= 0 && !saysNothing(line[idAt] ?? '')) shot.id = unformula(line[idAt] as string).slice(0, 100)
    if (sessionAt >= 0 && !saysNothing(line[sessionAt] ?? ''))
      shot.session = unformula(line[sessionAt] as string).slice(0, 100)
    if (markAt >= 0 && (MARKS as readonly string[]).includes(line[markAt] as string))
      shot.mark = line[markAt] as Mark
    if (monitorAt >= 0 && !saysNothing(line[monitorAt] ?? ''))
      shot.monitor = unformula(line[monitorAt] as string).slice(0, MAX_LENGTH.device)
    const hitMs = hitAt?.(line)
    if (hitMs !== undefined) shot.hitMs = hitMs
    own?.(line, shot)
    if (apartAt >= 0 && line[apartAt] !== '' && line[apartAt] !== undefined) {
      yield { row, status: 'skipped', because: 'kept-apart', clubLabel: shot.club, cells: line }
      continue
    }
    if (isRepeat(seen, line, shot, read, fractions)) {
      yield { row, status: 'repeated', because: 'same-row', clubLabel: shot.club, shot, cells: line }
      continue
    }
    const because: RowReason | null =
      shot.carryM === null
        ? 'no-carry'
        : !isPlausibleCarry(shot.carryM)
          ? 'implausible-carry'
          : shot.club === null
            ? 'no-club'
            : null
    yield {
      row,
      status: because ? 'held' : 'taken',
      ...(because && { because }),
      clubLabel: shot.club,
      shot,
      cells: line,
    }
  }
}

/** A file at one go: its columns and all its rows. */
export function readTable(bytes: Uint8Array, options: TableOptions) {
  const opened = openTable(bytes, options)
  if (!opened.ok) return opened
  const problem = tableProblem(opened.table)
  if (problem) return refused(problem)
  return { ok: true as const, table: opened.table, rows: [...readRows(opened.table, options)] }
}

/** A cell's number in canonical units; a unit that stands beside it goes before that of its column. */
export function numberIn(
  cell: string,
  decimal: Decimal,
  unit: TableUnit | null,
  convert: (x: number) => number,
): number | undefined {
  const quick = +cell
  if (quick === quick && decimal === '.' && cell.trim() !== '') return convert(quick)
  if (saysNothing(cell)) return undefined
  const read = readCell(cell, decimal)
  if (read === undefined) return undefined
  const value = read.side === null ? read.value : read.side * Math.abs(read.value)
  const given = read.suffix === '' ? null : unitOf(read.suffix)
  return given !== null && given !== unit ? toCanonical(given)(value) : convert(value)
}

/** A club, with the swing that stands beside it where no column of its own says the swing. */
const clubIn = (cell: string, swingAt: number): { label: string; swing: Swing | null } =>
  swingAt < 0 ? clubCell(unformula(cell)) : { label: unformula(cell), swing: null }

/** Another swing than the usual three, by the golfer's own name for it. */
const ownSwing = (cell: string): Swing | null => cell.trim().slice(0, 40) || null

function isRepeat(
  seen: Set<string>,
  line: readonly string[],
  shot: FileShot,
  read: number,
  fractions: boolean,
): boolean {
  const key =
    shot.id !== undefined
      ? `id ${shot.id}`
      : shot.hitMs !== undefined || (read >= SAME_NUMBERS && fractions)
        ? line.join('\t')
        : null
  if (key === null) return false
  if (seen.has(key)) return true
  seen.add(key)
  return false
}

/** When each row's shot was hit, where columns say so. */
export function hitTimes(
  { head, header, decimal, columns }: Table,
  dateAt: number,
  timeAt: number,
  offsetMin: number,
) {
  const of = (at: number) =>
    at < 0
      ? []
      : head
          .slice(header + 1, header + 400)
          .flatMap((line) => (saysNothing(line[at] ?? '') ? [] : [line[at] as string]))
  const milliseconds = columns[dateAt]?.unit === 'ms'
  if (milliseconds)
    return (line: readonly string[]) => (line[dateAt] ? Number(line[dateAt]) || undefined : undefined)
  const order = columns[dateAt]?.unit
  const daysFirst = order === 'dmy' || (order !== 'mdy' && decimal === ',')
  const clock = clockReader(of(timeAt))
  const date = timeReader(of(dateAt), offsetMin, daysFirst)
  if (date) {
    return (line: readonly string[]) => {
      const day = date(line[dateAt] ?? '')
      const time = clock?.(line[timeAt] ?? '') ?? 0
      return day === undefined ? undefined : day + time
    }
  }
  const both = timeReader(of(timeAt), offsetMin, daysFirst)
  return both ? (line: readonly string[]) => both(line[timeAt] ?? '') : null
}

/** What only Banco's own files say: the start, the clock and the place of a session, the ball and what it lay on. */
function ownColumns(titles: readonly string[] | undefined) {
  const [started, offset, place, ball, surface] = ['startedMs', 'offsetMin', 'place', 'ball', 'surface'].map(
    (title) => titles?.indexOf(title) ?? -1,
  ) as [number, number, number, number, number]
  if (started < 0 && offset < 0 && place < 0) return null
  return (line: readonly string[], shot: FileShot): void => {
    if (line[started]) shot.startedMs = Number(line[started])
    if (line[offset]) shot.offsetMin = Number(line[offset])
    const where = PLACES.find((each) => each === line[place])
    if (where) shot.place = where
    const named = unformula(line[ball] ?? '').slice(0, MAX_LENGTH.ball)
    if (named !== '') shot.ball = named
    const off = SURFACES.find((each) => each === line[surface])
    if (off) shot.surface = off
  }
}

/** Text that a spreadsheet would run comes with an apostrophe before it, which is none of its own. */
export const unformula = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell).trim()

const refused = (sentence: string): { ok: false; problems: Problem[] } => ({
  ok: false,
  problems: [{ field: '', sentence }],
})

function isJson(values: string): boolean {
  try {
    JSON.parse(values)
    return true
  } catch {
    return false
  }
}
