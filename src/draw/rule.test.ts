import { describe, expect, it } from 'vitest'
import { dice } from '../../simulators/golfers/dice'
import { flights } from './flights'
import { planView } from './plan-view'
import { placeFlags, rule, type Flag } from './rule'
import { seasonPanel } from './season'

const flag = (at: number, name: string): Flag => ({
  key: `${at} ${name}`,
  at,
  number: String(Math.round(at)),
  name,
  full: false,
  chosen: false,
})

describe('the rule', () => {
  it('flags never overlap, words or stems, over 1,000 random layouts at random zooms (seed 11)', () => {
    const roll = dice(11)
    const names = ['P-wedge', '50° wedge ½', '54° ¾', '58° wedge three-quarter 2']
    let stacked = 0
    for (let i = 0; i < 1000; i++) {
      const flags = Array.from({ length: 1 + Math.floor(roll.between(0, 20)) }, () =>
        flag(
          roll.chance(0.2) ? Math.round(roll.between(40, 110)) : roll.between(40, 110),
          names[Math.floor(roll.between(0, 4))] ?? '',
        ),
      )
      const scale = { left: 24, right: roll.between(240, 1400), from: 35, to: 115 }
      const placed = placeFlags(flags, scale)
      expect(placed).toHaveLength(flags.length)
      for (const a of placed)
        for (const b of placed) {
          if (a === b) continue
          const words = b.x < a.x + a.width && a.x < b.x + b.width
          // Words on words, only in the same lane.
          expect(words && a.lane === b.lane).toBe(false)
          // The stem of b through the words of a: it stands under them and reaches as high.
          const through = b.x > a.x && b.x < a.x + a.width && b.lane >= a.lane
          expect(through).toBe(false)
          if (words) stacked++
        }
    }
    expect(stacked).toBeGreaterThan(1000)
  })

  it('holes are hatched on the ruler, pairs joined, and every flag has its number and name', () => {
    const drawing = rule(
      { flags: [flag(48, '58° ½'), flag(60, '54° ½')], holes: [[53, 55]], pairs: [[59, 60]], asked: 57 },
      900,
    )
    const hole = drawing.parts.find((part) => part.kind === 'bar')
    expect(hole).toMatchObject({ x1: 53, x2: 55, pattern: 'diagonal' })
    const labels = drawing.parts.flatMap((part) => (part.kind === 'label' && part.lead ? [part] : []))
    expect(labels.map(({ lead, text }) => `${lead?.text}${text}`)).toEqual(['48 58° ½', '60 54° ½'])
    expect(drawing.parts.some((part) => part.kind === 'line' && part.x1 === 57 && part.dash)).toBe(true)
  })
})

it('flights are drawn as high as they are long: one scale', () => {
  const drawing = flights(
    [
      {
        name: 'A',
        points: [
          { along: 0, up: 0 },
          { along: 50, up: 20 },
          { along: 90, up: 0 },
        ],
        run: 4,
        dashed: false,
      },
    ],
    600,
  )
  const [rise] = drawing.parts.flatMap((part) =>
    part.kind === 'line' && part.x1 === 0 && part.x2 === 50 ? [part] : [],
  )
  const perUnit = (drawing.right - drawing.left) / (drawing.to - drawing.from)
  expect((rise!.y1 - rise!.y2) / perUnit).toBeCloseTo(20, 9)
})

it('shots from above stand to one scale about the line of aim, bad ones as crosses with their word', () => {
  const drawing = planView(
    {
      shots: [
        { id: 'a', along: 90, across: -6, counts: true, word: 'solid' },
        { id: 'b', along: 80, across: 9, counts: false, word: 'fat' },
      ],
    },
    600,
  )
  const perUnit = (drawing.right - drawing.left) / (drawing.to - drawing.from)
  const points = drawing.parts.flatMap((part) => (part.kind === 'point' ? [part] : []))
  expect((points[1]!.y - points[0]!.y) / perUnit).toBeCloseTo(15, 9)
  expect(points.map(({ shape }) => shape)).toEqual(['dot', 'cross'])
  expect(drawing.parts.some((part) => part.kind === 'label' && part.text === 'fat')).toBe(true)
})

it('the season names the chosen club, and no two names overlap', () => {
  const traces = ['a', 'b', 'c', 'd'].map((name, i) => ({
    name,
    chosen: name === 'b',
    points: [
      { at: 0, change: -i, half: 1 },
      { at: 40, change: 1 + i / 10, half: 0.5 },
    ],
  }))
  const drawing = seasonPanel({ along: 'temperature', now: 20, traces, unit: 'yd' }, 500)
  const names = drawing.parts.flatMap((part) =>
    part.kind === 'label' && ['a', 'b', 'c', 'd'].includes(part.text) ? [part] : [],
  )
  expect(names.map(({ text }) => text)).toContain('b')
  for (const one of names)
    for (const other of names) if (one !== other) expect(Math.abs(one.y - other.y)).toBeGreaterThanOrEqual(15)
})

it('a trace of the season stands in its band, and is dashed where the band holds zero', () => {
  const points = [
    { at: 0, change: -1, half: 2 },
    { at: 20, change: 0, half: 0 },
    { at: 40, change: 4, half: 1 },
  ]
  const { parts } = seasonPanel(
    { along: 'temperature', now: 20, traces: [{ name: 'a', chosen: true, points }], unit: 'yd' },
    500,
  )
  const [band] = parts.flatMap((part) => (part.kind === 'area' ? [part] : []))
  const [first, second] = parts.flatMap((part) =>
    part.kind === 'line' && part.weight === 2.75 ? [part] : [],
  )
  expect(band!.outline).toHaveLength(6)
  // The band is as high as twice the half, in the same scale as the line.
  const perYard = (first!.y1 - first!.y2) / 1
  expect(band!.outline.at(-1)!.y - band!.outline[0]!.y).toBeCloseTo(4 * perYard, 6)
  expect([first!.dash, second!.dash]).toEqual([[3, 3], undefined])
})
