import type { ClubId } from '../ids'

/** What can be done about a step, on paper until it is marked done. Degrees are positive for weaker. */
export type Fix =
  | { kind: 'bend'; clubId: ClubId; degrees: number }
  | { kind: 'sleeve'; clubId: ClubId; degrees: number }
  /** The same model at another loft, in the club's place. */
  | { kind: 'swap'; clubId: ClubId; loftDeg: number }
  | { kind: 'drop'; clubId: ClubId }
  /** A club that is not in the bag: one of the rack, or a new one at a loft. */
  | { kind: 'add'; clubId?: ClubId; loftDeg?: number }
  | { kind: 'grip'; clubId: ClubId; cm: number }

/** What it costs on the scale of even steps: work at a club, a club bought. */
export const PRICE = { perDegree: 0.1, bought: 0.3 }

export function priceOf(fix: Fix): number {
  switch (fix.kind) {
    case 'bend':
    case 'sleeve':
      return PRICE.perDegree * Math.abs(fix.degrees)
    case 'swap':
      return PRICE.bought
    case 'add':
      return fix.clubId === undefined ? PRICE.bought : 0
    default:
      return 0
  }
}

export const isPurchase = (fix: Fix): boolean =>
  fix.kind === 'swap' || (fix.kind === 'add' && fix.clubId === undefined)
