import { describe, expect, it } from 'vitest'
import { yards } from '../units'
import { clearChance, greenChance, heightCosts, missedClears, shortOf } from './chance'
import { nearChance } from '../stock/near-chance'

const FIVE_WOOD = { carryM: 178, stockSdM: 1.5, shotSdM: 5.3, missed: 0.14 }
const SEVEN = {
  ...{ carryM: 139, stockSdM: 0, shotSdM: 5.05, missed: 0.14 },
  ...{ runM: 7, runSdM: 2.5, biasM: 1, sideSdM: 7 },
}
const GREEN = { frontM: 132, backM: 155, halfWidthM: 12 }

describe('worked examples (all lengths in yards, as the formulas do not mind)', () => {
  it('water at 165 with a 5-wood of 178: a good one nearly always, a miss 1 in 3, 0.90 in all', () => {
    const found = clearChance(FIVE_WOOD, 165)
    expect(found.good).toBeCloseTo(0.99, 2)
    expect(found.missed).toBeCloseTo(0.33, 2)
    expect(found.clear).toBeCloseTo(0.9, 2)
  })

  it('a green from 132 to 155, 24 wide: the 7-iron 0.67, short 0.083, long 0.055', () => {
    const found = greenChance(SEVEN, GREEN)
    expect(found.short).toBeCloseTo(0.083, 3)
    expect(found.long).toBeCloseTo(0.055, 3)
    expect(1 - found.wide).toBeCloseTo(0.91, 3)
    expect(found.on).toBeCloseTo(0.67, 2)
  })

  it.each([
    ['6-iron', 150, 'long', 0.57],
    ['8-iron', 131, 'short', 0.58],
  ] as const)('the %s is more often %s than not', (_name, carryM, side, share) => {
    const run = side === 'long' ? 6 : 7
    const found = greenChance({ ...SEVEN, carryM, runM: run }, GREEN)
    expect(found[side]).toBeCloseTo(share, 1)
    expect(found.on).toBeCloseTo(0.33, 1)
  })

  it('5 m up costs a 7-iron that lands at 45° 5.8 yd', () => {
    expect(heightCosts(5, 45) / yards(1)).toBeCloseTo(5.8, 1)
    expect(heightCosts(-5, 45)).toBe(-heightCosts(5, 45))
  })
})

describe('whatever the shot and the hazard', () => {
  const shots = Array.from({ length: 60 }, (_, i) => ({
    ...{ carryM: 30 + 4 * i, stockSdM: (i % 5) * 0.8, shotSdM: (30 + 4 * i) * (0.02 + 0.005 * (i % 9)) },
    ...{ missed: 0.05 * (i % 8), runM: (i % 7) * 4 - 3, runSdM: 0.35 * Math.abs((i % 7) * 4 - 3) },
    ...{ biasM: (i % 5) - 2, sideSdM: 2 + i / 8 },
  }))

  it('a nearer hazard is never harder to clear, and one further behind never easier to reach', () => {
    for (const shot of shots)
      for (let share = 0.3; share < 1.5; share += 0.01) {
        const [near, far] = [shot.carryM * share, shot.carryM * (share + 0.01)]
        expect(clearChance(shot, near).clear).toBeGreaterThanOrEqual(clearChance(shot, far).clear - 1e-9)
        expect(shortOf(shot, far)).toBeGreaterThanOrEqual(shortOf(shot, near) - 1e-9)
      }
  })

  it('short, within and long add to one, and every chance lies from 0 to 1', () => {
    for (const shot of shots)
      for (const from of [0.7, 0.95, 1.05]) {
        const green = { frontM: shot.carryM * from, backM: shot.carryM * from + 12, halfWidthM: 8 }
        const { on, short, long, within, wide } = greenChance(shot, green)
        expect(short + within + long).toBeCloseTo(1, 12)
        for (const share of [on, short, long, within, wide]) {
          expect(share).toBeGreaterThanOrEqual(0)
          expect(share).toBeLessThanOrEqual(1)
        }
        expect(on).toBeLessThanOrEqual(within)
      }
  })

  it('a shot that carries as far as the number is likelier near it than one that carries less', () => {
    for (const shot of shots) {
      const at = (leftM: number) => nearChance(shot, { leftM, withinM: 4.6, by: 'carry' })
      expect(at(shot.carryM)).toBeGreaterThanOrEqual(at(shot.carryM + 5))
    }
  })

  it('no miss carries further than it loses: at the hazard itself some still do, at twice it none', () => {
    expect(missedClears(Math.log(0.5), 0.03)).toBe(0)
    expect(missedClears(Math.log(2), 0.03)).toBeCloseTo(1, 6)
  })
})
