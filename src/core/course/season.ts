import { Z90 } from '../math/z90'
import type { ClubId } from '../model/ids'
import { airOfDay, type Day } from '../session/day'
import { fly, type Launch } from '../flight/fly'
import { TURFS, type Turf } from '../model/turf'
import type { Stock } from '../stock/stock'
import { restate, type KnownFlight } from '../flight/restate'
import { stationRun, type RunFrom } from '../stock/station-run'

/** A station's stock with how its usual shot starts, and whether that was measured. */
export type SeasonStation = {
  clubId: ClubId
  carryM: number
  known: KnownFlight & { launch: Launch }
  run?: Stock['run']
}
/** A carry there, with half of the 90% interval of what the change adds. */
export type SeasonPoint = { at: number; carryM: number; halfM: number }
/** How one station's carry goes with temperature and altitude, all else as on the day, and its run with the ground. */
export type SeasonLine = {
  clubId: ClubId
  temperature: SeasonPoint[]
  altitude: SeasonPoint[]
  ground: { turf: Turf; runM: number; from: RunFrom }[]
}

/** The ranges of the picture, with their steps. */
export const SEASON = {
  tempC: { least: -5, most: 40, step: 5 },
  altitudeM: { least: 0, most: 2500, step: 250 },
} as const

/** The season of a bag: its stocks, which belong to the air of `base`, restated to all temperatures and altitudes around a day. */
export function season(stations: readonly SeasonStation[], base: Day, day: Day): SeasonLine[] {
  const from = airOfDay(base)
  return stations.flatMap(({ clubId, carryM, known, run }) => {
    const { launch } = known
    const along = (range: { least: number; most: number; step: number }, at: (x: number) => Day) => {
      const points: SeasonPoint[] = []
      for (let x = range.least; x <= range.most; x += range.step) {
        const there = restate({ carryM, known, from, to: airOfDay(at(x)) })
        if (there.kind === 'restated') points.push({ at: x, carryM: there.carryM, halfM: Z90 * there.sdM })
      }
      return points
    }
    const here = fly(launch, airOfDay(day))
    return [
      {
        clubId,
        temperature: along(SEASON.tempC, (tempC) => ({ ...day, tempC })),
        altitude: along(SEASON.altitudeM, (altitudeM) => ({ ...day, altitudeM })),
        ground:
          here.outcome === 'landed'
            ? TURFS.map((turf) => ({
                turf,
                ...stationRun({ carryM, ...(run && { run }) }, here.landing, turf),
              }))
            : [],
      },
    ]
  })
}
