import { describe, expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { landingByOdex } from '../../../tests/published/flight-by-odex'
import { lengthIn, mpsFrom, yards } from '../units'
import { densityOf, pressureAt } from './air'
import { REFERENCE_AIR, type Air } from '../model/air'
import { BALL, fly, type FlightResult, type Launch } from './fly'
import { runOf, runOn } from './ground'
import { TURFS } from '../model/turf'

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
  // A reference implementation apart from Banco, in the reference air: carry, peak, landing, time; carry gained at
  // 30 °C (yd), at 1,500 m (%), in 1 m/s of head wind (yd); run on soft, normal and firm ground (yd).
  it.each([
    ['fast driver', [73, 11, 2650], [261.7, 32.8, 38.8, 6.81], [3.8, 6.4, -3.7], [5, 22, 38]],
    ['driver', [66, 12, 2800], [233.3, 29.3, 37.9, 6.39], [3.1, 5.6, -3.1], [5, 22, 37]],
    ['5-wood', [52, 13.5, 3600], [169.7, 20.8, 35.5, 5.34], [1.5, 3.8, -1.7], [6, 19, 31]],
    ['fast 6-iron', [53, 17, 6600], [162.1, 32.7, 48.5, 6.32], [2.5, 8.3, -3.7], [1, 5, 8]],
    ['7-iron', [46, 19, 6100], [138.2, 25.4, 45.3, 5.53], [1.5, 6.1, -2.5], [2, 6, 10]],
    ['slow 7-iron', [38, 20, 5400], [106.8, 16.4, 38.9, 4.39], [0.5, 2.7, -1.0], [3, 9, 14]],
    ['pitching wedge', [38.5, 26, 7400], [106.9, 24.0, 47.9, 5.08], [0.9, 5.2, -2.2], [0, 3, 5]],
    ['half pitching wedge', [30, 22, 6000], [72.5, 10.4, 35.0, 3.37], [-0.2, -0.2, -0.2], [3, 8, 12]],
    ['half sand wedge', [27, 31, 6400], [62.9, 13.2, 44.1, 3.58], [0, 1.1, -0.7], [1, 3, 5]],
  ] as const)('of a %s is that of the reference', (_, [speed, launch, spin], flown, changes, runs) => {
    const own = shot(speed, launch, spin)
    const yd = (metres: number) => lengthIn(metres, 'yd')
    const inAir = (more: Partial<Air>) => landed(fly(own, { ...REFERENCE_AIR, ...more }))
    const flight = inAir({})
    const [carryYd, peakYd, angle, timeS] = flown
    expect(Math.abs(yd(flight.carryM) - carryYd)).toBeLessThan(0.2)
    expect(Math.abs(yd(flight.peakM) - peakYd)).toBeLessThan(0.2)
    expect(Math.abs(flight.landingDeg - angle)).toBeLessThan(0.3)
    expect(Math.abs(flight.timeS - timeS)).toBeLessThan(0.03)
    const [warm, high, head] = changes
    expect(Math.abs(yd(inAir({ tempC: 30 }).carryM - flight.carryM) - warm)).toBeLessThan(0.06)
    const up = inAir({ pressureHpa: pressureAt(1500) }).carryM
    expect(Math.abs(100 * (up / flight.carryM - 1) - high)).toBeLessThan(0.06)
    expect(Math.abs(yd(inAir({ tailwindMps: -1 }).carryM - flight.carryM) - head)).toBeLessThan(0.06)
    TURFS.forEach((turf, i) => expect(Math.abs(yd(runOf(flight.landing, turf)) - runs[i]!)).toBeLessThan(1.5))
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
  it('of a driver is about 5, 20 to 25 and 10 to 20 more', () => {
    for (const driver of [shot(74.66, 10.9, 2690), shot(65.4, 12, 2783)]) {
      const [soft, normal, firm] = run(driver) as [number, number, number]
      expect(Math.abs(soft - 5)).toBeLessThan(1)
      expect(normal).toBeGreaterThan(20)
      expect(normal).toBeLessThan(25)
      expect(firm - normal).toBeGreaterThan(10)
      expect(firm - normal).toBeLessThan(20)
    }
  })

  it('of a full wedge is next to none, and may be backward', () => {
    const [soft, normal, firm] = run(shot(45.6, 24, 9300)) as [number, number, number]
    expect(soft).toBeLessThan(0)
    expect(Math.abs(normal)).toBeLessThan(1)
    expect(firm).toBeLessThan(3)
  })

  const { landing: driven } = landed(fly(shot(66, 12, 2800), REFERENCE_AIR))
  const { landing: pitched } = landed(fly(shot(45.6, 24, 9300), REFERENCE_AIR))

  it('as measured stays on normal ground, and goes to another by the model’s ratio', () => {
    expect(runOn('normal', driven, 12, 213)).toBe(12)
    const ratio = runOf(driven, 'firm') / runOf(driven, 'normal')
    expect(runOn('firm', driven, 12, 213)).toBeCloseTo(12 * ratio, 9)
    expect(runOn('soft', driven, 12, 213)).toBeGreaterThan(0)
    expect(runOn('soft', driven, 12, 213)).toBeLessThan(5)
  })

  it('where the model knows none, takes a usual share; a backward one stays on soft and halves on firm', () => {
    expect(runOn('soft', pitched, 4, 100)).toBeCloseTo(1, 9)
    expect(runOn('firm', pitched, 4, 100)).toBeCloseTo(6.8, 9)
    expect(runOn('soft', pitched, -2, 100)).toBe(-2)
    expect(runOn('firm', pitched, -2, 100)).toBe(-1)
  })

  it('comes back a yard or 2.5% of the carry at most, measured or modelled: 2,000 landings, seed 12', () => {
    const roll = dice(12)
    for (let i = 0; i < 2000; i++) {
      const flight = fly(shot(roll.between(10, 80), roll.between(8, 50), roll.between(1500, 12000)), TEST_AIR)
      if (flight.outcome !== 'landed') continue
      for (const turf of TURFS)
        for (const measured of [null, roll.between(-30, 40)]) {
          const runM = runOn(turf, flight.landing, measured, flight.carryM)
          expect(runM).toBeGreaterThanOrEqual(-Math.max(yards(1), 0.025 * flight.carryM))
        }
    }
  })
})
