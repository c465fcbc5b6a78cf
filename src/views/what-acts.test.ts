import { beforeAll, describe, expect, it } from 'vitest'
import { DEMO_SEED, fillNetLoft } from '../../demo/net-loft'
import type { Golfer } from '@/core/model/golfer'
import type { GolferId, SessionId, ShotId } from '@/core/model/ids'
import { numberFound } from '@/core/course/number'
import { EMPTY_SET_UP } from '@/core/session/set-up'
import { atStation, fullSwingOf, TEED_SWING } from '@/core/model/station'
import { yards } from '@/core/units'
import { cardOfDay } from '@/draw/card-of-day'
import { keepBallFactor } from '@/store/balls'
import { bagOf } from '@/store/bags'
import { openDatabase, type Database } from '@/store/database'
import { changeRules, golferById } from '@/store/golfers'
import { keepCorrection } from '@/store/monitors'
import { sessionById, startSession } from '@/store/sessions'
import { keepSetUp } from '@/store/set-ups'
import { takeShot } from '@/store/shots'
import { len } from '@/text/numbers'
import { adjustmentsSentence } from '@/text/reasons'
import { stockRows } from '@/text/stock-columns'
import { bayView } from './bay-view'
import { compareView } from './compare-view'
import { courseDay } from './course-view'
import { gapsView } from './gaps-view'
import { historyView } from './history-view'
import { monitorsView } from './monitors-view'
import { numberView } from './number-view'
import { cardView, paperView } from './paper-view'
import { stockView } from './stock-view'
import { wedgesView } from './wedges-view'

const NOW_MS = Date.UTC(2026, 3, 11, 9, 30)
const LOFT = 'Net loft, bay 2'
let db: Database
let golfer: Golfer
const required = <T>(value: T | null | undefined): T => {
  if (value == null) throw new Error('the demo has it')
  return value
}
const stocks = () => required(gapsView(db, golfer, NOW_MS)).analysis.stocks

beforeAll(() => {
  db = openDatabase(':memory:')
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: NOW_MS })
  golfer = required(golferById(db, 'demo-tilda' as GolferId))
})

