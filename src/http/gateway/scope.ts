import type { GolferId } from '../../core/model/ids'

/** What a paired phone may have: all of Banco, or the Bay of one golfer. */
export type Scope = { kind: 'whole' } | { kind: 'bay'; golferId: GolferId }

/** The header in which the gateway passes the scope of a request on. A header of this name in the request itself is removed. */
export const SCOPE_HEADER = 'x-banco-scope'

export const scopeText = (scope: Scope): string => (scope.kind === 'bay' ? `bay ${scope.golferId}` : 'whole')

/** The scope that the header gives. Without the header the request came from this machine, which may have everything. */
export const parseScope = (text: string | null): Scope =>
  text?.startsWith('bay ') ? { kind: 'bay', golferId: text.slice(4) as GolferId } : { kind: 'whole' }

export const BAY_ONLY =
  'This phone is paired for one Bay alone: pair it with the passcode of the start to have the rest.'
