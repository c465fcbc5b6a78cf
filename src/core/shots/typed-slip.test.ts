import { describe, expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { hitShot } from '../../../simulators/golfers/hit-shot'
import { NET_LOFT } from '../../../simulators/golfers/net-loft'
import { lengthIn, yards } from '../units'
import { doubtOf } from './typed-slip'

const next = (carry: number, sd: number) => ({ carryM: yards(carry), sdM: yards(sd) })

describe('a carry that no strike explains is asked about', () => {
  it('between neighbours at 198.2 and 219.7, 290.8 was 209.8', () => {
    expect(doubtOf(290.8, 'yd', next(208.95, 10))).toEqual({
      is: 'too-long',
      slip: { kind: 'swapped', proposal: 209.8 },
    })
  })

  it.each([
    [1502, 'yd', 150, 'too-long', 'factor-ten', 150.2],
    [190, 'yd', 160, 'too-long', 'wrong-digit', 160],
    [15, 'yd', 152, 'far-too-short', 'factor-ten', 150],
  ] as const)('%d %s at a station of %d', (typed, unit, carry, is, kind, proposal) => {
    expect(doubtOf(typed, unit, next(carry, 3.5))).toEqual({ is, slip: { kind, proposal } })
  })

  it('though no slip explains it', () => {
    expect(doubtOf(399, 'yd', next(150, 3.5))).toEqual({ is: 'too-long', slip: null })
  })

  it('but not where another club carries that', () => {
    expect(doubtOf(246, 'yd', next(204, 8))?.is).toBe('too-long')
    expect(doubtOf(246, 'yd', next(204, 8), [next(245, 6)])).toBeNull()
  })
})

describe('a short carry counts at once', () => {
  it.each([
    [136, 150],
    [128, 150],
    [117, 150],
    [96.8, 162],
    [118, 162],
    [60, 150],
    [158, 160],
  ])('%d at %d: nothing is offered', (typed, carry) => {
    expect(doubtOf(typed, 'yd', next(carry, 5))).toBeNull()
  })

  it.each([
    [105, 150, 'swapped', 150],
    [52, 152, 'missing-digit', 152],
    [62, 162, 'missing-digit', 162],
  ] as const)('%d at %d: another reading is offered', (typed, carry, kind, proposal) => {
    expect(doubtOf(typed, 'yd', next(carry, 3.5))).toEqual({ is: 'short', slip: { kind, proposal } })
  })
})

it('of 300 ordinary mishits none is asked about (seed 4)', () => {
  const roll = dice(4)
  let mishits = 0
  while (mishits < 300) {
    const golfer = NET_LOFT[mishits % NET_LOFT.length]!
    const club = golfer.clubs[mishits % golfer.clubs.length]!
    const { flight, truth } = hitShot(golfer, club, { swing: 'full', position: 0 }, roll)
    const share = flight.carryM / club.trueCarryM
    // Topped ones that roll along the ground are asked about: nobody can tell 15 from 150.
    if (truth === 'solid' || truth === 'misread' || share < 0.27) continue
    mishits++
    const foreseen = { carryM: club.trueCarryM, sdM: 1.1 * golfer.spread * club.trueCarryM }
    const doubt = doubtOf(Math.round(lengthIn(flight.carryM, 'yd')), 'yd', foreseen)
    expect(doubt === null || doubt.is === 'short', `${lengthIn(flight.carryM, 'yd')}`).toBe(true)
  }
})

it('of 300 slips that land above the interval all are asked about (seed 5)', () => {
  const roll = dice(5)
  let slips = 0
  for (let i = 0; slips < 300; i++) {
    const carry = Math.round(roll.between(60, 280))
    const digits = String(Math.round(carry * (1 + roll.normal(0, 0.03))))
    const at = Math.floor(roll.between(0, digits.length))
    const typed = Number(
      [
        () => digits.slice(0, at) + String(Math.floor(roll.between(0, 10))) + digits.slice(at + 1),
        () => digits.slice(0, at) + digits.slice(at + 1),
        () => `${digits}0`,
        () => digits.slice(0, at) + (digits[at + 1] ?? '') + digits[at]! + digits.slice(at + 2),
        () => String(Math.round(Number(digits) / 0.9144)),
      ][i % 5]!(),
    )
    const foreseen = next(carry, 0.035 * carry)
    if (yards(typed) <= foreseen.carryM + 3.09 * foreseen.sdM) continue
    slips++
    expect(doubtOf(typed, 'yd', foreseen)?.is, `${typed} at ${carry}`).toBe('too-long')
  }
})
