import { readdirSync, readFileSync } from 'node:fs'
import { importShots } from '../import-shots'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { dice } from '../../simulators/golfers/dice'
import { fileShots } from '../../src/formats/table/file-shots'
import { NOW_MS, storeWithGolfer } from '../store'
import { metresFrom, mpsFrom } from '../../src/core/units'
import { readTable, type TableRow } from '../../src/formats/table/read-table'

/** Awkward tables, made by make-tables.ts: the same six shots with one oddity each, three with five at once. */
const FOLDER = join(import.meta.dirname, 'files')
const read = (name: string, lengthUnit: 'yd' | 'm' = 'yd') =>
  readTable(readFileSync(join(FOLDER, name)), { lengthUnit, offsetMin: 60 })
const taken = (rows: TableRow[]) =>
  rows.flatMap(({ status, shot }) => (status === 'taken' && shot ? [shot] : []))
const rowsOf = (name: string): TableRow[] => {
  const table = read(name)
  if (!table.ok) throw new Error(table.problems[0]?.sentence)
  return table.rows
}
const statuses = (name: string) =>
  rowsOf(name)
    .filter(({ status }) => status !== 'taken')
    .map(({ row, status, because }) => `${row} ${status}: ${because}`)

const CARRIES_YD = [150.2, 148.6, 151.9, 118.4, 119.1, 117.2]
const BALLS_MPH = [117.4, 116.9, 118.2, 98.6, 99.2, 97.9]
const LAUNCHES = [17.8, 18.2, 17.1, 25.3, 24.8, 26.1]
const SPINS = [6480, 6615, 6390, 8420, 8305, 8510]
const SIDES_YD = [-4.2, 6.1, 0.8, -1.5, 2.7, -3.3]
const NO_TABLES = [
  'blank.csv',
  'empty.csv',
  'json.csv',
  'no-carry.csv',
  'picture.csv',
  'prose.txt',
  'random-bytes.csv',
  'sheet.xlsx',
  'web-page.csv',
]
const tables = readdirSync(FOLDER).filter((name) => !NO_TABLES.includes(name))

