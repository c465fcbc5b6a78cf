import type { ClubId } from '../model/ids'
import { type Swing, stationKey } from '../model/station'
import { yards } from '../units'
import type { Stretch } from '../model/coverage'

/** One called yardage and where the ball finished. What counts is the distance left. */
export type DrillShot = {
  drill: string
  atMs: number
  calledM: number
  clubId: ClubId
  swing: Swing
  finishM: number
}
export const leftOf = ({ calledM, finishM }: DrillShot): number => Math.abs(calledM - finishM)

/** Where a golfer without a goal zone works on distance. */
export const USUAL_ZONE_M: Stretch = [yards(40), yards(100)]
const SPACING_M = yards(1)
/** Calls that follow each other lie at least so far apart: no groove. */
const SPREAD_M = yards(5)

/**
 * The next yardage to call: anywhere in the zone, to the yard, not near the last one.
 * @param chance a number from 0 to 1 that is new for each call
 */
export function nextCall([from, to]: Stretch, last: number | null, chance: number): number {
  const count = Math.max(1, Math.round((to - from) / SPACING_M) + 1)
  const all = Array.from({ length: count }, (_, i) => from + i * SPACING_M)
  const free = all.filter((at) => last === null || Math.abs(at - last) >= SPREAD_M)
  const choice = free.length > 0 ? free : all
  return choice[Math.min(choice.length - 1, Math.floor(chance * choice.length))] as number
}

type DrillSummary = { drill: string; atMs: number; shots: number; meanLeftM: number; bias: number }

/** Each practice with its mean distance left, oldest first; bias is positive where the balls finished long. */
export function drillProgress(shots: readonly DrillShot[]): DrillSummary[] {
  const drills = [...new Set(shots.map(({ drill }) => drill))]
  return drills.map((drill) => {
    const own = shots.filter((shot) => shot.drill === drill)
    const mean = (of: (shot: DrillShot) => number) =>
      own.reduce((sum, shot) => sum + of(shot), 0) / own.length
    return {
      drill,
      atMs: Math.min(...own.map(({ atMs }) => atMs)),
      shots: own.length,
      meanLeftM: mean(leftOf),
      bias: mean(({ calledM, finishM }) => finishM - calledM),
    }
  })
}

const BAND_M = yards(10)
const FEWEST = 3

/** Stretches of ten yards by their mean distance left, the weakest first; those with fewer than three calls say nothing. */
export function weakestNumbers(shots: readonly DrillShot[]): {
  from: number
  to: number
  meanLeftM: number
  shots: number
  stations: { clubId: ClubId; swing: Swing }[]
}[] {
  const bands = new Map<number, DrillShot[]>()
  for (const shot of shots) {
    const band = Math.floor(shot.calledM / BAND_M)
    bands.set(band, [...(bands.get(band) ?? []), shot])
  }
  return [...bands]
    .filter(([, own]) => own.length >= FEWEST)
    .map(([band, own]) => ({
      from: band * BAND_M,
      to: (band + 1) * BAND_M,
      meanLeftM: own.reduce((sum, shot) => sum + leftOf(shot), 0) / own.length,
      shots: own.length,
      stations: [
        ...new Map(
          own.map(({ clubId, swing }) => [stationKey({ clubId, swing }), { clubId, swing }]),
        ).values(),
      ],
    }))
    .sort((a, b) => b.meanLeftM - a.meanLeftM)
}
