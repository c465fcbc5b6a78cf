import type { ClubId, GolferId, VisitId } from '../model/ids'

/** After so many rounds or weeks the coach asks how it went. */
export const FOLLOW_UP_IN = ['rounds', 'weeks'] as const
export type FollowUpIn = (typeof FOLLOW_UP_IN)[number]
export type FollowUp = { after: number; in: FollowUpIn; look: string | null }

/** What a coach says of a golfer's visit; null: not said. */
export type VisitRecord = {
  atMs: number
  offsetMin: number
  minutes: number
  /** What it is to do. */
  toDo: string | null
  /** The coach's own words for the report. */
  words: string | null
  followUp: FollowUp | null
}
/** An hour or so of a golfer with a coach: planned, then held, with what came of it. */
export type Visit = VisitRecord & {
  id: VisitId
  golferId: GolferId
  /** When its report was done. */
  endedMs: number | null
  /** How often it was changed: who changes it says which of them was read. */
  changes: number
}

/** A visit that is planned for so shortly before or after now is the one that is on. */
const ON_WITHIN_MS = 12 * 3_600_000
export const isOn = ({ atMs }: Pick<Visit, 'atMs'>, nowMs: number): boolean =>
  Math.abs(atMs - nowMs) < ON_WITHIN_MS

/** How a club went in play against the number on the card. */
export const WENT = ['short', 'long'] as const
export type Went = (typeof WENT)[number]

/** What a golfer says after play; null: nothing to say of it. */
export type AfterPlay = {
  enteredMs: number
  /** A distance for which there was no club. */
  missingM: number | null
  /** A club that did not go its number. */
  off: { clubId: ClubId; went: Went } | null
  /** A club that stayed in the bag. */
  unusedId: ClubId | null
  words: string | null
}
