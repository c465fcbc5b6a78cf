import { expect, it } from 'vitest'
import type { Day } from '../core/session/day'
import { EMPTY_SET_UP } from '../core/session/set-up'
import { yards } from '../core/units'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { bagInput, comparingAir } from './bag-input'
import { dayOf, removeVenue, saveVenue, venuesOf, setDay } from './course-days'
import { changeGolfer, golferById } from './golfers'
import { sessionsToAsk } from '@/views/set-ups-behind'
import { leaveAir } from './sessions'
import { keepSetUp, sayAir } from './set-ups'
import { takeShot } from './shots'
import type { ShotId } from '../core/model/ids'

const DAY: Day = {
  place: 'Tarnwick',
  tempC: 9,
  altitudeM: 8,
  seaLevelHpa: 1004,
  humidity: 0.8,
  tailwindMps: -3,
  crosswindMps: 1,
  turf: 'soft',
}

function withShot() {
  const store = storeWithGolfer()
  const { db, clubId, sessionId } = store
  takeShot(db, {
    id: 'shot-1' as ShotId,
    sessionId,
    source: 'typed',
    hitMs: NOW_MS,
    clubLabel: null,
    clubId: clubId('8-iron'),
    swing: 'full',
    carryM: yards(140),
    heldBecause: null,
  })
  return store
}

it('a day reads back as it was set, and the last one holds', () => {
  const { db, golfer } = storeWithGolfer()
  expect(dayOf(db, golfer.id)).toBeNull()
  setDay(db, golfer.id, DAY, NOW_MS)
  setDay(db, golfer.id, { ...DAY, tempC: 12 }, NOW_MS + 1)
  expect(dayOf(db, golfer.id)).toEqual({ day: { ...DAY, tempC: 12 }, setMs: NOW_MS + 1 })
})

it('places are kept by name, whatever its letters, and forgotten', () => {
  const { db, golfer } = storeWithGolfer()
  saveVenue(db, golfer.id, { name: 'Tarnwick', altitudeM: 8, turf: 'normal' })
  saveVenue(db, golfer.id, { name: 'tarnwick', altitudeM: 9, turf: 'firm' })
  expect(venuesOf(db, golfer.id)).toEqual([{ name: 'tarnwick', altitudeM: 9, turf: 'firm' }])
  removeVenue(db, golfer.id, 'Tarnwick')
  expect(venuesOf(db, golfer.id)).toEqual([])
})

it('shots carry the air of their session once it was said', () => {
  const { db, golfer, bag, sessionId } = withShot()
  const airs = () => bagInput(db, golfer, bag, NOW_MS + 1).shots.map(({ air }) => air)
  expect(airs()).toEqual([undefined])
  keepSetUp(db, golfer.id, sessionId, {
    ...EMPTY_SET_UP,
    carryFrom: 'computed',
    deviceTempC: 25,
    altitudeM: 0,
    altitudeOf: 'here',
  })
  expect(airs()).toMatchObject([{ tempC: 25, pressureHpa: 1013.25 }])
})

it('a session without air is asked about once, and left alone when the golfer says so', () => {
  const { db, golfer, sessionId } = withShot()
  expect(sessionsToAsk(db, golfer, NOW_MS + 1)).toMatchObject([
    { id: sessionId, shots: 1, missing: ['carry-from', 'device-air'] },
  ])
  leaveAir(db, sessionId)
  expect(sessionsToAsk(db, golfer, NOW_MS + 1)).toEqual([])
})

it('air that is said for several sessions reaches each of them, in one gap', () => {
  const { db, golfer, bag, sessionId } = withShot()
  sayAir(db, golfer.id, [
    {
      sessions: [sessionId],
      carryFrom: 'computed',
      deviceTempC: 22,
      altitudeM: 100,
      tempC: null,
      windMps: null,
      wind: null,
    },
  ])
  expect(sessionsToAsk(db, golfer, NOW_MS + 1)).toEqual([])
  expect(bagInput(db, golfer, bag, NOW_MS + 1).shots).toMatchObject([{ air: { tempC: 22 } }])
})

it('the reference air and whether tables stand in it are the golfer’s', () => {
  const { db, golfer } = storeWithGolfer()
  expect(golfer.referenceAir).toEqual({ tempC: 20, pressureHpa: 1013.25, humidity: 0.5 })
  expect(comparingAir(golfer)).toBeNull()
  changeGolfer(db, golfer, {
    compareIn: 'reference',
    referenceAir: { tempC: 15, pressureHpa: 1000, humidity: 0.6 },
  })
  const changed = golferById(db, golfer.id)!
  expect(comparingAir(changed)).toEqual({
    tempC: 15,
    pressureHpa: 1000,
    humidity: 0.6,
    tailwindMps: 0,
    crosswindMps: 0,
  })
})
