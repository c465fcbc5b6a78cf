import type { ClubKind } from '../bag/club'
import type { ClubChange } from '../bag/club-set-up'
import { carryByLength } from './length'
import type { PerDegree } from './per-degree'
import { Z90 } from '../math/z90'

/** What a club carried before it was changed. Metres. */
export type Before = { kind: ClubKind; carryM: number; varianceM2: number; perDegree: PerDegree }
/** What it should carry since, with one standard deviation. */
export type ExpectedCarry = { carryM: number; sdM: number }

/** A clubmaker, a day and a strike are never quite the same again: as a share of the carry. */
const CHANGED_SD = 0.015
/** What another shaft, lie or setting does, nobody knows beforehand: as a share of the carry, from memory. */
const UNKNOWN_SD = 0.03

/** What a club should carry after a change, by what it carried before: the earlier shots as what is expected of it. */
export function expectedAfter(
  { kind, carryM, varianceM2, perDegree }: Before,
  { degrees = 0, longerM = 0, shaft, lie, setting, grip }: ClubChange,
): ExpectedCarry {
  const longer = carryByLength(kind, carryM, longerM)
  const expectedM = carryM - perDegree.mPerDeg * degrees + longer
  return {
    carryM: Math.max(1, expectedM),
    sdM: Math.hypot(
      Math.sqrt(varianceM2),
      degrees * perDegree.sdMPerDeg,
      longer / 2,
      CHANGED_SD * carryM,
      shaft || lie || setting || grip ? UNKNOWN_SD * carryM : 0,
    ),
  }
}

/** What came of a change: the stock since it, beside what was expected. */
export type CameOf = {
  differenceM: number
  halfM: number
  is: 'as-expected' | 'further' | 'shorter' | 'too-few'
}

/** Fewer shots than this say nothing of a change. */
const FEWEST_SINCE = 3

/**
 * A stock since a change beside what was expected: further or shorter only where the 90% interval of the difference says so.
 * @param since its own stock, the expectation left out of it
 */
export function cameOf(
  expected: ExpectedCarry,
  since: { carryM: number; sdM: number; count: number },
): CameOf {
  const differenceM = since.carryM - expected.carryM
  const halfM = Z90 * Math.hypot(expected.sdM, since.sdM)
  const is =
    since.count < FEWEST_SINCE
      ? 'too-few'
      : Math.abs(differenceM) <= halfM
        ? 'as-expected'
        : differenceM > 0
          ? 'further'
          : 'shorter'
  return { differenceM, halfM, is }
}
