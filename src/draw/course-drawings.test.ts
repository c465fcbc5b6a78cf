import { describe, expect, it } from 'vitest'
import { agreementChart } from './agreement'
import { demand } from './demand'
import { pixel, type Part } from './drawing'
import { sideView, type SideData } from './side-view'

const labels = (parts: readonly Part[]) =>
  parts.flatMap((part) => (part.kind === 'label' ? [part.lead?.text ?? part.text] : []))

describe('a shot from the side', () => {
  const data: SideData = {
    path: [
      { along: 0, up: 0 },
      { along: 80, up: 28 },
      { along: 145, up: 0 },
    ],
    ...{ carry: 145, finish: 148, text: '6-iron 145', target: 141 },
    grounds: [
      { name: 'water', from: 114, to: 128, is: 'water' },
      { name: 'green', from: 132, to: 154, is: 'green' },
    ],
    shots: [
      ...Array.from({ length: 17 }, (_, i) => ({ carry: 137 + i, missed: false })),
      ...[113, 127, 138].map((carry) => ({ carry, missed: true })),
    ],
  }

  it('has every shot, the missed ones as crosses, under the ground that they land on', () => {
    const { parts } = sideView(data, 800)
    const points = parts.filter((part) => part.kind === 'point')
    expect(points.filter(({ shape }) => shape === 'dot')).toHaveLength(17)
    expect(points.filter(({ shape }) => shape === 'cross')).toHaveLength(3)
    const [ground] = parts.filter((part) => part.kind === 'bar' && part.pattern === 'double')
    if (ground?.kind !== 'bar') throw new Error('the water is drawn')
    for (const point of points) expect(point.y).toBeGreaterThan(ground.y + ground.height)
    expect(labels(parts)).toEqual(expect.arrayContaining(['water', 'green', '6-iron 145']))
  })

  it.each([320, 800])('at %d pixels nothing lies outside, and no two dots upon each other', (width) => {
    const drawing = sideView(data, width)
    const points = drawing.parts.filter((part) => part.kind === 'point')
    const pixels = points.map(({ x, y }) => [pixel(drawing, x), y] as const)
    for (const [x, y] of pixels) {
      expect(x).toBeGreaterThanOrEqual(0)
      expect(x).toBeLessThanOrEqual(width)
      expect(y).toBeLessThan(drawing.height)
    }
    for (const [i, [x, y]] of pixels.entries())
      for (const [otherX, otherY] of pixels.slice(i + 1))
        expect(Math.hypot(x - otherX, y - otherY)).toBeGreaterThan(7)
    for (const part of drawing.parts)
      if (part.kind === 'line') expect(Math.min(part.y1, part.y2)).toBeGreaterThanOrEqual(0)
  })
})

describe('what is faced', () => {
  const chart = demand({
    ...{ bins: [0, 0, 3, 7, 1], bin: 5, unit: 'yd', zone: [11, 19] as [number, number] },
    uncovered: [[14, 17]],
  })

  it('has a bar for each bin that was faced, as high as it was faced often', () => {
    const bars = chart.series.filter(({ ink }) => ink === 'dye')
    expect(bars.map(({ points }) => points[1]?.y)).toEqual([3, 7, 1])
    expect(bars.map(({ points }) => points[1]?.x)).toEqual([12.5, 17.5, 22.5])
    expect(bars[1]?.points[1]?.says).toBe('15 to 20 yd: 7 shots')
  })

  it('has holes and the proposed zone under the ruler, named once each', () => {
    const under = chart.series.filter(({ points }) => points.every(({ y }) => y < 0))
    expect(under.map(({ ink, points }) => [ink, ...points.map(({ x }) => x)])).toEqual([
      ['too-wide', 14, 17],
      ['good', 11, 19],
    ])
    expect(under.every(({ named, name }) => named && name !== '')).toBe(true)
    expect(chart.y.from).toBeLessThan(Math.min(...under.flatMap(({ points }) => points.map(({ y }) => y))))
  })
})

describe('two monitors', () => {
  const chart = agreementChart({
    points: [
      { mean: 100, difference: 2, dropped: false },
      { mean: 150, difference: 1, dropped: false },
      { mean: 160, difference: 60, dropped: true },
      { mean: 140, difference: -5.5, dropped: true },
    ],
    ...{
      bias: 1.5,
      limits: [-1, 4] as [number, number],
      outer: [-2, 6] as [number, number],
      tolerance: 5,
      unit: 'yd',
    },
  })

  it('have a dot for each shot over the mean of the two, and the bias and limits ruled through', () => {
    const dots = chart.series.find(({ name }) => name === 'a shot')
    expect(dots?.points.map(({ x, y }) => [x, y])).toEqual([
      [100, 2],
      [150, 1],
    ])
    const ruled = chart.series.filter(({ shown }) => shown === 'line')
    expect(ruled.map(({ points }) => points[0]?.y)).toEqual([1.5, -1, 4, 5, -5])
    for (const { points } of ruled) expect(points[0]?.y).toBe(points[1]?.y)
  })

  it('cross what is no measurement of one shot, where it lies in the picture, and stay about what was kept', () => {
    const crosses = chart.series.find(({ shape }) => shape === 'cross')
    expect(crosses?.points.map(({ y }) => y)).toEqual([-5.5])
    expect(chart.y.to).toBeLessThan(10)
    expect(chart.y.from).toBe(-chart.y.to)
  })
})
