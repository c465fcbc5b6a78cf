import { expect, it } from 'vitest'
import { check } from './check'
import { CLUB_FORM, GOLFER_CHANGE, SHOT_DECISION, TYPED_SHOT_FORM } from './forms'

const typed = { id: 'a', clubId: 'c', swing: 'full', carryM: 120, hitMs: 0 }

it.each([0, -5, 913, 1e9])('a typed carry of %d m is refused with the limits', (carryM) => {
  const checked = check(TYPED_SHOT_FORM, { ...typed, carryM })
  expect(checked.ok || checked.problems).toEqual([
    { field: 'carryM', sentence: expect.stringContaining('type a carry from 3 to 450 yd') },
  ])
})

it('450 yd is still a carry', () => {
  expect(check(TYPED_SHOT_FORM, { ...typed, carryM: 450 * 0.9144 }).ok).toBe(true)
})

it('a goal zone that ends before it begins is refused', () => {
  const checked = check(GOLFER_CHANGE, { goalZoneM: [100, 50] })
  expect(checked.ok || checked.problems[0]?.sentence).toContain('must end further than it begins')
})

it('a club needs a kind that there is, and a loft that can be', () => {
  const checked = check(CLUB_FORM, { name: 'Spoon', kind: 'spoon', loftDeg: 95 })
  expect(checked.ok || checked.problems.map(({ field }) => field)).toEqual(['kind', 'loftDeg'])
})

it('a decision about a shot carries what it is about, and nothing else', () => {
  expect(check(SHOT_DECISION, { kind: 'mark', mark: 'fat' }).ok).toBe(true)
  expect(check(SHOT_DECISION, { kind: 'mark', mark: null }).ok).toBe(true)
  expect(check(SHOT_DECISION, { kind: 'mark' }).ok).toBe(false)
  expect(check(SHOT_DECISION, { kind: 'released', mark: 'fat' }).ok).toBe(false)
})
