import type { Club } from '../bag/club'
import { atStation, fullSwingOf, lieOf } from '../model/station'
import type { Stock } from '../stock/stock'
import { coverOf, uncoveredBetween } from './cover'
import { DEFAULT_TOLERANCE_M, type Stretch } from '../model/coverage'

type UncoveredKept = { range: Stretch; because: string }

/** Which distances a bag has a club for. */
export type Coverage = {
  uncovered: Stretch[]
  /** Uncovered distances where a club of the bag stands that was not hit yet: nobody knows whether they are any. */
  maybeUncovered: Stretch[]
  /** Uncovered distances that the golfer wants as they are; they are not in `uncovered`. */
  uncoveredKept: UncoveredKept[]
  /** Share of the distances between the shortest and the longest stock that are covered; absent below two stocks. */
  cover?: number
  /** The same for the goal zone. */
  goal?: { uncovered: Stretch[]; maybeUncovered: Stretch[]; uncoveredKept: UncoveredKept[]; cover: number }
}

type CoverRules = {
  toleranceM?: number
  goalZoneM?: Stretch
  leftOnPurpose?: { uncovered?: readonly KeptDistance[] }
}
/** A distance inside an uncovered range that the golfer keeps as is. */
type KeptDistance = { atM: number; because: string }

/** The carries that cover a distance. Tee stocks are left out: a distance is played from the ground. In metres. */
export const groundCarries = (stocks: readonly Stock[]): number[] =>
  stocks.flatMap((stock) => (lieOf(stock) === 'tee' ? [] : (stock.carryM ?? [])))

/** Uncovered distances and cover over all stocks, and over the goal zone. */
export function coverage(bag: readonly Club[], stocks: readonly Stock[], rules: CoverRules): Coverage {
  const carries = groundCarries(stocks)
  const tolerance = rules.toleranceM ?? DEFAULT_TOLERANCE_M
  const span: Stretch = [Math.min(...carries), Math.max(...carries)]
  const unhit = unhitRanges(bag, stocks)
  const within = (zone: Stretch) => {
    const all = uncoveredBetween(carries, tolerance, zone)
    const unknown = (range: Stretch) => unhit.some((each) => overlap(range, each))
    const known = all.filter((range) => !unknown(range))
    const left = known.flatMap((range) => {
      const because = rules.leftOnPurpose?.uncovered?.find(
        ({ atM }) => atM > range[0] && atM < range[1],
      )?.because
      return because === undefined ? [] : [{ range, because }]
    })
    return {
      uncovered: known.filter((range) => !left.some((each) => each.range === range)),
      maybeUncovered: all.filter(unknown),
      uncoveredKept: left,
    }
  }
  return {
    ...(carries.length < 2 ? { uncovered: [], maybeUncovered: [], uncoveredKept: [] } : within(span)),
    ...(carries.length >= 2 && { cover: coverOf(carries, tolerance, span) }),
    ...(rules.goalZoneM && {
      goal: { ...within(rules.goalZoneM), cover: coverOf(carries, tolerance, rules.goalZoneM) },
    }),
  }
}

const overlap = ([a, b]: Stretch, [c, d]: Stretch): boolean => a < d && c < b

/** Where the clubs that were not hit yet stand: between the stocks of their hit neighbours, or beyond the last. */
function unhitRanges(bag: readonly Club[], stocks: readonly Stock[]): Stretch[] {
  const carryOf = ({ id }: Club) => atStation(stocks, fullSwingOf(id))?.carryM
  return bag.flatMap((club, index): Stretch[] => {
    if (carryOf(club) !== undefined) return []
    const longer = bag
      .slice(0, index)
      .map(carryOf)
      .findLast((carry) => carry !== undefined)
    const shorter = bag
      .slice(index + 1)
      .map(carryOf)
      .find((carry) => carry !== undefined)
    return [[shorter ?? 0, longer ?? Infinity]]
  })
}
