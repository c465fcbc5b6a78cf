import { describe, expect, it } from 'vitest'
import { lengthIn } from '../units'
import { readTypedShot, readTypedShots } from './typed-shot'

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
    ['129yd 3l', 129, -3],
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

it('a total is typed behind the carry, before or after the side; one that fits no carry is refused', () => {
  expect(readTypedShot('231 t250', 'm')).toEqual({ kind: 'shot', carryM: 231, totalM: 250 })
  expect(readTypedShot('231 T250 3l', 'm')).toEqual({ kind: 'shot', carryM: 231, totalM: 250, offlineM: -3 })
  expect(readTypedShot('231 3l t 250', 'm')).toEqual({ kind: 'shot', carryM: 231, totalM: 250, offlineM: -3 })
  expect(readTypedShot('231 t150', 'm')).toMatchObject({ kind: 'implausible-total', total: 150, carry: 231 })
  expect(readTypedShots('231 t250; 228 4r t244, 230', 'm')).toEqual({
    kind: 'shots',
    shots: [
      { kind: 'shot', carryM: 231, totalM: 250 },
      { kind: 'shot', carryM: 228, totalM: 244, offlineM: 4 },
      { kind: 'shot', carryM: 230 },
    ],
  })
})

it('121.0 m typed in a yard session reads 132.3 yd, and is 121.0 m for ever', () => {
  const shot = readTypedShot('121.0 m', 'yd')
  expect(shot).toEqual({ kind: 'shot', carryM: 121 })
  expect(lengthIn(121, 'yd').toFixed(1)).toBe('132.3')
  expect(readTypedShot('121 m 3l', 'yd')).toEqual({ kind: 'shot', carryM: 121, offlineM: -3 })
  expect(readTypedShot('999m', 'yd')).toMatchObject({ kind: 'implausible-carry', carry: 999, most: 411 })
})

describe('several carries at once', () => {
  const carries = (text: string) => {
    const read = readTypedShots(text, 'm')
    return read.kind === 'shots' ? read.shots.map(({ carryM, offlineM }) => [carryM, offlineM ?? 0]) : read
  }

  it.each([
    ['129', [129]],
    ['129 131.5 128', [129, 131.5, 128]],
    ['129\n131.5\r\n128\n', [129, 131.5, 128]],
    ['129; 131,5; 128', [129, 131.5, 128]],
    ['129, 131.5, 128', [129, 131.5, 128]],
    ['129,131,128', [129, 131, 128]],
    ['129\t131,5', [129, 131.5]],
  ])('%j are %j', (text, wanted) => {
    expect(carries(text)).toEqual(wanted.map((carry) => [carry, 0]))
  })

  it('with their units', () => {
    expect(carries('121 m 118m 3l')).toEqual([
      [121, 0],
      [118, -3],
    ])
  })

  it('with their sides', () => {
    expect(carries('129 3l 131 2.5 R\n128')).toEqual([
      [129, -3],
      [131, 2.5],
      [128, 0],
    ])
  })

  it('takes none where one is no carry, and says which', () => {
    expect(carries('129 x 9999')).toEqual({
      kind: 'problems',
      problems: [
        { index: 2, problem: { kind: 'not-a-carry', text: 'x' } },
        { index: 3, problem: expect.objectContaining({ kind: 'implausible-carry', carry: 9999 }) },
      ],
    })
    expect(carries('')).toMatchObject({ problems: [{ problem: { kind: 'empty' } }] })
  })

  it('asks about a side that was left out, and takes it for no carry of three', () => {
    expect(carries('129 3')).toEqual({
      kind: 'problems',
      problems: [{ index: 2, problem: { kind: 'not-a-carry', text: '129 3' } }],
    })
  })
})

it.each(['129l', '1293l', '129r'])('%s is no carry with a side: a space parts the two', (text) => {
  expect(readTypedShot(text, 'yd')).toEqual({ kind: 'not-a-carry', text })
  expect(readTypedShots(text, 'yd').kind).toBe('problems')
})
