import { describe, expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import type { ClubId } from '../model/ids'
import { yards } from '../units'
import { drillProgress, leftOf, nextCall, weakestNumbers, type DrillShot } from './drill'
import { nextVersion, swingsInUse, type SwingDefinition } from './swing-definition'

const shot = (drill: string, calledYd: number, finishYd: number, clubId = 'p'): DrillShot => ({
  drill,
  atMs: 1000,
  calledM: yards(calledYd),
  clubId: clubId as ClubId,
  swing: 'half',
  finishM: yards(finishYd),
})

describe('a drill', () => {
  it('calls whole yards of the zone, never near the last one, and reaches all of it (seed 3)', () => {
    const roll = dice(3)
    const called = new Set<number>()
    let last: number | null = null
    for (let i = 0; i < 2000; i++) {
      const next: number = nextCall([yards(48), yards(114)], last, roll.between(0, 1))
      if (last !== null) expect(Math.abs(next - last)).toBeGreaterThanOrEqual(yards(5) - 1e-9)
      called.add(Math.round(next / yards(1)))
      last = next
    }
    expect([Math.min(...called), Math.max(...called), called.size]).toEqual([48, 114, 67])
    expect(nextCall([yards(60), yards(62)], yards(61), 0.5)).toBeGreaterThan(0)
  })

  it('counts the distance left, short or long alike, and says which it was', () => {
    const shots = [shot('a', 70, 66), shot('a', 80, 82), shot('b', 60, 61)]
    expect(leftOf(shots[0]!) / yards(1)).toBeCloseTo(4, 9)
    const [first, second] = drillProgress(shots)
    expect(first!.meanLeftM / yards(1)).toBeCloseTo(3, 9)
    expect(first!.bias / yards(1)).toBeCloseTo(-1, 9)
    expect(second).toMatchObject({ drill: 'b', shots: 1 })
  })

  it('names the weakest stretch from three calls on, with what was hit there', () => {
    const near = [shot('a', 61, 62), shot('a', 63, 62), shot('a', 68, 67)]
    const far = [shot('a', 91, 99, 'g'), shot('a', 95, 88, 'g'), shot('a', 97, 90)]
    const [weakest, other] = weakestNumbers([...near, ...far, shot('a', 40, 10)])
    expect([weakest!.from / yards(1), weakest!.to / yards(1)].map(Math.round)).toEqual([90, 100])
    expect(weakest!.stations).toEqual([
      { clubId: 'g', swing: 'half' },
      { clubId: 'p', swing: 'half' },
    ])
    expect(other!.meanLeftM).toBeLessThan(weakest!.meanLeftM)
  })
})

describe('swings', () => {
  const defined = (swing: string, untilMs: number | null = null): SwingDefinition => ({
    swing,
    clock: 9,
    lengthShare: null,
    gripDownCm: 0,
    tempo: null,
    fromMs: 0,
    untilMs,
  })

  it('are full, three-quarter and half, with the golfer’s own and without those that were replaced', () => {
    expect(swingsInUse([])).toEqual(['full', 'three-quarter', 'half'])
    expect(swingsInUse([defined('half', 5), defined('half 2'), defined('pitch')])).toEqual([
      'full',
      'three-quarter',
      'half 2',
      'pitch',
    ])
  })

  it('get a number of their own when they change', () => {
    expect(nextVersion('half', ['half'])).toBe('half 2')
    expect(nextVersion('half 2', ['half', 'half 2'])).toBe('half 3')
  })
})
