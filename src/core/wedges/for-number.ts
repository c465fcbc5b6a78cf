import { nearChance } from '../stock/near-chance'
import { GRIP_DOWN } from '../bag/grip-down'
import { Z90 } from '../math/z90'
import type { Club } from '../bag/club'
import type { ClubId } from '../model/ids'
import { type Swing, FULL_SWING } from '../model/station'
import { yards } from '../units'
import type { WedgeCell } from './wedge-table'

/** A shot of the golfer's with where it finishes. */
export type PlayableShot = {
  clubId: ClubId
  swing: Swing
  /** Carry and run together. */
  finishM: number
  carryM: number
  /** One standard deviation of what a good strike carries. */
  sdM: number
  /** What is not known of the stock itself, one standard deviation. */
  unsureM: number
  /** What is not known of the run, one standard deviation. */
  runUnsureM: number
}
/** What a number that is left stands for: how far the ball is to carry, or where it is to come to rest. */
export type Far = 'carry' | 'finish'
export const farOf = ({ carryM, finishM }: PlayableShot, by: Far): number =>
  by === 'carry' ? carryM : finishM
type Choice = PlayableShot & { chance: number }

/** What would fill a number that no shot covers. */
export type Fill =
  | { kind: 'grip-down'; clubId: ClubId; swing: Swing; cm: number; shots: number }
  | { kind: 'swing'; clubId: ClubId; swing: Swing; carryM: number; shots: number }
  | { kind: 'loft'; loftDeg: number; shots: number }

export type ForNumber = {
  /** Best first; those with a chance worth naming. */
  choices: Choice[]
  /** None close: the nearest shorter and the nearest longer one, and what would fill the number. */
  nearest?: { below?: PlayableShot; above?: PlayableShot; fills: Fill[] }
}

export const NEAR_M = yards(5)
const WORTH_CLASSIFYING = 0.05
/** A new shot is known well enough within so much of its carry. */
const NEAR_NUMBER = { leastM: yards(3), share: 0.03 }

/**
 * What to hit when so far is left: every shot by its chance to carry, or to finish, within 5 yd of it.
 * @param goodShare share of the golfer's shots that are good strikes: a missed one finishes elsewhere
 * @param table clubs by swings, for what is not hit yet
 */
export function forNumber(
  leftM: number,
  shots: readonly PlayableShot[],
  goodShare: number,
  { clubs, table, by }: { clubs: readonly Club[]; table: readonly WedgeCell[][]; by: Far },
): ForNumber {
  const far = (shot: PlayableShot) => farOf(shot, by)
  const choices = shots
    .map((shot): Choice => {
      const { carryM, finishM, unsureM: stockSdM, sdM: shotSdM, runUnsureM } = shot
      const known = { carryM, stockSdM, shotSdM, missed: 1 - goodShare }
      const rolls = { runM: finishM - carryM, runSdM: runUnsureM }
      return { ...shot, chance: nearChance({ ...known, ...rolls }, { leftM, withinM: NEAR_M, by }) }
    })
    .filter(({ chance }) => chance >= WORTH_CLASSIFYING)
    .sort((a, b) => b.chance - a.chance)
  if (shots.some((shot) => Math.abs(far(shot) - leftM) <= NEAR_M)) return { choices }
  const inOrder = [...shots].sort((a, b) => far(a) - far(b))
  const below = inOrder.findLast((shot) => far(shot) < leftM)
  const above = inOrder.find((shot) => far(shot) > leftM)
  return {
    choices,
    nearest: {
      ...(below && { below }),
      ...(above && { above }),
      fills: fillsFor(leftM, { below, above, clubs, table, shots, far }),
    },
  }
}

type Neighbourhood = {
  below: PlayableShot | undefined
  above: PlayableShot | undefined
  clubs: readonly Club[]
  table: readonly WedgeCell[][]
  shots: readonly PlayableShot[]
  far: (shot: PlayableShot) => number
}

function fillsFor(leftM: number, { below, above, clubs, table, shots, far }: Neighbourhood): Fill[] {
  const spread =
    shots.length > 0 ? shots.reduce((sum, { sdM, carryM }) => sum + sdM / carryM, 0) / shots.length : 0.05
  const priced = shotsToKnow(spread, leftM)
  const fills: Fill[] = []
  if (above) {
    const cm = (far(above) - leftM) / (GRIP_DOWN.perCm * above.carryM)
    if (cm <= GRIP_DOWN.mostCm)
      fills.push({ kind: 'grip-down', clubId: above.clubId, swing: above.swing, cm, shots: priced })
  }
  for (const { clubId, swing, estimate } of table.flat())
    if (estimate && Math.abs(estimate.carryM - leftM) <= NEAR_M)
      fills.push({ kind: 'swing', clubId, swing, carryM: estimate.carryM, shots: priced })
  const loft = loftBetween(leftM, { below, above, clubs, far })
  if (loft !== null) fills.push({ kind: 'loft', loftDeg: loft, shots: priced })
  return fills
}

/** The loft that would carry so far with a full swing, between two full swings whose lofts are known. */
function loftBetween(
  leftM: number,
  { below, above, clubs, far }: Pick<Neighbourhood, 'below' | 'above' | 'clubs' | 'far'>,
): number | null {
  const loftOf = (shot: PlayableShot | undefined) =>
    shot?.swing === FULL_SWING ? (clubs.find(({ id }) => id === shot.clubId)?.loftDeg ?? null) : null
  const [weak, strong] = [loftOf(below), loftOf(above)]
  if (weak === null || strong === null || !below || !above) return null
  return weak + ((leftM - far(below)) / (far(above) - far(below))) * (strong - weak)
}

/** Good strikes until a stock is known within ± 3 yd or 3%, at a spread that is a share of the carry. */
function shotsToKnow(spread: number, carryM: number): number {
  const half = Math.max(NEAR_NUMBER.leastM, NEAR_NUMBER.share * carryM)
  return Math.max(3, Math.ceil(((Z90 * spread * carryM) / half) ** 2))
}
