import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, it, vi } from 'vitest'
import type { ClubId, GolferId, ShotId } from '@/core/model/ids'
import { addSecondGolfer, NOW_MS, storeWithGolfer } from '../../tests/store'
import { startBag } from './bags'
import { correctClub } from './clubs'
import { openDatabase } from './database'
import { changeGolfer, golferById } from './golfers'
import { setWrites, golferMark } from './golfer-mark'
import { undoLast } from './journal'
import { startSession } from './sessions'
import { addEvents, shotsOfSession, takeShot } from './shots'

/** What changes of two golfers' marks by some work. */
function changed(work: (store: ReturnType<typeof storeWithGolfer> & { other: GolferId }) => void) {
  const store = storeWithGolfer()
  const other = addSecondGolfer(store.db)
  const ids = [store.golfer.id, other]
  const marks = () => ids.map((id) => golferMark(store.db, id))
  const before = marks()
  work({ ...store, other })
  return marks().map((mark, i) => mark !== before[i])
}

const hit = ({ db, sessionId, clubId }: ReturnType<typeof storeWithGolfer>, shotId = 'a'): ShotId => {
  const id = shotId as ShotId
  takeShot(db, {
    ...{ id, sessionId, source: 'typed', hitMs: NOW_MS, clubLabel: null, clubId: clubId('8-iron') },
    ...{ swing: 'full', carryM: 120, heldBecause: null },
  })
  return id
}

it('a write to one golfer changes the mark of that golfer alone', () => {
  expect(changed(hit)).toEqual([true, false])
  expect(
    changed((store) => {
      hit(store)
      const [shot] = shotsOfSession(store.db, store.sessionId)
      addEvents(store.db, [{ shotSeq: shot!.seq, event: { kind: 'mark', mark: 'fat' } }], NOW_MS)
    }),
  ).toEqual([true, false])
  expect(
    changed(({ db, golfer, clubId }) =>
      correctClub(db, golfer.id, clubId('8-iron') as ClubId, { name: '8-iron', kind: 'iron', loftDeg: 36 }),
    ),
  ).toEqual([true, false])
  expect(
    changed(({ db, other }) => {
      changeGolfer(db, golferById(db, other)!, { toleranceM: 3 })
      startBag(db, other, { name: 'Bag', clubs: [{ name: '7-iron', kind: 'iron', loftDeg: 32 }] }, NOW_MS)
    }),
  ).toEqual([false, true])
  expect(changed(() => {})).toEqual([false, false])
})

it('what may be of anybody changes all marks, and so does a write of another process', () => {
  expect(
    changed((store) => {
      hit(store)
      undoLast(store.db, store.sessionId, NOW_MS)
    })[0],
  ).toBe(true)
})

it('the mark of a session changes with its own data and with data of no session', () => {
  const store = storeWithGolfer()
  const { db, golfer, sessionId } = store
  const other = startSession(db, { golferId: golfer.id, startedMs: NOW_MS + 1, offsetMin: 0, place: null })
  const marks = () => [
    golferMark(db, golfer.id, { sessions: [sessionId] }),
    golferMark(db, golfer.id, { sessions: [other] }),
    golferMark(db, golfer.id, { beforeMs: NOW_MS + 1 }),
  ]
  const changedBy = (work: () => unknown) => {
    const before = marks()
    work()
    return marks().map((mark, i) => mark !== before[i])
  }
  expect(changedBy(() => hit(store))).toEqual([true, false, true])
  expect(changedBy(() => hit({ ...store, sessionId: other }, 'b'))).toEqual([false, true, false])
  const [shot] = shotsOfSession(db, other)
  const event = { kind: 'mark', mark: 'fat' } as const
  expect(changedBy(() => addEvents(db, [{ shotSeq: shot!.seq, event }], NOW_MS))).toEqual([
    false,
    true,
    false,
  ])
  expect(changedBy(() => changeGolfer(db, golferById(db, golfer.id)!, { toleranceM: 3 }))).toEqual([
    true,
    true,
    true,
  ])
})

it('a process that only reads uses the writes that it received', () => {
  const { db, golfer } = storeWithGolfer()
  const before = golferMark(db, golfer.id)
  setWrites(db, { connection: 'x', writes: [[golfer.id, 'a session', 3]] })
  const mark = golferMark(db, golfer.id)
  const somebody = golferMark(db, 'somebody' as GolferId)
  expect(mark).not.toBe(before)
  setWrites(db, { connection: 'x', writes: [[golfer.id, 'a session', 4]] })
  expect(golferMark(db, golfer.id)).not.toBe(mark)
  expect(golferMark(db, 'somebody' as GolferId)).toBe(somebody)
})

it('two connections never have the same mark', () => {
  const path = join(mkdtempSync(join(tmpdir(), 'banco-mark-')), 'banco.db')
  const marks = [1, 2].map(() => {
    const db = openDatabase(path)
    const mark = golferMark(db, 'x' as GolferId)
    db.close()
    return mark
  })
  expect(marks[0]).not.toBe(marks[1])
})

it('another copy of this file counts on the same connection', async () => {
  const { db, golfer } = storeWithGolfer()
  golferMark(db, golfer.id)
  vi.resetModules()
  const copy = await import('./golfer-mark')
  expect(copy.golferMark(db, golfer.id)).toBe(golferMark(db, golfer.id))
})

it('nothing of it is in the file', () => {
  const db = openDatabase(':memory:')
  golferMark(db, 'x' as GolferId)
  expect(
    db
      .prepare(
        "SELECT count(*) FROM main.sqlite_schema WHERE name LIKE '%golfer_write%' OR name LIKE 'count_%'",
      )
      .pluck()
      .get(),
  ).toBe(0)
})
