import { describe, expect, it } from 'vitest'
import { yards } from '@/core/units'
import { around, aroundCell, chance, count, fixed, len, lenUnit, minutes, side, speed } from './numbers'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
const METRES = { lengthUnit: 'm', speedUnit: 'km/h' } as const

describe('numbers in the golfer’s own units', () => {
  it('a carry typed as 150 yd reads 150.0, and in metres 137.2', () => {
    expect(len(yards(150), YARDS, 1)).toBe('150.0')
    expect(lenUnit(yards(150), METRES, 1)).toBe('137.2 m')
  })

  it('speeds follow', () => {
    expect(speed(44.704, YARDS)).toBe('100.0')
    expect(speed(44.704, METRES)).toBe('160.9')
  })

  it('minus is a minus, and minus nothing is nothing', () => {
    expect(fixed(-3.14, 1)).toBe('−3.1')
    expect(fixed(-0.01, 1)).toBe('0.0')
  })

  it('an interval is never shown as none, and a lopsided one by its ends', () => {
    const between = (low: number, at: number, high: number) => ({
      carryM: yards(at),
      lowM: yards(low),
      highM: yards(high),
    })
    expect(aroundCell(between(149.8, 150, 150.2), YARDS)).toBe('<1')
    expect(around(between(147, 150, 153), YARDS)).toBe('± 3')
    expect(around(between(159.7, 164, 166.4), YARDS)).toBe('(160 to 166)')
    expect(aroundCell(between(159.7, 164, 166.4), YARDS)).toBe('160–166')
    expect(around({}, YARDS)).toBe('')
  })

  it('a length typed as 5.5 yd reads as 6, as 150.5 reads 151', () => {
    expect([len(yards(5.5), YARDS), len(yards(150.5), YARDS)]).toEqual(['6', '151'])
  })

  it('sides are words', () => {
    expect(side(-yards(3), YARDS)).toBe('3 L')
    expect(side(yards(12.4), YARDS)).toBe('12 R')
    expect(side(0.1, YARDS)).toBe('on line')
  })
})

describe('words around numbers', () => {
  it('nothing is certain', () => {
    expect([chance(0.999), chance(0.5), chance(0.001)]).toEqual(['over 99%', '50%', 'under 1%'])
  })

  it('one and many', () => {
    expect([count(1, 'shot'), count(2, 'shot'), count(1, 'shot waits', 'shots wait')]).toEqual([
      '1 shot',
      '2 shots',
      '1 shot waits',
    ])
    expect([minutes(20), minutes(4247)]).toEqual(['1 min', '71 min'])
  })
})
