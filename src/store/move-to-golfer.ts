import { randomUUID } from 'node:crypto'
import type { HeldReason } from '@/core/model/held-reason'
import type { GolferId, SessionId, ShotId } from '@/core/model/ids'
import type { Session } from '@/core/model/session'
import { clubLabelled } from './club-labels'
import { clubsOf } from './clubs'
import type { Database } from './database'
import { conditionsOfShots } from './session-events'
import { currentSession, endSession, startSession } from './sessions'
import { keepSetUp, setUpOf } from './set-ups'
import { addEvents, shotsOfSession, shotTaker, type ShotEvent, type StoredShot } from './shots'

/** Reasons that are of the shot itself, whoever hit it. */
const OF_THE_SHOT: readonly (HeldReason | null)[] = ['implausible-carry', 'unknown-field', 'clock-off']

/**
 * Moves shots that went to the wrong golfer, with their marks, as one action of both golfers: they leave one session and are
 * taken into the other's, each with the club of the same name. Undone in either session, all are where they were.
 * @returns the session that has them now
 */
export function moveToGolfer(
  db: Database,
  session: Session & { golferId: GolferId },
  shotIds: readonly ShotId[],
  golferId: GolferId,
  nowMs: number,
): SessionId {
  return db
    .transaction((): SessionId => {
      const moving = new Set(shotIds)
      const shots = shotsOfSession(db, session.id).filter(({ id }) => moving.has(id))
      const batch = randomUUID()
      const into = sessionFor(db, session, golferId, shots, nowMs)
      addEvents(
        db,
        shots.map(({ seq }) => ({ shotSeq: seq, event: { kind: 'withdrawn' } })),
        nowMs,
        batch,
      )
      const named = new Map(clubsOf(db, session.golferId).map(({ id, name }) => [id, name]))
      const take = shotTaker(db, batch)
      const seqOf = db.prepare('SELECT seq FROM shot WHERE id = ?').pluck()
      const marks: { shotSeq: number; event: ShotEvent }[] = []
      for (const shot of shots) {
        const label = shot.clubLabel ?? (shot.clubId && named.get(shot.clubId)) ?? null
        const clubId = label === null ? null : clubLabelled(db, golferId, label)
        const id = randomUUID() as ShotId
        const about = {
          id,
          sessionId: into,
          // What was brought by a file is taken back with that file, which is the other golfer's.
          source: shot.source === 'file' ? 'monitor' : shot.source,
          hitMs: shot.hitMs,
          monitor: shot.monitor,
          clubLabel: label,
          clubId,
          swing: shot.swing,
          heldBecause:
            clubId === null
              ? ('unknown-club' as const)
              : OF_THE_SHOT.includes(shot.heldBecause)
                ? shot.heldBecause
                : null,
          ...(shot.posted !== null && { posted: shot.posted }),
        } as const
        take(about, shot)
        if (shot.mark)
          marks.push({ shotSeq: seqOf.get(id) as number, event: { kind: 'mark', mark: shot.mark } })
      }
      if (marks.length > 0) addEvents(db, marks, nowMs, batch)
      return into
    })
    .immediate()
}

/** The golfer's open session, unless it is warming up; else one of its own, set up as that in which they were hit. */
function sessionFor(
  db: Database,
  { id, place, offsetMin }: Session,
  golferId: GolferId,
  shots: readonly StoredShot[],
  nowMs: number,
): SessionId {
  const open = currentSession(db, golferId, nowMs)
  if (open && !conditionsOfShots(db, golferId, [open.id])(open.id, Infinity).warmUp) return open.id
  const startedMs = shots[0]?.hitMs ?? nowMs
  const fresh = startSession(db, { golferId, startedMs, offsetMin, place, clearMs: startedMs })
  const setUp = setUpOf(db, id)
  if (setUp) keepSetUp(db, golferId, fresh, setUp)
  endSession(db, fresh, shots.at(-1)?.hitMs ?? nowMs)
  return fresh
}
