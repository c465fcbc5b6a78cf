import { sampleCorrelation } from 'simple-statistics'
import { expect, it } from 'vitest'
import { hit, read, SIX } from '../../../tests/shots'
import { pooledSpread } from './spread'

const spreadOf = (shots: ReturnType<typeof hit>, weight = 1) => {
  const { readings, stations } = read(SIX, shots)
  return pooledSpread(
    stations.map((station) => station.readings),
    new Float64Array(readings.length).fill(weight),
  )
}

it('without shots is that of a typical golfer', () => {
  const { carry, speed, launch, lateral, correlation, missed } = spreadOf([])
  expect(carry).toBeCloseTo(0.035, 10)
  expect(speed).toBeCloseTo(0.55 * 0.035, 10)
  expect([launch, lateral, correlation, missed]).toEqual([0.07, 0.045, 0.6, 0.15])
})

it('comes to the sample’s own with many shots', () => {
  const carries = Array.from({ length: 400 }, (_, i) => 150 * Math.exp(0.02 * Math.sin(i * 2.4)))
  const shots = carries.flatMap((carry, i) =>
    hit('7-iron', [carry], {
      ballSpeedMps: 50 * Math.exp(0.01 * Math.sin(i * 2.4) + 0.004 * Math.cos(i * 7)),
    }),
  )
  const { carry, correlation, missed } = spreadOf(shots)
  expect(carry).toBeCloseTo(Math.sqrt((10 * 0.035 ** 2 + (400 * 0.02 ** 2) / 2) / (10 + 399)), 4)
  const seen = sampleCorrelation(
    carries.map(Math.log),
    shots.map(({ ballSpeedMps }) => Math.log(ballSpeedMps!)),
  )
  expect(correlation).toBeCloseTo(seen, 1)
  expect(missed).toBeCloseTo((20 * 0.15) / 420, 10)
})

it('takes stations apart: two clubs far from each other do not widen it', () => {
  const both = [...hit('driver', [230, 231, 229]), ...hit('wedge', [100, 101, 99])]
  expect(spreadOf(both).carry).toBeLessThan(0.035)
})

it('shots that are not good say that shots are missed', () => {
  expect(spreadOf(hit('7-iron', [150, 150, 150, 150]), 0.5).missed).toBeCloseTo((3 + 2) / 24, 10)
})

it('of smash is known where club speed is measured, and not where a monitor works it out of ball speed', () => {
  const shots = (smash: (i: number) => number) =>
    Array.from({ length: 60 }, (_, i) => {
      const clubSpeedMps = 38 * Math.exp(0.015 * Math.sin(i * 2.4))
      return hit('7-iron', [150], { clubSpeedMps, ballSpeedMps: clubSpeedMps * smash(i) })
    }).flat()
  const measured = spreadOf(shots((i) => 1.35 * Math.exp(0.012 * Math.cos(i * 1.7))))
  expect(measured.smash!.sd).toBeCloseTo(0.012 / Math.SQRT2, 2)
  expect(measured.smash!.clubSpeed).toBeCloseTo(0.015 / Math.SQRT2, 2)
  expect(spreadOf(shots(() => 1.35)).smash).toBeNull()
  expect(spreadOf(hit('7-iron', [150, 151, 149])).smash).toBeNull()
})
