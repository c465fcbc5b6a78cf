import { expect, it } from 'vitest'
import { around, hit, read, SIX, SIX_CARRIES_YD } from '../../../tests/shots'
import { dayFactors, dayVariance, daysOf } from './day-factors'
import { pooledSpread } from './spread'

/** Two days; on the older one everything went 3% further. */
function twoDays(clubsToday: number) {
  const day = (session: number, times: number, clubs: number) =>
    SIX.slice(0, clubs).flatMap(({ id }, i) => hit(id, around(times * SIX_CARRIES_YD[i]!, 5), { session }))
  const { readings, stations, sessions } = read(SIX, [...day(0, 1.03, 6), ...day(1, 1, clubsToday)])
  const weights = new Float64Array(readings.length).fill(1)
  const spread = pooledSpread(
    stations.map((station) => station.readings),
    weights,
  )
  const days = dayFactors(readings, weights, sessions, spread)
  return { days, on: stations.map((station) => daysOf(station.readings, weights, sessions)) }
}

it('the older day is brought to the newest by the clubs hit on both', () => {
  const { days } = twoDays(6)
  expect(days.logCarry[1]).toBe(0)
  expect(days.logCarry[0]).toBeGreaterThan(0.02)
  expect(days.logCarry[0]).toBeLessThan(0.031)
})

it('fewer common clubs say less of it', () => {
  expect(twoDays(1).days.covariance[0]![0]).toBeGreaterThan(2 * twoDays(6).days.covariance[0]![0]!)
})

it('cancels in a step between clubs hit on the same days, and not in others', () => {
  const { days, on } = twoDays(2)
  const apart = (a: number, b: number) =>
    dayVariance(
      days,
      on[a]!.map((share, i) => share - on[b]![i]!),
    )
  expect(apart(3, 4)).toBe(0)
  expect(apart(0, 1)).toBe(0)
  expect(apart(1, 2)).toBeGreaterThan(0.00001)
})

it('one day has no factor', () => {
  const { readings, stations } = read(SIX, hit('driver', [230, 231, 229]))
  const weights = new Float64Array(3).fill(1)
  const days = dayFactors(readings, weights, 1, pooledSpread([stations[0]!.readings], weights))
  expect(days).toEqual({ logCarry: [0], logSpeed: [0], covariance: [[0]] })
})
