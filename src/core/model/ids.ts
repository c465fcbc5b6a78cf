/** Identities are branded so that a club's id cannot be handed over where a shot's is meant. */
type Id<Brand extends string> = string & { readonly __of: Brand }

export type GolferId = Id<'golfer'>
export type BagId = Id<'bag'>
export type ClubId = Id<'club'>
export type SessionId = Id<'session'>
export type ShotId = Id<'shot'>
export type RoundId = Id<'round'>
export type RoundShotId = Id<'round-shot'>
export type VisitId = Id<'visit'>
