import type { ClubId } from '../model/ids'
import type { Mark } from '../model/mark'
import type { Swing } from '../model/station'
import type { SessionEvent } from './session-event'

/** Where a shot came from, and what can happen to it since. */
export const SHOT_SOURCES = ['typed', 'monitor', 'file'] as const
export type ShotSource = (typeof SHOT_SOURCES)[number]
export const SHOT_EVENT_KINDS = ['taken', 'withdrawn', 'mark', 'station', 'released'] as const
export type ShotEventKind = (typeof SHOT_EVENT_KINDS)[number]

/** What one undo takes back, as data: the screens put it into words. */
export type Action = { batch: string } & ActionFacts
type OfShots = { shots: number; /** Of the last of them. */ carryM: number | null }
export type ActionFacts =
  | ({ kind: 'taken'; source: ShotSource } & OfShots)
  | ({ kind: 'mark'; mark: Mark | null } & OfShots)
  | ({ kind: 'station'; clubId: ClubId; swing: Swing } & OfShots)
  /** A shot typed in the place of another, of `fromM`. */
  | ({ kind: 'corrected'; fromM: number | null } & OfShots)
  /** Shots of one golfer that are another's. */
  | ({ kind: 'to-golfer'; from: string; to: string } & OfShots)
  | ({ kind: 'released' | 'withdrawn' } & OfShots)
  | SessionEvent
