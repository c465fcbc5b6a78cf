import type { SessionId } from '@/core/model/ids'
import { clearLapsed } from '@/core/session/range-clear'
import type { Database } from './database'

/**
 * When the range was last known to be clear: the golfer said so, or a ball was hit while it was. Null before the first time.
 * A word that another clock dates later than now counts as now, and a ball of tomorrow for nothing: neither keeps anybody safe.
 */
export function lastClearMs(db: Database, sessionId: SessionId, nowMs: number): number | null {
  const { clearMs, shotMs } = db
    .prepare(
      `SELECT clear_ms AS clearMs, (SELECT max(hit_ms) FROM shot WHERE session_id = session.id AND hit_ms <= @nowMs AND source <> 'file'
         AND seq NOT IN (SELECT shot_seq FROM uncleared)) AS shotMs
       FROM session WHERE id = @sessionId`,
    )
    .get({ sessionId, nowMs }) as { clearMs: number | null; shotMs: number | null }
  return clearMs === null ? null : Math.max(Math.min(clearMs, nowMs), shotMs ?? 0)
}

/** Whether a shot hit at this time came before the range was said to be clear. */
export const cameRangeNotClear = (
  db: Database,
  sessionId: SessionId,
  hitMs: number,
  nowMs: number,
): boolean => clearLapsed(lastClearMs(db, sessionId, nowMs), Math.min(hitMs, nowMs))

/** A word this fresh is about all that waits; an older one, sent late, about what was hit before it. */
const FRESH_MS = 60_000

/** The range is clear: shots that waited for that word alone count from now on. */
export function sayClear(db: Database, sessionId: SessionId, atMs: number, nowMs: number): void {
  // A monitor's clock may be ahead of this one: its shots that wait are cleared too.
  db.prepare(
    `UPDATE session SET clear_ms = max(coalesce(clear_ms, 0), @atMs,
       CASE WHEN @isFresh THEN coalesce((SELECT max(hit_ms) FROM shot_now
         WHERE session_id = @sessionId AND present AND held_because = 'range-not-clear'), 0) ELSE 0 END)
     WHERE id = @sessionId`,
  ).run({ sessionId, atMs: Math.min(atMs, nowMs), isFresh: Number(nowMs - atMs < FRESH_MS) })
}
