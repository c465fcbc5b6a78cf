import type { BallName } from '../balls/ball'
import type { AirAndLie } from './conditions'
import type { Expectation } from './expectation'

/** What a golfer says of a session while it goes on: each one action, from a shot on or of a station. */
export type SessionEvent =
  | { kind: 'warm-up'; on: boolean }
  | ({ kind: 'air' } & AirAndLie)
  | { kind: 'ball'; ball: BallName }
  | ({ kind: 'expectation' } & Expectation)

export const EVENT_KINDS = [
  'warm-up',
  'air',
  'ball',
  'expectation',
] as const satisfies readonly SessionEvent['kind'][]
