import type { Ball, BallName } from '@/core/model/ball'
import type { BallFactor } from '@/core/balls/trial'
import type { GolferId, SessionId } from '@/core/model/ids'
import type { Database } from './database'

/** The balls that a golfer has described, by name. */
export const ballsOf = (db: Database, golferId: GolferId): Ball[] =>
  (
    db
      .prepare('SELECT name, is_range AS range, worn FROM ball WHERE golfer_id = ? ORDER BY name')
      .all(golferId) as { name: BallName; range: 0 | 1; worn: 0 | 1 }[]
  ).map(({ name, range, worn }) => ({ name, range: range === 1, worn: worn === 1 }))

/** Keeps what a golfer says of a ball, in place of what was said before. */
export function keepBall(db: Database, golferId: GolferId, { name, range, worn }: Ball): void {
  db.prepare('INSERT OR REPLACE INTO ball (golfer_id, name, is_range, worn) VALUES (?, ?, ?, ?)').run(
    golferId,
    name,
    Number(range),
    Number(worn),
  )
}

/** What was found of a golfer's balls, on or off. */
export const ballFactorsOf = (db: Database, golferId: GolferId): BallFactor[] =>
  (
    db
      .prepare(
        `SELECT ball, counted_as AS "as", factors, shots, set_ms AS setMs, is_on AS "on"
         FROM ball_factor WHERE golfer_id = ? ORDER BY ball`,
      )
      .all(golferId) as (Omit<BallFactor, 'at' | 'on'> & { factors: string; on: 0 | 1 })[]
  ).map(({ factors, on, ...rest }) => ({
    ...rest,
    at: JSON.parse(factors) as BallFactor['at'],
    on: on === 1,
  }))

/** Keeps what a ball is to be counted as; null: as it flew, again. */
export function keepBallFactor(
  db: Database,
  golferId: GolferId,
  ball: BallName,
  factor: Omit<BallFactor, 'ball'> | null,
): void {
  if (factor === null) {
    db.prepare('DELETE FROM ball_factor WHERE golfer_id = ? AND ball = ?').run(golferId, ball)
    return
  }
  const { as, at, shots, setMs, on } = factor
  db.prepare(
    `INSERT OR REPLACE INTO ball_factor (golfer_id, ball, counted_as, factors, shots, set_ms, is_on)
     VALUES (?, ?, ?, ?, ?, ?, ?)`,
  ).run(golferId, ball, as, JSON.stringify(at), shots, setMs, Number(on))
}

/** Every ball that the set-ups and sessions of a golfer name. */
export const ballsNamed = (db: Database, golferId: GolferId): BallName[] =>
  db
    .prepare(
      `SELECT DISTINCT name FROM (
         SELECT p.ball AS name FROM set_up p JOIN session s ON s.id = p.session_id WHERE s.golfer_id = @golferId
         UNION SELECT e.said ->> 'ball' FROM session_event e JOIN session s ON s.id = e.session_id
           WHERE s.golfer_id = @golferId AND e.kind = 'ball' AND e.batch NOT IN (SELECT batch FROM undone)
         UNION SELECT name FROM ball WHERE golfer_id = @golferId
       ) WHERE name IS NOT NULL ORDER BY name COLLATE NOCASE`,
    )
    .pluck()
    .all({ golferId }) as BallName[]

/** Which balls were named in each of a golfer's sessions, newest first. */
export const ballsBySession = (
  db: Database,
  golferId: GolferId,
): { sessionId: SessionId; startedMs: number; balls: BallName[] }[] =>
  (
    db
      .prepare(
        `SELECT s.id AS sessionId, s.started_ms AS startedMs, json_group_array(DISTINCT b.name) AS balls
         FROM session s JOIN (
           SELECT session_id, ball AS name FROM set_up WHERE ball IS NOT NULL
           UNION SELECT session_id, said ->> 'ball' FROM session_event
             WHERE kind = 'ball' AND batch NOT IN (SELECT batch FROM undone)
         ) b ON b.session_id = s.id
         WHERE s.golfer_id = ? GROUP BY s.id ORDER BY s.started_ms DESC`,
      )
      .all(golferId) as { sessionId: SessionId; startedMs: number; balls: string }[]
  ).map(({ balls, ...rest }) => ({ ...rest, balls: JSON.parse(balls) as BallName[] }))
