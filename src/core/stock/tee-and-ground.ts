import { isHitFromBoth, type Club } from '../bag/club'
import type { ClubBuild } from '../bag/club-build'
import { factorOf, lieStocks, type Factor, type LieStocks } from '../balls/factor'
import type { ClubId } from '../model/ids'
import type { Mark } from '../model/mark'
import { FULL_SWING, TEED_SWING, type Swing } from '../model/station'

/** How much further a club carries off a tee than from the ground, and whether the two are two stocks. */
export type TeeAndGround = { clubId: ClubId; factor: Factor; stocks: LieStocks }

type Hit = { clubId: ClubId; swing: Swing; carryM: number | null; mark: Mark; exclusion?: unknown }

/** Every club that was hit from both, three solid ones of each, and whether they are two stocks. */
export const teeAndGround = (
  clubs: readonly (Pick<Club, 'id' | 'kind' | 'loftDeg'> & { build: ClubBuild })[],
  shots: readonly Hit[],
): TeeAndGround[] =>
  clubs.filter(isHitFromBoth).flatMap(({ id }): TeeAndGround[] => {
    const solid = (swing: Swing) =>
      shots.flatMap(({ clubId, swing: hit, carryM, mark, exclusion }) =>
        clubId === id && hit === swing && mark === 'solid' && carryM !== null && exclusion === undefined
          ? [carryM]
          : [],
      )
    const factor = factorOf(solid(TEED_SWING), solid(FULL_SWING))
    return factor ? [{ clubId: id, factor, stocks: lieStocks(factor) }] : []
  })
