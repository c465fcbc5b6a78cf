import { describe, expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { yards } from '../units'
import { pressureAt } from './air'
import { REFERENCE_AIR, type Air } from '../model/air'
import type { Launch } from './fly'
import { NO_CRISIS, launchFor, restate, type KnownFlight, type Restated } from './restate'

const air = (more: Partial<Air> = {}): Air => ({ ...REFERENCE_AIR, ...more })
const high = (altitudeM: number, more: Partial<Air> = {}) =>
  air({ pressureHpa: pressureAt(altitudeM), ...more })
const DRIVER: KnownFlight = { kind: 'launch', launch: { ballSpeedMps: 65.4, launchDeg: 12, spinRpm: 2783 } }
const TEED: KnownFlight = { kind: 'club', loftDeg: 10.5, teed: true }
/** A launch with the same spin ratio at another ball speed. */
const speededTo = (launch: Launch, ballSpeedMps: number): Launch => ({
  ...launch,
  ballSpeedMps,
  spinRpm: (launch.spinRpm * ballSpeedMps) / launch.ballSpeedMps,
})
const sentence = (restated: Restated) => {
  if (restated.kind !== 'restated') throw new Error(restated.because)
  return restated
}
const from235 = (from: Air, to: Air, known: KnownFlight = DRIVER) =>
  sentence(restate({ carryM: yards(235), known, from, to }))

describe('a carry restated into other air', () => {
  // A reference implementation apart from Banco, on a driver of 235 yd.
  it.each([
    ['from 0 °C to 30 °C', air({ tempC: 0 }), air({ tempC: 30 }), DRIVER, 244.7],
    ['from 30 °C to 0 °C', air({ tempC: 30 }), air({ tempC: 0 }), DRIVER, 225.6],
    ['to 1500 m', air(), high(1500), DRIVER, 247.8],
    ['to 1500 m with only the carry known', air(), high(1500), TEED, 248.6],
  ])('%s', (_, from, to, known, carryYd) => {
    const { carryM, sdM } = from235(from, to, known)
    expect(Math.abs(carryM - yards(carryYd))).toBeLessThan(yards(0.3))
    expect(sdM).toBeGreaterThan(yards(1.5))
    expect(sdM).toBeLessThan(yards(4.5))
  })

  it('there and back is the start: 1e-9 m with the launch known, 0.001 yd with only the carry', () => {
    const roll = dice(77)
    for (let i = 0; i < 40; i++) {
      const to = high(roll.between(0, 2000), {
        tempC: roll.between(-5, 40),
        tailwindMps: roll.between(-6, 6),
      })
      for (const [known, within] of [
        [DRIVER, 1e-9],
        [TEED, yards(0.001)],
      ] as const) {
        const there = restate({ carryM: 215, known, from: air(), to, fromHeightM: 3, toHeightM: -4 })
        if (there.kind !== 'restated') continue
        const back = restate({
          carryM: there.carryM,
          known,
          from: to,
          to: air(),
          fromHeightM: -4,
          toHeightM: 3,
        })
        expect(Math.abs(sentence(back).carryM - 215)).toBeLessThan(within)
      }
    }
  })

  it('always estimates: a slow swing’s change, of open sign, comes with an interval that holds zero', () => {
    const carries = [0, 500, 1000, 1500, 2000].map((m) => from235(air(), high(m)).carryM)
    expect(carries.toSorted((a, b) => a - b)).toEqual(carries)
    const half: KnownFlight = { kind: 'launch', launch: { ballSpeedMps: 30, launchDeg: 22, spinRpm: 6000 } }
    const restated = sentence(restate({ carryM: yards(72.5), known: half, from: air(), to: high(1500) }))
    expect(Math.abs(restated.carryM - yards(72.5))).toBeLessThan(yards(0.5))
    expect(restated.significant).toBe(false)
  })

  // By a flight model apart from Banco: from 56 m/s of ball speed with a driver, 54 under 27° of loft, 42 above.
  it('warmer or higher never shortens a full swing of usual speed: 10,000 random swings, seed 56', () => {
    const roll = dice(56)
    for (let i = 0; i < 10_000; i++) {
      const from = air({ tempC: roll.between(-5, 25), pressureHpa: pressureAt(roll.between(0, 1200)) })
      const to = roll.chance(0.5)
        ? { ...from, tempC: from.tempC + roll.between(1, 15) }
        : { ...from, pressureHpa: from.pressureHpa - roll.between(20, 120) }
      const loftDeg = roll.between(15, 60)
      const club = i % 3 === 0 ? { loftDeg: 10.5, teed: true } : { loftDeg, teed: false }
      const least = club.teed ? 56 : loftDeg < 27 ? 54 : 42
      const usual = launchFor(90, club, from)!
      const launch = speededTo(usual, roll.between(least, least + 20))
      const restated = sentence(
        restate({ carryM: 150, known: { kind: 'launch', launch }, from, to, crisis: NO_CRISIS }),
      )
      expect(restated.carryM).toBeGreaterThan(150)
    }
  })

  it('is continuous: 0.1 °C moves no carry by more than 0.2 yd, 2,000 random swings, seed 1', () => {
    const roll = dice(1)
    for (let i = 0; i < 2000; i++) {
      const known: KnownFlight = {
        kind: 'launch',
        launch: {
          ballSpeedMps: roll.between(15, 85),
          launchDeg: roll.between(8, 45),
          spinRpm: roll.between(1500, 11000),
        },
      }
      const tempC = roll.between(-5, 40)
      const at = (t: number) =>
        sentence(restate({ carryM: 200, known, from: air(), to: high(800, { tempC: t }), crisis: NO_CRISIS }))
          .carryM
      expect(Math.abs(at(tempC + 0.1) - at(tempC))).toBeLessThan(yards(0.2))
    }
  })

  it('is symmetric in cross wind', () => {
    const to = (crosswindMps: number) => from235(air(), air({ crosswindMps })).carryM
    expect(to(5)).toBeCloseTo(to(-5), 9)
  })

  it('is refused in a wind that nobody knows, and where no ball carries so far', () => {
    expect(restate({ carryM: 150, known: DRIVER, from: air(), to: high(900), windKnown: false })).toEqual({
      kind: 'refused',
      because: 'unknown-wind',
    })
    expect(restate({ carryM: 700, known: TEED, from: air(), to: high(900) })).toEqual({
      kind: 'refused',
      because: 'no-flight',
    })
  })

  it('says where the change is smaller than what is known of it', () => {
    expect(from235(air(), high(100)).significant).toBe(
      from235(air(), high(100)).sdM * 1.645 < from235(air(), high(100)).carryM - yards(235),
    )
    expect(from235(air(), air()).carryM).toBeCloseTo(yards(235), 9)
    expect(from235(air(), air()).significant).toBe(false)
  })

  it('never is NaN for 10,000 random inputs (seed 4), and says why where it cannot', () => {
    const roll = dice(4)
    let restated = 0
    for (let i = 0; i < 10_000; i++) {
      const wild = (): Air => ({
        tempC: roll.between(-40, 55),
        pressureHpa: roll.between(550, 1090),
        humidity: roll.between(0, 1),
        tailwindMps: roll.between(-20, 20),
        crosswindMps: roll.between(-20, 20),
      })
      const known: KnownFlight = roll.chance(0.5)
        ? {
            kind: 'launch',
            launch: {
              ballSpeedMps: roll.between(3, 95),
              launchDeg: roll.between(-5, 70),
              spinRpm: roll.between(0, 12000),
            },
          }
        : { kind: 'club', loftDeg: roll.between(8, 64), teed: roll.chance(0.2) }
      const result = restate({
        carryM: roll.between(3, 330),
        known,
        from: wild(),
        to: wild(),
        toHeightM: roll.between(-20, 20),
      })
      if (result.kind === 'restated') {
        restated++
        expect(Number.isFinite(result.carryM) && Number.isFinite(result.sdM)).toBe(true)
      } else expect(['unknown-wind', 'no-flight']).toContain(result.because)
    }
    expect(restated).toBeGreaterThan(3000)
  })
})

it('the launch of a club is the usual one of its kind and swing, and carries what it was asked to', () => {
  const carrying = (club: Parameters<typeof launchFor>[1]) => launchFor(120, club, REFERENCE_AIR)!
  const launch = carrying({ loftDeg: 32, teed: false })
  expect(launch.launchDeg).toBeCloseTo(3.5 + 0.47 * 32, 12)
  const back = restate({ carryM: 120, known: { kind: 'launch', launch }, from: air(), to: air() })
  expect(sentence(back).carryM).toBeCloseTo(120, 9)
  expect(carrying({ loftDeg: 18, teed: false, wood: true }).launchDeg).toBeCloseTo(4 + 0.43 * 18, 12)
  expect(carrying({ loftDeg: 10.5, teed: true }).launchDeg).toBe(12)
  const swung = (swing: string) => carrying({ loftDeg: 46, teed: false, swing })
  expect(swung('full').launchDeg - swung('three-quarter').launchDeg).toBeCloseTo(1, 12)
  expect(swung('full').launchDeg - swung('half').launchDeg).toBeCloseTo(1.5, 12)
  const ratio = ({ spinRpm, ballSpeedMps }: { spinRpm: number; ballSpeedMps: number }) =>
    spinRpm / ballSpeedMps
  expect(ratio(swung('half')) / ratio(swung('full'))).toBeCloseTo(1.05, 9)
})
