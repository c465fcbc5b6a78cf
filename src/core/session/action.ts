import type { ClubId } from '../ids'
import type { Mark } from '../shots/mark'
import type { Swing } from '../shots/shot'

/** What one undo takes back, as data: the screens put it into words. */
export type Action = { batch: string } & ActionFacts
type OfShots = { shots: number; /** Of the last of them. */ carryM: number | null }
export type ActionFacts =
  | ({ kind: 'taken'; source: 'typed' | 'monitor' | 'file' } & OfShots)
  | ({ kind: 'mark'; mark: Mark | null } & OfShots)
  | ({ kind: 'station'; clubId: ClubId; swing: Swing } & OfShots)
  | ({ kind: 'released' | 'withdrawn' } & OfShots)
  | { kind: 'warm-up'; on: boolean }
  | { kind: 'air' }
  | { kind: 'expectation'; clubId: ClubId; swing: Swing; carryM: number }
