import tQuantile from '@stdlib/stats-base-dists-t-quantile'
import { lieStocks, type Factor, type LieStocks } from '../balls/factor'
import { unshared } from '../judge/shared-days'
import { UNTIED_SD } from '../judge/day-factors'
import { sample } from '../math/sample'
import { isStockSurface, type StockSurface, type Surface } from '../model/surface'
import type { Mark } from '../model/mark'
import type { Exclusion } from '../shots/shot'
import { stationKey, type Station } from '../model/station'

/** How much further a golfer's stations carry off grass than off a mat, over how many of them, and whether the two are two stocks. */
export type MatAndGrass = { factor: Factor; stations: number; stocks: LieStocks }

type Hit = Station & {
  carryM: number | null
  mark: Mark
  surface?: Surface
  exclusion?: Exclusion
  session: number
}

/** Fewer of either at a station say nothing of it. */
const FEWEST = 3

/**
 * Solid shots of every station that has three off each: a mat takes fat ones for good, so only those compare. The spread is
 * pooled over stations, each counts by what it knows, and what the days of the two do not share adds its 2%, once for all
 * clubs: a day moves them alike.
 * @returns null where no station has three of each
 */
export function matAndGrass(shots: readonly Hit[]): MatAndGrass | null {
  const solid = shots.filter(
    ({ carryM, mark, exclusion, surface }) =>
      mark === 'solid' &&
      carryM !== null &&
      isStockSurface(surface) &&
      (exclusion === undefined || isStockSurface(exclusion)),
  )
  const pairs = [...new Set(solid.map(stationKey))].flatMap((key) => {
    const [grass, mat] = (['grass', 'mat'] as const).map((off) =>
      solid.filter((shot) => stationKey(shot) === key && shot.surface === off),
    )
    return grass && mat && Math.min(grass.length, mat.length) >= FEWEST
      ? [{ grass: sideOf(grass), mat: sideOf(mat) }]
      : []
  })
  if (pairs.length === 0) return null
  const sides = pairs.flatMap(({ grass, mat }) => [grass, mat])
  const free = sides.reduce((sum, { count }) => sum + count - 1, 0)
  const variance = sides.reduce((sum, { count, sd }) => sum + (count - 1) * sd ** 2, 0) / free
  const weights = pairs.map(({ grass, mat }) => 1 / (1 / grass.count + 1 / mat.count))
  const weight = weights.reduce((sum, each) => sum + each, 0)
  const middle =
    pairs.reduce((sum, { grass, mat }, i) => sum + (weights[i] as number) * (grass.mean - mat.mean), 0) /
    weight
  const days = pairs.reduce((sum, { grass, mat }) => sum + unshared(grass.days, mat.days), 0) / pairs.length
  const half = tQuantile(0.95, free) * Math.sqrt(variance / weight + UNTIED_SD ** 2 * days)
  const total = (side: StockSurface) => pairs.reduce((sum, pair) => sum + pair[side].count, 0)
  const factor: Factor = {
    factor: Math.exp(middle),
    low: Math.exp(middle - half),
    high: Math.exp(middle + half),
    ofFirst: total('grass'),
    ofSecond: total('mat'),
  }
  return { factor, stations: pairs.length, stocks: lieStocks(factor) }
}

/** Shots off one surface: their logarithms, and the share of them on each day. */
function sideOf(shots: readonly Hit[]) {
  const days = new Map<string, number>()
  for (const { session } of shots)
    days.set(String(session), (days.get(String(session)) ?? 0) + 1 / shots.length)
  return { ...sample(shots.map(({ carryM }) => Math.log(carryM as number))), days }
}
