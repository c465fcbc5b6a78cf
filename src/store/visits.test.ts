import { describe, expect, it } from 'vitest'
import { addSecondGolfer, NOW_MS, storeWithGolfer } from '../../tests/store'
import { BAG_TEMPLATES } from '../core/bag/bag-templates'
import type { GolferId, SessionId, VisitId } from '../core/model/ids'
import { arrive } from './arrivals'
import { bagOf } from './bags'
import { correctClub } from './clubs'
import { removeGolfer } from './golfer-document'
import { allGolfers, golferById } from './golfers'
import { receivedBy } from './receivers'
import { currentSession } from './sessions'
import {
  afterPlayOf,
  changeVisit,
  deskSettings,
  dropVisit,
  hasDesk,
  planVisit,
  sayAfterPlay,
  setDesk,
  visitById,
  visitsBetween,
  visitsOf,
} from './visits'

const ID = 'visit-1' as VisitId
const VISIT = { atMs: NOW_MS, offsetMin: 60, minutes: 72, toDo: 'the wedges', words: null, followUp: null }

describe('a visit', () => {
  it('is planned once, changed by whoever has read it as it is, and by nobody who has not', () => {
    const { db, golfer } = storeWithGolfer()
    planVisit(db, golfer.id, ID, VISIT)
    planVisit(db, golfer.id, ID, { ...VISIT, minutes: 5 })
    expect(visitsOf(db, golfer.id)).toEqual([
      { ...VISIT, id: ID, golferId: golfer.id, endedMs: null, changes: 0 },
    ])
    const followUp = { after: 3, in: 'weeks' as const, look: null }
    expect(changeVisit(db, ID, 0, { words: 'Well hit.', followUp, ended: true }, NOW_MS + 9)).toBe('changed')
    // Another coach, who had read it before, writes over nothing.
    expect(changeVisit(db, ID, 0, { words: 'Badly hit.' }, NOW_MS + 10)).toBe('changed-since')
    expect(visitById(db, ID)).toMatchObject({
      ...{ words: 'Well hit.', followUp, toDo: 'the wedges', endedMs: NOW_MS + 9, changes: 1 },
    })
    // It ended when it first did; it can go on, and end again.
    expect(changeVisit(db, ID, 1, { ended: true }, NOW_MS + 99)).toBe('changed')
    expect(visitById(db, ID)?.endedMs).toBe(NOW_MS + 9)
    expect(changeVisit(db, ID, 2, { ended: false, followUp: null }, NOW_MS)).toBe('changed')
    expect(visitById(db, ID)).toMatchObject({ endedMs: null, followUp: null, words: 'Well hit.' })
    expect(changeVisit(db, 'none' as VisitId, 0, {}, NOW_MS)).toBe('gone')
  })

  it('keeps what was said after play, goes from the desk with it, and goes with its golfer', () => {
    const { db, golfer, clubId } = storeWithGolfer()
    planVisit(db, golfer.id, ID, VISIT)
    const fields = {
      ...{ enteredMs: NOW_MS, missingM: 80, off: { clubId: clubId('9-iron'), went: 'short' as const } },
      ...{ unusedId: null, words: 'windy' },
    }
    expect(afterPlayOf(db, ID)).toBeNull()
    sayAfterPlay(db, ID, { ...fields, missingM: null })
    sayAfterPlay(db, ID, fields)
    expect(afterPlayOf(db, ID)).toEqual(fields)
    expect(visitsBetween(db, NOW_MS, NOW_MS + 1)).toHaveLength(1)
    expect(visitsBetween(db, NOW_MS + 1, NOW_MS + 2)).toEqual([])
    dropVisit(db, ID)
    expect(visitById(db, ID)).toBeNull()
    planVisit(db, golfer.id, ID, VISIT)
    sayAfterPlay(db, ID, fields)
    removeGolfer(db, golfer.id)
    expect(
      db.prepare('SELECT (SELECT count(*) FROM visit) + (SELECT count(*) FROM after_play)').pluck().get(),
    ).toBe(0)
  })

  it('the desk is there with the second golfer, or where one alone wants it', () => {
    const { db } = storeWithGolfer()
    expect([hasDesk(db), deskSettings(db)]).toEqual([false, { coach: null, wanted: false }])
    setDesk(db, { coach: null, wanted: true })
    expect(hasDesk(db)).toBe(true)
    setDesk(db, { coach: 'Ottoline Brack', wanted: false })
    expect([hasDesk(db), deskSettings(db).coach]).toEqual([false, 'Ottoline Brack'])
    addSecondGolfer(db)
    expect(hasDesk(db)).toBe(true)
  })
})

describe('a golfer who is new at the desk', () => {
  const coach = (name: string) => ({
    ...{ golferId: `${name}-id` as GolferId, sessionId: `${name}-session` as SessionId, name },
    ...{ hand: 'left' as const, lengthUnit: 'm' as const, speedUnit: 'km/h' as const },
    ...{ place: 'range' as const, offsetMin: 60, receives: true },
  })

  it('has a bag, an open session and the monitors, which another golfer had', () => {
    const { db, golfer, clubId } = storeWithGolfer()
    const seven = bagOf(db, golfer.id)!.clubs.find(({ name }) => name === '7-iron')!
    const { name, kind, loftDeg, build } = seven
    correctClub(db, golfer.id, clubId('7-iron'), {
      ...{ name, kind, loftDeg },
      build: { ...build, liking: 5, oneLie: true, shaft: 'steel' },
    })
    expect(receivedBy(db, golfer.id, NOW_MS)).toEqual([''])
    const clubs = bagOf(db, golfer.id)!.clubs
    expect(arrive(db, { ...coach('Senara'), clubs }, NOW_MS + 1000)).toBe('arrived')
    const id = 'Senara-id' as GolferId
    expect(golferById(db, id)).toMatchObject({ hand: 'left', lengthUnit: 'm', goalZoneM: null })
    const copy = bagOf(db, id)!.clubs
    expect(copy.map(({ name, loftDeg }) => [name, loftDeg])).toEqual(
      clubs.map(({ name, loftDeg }) => [name, loftDeg]),
    )
    // What is the other golfer's own stays with them.
    const build7 = copy.find(({ name }) => name === '7-iron')!.build
    expect([build7.shaft, build7.liking, build7.oneLie]).toEqual(['steel', undefined, undefined])
    expect(copy.every(({ id: own }) => !clubs.some(({ id }) => id === own))).toBe(true)
    expect(currentSession(db, id, NOW_MS + 2000)).toMatchObject({ id: 'Senara-session', place: 'range' })
    expect([receivedBy(db, id, NOW_MS + 2000), receivedBy(db, golfer.id, NOW_MS + 2000)]).toEqual([[''], []])
  })

  it('whose name is taken is not there at all; without the monitors they stay where they were', () => {
    const { db, golfer } = storeWithGolfer()
    const clubs = BAG_TEMPLATES[0]!.clubs
    expect(arrive(db, { ...coach('Merryn Oates'), clubs }, NOW_MS)).toBe('name-taken')
    expect(allGolfers(db)).toHaveLength(1)
    expect(arrive(db, { ...coach('Piran'), clubs, receives: false }, NOW_MS + 1000)).toBe('arrived')
    expect(receivedBy(db, golfer.id, NOW_MS + 2000)).toEqual([''])
  })
})
