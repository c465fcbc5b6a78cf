import { randomUUID } from 'node:crypto'
import type { ClubId, GolferId, SessionId, ShotId } from '@/core/model/ids'
import type { HeldReason } from '@/core/model/held-reason'
import type { SessionShot } from '@/core/session/session-shot'
import type { Mark } from '@/core/model/mark'
import { FLIGHT, FLIGHT_FIELDS, type Flight } from '@/core/shots/flight-fields'
import type { Database } from './database'
import type { Swing } from '@/core/model/station'

/** The session of each of some shots. */
export function sessionsOfShots(db: Database, ids: readonly ShotId[]): Map<ShotId, SessionId> {
  const rows = db
    .prepare('SELECT id, session_id AS sessionId FROM shot WHERE id IN (SELECT value FROM json_each(?))')
    .all(JSON.stringify(ids)) as { id: ShotId; sessionId: SessionId }[]
  return new Map(rows.map(({ id, sessionId }) => [id, sessionId]))
}

export type NewShot = Flight & AboutShot
/** What is known of a shot besides what was measured. */
type AboutShot = {
  id: ShotId
  sessionId: SessionId
  source: 'typed' | 'monitor' | 'file'
  importId?: string
  hitMs: number
  monitor?: string | null
  clubLabel: string | null
  clubId: ClubId | null
  swing: Swing
  heldBecause: HeldReason | null
  /** It came before the range was said to be clear: held until it is. */
  rangeNotClear?: boolean
  /** Its monitor only watches in this session: nothing that the golfer does or undoes. */
  comparisonOnly?: boolean
  /** What was posted, letter for letter. */
  posted?: string
}

/** What became of a shot that was handed to the store. */
export type Taken = 'new' | 'known' | 'other-contents'

/** The flight's columns under their names in the core. */
export const FLIGHT_COLUMNS = FLIGHT_FIELDS.map((field) => `${FLIGHT[field].column} AS ${field}`).join(', ')
const INSERTED = `id, session_id, source, import_id, hit_ms, monitor, club_label, club_id, swing, held_because, posted,
  ${FLIGHT_FIELDS.map((field) => FLIGHT[field].column).join(', ')}`

/**
 * A shot-taking function with its statements prepared once. The shot's own id makes a repeat harmless:
 * 'known'. The same id with another flight is 'other-contents' and stores nothing. A withdrawn shot
 * that comes again stays withdrawn, unless a file brings it: files are imported again to have their shots again.
 * To be called within a transaction.
 */
export function shotTaker(
  db: Database,
  // Shots that are typed together are undone together.
  batch: string = randomUUID(),
  /** Called for a withdrawn shot that a file contains again. */
  again: (seq: number, hitMs: number) => void = (seq, hitMs) =>
    eventAdder(db)(seq, batch, hitMs, { kind: 'taken' }),
): (shot: AboutShot, flight: Flight) => Taken {
  const insert = db.prepare(
    `INSERT INTO shot (${INSERTED}) VALUES (${INSERTED.replace(/[^,]+/g, '?')}) ON CONFLICT (id) DO NOTHING`,
  )
  const before = shotBefore(db)
  const add = eventAdder(db)
  const wait = db.prepare('INSERT INTO uncleared (shot_seq) VALUES (?)')
  return (shot, flight) => {
    // By place, with no object between: the hot line of a large import.
    const { changes, lastInsertRowid } = insert.run(
      shot.id,
      shot.sessionId,
      shot.source,
      shot.importId ?? null,
      shot.hitMs,
      shot.monitor ?? null,
      shot.clubLabel,
      shot.clubId,
      shot.swing,
      shot.heldBecause,
      shot.posted ?? null,
      ...FLIGHT_FIELDS.map((field) => flight[field] ?? null),
    )
    if (changes === 1) {
      // A file's shots are taken back with their file.
      if (shot.source !== 'file' && !shot.comparisonOnly)
        add(Number(lastInsertRowid), batch, shot.hitMs, { kind: 'taken' })
      if (shot.rangeNotClear) wait.run(lastInsertRowid)
      return 'new'
    }
    const known = before({
      ...flight,
      id: shot.id,
      ...(shot.posted !== undefined && { posted: shot.posted }),
    })
    if (!known?.same) return 'other-contents'
    if (known.present || shot.source !== 'file') return 'known'
    again(known.seq, shot.hitMs)
    return 'new'
  }
}

type Repeated = Flight & Pick<NewShot, 'id' | 'posted'>

/** What is known of a shot that comes again: whether it is the same one, and still there. Null: it is new. */
export function shotBefore(
  db: Database,
): (shot: Repeated) => { seq: number; same: boolean; present: boolean } | null {
  const find = db.prepare(
    `SELECT seq, present OR watched AS present, posted, ${FLIGHT_COLUMNS} FROM shot_now WHERE id = ?`,
  )
  return (shot) => {
    const known = find.get(shot.id) as (Record<string, unknown> & { seq: number; present: 0 | 1 }) | undefined
    if (!known) return null
    const posted = typeof known.posted === 'string' && shot.posted !== undefined
    const same = posted
      ? known.posted === shot.posted
      : FLIGHT_FIELDS.every((field) => (known[field] ?? null) === (shot[field] ?? null))
    return { seq: known.seq, same, present: known.present === 1 }
  }
}

