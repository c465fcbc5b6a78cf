import type { Conditions } from './conditions'
import type { Expectation } from './expectation'

/** What a golfer says of a session while it goes on: each one action, from a shot on or of a station. */
export type SessionSaid =
  | { kind: 'warm-up'; on: boolean }
  | ({ kind: 'air' } & Omit<Conditions, 'warmUp'>)
  | ({ kind: 'expectation' } & Expectation)

export const SAID_KINDS = ['warm-up', 'air', 'expectation'] as const satisfies readonly SessionSaid['kind'][]
