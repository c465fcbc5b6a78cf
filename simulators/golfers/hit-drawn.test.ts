import { expect, it } from 'vitest'
import { sampleCorrelation } from 'simple-statistics'
import { sample } from '../../src/core/math/sample'
import { dice } from './dice'
import { hitDrawn } from './hit-drawn'
import { NET_LOFT } from './net-loft'

const golfer = {
  ...NET_LOFT[0]!,
  spread: 0.03,
  missed: 0.2,
  misread: 0,
  tires: 0,
  measures: { speed: true, launch: true, spin: true },
}
const club = golfer.clubs[5]!
const roll = dice(12)
const shots = Array.from({ length: 4000 }, () => hitDrawn(golfer, club, { swing: 'full', position: 0 }, roll))
const solid = shots.filter(({ truth }) => truth === 'solid')
const logs = (of: (shot: (typeof shots)[number]) => number) => solid.map((shot) => Math.log(of(shot)))

it('good shots carry what the club truly does, scatter as the golfer does, and their speed goes half as far with it', () => {
  const carry = sample(logs(({ flight }) => flight.carryM))
  expect(Math.exp(carry.mean) / club.trueCarryM).toBeCloseTo(1, 2)
  expect(carry.sd).toBeCloseTo(0.03, 2)
  const speed = logs(({ flight }) => flight.ballSpeedMps!)
  expect(sample(speed).sd! / carry.sd!).toBeCloseTo(Math.hypot(0.5, 0.2), 1)
  expect(
    sampleCorrelation(
      speed,
      logs(({ flight }) => flight.carryM),
    ),
  ).toBeGreaterThan(0.85)
})

it('misses come as often as they should, each in its own way', () => {
  const of = (truth: string) => shots.filter((shot) => shot.truth === truth)
  expect((shots.length - solid.length) / shots.length).toBeCloseTo(0.2, 1)
  const mean = (all: typeof shots, value: (shot: (typeof shots)[number]) => number) =>
    all.reduce((sum, shot) => sum + value(shot), 0) / all.length
  const speed = ({ flight }: (typeof shots)[number]) => flight.ballSpeedMps!
  const launch = ({ flight }: (typeof shots)[number]) => flight.launchDeg!
  expect(mean(of('fat'), speed) / mean(solid, speed)).toBeLessThan(0.9)
  expect(mean(of('thin'), launch) / mean(solid, launch)).toBeLessThan(0.7)
  const aside = of('wild').map(({ flight }) => Math.abs(flight.offlineM! / flight.carryM))
  expect(Math.min(...aside)).toBeGreaterThan(0.11)
})
