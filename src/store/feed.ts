import type { GolferId, SessionId, ShotId } from '@/core/model/ids'
import { clockIsOff, stationForShot } from '@/core/shots/station-for-shot'
import { waitsForItsClub, type HeldReason } from '@/core/model/held-reason'
import type { Flight } from '@/core/shots/flight-fields'
import { clubLabelled } from './club-labels'
import type { Database } from './database'
import { isSecondReading, watching } from './monitors'
import { cameRangeNotClear } from './range-clear'
import { receiverFor } from './receivers'
import { claimSession, sessionById, waitingSession } from './sessions'
import { addEvents, shotBefore, shotsOfGolfer, takeShot, type ShotEvent, type Taken } from './shots'
import type { StationLie, Swing } from '@/core/model/station'

/** A shot as a monitor posted it. */
export type PostedShot = Flight & {
  id: ShotId
  hitMs: number | null
  /** The monitor's name, where it gives one. */
  monitor: string | null
  clubLabel: string | null
  swing: Swing | null
  /** What the ball lay on, where the post says it. */
  lie?: StationLie | null
  unknownFields: string[]
  posted: string
}

type Received = { taken: Taken; heldBecause: HeldReason | null }

/** Takes a shot from a monitor: into the session that receives, or to those that wait. On disk when this returns. */
export function receiveShot(db: Database, post: PostedShot, nowMs: number, offsetMin: number): Received {
  return db
    .transaction((): Received => {
      // A repeat changes nothing: not even who waits for shots.
      const before = shotBefore(db)(post)
      if (before) return { taken: before.same ? 'known' : 'other-contents', heldBecause: null }
      const receiver = receiverFor(db, post.monitor, nowMs)
      const session = receiver && sessionById(db, receiver)
      const labelled =
        session?.golferId && post.clubLabel ? clubLabelled(db, session.golferId, post.clubLabel) : null
      const monitorUse = session && post.monitor !== null ? watching(db, session.id, post.monitor) : null
      const comparisonOnly = monitorUse === true
      const hitMs = post.hitMs ?? nowMs
      const { clubId, swing, heldBecause } = stationForShot(
        {
          ...post,
          lie: post.lie ?? null,
          clockIsOff: clockIsOff(post.hitMs, nowMs),
          isSecond:
            session !== null &&
            post.monitor !== null &&
            monitorUse === null &&
            isSecondReading(db, session.id, post.monitor, hitMs),
        },
        labelled,
        session?.open ?? null,
      )
      const { unknownFields: _known, lie: _lie, ...flight } = post
      const rangeNotClear =
        session != null && !comparisonOnly && cameRangeNotClear(db, session.id, hitMs, nowMs)
      const taken = takeShot(db, {
        ...flight,
        sessionId: session?.id ?? waitingSession(db, nowMs, offsetMin),
        source: 'monitor',
        hitMs,
        rangeNotClear,
        comparisonOnly,
        clubId,
        swing,
        heldBecause,
      })
      if (comparisonOnly) return { taken, heldBecause: null }
      return { taken, heldBecause: heldBecause ?? (rangeNotClear ? 'range-not-clear' : null) }
    })
    .immediate()
}

/** Gives the waiting shots of a session to a golfer: those whose club is known by its label are taken at once. */
export function claimWaiting(db: Database, sessionId: SessionId, golferId: GolferId, nowMs: number): void {
  db.transaction(() => {
    claimSession(db, sessionId, golferId)
    releaseLabelled(db, golferId, nowMs)
  }).immediate()
}

/** Takes every held shot of a golfer that waited only for its club to be known. */
function releaseLabelled(db: Database, golferId: GolferId, nowMs: number, batch?: string): void {
  const events = shotsOfGolfer(db, golferId).flatMap(
    ({ seq, heldBecause, clubLabel, swing }): { shotSeq: number; event: ShotEvent }[] => {
      if (!waitsForItsClub(heldBecause) || clubLabel === null) return []
      const clubId = clubLabelled(db, golferId, clubLabel)
      if (clubId === null) return []
      return [
        { shotSeq: seq, event: { kind: 'station', clubId, swing } },
        { shotSeq: seq, event: { kind: 'released' } },
      ]
    },
  )
  if (events.length > 0) addEvents(db, events, nowMs, batch)
}
