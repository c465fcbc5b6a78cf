import { describe, expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { landingByOdex } from '../../../tests/published/flight-by-odex'
import { lengthIn, mpsFrom, yards } from '../units'
import { densityOf, REFERENCE_AIR, type Air } from './air'
import { BALL, fly, type FlightResult, type Launch } from './fly'
import { runOf } from './ground'

const landed = (result: FlightResult) => {
  if (result.outcome !== 'landed') throw new Error(`it ${result.outcome}`)
  return result
}
const shot = (
  ballSpeedMps: number,
  launchDeg: number,
  spinRpm: number,
  more: Partial<Launch> = {},
): Launch => ({
  ballSpeedMps,
  launchDeg,
  spinRpm,
  ...more,
})
const TEST_AIR: Air = { tempC: 23.89, pressureHpa: 1015.92, humidity: 0.5, tailwindMps: 0, crosswindMps: 0 }
const VACUUM: Air = { ...REFERENCE_AIR, humidity: 0, pressureHpa: 1e-12 }

describe('a flight', () => {
  // A reference implementation apart from Banco, in the air of the governing bodies' distance test.
  it.each([
    [74.66, 10.9, 2690, 272.2, 33.7, 37.8, 6.82],
    [67.06, 12, 2750, 242.2, 29.0, 35.8, 6.3],
    [53.64, 16.3, 7100, 176.2, 30.6, 47.1, 6.15],
    [41.13, 18, 5500, 123.8, 16.2, 35.4, 4.42],
    [45.6, 24, 9300, 131.8, 30.2, 53.7, 5.69],
    [26.82, 32, 6500, 58.7, 12.6, 46.3, 3.37],
  ])('of %d m/s, %d°, %d rpm carries %d yd', (speed, launch, spin, carryYd, peakYd, angle, timeS) => {
    const flight = landed(fly(shot(speed, launch, spin), TEST_AIR))
    expect(lengthIn(flight.carryM, 'yd')).toBeCloseTo(carryYd, 0)
    expect(Math.abs(lengthIn(flight.carryM, 'yd') - carryYd)).toBeLessThan(0.06)
    expect(Math.abs(lengthIn(flight.peakM, 'yd') - peakYd)).toBeLessThan(0.06)
    expect(Math.abs(flight.landingDeg - angle)).toBeLessThan(0.06)
    expect(Math.abs(flight.timeS - timeS)).toBeLessThan(0.006)
  })

  // Closed form: range v² sin 2θ / g, peak v² sin² θ / 2g, time 2 v sin θ / g.
  it.each([
    [30, 20],
    [60, 12],
    [45, 45],
  ])('without air is the parabola at %d m/s and %d°', (v, deg) => {
    const flight = landed(fly(shot(v, deg, 3000), VACUUM))
    const angle = (deg * Math.PI) / 180
    expect(flight.carryM).toBeCloseTo((v * v * Math.sin(2 * angle)) / 9.80665, 9)
    expect(flight.peakM).toBeCloseTo((v * Math.sin(angle)) ** 2 / (2 * 9.80665), 9)
    expect(flight.timeS).toBeCloseTo((2 * v * Math.sin(angle)) / 9.80665, 9)
    expect(flight.landingDeg).toBeCloseTo(deg, 7)
  })

  it('agrees with a general-purpose solver to 0.05 yd in 300 random shots, seed 2600', () => {
    const roll = dice(2600)
    let worst = 0
    for (let i = 0; i < 300; i++) {
      const launch = shot(roll.between(12, 85), roll.between(6, 45), roll.between(1200, 11000), {
        azimuthDeg: roll.between(-8, 8),
        spinAxisDeg: roll.between(-25, 25),
      })
      const air: Air = {
        tempC: roll.between(-5, 40),
        pressureHpa: roll.between(780, 1040),
        humidity: roll.between(0, 1),
        tailwindMps: roll.between(-9, 9),
        crosswindMps: roll.between(-9, 9),
      }
      const own = landed(fly(launch, air))
      const other = landingByOdex(launch, air, own.timeS)
      worst = Math.max(worst, Math.hypot(own.carryM - other.carryM, own.offlineM - other.offlineM))
    }
    expect(worst).toBeLessThan(yards(0.05))
    expect(worst).toBeGreaterThan(0)
  })

  it('mirrors', () => {
    const launch = shot(60, 14, 4000, { azimuthDeg: 3, spinAxisDeg: 11 })
    const air = { ...TEST_AIR, crosswindMps: 4 }
    const a = landed(fly(launch, air))
    const b = landed(fly({ ...launch, azimuthDeg: -3, spinAxisDeg: -11 }, { ...air, crosswindMps: -4 }))
    expect(b.carryM).toBeCloseTo(a.carryM, 9)
    expect(b.offlineM).toBeCloseTo(-a.offlineM, 9)
    expect(landed(fly(shot(60, 14, 4000, { spinAxisDeg: 8 }), TEST_AIR)).offlineM).toBeGreaterThan(5)
  })

  it('in a uniform wind is the calm one in a frame that moves', () => {
    const wind = 6
    const launch = shot(60, 14, 4000)
    const blown = landed(fly(launch, { ...TEST_AIR, tailwindMps: wind }))
    // In the moving frame the ball starts slower and steeper.
    const [vx, vy] = [60 * Math.cos((14 * Math.PI) / 180) - wind, 60 * Math.sin((14 * Math.PI) / 180)]
    const moving = shot(Math.hypot(vx, vy), (Math.atan2(vy, vx) * 180) / Math.PI, 4000)
    const calm = landed(fly(moving, TEST_AIR))
    expect(calm.carryM + wind * calm.timeS).toBeCloseTo(blown.carryM, 6)
  })

  it('does not change where density and mass are scaled together, without decay and away from the drag crisis', () => {
    const thin: Air = { ...REFERENCE_AIR, humidity: 0, pressureHpa: 900 }
    const dense: Air = { ...thin, pressureHpa: 1080 }
    const carry = (air: Air, massKg: number) =>
      landed(fly(shot(60, 14, 4000), air, { ball: { massKg, decay: 0 }, crisis: 1e-9 })).carryM
    const heavier = BALL.massKg * (densityOf(dense) / densityOf(thin))
    expect(carry(dense, heavier)).toBeCloseTo(carry(thin, BALL.massKg), 9)
    expect(carry(dense, BALL.massKg)).toBeLessThan(carry(thin, BALL.massKg) - 1)
  })

  it('halving the step changes the landing by less than a hundredth of a yard', () => {
    for (const launch of [shot(74, 11, 2700), shot(54, 16, 7100), shot(27, 32, 6500)]) {
      const whole = landed(fly(launch, TEST_AIR))
      const half = landed(fly(launch, TEST_AIR, { stepS: 0.125 }))
      expect(Math.abs(whole.carryM - half.carryM)).toBeLessThan(yards(0.01))
      expect(half.steps).toBeGreaterThan(1.8 * whole.steps)
    }
  })

  it('takes 28 steps for a driver: the effort is pinned', () => {
    expect(landed(fly(shot(74.66, 10.9, 2690), TEST_AIR)).steps).toBe(28)
  })

  it('lands sooner on a green above, later on one below, and not at all above its peak', () => {
    const to = (landingHeightM: number) =>
      landed(fly(shot(54, 16, 7100), TEST_AIR, { landingHeightM })).carryM
    expect(to(5)).toBeLessThan(to(0))
    expect(to(-5)).toBeGreaterThan(to(0))
    expect(fly(shot(54, 16, 7100), TEST_AIR, { landingHeightM: 60 }).outcome).toBe('does-not-land')
    expect(fly(shot(20, -5, 3000), TEST_AIR).outcome).toBe('does-not-land')
  })

  it('shows its path from the ball to where it lands', () => {
    const { path, carryM, peakM } = landed(fly(shot(54, 16, 7100), TEST_AIR, { path: true }))
    expect(path![0]).toEqual([0, 0, 0])
    expect(path!.at(-1)![0]).toBe(carryM)
    expect(Math.max(...path!.map(([, up]) => up))).toBeLessThanOrEqual(peakM + 1e-9)
  })

  // Overall Distance Standard of the governing bodies, 2004: 120 mph of club speed, ball about 175.7 mph, 10°,
  // 2520 rpm, 75 °F, 30 inHg, 50%: a conforming ball carries and runs at most 320 yd.
  it('and its run stay inside the distance standard', () => {
    const flight = landed(fly(shot(mpsFrom(175.7, 'mph'), 10, 2520), TEST_AIR))
    const total = lengthIn(flight.carryM + runOf(flight.landing, 'normal'), 'yd')
    expect(total).toBeLessThan(320)
    expect(total).toBeGreaterThan(295)
  })

  // Common practice: a driver of 235 yd loses 9 to 10 yd from 30 °C to 0 °C, partly ball and body; the air alone 7 to 12.
  it('loses as much to the cold as the trade says that air takes', () => {
    const at = (tempC: number) => landed(fly(shot(65.4, 12, 2783), { ...REFERENCE_AIR, tempC })).carryM
    const lost = lengthIn(at(30) - at(0), 'yd')
    expect(lost).toBeGreaterThan(7)
    expect(lost).toBeLessThan(12)
  })
})

describe('the run', () => {
  const run = (launch: Launch) => {
    const { landing } = landed(fly(launch, TEST_AIR))
    return (['soft', 'normal', 'firm'] as const).map((turf) => lengthIn(runOf(landing, turf), 'yd'))
  }

  // Common practice: 5 in a wet winter, 20 to 25 in spring, 10 to 20 more on baked ground.
  it('of a driver is about 5, 23 to 25 and 42 to 44 yd', () => {
    for (const driver of [shot(74.66, 10.9, 2690), shot(65.4, 12, 2783)]) {
      const [soft, normal, firm] = run(driver) as [number, number, number]
      expect(Math.abs(soft - 4.8)).toBeLessThan(0.8)
      expect(Math.abs(normal - 24)).toBeLessThan(1.2)
      expect(Math.abs(firm - 43)).toBeLessThan(1.2)
    }
  })

  it('of a full wedge is next to none, and may be backward', () => {
    const [soft, normal, firm] = run(shot(45.6, 24, 9300)) as [number, number, number]
    expect(soft).toBeLessThan(0)
    expect(Math.abs(normal)).toBeLessThan(1)
    expect(firm).toBeLessThan(2)
  })
})
