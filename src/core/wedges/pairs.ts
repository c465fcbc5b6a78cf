import { yards } from '../units'

/** Two shots are at one number when their stocks are this near. */
const AT_ONE_NUMBER_M = yards(2)

/** Two shots at one number: two ways to hit it. The shorter one first. */
export type SameNumberPair<Shot> = { shorter: Shot; longer: Shot; differenceM: number }

/** All pairs of shots at one number, the nearest first. A pair is the same whichever shot comes first. */
export function pairsOf<Shot extends { carryM: number }>(
  shots: readonly Shot[],
  withinM = AT_ONE_NUMBER_M,
): SameNumberPair<Shot>[] {
  const sorted = [...shots].sort((a, b) => a.carryM - b.carryM)
  return sorted
    .flatMap((shorter, i) =>
      sorted.slice(i + 1).flatMap((longer) => {
        const differenceM = longer.carryM - shorter.carryM
        // 101.0 and 103.0 are 2 apart, whatever the last binary digit makes of it.
        return differenceM <= withinM + 1e-6 ? [{ shorter, longer, differenceM }] : []
      }),
    )
    .sort((a, b) => a.differenceM - b.differenceM)
}
