import { expect, it } from 'vitest'
import { analyseBag } from '../src/core/analyse-bag'
import { wedgeTable } from '../src/core/wedges/wedge-table'
import { bagInput } from '../src/store/bag-input'
import { bagOf } from '../src/store/bags'
import { openDatabase } from '../src/store/database'
import { allGolfers } from '../src/store/golfers'
import { NET_LOFT } from '../simulators/golfers/net-loft'
import { DEMO_SEED, fillNetLoft } from './net-loft'

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
  for (const { golfer, bag, analysis } of netLoft(DEMO_SEED)) {
    const hidden = NET_LOFT.find(({ name }) => name === golfer.name)
    for (const club of hidden?.clubs ?? []) {
      const id = bag.clubs.find(({ name }) => name === club.name)?.id
      const stock = analysis.stocks.find(({ clubId, swing }) => clubId === id && swing === 'full')
      expect(Math.abs((stock?.carryM ?? 0) / club.trueCarryM - 1)).toBeLessThan(0.06)
    }
  }
})

it('the demo bags show every kind of verdict, of mark and of warning', () => {
  const bags = netLoft(DEMO_SEED)
  const gaps = bags.flatMap(({ analysis }) => analysis.gaps)
  const settled = gaps.filter((gap) => gap.settled).map(({ verdict }) => verdict)
  expect(settled).toEqual(
    expect.arrayContaining(['good', 'too-close', 'too-wide', 'reversed', 'same-distance', 'borderline']),
  )
  expect(gaps.some((gap) => !gap.settled)).toBe(true)
  const marks = bags.flatMap(({ analysis }) => analysis.shots.map(({ mark }) => mark))
  expect(marks).toEqual(
    expect.arrayContaining(['fat', 'thin', 'off-centre', 'wild', 'misread', 'other-club']),
  )
  const warnings = bags.flatMap(({ analysis }) => analysis.warnings.map(({ kind }) => kind))
  expect(warnings).toEqual(expect.arrayContaining(['other-club', 'one-sided', 'tiring']))
})

it('shares of the demo golfer’s short swings lie where they usually do: three-quarter 88 to 93%, half 69 to 74% (common practice)', () => {
  const tilda = netLoft(DEMO_SEED).find(({ golfer }) => golfer.name.startsWith('Tilda'))!
  const wedges = tilda.bag.clubs.filter(({ kind }) => kind === 'wedge')
  const table = wedgeTable(wedges, tilda.golfer.swings, tilda.analysis.stocks)
  const meanShare = (swing: string) => {
    const shares = table.flat().flatMap((cell) => (cell.swing === swing && cell.share ? [cell.share] : []))
    expect(shares.length).toBe(wedges.length)
    return shares.reduce((sum, share) => sum + share, 0) / shares.length
  }
  expect(meanShare('three-quarter')).toBeGreaterThan(0.88)
  expect(meanShare('three-quarter')).toBeLessThan(0.93)
  expect(meanShare('half')).toBeGreaterThan(0.69)
  expect(meanShare('half')).toBeLessThan(0.74)
})
