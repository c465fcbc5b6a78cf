import { sameBall, type BallName } from '../model/ball'

/** Three and three: so tiredness and the day fall on both balls alike. */
const A_RUN = 3

/**
 * Where two balls are tried against each other, the one whose turn it is, and how often the other was hit in a row.
 * @param here the balls of a station's shots, in the order hit; null where nobody said
 * @param all those of the whole session
 * @param ball the one that is in hand
 */
export function turnOf(
  here: readonly (BallName | null)[],
  all: readonly (BallName | null)[],
  ball: BallName | null,
): { other: BallName; run: number } | null {
  if (ball === null) return null
  const isOther = (each: BallName | null): boolean => each === null || !sameBall(each, ball)
  const other = all.findLast(isOther)
  const run = here.length - 1 - here.findLastIndex(isOther)
  return other != null && run >= A_RUN ? { other, run } : null
}
