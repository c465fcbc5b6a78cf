import { describe, expect, it } from 'vitest'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import type { ClubId, SessionId, ShotId } from '../core/model/ids'
import { exclusionOf, PLAIN } from '../core/session/conditions'
import { EMPTY_SET_UP, USUAL_MONITOR, type SetUp } from '../core/session/set-up'
import { yards } from '../core/units'
import { bagInput } from './bag-input'
import { receiveShot } from './feed'
import { undoLast } from './journal'
import { cameRangeNotClear, lastClearMs, sayClear } from './range-clear'
import { conditionsOfShots, expectationsOf, saySession } from './session-events'
import {
  addEvents,
  historyOfShot,
  shotById,
  shotsOfSession,
  takeShot,
  takeShots,
  type NewShot,
} from './shots'
import { openStation, startSession } from './sessions'
import { takeTyped } from './typed-shots'
import { keepSetUp, lastSetUp, monitorProfiles, setUpOf } from './set-ups'

function bay() {
  const store = storeWithGolfer()
  const { db, sessionId, clubId } = store
  let hit = 0
  const typed = (carryYd: number, more: Partial<NewShot> = {}): NewShot => ({
    id: `shot-${++hit}` as ShotId,
    sessionId,
    source: 'typed',
    hitMs: NOW_MS + hit * 30_000,
    clubLabel: null,
    clubId: clubId('8-iron'),
    swing: 'full',
    carryM: yards(carryYd),
    heldBecause: null,
    ...more,
  })
  const excluded = () => {
    const conditions = conditionsOfShots(db, store.golfer.id)
    return shotsOfSession(db, sessionId).map(({ seq }) => exclusionOf(conditions(sessionId, seq)))
  }
  return { ...store, typed, excluded }
}
const WIND = { kind: 'air', wind: 'felt', tempC: null, surface: null } as const

describe('what is said of a session', () => {
  it('holds for the shots since, and is undone in its turn', () => {
    const { db, sessionId, typed, excluded } = bay()
    saySession(db, sessionId, { kind: 'warm-up', on: true }, NOW_MS)
    takeShot(db, typed(118))
    saySession(db, sessionId, { kind: 'warm-up', on: false }, NOW_MS)
    takeShot(db, typed(126))
    saySession(db, sessionId, WIND, NOW_MS)
    takeShot(db, typed(119))
    expect(excluded()).toEqual(['warm-up', null, 'wind'])
    undoLast(db, sessionId, NOW_MS)
    expect(excluded()).toEqual(['warm-up', null])
    undoLast(db, sessionId, NOW_MS)
    takeShot(db, typed(120))
    expect(excluded()).toEqual(['warm-up', null, null])
    for (let times = 0; times < 3; times++) undoLast(db, sessionId, NOW_MS)
    expect(excluded()).toEqual(['warm-up'])
    undoLast(db, sessionId, NOW_MS)
    undoLast(db, sessionId, NOW_MS)
    expect(undoLast(db, sessionId, NOW_MS)).toBe('nothing')
  })

  it('can be said late, from a shot on', () => {
    const { db, sessionId, typed, excluded } = bay()
    const shots = [126, 127, 119].map((carry) => typed(carry))
    shots.forEach((shot) => takeShot(db, shot))
    const from = shotById(db, shots[1]!.id)!.seq
    saySession(db, sessionId, WIND, NOW_MS, from)
    expect(excluded()).toEqual([null, 'wind', 'wind'])
  })

  it('says nothing of another session, nor of shots that a file brought', () => {
    const { db, golfer, bag, sessionId, typed } = bay()
    saySession(db, sessionId, WIND, NOW_MS)
    takeShot(db, typed(126))
    db.prepare("INSERT INTO file_import VALUES ('f', ?, 'f.csv', 0)").run(golfer.id)
    takeShot(db, typed(127, { source: 'file', importId: 'f' }))
    expect(bagInput(db, golfer, bag, NOW_MS + 60_000).shots.map(({ exclusion }) => exclusion)).toEqual([
      'wind',
      undefined,
    ])
    expect(conditionsOfShots(db, golfer.id)('session-2' as never, 99)).toEqual(PLAIN)
  })

  it('wind that the set-up names holds from the first shot on', () => {
    const { db, golfer, sessionId, typed, excluded } = bay()
    keepSetUp(db, golfer.id, sessionId, { ...EMPTY_SET_UP, air: { ...EMPTY_SET_UP.air, wind: 'into' } })
    takeShot(db, typed(120))
    saySession(db, sessionId, { ...WIND, wind: null }, NOW_MS)
    takeShot(db, typed(126))
    expect(excluded()).toEqual(['wind', null])
  })

  it('an expectation is the last word on its station', () => {
    const { db, sessionId, clubId } = bay()
    const say = (club: ClubId, carryM: number) =>
      saySession(db, sessionId, { kind: 'expectation', clubId: club, swing: 'full', carryM }, NOW_MS)
    say(clubId('8-iron'), 120)
    say(clubId('7-iron'), 130)
    say(clubId('8-iron'), 118)
    const carries = () => expectationsOf(db, sessionId).map(({ carryM }) => carryM)
    expect(carries()).toEqual([130, 118])
    undoLast(db, sessionId, NOW_MS)
    expect(carries()).toEqual([120, 130])
  })
})

