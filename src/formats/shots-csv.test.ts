import { describe, expect, it } from 'vitest'
import type { ShotRecord } from '../core/session/shot-record'
import { readTable } from './table/read-table'
import { shotsCsvRows, shotsCsvTitles } from './shots-csv'

const record: ShotRecord = {
  id: '=1+1',
  session: '@s',
  startedMs: 1_775_000_000_000,
  offsetMin: -60,
  place: 'range',
  hitMs: 1_775_000_001_234,
  monitor: 'Net loft, bay 2',
  ball: null,
  surface: null,
  countedM: null,
  club: '-iron',
  swing: 'punch',
  carryM: 1 / 3 + 120,
  offlineM: -3.25,
  mark: 'thin',
  apart: null,
}
const written = (records: ShotRecord[], lengthUnit: 'yd' | 'm' = 'yd') =>
  shotsCsvTitles({ lengthUnit, speedUnit: 'mph' }) +
  shotsCsvRows(records, { lengthUnit, speedUnit: 'mph' }, () => 'left out: thin')
const read = (text: string) => {
  const table = readTable(new TextEncoder().encode(text), { lengthUnit: 'yd', offsetMin: 0 })
  return table.ok ? table.rows : []
}

describe('Banco’s CSV', () => {
  it('says it for people first: the golfer’s units in the titles, decimals that make sense, ISO times, what became of each', () => {
    const [titles, row] = written([record])
      .split('\n')
      .map((line) => line.split(','))
    const cell = (title: string) => row![titles!.indexOf(title)]
    expect(cell('carry (yd)')).toBe('131.6')
    expect(cell('offline (yd)')).toBe('-3.6')
    expect(cell('hit at')).toBe('2026-03-31T22:33:21-01:00')
    expect(cell('counts')).toBe('left out: thin')
    expect(titles).not.toContain('carry (m)')
    expect(written([record], 'm').split('\n')[0]).toContain('carry (m)')
  })

  it('writes no cell that a spreadsheet would run, and reads its own way back to the last digit', () => {
    const text = written([record])
    expect(text.split('\n')[1]).toMatch(/^"'=1\+1","'@s",/)
    const { apart: _apart, ball: _ball, surface: _surface, countedM: _counted, ...rest } = record
    expect(read(text).map(({ cells: _cells, ...row }) => row)).toEqual([
      { row: 1, status: 'skipped', because: 'header' },
      { row: 2, status: 'taken', clubLabel: '-iron', shot: rest },
    ])
  })

  it('takes in no shot that was kept apart when it was hit', () => {
    const rows = read(written([record, { ...record, id: 'b', apart: 'warm-up' }]))
    expect(rows.map(({ because }) => because)).toEqual(['header', undefined, 'kept-apart'])
  })
})