/** Takes one shot, on disk when this returns. */
export const takeShot = (db: Database, shot: NewShot): Taken =>
  db.transaction(() => shotTaker(db)(shot, shot)).immediate()

/** Takes several shots as one action, all or none: false where one of them has another shot's id. */
export function takeShots(db: Database, shots: readonly NewShot[], batch: string = randomUUID()): boolean {
  const take = db.transaction(() => {
    const taker = shotTaker(db, batch)
    if (shots.some((shot) => taker(shot, shot) === 'other-contents')) throw new OtherContents()
  })
  try {
    take.immediate()
    return true
  } catch (error) {
    if (error instanceof OtherContents) return false
    throw error
  }
}

class OtherContents extends Error {}

export type ShotEvent =
  | { kind: 'taken' | 'withdrawn' | 'released' }
  | { kind: 'mark'; mark: Mark | null }
  | { kind: 'station'; clubId: ClubId; swing: Swing }

function eventAdder(db: Database) {
  const insert = db.prepare(
    `INSERT INTO shot_event (shot_seq, batch, at_ms, kind, mark, club_id, swing)
     VALUES (@shotSeq, @batch, @atMs, @kind, @mark, @clubId, @swing)`,
  )
  return (shotSeq: number, batch: string, atMs: number, event: ShotEvent) => {
    insert.run({ mark: null, clubId: null, swing: null, ...event, shotSeq, batch, atMs })
  }
}

/** Adds what happened to some shots as one action, which is undone as one. */
export function addEvents(
  db: Database,
  events: { shotSeq: number; event: ShotEvent }[],
  nowMs: number,
  batch: string = randomUUID(),
): void {
  const add = eventAdder(db)
  db.transaction(() => events.forEach(({ shotSeq, event }) => add(shotSeq, batch, nowMs, event))).immediate()
}

const SHOT = `seq, id, session_id AS sessionId, source, hit_ms AS hitMs, monitor, club_label AS clubLabel,
  club_id AS clubId, swing, mark, held_because AS heldBecause, posted, ${FLIGHT_COLUMNS}`

/** A shot as it stands, without what the golfer said of its session. */
export type StoredShot = Omit<SessionShot, 'conditions'>

/** The shots of a session that are there, in the order in which they came. */
export const shotsOfSession = (db: Database, sessionId: SessionId): StoredShot[] =>
  db
    .prepare(`SELECT ${SHOT} FROM shot_now WHERE session_id = ? AND present ORDER BY seq`)
    .all(sessionId)
    .map((row) => withoutNulls(row as StoredShot))

/** The shots of a golfer that are there, oldest session first. */
export const shotsOfGolfer = (db: Database, golferId: GolferId): StoredShot[] =>
  db
    .prepare(
      `SELECT ${SHOT} FROM shot_now WHERE present AND session_id IN (SELECT id FROM session WHERE golfer_id = ?)
       ORDER BY (SELECT started_ms FROM session WHERE id = session_id), session_id, seq`,
    )
    .all(golferId)
    .map((row) => withoutNulls(row as StoredShot))

export function shotById(db: Database, id: ShotId): StoredShot | null {
  const row = db.prepare(`SELECT ${SHOT} FROM shot_now WHERE id = ? AND present`).get(id)
  return row ? withoutNulls(row as StoredShot) : null
}

/** One thing that happened to a shot since it came, oldest first. */
type ShotHappening = {
  atMs: number
  kind: ShotEvent['kind']
  mark: Mark | null
  clubId: ClubId | null
  swing: Swing | null
  undoneMs: number | null
}

/** All that happened to a shot, undone or not. */
export const historyOfShot = (db: Database, id: ShotId): ShotHappening[] =>
  db
    .prepare(
      `SELECT e.at_ms AS atMs, e.kind, e.mark, e.club_id AS clubId, e.swing,
         (SELECT u.at_ms FROM undone u WHERE u.batch = e.batch) AS undoneMs
       FROM shot_event e WHERE e.shot_seq = (SELECT seq FROM shot WHERE id = ?) ORDER BY e.seq`,
    )
    .all(id) as ShotHappening[]

/** The place of the newest shot in the store: 0 before the first. */
export const newestShot = (db: Database): number =>
  (db.prepare('SELECT coalesce(max(seq), 0) AS seq FROM shot').get() as { seq: number }).seq

/** Not measured is absent, not null; a carry that was not read stays null. */
export function withoutNulls<R extends Flight>(row: R): R {
  const kept = { ...row }
  for (const field of FLIGHT_FIELDS) if (field !== 'carryM' && kept[field] === null) delete kept[field]
  return kept
}
