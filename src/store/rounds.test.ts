import { describe, expect, it } from 'vitest'
import { addSecondGolfer, NOW_MS, storeWithGolfer } from '../../tests/store'
import type { GolferId, RoundId, RoundShotId } from '@/core/model/ids'
import type { RoundEvent } from '@/core/rounds/round'
import { openDatabase, type Database } from './database'
import { removeGolfer, writeGolferDocument } from './golfer-document'
import { restoreGolfer } from './restore-golfer'
import {
  asOnCourse,
  changeRound,
  openRound,
  roundById,
  roundsOf,
  appendRoundEvents,
  setAsOnCourse,
  takeRounds,
  undoOfRound,
} from './rounds'

const ROUND = 'round-1' as RoundId
const DAY = { tempC: 12, altitudeM: 30, seaLevelHpa: 1012, humidity: 0.7, turf: 'soft' } as const

function storeWithRound() {
  const { db, golfer, clubId } = storeWithGolfer()
  const round = {
    id: ROUND,
    place: 'Skerrow Links',
    openedMs: NOW_MS,
    offsetMin: 60,
    competition: false,
    day: DAY,
  }
  openRound(db, golfer.id, round)
  const word = (eventId: string, shot: string, club: string, more: Partial<RoundEvent> = {}): RoundEvent => ({
    ...{ said: eventId, id: shot as RoundShotId, atMs: NOW_MS, clubId: clubId(club), swing: 'full' },
    ...{ leftM: 130, afterM: null, carryM: null, lie: 'fairway' },
    ...more,
  })
  return { db, golfer, round, word }
}
/** A golfer's document as text. */
function written(db: Database, id: GolferId): string {
  const parts: string[] = []
  writeGolferDocument(db, id, (part) => parts.push(part))
  return parts.join('')
}
const clubsIn = (db: ReturnType<typeof openDatabase>) => roundById(db, ROUND)?.shots.map(({ leftM }) => leftM)

