import { randomUUID } from 'node:crypto'
import type { GolferId, SessionId } from '@/core/model/ids'
import { conditionsAt, PLAIN, type ConditionChange, type Conditions } from '@/core/session/conditions'
import type { Expectation } from '@/core/session/session-event'
import { sameStation, type Station } from '@/core/model/station'
import type { SessionEvent } from '@/core/session/session-event'
import type { Database } from './database'

/**
 * Takes down what the golfer says, as one action.
 * @param fromSeq the first shot for which it holds; the next one to come unless given
 */
export function saySession(
  db: Database,
  sessionId: SessionId,
  event: SessionEvent,
  nowMs: number,
  fromSeq: number | null = null,
): void {
  const { kind, clubId = null, swing = null, ...rest } = event as SessionEvent & Partial<Station>
  db.prepare(
    `INSERT INTO session_event (session_id, batch, at_ms, kind, from_seq, club_id, swing, said)
     VALUES (@sessionId, @batch, @nowMs, @kind, coalesce(@fromSeq, (SELECT coalesce(max(seq), 0) + 1 FROM shot)),
       @clubId, @swing, @said)`,
  ).run({ sessionId, batch: randomUUID(), nowMs, kind, fromSeq, clubId, swing, said: JSON.stringify(rest) })
}

type ConditionRow = { sessionId: SessionId; fromSeq: number; kind: ConditionChange['kind']; said: string }

const NOT_UNDONE = 'batch NOT IN (SELECT batch FROM undone)'

/** A golfer's sessions after a time; where ids are given, only those. The second part finds them by id, however many there are. */
const SESSIONS = `(SELECT id FROM session WHERE @only IS NULL AND golfer_id = @golferId AND started_ms > @sinceMs
  UNION ALL SELECT s.id FROM json_each(@only) wanted JOIN session s ON s.id = wanted.value
    WHERE +s.golfer_id = @golferId AND s.started_ms > @sinceMs)`

/**
 * What the shots of a golfer's sessions were hit in, by session and place in the store.
 * @param sessions only these; null: all of the golfer's
 * @param sinceMs only those that began later
 */
export function conditionsOfShots(
  db: Database,
  golferId: GolferId,
  sessions: readonly SessionId[] | null = null,
  sinceMs = -Infinity,
) {
  const of = { golferId, sinceMs, only: sessions && JSON.stringify(sessions) }
  const rows = db
    .prepare(
      `SELECT session_id AS sessionId, from_seq AS fromSeq, kind, said
       FROM session_event
       WHERE kind IN ('warm-up', 'air', 'ball') AND ${NOT_UNDONE} AND session_id IN ${SESSIONS}
       ORDER BY seq`,
    )
    .all(of) as ConditionRow[]
  const changes = new Map<SessionId, ConditionChange[]>()
  const setUps = db
    .prepare(
      `SELECT session_id AS sessionId, wind FROM set_up
       WHERE wind IS NOT NULL AND session_id IN ${SESSIONS}`,
    )
    .all(of) as { sessionId: SessionId; wind: Conditions['wind'] }[]
  for (const { sessionId, wind } of setUps)
    changes.set(sessionId, [{ kind: 'air', fromSeq: 0, wind, tempC: null, surface: null }])
  for (const { sessionId, fromSeq, kind, said: event } of rows) {
    const list = changes.get(sessionId) ?? []
    list.push({ kind, fromSeq, ...(JSON.parse(event) as object) } as ConditionChange)
    changes.set(sessionId, list)
  }
  const ofFiles = new Map(
    (
      db
        .prepare(
          `SELECT f.shot_seq AS seq, f.ball, f.surface FROM file_condition f JOIN shot n ON n.seq = f.shot_seq
           WHERE n.session_id IN ${SESSIONS}`,
        )
        .all(of) as ({ seq: number } & Pick<Conditions, 'ball' | 'surface'>)[]
    ).map(({ seq, ...hitIn }) => [seq, { ...PLAIN, ...hitIn }]),
  )
  // What was entered while hitting is of the shots that were hit then: those of a file have what the file says of them.
  return (sessionId: SessionId, seq: number, source?: string): Conditions => {
    if (source === 'file') return ofFiles.get(seq) ?? PLAIN
    const own = changes.get(sessionId)
    return own ? conditionsAt(own, seq) : PLAIN
  }
}

type ExpectationRow = Expectation & { sessionId: SessionId }

/** The last word of each session on each station, oldest session first. */
const lastExpectations = (db: Database, sessions: string, id: string): Expectation[] =>
  (
    db
      .prepare(
        `SELECT e.session_id AS sessionId, e.club_id AS clubId, e.swing, e.said ->> 'carryM' AS carryM
         FROM session_event e JOIN session s ON s.id = e.session_id
         WHERE ${sessions} AND e.kind = 'expectation' AND e.${NOT_UNDONE}
         ORDER BY s.started_ms, s.id, e.seq`,
      )
      .all(id) as ExpectationRow[]
  )
    .filter(
      (row, i, rows) =>
        !rows.slice(i + 1).some((later) => later.sessionId === row.sessionId && sameStation(later, row)),
    )
    .map(({ clubId, swing, carryM }) => ({ clubId, swing, carryM }))

/** What was expected in a session. */
export const expectationsOf = (db: Database, sessionId: SessionId): Expectation[] =>
  lastExpectations(db, 's.id = ?', sessionId)

/** Every expectation of a golfer. */
export const expectationsOfGolfer = (db: Database, golferId: GolferId): Expectation[] =>
  lastExpectations(db, 's.golfer_id = ?', golferId)
