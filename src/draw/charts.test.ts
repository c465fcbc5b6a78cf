import { describe, expect, it } from 'vitest'
import { flights } from './flights'
import { planView } from './plan-view'
import { seasonPanel } from './season'

const named = (chart: { series: { name: string; named?: true }[] }) =>
  chart.series.filter((each) => each.named).map(({ name }) => name)

describe('flights from the side', () => {
  const path = [
    { along: 0, up: 0 },
    { along: 50, up: 20 },
    { along: 90, up: 0 },
  ]
  const chart = flights(
    [
      { name: '58° full, 90', points: path, run: 4, dashed: false },
      { name: '54° ¾, 91', points: path, run: -1.5, dashed: true },
    ],
    'yd',
  )

  it('stand to one scale, with room for where they stop', () => {
    expect(chart.oneScale).toBe(true)
    expect(chart.x).toEqual({ title: 'along, yd', from: 0, to: 100 })
    expect(chart.y.to).toBeGreaterThan(20)
  })

  it('run on, or come back, on the ground behind where they landed', () => {
    const runs = chart.series.filter(({ shape }) => shape === 'diamond')
    expect(runs.map(({ points }) => points.map(({ x, y }) => [x, y]))).toEqual([
      [
        [90, 0],
        [94, 0],
      ],
      [
        [90, 0],
        [88.5, 0],
      ],
    ])
  })

  it('are told apart without colours', () => {
    expect(named(chart)).toEqual(['58° full, 90', '54° ¾, 91'])
    expect(chart.series.map(({ dashed }) => dashed)).toEqual([undefined, undefined, true, undefined])
  })
})

describe('shots from above', () => {
  const shots = [
    { id: 'a', along: 90, across: -6, included: true, word: 'solid' },
    { id: 'b', along: 80, across: 9, included: false, word: 'fat' },
  ]
  const reach = { along: [80, 90], across: [-6, 9], middle: { along: 85, across: 1.5 } } as const

  it('lie to one scale about the line of aim, left of it up', () => {
    const chart = planView({ shots }, 'yd')
    expect(chart.oneScale).toBe(true)
    expect(chart.y).toMatchObject({ from: -12, to: 12, downwards: true })
    expect(chart.x.from).toBeLessThan(80)
    expect(chart.x.to).toBeGreaterThan(90)
  })

  it('say whether they count by their shape, and each what it was', () => {
    const points = planView({ shots }, 'yd').series.filter(({ shown }) => shown === 'points')
    expect(points.map(({ name, shape }) => [name, shape])).toEqual([
      ['counts', 'dot'],
      ['left out', 'cross'],
    ])
    expect(points.map((each) => each.points[0]?.says)).toEqual([
      'solid: 90.0, 6.0 left',
      'fat: 80.0, 9.0 right',
    ])
    expect(named(planView({ shots: shots.slice(0, 1) }, 'yd'))).not.toContain('left out')
  })

  it('have their reach as a closed frame and their bias from the line of aim', () => {
    const chart = planView({ shots, reach: { ...reach, along: [80, 90], across: [-6, 9] } }, 'm')
    const frame = chart.series.find(({ name }) => name.startsWith('typical range'))!.points
    expect(frame[0]).toEqual(frame.at(-1))
    expect(chart.series.find(({ name }) => name === 'bias')!.points.map(({ y }) => y)).toEqual([0, 1.5])
  })
})

describe('the season', () => {
  const trace = (name: string, last: number, chosen = false) => ({
    name,
    chosen,
    points: [
      { at: 0, change: -1, half: 2 },
      { at: 20, change: 0, half: 0 },
      { at: 40, change: last, half: 0.5 },
    ],
  })
  const panel = (traces: ReturnType<typeof trace>[]) =>
    seasonPanel({ along: 'temperature, °C', now: 12, traces, unit: 'yd' })

  it('has each trace in its band, dashed where the band holds zero', () => {
    const [line] = panel([trace('7-iron', 4)]).series
    expect(line!.points.map(({ band }) => band)).toEqual([2, 0, 0.5])
    expect(line!.dashed).toEqual([0])
    expect(line!.points[2]!.says).toBe('4.0 ± 0.5 yd at 40')
  })

  it('names one club, or of a bag its ends and the chosen one: no dozen names beside a dozen lines', () => {
    expect(named(panel([trace('7-iron', 4)]))).toEqual(['7-iron', 'the day'])
    const bag = [1, 2, 3, 4, 5].map((last) => trace(`club ${last}`, last, last === 3))
    expect(named(panel(bag)).toSorted()).toEqual(['club 1', 'club 3', 'club 5', 'the day'])
    // The chosen one lies over the others.
    expect(panel(bag).series.at(-2)!.name).toBe('club 3')
  })

  it('holds every band and the day', () => {
    const chart = panel([trace('7-iron', 4), trace('driver', -9)])
    expect([chart.x.from, chart.x.to]).toEqual([0, 40])
    expect(chart.y.from).toBeLessThanOrEqual(-9.5)
    expect(chart.y.to).toBeGreaterThanOrEqual(4.5)
    expect(chart.series.at(-1)!.points.map(({ x }) => x)).toEqual([12, 12])
  })
})
