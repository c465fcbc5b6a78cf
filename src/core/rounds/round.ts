import { DAY_MS } from '../units'
import type { Day } from '../session/day'
import type { ClubId, RoundId, RoundShotId } from '../model/ids'
import type { Swing } from '../model/station'

export const LIES = ['tee', 'fairway', 'rough', 'bunker'] as const
export type Lie = (typeof LIES)[number]

/** The air and ground of a round, which has no one wind: each shot has its own. */
export type RoundDay = Omit<Day, 'place' | 'tailwindMps' | 'crosswindMps'>

/** A shot of a round: only its club must be known. Distances are to the target, in metres, before and after. */
export type RoundShot = {
  id: RoundShotId
  clubId: ClubId
  swing: Swing
  leftM: number | null
  afterM: number | null
  /** By eye or by rangefinder. */
  carryM: number | null
  lie: Lie | null
}

/** What the golfer says of a shot, whole: the newest word stands; `gone` takes the shot back. */
export type RoundEvent = RoundShot & {
  /** The word's own name: sent again it says nothing new. */
  said: string
  atMs: number
  gone?: boolean
}

export type Round = {
  id: RoundId
  place: string | null
  openedMs: number
  offsetMin: number
  /** Under Rule 4.3 nothing but the plain card is shown until its day is over. */
  competition: boolean
  /** Null where nobody said it. */
  day: RoundDay | null
  shots: RoundShot[]
}

/** The shots of a round as last said, in the order in which they were first named. */
export function shotsFromEvents(
  events: readonly RoundEvent[],
  before: readonly RoundShot[] = [],
): RoundShot[] {
  const shots = new Map<RoundShotId, RoundShot | null>(before.map((shot) => [shot.id, shot]))
  for (const { said: _name, atMs: _when, gone, ...shot } of events) shots.set(shot.id, gone ? null : shot)
  return [...shots.values()].filter((shot) => shot !== null)
}

const MINUTE_MS = 60_000

/** When the day is over on which something began, by the clock of the place. */
export const dayEnds = (ms: number, offsetMin: number): number =>
  (Math.floor((ms + offsetMin * MINUTE_MS) / DAY_MS) + 1) * DAY_MS - offsetMin * MINUTE_MS

/** Until when only the plain card may be shown; null where no competition round is under way. */
export function competitionUntil(
  rounds: readonly Pick<Round, 'competition' | 'openedMs' | 'offsetMin'>[],
  nowMs: number,
): number | null {
  const ends = rounds
    .filter(({ competition, openedMs }) => competition && openedMs <= nowMs)
    .map(({ openedMs, offsetMin }) => dayEnds(openedMs, offsetMin))
    .filter((end) => end > nowMs)
  return ends.length > 0 ? Math.max(...ends) : null
}
