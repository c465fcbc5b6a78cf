import { expect, it } from 'vitest'
import { around, hit, read, SIX, SIX_CARRIES_YD } from '../../../tests/shots'
import { dayFactors, dayVariance, daysOf, usualDayVariance } from './day-factors'
import { pooledSpread } from './spread'

/** Two days; on the first of them everything went 3% further. */
function twoDays(clubsToday: number) {
  const day = (session: number, times: number, clubs: number) =>
    SIX.slice(0, clubs).flatMap(({ id }, i) => hit(id, around(times * SIX_CARRIES_YD[i]!, 5), { session }))
  const { readings, stations, days: count } = read(SIX, [...day(0, 1.03, 6), ...day(1, 1, clubsToday)])
  const weights = new Float64Array(readings.length).fill(1)
  const spread = pooledSpread(
    stations.map((station) => station.readings),
    weights,
  )
  const days = dayFactors(readings, weights, count, spread)
  return { days, on: stations.map((station) => daysOf(station.readings, weights, count)) }
}

it('days are told apart by the clubs hit on both, and weigh alike: their factors have mean zero', () => {
  const { days } = twoDays(6)
  const [first, second] = days.logCarry as [number, number]
  expect(first + second).toBeCloseTo(0, 12)
  expect(first - second).toBeGreaterThan(0.02)
  expect(first - second).toBeLessThan(0.031)
})

it('fewer common clubs say less of it', () => {
  const variance = (clubs: number) => dayVariance(twoDays(clubs).days, [1, -1])
  expect(variance(1)).toBeGreaterThan(2 * variance(6))
})

it('cancels in a gap between clubs hit on the same days, and not in others', () => {
  const { days, on } = twoDays(2)
  const variance = (a: number, b: number) =>
    dayVariance(
      days,
      on[a]!.map((share, i) => share - on[b]![i]!),
    )
  expect(variance(3, 4)).toBe(0)
  expect(variance(0, 1)).toBe(0)
  expect(variance(1, 2)).toBeGreaterThan(0.00001)
})

it('one day leaves open what one day does, two leave half of its variance', () => {
  const { readings, stations } = read(SIX, hit('driver', [230, 231, 229]))
  const weights = new Float64Array(3).fill(1)
  const days = dayFactors(readings, weights, 1, pooledSpread([stations[0]!.readings], weights))
  expect(days.logCarry).toEqual([0])
  expect(dayVariance(days, [1])).toBeCloseTo(0.015 ** 2, 12)
  const both = twoDays(6).days
  expect(usualDayVariance(both)).toBeCloseTo(0.015 ** 2 / 2, 12)
  expect(dayVariance(both, [0.5, 0.5])).toBeCloseTo(usualDayVariance(both), 9)
})

it('sessions of one afternoon are one day', () => {
  const at = (session: number, hour: number) =>
    hit('driver', [230, 231, 229], { session }).map((shot, i) => ({
      ...shot,
      hitMs: (hour * 60 + i) * 60_000,
    }))
  expect(read(SIX, [...at(0, 9), ...at(1, 14)]).days).toBe(1)
  expect(read(SIX, [...at(0, 9), ...at(1, 33)]).days).toBe(2)
})
