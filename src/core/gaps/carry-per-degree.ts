import { linearRegression } from 'simple-statistics'
import type { Club } from '../bag/club'

const FEWEST = 3

/**
 * The golfer's own metres of carry per degree of loft, by least squares over the full-swing stocks;
 * positive. The teed driver is left out where there is enough without it.
 * @returns null below three stocks with lofts, and where carry does not fall with loft
 */
export function carryPerDegree(stocks: readonly { club: Club; carryM: number }[]): number | null {
  const withLoft = stocks.flatMap(({ club, carryM }) =>
    club.loftDeg === null ? [] : [{ x: club.loftDeg, y: carryM, teed: club.kind === 'driver' }],
  )
  const struck = withLoft.filter(({ teed }) => !teed)
  const points = struck.length >= FEWEST ? struck : withLoft
  if (points.length < FEWEST) return null
  const { m: perDegree } = linearRegression(points.map(({ x, y }) => [x, y]))
  return perDegree < 0 ? -perDegree : null
}