describe('a correction, a factor and a shot off a tee', () => {
  it('a monitor that watches changes no number: the demo’s second one is compared alone', () => {
    const { chosen, comparisons } = monitorsView(db, golfer, {})
    expect(comparisons).toHaveLength(1)
    expect(chosen?.pairing.pairs.length).toBeGreaterThan(40)
    expect(chosen?.pairing.left.first).toHaveLength(2)
    expect(chosen?.pairing.left.second).toEqual([])
    // The other way round it is the same pairs.
    const turned = monitorsView(db, golfer, { first: chosen?.second, second: chosen?.first }).chosen
    expect(turned?.pairing.pairs.length).toBe(chosen?.pairing.pairs.length)
    expect(required(stockView(db, golfer, NOW_MS)).monitors).toEqual([LOFT])
  })

  it('are in every view, on every card, paper and file alike, and said there', () => {
    const bag = required(bagOf(db, golfer.id))
    const wood = required(bag.clubs.find(({ name }) => name === '5-wood'))
    const sessionId = 'demo-tilda-9' as SessionId
    const before = stocks()
    for (let n = 0; n < 6; n++)
      takeShot(db, {
        ...{ id: `teed-${n}` as ShotId, sessionId, source: 'monitor', monitor: LOFT },
        ...{ hitMs: NOW_MS - 8 * 86_400_000 + n * 30_000, clubLabel: null, clubId: wood.id },
        ...{ swing: TEED_SWING, heldBecause: null, carryM: yards(181 + (n % 3)) },
      })
    keepCorrection(db, golfer.id, {
      ...{ monitor: LOFT, field: 'carryM', share: 0, plus: 2, half: 0.5, against: 'Coach’s unit' },
      ...{ pairs: 20, setMs: NOW_MS, on: true },
    })
    keepBallFactor(db, golfer.id, 'range ball', {
      ...{ as: 'own ball', at: [{ factor: 1.05, ballSpeedMps: null, half: 0.01 }] },
      ...{ shots: 24, setMs: NOW_MS, on: true },
    })

    const now = stocks()
    const nine = fullSwingOf(required(bag.clubs.find(({ name }) => name === '9-iron')).id)
    const carry = (list: typeof now) => required(atStation(list, nine)?.carryM)
    // Every shot of the loft's last twelve months was with its monitor and its balls.
    expect(carry(now)).toBeGreaterThan(carry(before) * 1.04)
    expect(carry(now)).toBeLessThan((carry(before) + 2) * 1.06)

    const stock = required(stockView(db, golfer, NOW_MS))
    const bay = required(bayView(db, golfer, required(sessionById(db, 'demo-tilda-0' as SessionId)), NOW_MS))
    const paper = required(paperView(db, golfer, NOW_MS))
    for (const view of [stock, bay, paper]) expect(carry(view.analysis.stocks)).toBe(carry(now))
    const file = stockRows(now, golfer, (id) => String(id))
    const adjustments = file.map((row) => row[required(file[0]).indexOf('holds')])
    expect(adjustments.slice(1).every((each) => String(each).includes('corrected: Net loft, bay 2'))).toBe(
      true,
    )

    const card = required(cardView(db, golfer, NOW_MS, 'card'))
    expect(card.lines.find(({ name }) => name === '9-iron')?.carry).toBe(len(carry(now), golfer))
    const teedM = required(atStation(now, { clubId: wood.id, swing: TEED_SWING })?.carryM)
    const woodLine = required(card.lines.find(({ name }) => name === '5-wood'))
    expect(woodLine.swings[card.swings.indexOf('tee')]).toBe(len(teedM, golfer))
    expect(woodLine.carry).toBe(len(required(atStation(now, fullSwingOf(wood.id))?.carryM), golfer))

    // What acts is said in the Bay, on Wedges and Course, on both cards.
    const kinds = ['corrected', 'converted']
    const ofDay = required(courseDay(db, golfer, NOW_MS))
    expect(ofDay.card.adjustments.map(({ kind }) => kind)).toEqual(kinds)
    expect(required(wedgesView(db, golfer, NOW_MS, false)).adjustments.map(({ kind }) => kind)).toEqual(kinds)
    const shown = bay.analysis.warnings.flatMap((each) => (each.kind === 'holds' ? [each.facts] : []))
    expect(shown.map(({ kind }) => kind)).toEqual(kinds)
    const name = (id: string) => required(bag.clubs.find((club) => club.id === id)).name
    for (const each of shown) expect(card.notes).toContain(adjustmentsSentence(each, name))
    for (const each of ofDay.card.adjustments)
      expect(cardOfDay(golfer, ofDay).notes).toContain(adjustmentsSentence(each, name))
    const point = required(
      historyView(db, golfer)
        ?.stations.find(({ clubId }) => clubId === nine.clubId)
        ?.points.at(-1),
    )
    expect(point.adjustments.map(({ kind }) => kind)).toEqual(kinds)
    const sides = { a: 'session:demo-tilda-9', b: 'session:demo-tilda-0' }
    const row = compareView(db, golfer, sides, NOW_MS)?.rows.find(({ clubId }) => clubId === nine.clubId)
    expect([row?.a, row?.b].map((each) => each?.adjustments?.map(({ kind }) => kind))).toEqual([kinds, kinds])
    expect(card.notes.join(' ')).toContain('counted as what your own ball would carry')
  })

  it('a shot off a tee is no answer to a number from the ground', () => {
    const { shots, day } = required(numberView(db, golfer, NOW_MS))
    const teed = required(shots.find(({ swing }) => swing === TEED_SWING))
    expect(teed.fromTee).toBe(true)
    const choices = (fromTee: boolean) =>
      numberFound(shots, {
        ...{ leftM: teed.carryM, by: 'carry', heightM: 0, tailwindMps: 0, dayWindMps: day.tailwindMps },
        ...{ fromTee, sure: golfer.sureness },
      }).map(({ shot }) => shot.swing)
    expect(choices(false)).not.toContain(TEED_SWING)
    expect(choices(true)).toContain(TEED_SWING)
  })

  it('mat and grass are one stock until the golfer says which it stands for; then it is that one everywhere, and the other is there to be asked', () => {
    const whole = required(stockView(db, golfer, NOW_MS))
    const bag = required(bagOf(db, golfer.id))
    const grassMs = NOW_MS - 86_400_000
    const session = startSession(db, {
      golferId: golfer.id,
      place: 'range',
      startedMs: grassMs,
      offsetMin: 0,
    })
    keepSetUp(db, golfer.id, session, { ...EMPTY_SET_UP, surface: 'grass' })
    const eight = required(bag.clubs.find(({ name }) => name === '8-iron'))
    const station = fullSwingOf(eight.id)
    const onMat = required(atStation(whole.analysis.stocks, station)?.carryM)
    for (let n = 0; n < 12; n++)
      takeShot(db, {
        ...{ id: `grass-${n}` as ShotId, sessionId: session, source: 'typed', clubLabel: null },
        ...{ hitMs: grassMs + n * 30_000, clubId: eight.id, swing: 'full', heldBecause: null },
        carryM: onMat * (0.94 + 0.002 * (n % 4)),
      })
    const both = required(stockView(db, golfer, NOW_MS))
    expect(both.surfaces?.stations).toBeGreaterThan(0)
    changeRules(db, golfer, { stocksOff: 'grass' })
    golfer = required(golferById(db, golfer.id))
    const stock = required(stockView(db, golfer, NOW_MS))
    const carry = (list: typeof stock.analysis.stocks) => required(atStation(list, station)?.carryM)
    expect(carry(stock.analysis.stocks)).toBeLessThan(carry(both.analysis.stocks))
    expect(carry(stock.analysis.stocks) / onMat).toBeCloseTo(0.943, 2)
    const bay = required(bayView(db, golfer, required(sessionById(db, session)), NOW_MS))
    const paper = required(paperView(db, golfer, NOW_MS))
    for (const view of [bay, paper, { analysis: { stocks: stocks() } }])
      expect(carry(view.analysis.stocks)).toBe(carry(stock.analysis.stocks))
    // A club that was never hit off grass stands on the mat, and says so wherever it stands.
    const mat = stock.analysis.warnings.flatMap((each) =>
      each.kind === 'holds' && each.facts.kind === 'offSurface' ? [each.facts] : [],
    )
    expect(mat[0]?.clubIds).not.toContain(eight.id)
    const name = (id: string) => required(bag.clubs.find((club) => club.id === id)).name
    expect(required(cardView(db, golfer, NOW_MS, 'card')).notes).toContain(adjustmentsSentence(mat[0]!, name))
    // The other one is its own stock, as it was before there was any grass.
    const matView = required(stockView(db, golfer, NOW_MS, { off: 'mat' }))
    expect(carry(matView.analysis.stocks) / onMat).toBeCloseTo(1, 2)
    expect(matView.surfaces).toEqual(stock.surfaces)
    expect(stockView(db, golfer, NOW_MS, { off: 'rough' })?.only.surface).toBeNull()
    changeRules(db, golfer, { stocksOff: null })
    golfer = required(golferById(db, golfer.id))
    expect(stocks()).toEqual(both.analysis.stocks)
  })

  it('only what one monitor measured is a stock of its own, and leaves all others as they are', () => {
    const before = stocks()
    const only = required(stockView(db, golfer, NOW_MS, { monitor: LOFT }))
    expect(only.only.monitor).toBe(LOFT)
    expect(required(stockView(db, golfer, NOW_MS, { monitor: 'nobody’s' })).only.monitor).toBeNull()
    expect(stocks()).toEqual(before)
  })
})
