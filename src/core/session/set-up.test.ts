import { describe, expect, it } from 'vitest'
import { caveatsOf, cautionsOf, EMPTY_SET_UP, USUAL_MONITOR, type SetUp } from './set-up'

const whole: SetUp = {
  surface: 'mat',
  ball: 'range ball',
  ballTempC: null,
  air: {
    tempC: 19,
    pressureHpa: 1008,
    humidity: 0.55,
    windMps: 0,
    wind: null,
    seaLevelHpa: null,
    windHeightM: null,
    source: 'typed',
  },
  altitudeM: 12,
  altitudeOf: 'here',
  carryFrom: 'measured',
  deviceTempC: null,
  monitor: {
    profile: { ...USUAL_MONITOR, netLeastM: 2.9 },
    netM: 3.1,
    unitM: 2,
    checked: USUAL_MONITOR.checks.map(({ what }) => what),
  },
}

describe('what a set-up leaves open', () => {
  it('is nothing where all was said and is as the monitor wants it', () => {
    expect(caveatsOf(whole, 'indoor')).toEqual([])
  })

  it('ball to net 2.6 m where the profile wants 2.9: 0.3 m short, indoors only', () => {
    const short = { ...whole, monitor: { ...whole.monitor!, netM: 2.6 } }
    const [caveat] = caveatsOf(short, 'indoor')
    expect(caveat).toEqual({ kind: 'net-short', netM: 2.6, wantedM: 2.9 })
    expect(caveatsOf(short, 'range')).toEqual([])
  })

  it('names each check that was not made with the numbers it touches', () => {
    const unchecked = { ...whole, monitor: { ...whole.monitor!, checked: ['calibrated'] } }
    expect(caveatsOf(unchecked, 'range')).toContainEqual({
      kind: 'not-checked',
      what: 'level',
      touches: 'launch and peak',
    })
    expect(caveatsOf(unchecked, 'range')).toHaveLength(3)
  })

  it('names all that was skipped', () => {
    expect(caveatsOf(EMPTY_SET_UP, 'indoor').map((caveat) => 'what' in caveat && caveat.what)).toEqual([
      'surface',
      'ball',
      'air',
      'altitude',
      'monitor',
    ])
    const nowhere = { ...whole, monitor: { ...whole.monitor!, netM: null, unitM: null } }
    expect(caveatsOf(nowhere, 'indoor')).toHaveLength(2)
  })

  it('says when the monitor stands too near or too far', () => {
    const far = { ...whole, monitor: { ...whole.monitor!, unitM: 2.6 } }
    expect(caveatsOf(far, 'range')).toEqual([{ kind: 'unit-off', unitM: 2.6, leastM: 1.8, mostM: 2.4 }])
  })
})

describe('what to mind', () => {
  it('is heat, cold, footing and a near net', () => {
    const at = (tempC: number) => ({ ...whole, air: { ...whole.air, tempC } })
    expect(cautionsOf(at(19), 'indoor')).toEqual([])
    expect(cautionsOf(at(33), 'range')).toEqual(['heat'])
    expect(cautionsOf({ ...at(4), surface: 'grass' }, 'range')).toEqual(['cold', 'footing'])
    expect(cautionsOf({ ...whole, monitor: { ...whole.monitor!, netM: 2 } }, 'indoor')).toEqual(['net'])
  })
})
