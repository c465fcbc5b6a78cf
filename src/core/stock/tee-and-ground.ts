import { isHitFromBoth, type Club } from '../bag/club'
import type { ClubBuild } from '../bag/club-build'
import { factorOf, standApart, type Factor } from '../balls/factor'
import type { ClubId } from '../ids'
import type { Mark } from '../shots/mark'
import { FULL_SWING, TEED_SWING, type Swing } from '../station'

/** How much further a club carries off a tee than from the ground, and whether the two are kept apart. */
export type TeeAndGround = { clubId: ClubId; factor: Factor; apart: boolean }

type Hit = { clubId: ClubId; swing: Swing; carryM: number | null; mark: Mark; apart?: unknown }

/** Every club that was hit from both, three solid ones of each: from 3% on, or where none is excluded, two stocks; else one may do. */
export const teeAndGround = (
  clubs: readonly (Pick<Club, 'id' | 'kind' | 'loftDeg'> & { build: ClubBuild })[],
  shots: readonly Hit[],
): TeeAndGround[] =>
  clubs.filter(isHitFromBoth).flatMap(({ id }): TeeAndGround[] => {
    const solid = (swing: Swing) =>
      shots.flatMap(({ clubId, swing: hit, carryM, mark, apart }) =>
        clubId === id && hit === swing && mark === 'solid' && carryM !== null && apart === undefined
          ? [carryM]
          : [],
      )
    const factor = factorOf(solid(TEED_SWING), solid(FULL_SWING))
    return factor ? [{ clubId: id, factor, apart: standApart(factor) }] : []
  })
