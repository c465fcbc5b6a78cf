import type { ClubId } from '../ids'
import type { Job } from './club-build'

export const CLUB_KINDS = ['driver', 'wood', 'hybrid', 'iron', 'wedge', 'putter'] as const
export type ClubKind = (typeof CLUB_KINDS)[number]

/** A club as the calculations see it. `order` counts from the longest club, 0. */
export type Club = {
  id: ClubId
  kind: ClubKind
  /** Loft in degrees, null where it is not known. */
  loftDeg: number | null
  order: number
  /** One that is only hit from the tee is judged on its total. */
  job?: Job
}

/** What kind of club one is that comes between two others: that of the shorter, a wood below the driver. */
export const kindBetween = (longer: ClubKind | undefined, shorter: ClubKind | undefined): ClubKind => {
  const near = longer ?? shorter
  return near === 'driver' ? 'wood' : (shorter ?? near ?? 'iron')
}

/** Rule 4.1b of the Rules of Golf: a player starts with at most 14 clubs, the putter among them. */
export const MOST_CLUBS = 14

/** Lofts that a club can have, in degrees: wide enough for every driver, wedge and putter made. */
export const LOFT_DEG = { least: 0, most: 80 } as const
