import { type RefitClub } from '../bag/bag'
import type { ClubId } from '../model/ids'

/**
 * Whether two clubs are of one model. Where the golfer said nothing of either, irons are taken for one set and wedges
 * for another (common practice), woods and hybrids for none.
 */
export function isOneModel(a: RefitClub, b: RefitClub): boolean {
  if (a.model !== undefined || b.model !== undefined) return a.model === b.model
  return a.kind === b.kind && (a.kind === 'iron' || a.kind === 'wedge')
}

/** Clubs of one loft and one model: one of them is said wrongly, or does nothing. */
export const twins = (clubs: readonly RefitClub[]): [ClubId, ClubId][] =>
  clubs.flatMap((club, i) => {
    const twin = clubs.slice(i + 1).find((each) => each.loftDeg === club.loftDeg && isOneModel(each, club))
    return twin && club.loftDeg !== null ? [[club.id, twin.id] as [ClubId, ClubId]] : []
  })

/** Bends and sleeves change the loft by multiples of this (common practice: whole and half degrees). */
export const BEND_INCREMENT_DEG = 0.5

/** How far a head can be bent either way, in degrees (common practice: forged two, cast one or none). */
const BEND_DEG = { forged: 2, cast: 1, hollow: 0, titanium: 0 } as const
/** A head of which nobody said how it is made. */
const NOT_KNOWN_DEG = 1
const SLEEVE_DEG = 2
/** A wedge stays at this bounce or more. */
const LEAST_WEDGE_BOUNCE_DEG = 6

/** The changes of loft that a club allows, in degrees, weaker positive. */
type LoftLimits = { kind: 'bend' | 'sleeve' | 'none'; stronger: number; weaker: number }

/** How far a club's loft can be changed, and by what. */
export function loftLimits(club: RefitClub): LoftLimits {
  const none = { kind: 'none', stronger: 0, weaker: 0 } as const
  if (club.kind === 'putter') return none
  if (club.kind !== 'iron' && club.kind !== 'wedge') {
    const most = Math.min(SLEEVE_DEG, club.sleeveDeg ?? 0)
    return most >= BEND_INCREMENT_DEG ? { kind: 'sleeve', stronger: -most, weaker: most } : none
  }
  const most = club.head === undefined ? NOT_KNOWN_DEG : BEND_DEG[club.head]
  if (most === 0) return none
  const bounceLeft =
    club.kind === 'wedge' && club.bounceDeg !== undefined
      ? Math.max(0, club.bounceDeg - LEAST_WEDGE_BOUNCE_DEG)
      : Infinity
  return { kind: 'bend', stronger: -Math.min(most, halves(bounceLeft)), weaker: most }
}

const halves = (degrees: number): number =>
  degrees === Infinity ? Infinity : Math.floor(degrees / BEND_INCREMENT_DEG) * BEND_INCREMENT_DEG