describe('shots typed together', () => {
  it('are one action, and none is taken where one is another shot', () => {
    const { db, sessionId, typed } = bay()
    const three = [typed(126), typed(127), typed(128)]
    expect(takeShots(db, three)).toBe(true)
    expect(takeShots(db, [typed(129), { ...three[0]!, carryM: yards(99) }])).toBe(false)
    expect(shotsOfSession(db, sessionId)).toHaveLength(3)
    undoLast(db, sessionId, NOW_MS)
    expect(shotsOfSession(db, sessionId)).toHaveLength(0)
  })

  it('keep their history, with what was undone', () => {
    const { db, sessionId, typed } = bay()
    const shot = typed(126)
    takeShot(db, shot)
    const { seq } = shotById(db, shot.id)!
    addEvents(db, [{ shotSeq: seq, event: { kind: 'mark', mark: 'fat' } }], NOW_MS)
    undoLast(db, sessionId, NOW_MS + 5)
    expect(historyOfShot(db, shot.id)).toMatchObject([
      { kind: 'taken', undoneMs: null },
      { kind: 'mark', mark: 'fat', undoneMs: NOW_MS + 5 },
    ])
  })
})

describe('the range is clear', () => {
  const post = (id: string, hitMs: number) => ({
    id: id as ShotId,
    hitMs,
    monitor: null,
    clubLabel: null,
    swing: null,
    unknownFields: [],
    posted: id,
    carryM: yards(130),
  })

  it('until five minutes without a ball; then the first shots wait for the word', () => {
    const { db, sessionId } = bay()
    const nine = NOW_MS + 9 * 60_000
    expect(receiveShot(db, post('a', NOW_MS + 240_000), NOW_MS, 0).heldBecause).toBeNull()
    expect(cameRangeNotClear(db, sessionId, nine - 1, nine - 1)).toBe(false)
    expect(receiveShot(db, post('b', nine), nine, 0).heldBecause).toBe('range-not-clear')
    expect(receiveShot(db, post('c', nine + 20_000), nine, 0).heldBecause).toBe('range-not-clear')
    sayClear(db, sessionId, nine + 30_000, nine + 30_000)
    expect(shotsOfSession(db, sessionId).map(({ heldBecause }) => heldBecause)).toEqual([null, null, null])
    expect(receiveShot(db, post('d', nine + 60_000), nine, 0).heldBecause).toBeNull()
  })

  it('takes no shot that waits for something else too', () => {
    const { db, sessionId } = bay()
    const late = NOW_MS + 20 * 60_000
    receiveShot(db, { ...post('a', late), clubLabel: 'spoon' }, late, 0)
    sayClear(db, sessionId, late, late)
    expect(shotsOfSession(db, sessionId)[0]?.heldBecause).toBe('unknown-club')
  })

  it('an answer about the club is none about the range: the shot waits on, and so do those after it', () => {
    const { db, sessionId, clubId, typed } = bay()
    openStation(db, sessionId, { clubId: clubId('7-iron'), swing: 'full' }, NOW_MS)
    const late = NOW_MS + 6 * 60_000
    receiveShot(db, { ...post('a', late), clubLabel: '8-iron' }, late, 0)
    const held = () => shotsOfSession(db, sessionId).map(({ heldBecause }) => heldBecause)
    expect(held()).toEqual(['other-station'])
    // What the page asks by: nothing that waits says that the range is clear.
    expect(lastClearMs(db, sessionId, late)).toBe(NOW_MS)
    const [{ seq } = { seq: 0 }] = shotsOfSession(db, sessionId)
    addEvents(db, [{ shotSeq: seq, event: { kind: 'released' } }], late)
    expect(held()).toEqual(['range-not-clear'])
    receiveShot(db, post('b', late + 20_000), late + 20_000, 0)
    takeTyped(db, sessionId, { shots: [typed(126, { hitMs: late + 40_000 })] as never }, late + 40_000)
    expect(held()).toEqual(['range-not-clear', 'range-not-clear', 'range-not-clear'])
    sayClear(db, sessionId, late + 60_000, late + 60_000)
    expect(held()).toEqual([null, null, null])
    // It is no act that undo takes back: the last shot is.
    undoLast(db, sessionId, late + 70_000)
    expect(held()).toEqual([null, null])
  })

  it('a word of before a pause that comes late clears nothing that was hit after it', () => {
    const { db, sessionId, typed } = bay()
    const late = NOW_MS + 20 * 60_000
    receiveShot(db, post('a', late), late, 0)
    // The next typed shot brings the last word that its page knows.
    takeTyped(
      db,
      sessionId,
      { shots: [typed(126, { hitMs: late + 30_000 })] as never, clearMs: NOW_MS + 1000 },
      late + 30_000,
    )
    expect(shotsOfSession(db, sessionId).map(({ heldBecause }) => heldBecause)).toEqual([
      'range-not-clear',
      'range-not-clear',
    ])
  })

  it('clears a shot that a clock ahead of this one dates later than the word', () => {
    const { db, sessionId } = bay()
    const late = NOW_MS + 20 * 60_000
    receiveShot(db, post('a', late + 5 * 60_000), late, 0)
    sayClear(db, sessionId, late, late)
    expect(shotsOfSession(db, sessionId)[0]?.heldBecause).toBeNull()
  })
})

