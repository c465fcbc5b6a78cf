import { describe, expect, it } from 'vitest'
import type { ClubId } from '../model/ids'
import type { Stock } from '../stock/stock'
import { yards, YARD_M } from '../units'
import { whatToPractise } from './practice'

const stock = (club: string, { yd = 140, cv = 0.03, count = 10, shortYd = 0, cause = 'strike' } = {}) =>
  ({
    clubId: club as ClubId,
    swing: 'full',
    carryM: yards(yd),
    sdM: yards(yd) * cv,
    count,
    ...(shortYd !== 0 && {
      offCurve: { cause, expectedM: yards(yd + shortYd), measuredM: yards(yd), lowM: 0, highM: 0 },
    }),
  }) as unknown as Stock

const BAG = ['6', '7', '8', '9'].map((club) => stock(club))

describe('what to practise', () => {
  it('a club called "strike" in two of the last three sessions, worth 6.4 yd (worked example)', () => {
    const sessions = [
      [stock('7', { shortYd: 6 })],
      [stock('7', { shortYd: 6.8 })],
      [stock('7'), stock('8', { shortYd: 9 })],
    ]
    const [item, ...others] = whatToPractise(BAG, sessions)
    expect(item).toMatchObject({ clubId: '7', reason: { kind: 'strike', sessions: 2, of: 3 } })
    expect(item!.worthM / YARD_M).toBeCloseTo(6.4, 6)
    expect(others).toEqual([])
  })

  it('not one whose club explains it, nor what lies further back', () => {
    const struck = [stock('7', { shortYd: 6 })]
    const byClub = [stock('7', { shortYd: 6, cause: 'loft' })]
    expect(whatToPractise(BAG, [byClub, byClub, struck])).toEqual([])
    expect(whatToPractise(BAG, [BAG, BAG, struck, struck])).toEqual([])
  })

  it('one that scatters over 1.4 times as the others do, where the shots say so', () => {
    const wide = (count: number) => [...BAG, stock('P', { yd: 100, cv: 0.065, count })]
    const [item] = whatToPractise(wide(12), [])
    expect(item).toMatchObject({ clubId: 'P', reason: { kind: 'spread', share: expect.closeTo(0.065, 6) } })
    expect(item!.worthM / YARD_M).toBeCloseTo(3.5, 6)
    expect(whatToPractise(wide(5), [])).toEqual([])
    expect(whatToPractise([...BAG, stock('P', { yd: 100, cv: 0.036, count: 40 })], [])).toEqual([])
  })

  it('three at most, what costs most first, by how often it is hit', () => {
    const all = ['6', '7', '8', '9'].map((club, i) => stock(club, { shortYd: 4 + i }))
    const items = whatToPractise(BAG, [all, all])
    expect(items.map(({ clubId }) => clubId)).toEqual(['9', '8', '7'])
    const often = whatToPractise(BAG, [all, all], ({ clubId }) => (clubId === '6' ? 3 : 1))
    expect(often[0]).toMatchObject({ clubId: '6' })
    expect(often[0]!.worthM / YARD_M).toBeCloseTo(12, 6)
  })
})
