import { expect, it } from 'vitest'
import { EMPTY_SET_UP, USUAL_MONITOR } from '../core/session/set-up'
import { check } from './check'
import {
  CLUB_FORM,
  GOLFER_CHANGE,
  HAND_STOCK_FORM,
  MOVE_FORM,
  RULES_FORM,
  EVENT_FORM,
  SESSION_FORM,
  SHOT_DECISION,
  TYPED_SHOTS_FORM,
} from './forms'
import { SET_UP_FORM } from './set-up-form'

const typed = { id: 'a', clubId: 'c', swing: 'full', carryM: 120, hitMs: 0 }

it.each([0, -5, 913, 1e9])('a typed carry of %d m is refused with the limits', (carryM) => {
  const checked = check(TYPED_SHOTS_FORM, { shots: [typed, { ...typed, carryM }] })
  expect(checked.ok || checked.problems).toEqual([
    { field: 'shots.1.carryM', sentence: expect.stringContaining('type a carry from 3 to 450 yd') },
  ])
})

it('450 yd is still a carry', () => {
  expect(check(TYPED_SHOTS_FORM, { shots: [{ ...typed, carryM: 450 * 0.9144 }] }).ok).toBe(true)
})

it('a goal zone that ends before it begins is refused', () => {
  const checked = check(GOLFER_CHANGE, { goalZoneM: [100, 50] })
  expect(checked.ok || checked.problems[0]?.sentence).toContain('must end further than they begin')
})

it('a club needs a kind that there is, and a loft that can be', () => {
  const checked = check(CLUB_FORM, { name: 'Spoon', kind: 'spoon', loftDeg: 95 })
  expect(checked.ok || checked.problems.map(({ field }) => field)).toEqual(['kind', 'loftDeg'])
})

it('a decision about a shot carries what it is about, and nothing else', () => {
  expect(check(SHOT_DECISION, { id: 'a/b', kind: 'mark', mark: 'fat' }).ok).toBe(true)
  expect(check(SHOT_DECISION, { id: 'a', kind: 'mark', mark: null }).ok).toBe(true)
  expect(check(SHOT_DECISION, { id: 'a', kind: 'mark' }).ok).toBe(false)
  expect(check(SHOT_DECISION, { id: 'a', kind: 'released', mark: 'fat' }).ok).toBe(false)
})

it('own limits of a good gap must rise, and nothing is changed by an empty form', () => {
  const zones = (tooClose: number, tooWide: number) => ({ reversed: 0, tooClose: tooClose, tooWide: tooWide })
  const all = (irons: object) => ({ ownZonesM: { top: zones(9, 23), irons, wedges: zones(7, 18) } })
  expect(check(RULES_FORM, all(zones(6, 14))).ok).toBe(true)
  const falling = check(RULES_FORM, all(zones(14, 6)))
  expect(falling.ok || falling.problems[0]?.sentence).toContain('must end further than it begins')
  expect(check(RULES_FORM, {}).ok).toBe(false)
  expect(check(RULES_FORM, { stockRule: 'best of luck' }).ok).toBe(false)
  expect(check(RULES_FORM, { gapRule: 'tenth', ownZonesM: null }).ok).toBe(true)
})

it('a stock by hand is a carry that can be, or null to take it back', () => {
  const stock = { clubId: 'c', swing: 'full', because: 'safe over the burn' }
  expect(check(HAND_STOCK_FORM, { ...stock, carryM: 116.2 }).ok).toBe(true)
  expect(check(HAND_STOCK_FORM, { ...stock, carryM: null, because: '' }).ok).toBe(true)
  const far = check(HAND_STOCK_FORM, { ...stock, carryM: 900 })
  expect(far.ok || far.problems[0]?.field).toBe('carryM')
})

it('a plan is every club in an order, or what is best to hit next', () => {
  const session = (plan?: object) =>
    check(SESSION_FORM, { place: 'indoor', offsetMin: 0, ...(plan && { plan }) }).ok
  expect(session()).toBe(true)
  const block = { clubId: 'c', swing: 'full', shots: 3, day: 1 }
  const plan = { blocks: [block], untilSettled: false, restEvery: 16, restS: 85 }
  expect(session(plan)).toBe(true)
  expect(session({ ...plan, blocks: [{ ...block, shots: 0 }] })).toBe(false)
  expect(session({ ...plan, blocks: [{ ...block, day: 0 }] })).toBe(false)
  expect(session({ blocks: [block] })).toBe(false)
  expect(session({ ...plan, order: 'rounds-of-3' })).toBe(false)
})

it('what is said of a session has just the fields of its kind', () => {
  const ok = (event: object) => check(EVENT_FORM, event).ok
  expect(ok({ kind: 'warm-up', on: true })).toBe(true)
  expect(ok({ kind: 'air', wind: 'felt', tempC: null, surface: null, fromShotId: 's' })).toBe(true)
  expect(ok({ kind: 'expectation', clubId: 'c', swing: 'full', carryM: 112.9 })).toBe(true)
  expect(ok({ kind: 'warm-up', on: true, carryM: 112.9 })).toBe(false)
  expect(ok({ kind: 'air', wind: 'sideways', tempC: null, surface: null })).toBe(false)
  expect(ok({ kind: 'expectation', clubId: 'c', swing: 'full', carryM: 999 })).toBe(false)
})

it('a set-up says null for what was skipped, and nothing that cannot be', () => {
  const refusals = (setUp: object) => {
    const checked = check(SET_UP_FORM, setUp)
    return checked.ok ? [] : checked.problems.map(({ field }) => field)
  }
  const monitor = { profile: USUAL_MONITOR, netM: 2.6, unitM: null, checked: ['level'] }
  expect(refusals(EMPTY_SET_UP)).toEqual([])
  expect(refusals({ ...EMPTY_SET_UP, monitor })).toEqual([])
  expect(refusals({ ...EMPTY_SET_UP, altitudeM: 9000, air: { ...EMPTY_SET_UP.air, humidity: 55 } })).toEqual([
    'air.humidity',
    'altitudeM',
  ])
  const crossed = { ...monitor, profile: { ...USUAL_MONITOR, unitMostM: 1 } }
  expect(refusals({ ...EMPTY_SET_UP, monitor: crossed })).toEqual(['monitor.profile.unitMostM'])
  const twice = {
    ...monitor,
    profile: { ...USUAL_MONITOR, checks: [...USUAL_MONITOR.checks, USUAL_MONITOR.checks[0]!] },
  }
  expect(refusals({ ...EMPTY_SET_UP, monitor: twice })).toEqual(['monitor.profile.checks.4'])
})

it('a run of shots moves to one station, or stays as solid', () => {
  const station = { clubId: 'c', swing: 'full' }
  expect(check(MOVE_FORM, { shotIds: ['a', 'b'], station }).ok).toBe(true)
  expect(check(MOVE_FORM, { shotIds: ['a'], decision: 'solid' }).ok).toBe(true)
  expect(check(MOVE_FORM, { shotIds: [], station }).ok).toBe(false)
  expect(check(MOVE_FORM, { shotIds: ['a'] }).ok).toBe(false)
})

it('a typed shot can be held for a slip, and for nothing else', () => {
  expect(check(TYPED_SHOTS_FORM, { shots: [{ ...typed, heldBecause: 'implausible-carry' }] }).ok).toBe(true)
  expect(check(TYPED_SHOTS_FORM, { shots: [{ ...typed, heldBecause: 'no-station' }] }).ok).toBe(false)
})
