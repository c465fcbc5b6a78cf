import { expect, it } from 'vitest'
import { bounceFor } from './bounce'
import { chipRun, clubForChip } from './round-green'

const LOFTS = [{ loftDeg: 43.5 }, { loftDeg: 49.5 }, { loftDeg: 58.5 }]

it('on a landing spot 6.5 m on, 58.5° runs 2.1 m, 49.5° 5.4 and 43.5° 8.8: with 6 m to the flag the second (worked example)', () => {
  expect([58.5, 49.5, 43.5].map((loft) => Number(chipRun(6.5, loft).runM.toFixed(1)))).toEqual([
    2.1, 5.4, 8.8,
  ])
  expect(clubForChip(LOFTS, 6.5, 6)?.club.loftDeg).toBe(49.5)
  expect(clubForChip(LOFTS, 6.5, 1)?.club.loftDeg).toBe(58.5)
  expect(clubForChip([{ loftDeg: null }], 6.5, 6)).toBeNull()
})

it('more loft never runs further, and twice the carry runs twice as far', () => {
  const runs = Array.from({ length: 13 }, (_, i) => chipRun(8, 40 + 2 * i).runM)
  for (const [i, run] of runs.entries()) expect(run).toBeLessThan(runs[i - 1] ?? Infinity)
  expect(chipRun(13, 52).runM).toBeCloseTo(2 * chipRun(6.5, 52).runM, 9)
})

it('a wedge has much or little bounce three degrees from what suits the turf (8, 11, 14: common practice)', () => {
  expect([
    bounceFor(12, 'firm'),
    bounceFor(8, 'firm'),
    bounceFor(6, 'normal'),
    bounceFor(13, 'soft'),
  ]).toEqual(['much', null, 'little', null])
})
