import { describe, expect, it } from 'vitest'
import { pressureAt } from '../flight/air'
import { sessionAir, withAir } from './session-air'
import { EMPTY_SET_UP, type SetUp } from './set-up'

const measured = (air: Partial<SetUp['air']>, more: Partial<SetUp> = {}): SetUp => ({
  ...EMPTY_SET_UP,
  carryFrom: 'measured',
  ...more,
  air: { ...EMPTY_SET_UP.air, tempC: 11, pressureHpa: 1003, humidity: 0.8, windMps: 0, ...air },
})
const missing = (...known: Parameters<typeof sessionAir>) => {
  const found = sessionAir(...known)
  return found.kind === 'unknown' ? found.missing : null
}
const air = (...known: Parameters<typeof sessionAir>) => {
  const found = sessionAir(...known)
  if (found.kind === 'unknown') throw new Error(found.missing.join())
  return found.air
}

describe('the air that a session’s carries belong to', () => {
  it('is not guessed: each thing that was not said is named', () => {
    expect(missing(null, 'range')).toEqual(['carry-from', 'temperature', 'pressure', 'wind'])
    expect(missing(EMPTY_SET_UP, 'indoor')).toEqual(['carry-from', 'device-air'])
    expect(missing(measured({ tempC: null }), 'range')).toEqual(['temperature'])
    expect(missing(measured({ pressureHpa: null }), 'range')).toEqual(['pressure'])
    expect(missing(measured({ windMps: null, tempC: null }), 'range')).toEqual(['temperature', 'wind'])
    expect(missing({ ...EMPTY_SET_UP, carryFrom: 'computed', deviceTempC: 25 }, 'indoor')).toEqual([
      'device-air',
    ])
  })

  it('is the device’s own where it computes, whatever the room', () => {
    const computed = {
      ...measured({ tempC: 8 }),
      carryFrom: 'computed' as const,
      deviceTempC: 25,
      altitudeM: 0,
    }
    expect(air(computed, 'indoor')).toMatchObject({ tempC: 25, pressureHpa: 1013.25, tailwindMps: 0 })
  })

  it('takes the pressure as read, else from altitude and the day’s pressure at sea level', () => {
    expect(air(measured({}), 'range').pressureHpa).toBe(1003)
    const high = measured({ pressureHpa: null, seaLevelHpa: 1020 }, { altitudeM: 900, altitudeOf: 'here' })
    expect(air(high, 'range').pressureHpa).toBeCloseTo(pressureAt(900, 1020), 10)
    const asAtHome = measured({}, { altitudeM: 1450, altitudeOf: 'home' })
    expect(air(asAtHome, 'range').pressureHpa).toBeCloseTo(pressureAt(1450), 10)
  })

  it('takes the wind with its side and the height at which it was read; indoors there is none', () => {
    const blows = measured({ windMps: 4, wind: 'into', windHeightM: 2 })
    expect(air(blows, 'range')).toMatchObject({ tailwindMps: -4, crosswindMps: 0, windHeightM: 2 })
    expect(air(measured({ windMps: 4, wind: 'from-left' }), 'range').crosswindMps).toBe(4)
    expect(air(measured({ windMps: 4, wind: 'from-right' }), 'range').crosswindMps).toBe(-4)
    expect(air(measured({ windMps: null }), 'indoor').tailwindMps).toBe(0)
  })

  it('a breeze from anywhere is calm, more than one is not known', () => {
    expect(air(measured({ windMps: 1.5, wind: 'felt' }), 'range').tailwindMps).toBe(0)
    expect(missing(measured({ windMps: 4, wind: 'felt' }), 'range')).toEqual(['wind'])
  })

  it('what was said along the way goes first: another temperature, a wind of unknown strength', () => {
    expect(air(measured({}), 'range', { wind: null, tempC: 7 }).tempC).toBe(7)
    expect(missing(measured({}), 'range', { wind: 'into', tempC: null })).toEqual(['wind'])
    const sameWind = measured({ windMps: 3, wind: 'into' })
    expect(air(sameWind, 'range', { wind: 'into', tempC: null }).tailwindMps).toBe(-3)
  })
})

describe('air that is said afterwards', () => {
  const known = {
    carryFrom: 'measured',
    tempC: 14,
    altitudeM: 120,
    windMps: 3,
    wind: 'into',
    deviceTempC: null,
  } as const

  it('makes the air of a session known that lacked all of it', () => {
    expect(air(withAir(null, known), 'range')).toMatchObject({
      tempC: 14,
      pressureHpa: pressureAt(120),
      tailwindMps: -3,
    })
  })

  it('changes nothing that was said before', () => {
    const before = measured({ tempC: null, windMps: 0 }, { surface: 'grass' })
    const after = withAir(before, known)
    expect(after).toMatchObject({ surface: 'grass', altitudeM: 120, air: { tempC: 14, windMps: 0 } })
    expect(air(after, 'range')).toMatchObject({ pressureHpa: 1003, tailwindMps: 0 })
    const full = measured({})
    expect(withAir(full, { ...known, altitudeM: null })).toMatchObject({ ...full, air: { tempC: 11 } })
  })

  it('mends a wind that was felt from anywhere, keeps a side that was known, and gives a calm none', () => {
    const felt = withAir(measured({ windMps: 6, wind: 'felt' }), known)
    expect(air(felt, 'range')).toMatchObject({ tailwindMps: -3 })
    const side = withAir(measured({ windMps: null, wind: 'with' }), { ...known, wind: null })
    expect(air(side, 'range')).toMatchObject({ tailwindMps: 3 })
    expect(withAir(measured({ windMps: 0 }), known).air.wind).toBeNull()
  })

  it('without a wind leaves a session outdoors unknown', () => {
    expect(missing(withAir(null, { ...known, windMps: null, wind: null }), 'range')).toEqual(['wind'])
    expect(missing(withAir(null, { ...known, windMps: null, wind: null }), 'indoor')).toBeNull()
  })
})
