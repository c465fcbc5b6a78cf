import type { Database } from './database'

/** Whose session, and whose shot, is named: null where there is none, or nobody has it yet. */
export const ownersIn = (db: Database) => {
  const asked = (sql: string) => (id: string) =>
    (db.prepare(sql).pluck().get(id) as string | undefined) ?? null
  return {
    ofSession: asked('SELECT golfer_id FROM session WHERE id = ?'),
    ofShot: asked('SELECT s.golfer_id FROM shot JOIN session s ON s.id = shot.session_id WHERE shot.id = ?'),
  }
}
