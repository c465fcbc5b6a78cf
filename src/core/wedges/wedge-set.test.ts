import { expect, it } from 'vitest'
import type { Club } from '../bag/club'
import type { ClubId } from '../model/ids'
import { NO_DEMAND } from '../gaps/demand'
import type { Stock } from '../stock/stock'
import { yards, YARD_M } from '../units'
import { wedgeSet } from './wedge-set'

const club = (loftDeg: number, order: number): Club => ({
  id: `${loftDeg}` as ClubId,
  kind: 'wedge',
  loftDeg,
  order,
})
const stock = (loftDeg: number, yd: number, swing = 'full') =>
  ({ clubId: `${loftDeg}`, swing, carryM: yards(yd), count: 8 }) as never as Stock
const setOf = (hit: [loft: number, yd: number][], more: Stock[] = [], demand = NO_DEMAND) =>
  wedgeSet(
    hit.map(([loft], i) => club(loft, i)),
    [...hit.map(([loft, yd]) => stock(loft, yd)), ...more],
    { toleranceM: yards(5), demand },
  )
const yd = (metres: number) => Math.round(metres / YARD_M)

it('a pitching wedge of 130 (46°): about 115, 100, 82; 50°, 54°, 60° (from memory of fitting practice)', () => {
  const { wedges } = setOf([[46, 130]])!
  expect(wedges.map(({ carryM }) => yd(carryM))).toEqual([115, 100, 82])
  expect(wedges.map(({ loftDeg }) => loftDeg)).toEqual([50, 54, 60])
  expect(wedges.every(({ loftBy, has }) => loftBy === 'usual' && has === undefined)).toBe(true)
})

it('wedges that the golfer has count where they carry what is wanted, and their lofts say what a degree is', () => {
  const { wedges } = setOf([
    [46, 130],
    [52, 112],
    [58, 89],
  ])!
  expect(wedges.map(({ has }) => has)).toEqual(['52', undefined, undefined])
  // 41 yd over 12°: 30 yd less than the pitching wedge is 8.8° more, made in even lofts.
  expect(wedges[1]).toMatchObject({ loftBy: 'own', loftDeg: 54 })
})

it('a lob wedge adds a distance only where no other shot covers it', () => {
  const demand = { distancesM: [yards(80), yards(84), yards(150)], rounds: 2 }
  expect(setOf([[46, 130]], [], demand)!.lob).toMatchObject({ covered: false, aRound: 1 })
  expect(setOf([[46, 130]], [stock(46, 84, 'half')])!.lob).toMatchObject({ covered: true, aRound: null })
})

it('needs a pitching wedge that was hit', () => {
  expect(setOf([])).toBeNull()
  expect(setOf([[56, 90]])).toBeNull()
})
