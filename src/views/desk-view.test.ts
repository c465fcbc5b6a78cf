import { beforeAll, describe, expect, it } from 'vitest'
import { DEMO_SEED, fillNetLoft } from '../../demo/net-loft'
import { isMeasured } from '@/core/gaps/gap'
import type { Golfer } from '@/core/model/golfer'
import type { GolferId, VisitId } from '@/core/model/ids'
import { openDatabase, type Database } from '@/store/database'
import { addGolfer, golferById } from '@/store/golfers'
import { historyOf } from '@/store/sessions'
import { afterPlayOf, changeVisit, planVisit, visitById } from '@/store/visits'
import { changedSentences, notToDo, visitTitle } from '@/text/visits'
import { deskView } from './desk-view'
import { gapsView } from './gaps-view'
import { keptOfGolfer } from './kept-of-golfer'
import { paperInput, reportFrom } from './paper-view'
import { visitView } from './visit-view'

const NOW_MS = Date.UTC(2026, 3, 11, 9, 30)
const required = <T>(value: T | null | undefined): T => {
  if (value == null) throw new Error('the demo has it')
  return value
}
let db: Database
let tilda: Golfer
const name = (id: string) => id

beforeAll(() => {
  db = openDatabase(':memory:')
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: NOW_MS })
  tilda = required(golferById(db, 'demo-tilda' as GolferId))
})

