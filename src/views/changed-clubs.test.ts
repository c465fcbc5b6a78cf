import { describe, expect, it } from 'vitest'
import type { ClubId, ShotId } from '@/core/model/ids'
import { lengthIn, yards } from '@/core/units'
import { atStation, fullSwingOf } from '@/core/model/station'
import { changeClubSince, takeSetUpBack } from '@/store/clubs'
import { takeShot } from '@/store/shots'
import { sessionById } from '@/store/sessions'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { bagAsItWas, bagMoments } from './bag-as-it-was'
import { bayView } from './bay-view'
import { gapsView } from './gaps-view'
import { refitView } from './refit-view'
import { stockView } from './stock-view'
import { wedgesView } from './wedges-view'
import { numberView } from './number-view'
import { cardOfBag } from '@/draw/card-of-bag'
import { changeSentence } from '@/text/changes'

const DAY = 86_400_000
const OFF = [-3.2, 1.4, 0.3, 2.6, -1.9, -0.4, 3.1, -2.2, 0.9]
const CLUBS = [
  ['6-iron', 144],
  ['7-iron', 134],
  ['8-iron', 122],
  ['9-iron', 108.9],
  ['P-wedge', 97],
] as const

/** Five clubs hit nine times each; then the 9-iron is bent 1° strong. */
function bentNine() {
  const kept = storeWithGolfer()
  const { db, golfer, sessionId, clubId } = kept
  let made = 0
  const hit = (id: ClubId, yd: number, atMs: number, shots = OFF.length) =>
    OFF.slice(0, shots).forEach((off, i) =>
      takeShot(db, {
        id: `shot-${made++}` as ShotId,
        sessionId,
        source: 'monitor',
        clubLabel: null,
        heldBecause: null,
        clubId: id,
        swing: 'full',
        hitMs: atMs + i * 30_000,
        carryM: yards(yd + off),
      }),
    )
  CLUBS.forEach(([name, yd], i) => hit(clubId(name), yd, NOW_MS + i * 600_000))
  const bentMs = NOW_MS + DAY
  const nine = clubId('9-iron')
  const bend = (loftDeg: number, sinceMs: number) =>
    changeClubSince(db, golfer.id, nine, { name: '9-iron', kind: 'iron', loftDeg }, sinceMs)
  return { ...kept, hit, nine, bend, bentMs, nowMs: NOW_MS + 3 * DAY }
}

const yd = (metres: number) => lengthIn(metres, 'yd')

