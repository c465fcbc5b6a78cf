import { expect, it } from 'vitest'
import { analyseBag } from '../src/core/analyse-bag'
import { bagInput } from '../src/store/bag-input'
import { bagOf } from '../src/store/bags'
import { openDatabase } from '../src/store/database'
import { allGolfers } from '../src/store/golfers'
import { NET_LOFT } from '../simulators/golfers/net-loft'
import { fillNetLoft } from './net-loft'

const NOW_MS = Date.UTC(2026, 3, 20, 10)

function netLoft(seed: number) {
  const db = openDatabase(':memory:')
  fillNetLoft(db, { seed, nowMs: NOW_MS })
  return allGolfers(db).map((golfer) => {
    const bag = bagOf(db, golfer.id)
    if (!bag) throw new Error(`${golfer.name} has no bag`)
    return { golfer, bag, analysis: analyseBag(bagInput(db, golfer, bag, NOW_MS)) }
  })
}

it('the demo is the same from the same seed', () => {
  const carries = (seed: number) =>
    netLoft(seed).map(({ analysis }) => analysis.stocks.map(({ carryM }) => carryM))
  expect(carries(2)).toEqual(carries(2))
})

it('the stocks of the demo lie by the hidden true carries', () => {
  for (const { golfer, bag, analysis } of netLoft(2)) {
    const hidden = NET_LOFT.find(({ name }) => name === golfer.name)
    for (const club of hidden?.clubs ?? []) {
      const id = bag.clubs.find(({ name }) => name === club.name)?.id
      const stock = analysis.stocks.find(({ clubId, swing }) => clubId === id && swing === 'full')
      expect(Math.abs((stock?.carryM ?? 0) / club.trueCarryM - 1)).toBeLessThan(0.06)
    }
  }
})

it('Tilda’s stair shows a wide, a narrow and an even step, and one that is not settled', () => {
  const tilda = netLoft(2).find(({ golfer }) => golfer.name === 'Tilda Brandvoll')
  const verdicts = tilda?.analysis.steps.filter(({ settled }) => settled).map(({ verdict }) => verdict)
  expect(verdicts).toEqual(expect.arrayContaining(['wide', 'narrow', 'even', 'on-the-line']))
  expect(tilda?.analysis.steps.some(({ settled }) => !settled)).toBe(true)
})
