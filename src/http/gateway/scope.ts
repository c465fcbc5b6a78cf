import type { GolferId } from '../../core/model/ids'

/** What a paired phone may have: all of Banco, or the Bay of one golfer. */
export type Scope = { kind: 'whole' } | { kind: 'bay'; golferId: GolferId }

/** The gateway tells pages and routes in this header who asks; what a request itself sends under this name is removed. */
export const SCOPE_HEADER = 'x-banco-scope'

export const scopeText = (scope: Scope): string => (scope.kind === 'bay' ? `bay ${scope.golferId}` : 'whole')

/** What the device that asks may have: everything on this machine, or on a phone that is paired for the whole. */
export const parseScope = (text: string | null): Scope =>
  text?.startsWith('bay ') ? { kind: 'bay', golferId: text.slice(4) as GolferId } : { kind: 'whole' }

export const BAY_ONLY =
  'This phone is paired for one Bay alone: pair it with the passcode of the start to have the rest.'
