import type { ClubId } from '../model/ids'

/** What can be done about a gap, on paper until it is marked done. Degrees are positive for weaker. */
export type Fix =
  | { kind: 'bend'; clubId: ClubId; degrees: number }
  | { kind: 'sleeve'; clubId: ClubId; degrees: number }
  /** The same model at another loft, in the club's place. */
  | { kind: 'swap'; clubId: ClubId; loftDeg: number }
  | { kind: 'drop'; clubId: ClubId }
  /** A club that is not in the bag: one of the rack, or a new one at a loft, with the carry that the golfer typed for one to try. */
  | { kind: 'add'; clubId?: ClubId; loftDeg?: number; carryM?: number }
  | { kind: 'grip'; clubId: ClubId; cm: number }
  /** A longer or a shorter shaft, longer positive: never the first choice for a gap. */
  | { kind: 'length'; clubId: ClubId; longerM: number }

/** What it costs on the scale of good gaps: work at a club, a club bought. */
const PRICE = { perDegree: 0.1, bought: 0.3 }

/** What a set of fixes costs. A club of the rack, a drop and a grip cost nothing. */
export const priceOf = (fixes: readonly Fix[]): number =>
  PRICE.perDegree * degreesOf(fixes) + PRICE.bought * boughtBy(fixes)

/** A club of another loft, or one that nobody has yet. */
export const isPurchase = (fix: Fix): boolean =>
  fix.kind === 'swap' || (fix.kind === 'add' && fix.clubId === undefined)

/** How many clubs some fixes buy. */
export const boughtBy = (fixes: readonly Fix[]): number => fixes.filter(isPurchase).length

/** Degrees that some fixes bend or turn, in all. */
export const degreesOf = (fixes: readonly Fix[]): number =>
  fixes.reduce((sum, fix) => sum + (isTurn(fix) ? Math.abs(fix.degrees) : 0), 0)

/** A change of a club's own loft, by a clubmaker or by its sleeve. */
type Turn = Extract<Fix, { degrees: number }>
export const isTurn = (fix: Fix): fix is Turn => fix.kind === 'bend' || fix.kind === 'sleeve'
