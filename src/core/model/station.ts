import type { ClubId } from './ids'

/** Swings that every golfer starts with, longest first; others are named by the golfer. */
export const SWINGS = ['full', 'three-quarter', 'half'] as const
export type Swing = string
export const FULL_SWING: Swing = 'full'

/** A full swing off a tee, with a club that is hit from the ground too: a station of its own beside the full one. */
export const TEED_SWING: Swing = 'teed'

/** What the ball of a station lies on. */
export const STATION_LIES = ['tee', 'ground'] as const
export type StationLie = (typeof STATION_LIES)[number]
export const lieOf = ({ swing }: Pick<Station, 'swing'>): StationLie =>
  swing === TEED_SWING ? 'tee' : 'ground'

/** Whether a swing is a whole one, from wherever it is hit. */
export const isWholeSwing = (swing: Swing): boolean => swing === FULL_SWING || swing === TEED_SWING

/** The swing of a shot whose lie was said beside it: off a tee a full one is that from the tee, from the ground it is full. */
export const swingFrom = (lie: StationLie | null, swing: Swing | null): Swing | null =>
  lie === 'tee' && (swing === null || swing === FULL_SWING)
    ? TEED_SWING
    : lie === 'ground' && (swing === null || swing === TEED_SWING)
      ? FULL_SWING
      : swing

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
