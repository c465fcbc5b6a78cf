import { FULL_SWING } from '../model/station'
import type { NextCarry } from '../shots/typed-slip'
import { FEWEST_TO_FORESEE } from './station-stock'
import { isHit, type Stock } from './stock'

/** Between two neighbours' stocks a club lies anywhere: a third of the way apart is one standard deviation. */
const OF_GAP = 1 / 3
const SHOT_SPREAD = 0.035

/**
 * What a club with no shots, or a shot or two, should carry by the stocks on both sides of it, where there are too few for a
 * curve over lofts. Null at the ends of what was hit.
 * @param stocks all stations, longest club first
 */
export function neighbourForesight(stock: Stock, stocks: readonly Stock[]): NextCarry | null {
  if (stock.swing !== FULL_SWING || stock.count >= FEWEST_TO_FORESEE) return null
  const full = stocks.filter(({ swing }) => swing === FULL_SWING)
  const index = full.findIndex(({ clubId }) => clubId === stock.clubId)
  const longer = full.slice(0, index).findLast(isHit)?.carryM
  const shorter = full.slice(index + 1).find(isHit)?.carryM
  if (longer === undefined || shorter === undefined) return null
  const carryM = (longer + shorter) / 2
  return { carryM, sdM: Math.hypot((longer - shorter) * OF_GAP, SHOT_SPREAD * carryM) }
}
