import { sameBall, type BallName } from '@/core/balls/ball'
import type { BagInput, Rules } from '@/core/analyse-bag'
import { countedSwing } from '@/core/bag/club'
import { clubsInOrder, type Bag } from '@/core/bag/bag'
import type { LeftOnPurpose } from '@/core/gaps/left-on-purpose'
import { schoolRules, type Golfer } from '@/core/golfer'
import type { Air } from '@/core/flight/air'
import type { ClubId, SessionId, ShotId } from '@/core/ids'
import type { Mark } from '@/core/shots/mark'
import type { ShotHolds } from '@/core/shots/holds'
import type { Shot } from '@/core/shots/shot'
import type { Flight } from '@/core/shots/flight-fields'
import type { Database } from './database'
import { apartFromStocks, lyingOn, type Conditions } from '@/core/session/conditions'
import { isStockSurface, type Surface } from '@/core/session/surface'
import type { Place } from '@/core/session/session'
import { sessionAir, totalComputed } from '@/core/session/session-air'
import { actingOn, hitWith, measuredBy } from './acting'
import { conditionsOfShots } from './session-events'
import { handStocks } from './hand-stocks'
import { leftOnPurpose } from './left-on-purpose'
import { STILL } from './clubs'
import { LONGEST_SESSION_MS } from './sessions'
import { setUpsOf } from './set-ups'
import { FLIGHT_COLUMNS, withoutNulls } from './shots'
import { newestShots, type Datable } from '@/core/stock/newest-shots'
import type { Swing } from '@/core/station'

/** The air in which the golfer's tables compare clubs; null: as hit. */
export const comparingAir = ({ compareIn, referenceAir }: Golfer): Air | null =>
  compareIn === 'reference' ? { ...referenceAir, tailwindMps: 0, crosswindMps: 0 } : null

/** Stocks are taken from the shots of the last twelve months. */
export const STOCK_AGE_MS = 365 * 86_400_000

type Row = Flight & {
  id: ShotId
  monitor: string | null
  place: Place | null
  clubId: ClubId
  swing: Swing
  mark: Mark | null
  hitMs: number
}

/** What tells which of many shots the stocks are made of. */
type Dated = Datable & { seq: number; sessionId: SessionId; session: number; hitIn: Conditions }
type DatedRow = [
  monitor: string | null,
  seq: number,
  sessionId: SessionId,
  source: string,
  clubId: ClubId,
  swing: Swing,
  mark: Mark | null,
  hitMs: number,
]

/** Which shots are gathered. */
export type Which = {
  /** The clubs of the rack and their shots as well, behind those of the bag. */
  withRack?: boolean
  /** Shots from then on are left out. */
  untilMs?: number
  /** Shots from before are left out: those of more than twelve months where nothing is said. */
  sinceMs?: number
  /** Those of other sessions are left out; null: of all. */
  sessions?: readonly SessionId[] | null
  /** Only those that this monitor measured, that were hit with this ball, that lay on this; null: all. */
  monitor?: string | null
  ball?: BallName | null
  surface?: Surface | null
  /** As they were measured: no correction and no factor acts. */
  asMeasured?: boolean
}

