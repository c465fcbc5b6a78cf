import { applyCorrections, hitWith, measuredBy, type Corrections } from '../balls/corrections'
import { countedSwing } from '../bag/club'
import type { OwnedClub } from '../bag/bag'
import type { Air } from '../model/air'
import { sameBall, type BallName } from '../model/ball'
import type { ClubId, SessionId, ShotId } from '../model/ids'
import type { Mark } from '../model/mark'
import type { Place } from '../model/session'
import type { Swing } from '../model/station'
import { isStockSurface, type StockSurface, type Surface } from '../model/surface'
import { stockExclusion, lyingOn, type Conditions } from '../session/conditions'
import { sessionAir, totalComputed } from '../session/session-air'
import type { SetUp } from '../session/set-up'
import type { ShotAdjustments } from '../shots/adjustments'
import type { Flight } from '../shots/flight-fields'
import type { Shot } from '../shots/shot'
import { newestShots, type Datable, type Newest } from '../stock/newest-shots'

/** A stored shot, as far as it decides whether the shot can be in a stock. */
export type DatedRow = {
  seq: number
  monitor: string | null
  source: string
  clubId: ClubId
  swing: Swing
  mark: Mark | null
  hitMs: number
}
/** What was measured of a stored shot. */
export type MeasuredRow = Flight & {
  id: ShotId
  monitor: string | null
  place: Place | null
  clubId: ClubId
  swing: Swing
  mark: Mark | null
  hitMs: number
}
/** A session with its stored shots in the order in which they were hit. */
export type SessionOfShots = { id: SessionId; setUp: SetUp | undefined; shots: readonly DatedRow[] }

/** A shot that can be in a stock, before its measured values are read. */
export type SelectedShot = Datable & {
  seq: number
  sessionId: SessionId
  session: number
  hitIn: Conditions
  setUp: SetUp | undefined
}

export type ShotFilter = {
  /** Milliseconds since 1970: shots up to the first and from the second on are left out. */
  sinceMs: number
  untilMs: number
  /** Only shots of this monitor, with this ball, from this surface; null: all. */
  monitor: string | null
  ball: BallName | null
  surface: Surface | null
}

/**
 * Selects the shots that stocks are made of: those of the clubs since each club's last change, that pass the filter, the
 * newest ones of each station.
 * @param sessions oldest first
 * @param clubs the clubs whose shots are wanted
 * @param conditions the conditions in which a shot was hit
 * @param stocksOff what stocks stand for where a station was hit off mat and grass; null: both
 */
export function selectShots(
  sessions: readonly SessionOfShots[],
  {
    clubs,
    conditions,
    filter,
    stocksOff,
    windCounts,
  }: {
    clubs: readonly OwnedClub[]
    conditions: (session: SessionId, seq: number, source: string) => Conditions
    filter: ShotFilter
    stocksOff: StockSurface | null
    windCounts: boolean
  },
): Newest<SelectedShot> {
  const { sinceMs, untilMs, monitor, ball, surface } = filter
  const byId = new Map(clubs.map((club) => [club.id, club]))
  let session = -1
  const all = sessions.flatMap(({ id: sessionId, setUp, shots }): SelectedShot[] => {
    let sequence = 0
    let isFirst = true
    return shots.flatMap((shot): SelectedShot[] => {
      const { seq, clubId, mark, hitMs } = shot
      const club = byId.get(clubId)
      if (!club || hitMs <= sinceMs || hitMs >= untilMs || hitMs < club.sinceMs) return []
      if (isFirst) session++
      isFirst = false
      const hitIn = conditions(sessionId, seq, shot.source)
      if (monitor !== null && measuredBy(shot.monitor, setUp) !== monitor) return []
      if (ball !== null && !sameBall(hitWith(hitIn.ball, setUp) ?? '', ball)) return []
      if (surface !== null && lyingOn(hitIn, setUp) !== surface) return []
      // A stock of one surface is wanted: its own shots are not excluded.
      const exclusion = stockExclusion(hitIn, setUp, surface === null ? stocksOff : null)
      return [
        {
          ...{ seq, sessionId, session, setUp, clubId, hitIn, sequence: sequence++ },
          swing: countedSwing(club, shot.swing),
          ...(mark && { mark }),
          ...(exclusion && { exclusion }),
        },
      ]
    })
  })
  return newestShots(all, windCounts)
}

/**
 * The selected shots as the calculations take them: corrected, and with the air that each was hit in where it is known.
 * @param measured what was measured of a selected shot, without fields that are null
 * @param corrections what acts on the measured values; null: nothing
 */
export function prepareShots(
  selected: readonly SelectedShot[],
  measured: (shot: SelectedShot) => MeasuredRow,
  corrections: Corrections | null,
): Shot[] {
  const airs = new Map<string, Air | null>()
  /** One object for all shots of a session in the same air. */
  const airOf = ({ sessionId, setUp, hitIn: { wind, tempC } }: SelectedShot, place: Place | null) => {
    const key = `${sessionId} ${wind} ${tempC}`
    const known = airs.get(key)
    if (known !== undefined) return known
    const found = sessionAir(setUp ?? null, place, { wind, tempC })
    const air = found.kind === 'known' ? found.air : null
    airs.set(key, air)
    return air
  }
  return selected.map((each): Shot => {
    const { session, sequence, exclusion, hitIn, setUp, swing } = each
    const { mark, place, monitor, ...flight } = measured(each)
    const air = airOf(each, place)
    const surface = lyingOn(hitIn, setUp)
    const hit = { monitor: measuredBy(monitor, setUp), ball: hitWith(hitIn.ball, setUp) }
    const corrected: typeof flight & { adjustments?: ShotAdjustments } = corrections
      ? applyCorrections(flight, hit, corrections)
      : flight
    return {
      ...corrected,
      ...(isStockSurface(exclusion) && { adjustments: { ...corrected.adjustments, offSurface: exclusion } }),
      swing,
      ...(surface && { surface }),
      ...(mark && { mark }),
      ...(exclusion && { exclusion }),
      ...(air && { air }),
      ...(totalComputed(place, setUp ?? null) && { totalComputed: true as const }),
      session,
      sequence,
    }
  })
}
