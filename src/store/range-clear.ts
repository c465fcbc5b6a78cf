import type { SessionId } from '@/core/ids'
import { clearLapsed } from '@/core/session/range-clear'
import type { Database } from './database'
import { addEvents } from './shots'

/**
 * Whether a shot hit at this time came before the range was said to be clear. A word that another clock dates later
 * than now counts as now, and a ball of tomorrow for nothing: neither keeps anybody safe.
 */
export function cameUncleared(db: Database, sessionId: SessionId, hitMs: number, nowMs: number): boolean {
  const { clearMs, shotMs } = db
    .prepare(
      `SELECT clear_ms AS clearMs, (SELECT max(hit_ms) FROM shot WHERE session_id = session.id AND hit_ms <= @nowMs AND source <> 'file'
         AND seq NOT IN (SELECT shot_seq FROM uncleared)) AS shotMs
       FROM session WHERE id = @sessionId`,
    )
    .get({ sessionId, nowMs }) as { clearMs: number | null; shotMs: number | null }
  return clearLapsed(
    clearMs === null ? null : Math.max(Math.min(clearMs, nowMs), shotMs ?? 0),
    Math.min(hitMs, nowMs),
  )
}

/** The range is clear: shots that waited for that word alone are taken, as one action. */
export function sayClear(db: Database, sessionId: SessionId, atMs: number, nowMs: number): void {
  db.transaction(() => {
    db.prepare('UPDATE session SET clear_ms = max(coalesce(clear_ms, 0), ?) WHERE id = ?').run(
      Math.min(atMs, nowMs),
      sessionId,
    )
    const waiting = db
      .prepare(
        "SELECT seq FROM shot_now WHERE session_id = ? AND present AND held_because = 'range-not-clear'",
      )
      .pluck()
      .all(sessionId) as number[]
    if (waiting.length > 0)
      addEvents(
        db,
        waiting.map((shotSeq) => ({ shotSeq, event: { kind: 'released' } })),
        nowMs,
      )
  }).immediate()
}