/** Every shot that may be in a stock, with no more than its date and station, in the order hit: none from before its club's set-up. */
function datedShots(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  {
    conditions,
    withRack,
    untilMs,
    sinceMs: since,
    sessions,
    monitor: askedMonitor,
    ball: askedBall,
    surface: askedSurface,
    setUps,
  }: Required<Omit<Which, 'asMeasured'>> & {
    conditions: ReturnType<typeof conditionsOfShots>
    setUps: ReturnType<typeof setUpsOf>
  },
): Dated[] {
  const clubs = new Map([...bag.clubs, ...bag.rack].map((club) => [club.id, club]))
  const rows = db
    .prepare(
      `SELECT n.monitor, n.seq, n.session_id, n.source, n.club_id, n.swing, n.mark, n.hit_ms
       FROM session s JOIN shot_now n ON n.session_id = s.id
       WHERE s.golfer_id = @golferId AND (@only IS NULL OR s.id IN (SELECT value FROM json_each(@only)))
         AND s.started_ms > @begun AND s.started_ms < @untilMs AND n.hit_ms > @since AND n.hit_ms < @untilMs AND present
         AND held_because IS NULL AND coalesce(s.place, '') <> 'course'
         AND (@withRack OR n.club_id IN (SELECT club_id FROM bag_slot WHERE bag_id = @bagId))
       ORDER BY s.started_ms, s.id, n.seq`,
    )
    .raw()
    .all({
      golferId: golfer.id,
      bagId: bag.id,
      withRack: Number(withRack),
      since,
      begun: since - LONGEST_SESSION_MS,
      untilMs,
      only: sessions && JSON.stringify(sessions),
    }) as DatedRow[]
  let session = -1
  let sequence = 0
  let last: SessionId | null = null
  return rows.flatMap(([monitor, seq, sessionId, source, clubId, hit, mark, hitMs]): Dated[] => {
    const club = clubs.get(clubId)
    const swing = club ? countedSwing(club, hit) : hit
    if (hitMs < (clubs.get(clubId)?.sinceMs ?? 0)) return []
    if (sessionId !== last) {
      session++
      sequence = 0
      last = sessionId
    }
    const hitIn = conditions(sessionId, seq, source)
    const setUp = setUps.get(sessionId)
    if (askedMonitor !== null && measuredBy(monitor, setUp) !== askedMonitor) return []
    if (askedBall !== null && !sameBall(hitWith(hitIn.ball, setUp) ?? '', askedBall)) return []
    if (askedSurface !== null && lyingOn(hitIn, setUp) !== askedSurface) return []
    // Who asks for one surface asks for its own stock.
    const apart = apartFromStocks(hitIn, setUp, askedSurface === null ? golfer.stocksOff : null)
    return [
      {
        ...{ seq, sessionId, session, clubId, swing, hitIn },
        sequence: sequence++,
        ...(mark && { mark }),
        ...(apart && { apart }),
      },
    ]
  })
}

/** All that was measured of some shots, by their place in the store. */
function fullRows(db: Database, seqs: readonly number[]): Map<number, Row> {
  const rows = db
    .prepare(
      `SELECT n.seq, n.id, s.place, n.club_id AS clubId, swing, mark, n.hit_ms AS hitMs, n.monitor, ${FLIGHT_COLUMNS}
       FROM json_each(?) wanted JOIN shot_now n ON n.seq = wanted.value JOIN session s ON s.id = n.session_id`,
    )
    .all(JSON.stringify(seqs)) as (Row & { seq: number })[]
  return new Map(rows.map(({ seq, ...row }) => [seq, row]))
}

/**
 * Gathers what the calculations need to know of a golfer's bag: its clubs, and the shots with them of
 * the last twelve months that are there and not held. Shots hit on the course stand beside a stock, never in it.
 * @param inAir the air in which carries are to be compared; null: each in the air it was hit in
 */
