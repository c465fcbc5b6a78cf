import type { ClubId, SessionId } from '../model/ids'
import type { Surface } from '../model/surface'
import type { Swing } from '../model/station'

/** The two halves of a golfing year, in the north: April to October, and what lies between. */
export const SEASONS = ['summer', 'winter'] as const
export type Season = (typeof SEASONS)[number]

/** One of two things that are set side by side. */
export type SideOf =
  /** The bag as it is, or as it was until a moment. */
  | { kind: 'bag'; untilMs: number | null }
  | { kind: 'session'; sessionId: SessionId }
  /** A summer, or the winter that ends in this year. */
  | { kind: 'season'; season: Season; year: number }
  | { kind: 'club'; clubId: ClubId }
  /** A club as it was until it was changed. */
  | { kind: 'set-up'; clubId: ClubId; untilMs: number }
  | { kind: 'swing'; swing: Swing }
  | { kind: 'ball'; ball: string }
  /** What the ball lay on: mat against grass. */
  | { kind: 'surface'; surface: Surface }

/** A side as an address names it: "season:2026:winter". */
export function sideKey(side: SideOf): string {
  switch (side.kind) {
    case 'bag':
      return side.untilMs === null ? 'bag' : `bag:${side.untilMs}`
    case 'session':
      return `session:${side.sessionId}`
    case 'season':
      return `season:${side.year}:${side.season}`
    case 'club':
      return `club:${side.clubId}`
    case 'set-up':
      return `set-up:${side.untilMs}:${side.clubId}`
    case 'swing':
      return `swing:${side.swing}`
    case 'ball':
      return `ball:${side.ball}`
    case 'surface':
      return `surface:${side.surface}`
  }
}

/** The season of a moment at a place. */
export function seasonOf(ms: number, offsetMin: number): { season: Season; year: number } {
  const at = new Date(ms + offsetMin * 60_000)
  const [year, month] = [at.getUTCFullYear(), at.getUTCMonth()]
  if (month >= 3 && month <= 9) return { season: 'summer', year }
  return { season: 'winter', year: month > 9 ? year + 1 : year }
}
