import { DAY_MS } from '@/core/units'
import { randomUUID } from 'node:crypto'
import type { ClubId, GolferId, SessionId, ShotId } from '@/core/model/ids'
import { bagOf, startBag } from '@/store/bags'
import type { Database } from '@/store/database'
import { addGolfer, golferById } from '@/store/golfers'
import { beginReceiving } from '@/store/receivers'
import { endSession, openStation, startSession } from '@/store/sessions'
import { shotTaker } from '@/store/shots'
import { dice } from '../simulators/golfers/dice'
import { hitShot } from '../simulators/golfers/hit-shot'
import { NET_LOFT } from '../simulators/golfers/net-loft'

const SHOTS_A_SESSION = 100
const SWINGS = ['full', 'three-quarter', 'half'] as const

/**
 * A golfer who hits a lot: sessions of a hundred shots in rounds of the whole bag, with three swings of each wedge.
 * @param recent shots of the last twelve months; `older` those of the years before
 */
export function fillStore(
  db: Database,
  { recent, older = 0, nowMs, id = 'busy' }: { recent: number; older?: number; nowMs: number; id?: string },
): GolferId {
  const [, hidden] = NET_LOFT
  if (!hidden) throw new Error('the net loft has no second golfer')
  const golferId = id as GolferId
  addGolfer(
    db,
    golferId,
    { name: id, hand: 'right', lengthUnit: 'yd', speedUnit: 'mph', goalZoneM: null },
    nowMs - 3000 * DAY_MS,
  )
  const clubs = hidden.clubs.map(({ name, kind, loftDeg }) => ({ name, kind, loftDeg }))
  startBag(db, golferId, { name: 'Bag', clubs }, nowMs - 3000 * DAY_MS)
  const bag = bagOf(db, golferId)
  if (!bag) throw new Error('the bag is there')
  const stations = hidden.clubs.flatMap((club) => {
    const clubId = bag.clubs.find(({ name }) => name === club.name)?.id
    if (!clubId) return []
    return (club.kind === 'wedge' ? SWINGS : (['full'] as const)).map((swing) => ({ club, clubId, swing }))
  })
  const roll = dice(recent + older)
  let hit = 0
  const session = (startedMs: number, shots: number) => {
    const sessionId = startSession(
      db,
      { golferId, startedMs, offsetMin: 0, place: 'indoor', clearMs: startedMs },
      randomUUID() as SessionId,
    )
    const take = shotTaker(db)
    for (let i = 0; i < shots; i++) {
      // Three shots with each station, then the next one: as a plan in rounds has it.
      const at = stations[Math.floor(hit++ / 3) % stations.length]
      if (!at) continue
      const { flight } = hitShot(hidden, at.club, { swing: at.swing, position: i }, roll)
      const about = {
        id: randomUUID() as ShotId,
        sessionId,
        source: 'monitor',
        hitMs: startedMs + i * 30_000,
        clubLabel: null,
        clubId: at.clubId,
        swing: at.swing,
        heldBecause: null,
        posted: '{}',
      } as const
      take(about, flight)
    }
    endSession(db, sessionId, startedMs + shots * 30_000)
  }
  const spread = (shots: number, fromMs: number, toMs: number) => {
    const sessions = Math.ceil(shots / SHOTS_A_SESSION)
    for (let i = 0; i < sessions; i++)
      session(
        Math.round(fromMs + ((toMs - fromMs) * (i + 0.5)) / sessions),
        Math.min(SHOTS_A_SESSION, shots - i * SHOTS_A_SESSION),
      )
  }
  db.transaction(() => {
    spread(older, nowMs - 2900 * DAY_MS, nowMs - 370 * DAY_MS)
    spread(recent, nowMs - 360 * DAY_MS, nowMs - DAY_MS)
  })()
  return golferId
}

export const golferOf = (db: Database, id: GolferId) => {
  const golfer = golferById(db, id)
  if (!golfer) throw new Error(`there is no golfer ${id}`)
  return golfer
}

/** A session of a golfer's that receives, with an iron's station open. */
export function receivingSession(db: Database, golferId: GolferId, nowMs: number): SessionId {
  const start = { golferId, startedMs: nowMs, offsetMin: 0, place: 'indoor', clearMs: nowMs } as const
  const session = startSession(db, start)
  const clubId = db.prepare("SELECT id FROM club WHERE kind = 'iron' LIMIT 1").pluck().get() as ClubId
  beginReceiving(db, session, nowMs)
  openStation(db, session, { clubId, swing: 'full' }, nowMs)
  return session
}