describe('a round', () => {
  it('keeps its place, day and shots in the order in which they were named', () => {
    const { db, golfer, round, word } = storeWithRound()
    appendRoundEvents(db, ROUND, [word('w1', 'a', 'Driver', { leftM: 330, lie: 'tee' })], 'w1')
    appendRoundEvents(db, ROUND, [word('w2', 'b', '7-iron')], 'w2')
    appendRoundEvents(db, ROUND, [word('w3', 'a', 'Driver', { leftM: 331, lie: 'tee' })], 'w3')
    expect(roundById(db, ROUND)).toMatchObject({ ...round, golferId: golfer.id, undoable: 'w3' })
    expect(clubsIn(db)).toEqual([331, 130])
    expect(roundsOf(db, golfer.id)).toHaveLength(1)
  })

  it('that is opened again, and a word that comes again, change nothing', () => {
    const { db, golfer, round, word } = storeWithRound()
    appendRoundEvents(db, ROUND, [word('w1', 'a', '7-iron')], 'w1')
    openRound(db, golfer.id, { ...round, place: 'elsewhere' })
    appendRoundEvents(db, ROUND, [word('w1', 'a', 'Driver', { leftM: 1 })], 'again')
    expect(roundById(db, ROUND)).toMatchObject({ place: 'Skerrow Links', shots: [{ leftM: 130 }] })
  })

  it('takes back its newest words, those that came together at once, and no others', () => {
    const { db, word } = storeWithRound()
    appendRoundEvents(db, ROUND, [word('w1', 'a', '7-iron')], 'first')
    appendRoundEvents(db, ROUND, [word('w2', 'b', '8-iron'), word('w3', 'c', '9-iron')], 'second')
    appendRoundEvents(db, ROUND, [word('w4', 'a', '7-iron', { gone: true })], 'third')
    expect(clubsIn(db)).toHaveLength(2)
    expect(undoOfRound(db, ROUND, 'second', NOW_MS)).toBe(false)
    expect(undoOfRound(db, ROUND, 'third', NOW_MS)).toBe(true)
    expect(clubsIn(db)).toHaveLength(3)
    expect(undoOfRound(db, ROUND, 'second', NOW_MS)).toBe(true)
    expect(clubsIn(db)).toHaveLength(1)
    // What was said stays in the store, whatever was undone.
    expect(db.prepare('SELECT count(*) FROM round_said').pluck().get()).toBe(4)
    // A word that was undone and is sent once more stays undone.
    appendRoundEvents(db, ROUND, [word('w2', 'b', '8-iron')], 'late')
    expect(clubsIn(db)).toHaveLength(1)
  })

  it('is changed in what is given, removed from everywhere, and put back', () => {
    const { db, golfer } = storeWithRound()
    changeRound(db, ROUND, { competition: true, place: null, day: { ...DAY, turf: 'firm' } }, NOW_MS)
    expect(roundById(db, ROUND)).toMatchObject({
      competition: true,
      place: null,
      day: { turf: 'firm', tempC: 12 },
    })
    changeRound(db, ROUND, { removed: true }, NOW_MS)
    expect(roundById(db, ROUND)).toBeNull()
    expect(roundById(db, ROUND, true)).not.toBeNull()
    expect(roundsOf(db, golfer.id)).toEqual([])
    changeRound(db, ROUND, { removed: false }, NOW_MS)
    expect(roundsOf(db, golfer.id)).toHaveLength(1)
  })

  it('with an unknown club is refused whole', () => {
    const { db, word } = storeWithRound()
    const strange = { ...word('w2', 'b', '7-iron'), clubId: 'nobody' as RoundEvent['clubId'] }
    expect(() => appendRoundEvents(db, ROUND, [word('w1', 'a', '7-iron'), strange], 'both')).toThrow()
    expect(clubsIn(db)).toEqual([])
  })

  it('of a file is taken once', () => {
    const { db, golfer, round, word } = storeWithRound()
    const file = [
      {
        round: { ...round, id: 'round-2' as RoundId },
        said: [word('f1', 'x', '7-iron'), word('f2', 'y', 'Driver')],
      },
    ]
    expect(takeRounds(db, golfer.id, file, 'import')).toBe(2)
    expect(takeRounds(db, golfer.id, file, 'import again')).toBe(0)
    expect(
      roundsOf(db, golfer.id)
        .map(({ shots }) => shots.length)
        .toSorted(),
    ).toEqual([0, 2])
  })

  it('goes out with its golfer and comes back, undone words and all; removed, nothing of it stays', () => {
    const { db, golfer, word } = storeWithRound()
    appendRoundEvents(db, ROUND, [word('w1', 'a', '7-iron')], 'w1')
    appendRoundEvents(db, ROUND, [word('w2', 'b', 'Driver')], 'w2')
    undoOfRound(db, ROUND, 'w2', NOW_MS)
    setAsOnCourse(db, golfer.id, { kind: 'iron', on: true }, NOW_MS)
    const text = written(db, golfer.id)
    const other = openDatabase(':memory:')
    const id = restoreGolfer(other, JSON.parse(text))
    expect(roundsOf(other, id)).toEqual(roundsOf(db, golfer.id))
    expect(written(other, id)).toBe(text)
    const second = addSecondGolfer(db)
    removeGolfer(db, golfer.id)
    expect(db.prepare('SELECT count(*) FROM round_said').pluck().get()).toBe(0)
    expect(asOnCourse(db, second)).toEqual([])
  })
})

it('the course is taken on for the kinds that were asked for, each for its golfer', () => {
  const { db, golfer } = storeWithRound()
  const other = addSecondGolfer(db)
  setAsOnCourse(db, golfer.id, { kind: 'iron', on: true }, NOW_MS)
  setAsOnCourse(db, golfer.id, { kind: 'iron', on: true }, NOW_MS)
  setAsOnCourse(db, golfer.id, { kind: 'wedge', on: true }, NOW_MS)
  expect(asOnCourse(db, golfer.id)).toEqual(['iron', 'wedge'])
  setAsOnCourse(db, golfer.id, { kind: 'iron', on: false }, NOW_MS)
  expect(asOnCourse(db, golfer.id)).toEqual(['wedge'])
  expect(asOnCourse(db, other)).toEqual([])
})
