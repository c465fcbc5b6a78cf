import { lengthIn, mpsFrom, type LengthUnit, type SpeedUnit } from '@/core/units'
import { decimalOf, readCell, saysNothing, type Decimal } from './cells'
import {
  KIND_OF,
  readTitle,
  type ReadTitle,
  unitOf,
  UNITS_OF,
  type TableLength,
  type TableField,
  type TableUnit,
} from './columns'
import { looksLikeClub } from './club-cell'
import { toCanonical } from './to-canonical'

/** A column of a table and what it is taken for; the golfer confirms or changes it. */
export type TableColumn = {
  title: string
  field: TableField | null
  unit: TableUnit | null
  /** Its unit was guessed from the sizes of its numbers, or is the golfer's own. */
  guessed: boolean
  /** Dates whose order of day and month nothing tells: the golfer is asked. */
  ambiguous?: true
  samples: string[]
}

export type FoundColumns = {
  /** Place of the header row; −1 where there is none. */
  header: number
  /** Place of a row of units under it; −1 where there is none. */
  units: number
  decimal: Decimal
  columns: TableColumn[]
}

const HEADER_ROWS = 60
const SAMPLE_ROWS = 400
const SAMPLES = 3

/**
 * Finds the header row of a table and what its columns hold, from titles, a row of units, what stands beside
 * the numbers, and the sizes of the numbers.
 * @param lengthUnit the golfer's own, where nothing says the unit of lengths
 * @param titled what titles mean in tables of this kind
 */
export function findColumns(
  rows: readonly string[][],
  lengthUnit: LengthUnit,
  titled: ReadTitle = readTitle,
): FoundColumns {
  const header = headerOf(rows, titled)
  const titles = header < 0 ? [] : (rows[header] as string[])
  const below = rows.slice(header + 1, header + 1 + SAMPLE_ROWS)
  const units = header < 0 ? -1 : unitsRow(rows, header)
  const decimal = decimalOf(below.flat())
  const width = Math.max(titles.length, ...below.map((row) => row.length), 0)
  const cellsOf = (column: number) =>
    below
      .filter((_, i) => header + 1 + i !== units)
      .flatMap((row) => (saysNothing(row[column] ?? '') ? [] : [row[column] as string]))
  const read = Array.from({ length: width }, (_, i) => titled(titles[i] ?? ''))
  const best = new Map<TableField, number>()
  read.forEach((found, i) => {
    if (!found) return
    const before = best.get(found.field)
    if (before === undefined || found.rank < (read[before]?.rank ?? Infinity)) best.set(found.field, i)
  })
  const columns = Array.from({ length: width }, (_, i): TableColumn => {
    const cells = cellsOf(i)
    const found = read[i]
    const field = found && best.get(found.field) === i ? found.field : null
    const unit = field && writtenUnit(field, found?.unit ?? null, rows[units]?.[i], cells, decimal)
    return {
      title: (titles[i] ?? '').trim(),
      field,
      unit: unit ?? null,
      guessed: false,
      samples: cells.slice(0, SAMPLES),
    }
  })
  if (header < 0) nameByValues(columns, cellsOf, decimal)
  columns.forEach((column, i) => {
    if (column.field === 'date' && column.unit !== 'ms') Object.assign(column, dateOrder(cellsOf(i)))
  })
  guessUnits(columns, cellsOf, decimal, lengthUnit)
  return { header, units, decimal, columns }
}

/** Which of day and month comes first: what a number over twelve says, or a point between them. */
function dateOrder(cells: readonly string[]): Pick<TableColumn, 'unit' | 'ambiguous'> {
  const dates = cells.flatMap((cell) => {
    const match = /^\s*(\d{1,2})([./-])(\d{1,2})[./-]\d{2,4}(?!\d)/.exec(cell)
    return match ? [{ first: Number(match[1]), second: Number(match[3]), mark: match[2] }] : []
  })
  if (dates.length === 0) return { unit: null }
  if (dates.some(({ first }) => first > 12)) return { unit: 'dmy' }
  if (dates.some(({ second }) => second > 12)) return { unit: 'mdy' }
  return dates.every(({ mark }) => mark === '.') ? { unit: 'dmy' } : { unit: null, ambiguous: true }
}

/** The row that names most fields, carry among them; the first of several alike. */
function headerOf(rows: readonly string[][], titled: ReadTitle): number {
  let best = -1
  let most = 0
  rows.slice(0, HEADER_ROWS).forEach((row, i) => {
    const fields = new Set(row.flatMap((cell) => titled(cell)?.field ?? []))
    const score = fields.size + (fields.has('carry') ? 2 : 0)
    if (fields.size > 0 && score > most && (fields.has('carry') || fields.size > 1)) {
      best = i
      most = score
    }
  })
  return best
}

/** A row under the header that holds units and nothing else. */
function unitsRow(rows: readonly string[][], header: number): number {
  for (let i = header + 1; i <= header + 2 && i < rows.length; i++) {
    const filled = (rows[i] as string[]).filter((cell) => !saysNothing(cell))
    if (filled.length === 0) continue
    const units = filled.filter((cell) => unitOf(cell) !== null || /^[([].*[)\]]$/.test(cell.trim()))
    return units.length >= Math.max(1, 0.6 * filled.length) ? i : -1
  }
  return -1
}