describe('the desk', () => {
  it('shows everybody as their own pages do, and what is due', () => {
    const { rows, days, coach } = deskView(db, NOW_MS, 0)
    const by = new Map(rows.map((row) => [row.golfer.id as string, row]))
    const gaps = required(gapsView(db, tilda, NOW_MS)).analysis.gaps.filter(isMeasured)
    expect(by.get('demo-tilda')).toMatchObject({
      ...{ isHitting: true, bag: 'Winter bag', receives: [''] },
      settled: { settled: gaps.filter(({ settled }) => settled).length, of: gaps.length },
      followUp: { visit: { id: 'visit-tilda-9' }, state: { kind: 'in-days', days: 19 } },
      next: { id: 'visit-tilda-in-0' },
    })
    expect(by.get('demo-junia')?.toHit.length).toBeGreaterThan(0)
    expect(by.get('demo-junia')?.followUp?.state).toEqual({ kind: 'due', sinceDays: 2 })
    expect(by.get('demo-junia')?.notices).toEqual([
      { kind: 'too-close', count: 1 },
      { kind: 'one-sided', count: 3 },
    ])
    expect(by.get('demo-marek')?.followUp?.state).toEqual({ kind: 'in-rounds', rounds: 2 })
    expect(days.map(({ visits }) => visits.length)).toEqual([1, 1, 1, 1])
    expect(days.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(4 * 72)
    expect(coach).toBe('Ottoline Brack')
  })

  it('a golfer who is about to be removed is counted as the Log counts', () => {
    const { sessions, shots, ...kept } = keptOfGolfer(db, tilda.id)
    expect({ sessions, shots }).toEqual(historyOf(db, tilda.id))
    expect(kept).toEqual({ clubs: 13, rounds: 3, visits: 4 })
  })

  it('has somebody without bag and shots too', () => {
    const id = 'new' as GolferId
    addGolfer(
      db,
      id,
      { name: 'Nobody Yet', hand: 'left', lengthUnit: 'm', speedUnit: 'm/s', goalZoneM: null },
      NOW_MS,
    )
    const row = deskView(db, NOW_MS, 0).rows.find(({ golfer }) => golfer.id === id)
    expect(row).toMatchObject({
      bag: null,
      last: null,
      settled: { settled: 0, of: 0 },
      notices: [],
      next: null,
    })
    planVisit(db, id, 'first' as VisitId, {
      ...{ atMs: NOW_MS, offsetMin: 0, minutes: 60, toDo: null, words: null, followUp: null },
    })
    const view = visitView(
      db,
      required(golferById(db, id)),
      required(visitById(db, 'first' as VisitId)),
      NOW_MS,
    )
    expect(view).toMatchObject({ bag: null, changed: null, afterPlay: null, open: { settled: 0, next: [] } })
    expect(paperInput(db, required(golferById(db, id)), { ofDay: false, madeMs: NOW_MS })).toBeNull()
  })
})

describe('a visit', () => {
  const view = (id: string, nowMs = NOW_MS) =>
    visitView(db, tilda, required(visitById(db, id as VisitId)), nowMs)

  it('says what is open, what changed since the one before, and what was said after play', () => {
    const { open, changed, afterPlay, followUp } = view('visit-tilda-in-0')
    const gaps = required(gapsView(db, tilda, NOW_MS)).analysis
    expect(open.next).toEqual(gaps.next)
    expect(open.settled + open.unsettled.length).toBe(gaps.gaps.filter(isMeasured).length)
    // Only what was hit since is held against what was known then.
    expect(changed?.sinceMs).toBe(visitById(db, 'visit-tilda-9' as VisitId)?.endedMs)
    expect(changed?.stocks.length).toBeGreaterThan(3)
    for (const { then, since } of changed?.stocks ?? [])
      expect(since.count).toBeLessThanOrEqual(then.count + 6)
    expect(changedSentences(required(changed), tilda, name).length).toBeGreaterThan(1)
    // That of nine days ago is not due yet: what stands there was said of the one before.
    expect(followUp?.visit.id).toBe('visit-tilda-9')
    expect(afterPlay?.visit.id).toBe('visit-tilda-23')
    expect(afterPlay?.afterPlay).toEqual(afterPlayOf(db, 'visit-tilda-23' as VisitId))
    expect(afterPlay?.reference?.unused?.rounds).toBe(2)
    expect(afterPlay?.reference?.uncovered?.nearest.carryM).toBeGreaterThan(60)
    // Once it is due it is what is asked.
    expect(view('visit-tilda-in-0', NOW_MS + 20 * 86_400_000).afterPlay?.visit.id).toBe('visit-tilda-9')
    const visit = { atMs: NOW_MS, offsetMin: 0, minutes: 60, endedMs: null }
    const HOUR_MS = 3_600_000
    expect(visitTitle('Tilda', visit, NOW_MS)).toBe('Tilda, now, 09:30')
    expect(visitTitle('Tilda', visit, NOW_MS - 2.5 * HOUR_MS)).toBe('Tilda, today, 09:30')
    expect(visitTitle('Tilda', visit, NOW_MS + 3 * HOUR_MS)).toBe('Tilda, today, 09:30')
    expect(visitTitle('Tilda', visit, NOW_MS + 24 * HOUR_MS)).toBe('Tilda, 11 Apr 2026, 09:30')
  })

  it('stands in the report that it is of: its words, its follow-up and what changed before it', () => {
    const latest = required(reportFrom(db, tilda, NOW_MS))
    expect(latest.visit).toEqual({ coach: 'Ottoline Brack', words: null, followUp: null })
    const older = required(reportFrom(db, tilda, NOW_MS, 'visit-tilda-9'))
    expect(older.visit?.words).toContain('8-iron to 9-iron')
    expect(older.changed?.sinceMs).toBe(visitById(db, 'visit-tilda-23' as VisitId)?.endedMs)
    expect(changeVisit(db, 'visit-tilda-in-0' as VisitId, 0, { words: 'Good.' }, NOW_MS)).toBe('changed')
    expect(reportFrom(db, tilda, NOW_MS)?.visit?.words).toBe('Good.')
    // A visit of somebody else is none of this golfer's.
    expect(reportFrom(db, tilda, NOW_MS, 'visit-junia-16')?.visit).toBeNull()
    const { gaps } = latest.analysis
    const [buy] = notToDo(latest.analysis, name)
    const [open] = gaps.filter((gap) => isMeasured(gap) && !gap.settled)
    expect(buy).toContain(`${open?.longerId} to ${open?.shorterId}`)
  })
})
