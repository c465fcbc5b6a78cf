import { describe, expect, it } from 'vitest'
import type { ClubId, ShotId } from '@/core/model/ids'
import type { Golfer } from '@/core/model/golfer'
import type { HitStock, UnhitStock } from '@/core/stock/stock'
import { yards } from '@/core/units'
import { cellText, STOCK_COLUMNS, stockRows } from './stock-columns'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph', stockRule: 'mean-solid' } as Golfer
const METRES = { ...YARDS, lengthUnit: 'm', speedUnit: 'km/h' } as Golfer
const hit = (more: Partial<HitStock> = {}): HitStock => ({
  clubId: '8-iron' as ClubId,
  swing: 'full',
  carryM: yards(150),
  lowM: yards(147),
  highM: yards(153),
  count: 6,
  model: { carryM: yards(150), lowM: yards(147), highM: yards(153) },
  reachM: [yards(146), yards(155)],
  shortestM: yards(145),
  averages: { ballSpeedMps: 50, launchDeg: 18.25 },
  byStockRule: {} as HitStock['byStockRule'],
  done: false,
  leftOut: [],
  ...more,
})
const unhit: UnhitStock = {
  clubId: '9-iron' as ClubId,
  swing: 'full',
  count: 0,
  averages: {},
  byStockRule: {},
  done: false,
  leftOut: [],
}
const column = (title: string) => STOCK_COLUMNS.find((each) => each.title(YARDS) === title)!
const cell = (title: string, stock: HitStock | UnhitStock) => cellText(column(title).cell(stock, YARDS))

describe('a cell of the stock table', () => {
  it('says a number in the golfer’s unit, and nothing where nothing is known', () => {
    expect(cell('Carry, yd', hit())).toBe('150.0')
    expect(cell('Carry, yd', unhit)).toBe('not hit')
    expect(cell('Typical range', hit())).toBe('146 to 155')
    expect(cell('Ball, mph', hit())).toBe('111.8')
    expect(['±', 'Typical range', 'Roll', 'Ball, mph', 'Good'].map((title) => cell(title, unhit))).toEqual(
      Array(5).fill(''),
    )
  })

  it('says which numbers are modelled, and which are a monitor’s', () => {
    const modelled = hit({ modelled: { peakM: yards(30), landingDeg: 47, runM: yards(4) } })
    expect(['Peak', 'Lands', 'Roll', 'Total'].map((title) => cell(title, modelled))).toEqual([
      '≈ 30',
      '≈ 47°',
      '≈ 4',
      '≈ 154',
    ])
    const ofMonitor = hit({ run: { meanM: yards(5), from: 'monitor' } })
    expect(cell('Total', ofMonitor)).toBe('155*')
    expect(cell('Total', hit({ run: { meanM: yards(5), from: 'measured' } }))).toBe('155')
  })

  it('stands for the number that was set by hand, without an interval that is not its own', () => {
    const byHand = hit({ byHand: { carryM: yards(147.5), because: 'the burn' } })
    expect(cell('Carry, yd', byHand)).toBe('147.5 by hand')
    expect(cell('±', byHand)).toBe('')
  })

  it('says what else counted, and what was left out', () => {
    const windy = hit({
      conditions: { excluded: [], why: [], countedWhy: ['wind'], counted: 2, withAllM: yards(149) },
    })
    expect(cell('Good', windy)).toBe('6 wind')
    const leftOut = [{ shotId: 's' as ShotId, mark: 'fat' as const, solidProbability: 0, facts: {} }]
    expect(column('Left out').has!(hit())).toBe(false)
    expect(cell('Left out', hit({ leftOut }))).toBe('1')
  })
})

describe('the same columns in a file', () => {
  const rows = (golfer: Golfer) =>
    stockRows([hit({ byHand: { carryM: yards(147.5), because: 'the burn' } }), unhit], golfer, (id) => id)

  it('have a title with its unit, and every row as many cells as there are titles', () => {
    const [titles, ...rest] = rows(METRES)
    expect(titles!.slice(0, 4)).toEqual(['club', 'swing', 'carry (m)', 'carry low 90% (m)'])
    expect(titles).toContain('ball speed (km/h)')
    expect(rest.map((row) => row.length)).toEqual([titles!.length, titles!.length])
    expect(new Set(titles).size).toBe(titles!.length)
  })

  it('hold more digits than the screen, the measured stock beside the one by hand, and nothing for nothing', () => {
    const [titles, first, second] = rows(YARDS)
    const of = (row: (string | number)[], title: string) => row[titles!.indexOf(title)]
    expect(of(first!, 'carry (yd)')).toBe(150)
    expect(of(first!, 'by hand (yd)')).toBe(147.5)
    expect(of(first!, 'launch (deg)')).toBe(18.25)
    expect(of(first!, 'by hand because')).toBe('the burn')
    expect(of(second!, 'carry (yd)')).toBe('')
    expect(of(second!, 'solid shots')).toBe(0)
  })
})

it('what stands on paper fits a sheet beside the name of its station', () => {
  const shares = STOCK_COLUMNS.flatMap(({ paper }) => paper ?? [])
  expect(shares.length).toBeGreaterThan(5)
  expect(Math.min(...shares)).toBeGreaterThan(0.05)
})
