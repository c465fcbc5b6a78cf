import { homeView } from '@/views/home-view'
import { bagAnalysis } from '@/views/bag-analysis'
import { bayStartView, bayView } from '@/views/bay-view'
import { stockView } from '@/views/stock-view'
import { compareView } from '@/views/compare-view'
import { courseView } from '@/views/course-view'
import { deskView } from '@/views/desk-view'
import { historyView } from '@/views/history-view'
import { paperView, reportFrom } from '@/views/paper-view'
import { practiceView } from '@/views/practice-view'
import { refitView } from '@/views/refit-view'
import type { GolferId, SessionId, ShotId } from '@/core/model/ids'
import { openDatabase, type Database } from '@/store/database'
import { historyOf, openStation, sessionById, sessionsOf, startSession } from '@/store/sessions'
import { importsOf } from '@/store/shot-files'
import { takeShot } from '@/store/shots'
import { fillStore, golferOf } from './big-store'

const NOW_MS = Date.UTC(2026, 9, 30, 12)
const RUNS = 5
const LEAST_SHOTS = 1000

const STORES = [
  { name: '1,000', recent: LEAST_SHOTS, older: 0 },
  { name: '10,000', recent: 10_000, older: 0 },
  { name: '30,000', recent: 30_000, older: 0 },
  { name: '10,000 of 300,000', recent: 10_000, older: 290_000 },
]

/** What a page costs to make, by how much its golfer has hit; each shot of a session makes all of it anew. */
export function load(): string[] {
  const tables = STORES.map(({ name, ...shots }) => ({ name, ms: costs(shots) }))
  const pages = Object.keys(tables[0]?.ms ?? {})
  const header = `ms of one request   ${tables.map(({ name }) => name.padStart(19)).join('')}`
  return [
    header,
    ...pages.map((page) => {
      const first = tables[0]?.ms[page] ?? NaN
      const cells = tables.map(({ ms }) => {
        const cell = ms[page] ?? NaN
        return `${cell.toFixed(1)} (${(cell / first).toFixed(1)}×)`.padStart(19)
      })
      return `${page.padEnd(20)}${cells.join('')}`
    }),
    desk(30),
    desk(60),
    'wanted: 10,000 at most 2 times 1,000; 10,000 of 300,000 at most 1.3 times 10,000',
  ]
}

function costs({ recent, older }: { recent: number; older: number }): Record<string, number> {
  const db = openDatabase(':memory:')
  const id = fillStore(db, { recent, older, nowMs: NOW_MS })
  const golfer = golferOf(db, id)
  const sessionId = openSession(db, id)
  const session = sessionById(db, sessionId)
  if (!session) throw new Error('the session is there')
  let hit = 0
  const shoot = () => oneMore(db, sessionId, hit++)
  const ms = (page: () => unknown) => {
    let best = Infinity
    for (let run = 0; run < RUNS; run++) {
      shoot()
      const began = performance.now()
      page()
      best = Math.min(best, performance.now() - began)
    }
    return best
  }
  const found = {
    Gaps: ms(() => bagAnalysis(db, golfer, NOW_MS)),
    Stock: ms(() => stockView(db, golfer, NOW_MS)),
    Bay: ms(() => JSON.stringify(bayView(db, golfer, session, NOW_MS))),
    'before a session': ms(() => bayStartView(db, golfer, NOW_MS)),
    Log: ms(() => [sessionsOf(db, id, { most: 50 }), historyOf(db, id), importsOf(db, id)]),
    '/': ms(() => homeView(db, undefined, NOW_MS)),
    paper: ms(() => paperView(db, golfer, NOW_MS)),
    'Fix gaps': ms(() => refitView(db, golfer, NOW_MS)),
    Compare: ms(() => compareView(db, golfer, { a: undefined, b: undefined }, NOW_MS)),
    Course: ms(() => courseView(db, golfer, NOW_MS)),
    'Over time': ms(() => historyView(db, golfer)),
    'What to practise': ms(() => practiceView(db, golfer, NOW_MS)),
    report: ms(() => reportFrom(db, golfer, NOW_MS)),
    'a second tab': secondTab(() => bayView(db, golfer, session, NOW_MS), shoot),
  }
  db.close()
  return found
}

/** A desk of many golfers: worked out at first, and after one shot of one of them. */
function desk(golfers: number): string {
  const db = openDatabase(':memory:')
  const ids = Array.from({ length: golfers }, (_, i) =>
    fillStore(db, { recent: 500, nowMs: NOW_MS, id: `g${i}` }),
  )
  const sessionId = openSession(db, ids[0] as GolferId)
  const ms = (work: () => unknown) => {
    const began = performance.now()
    work()
    return performance.now() - began
  }
  const first = ms(() => deskView(db, NOW_MS, 0))
  const again = [1, 2, 3].map((hit) => {
    oneMore(db, sessionId, hit)
    return ms(() => deskView(db, NOW_MS, 0))
  })
  db.close()
  return `desk of ${golfers}: ${first.toFixed(0)} ms at first, ${Math.min(...again).toFixed(0)} ms after one shot of one golfer`
}

function secondTab(page: () => unknown, shoot: () => void): number {
  shoot()
  page()
  const began = performance.now()
  page()
  return performance.now() - began
}

function openSession(db: Database, golferId: GolferId): SessionId {
  const startedMs = NOW_MS - 3600_000
  const id = startSession(db, { golferId, startedMs, offsetMin: 0, place: 'indoor', clearMs: startedMs })
  const clubId = db.prepare('SELECT id FROM club WHERE golfer_id = ? LIMIT 1').pluck().get(golferId) as never
  openStation(db, id, { clubId, swing: 'full' }, startedMs)
  return id
}

function oneMore(db: Database, sessionId: SessionId, hit: number): void {
  const clubId = sessionById(db, sessionId)?.open?.clubId ?? null
  takeShot(db, {
    id: `live-${hit}` as ShotId,
    sessionId,
    source: 'monitor',
    hitMs: NOW_MS - 3600_000 + hit * 20_000,
    clubLabel: null,
    clubId,
    swing: 'full',
    carryM: 200 + (hit % 7),
    heldBecause: null,
  })
}
