import type { Club } from '../bag/club'
import type { ShotId } from '../ids'
import { isPlausibleCarry } from '../shots/plausible-carry'
import type { Shot } from '../shots/shot'
import type { Air } from './air'
import { measuredLaunch } from './measured-launch'
import { restate, type Known, type Restated } from './restate'

/** Why a carry stays as it was hit. */
export type AsHitBecause = Extract<Restated, { kind: 'refused' }>['because'] | 'unknown-air'
export type ShotInAir =
  | { kind: 'restated'; carryM: number; changeM: number; sdM: number }
  | { kind: 'as-hit'; because: AsHitBecause }

/** A club whose loft nobody wrote down flies like one of the middle of a set. */
const MIDDLE_LOFT_DEG = 34

/**
 * Shots as they would have carried in one air: each from the air of its own session. A shot whose air is not
 * known, or that cannot be restated, stays as it was hit, and says so. The run of a shot stays what it was.
 */
export function restateShots(
  clubs: readonly Club[],
  shots: readonly Shot[],
  to: Air,
): { shots: Shot[]; inAir: Map<ShotId, ShotInAir> } {
  const inAir = new Map<ShotId, ShotInAir>()
  const byId = new Map(clubs.map((club) => [club.id, club]))
  const restated = shots.map((shot): Shot => {
    const { carryM, air, totalM } = shot
    const club = byId.get(shot.clubId)
    if (!isPlausibleCarry(carryM) || !club) return shot
    const was = air
      ? restate({ carryM, known: knownOf(shot, club), from: air, to })
      : ({ kind: 'refused', because: 'unknown-air' } as const)
    if (was.kind === 'refused') {
      inAir.set(shot.id, { kind: 'as-hit', because: was.because })
      return shot
    }
    const changeM = was.carryM - carryM
    inAir.set(shot.id, { kind: 'restated', carryM: was.carryM, changeM, sdM: was.sdM })
    return { ...shot, carryM: was.carryM, ...(totalM !== undefined && { totalM: totalM + changeM }) }
  })
  return { shots: restated, inAir }
}

/** What is known of how a shot was launched: all of it, or only its club. */
function knownOf(shot: Shot, club: Club): Known {
  const launch = measuredLaunch(shot)
  return launch ? { kind: 'launch', launch } : clubKnown(club)
}

export const clubKnown = ({ kind, loftDeg }: Pick<Club, 'kind' | 'loftDeg'>): Known & { kind: 'club' } => ({
  kind: 'club',
  loftDeg: loftDeg ?? MIDDLE_LOFT_DEG,
  teed: kind === 'driver',
})
