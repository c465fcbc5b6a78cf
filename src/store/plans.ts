import type { SessionId } from '@/core/ids'
import type { Block } from '@/core/session/plan'
import type { Database } from './database'

/** Keeps what a session sets out to hit, in place of what it set out to before. */
export function keepPlan(db: Database, sessionId: SessionId, blocks: readonly Block[]): void {
  db.transaction(() => {
    db.prepare('DELETE FROM plan_block WHERE session_id = ?').run(sessionId)
    const add = db.prepare(
      'INSERT INTO plan_block (session_id, place, club_id, swing, shots) VALUES (?, ?, ?, ?, ?)',
    )
    blocks.forEach(({ clubId, swing, shots }, place) => add.run(sessionId, place, clubId, swing, shots))
  })()
}

/** The plan of a session; empty where it has none. */
export const planOf = (db: Database, sessionId: SessionId): Block[] =>
  db
    .prepare('SELECT club_id AS clubId, swing, shots FROM plan_block WHERE session_id = ? ORDER BY place')
    .all(sessionId) as Block[]
