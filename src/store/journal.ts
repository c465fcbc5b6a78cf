import type { ClubId, SessionId } from '@/core/model/ids'
import type { Action, ShotEventKind, ShotSource } from '@/core/session/action'
import type { SessionEvent } from '@/core/session/session-event'
import type { Mark } from '@/core/model/mark'
import type { Swing } from '@/core/model/station'
import type { Database } from './database'

/** The actions of a session in the order in which they were done: undo takes back the last, redo does it again. */

const UNDONE = 'batch IN (SELECT batch FROM undone)'

const lastBatch = (db: Database, sessionId: SessionId): string | null =>
  (db
    .prepare(`SELECT batch FROM action WHERE session_id = ? AND NOT ${UNDONE} ORDER BY seq DESC LIMIT 1`)
    .pluck()
    .get(sessionId) as string | undefined) ?? null

/** The action that was undone last and may be done again: nothing was done since. */
const nextBatch = (db: Database, sessionId: SessionId): string | null =>
  (db
    .prepare(
      `SELECT batch FROM action WHERE session_id = @sessionId AND ${UNDONE}
         AND seq > coalesce((SELECT max(seq) FROM action WHERE session_id = @sessionId AND NOT ${UNDONE}), 0)
       ORDER BY seq LIMIT 1`,
    )
    .pluck()
    .get({ sessionId }) as string | undefined) ?? null

/** What undo would take back, and what redo would do again; null where there is nothing. */
export function undoAndRedo(
  db: Database,
  sessionId: SessionId,
): { undo: Action | null; redo: Action | null } {
  const [undo, redo] = [lastBatch(db, sessionId), nextBatch(db, sessionId)]
  return { undo: undo === null ? null : actionOf(db, undo), redo: redo === null ? null : actionOf(db, redo) }
}

/**
 * Undoes the last action of a session that still stands.
 * @param expected the action that the golfer was told; another one that came since is not touched
 */
export function undoLast(
  db: Database,
  sessionId: SessionId,
  nowMs: number,
  expected: string | null = null,
): 'undone' | 'nothing' | 'something-newer' {
  return db
    .transaction(() => {
      const batch = lastBatch(db, sessionId)
      if (batch === null) return 'nothing' as const
      if (expected !== null && batch !== expected) return 'something-newer' as const
      db.prepare('INSERT INTO undone (batch, at_ms) VALUES (?, ?)').run(batch, nowMs)
      return 'undone' as const
    })
    .immediate()
}

/** Does again what was undone last; false where there is nothing, or something was done since. */
export function redoLast(db: Database, sessionId: SessionId): boolean {
  return db
    .transaction(() => {
      const batch = nextBatch(db, sessionId)
      if (batch === null) return false
      db.prepare('DELETE FROM undone WHERE batch = ?').run(batch)
      return true
    })
    .immediate()
}

type ShotRow = {
  kind: ShotEventKind
  mark: Mark | null
  clubId: ClubId | null
  swing: Swing | null
  source: ShotSource
  carryM: number | null
  shotSeq: number
  sessionId: SessionId
  golfer: string | null
}
type EventRow = { kind: SessionEvent['kind']; clubId: ClubId | null; swing: Swing | null; said: string }

function actionOf(db: Database, batch: string): Action | null {
  const of = db
    .prepare(
      `SELECT e.kind, e.mark, e.club_id AS clubId, e.swing, s.source, s.carry_m AS carryM, s.seq AS shotSeq,
         s.session_id AS sessionId, (SELECT g.name FROM session v JOIN golfer g ON g.id = v.golfer_id WHERE v.id = s.session_id) AS golfer
       FROM shot_event e JOIN shot s ON s.seq = e.shot_seq WHERE e.batch = ? ORDER BY e.seq`,
    )
    .all(batch) as ShotRow[]
  const taken = of.filter(({ kind }) => kind === 'taken')
  const gone = of.filter(({ kind }) => kind === 'withdrawn')
  const [from, to] = [gone[0], taken[0]]
  if (from && to)
    return from.sessionId === to.sessionId
      ? { batch, kind: 'corrected', shots: 1, fromM: from.carryM, carryM: to.carryM }
      : {
          ...{ batch, kind: 'to-golfer', from: from.golfer ?? '', to: to.golfer ?? '' },
          ...{ shots: taken.length, carryM: to.carryM },
        }
  const last = of.findLast(({ kind }) => kind !== 'released') ?? of.at(-1)
  if (last) {
    const { kind, mark, clubId, swing, source, carryM } = last
    const shots = { shots: new Set(of.map(({ shotSeq }) => shotSeq)).size, carryM }
    if (kind === 'taken') return { batch, kind, source, ...shots }
    if (kind === 'mark') return { batch, kind, mark, ...shots }
    if (kind === 'station' && clubId && swing) return { batch, kind, clubId, swing, ...shots }
    return { batch, kind: kind === 'withdrawn' ? 'withdrawn' : 'released', ...shots }
  }
  const json = db
    .prepare(
      'SELECT kind, club_id AS clubId, swing, said FROM session_event WHERE batch = ? ORDER BY seq DESC LIMIT 1',
    )
    .get(batch) as EventRow | undefined
  return json ? { batch, ...sessionEvent(json) } : null
}

/** What was said, from the row that keeps it. */
const sessionEvent = ({ kind, clubId, swing, said: json }: EventRow): SessionEvent =>
  ({ kind, ...(clubId && { clubId, swing }), ...(JSON.parse(json) as object) }) as SessionEvent
