import { describe, expect, it } from 'vitest'
import { readTypedShot } from './typed-shot'

describe('what a golfer types in the bay', () => {
  it.each([
    ['129', 129, undefined],
    ['128.6', 128.6, undefined],
    ['128,6', 128.6, undefined],
    ['129 3l', 129, -3],
    ['129 3r', 129, 3],
    ['129 3R', 129, 3],
    ['129 2.5 l', 129, -2.5],
    ['129 0l', 129, 0],
    [' 3 ', 3, undefined],
    ['450', 450, undefined],
  ])('%j is a shot', (text, carry, offline) => {
    const shot = readTypedShot(text, 'yd')
    expect(shot.kind).toBe('shot')
    if (shot.kind !== 'shot') return
    expect(shot.carryM).toBeCloseTo(carry * 0.9144, 10)
    if (offline === undefined) expect(shot.offlineM).toBeUndefined()
    else expect(shot.offlineM).toBeCloseTo(offline * 0.9144, 10)
  })

  it.each([
    ['', 'empty'],
    ['abc', 'not-a-carry'],
    ['129 3', 'not-a-carry'],
    ['129 l3', 'not-a-carry'],
    ['0', 'implausible-carry'],
    ['-5', 'implausible-carry'],
    ['999', 'implausible-carry'],
    ['1e9', 'implausible-carry'],
    ['2.9', 'implausible-carry'],
    ['129 130l', 'implausible-offline'],
  ])('%j is refused as %s', (text, kind) => {
    expect(readTypedShot(text, 'yd').kind).toBe(kind)
  })

  it('states the limits in the unit that was typed', () => {
    expect(readTypedShot('999', 'yd')).toMatchObject({ least: 3, most: 450 })
    expect(readTypedShot('999', 'm')).toMatchObject({ least: 3, most: 411 })
  })
})
