import { describe, expect, it } from 'vitest'
import { yards } from '../units'
import { curveAt, curveLofts, type CurvePoint } from './loft-curve'

const line = (loft: number) => 150 - 2.6 * (loft - 33) + 0.01 * (loft - 33) ** 2
const points = (lofts: number[], sdYd = 1): CurvePoint[] =>
  lofts.map((loftDeg) => ({
    loftDeg,
    carryM: yards(line(loftDeg)),
    varianceM2: yards(sdYd) ** 2,
  }))

describe('the golfer’s own curve', () => {
  it('predicts a club that lies on it, and is surer in the middle than beyond its ends', () => {
    const others = points([11, 18, 25, 29, 37, 41, 46, 50, 55])
    const middle = curveAt(others, 33)!
    expect(Math.abs(middle.carryM - yards(line(33)))).toBeLessThan(yards(1))
    expect(curveAt(others, 64)!.curveVarianceM2).toBeGreaterThan(2 * middle.curveVarianceM2)
    expect(middle.varianceM2).toBeGreaterThan(middle.curveVarianceM2)
  })

  it('finds clubs that scatter off it further off than clubs that do not', () => {
    const near = points([11, 18, 25, 29, 37, 41, 46, 50])
    const off = near.map((point, i) => ({ ...point, carryM: point.carryM + yards(i % 2 ? 9 : -9) }))
    const own = ({ varianceM2, curveVarianceM2 }: { varianceM2: number; curveVarianceM2: number }) =>
      varianceM2 - curveVarianceM2
    expect(own(curveAt(off, 33)!)).toBeGreaterThan(2 * own(curveAt(near, 33)!))
  })

  it('does not mind the order of the clubs', () => {
    const others = points([11, 18, 25, 37, 46])
    const there = curveAt(others, 30)!
    const back = curveAt([...others].reverse(), 30)!
    expect(back.carryM).toBeCloseTo(there.carryM, 6)
    expect(back.varianceM2).toBeCloseTo(there.varianceM2, 6)
  })

  it('is none through fewer than three other clubs', () => {
    expect(curveAt(points([11, 46]), 33)).toBeNull()
  })
})

describe('the lofts of the curve', () => {
  const lofts = (...list: (number | null)[]) => curveLofts(list.map((loftDeg) => ({ loftDeg })))

  it('fills a single unknown from its neighbours', () => {
    expect(lofts(10, 20, null, 30, 40)).toEqual({ byIndex: false, loftsDeg: [10, 20, 25, 30, 40] })
  })

  it('goes on by four degrees at the ends', () => {
    expect(lofts(null, 20, 30, 40, null).loftsDeg).toEqual([16, 20, 30, 40, 44])
  })

  it('goes by place where most are unknown', () => {
    const { byIndex, loftsDeg } = lofts(null, null, 30, null)
    expect(byIndex).toBe(true)
    expect(loftsDeg).toEqual([10.5, 27, 43.5, 60])
  })
})
