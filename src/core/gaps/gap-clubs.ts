import type { ClubId } from '../model/ids'

/** The two clubs that a gap is between. */
export type GapClubs = { longerId: ClubId; shorterId: ClubId }

/** Whether two gaps are between the same clubs. */
export const isSameGap = (a: GapClubs, b: GapClubs): boolean =>
  a.longerId === b.longerId && a.shorterId === b.shorterId

/** Whether a club is one of the two. */
export const isOfGap = ({ longerId, shorterId }: GapClubs, id: ClubId | undefined): boolean =>
  longerId === id || shorterId === id

/** One text for the two clubs, as a key. Hot: built thousands of times in a search. */
export const gapKey = ({ longerId, shorterId }: GapClubs): string => `${longerId}\n${shorterId}`
