import { describe, expect, it } from 'vitest'
import { isPlausibleCarry } from '../../src/core/shots/plausible-carry'
import { REFERENCE_AIR } from '../../src/core/model/air'
import { fly } from '../../src/core/flight/fly'
import { runOf } from '../../src/core/flight/ground'
import { sample } from '../../src/core/math/sample'
import { lengthIn, yards } from '../../src/core/units'
import { dice, seedOf } from './dice'
import { makeHiddenGolfer } from './hidden-golfer'
import { hitShot } from './hit-shot'
import { NET_LOFT } from './net-loft'

const [tilda] = NET_LOFT
if (!tilda) throw new Error('the net loft is empty')
const eight = tilda.clubs.find((club) => club.name === '8-iron')
if (!eight) throw new Error('there is no 8-iron')
const many = (seed: number, count: number, golfer = tilda) => {
  const roll = dice(seed)
  return Array.from({ length: count }, () => hitShot(golfer, eight, { swing: 'full', position: 0 }, roll))
}

describe('a simulated golfer', () => {
  it('hits the same shots from the same seed, and others from another', () => {
    expect(many(5, 20)).toEqual(many(5, 20))
    expect(many(5, 20)).not.toEqual(many(6, 20))
  })

  it('hits good shots around the true carry with the spread of the golfer (seed 1, 4,000 shots)', () => {
    const good = many(1, 4000).filter(({ truth }) => truth === 'solid')
    const { mean, sd } = sample(good.map(({ flight }) => flight.carryM))
    expect(mean / eight.trueCarryM).toBeCloseTo(1, 2)
    expect(sd / mean / tilda.spread).toBeGreaterThan(0.93)
    expect(sd / mean / tilda.spread).toBeLessThan(1.1)
  })

  it('misses as often as it should, and short (seed 2, 4,000 shots)', () => {
    const shots = many(2, 4000)
    const missed = shots.filter(({ truth }) => truth !== 'solid' && truth !== 'misread')
    expect(missed.length / shots.length).toBeCloseTo(tilda.missed, 1)
    const fat = missed.filter(({ truth }) => truth === 'fat').map(({ flight }) => flight.carryM)
    expect(sample(fat).mean).toBeLessThan(0.9 * eight.trueCarryM)
  })

  it('tires: ball speed is lost over ninety shots', () => {
    const at = (position: number) => {
      const roll = dice(3)
      const shots = Array.from({ length: 600 }, () =>
        hitShot(tilda, eight, { swing: 'full', position }, roll),
      )
      return sample(shots.flatMap(({ flight }) => flight.ballSpeedMps ?? [])).mean
    }
    expect(at(90) / at(0)).toBeCloseTo(1 - tilda.tires, 3)
  })

  it('whose launch is flown carries, climbs, lands and runs as was read: 0.1 yd (every club and swing, misreads apart)', () => {
    for (const golfer of NET_LOFT) {
      const roll = dice(11)
      for (const club of golfer.clubs) {
        for (const swing of ['full', 'three-quarter', 'half']) {
          const { launch, flight, truth } = hitShot(golfer, club, { swing, position: 5 }, roll)
          const flown = fly(launch, REFERENCE_AIR)
          if (flown.outcome !== 'landed') throw new Error('it did not land')
          if (truth === 'misread') continue
          expect(Math.abs(flight.carryM - flown.carryM)).toBeLessThan(yards(0.1))
          expect(Math.abs((flight.peakM ?? 0) - flown.peakM)).toBeLessThan(yards(0.1))
          expect(Math.abs((flight.landingDeg ?? 0) - flown.landingDeg)).toBeLessThan(0.06)
          const run = (flight.totalM ?? 0) - flight.carryM
          expect(Math.abs(run - runOf(flown.landing, 'normal'))).toBeLessThan(yards(1))
          expect(flight.spinRpm ?? launch.spinRpm).toBe(launch.spinRpm)
        }
      }
    }
  })

  it('spins a partial swing less than a full one, and launches it lower (every wedge)', () => {
    for (const wedge of tilda.clubs.filter(({ kind }) => kind === 'wedge')) {
      const meanOf = (swing: string, field: 'spinRpm' | 'launchDeg') => {
        const roll = dice(12)
        const shots = Array.from({ length: 200 }, () => hitShot(tilda, wedge, { swing, position: 0 }, roll))
        const good = shots.filter(({ truth }) => truth === 'solid')
        return sample(good.flatMap(({ flight }) => flight[field] ?? [])).mean
      }
      for (const field of ['spinRpm', 'launchDeg'] as const) {
        expect(meanOf('half', field)).toBeLessThan(meanOf('three-quarter', field))
        expect(meanOf('three-quarter', field)).toBeLessThan(meanOf('full', field))
      }
    }
  })

  it('carries less in colder air, as the flight law says', () => {
    const mean = (tempC: number) => {
      const roll = dice(13)
      const shots = Array.from({ length: 300 }, () =>
        hitShot(
          tilda,
          tilda.clubs[0]!,
          { swing: 'full', position: 0, air: { ...REFERENCE_AIR, tempC } },
          roll,
        ),
      )
      return lengthIn(sample(shots.map(({ flight }) => flight.carryM)).mean, 'yd')
    }
    expect(mean(20) - mean(0)).toBeGreaterThan(1)
    expect(mean(20) - mean(0)).toBeLessThan(10)
  })

  it('made up from a name is always the same, with a bag that descends (200 names)', () => {
    for (let i = 0; i < 200; i++) {
      const golfer = makeHiddenGolfer(`g${i}`, dice(seedOf(`g${i}`)))
      expect(golfer).toEqual(makeHiddenGolfer(`g${i}`, dice(seedOf(`g${i}`))))
      const carries = golfer.clubs.map((club) => lengthIn(club.trueCarryM, 'yd'))
      expect(carries.every(isPlausibleCarry)).toBe(true)
      expect(carries[0]! - carries.at(-1)!).toBeGreaterThan(60)
    }
  })
})