describe('awkward tables', () => {
  it('are forty, three of them with five oddities at once', () => {
    expect(tables).toHaveLength(40)
    expect(tables.filter((name) => name.startsWith('five-at-once'))).toHaveLength(3)
  })

  it.each(tables.filter((name) => name !== 'no-header.csv'))('%s holds the six shots', (name) => {
    const shots = taken(rowsOf(name))
    expect(shots.map(({ club }) => club)).toEqual([...Array(3).fill('7 Iron'), ...Array(3).fill('PW')])
    const near = (values: (number | null | undefined)[], wanted: number[], within: number) =>
      values.forEach((value, i) => expect(Math.abs((value ?? NaN) - wanted[i]!)).toBeLessThan(within))
    // Files in metres were written to two digits.
    near(
      shots.map(({ carryM }) => carryM),
      CARRIES_YD.map((yd) => metresFrom(yd, 'yd')),
      0.0051,
    )
    near(
      shots.map(({ offlineM }) => offlineM),
      SIDES_YD.map((yd) => metresFrom(yd, 'yd')),
      0.0051,
    )
    near(
      shots.map(({ ballSpeedMps }) => ballSpeedMps),
      BALLS_MPH.map((mph) => mpsFrom(mph, 'mph')),
      0.002,
    )
    near(
      shots.map(({ launchDeg }) => launchDeg),
      LAUNCHES,
      1e-9,
    )
    near(
      shots.map(({ spinRpm }) => spinRpm),
      SPINS,
      1e-9,
    )
  })

  it.each([
    ['utf8-mark.csv', 'utf-8', ',', '.'],
    ['utf16-little-mark.csv', 'utf-16le', ',', '.'],
    ['utf16-big-mark.csv', 'utf-16be', ',', '.'],
    ['utf16-little-no-mark.csv', 'utf-16le', ',', '.'],
    ['windows-1252.csv', 'windows-1252', ';', ','],
    ['tabs.tsv', 'utf-8', '\t', '.'],
    ['pipes.txt', 'utf-8', '|', '.'],
    ['sep-hint.csv', 'utf-8', ';', ','],
    ['quoted-decimal-comma.csv', 'utf-8', ',', ','],
    ['five-at-once-b.txt', 'utf-16le', '\t', ','],
  ])('%s is %s with %j between cells and %j before decimals', (name, encoding, delimiter, decimal) => {
    expect(read(name)).toMatchObject({ ok: true, table: { encoding, delimiter, decimal } })
  })

  it('without a header the club and the carry are told by their values', () => {
    const shots = taken(rowsOf('no-header.csv'))
    expect(shots.map(({ carryM }) => Math.round(carryM! / 0.09144) / 10)).toEqual(CARRIES_YD)
    const metric = read('no-header.csv', 'm')
    expect(metric.ok && taken(metric.rows)[0]?.carryM).toBe(150.2)
  })

  it('tell rows that are no shots from those that are', () => {
    expect(statuses('summary-rows.csv')).toEqual([
      '1 skipped: header',
      '5 skipped: summary',
      '6 skipped: summary',
      '10 skipped: summary',
      '11 skipped: summary',
    ])
    expect(statuses('header-per-club.csv')).toEqual([
      '1 skipped: title',
      '2 skipped: header',
      '6 skipped: blank',
      '7 skipped: club-heading',
      '8 skipped: header',
    ])
    expect(statuses('units-row.csv')).toEqual(['1 skipped: header', '2 skipped: units'])
    expect(statuses('titles-above.csv')).toEqual([
      '1 skipped: title',
      '2 skipped: title',
      '3 skipped: blank',
      '4 skipped: header',
    ])
  })

  it('hold what cannot be, and know a shot that stands there twice', () => {
    expect(statuses('implausible.csv')).toEqual([
      '1 skipped: header',
      '8 held: implausible-carry',
      '9 held: no-carry',
    ])
    expect(statuses('repeated-rows.csv')).toEqual([
      '1 skipped: header',
      '8 repeated: same-row',
      '9 repeated: same-row',
    ])
    expect(statuses('nothing-measured.csv')).toEqual(['1 skipped: header', '8 skipped: no-number'])
  })

  it('read dates with days first and their clocks apart, at the place of the session', () => {
    const times = taken(rowsOf('dates-and-clocks.csv')).map(({ hitMs }) => hitMs)
    expect(times).toEqual(Array.from({ length: 6 }, (_, r) => Date.UTC(2026, 3, 13, 8, 30 + r)))
  })

  it('read swings from a column of their own, or beside the club', () => {
    const swings = ['full', 'three-quarter', 'half', 'full', 'three-quarter', 'half']
    expect(taken(rowsOf('swings.csv')).map(({ swing }) => swing)).toEqual(swings)
    expect(taken(rowsOf('swings-beside-clubs.csv')).map(({ swing }) => swing)).toEqual(swings)
  })

  it('say which units were guessed', () => {
    const guessed = (name: string) => {
      const table = read(name)
      return table.ok
        ? table.table.columns.filter((column) => column.guessed).map(({ field, unit }) => `${field} ${unit}`)
        : []
    }
    expect(guessed('plain.csv')).toEqual([])
    expect(guessed('units-by-size.csv')).toEqual(['carry yd', 'ballSpeed m/s', 'offline yd'])
  })

  it.each([
    ['empty.csv', 'The file is empty'],
    ['blank.csv', 'There is nothing in this file'],
    ['web-page.csv', 'This is a web page'],
    ['json.csv', 'This is JSON'],
    ['sheet.xlsx', 'save its sheet as CSV'],
    ['picture.csv', 'This is a picture'],
    ['random-bytes.csv', 'This file is no text'],
    ['prose.txt', 'No column holds carries'],
    ['no-carry.csv', 'No column holds carries'],
  ])('%s is refused: %s', (name, sentence) => {
    const table = read(name)
    expect(table.ok || table.problems[0]?.sentence).toContain(sentence)
  })
})

it('500 mutated tables (seeds 1 to 500) are read or refused with a sentence; no row is lost, none half saved', () => {
  let readable = 0
  const { db, golfer } = storeWithGolfer()
  const inStore = () => db.prepare('SELECT count(*) FROM shot_now WHERE present').pluck().get() as number
  for (let seed = 1; seed <= 500; seed++) {
    const roll = dice(seed)
    const name = tables[Math.floor(roll.between(0, tables.length))] as string
    const bytes = Buffer.from(readFileSync(join(FOLDER, name)))
    for (let change = 0; change < 12; change++) {
      const at = Math.floor(roll.between(0, bytes.length))
      const other = [...Buffer.from(',;\t\n\r"\'0LR-. ÿx'), Math.floor(roll.between(0, 256))]
      bytes[at] = other[Math.floor(roll.between(0, other.length))] as number
    }
    const cut = roll.chance(0.3) ? bytes.subarray(0, Math.floor(roll.between(1, bytes.length))) : bytes
    const table = readTable(cut, { lengthUnit: 'yd', offsetMin: 0 })
    if (!table.ok) {
      expect(table.problems[0]?.sentence).toMatch(/[.]$/)
      continue
    }
    readable++
    const before = inStore()
    const shots = fileShots(table.rows, 0)
    const result = importShots(db, golfer.id, { name, shots }, { nowMs: NOW_MS, offsetMin: 0 })
    expect(inStore() - before).toBe(result.taken + result.held)
    const fresh = table.rows.filter(({ status }) => status === 'taken' || status === 'held').length
    expect(result.taken + result.held + result.known + result.conflicts.length).toBe(fresh)
    expect(table.rows).toHaveLength([...table.table.rows].length)
    for (const { shot, status } of table.rows) {
      if (status === 'taken') expect(Number.isFinite(shot?.carryM)).toBe(true)
      for (const value of Object.values(shot ?? {})) expect(value).not.toBeNaN()
    }
  }
  expect(readable).toBeGreaterThan(250)
})
