import type { ShotRecord } from '@/core/session/shot-record'
import type { Golfer } from '@/core/model/golfer'
import type { SessionId } from '@/core/model/ids'
import { exclusionOf, stockExclusion, lyingOn } from '@/core/session/conditions'
import { FLIGHT_FIELDS, type Flight } from '@/core/shots/flight-fields'
import type { ShotStatus } from '@/core/analysis/shot-status'
import { applyCorrections, hitWith, measuredBy } from '@/core/balls/corrections'
import { correctionsInForce } from './corrections'
import { STOCK_AGE_MS } from './bag-input'
import { clubsOf } from './clubs'
import type { Database } from './database'
import { conditionsOfShots } from './session-events'
import { setUpsOf } from './set-ups'
import { sessionById } from './sessions'
import { shotsOfSession } from './shots'

/** A shot as files hold it, and what is known of it besides. */
type ShotOnFile = { record: ShotRecord; status: ShotStatus }

/** Every shot of a golfer that is there, a session at a time, oldest first: a long history never stands in memory whole. */
export function* shotsOnFile(
  db: Database,
  { id: golferId, stocksOff }: Pick<Golfer, 'id' | 'stocksOff'>,
  nowMs: number,
): Generator<ShotOnFile[]> {
  const clubs = clubsOf(db, golferId)
  const names = new Map(clubs.map((club) => [club.id, club.name]))
  const changedMs = new Map(clubs.map((club) => [club.id, club.sinceMs]))
  const conditions = conditionsOfShots(db, golferId)
  const corrections = correctionsInForce(db, golferId)
  const setUps = setUpsOf(db, golferId)
  const sessions = db
    .prepare('SELECT id FROM session WHERE golfer_id = ? ORDER BY started_ms, id')
    .pluck()
    .all(golferId) as SessionId[]
  for (const id of sessions) {
    const session = sessionById(db, id)
    if (!session) throw new Error(`session ${id} was listed and is not there`)
    yield shotsOfSession(db, id).map((shot): ShotOnFile => {
      const hitIn = conditions(id, shot.seq, shot.source)
      const setUp = setUps.get(id)
      const flight = flightOf(shot)
      const ball = hitWith(hitIn.ball, setUp)
      const { carryM } = applyCorrections(
        flight,
        { monitor: measuredBy(shot.monitor, setUp), ball },
        corrections,
      )
      return {
        record: {
          ...flight,
          id: shot.id,
          session: id,
          startedMs: session.startedMs,
          offsetMin: session.offsetMin,
          place: session.place,
          hitMs: shot.hitMs,
          monitor: shot.monitor,
          ball,
          surface: lyingOn(hitIn, setUp),
          countedM: carryM === flight.carryM ? null : carryM,
          club: shot.clubId ? (names.get(shot.clubId) ?? null) : shot.clubLabel,
          swing: shot.swing,
          mark: shot.mark,
          apart: exclusionOf(hitIn),
        },
        status: {
          id: shot.id,
          clubId: shot.clubId,
          heldBecause: shot.heldBecause,
          exclusion: stockExclusion(hitIn, setUp, stocksOff),
          onCourse: session.place === 'course',
          old: shot.hitMs <= nowMs - STOCK_AGE_MS,
          beforeChange: shot.clubId !== null && shot.hitMs < (changedMs.get(shot.clubId) ?? 0),
        },
      }
    })
  }
}

function flightOf(shot: Flight): Pick<ShotRecord, (typeof FLIGHT_FIELDS)[number]> {
  const flight: Pick<ShotRecord, (typeof FLIGHT_FIELDS)[number]> = { carryM: shot.carryM }
  for (const field of FLIGHT_FIELDS) {
    const value = shot[field]
    if (typeof value === 'number') flight[field] = value
  }
  return flight
}
