import type { ClubId } from './ids'

/** Swings that every golfer starts with, longest first; others are named by the golfer. */
export const SWINGS = ['full', 'three-quarter', 'half'] as const
export type Swing = string
export const FULL_SWING: Swing = 'full'

/** One club with one swing: what a stock belongs to. */
export type Station = { clubId: ClubId; swing: Swing }

/** The station of a club's full swing. */
export const fullSwingOf = (clubId: ClubId): Station => ({ clubId, swing: FULL_SWING })

/** A text that two stations share when they are the same one: for maps, sets and choices on a screen. */
export const stationKey = ({ clubId, swing }: Station): string => `${clubId}\n${swing}`

export const sameStation = (a: Station, b: Station): boolean => a.clubId === b.clubId && a.swing === b.swing

/** Whether something is of a station: for `filter`, `some` and `find`. */
export const isOf =
  (station: Station) =>
  (each: { clubId: ClubId | null; swing: Swing }): boolean =>
    each.clubId === station.clubId && each.swing === station.swing

/** The first of a list that is of a station. */
export const atStation = <T extends Station>(list: readonly T[], station: Station): T | undefined =>
  list.find(isOf(station))
