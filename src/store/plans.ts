import type { GolferId, SessionId } from '@/core/model/ids'
import { hitForPlan, planWithNext, type Block, type Plan, type PlannedBlock } from '@/core/session/plan'
import type { Session } from '@/core/model/session'
import type { Station } from '@/core/model/station'
import type { Database } from './database'
import { conditionsOfShots } from './session-events'
import { shotsOfSession } from './shots'

/** Keeps what a session sets out to hit, in place of what it set out to before. */
export function keepPlan(db: Database, sessionId: SessionId, { blocks, ...plan }: Plan): void {
  db.transaction(() => {
    db.prepare('UPDATE session SET until_settled = ?, rest_every = ?, rest_s = ? WHERE id = ?').run(
      Number(plan.untilSettled),
      plan.restEvery,
      plan.restS,
      sessionId,
    )
    db.prepare('DELETE FROM plan_block WHERE session_id = ?').run(sessionId)
    const add = db.prepare(
      'INSERT INTO plan_block (session_id, place, club_id, swing, shots, day) VALUES (?, ?, ?, ?, ?, ?)',
    )
    blocks.forEach(({ clubId, swing, shots, day }, index) =>
      add.run(sessionId, index, clubId, swing, shots, day),
    )
  }).immediate()
}

/** The plan of a session; empty where it has none. */
export const planOf = (db: Database, sessionId: SessionId): PlannedBlock[] =>
  db
    .prepare(
      'SELECT club_id AS clubId, swing, shots, day FROM plan_block WHERE session_id = ? ORDER BY place',
    )
    .all(sessionId) as PlannedBlock[]

/** The golfer's newest session that has a plan. */
export const lastPlannedSession = (db: Database, golferId: GolferId): SessionId | null =>
  (db
    .prepare(
      `SELECT id FROM session WHERE golfer_id = ? AND id IN (SELECT session_id FROM plan_block)
       ORDER BY started_ms DESC LIMIT 1`,
    )
    .pluck()
    .get(golferId) as SessionId | undefined) ?? null

/** Puts shots in front of what is left of a session's plan: what was hit so far stays hit. */
export function insertNext(db: Database, session: Session, blocks: readonly Block[]): void {
  db.transaction(() => {
    const hit = hitOfPlan(db, session)
    keepPlan(db, session.id, { ...session, blocks: planWithNext(planOf(db, session.id), hit, blocks) })
  }).immediate()
}

/** What a session has hit so far of its plan. */
export function hitOfPlan(db: Database, { id, golferId }: Pick<Session, 'id' | 'golferId'>): Station[] {
  const conditions = golferId ? conditionsOfShots(db, golferId, [id]) : null
  return hitForPlan(
    shotsOfSession(db, id).map((shot) => ({ ...shot, warmUp: conditions?.(id, shot.seq).warmUp === true })),
  )
}