describe('a club that was bent', () => {
  it('has what its earlier shots say as its expectation, and its later shots alone as its stock', () => {
    const { db, golfer, hit, nine, bend, bentMs, nowMs } = bentNine()
    const loft = stockView(db, golfer, nowMs)!.bag.clubs.find(({ id }) => id === nine)!.loftDeg!
    expect(bend(loft - 1, bentMs)).toBe('changed')
    const unhit = stockView(db, golfer, nowMs)!
    const [change] = unhit.changes
    expect(change).toMatchObject({ clubId: nine, change: { degrees: -1 } })
    expect(yd(change!.before!.carryM)).toBeCloseTo(108.9, 0)
    const expectedYd = yd(change!.expected!.carryM)
    expect(expectedYd - yd(change!.before!.carryM)).toBeGreaterThan(1)
    expect(expectedYd - yd(change!.before!.carryM)).toBeLessThan(4)
    const foreseen = atStation(unhit.analysis.stocks, fullSwingOf(nine))!
    expect(foreseen.count).toBe(0)
    expect(Math.abs(yd(foreseen.foreseen!.carryM) - expectedYd)).toBeLessThan(2)
    hit(nine, 112, bentMs + DAY)
    const view = stockView(db, golfer, nowMs)!
    const stock = atStation(view.analysis.stocks, fullSwingOf(nine))!
    expect(stock.count).toBe(OFF.length)
    expect(yd(stock.carryM!)).toBeCloseTo(112, 0)
    expect(view.changes[0]!.came?.is).toBe('as-expected')
    expect(view.changes[0]!.since).toMatchObject({ carryM: stock.carryM, count: OFF.length })
  })

  it('keeps its place on the card, in the number, in coverage and in the gaps until three good shots replace it', () => {
    const { db, golfer, hit, nine, bend, bentMs, nowMs } = bentNine()
    const loft = stockView(db, golfer, nowMs)!.bag.clubs.find(({ id }) => id === nine)!.loftDeg!
    const before = stockView(db, golfer, nowMs)!.analysis
    bend(loft - 1, bentMs)
    const { bag, analysis, changes } = stockView(db, golfer, nowMs)!
    const expected = changes[0]!.expected!.carryM
    const stock = atStation(analysis.stocks, fullSwingOf(nine))!
    expect(stock).toMatchObject({ carryM: expected, isExpected: true, count: 0 })
    expect(numberView(db, golfer, nowMs)!.shots.find(({ clubId }) => clubId === nine)).toMatchObject({
      isExpected: true,
      carryM: expect.closeTo(expected, 6),
    })
    const newestMs = new Map([[nine, NOW_MS]])
    const card = cardOfBag(golfer, bag, analysis, { dateMs: nowMs, air: '', newestMs })
    // A label carries the month of the newest shot, not of the printing.
    expect(card.lines.find(({ name }) => name === '9-iron')!.newestMs).toBe(NOW_MS)
    expect(card.lines.find(({ name }) => name === '9-iron')!.carry).toBe(`≈ ${Math.round(yd(expected))}`)
    expect(card.notes).toContain('≈ expected after the change')
    expect(wedgesView(db, golfer, nowMs, true)!.found.shots.map(({ clubId }) => clubId)).toContain(nine)
    expect(analysis.uncovered.length).toBe(before.uncovered.length)
    const reference = (of: typeof analysis) =>
      of.gaps.filter(({ longerId, shorterId }) => longerId === nine || shorterId === nine)
    for (const gap of reference(analysis))
      expect(gap).toMatchObject({ settled: false, shownM: expect.any(Number) })
    // No shot of it is needed to be advised to hit it.
    expect(analysis.next.some(({ clubId }) => clubId === nine)).toBe(true)

    hit(nine, 112, bentMs + DAY, 2)
    const two = stockView(db, golfer, nowMs)!
    expect(atStation(two.analysis.stocks, fullSwingOf(nine))!).toMatchObject({ isExpected: true, count: 2 })
    expect(changeSentence(two.changes[0]!, golfer)).toContain('2 good shots since, 3 needed')
    hit(nine, 112, bentMs + DAY + 600_000, 1)
    const three = atStation(stockView(db, golfer, nowMs)!.analysis.stocks, fullSwingOf(nine))!
    expect(three.isExpected).toBeUndefined()
    expect(three.count).toBe(3)
  })

  it('is surer of its stock after few shots than one of which nothing was known', () => {
    const { db, golfer, hit, nine, bend, bentMs, nowMs } = bentNine()
    const half = () => {
      const { lowM, highM } = atStation(stockView(db, golfer, nowMs)!.analysis.stocks, fullSwingOf(nine))!
      return yd(highM! - lowM!) / 2
    }
    bend(40, bentMs)
    hit(nine, 112, bentMs + DAY, 3)
    const known = half()
    // The same three shots with a shaft that nobody knows: less is expected of it.
    takeSetUpBack(db, golfer.id, nine, bentMs)
    changeClubSince(
      db,
      golfer.id,
      nine,
      { name: '9-iron', kind: 'iron', loftDeg: 40, build: { shaft: 'graphite' } },
      bentMs,
    )
    expect(known).toBeLessThan(half())
  })

  it('bent again has the shots between as its expectation; taken back it is one stock again', () => {
    const { db, golfer, hit, nine, bend, bentMs, nowMs } = bentNine()
    bend(40, bentMs)
    hit(nine, 112, bentMs + DAY / 4)
    bend(41, bentMs + DAY)
    const [again] = stockView(db, golfer, nowMs)!.changes
    expect(yd(again!.before!.carryM)).toBeCloseTo(112, 0)
    expect(yd(again!.expected!.carryM)).toBeLessThan(111)
    expect(takeSetUpBack(db, golfer.id, nine, bentMs + DAY)).toBe(true)
    expect(takeSetUpBack(db, golfer.id, nine, bentMs)).toBe(true)
    const view = stockView(db, golfer, nowMs)!
    expect(view.changes).toEqual([])
    expect(atStation(view.analysis.stocks, fullSwingOf(nine))!.count).toBe(2 * OFF.length)
  })

  it('says the same in Stock, Gaps, Refit and the Bay, and the bag opens as it was', () => {
    const { db, golfer, hit, sessionId, nine, bend, bentMs, nowMs } = bentNine()
    const before = stockView(db, golfer, nowMs)!.analysis.stocks
    bend(40, bentMs)
    hit(nine, 112, bentMs + DAY)
    const { changes } = stockView(db, golfer, nowMs)!
    expect(gapsView(db, golfer, nowMs)!.changes).toEqual(changes)
    expect(refitView(db, golfer, nowMs)!.changes).toEqual(changes)
    expect(bayView(db, golfer, sessionById(db, sessionId)!, nowMs)!.changes).toEqual(changes)
    expect(bagMoments(db, golfer)).toEqual([{ untilMs: bentMs, clubs: [], changed: ['9-iron'] }])
    const was = bagAsItWas(db, golfer, bentMs)!
    expect(was.bag.clubs.find(({ id }) => id === nine)!.loftDeg).toBe(41)
    expect(was.changes).toEqual([])
    expect(was.analysis.stocks).toEqual(before)
  })
})
