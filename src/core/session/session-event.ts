import type { Station } from '../model/station'
import type { BallName } from '../model/ball'
import type { AirAndLie } from './conditions'

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

/** What a golfer said of a station before hitting it. */
export type Expectation = Station & { carryM: number }
