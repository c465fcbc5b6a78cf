import type { ClubId, GolferId, VisitId } from '@/core/model/ids'
import type { AfterPlay, FollowUpIn, Visit, VisitRecord, Went } from '@/core/coach/visit'
import type { Database } from './database'

type Row = Omit<Visit, 'followUp'> & {
  followAfter: number | null
  followIn: FollowUpIn | null
  followLook: string | null
}
const VISIT = `SELECT id, golfer_id AS golferId, at_ms AS atMs, offset_min AS offsetMin, minutes, to_do AS toDo, words,
  follow_after AS followAfter, follow_in AS followIn, follow_look AS followLook, ended_ms AS endedMs, changes FROM visit`

const visitOf = ({ followAfter, followIn, followLook, ...visit }: Row): Visit => ({
  ...visit,
  followUp:
    followAfter === null || followIn === null ? null : { after: followAfter, in: followIn, look: followLook },
})

/** A golfer's visits, the newest first. */
export const visitsOf = (db: Database, golferId: GolferId): Visit[] =>
  (db.prepare(`${VISIT} WHERE golfer_id = ? ORDER BY at_ms DESC, id`).all(golferId) as Row[]).map(visitOf)

/** Every golfer's visits from one moment to before another, in the order of the clock. */
export const visitsBetween = (db: Database, fromMs: number, untilMs: number): Visit[] =>
  (
    db.prepare(`${VISIT} WHERE at_ms >= ? AND at_ms < ? ORDER BY at_ms, id`).all(fromMs, untilMs) as Row[]
  ).map(visitOf)

export function visitById(db: Database, id: VisitId): Visit | null {
  const row = db.prepare(`${VISIT} WHERE id = ?`).get(id) as Row | undefined
  return row ? visitOf(row) : null
}

const rowOf = ({ followUp, ...record }: VisitRecord) => ({
  ...record,
  followAfter: followUp?.after ?? null,
  followIn: followUp?.in ?? null,
  followLook: followUp?.look ?? null,
})

/** Plans a visit; one that is there already under that name stays as it is. */
export function planVisit(db: Database, golferId: GolferId, id: VisitId, record: VisitRecord): void {
  db.prepare(
    `INSERT INTO visit (id, golfer_id, at_ms, offset_min, minutes, to_do, words, follow_after, follow_in, follow_look,
       changes)
     VALUES (@id, @golferId, @atMs, @offsetMin, @minutes, @toDo, @words, @followAfter, @followIn, @followLook, 0)
     ON CONFLICT (id) DO NOTHING`,
  ).run({ ...rowOf(record), id, golferId })
}

type VisitChange = Partial<VisitRecord> & { ended?: boolean }

/**
 * Changes what was said of a visit, that which is given.
 * @param read how often it had been changed when it was read: where somebody has changed it since, nothing is
 */
export function changeVisit(
  db: Database,
  id: VisitId,
  read: number,
  { ended, ...change }: VisitChange,
  nowMs: number,
): 'changed' | 'changed-since' | 'gone' {
  return db
    .transaction(() => {
      const visit = visitById(db, id)
      if (!visit) return 'gone' as const
      if (visit.changes !== read) return 'changed-since' as const
      const endedMs = ended === undefined ? visit.endedMs : ended ? (visit.endedMs ?? nowMs) : null
      db.prepare(
        `UPDATE visit SET at_ms = @atMs, offset_min = @offsetMin, minutes = @minutes, to_do = @toDo, words = @words,
           follow_after = @followAfter, follow_in = @followIn, follow_look = @followLook, ended_ms = @endedMs,
           changes = changes + 1
         WHERE id = @id`,
      ).run({ ...rowOf({ ...visit, ...change }), endedMs, id })
      return 'changed' as const
    })
    .immediate()
}

/** Takes a planned visit off the desk. */
export function dropVisit(db: Database, id: VisitId): void {
  db.transaction(() => {
    db.prepare('DELETE FROM after_play WHERE visit_id = ?').run(id)
    db.prepare('DELETE FROM visit WHERE id = ?').run(id)
  }).immediate()
}

/** What was said after play of a visit; null: nothing yet. */
export function afterPlayOf(db: Database, id: VisitId): AfterPlay | null {
  const row = db
    .prepare(
      `SELECT said_ms AS enteredMs, lacked_m AS missingM, off_id AS offId, went, unused_id AS unusedId, words
       FROM after_play WHERE visit_id = ?`,
    )
    .get(id) as (Omit<AfterPlay, 'off'> & { offId: ClubId | null; went: Went | null }) | undefined
  if (!row) return null
  const { offId, went, ...record } = row
  return { ...record, off: offId === null || went === null ? null : { clubId: offId, went } }
}

/** Keeps what is said after play, in place of what was said before. */
export function sayAfterPlay(db: Database, id: VisitId, { off, ...record }: AfterPlay): void {
  db.prepare(
    `INSERT OR REPLACE INTO after_play (visit_id, said_ms, lacked_m, off_id, went, unused_id, words)
     VALUES (@id, @enteredMs, @missingM, @offId, @went, @unusedId, @words)`,
  ).run({ ...record, id, offId: off?.clubId ?? null, went: off?.went ?? null })
}

/** Who sits at the desk, and whether a golfer alone wants it. */
export type DeskSettings = { coach: string | null; wanted: boolean }
export function deskSettings(db: Database): DeskSettings {
  const row = db.prepare('SELECT coach, is_wanted AS wanted FROM desk').get() as
    { coach: string | null; wanted: 0 | 1 } | undefined
  return { coach: row?.coach ?? null, wanted: row?.wanted === 1 }
}
export function setDesk(db: Database, { coach, wanted }: DeskSettings): void {
  db.prepare('INSERT OR REPLACE INTO desk (id, coach, is_wanted) VALUES (1, ?, ?)').run(coach, Number(wanted))
}

/** The desk appears with the second golfer, or where it is wanted. */
export const hasDesk = (db: Database): boolean =>
  (db.prepare('SELECT count(*) FROM golfer').pluck().get() as number) > 1 || deskSettings(db).wanted
