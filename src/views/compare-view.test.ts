import { describe, expect, it } from 'vitest'
import { DEMO_SEED, fillNetLoft } from '../../demo/net-loft'
import type { GolferId } from '@/core/model/ids'
import { sameStation } from '@/core/model/station'
import { isHit } from '@/core/stock/stock'
import { changeClubSince, clubsOf } from '@/store/clubs'
import { openDatabase } from '@/store/database'
import { golferById } from '@/store/golfers'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { comparedBag } from './bag-analysis'
import { compareView } from './compare-view'

function demo() {
  const db = openDatabase(':memory:')
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: NOW_MS })
  const golfer = golferById(db, 'demo-tilda' as GolferId)!
  const view = (a: string, b: string, of = golfer) => compareView(db, of, { a, b }, NOW_MS)!
  return { db, golfer, view }
}

describe('two of anything', () => {
  it('nothing is chosen: all that can be is offered, each once', () => {
    const { view } = demo()
    const { choices, rows, a } = view('', 'nonsense')
    expect([a, rows]).toEqual([null, []])
    expect(new Set(choices.map(({ key }) => key)).size).toBe(choices.length)
    expect(new Set(choices.map(({ side }) => side.kind))).toEqual(
      new Set(['bag', 'season', 'session', 'club', 'swing', 'ball', 'surface']),
    )
  })

  it('mat and grass of the demo’s golfer stand beside each other, of other days and said so', () => {
    const { view } = demo()
    const { rows, together, differences } = view('surface:mat', 'surface:grass')
    expect(rows.filter(({ found }) => found).length).toBe(12)
    // Indoors off a mat, and on the range from grass: what the days and places add is in the interval.
    expect(together!.halfShare).toBeGreaterThan(0.015)
    expect(differences.find(({ what }) => what === 'place')?.is).toBe('different')
    expect(differences.find(({ what }) => what === 'surface')).toMatchObject({
      is: 'different',
      a: ['mat'],
      b: ['grass'],
    })
  })

  it('winter and summer of the demo’s golfer: the cold is shorter as hit, and less so in stated air', () => {
    const { golfer, view } = demo()
    const seasons = view('', '').choices.filter(({ side }) => side.kind === 'season')
    const of = (season: string) => seasons.filter(({ key }) => key.endsWith(season)).at(-1)!.key
    const asHit = view(of('winter'), of('summer'))
    expect(asHit.rows.filter(({ found }) => found).length).toBe(12)
    expect(asHit.air).toEqual({ a: expect.closeTo(4, 5), b: expect.closeTo(24, 5) })
    const stated = view(of('winter'), of('summer'), { ...golfer, compareIn: 'reference' })
    expect(stated.together!.share).toBeLessThan(asHit.together!.share)
    expect(stated.rows.every(({ a }) => a === null || a.statedAir?.tempC === golfer.referenceAir.tempC)).toBe(
      true,
    )
  })

  it('two clubs stand by swing, with the stocks that Stock shows', () => {
    const { db, golfer, view } = demo()
    const id = (name: string) => clubsOf(db, golfer.id).find((club) => club.name === name)!.id
    const { rows, together } = view(`club:${id('P-wedge')}`, `club:${id('50° wedge')}`)
    expect(rows.map(({ swing }) => swing)).toEqual(['full', 'three-quarter', 'half'])
    expect(together).toBeNull()
    const shown = comparedBag(db, golfer, NOW_MS)!.analysis.stocks.filter(isHit)
    for (const { a, b } of rows)
      for (const stock of [a!, b!])
        expect(stock.carryM).toBe(shown.find((each) => sameStation(each, stock))!.carryM)
  })

  it('a side with itself is nothing to compare; turned round it is the opposite', () => {
    const { view } = demo()
    const [first, second] = view('', '').choices.filter(({ side }) => side.kind === 'session')
    expect(view(first!.key, first!.key)).toMatchObject({ rows: [], differences: [] })
    const [there, back] = [view(first!.key, second!.key), view(second!.key, first!.key)]
    for (const row of there.rows.filter(({ found }) => found)) {
      const other = back.rows.find(({ key }) => key === row.key)!
      expect(other.found!.differenceM).toBeCloseTo(-row.found!.differenceM, 9)
    }
  })

  it('a club before and after a change, and the bag until then', () => {
    const { db, golfer, view } = demo()
    const nine = clubsOf(db, golfer.id).find(({ name }) => name === '9-iron')!
    const sinceMs = NOW_MS - 8 * 86_400_000
    changeClubSince(db, golfer.id, nine.id, { name: nine.name, kind: nine.kind, loftDeg: 40 }, sinceMs)
    const { rows, choices } = view(`set-up:${sinceMs}:${nine.id}`, `club:${nine.id}`)
    expect(choices.some(({ key }) => key === `bag:${sinceMs}`)).toBe(true)
    expect(rows[0]!.a!.count).toBeGreaterThan(0)
    expect(rows[0]!.b!.count).toBeGreaterThan(0)
    expect(rows[0]!.found).not.toBeNull()
    const bags = view(`bag:${sinceMs}`, 'bag')
    expect(bags.rows.find(({ clubId, swing }) => clubId === nine.id && swing === 'full')!.a!.count).toBe(
      rows[0]!.a!.count,
    )
  })

  it('a golfer without shots has nothing to compare', () => {
    const { db, golfer } = storeWithGolfer()
    const { rows, choices } = compareView(db, golfer, { a: 'bag', b: 'bag' }, NOW_MS)!
    expect(rows).toEqual([])
    expect(choices.some(({ side }) => side.kind === 'session')).toBe(false)
  })
})
