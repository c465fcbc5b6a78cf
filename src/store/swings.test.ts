import { expect, it } from 'vitest'
import { yards } from '../core/units'
import type { ShotId } from '../core/model/ids'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { addDrillShot, drillShots, undoDrillShot } from './drills'
import { golferById } from './golfers'
import { takeShot } from './shots'
import { defineSwing, dropWanted, swingDefinitions, wantedStations, wantStations } from './swings'

function hitHalf({ db, clubId, sessionId }: ReturnType<typeof storeWithGolfer>): void {
  takeShot(db, {
    id: 'half-1' as ShotId,
    sessionId,
    source: 'typed',
    hitMs: NOW_MS,
    clubLabel: null,
    clubId: clubId('58° wedge'),
    swing: 'half',
    carryM: yards(48),
    heldBecause: null,
  })
}

const NINE = { clock: 9, lengthShare: null, gripDownCm: 0, tempo: null }

it('a changed definition starts a new swing, and the old one keeps its shots', () => {
  const store = storeWithGolfer()
  const { db, golfer } = store
  expect(defineSwing(db, golfer.id, 'half', NINE, NOW_MS)).toBe('half')
  // Nothing was hit with it yet: it may be said otherwise.
  expect(defineSwing(db, golfer.id, 'half', { ...NINE, clock: 8.5 }, NOW_MS + 1)).toBe('half')
  hitHalf(store)
  expect(defineSwing(db, golfer.id, 'half', { ...NINE, clock: 8.5 }, NOW_MS + 2)).toBe('half')
  expect(defineSwing(db, golfer.id, 'half', { ...NINE, gripDownCm: 2 }, NOW_MS + 3)).toBe('half 2')
  expect(golferById(db, golfer.id)?.swings).toEqual(['full', 'three-quarter', 'half 2'])
  expect(swingDefinitions(db, golfer.id)).toMatchObject([
    { swing: 'half', clock: 8.5, untilMs: NOW_MS + 3 },
    { swing: 'half 2', gripDownCm: 2, untilMs: null },
  ])
})

it('a definition that nobody had said describes the shots that are there', () => {
  const store = storeWithGolfer()
  const { db, golfer } = store
  hitHalf(store)
  expect(defineSwing(db, golfer.id, 'half', NINE, NOW_MS)).toBe('half')
})

it('stations are put aside for the next plan once each, and dropped', () => {
  const { db, golfer, clubId } = storeWithGolfer()
  const half = { clubId: clubId('58° wedge'), swing: 'half' }
  wantStations(db, golfer.id, [half, half, { ...half, swing: 'three-quarter' }])
  expect(wantedStations(db, golfer.id)).toHaveLength(2)
  dropWanted(db, golfer.id, half)
  expect(wantedStations(db, golfer.id)).toEqual([{ ...half, swing: 'three-quarter' }])
})

it('drill shots are kept in their order, and the last one can be taken back', () => {
  const { db, golfer, clubId } = storeWithGolfer()
  const shot = (calledYd: number) => ({
    drill: 'd',
    atMs: NOW_MS + calledYd,
    calledM: yards(calledYd),
    clubId: clubId('58° wedge'),
    swing: 'half',
    finishM: yards(50),
  })
  addDrillShot(db, golfer.id, shot(52))
  // Sent again it counts once.
  addDrillShot(db, golfer.id, shot(52))
  addDrillShot(db, golfer.id, shot(47))
  undoDrillShot(db, golfer.id, 'd')
  expect(drillShots(db, golfer.id)).toEqual([shot(52)])
})
