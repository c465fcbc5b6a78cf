import type { ClubKind } from '../bag/club'
import type { ClubChange } from '../bag/club-set-up'
import { carryByLength } from './length'
import type { PerDegree } from './per-degree'
import { density } from '../math/normal'
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
  is: 'as-expected' | 'further' | 'shorter' | 'fits-both'
}

/** The shots since must be so much likelier under the change than under none to be called as expected. */
const LEAST_ODDS = 3

/**
 * A stock since a change beside what was expected: further or shorter only where the 90% interval of the difference says so.
 * Within it, as expected only where the shots since are three times as likely under the change as under none: else they fit
 * both.
 * @param since its own stock, the expectation left out of it
 * @param before what it carried; null where nothing that moves a carry was changed
 */
export function cameOf(expected: ExpectedCarry, since: ExpectedCarry, before: ExpectedCarry | null): CameOf {
  const differenceM = since.carryM - expected.carryM
  const halfM = Z90 * Math.hypot(expected.sdM, since.sdM)
  const likelihood = (of: ExpectedCarry) => density(since.carryM - of.carryM, Math.hypot(of.sdM, since.sdM))
  const is =
    Math.abs(differenceM) > halfM
      ? differenceM > 0
        ? 'further'
        : 'shorter'
      : before && likelihood(expected) < LEAST_ODDS * likelihood(before)
        ? 'fits-both'
        : 'as-expected'
  return { differenceM, halfM, is }
}
