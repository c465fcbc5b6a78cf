import { describe, expect, it } from 'vitest'
import { SIX } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import type { ClubId, ShotId } from '../model/ids'
import { metresFrom, yards } from '../units'
import { expectationsFound, habitOf } from './expectation'

const guess = (clubId: string, carryYd: number) => ({
  clubId: clubId as ClubId,
  swing: 'full',
  carryM: yards(carryYd),
})

describe('what was expected beside what was found', () => {
  const carries = { '7-iron': 116.4, '9-iron': 98, '5-iron': 131 }
  const { stocks } = analyseBag({
    clubs: SIX,
    shots: Object.entries(carries).flatMap(([club, carry], c) =>
      Array.from({ length: 5 }, (_, i) => ({
        id: `${club}${i}` as ShotId,
        clubId: club as ClubId,
        swing: 'full',
        sequence: c * 5 + i,
        carryM: metresFrom(carry, 'yd'),
      })),
    ),
  })

  it('expected 123.5, stock 116.4: 7.1 too hopeful, 6.1%', () => {
    const [found] = expectationsFound([guess('7-iron', 123.5)], stocks)
    expect(found!.tooLongM / yards(1)).toBeCloseTo(7.1, 6)
    expect(found!.share).toBeCloseTo(0.061, 3)
  })

  it('over the bag it is a habit, with its interval', () => {
    const guesses = [guess('7-iron', 123.4), guess('9-iron', 103), guess('5-iron', 137)]
    const habit = habitOf(expectationsFound(guesses, stocks))
    expect(habit!.count).toBe(3)
    expect(habit!.tooLongM / yards(1)).toBeCloseTo(6, 6)
    // Student's t, 0.95 with 2 degrees of freedom: 2.920 (any table, from memory); sd of 7, 5, 6 is 1.
    expect((habit!.highM - habit!.tooLongM) / yards(1)).toBeCloseTo(2.92 / Math.sqrt(3), 3)
  })

  it('is no habit from two guesses, and nothing without a stock', () => {
    const two = expectationsFound([guess('7-iron', 120), guess('9-iron', 100)], stocks)
    expect(habitOf(two)).toBeNull()
    expect(expectationsFound([guess('driver', 250)], stocks)).toEqual([])
  })
})
