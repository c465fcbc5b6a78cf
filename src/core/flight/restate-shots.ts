import type { Club } from '../bag/club'
import type { ShotId } from '../model/ids'
import { isPlausibleCarry } from '../shots/plausible-carry'
import type { Shot } from '../shots/shot'
import type { Air } from '../model/air'
import { measuredLaunch } from './measured-launch'
import type { Launch } from './fly'
import {
  crisisShares,
  launchFor,
  NO_CRISIS,
  restate,
  type CrisisShares,
  type KnownFlight,
  type Restated,
  type UsualClub,
} from './restate'
import { median } from '../math/quantile'
import type { Swing } from '../model/station'

/** Why a carry stays as it was hit. */
export type AsHitBecause = Extract<Restated, { kind: 'refused' }>['because'] | 'unknown-air'
export type ShotInAir =
  | { kind: 'restated'; carryM: number; changeM: number; sdM: number; ownSdM: number; crisis: CrisisShares }
  | { kind: 'as-hit'; because: AsHitBecause }

/** A club whose loft nobody wrote down flies like one of the middle of a set. */
const MIDDLE_LOFT_DEG = 34

/**
 * Shots as they would have carried in one air: each from the air of its own session. A shot whose air is not
 * known, or that cannot be restated, stays as it was hit, and says so. What hangs on where the drag crisis lies
 * is found for all shots of a station in one air together. The run of a shot stays what it was.
 */
export function restateShots(
  clubs: readonly Club[],
  shots: readonly Shot[],
  to: Air,
): { shots: Shot[]; inAir: Map<ShotId, ShotInAir> } {
  const inAir = new Map<ShotId, ShotInAir>()
  const byId = new Map(clubs.map((club) => [club.id, club]))
  const shares = new Map<string, CrisisShares>()
  const airs = new Map<Air, string>()
  /** Sessions in equal air stand together. */
  const airKey = (air: Air): string => {
    const key = airs.get(air) ?? JSON.stringify(air)
    airs.set(air, key)
    return key
  }
  const crisisOf = (shot: Shot, club: Club, from: Air): CrisisShares => {
    const key = `${shot.clubId}\n${shot.swing}\n${airKey(from)}`
    const known = shares.get(key)
    if (known !== undefined) return known
    const alike = shots.filter(
      ({ clubId, swing, air, carryM }) =>
        clubId === shot.clubId &&
        swing === shot.swing &&
        air &&
        airKey(air) === airKey(from) &&
        isPlausibleCarry(carryM),
    )
    const carryM = median(alike.map((each) => each.carryM as number))
    const launch = usualLaunch(alike) ?? launchFor(carryM, usualClub(club, shot.swing), from)
    const found = launch ? crisisShares(carryM, launch, from, to) : NO_CRISIS
    shares.set(key, found)
    return found
  }
  const restated = shots.map((shot): Shot => {
    const { carryM, air, totalM } = shot
    const club = byId.get(shot.clubId)
    if (!isPlausibleCarry(carryM) || !club) return shot
    const crisis = air && crisisOf(shot, club, air)
    const was = air
      ? restate({ carryM, known: knownOf(shot, club), from: air, to, ...(crisis && { crisis }) })
      : ({ kind: 'refused', because: 'unknown-air' } as const)
    if (was.kind === 'refused') {
      inAir.set(shot.id, { kind: 'as-hit', because: was.because })
      return shot
    }
    const changeM = was.carryM - carryM
    const { sdM, ownSdM } = was
    inAir.set(shot.id, {
      kind: 'restated',
      carryM: was.carryM,
      changeM,
      sdM,
      ownSdM,
      crisis: crisis ?? NO_CRISIS,
    })
    return { ...shot, carryM: was.carryM, ...(totalM !== undefined && { totalM: totalM + changeM }) }
  })
  return { shots: restated, inAir }
}

/** The middle of the launches that were measured; null where none was. */
function usualLaunch(shots: readonly Shot[]): Launch | null {
  const launches = shots.flatMap((shot) => measuredLaunch(shot) ?? [])
  if (launches.length === 0) return null
  const middle = (of: keyof Launch) => median(launches.map((launch) => launch[of] as number))
  return {
    ballSpeedMps: middle('ballSpeedMps'),
    launchDeg: middle('launchDeg'),
    spinRpm: middle('spinRpm'),
  }
}

/** What is known of how a shot was launched: all of it, or only its club. */
function knownOf(shot: Shot, club: Club): KnownFlight {
  const launch = measuredLaunch(shot)
  return launch ? { kind: 'launch', launch } : { kind: 'club', ...usualClub(club, shot.swing) }
}

/** A club of a bag as its usual launch hangs on it. */
export const usualClub = ({ kind, loftDeg }: Pick<Club, 'kind' | 'loftDeg'>, swing: Swing): UsualClub => ({
  loftDeg: loftDeg ?? MIDDLE_LOFT_DEG,
  teed: kind === 'driver',
  wood: kind === 'wood',
  swing,
})
