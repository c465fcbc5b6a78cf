import type { ClubId } from '../model/ids'
import { FULL_SWING, TEED_SWING, type Swing } from '../model/station'
import type { Job } from './club-build'

export const CLUB_KINDS = ['driver', 'wood', 'hybrid', 'iron', 'wedge', 'putter'] as const
export type ClubKind = (typeof CLUB_KINDS)[number]

/** A club as the calculations see it. `order` counts from the longest club, 0. */
export type Club = {
  id: ClubId
  kind: ClubKind
  /** Loft in degrees, null where it is not known. */
  loftDeg: number | null
  /** It was measured, not read off the club. */
  loftMeasured?: boolean
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

/** The longest irons are driven with: from this loft down (common practice). */
const DRIVING_IRON_DEG = 22

/** A club as the golfer describes it, or as the calculations see it. */
type Described = Pick<Club, 'kind' | 'loftDeg' | 'job'> & { build?: { job?: Job; oneLie?: true } }

/** Whether a club is hit from the tee and from the ground alike: woods, hybrids and driving irons, unless it is for the tee alone, or both are one to it. */
export const isHitFromBoth = ({ kind, loftDeg, job, build }: Described): boolean =>
  (job ?? build?.job) !== 'tee' &&
  build?.oneLie !== true &&
  (kind === 'wood' ||
    kind === 'hybrid' ||
    (kind === 'iron' && loftDeg !== null && loftDeg <= DRIVING_IRON_DEG))

/** The swings that a club is hit with: the golfer's, and off a tee where it is hit from both. */
export const swingsWith = (club: Described, swings: readonly Swing[]): Swing[] =>
  isHitFromBoth(club) ? [...swings, TEED_SWING] : [...swings]

/** The swings of a bag: the golfer's, and off a tee where any club is hit from both. */
export const swingsOfBag = (clubs: readonly Described[], swings: readonly Swing[]): Swing[] =>
  clubs.some(isHitFromBoth) ? [...swings, TEED_SWING] : [...swings]

/** The swing in hand as another club is hit: off a tee only with one that is. */
export const swingFor = (club: Described | undefined, swing: Swing): Swing =>
  swing === TEED_SWING && !(club && isHitFromBoth(club)) ? FULL_SWING : swing

/**
 * The swing under which a shot counts: where tee and ground are one to a club, or it is for the tee alone, whatever was hit
 * whole is full.
 */
export const countedSwing = (club: Described, hit: Swing): Swing =>
  hit === TEED_SWING && !isHitFromBoth(club) ? FULL_SWING : hit
