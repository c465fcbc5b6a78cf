import { clearChance, greenChance, type Green } from './chance'
import { RUN_SPREAD, type Rolls, type ShotChances } from '../stock/near-chance'

/** A shot with what it is to clear or to hold, in metres; what is not said of its run and line is none, or usual. */
export type ChanceInput = ShotChances & Partial<Rolls> & { hazardM?: number; green?: Green }
type ChanceResult = {
  clear?: number
  clearGood?: number
  clearMissed?: number
  on?: number
  short?: number
  long?: number
  wide?: number
}

/** Off the line a usual golfer's good shots scatter by this share of the carry (from memory of practice). */
const USUAL_LINE = 0.05

/** The chances of one shot: to carry a hazard, and to land and stay on a green. */
export function chancesOf({ hazardM, green, ...shot }: ChanceInput): ChanceResult {
  const { runM = 0, biasM = 0, sideSdM = USUAL_LINE * shot.carryM } = shot
  const { runSdM = RUN_SPREAD * Math.abs(runM) } = shot
  const over = hazardM === undefined ? null : clearChance(shot, hazardM)
  const held = green && greenChance({ ...shot, runM, runSdM, biasM, sideSdM }, green)
  return {
    ...(over && { clear: over.clear, clearGood: over.good, clearMissed: over.missed }),
    ...(held && { on: held.on, short: held.short, long: held.long, wide: held.wide }),
  }
}
