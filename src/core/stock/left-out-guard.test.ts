import { describe, expect, it } from 'vitest'
import type { ClubId, ShotId } from '../model/ids'
import { lengthIn, yards } from '../units'
import { leftOutGuard, type GuardedShot } from './left-out-guard'
import type { Mark } from '../model/mark'

const station = { clubId: '7-iron' as ClubId, swing: 'full' }
const shot = (carry: number, mark?: Mark, unmarkedSolid = 0.9): GuardedShot => ({
  id: String(carry) as ShotId,
  carryM: yards(carry),
  mark,
  included: mark === undefined || mark === 'solid',
  unmarkedSolid,
})

describe('the guard against choosing the answer', () => {
  it('says that only long ones were taken out: 139.5 became 133.8', () => {
    const shots = [
      shot(133.2),
      shot(134.4),
      ...[141.6, 142.8, 143.6, 141.4].map((carry) => shot(carry, 'misread')),
    ]
    const found = leftOutGuard(station, shots)!
    expect(found).toMatchObject({ side: 'long', shotIds: ['141.6', '142.8', '143.6', '141.4'] })
    expect(lengthIn(found.withM, 'yd')).toBeCloseTo(139.5, 6)
    expect(lengthIn(found.withoutM, 'yd')).toBeCloseTo(133.8, 6)
  })

  it('hears a strike that the numbers show, and no other', () => {
    const fat = [110, 112, 115].map((carry) => shot(carry, 'fat', 0.02))
    expect(leftOutGuard(station, [shot(140), shot(141), shot(139), ...fat])).toBeNull()
    const called = [134, 134.5, 133].map((carry) => shot(carry, 'fat', 0.8))
    expect(leftOutGuard(station, [shot(140), shot(141), shot(139), ...called])?.side).toBe('short')
  })

  it.each([
    ['two', [shot(140), shot(139), shot(146, 'misread'), shot(147, 'misread')]],
    ['both sides', [shot(140), shot(139), shot(146, 'misread'), shot(147, 'misread'), shot(130, 'misread')]],
    ['a yard', [shot(140), shot(141), shot(141.5, 'misread'), shot(141.6, 'misread'), shot(142, 'misread')]],
  ])('is silent about %s', (_, shots) => {
    expect(leftOutGuard(station, shots)).toBeNull()
  })
})
