import { linearRegression } from 'simple-statistics'
import { expect, it } from 'vitest'
import { robustLine } from './robust-line'

const points = [1, 2, 3.5, 4, 6, 7.5, 9].map((x) => ({ x, y: 2 - 0.5 * x }))

it('is the line of a general-purpose regression where the points lie on one', () => {
  const { m, b } = linearRegression(points.map(({ x, y }) => [x, y]))
  const line = robustLine(points, 0.1)!
  expect(line.slope).toBeCloseTo(m, 12)
  expect(line.at0).toBeCloseTo(b, 12)
})

it('is not bent by two points of seven, as a regression would be', () => {
  const off = points.map((point, i) => (i < 2 ? { ...point, y: point.y - 3 } : point))
  const line = robustLine(off, 0.1)!
  expect(Math.abs(line.slope + 0.5)).toBeLessThan(0.25)
  expect(Math.abs(linearRegression(off.map(({ x, y }) => [x, y])).m + 0.5)).toBeGreaterThan(0.3)
})

it('is none where no two points are apart', () => {
  expect(
    robustLine(
      [
        { x: 1, y: 1 },
        { x: 1.05, y: 9 },
      ],
      0.1,
    ),
  ).toBeNull()
  expect(robustLine([], 0.1)).toBeNull()
})
