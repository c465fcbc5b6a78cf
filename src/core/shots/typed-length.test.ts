import { expect, it } from 'vitest'
import { readLength, readNumber } from './typed-length'
import { metresFrom } from '../units'

it.each([
  ['1450 m', 'ft', 1450],
  ['1450m', 'yd', 1450],
  ['4757 ft', 'm', metresFrom(4757, 'ft')],
  ['129,5', 'yd', metresFrom(129.5, 'yd')],
  ['−30', 'ft', metresFrom(-30, 'ft')],
  ['150 yards', 'm', metresFrom(150, 'yd')],
] as const)('%s where %s is meant', (text, unit, metres) => {
  expect(readLength(text, unit)).toBeCloseTo(metres, 9)
})

it('nothing is null, and what is no length is no number', () => {
  expect(readLength('  ', 'yd')).toBeNull()
  expect(['abc', '12 l', '1.2.3', 'm'].map((text) => readLength(text, 'yd'))).toEqual([NaN, NaN, NaN, NaN])
})

it('a number may have a comma, a point or a real minus', () => {
  expect(['12', ' 12,5 ', '−3.5', '', '1 2', 'x'].map(readNumber)).toEqual([12, 12.5, -3.5, null, NaN, NaN])
})