describe('a set-up', () => {
  const setUp: SetUp = {
    surface: 'mat',
    ball: 'range ball',
    ballTempC: 12,
    air: {
      tempC: 17.5,
      pressureHpa: 1008.25,
      humidity: 0.55,
      windMps: 3,
      wind: 'into',
      seaLevelHpa: 1009,
      windHeightM: 2,
      source: 'typed',
    },
    altitudeM: 1450,
    altitudeOf: 'home',
    carryFrom: 'measured',
    deviceTempC: null,
    monitor: {
      profile: { ...USUAL_MONITOR, name: 'Loft' },
      netM: 2.6,
      unitM: null,
      checked: ['level'],
    },
  }

  it('reads back as it was kept, also half said, and the last one is at hand', () => {
    const { db, golfer, sessionId } = bay()
    expect(setUpOf(db, sessionId)).toBeNull()
    keepSetUp(db, golfer.id, sessionId, setUp)
    expect(setUpOf(db, sessionId)).toEqual(setUp)
    expect(lastSetUp(db, golfer.id)).toEqual(setUp)
    keepSetUp(db, golfer.id, sessionId, EMPTY_SET_UP)
    expect(setUpOf(db, sessionId)).toEqual(EMPTY_SET_UP)
  })

  it('what is said keeps its range in the tables too', () => {
    const { db, sessionId } = bay()
    const air = { kind: 'air', wind: null, surface: null } as const
    expect(() => saySession(db, sessionId, { ...air, tempC: 99 }, NOW_MS)).toThrow('CHECK')
    saySession(db, sessionId, { ...air, tempC: 19 }, NOW_MS)
    saySession(db, sessionId, { ...air, tempC: null }, NOW_MS)
  })

  it('keeps the monitor as its owner describes it; a session keeps it as it was', () => {
    const { db, golfer, sessionId } = bay()
    keepSetUp(db, golfer.id, sessionId, setUp)
    const changed = { ...setUp.monitor!.profile, netLeastM: 3.5, checks: [{ what: 'warm', touches: 'spin' }] }
    keepSetUp(db, golfer.id, sessionId, setUp)
    expect(monitorProfiles(db, golfer.id)).toEqual([setUp.monitor!.profile])
    const visit = { golferId: golfer.id, startedMs: NOW_MS + 1, offsetMin: 0, place: null }
    startSession(db, visit, 'later' as SessionId)
    keepSetUp(db, golfer.id, 'later' as SessionId, {
      ...setUp,
      monitor: { ...setUp.monitor!, profile: changed },
    })
    expect(monitorProfiles(db, golfer.id)).toEqual([changed])
    expect(setUpOf(db, sessionId)?.monitor?.profile).toEqual(setUp.monitor!.profile)
  })
})
