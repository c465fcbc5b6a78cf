import { beforeAll, expect, it } from 'vitest'
import Papa from 'papaparse'
import { DEMO_SEED, fillNetLoft } from '../../demo/net-loft'
import { isMeasured } from '@/core/gaps/gap'
import type { Golfer } from '@/core/model/golfer'
import type { GolferId } from '@/core/model/ids'
import { stationKey } from '@/core/model/station'
import { isHit, type HitStock } from '@/core/stock/stock'
import { lengthIn } from '@/core/units'
import { gapLadderOfBag } from '@/draw/gap-ladder-of-bag'
import { writeGapsCsv } from '@/formats/tables-csv'
import { openDatabase, type Database } from '@/store/database'
import { golferById } from '@/store/golfers'
import { finding } from '@/text/finding'
import { clubNames } from '@/text/names'
import { len } from '@/text/numbers'
import { STOCK_COLUMNS } from '@/text/stock-columns'
import { drawnGap } from '@/text/verdicts'
import { gapsView } from './gaps-view'
import { paperInput } from './paper-view'
import { stockView } from './stock-view'
import { wedgesView } from './wedges-view'

const NOW_MS = Date.UTC(2026, 3, 11, 9, 30)
const GOLFERS = ['demo-tilda', 'demo-marek', 'demo-junia'] as const
let db: Database

beforeAll(() => {
  db = openDatabase(':memory:')
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: NOW_MS })
})
const reportOf = (golfer: Golfer) => {
  const input = paperInput(db, golfer, { ofDay: false, madeMs: NOW_MS })
  if (!input || !('analysis' in input)) throw new Error('there is a report')
  return input
}
const viewsOf = (id: (typeof GOLFERS)[number]) => {
  const golfer = golferById(db, id as GolferId) as Golfer
  const [gaps, stock, paper, wedges] = [
    gapsView(db, golfer, NOW_MS)!,
    stockView(db, golfer, NOW_MS, {})!,
    reportOf(golfer),
    wedgesView(db, golfer, NOW_MS, false)!,
  ]
  return { golfer, gaps, stock, paper, wedges }
}
const numbersOf = ({ carryM, lowM, highM, reachM, count, odd }: HitStock) => ({
  ...{ carryM, lowM, highM, reachM, count, odd },
})

it.each(GOLFERS)(
  '%s: a yardage, its interval and its typical range are one on every page and paper',
  (id) => {
    const { gaps, stock, paper, wedges } = viewsOf(id)
    const byStation = new Map(
      gaps.analysis.stocks.filter(isHit).map((each) => [stationKey(each), numbersOf(each)]),
    )
    expect(byStation.size).toBeGreaterThan(5)
    for (const { stocks } of [stock.analysis, paper.analysis])
      for (const each of stocks.filter(isHit))
        expect(numbersOf(each)).toEqual(byStation.get(stationKey(each)))
    for (const { carryM, lowM, highM, reachM, ...station } of wedges.found.shots)
      expect({ carryM, lowM, highM, reachM }).toEqual(
        (({ carryM: at, lowM: low, highM: high, reachM: reach }) => ({
          ...{ carryM: at, lowM: low, highM: high, reachM: reach },
        }))(byStation.get(stationKey(station))!),
      )
  },
)

it.each(GOLFERS)(
  '%s: the interval of the golfer holds the number with room, or the row says why not',
  (id) => {
    for (const { carryM, lowM, highM, model, odd } of viewsOf(id).gaps.analysis.stocks.filter(isHit)) {
      expect(lowM).toBeLessThanOrEqual(carryM)
      expect(highM).toBeGreaterThanOrEqual(carryM)
      expect(highM - lowM).toBeGreaterThan(model.highM - model.lowM)
      const room = Math.min(carryM - lowM, highM - carryM) / (highM - lowM)
      expect(room > 0.05 || odd !== undefined).toBe(true)
    }
  },
)

it.each(GOLFERS)(
  '%s: a gap has one size: ladder, headline and file show the difference of the carries shown',
  (id) => {
    const { golfer, gaps } = viewsOf(id)
    const { bag, analysis } = gaps
    const clubs = bag.clubs.filter(({ kind }) => kind !== 'putter')
    const name = clubNames(bag)
    const ladder = gapLadderOfBag(golfer, clubs, analysis, -1)
    const rows = Papa.parse<string[]>(writeGapsCsv(analysis, golfer, name)).data.slice(1)
    const shown = new Map(
      analysis.stocks.filter(isHit).flatMap((each) => (each.swing === 'full' ? [[each.clubId, each]] : [])),
    )
    analysis.gaps.forEach((gap, i) => {
      if (!isMeasured(gap) || gap.onTotal) return
      const [longer, shorter] = [shown.get(gap.longerId)!, shown.get(gap.shorterId)!]
      const size = Number(len(longer.carryM, golfer)) - Number(len(shorter.carryM, golfer))
      expect(drawnGap(gap, analysis.stocks, golfer)).toBe(size)
      expect(Number(ladder.gaps[i]!.number.replace('−', '-'))).toBe(size)
      expect(gap.shownM).toBeCloseTo(longer.carryM - shorter.carryM, 9)
      expect(Number(rows[i]![2])).toBeCloseTo(lengthIn(gap.shownM, golfer.lengthUnit), 2)
    })
    const { sentence, gap } = finding(bag, analysis, golfer)
    const chosen = analysis.gaps[gap]!
    const size = drawnGap(chosen, analysis.stocks, golfer)!
    // Two clubs at one number are named by their carries.
    if (chosen.verdict !== 'same-distance') expect(sentence).toContain(` ${String(size).replace('-', '−')} `)
  },
)

it('the columns of the table show the typical range and the interval that the stock has', () => {
  const { golfer, stock } = viewsOf('demo-tilda')
  const seven = stock.analysis.stocks.filter(isHit).find(({ count }) => count > 5)!
  const texts = STOCK_COLUMNS.map((column) => column.cell(seven, golfer).text)
  expect(texts).toContain(`${len(seven.reachM[0], golfer)} to ${len(seven.reachM[1], golfer)}`)
})
