import { clubsInOrder } from '@/core/bag/bag'
import Papa from 'papaparse'
import { beforeAll, describe, expect, it } from 'vitest'
import { DEMO_SEED, fillNetLoft } from '../../demo/net-loft'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { REFERENCE_AIR } from '@/core/model/air'
import { airOfDay, type Day } from '@/core/session/day'
import { dayCard, seasonStations } from '@/core/course/day-card'
import { TURFS } from '@/core/model/turf'
import { season } from '@/core/course/season'
import { ordinaryRun, runOfTotals } from '@/core/stock/station-run'
import type { Golfer } from '@/core/model/golfer'
import type { ShotId } from '@/core/model/ids'
import type { Stock } from '@/core/stock/stock'
import { lengthIn } from '@/core/units'
import { wedges } from '@/core/wedges/wedges'
import { len } from '@/text/numbers'
import { analyseBag } from '@/core/analyse-bag'
import { cardOfDay } from '@/draw/card-of-day'
import { gapLadderOfBag } from '@/draw/gap-ladder-of-bag'
import { bagInput } from '@/store/bag-input'
import { bagOf } from '@/store/bags'
import { openDatabase, type Database } from '@/store/database'
import { allGolfers, golferById } from '@/store/golfers'
import { takeShot } from '@/store/shots'
import { STOCK_COLUMNS } from '@/text/stock-columns'
import { paperView } from './paper-view'
import { exportText } from '../../tests/export-text'

let db: Database
let golfers: Golfer[]
beforeAll(() => {
  db = openDatabase(':memory:')
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: NOW_MS })
  golfers = allGolfers(db)
})
const rowsOf = (golfer: Golfer, what: 'shots' | 'stocks' | 'gaps') =>
  Papa.parse<Record<string, string>>(exportText(db, golfer, what, NOW_MS) ?? '', {
    header: true,
    skipEmptyLines: true,
  }).data
const analysisOf = (golfer: Golfer) => paperView(db, golfer, NOW_MS)!.analysis

describe('the files of the demo’s golfers', () => {
  it('say of every shot what became of it, and as many count as the stocks say', () => {
    for (const golfer of golfers) {
      const fates = rowsOf(golfer, 'shots').map((row) => row.counts ?? '')
      expect(fates.length).toBeGreaterThan(0)
      expect(fates.every((fate) => /^(counts|left out: |held: |apart: |older |its club )/.test(fate))).toBe(
        true,
      )
      const solid = analysisOf(golfer).stocks.reduce((sum, { count }) => sum + count, 0)
      expect(fates.filter((fate) => fate === 'counts')).toHaveLength(solid)
    }
  })

  it('hold the stocks of the tables, in the golfer’s own unit: a total is stock and run', () => {
    for (const golfer of golfers) {
      const { lengthUnit: unit } = golfer
      const { stocks } = analysisOf(golfer)
      const rows = rowsOf(golfer, 'stocks')
      expect(rows).toHaveLength(stocks.length)
      stocks.forEach((stock, i) => {
        const row = rows[i]!
        const cell = (title: string) => Number(row[`${title} (${unit})`])
        if (stock.carryM === undefined) return expect(row[`carry (${unit})`]).toBe('')
        expect(cell('carry')).toBeCloseTo(lengthIn(stock.carryM, unit), 2)
        const run = runOfTotals(stock)
        if (!run) return expect([row[`run (${unit})`], row[`total (${unit})`]]).toEqual(['', ''])
        // Rounded to hundredths.
        expect(Math.abs(cell('run') - lengthIn(run.runM, unit))).toBeLessThan(0.0051)
        expect(Math.abs(cell('carry') + cell('run') - cell('total'))).toBeLessThan(0.02)
      })
    }
  })

  it('hold every gap with the verdict of Gaps', () => {
    for (const golfer of golfers) {
      const { gaps } = analysisOf(golfer)
      const rows = rowsOf(golfer, 'gaps')
      expect(rows.map(({ verdict }) => verdict)).toEqual(
        gaps.map(({ verdict, gapM }) => (gapM === undefined ? 'not-judged' : verdict)),
      )
      expect(rows.map(({ confirmed }) => confirmed === 'yes')).toEqual(gaps.map(({ settled }) => settled))
    }
  })

  it('are of one golfer: nobody’s shots stand in another’s', () => {
    const all = golfers.map((golfer) => rowsOf(golfer, 'shots').map((row) => row.id ?? ''))
    const ids = all.flat()
    expect(ids.every(Boolean)).toBe(true)
    expect(new Set(ids).size).toBe(ids.length)
  })

  it('a golfer without a bag has shots and a document, and no tables', () => {
    const bare = { ...golfers[0]!, id: 'nobody' as Golfer['id'] }
    expect(exportText(db, bare, 'stocks', NOW_MS)).toBeNull()
    expect(exportText(db, bare, 'gaps', NOW_MS)).toBeNull()
  })
})

