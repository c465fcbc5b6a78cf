import type { ClubBuild } from './club-build'

/** What a club is from a moment on; since 0 for the one that it always was. */
export type ClubSetUp = { sinceMs: number; loftDeg: number | null; build: ClubBuild }

/** What was done to a club between two of its set-ups. */
export type ClubChange = {
  /** Weaker by so many degrees; negative for stronger. */
  degrees?: number
  /** Longer by this much, in metres. */
  longerM?: number
  /** Another shaft or lie: nobody knows what it does to a carry. */
  shaft?: true
  lie?: true
  /** The sleeve is set otherwise, whatever that does to the loft. */
  setting?: true
  grip?: true
}

/** What changed between two set-ups; null where nothing did that a ball would tell. */
export function changeBetween(
  before: Pick<ClubSetUp, 'loftDeg' | 'build'>,
  after: Pick<ClubSetUp, 'loftDeg' | 'build'>,
): ClubChange | null {
  const degrees = by(before.loftDeg, after.loftDeg)
  const longerM = by(before.build.lengthM ?? null, after.build.lengthM ?? null)
  const differs = (field: 'shaft' | 'shaftG' | 'flex' | 'grip' | 'sleeveAt') =>
    (before.build[field] ?? '') !== (after.build[field] ?? '')
  const shaft = differs('shaft') || differs('shaftG') || differs('flex')
  const lie = (before.build.lieDeg ?? 0) !== (after.build.lieDeg ?? 0)
  const change: ClubChange = {
    ...(degrees !== 0 && { degrees }),
    ...(longerM !== 0 && { longerM }),
    ...(shaft && { shaft: true as const }),
    ...(lie && { lie: true as const }),
    ...(differs('grip') && { grip: true as const }),
    ...(differs('sleeveAt') && { setting: true as const }),
  }
  return Object.keys(change).length > 0 ? change : null
}

const by = (before: number | null, after: number | null): number =>
  before === null || after === null ? 0 : after - before
