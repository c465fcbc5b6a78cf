import { Z90 } from '../math/z90'
import type { AsHitBecause, ShotInAir } from '../flight/restate-shots'
import type { ShotId } from '../model/ids'
import type { BagModel, StationModel } from '../judge/judge-stations'
import type { HitStock } from './stock'

/** What restating does to the stock of a station, over its solid shots. */
export type StationRestated = {
  restated: number
  asHit: number
  because: AsHitBecause[]
  /** Mean change, and one standard deviation of all that it adds. */
  changeM: number
  sdM: number
  /** The part of that which is this station's own. */
  ownSdM: number
  /** How far its stock moves for each place where the drag crisis, one for the whole bag, may lie. */
  crisisM: number[]
}

/** Sums up what became of a station's solid shots in the stated air; a shot that stayed as hit moved by nothing. */
export function restatedStation(
  { readings }: StationModel,
  { judged }: BagModel,
  inAir: ReadonlyMap<ShotId, ShotInAir>,
): StationRestated {
  const solid = readings.flatMap(({ index, shot }) =>
    judged[index]?.mark === 'solid' ? (inAir.get(shot.id) ?? []) : [],
  )
  const restated = solid.filter((each) => each.kind === 'restated')
  const because = solid.flatMap((each) => (each.kind === 'as-hit' ? [each.because] : []))
  const mean = (of: (shot: (typeof restated)[number]) => number) =>
    solid.length === 0 ? 0 : restated.reduce((sum, each) => sum + of(each), 0) / solid.length
  const crisisCount = restated[0]?.crisis.length ?? 0
  return {
    restated: restated.length,
    asHit: because.length,
    because: [...new Set(because)],
    changeM: mean(({ changeM }) => changeM),
    sdM: mean(({ sdM }) => sdM),
    ownSdM: mean(({ ownSdM }) => ownSdM),
    crisisM: Array.from({ length: crisisCount }, (_, i) =>
      mean(({ crisis, carryM }) => (crisis[i] ?? 0) * carryM),
    ),
  }
}

/** A stock whose shots were restated: its interval holds what the restating adds. */
export function inStatedAir(
  stock: HitStock,
  { restated, asHit, because, changeM, sdM }: StationRestated,
): HitStock {
  const tally = { restated, asHit, because }
  if (restated === 0) return { ...stock, inAir: tally }
  const { carryM, lowM, highM } = stock
  const wider = (half: number) => Math.hypot(half, Z90 * sdM)
  return {
    ...stock,
    lowM: carryM - wider(carryM - lowM),
    highM: carryM + wider(highM - carryM),
    inAir: { ...tally, changeM, sdM },
  }
}
