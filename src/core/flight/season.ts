import type { ClubId } from '../ids'
import { airOfDay, type Day } from './day'
import { fly, type Launch } from './fly'
import { TURFS, type Turf } from './ground'
import type { Stock } from '../stock/station-stock'
import { stationRun, type RunFrom } from './station-run'

/** A station's stock with how its usual shot starts. */
export type SeasonStation = { clubId: ClubId; carryM: number; launch: Launch; run?: Stock['run'] }
export type SeasonPoint = { at: number; carryM: number }
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

/**
 * The season of a bag: carries in all temperatures and altitudes around a day. Ratios of modelled flights
 * on the stock, which belongs to the air of `base`.
 */
export function season(stations: readonly SeasonStation[], base: Day, day: Day): SeasonLine[] {
  return stations.flatMap(({ clubId, carryM, launch, run }) => {
    const own = carryOf(launch, base)
    if (!own) return []
    const along = (range: { least: number; most: number; step: number }, at: (x: number) => Day) => {
      const points: SeasonPoint[] = []
      for (let x = range.least; x <= range.most; x += range.step) {
        const there = carryOf(launch, at(x))
        if (there) points.push({ at: x, carryM: carryM * (there.carryM / own.carryM) })
      }
      return points
    }
    const here = carryOf(launch, day)
    return [
      {
        clubId,
        temperature: along(SEASON.tempC, (tempC) => ({ ...day, tempC })),
        altitude: along(SEASON.altitudeM, (altitudeM) => ({ ...day, altitudeM })),
        ground: here
          ? TURFS.map((turf) => ({
              turf,
              ...stationRun({ carryM, ...(run && { run }) }, here.landing, turf),
            }))
          : [],
      },
    ]
  })
}

function carryOf(launch: Launch, day: Day) {
  const flight = fly(launch, airOfDay(day))
  return flight.outcome === 'landed' && flight.carryM > 0 ? flight : null
}