function writtenUnit(
  field: TableField,
  title: TableUnit | null,
  below: string | undefined,
  cells: readonly string[],
  decimal: Decimal,
): TableUnit | null {
  if (title !== null) return title
  const fits = (unit: TableUnit | null) =>
    unit !== null && UNITS_OF[KIND_OF[field]].includes(unit) ? unit : null
  const fromRow = below === undefined ? null : fits(unitOf(below))
  if (fromRow) return fromRow
  const given = cells.slice(0, 20).map((cell) => fits(unitOf(readCell(cell, decimal)?.suffix ?? '')))
  return given.find((unit) => unit !== null) ?? null
}

/** Without a header: the club by its words, the carry as the first column of numbers that clubs carry. */
function nameByValues(columns: TableColumn[], cellsOf: (column: number) => string[], decimal: Decimal): void {
  const club = columns.findIndex((_, i) => {
    const cells = cellsOf(i)
    return cells.length > 0 && cells.filter(looksLikeClub).length >= 0.8 * cells.length
  })
  if (club < 0) return
  ;(columns[club] as TableColumn).field = 'club'
  const carry = columns.findIndex((_, i) => {
    if (i === club) return false
    const values = cellsOf(i).flatMap((cell) => readCell(cell, decimal)?.value ?? [])
    return (
      values.length > 0 &&
      values.length >= 0.7 * cellsOf(i).length &&
      values.every((value) => value > 3 && value < 450) &&
      median(values) >= 20
    )
  })
  const column = columns[carry]
  if (!column) return
  column.field = 'carry'
  column.unit = writtenUnit('carry', null, undefined, cellsOf(carry), decimal)
}

/** A ball's speed in m/s is its carry in metres divided by this, in the middle of a bag (common practice: a 7-iron of 150 yd at 118 mph). */
const CARRY_PER_SPEED_S = 2.6
/** Over this share of the carry a peak is in feet: no ball goes up that far in the carry's own unit. */
const FEET_FROM = 0.34
/** Club speed is the ball's over this, at most and at least. */
const USUAL_SMASH = 1.35

function guessUnits(
  columns: TableColumn[],
  cellsOf: (column: number) => string[],
  decimal: Decimal,
  lengthUnit: LengthUnit,
): void {
  const at = (field: TableField) => columns.findIndex((column) => column.field === field)
  const middle = (field: TableField) => {
    const index = at(field)
    return index < 0
      ? null
      : median(
          cellsOf(index)
            .flatMap((cell) => Math.abs(readCell(cell, decimal)?.value ?? NaN) || [])
            .filter((x) => !Number.isNaN(x)),
        )
  }
  const columnUnit = (field: TableField) => columns[at(field)]?.unit ?? null
  const guess = (field: TableField, unit: TableUnit) => {
    const column = columns[at(field)]
    if (column && column.unit === null) Object.assign(column, { unit, guessed: true })
  }
  const named = columnUnit('carry') ?? columnUnit('total') ?? columnUnit('left')
  const length: LengthUnit = named === 'm' || named === 'yd' ? named : lengthUnit
  guess('carry', length)
  guess('total', length)
  const carry = middle('carry')
  const carryM = carry === null ? null : toCanonical(columnUnit('carry'))(carry)
  const speedFor = (median_: number | null, wanted: number | null): SpeedUnit => {
    const units: readonly SpeedUnit[] = ['mph', 'km/h', 'm/s']
    if (median_ === null || wanted === null) return length === 'yd' ? 'mph' : 'km/h'
    const off = (unit: SpeedUnit) => Math.abs(Math.log(mpsFrom(median_, unit) / wanted))
    return units.reduce((best, unit) => (off(unit) < off(best) ? unit : best))
  }
  const ball = middle('ballSpeed')
  guess('ballSpeed', speedFor(ball, carryM === null ? null : carryM / CARRY_PER_SPEED_S))
  const ballMps =
    ball === null
      ? carryM === null
        ? null
        : carryM / CARRY_PER_SPEED_S
      : toCanonical(columnUnit('ballSpeed'))(ball)
  guess('clubSpeed', speedFor(middle('clubSpeed'), ballMps === null ? null : ballMps / USUAL_SMASH))
  const peak = middle('peak')
  const share = peak !== null && carryM !== null ? peak / lengthIn(carryM, length) : 0
  guess('peak', (share > FEET_FROM ? 'ft' : length) as TableLength)
  for (const field of ['offline', 'left', 'after'] as const) guess(field, length)
  for (const field of ['launch', 'landing'] as const)
    columns.filter((c) => c.field === field).forEach((c) => (c.unit = 'deg'))
  columns.filter((c) => c.field === 'spin').forEach((c) => (c.unit = 'rpm'))
}

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.floor(sorted.length / 2)] ?? NaN
}