export function bagInput(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  nowMs: number,
  inAir: Air | null = null,
  {
    withRack = false,
    untilMs = STILL,
    sinceMs = nowMs - STOCK_AGE_MS,
    sessions = null,
    monitor: onlyBy = null,
    ball: onlyWith = null,
    surface: onlyOff = null,
    asMeasured = false,
  }: Which = {},
): BagInput {
  const conditions = conditionsOfShots(db, golfer.id, sessions, sinceMs - LONGEST_SESSION_MS)
  const setUps = setUpsOf(db, golfer.id, sinceMs - LONGEST_SESSION_MS, sessions)
  const dated = datedShots(db, golfer, bag, {
    ...{ conditions, setUps, withRack, untilMs, sinceMs, sessions },
    monitor: onlyBy,
    ball: onlyWith,
    surface: onlyOff,
  })
  const { taken, older } = newestShots(dated, golfer.windCounts)
  const rows = fullRows(
    db,
    taken.map(({ seq }) => seq),
  )
  const acting = asMeasured ? null : actingOn(db, golfer.id)
  const airs = new Map<string, Air | null>()
  /** One object for all shots of a session in the same air. */
  const airOf = (sessionId: SessionId, place: Place | null, { wind, tempC }: Conditions): Air | null => {
    const key = `${sessionId} ${wind} ${tempC}`
    const known = airs.get(key)
    if (known !== undefined) return known
    const found = sessionAir(setUps.get(sessionId) ?? null, place, { wind, tempC })
    const air = found.kind === 'known' ? found.air : null
    airs.set(key, air)
    return air
  }
  const shots = taken.map(({ seq, sessionId, session, sequence, apart, hitIn, swing }): Shot => {
    const { mark, place, monitor, ...row } = rows.get(seq) as Row
    const air = airOf(sessionId, place, hitIn)
    const setUp = setUps.get(sessionId)
    const surface = lyingOn(hitIn, setUp)
    const flight = withoutNulls(row)
    const acted: typeof flight & { holds?: ShotHolds } = acting
      ? acting(flight, { monitor, ball: hitIn.ball, setUp })
      : flight
    return {
      ...acted,
      ...(isStockSurface(apart) && { holds: { ...acted.holds, offSurface: apart } }),
      swing,
      ...(surface && { surface }),
      ...(mark && { mark }),
      ...(apart && { apart }),
      ...(air && { air }),
      ...(totalComputed(place, setUp ?? null) && { totalComputed: true as const }),
      session,
      sequence,
    }
  })
  return {
    clubs: clubsInOrder({ clubs: withRack ? [...bag.clubs, ...bag.rack] : bag.clubs }),
    shots,
    ...(older.length > 0 && { older }),
    rules: {
      stockRule: golfer.stockRule,
      ...schoolRules(golfer),
      ...(golfer.goalZoneM && { goalZoneM: golfer.goalZoneM }),
      windCounts: golfer.windCounts,
      toleranceM: golfer.toleranceM,
      ...(inAir && { inAir }),
      byHand: handStocks(db, golfer.id),
      leftOnPurpose: leftRules(leftOnPurpose(db, golfer.id)),
    },
  }
}

/** What the calculations need of what is left on purpose. */
function leftRules(left: readonly LeftOnPurpose[]): NonNullable<Rules['leftOnPurpose']> {
  return {
    steps: left.flatMap(({ about, because }) =>
      about.kind === 'step' ? [{ longerId: about.longerId, shorterId: about.shorterId, because }] : [],
    ),
    holes: left.flatMap(({ about, because }) => (about.kind === 'hole' ? [{ atM: about.atM, because }] : [])),
  }
}

/** Shots with a station that no stock is made of: how many were hit on the course, and how many are too old, with the newest. */
export type BesideStock = {
  clubId: ClubId
  swing: Swing
  onCourse: number
  old: { shots: number; newestMs: number } | null
}

/** What stands beside the stocks of a bag: shots on the course, and those of the year before the last twelve months. */
export const besideStocks = (db: Database, golfer: Golfer, bag: Bag, nowMs: number): BesideStock[] =>
  (
    db
      .prepare(
        `SELECT n.club_id AS clubId, n.swing,
           sum(s.place IS 'course' AND n.hit_ms > @since) AS onCourse,
           sum(s.place IS NOT 'course' AND n.hit_ms <= @since) AS oldShots,
           max(CASE WHEN s.place IS NOT 'course' AND n.hit_ms <= @since THEN n.hit_ms END) AS newestMs
         FROM session s JOIN shot_now n ON n.session_id = s.id
         WHERE s.golfer_id = @golferId AND s.started_ms > @yearBefore AND present AND held_because IS NULL
           AND n.club_id IN (SELECT club_id FROM bag_slot WHERE bag_id = @bagId)
         GROUP BY n.club_id, n.swing`,
      )
      .all({
        golferId: golfer.id,
        bagId: bag.id,
        since: nowMs - STOCK_AGE_MS,
        yearBefore: nowMs - 2 * STOCK_AGE_MS,
      }) as {
      clubId: ClubId
      swing: Swing
      onCourse: number
      oldShots: number
      newestMs: number | null
    }[]
  ).flatMap(({ clubId, swing, onCourse, oldShots, newestMs }) =>
    onCourse > 0 || oldShots > 0
      ? [{ clubId, swing, onCourse, old: newestMs === null ? null : { shots: oldShots, newestMs } }]
      : [],
  )