it('one run and one total for each station and ground: Stock, ladder, Wedges, card of the day and season', () => {
  let walked = 0
  for (const { id } of golfers) {
    const golfer = golferById(db, id)!
    const bag = bagOf(db, id)!
    const clubs = clubsInOrder(bag)
    for (const turf of TURFS) {
      const day: Day = {
        place: null,
        altitudeM: 0,
        seaLevelHpa: REFERENCE_AIR.pressureHpa,
        turf,
        tempC: REFERENCE_AIR.tempC,
        humidity: REFERENCE_AIR.humidity,
        tailwindMps: 0,
        crosswindMps: 0,
      }
      // Compared in the air of the day, so that whatever differs is no other air.
      const analysis = analyseBag(bagInput(db, golfer, bag, NOW_MS, airOfDay(day)))
      const card = dayCard(clubs, day, analysis, analysis)
      const { shots } = wedges(clubs, golfer.swings, analysis, { goalZoneM: null, turf })
      const lines = season(seasonStations(clubs, analysis), day, day)
      for (const stock of analysis.stocks) {
        if (stock.carryM === undefined) continue
        const own = { clubId: stock.clubId, swing: stock.swing }
        const is = (each: { clubId: string; swing: string }) =>
          each.clubId === own.clubId && each.swing === own.swing
        const onCourse = card.lines.find(is)!
        const wedge = shots.find(is)!
        expect(wedge.flight!.runM).toBeCloseTo(onCourse.runM!, 6)
        expect(wedge.finishM).toBeCloseTo(onCourse.total!.atM, 6)
        expect(wedge.flight!.runFrom).toBe(onCourse.runFrom)
        if (stock.swing === 'full') {
          const line = lines.find(({ clubId }) => clubId === own.clubId)!
          expect(line.ground.find((each) => each.turf === turf)!.runM).toBeCloseTo(onCourse.runM!, 6)
        }
        const run = ordinaryRun(stock)
        if (turf === 'normal' && run) expect(run.totalM).toBeCloseTo(onCourse.total!.atM, 6)
        walked++
      }
      const taken = cardOfDay(golfer, { bag, day, card })
      for (const {
        name,
        swings: [total],
      } of taken.lines) {
        const club = bag.clubs.find((each) => each.name === name)!
        const line = card.lines.find((each) => each.clubId === club.id && each.swing === 'full')
        expect(total).toBe(line?.total ? len(line.total.atM, golfer) : '')
      }
      if (turf !== 'normal') continue
      const ladder = gapLadderOfBag(golfer, bag.clubs, analysis, -1)
      const drawn = ladder.clubs.flatMap(({ stock }) => stock?.total ?? [])
      const totals = analysis.stocks.flatMap((stock) =>
        stock.swing === 'full' ? (runOfTotals(stock)?.totalM ?? []) : [],
      )
      expect(drawn.map((at) => at.toFixed(6))).toEqual(
        totals.map((totalM) => lengthIn(totalM, golfer.lengthUnit).toFixed(6)),
      )
    }
  }
  expect(walked).toBeGreaterThan(60)
})

it('a golfer who hits a lot: newest and older shots are told apart in the file, and come to what the table says', () => {
  const { db: store, golfer, clubId, sessionId } = storeWithGolfer()
  for (let i = 0; i < 130; i++)
    takeShot(store, {
      id: `many-${i}` as ShotId,
      sessionId,
      source: 'monitor',
      hitMs: NOW_MS + i * 20_000,
      clubLabel: null,
      clubId: clubId('8-iron'),
      swing: 'full',
      carryM: 120 + (i % 5) / 2,
      heldBecause: null,
    })
  const nowMs = NOW_MS + 86_400_000
  const csv = exportText(store, golfer, 'shots', nowMs) ?? ''
  const fates = Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true }).data.map(
    ({ counts: isIncluded }) => isIncluded,
  )
  const older = fates.filter((fate) => fate === 'passed over: newer shots make the stock')
  const stock = paperView(store, golfer, nowMs)?.analysis.stocks.find(({ count }) => count > 0)
  expect(older).toHaveLength(70)
  expect(stock?.older).toBe(70)
  expect(fates.filter((fate) => fate === 'counts')).toHaveLength(stock?.count ?? 0)
  expect(
    STOCK_COLUMNS.find(({ title }) => title(golfer) === 'Good')?.cell(stock as Stock, golfer).detail,
  ).toBe('newest of 130')
})
