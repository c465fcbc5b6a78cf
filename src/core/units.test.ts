import { expect, it } from 'vitest'
import { celsiusFrom, lengthIn, metresFrom, mpsFrom, speedIn, tempIn } from './units'

it('reads back every tenth of a yard as it was typed', () => {
  for (let tenths = 30; tenths <= 4500; tenths++) {
    const typed = (tenths / 10).toFixed(1)
    expect(lengthIn(metresFrom(Number(typed), 'yd'), 'yd').toFixed(1)).toBe(typed)
  }
})

it('shows 121.0 m as 132.3 yd', () => {
  expect(lengthIn(121, 'yd').toFixed(1)).toBe('132.3')
  expect(metresFrom(121, 'm')).toBe(121)
})

// International yard and pound agreement, 1959: a foot is 0.3048 m, a mile 1609.344 m.
it('uses the exact international lengths', () => {
  expect(metresFrom(3, 'ft')).toBeCloseTo(metresFrom(1, 'yd'), 12)
  expect(mpsFrom(60, 'mph')).toBeCloseTo(26.8224, 10)
  expect(speedIn(mpsFrom(100, 'km/h'), 'm/s')).toBeCloseTo(27.7778, 4)
})

// The Fahrenheit scale by its definition: 32 and 212 at the ice and steam points, and the two scales meet at −40.
it('turns temperatures there and back', () => {
  expect([-40, 0, 100].map((celsius) => tempIn(celsius, 'F'))).toEqual([-40, 32, 212])
  for (let celsius = -50; celsius <= 60; celsius++)
    expect(celsiusFrom(tempIn(celsius, 'F'), 'F')).toBeCloseTo(celsius, 12)
  expect(celsiusFrom(19, 'C')).toBe(19)
})
