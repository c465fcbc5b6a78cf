import type { Comparison } from './compare'

/** Of the changes that are called real in a whole bag, at most this share are expected to be chance. */
const FALSE_SHARE = 0.1

/**
 * Many clubs compared at once: with a dozen, one looks changed by chance more often than not. The step-up procedure of
 * Benjamini and Hochberg 1995 keeps the share of false changes among those called real at a tenth.
 * @returns the same in the same order, and how many that looked real by themselves are open for that reason
 */
export function withinBag<Result extends Comparison | null>(
  found: readonly Result[],
): { found: Result[]; byChance: number } {
  const chanceOf = ({ probability }: Comparison) => 2 * Math.min(probability, 1 - probability)
  const chances = found.flatMap((each) => (each ? [chanceOf(each)] : [])).sort((a, b) => a - b)
  const kept = chances.findLast((p, i) => p <= (FALSE_SHARE * (i + 1)) / chances.length) ?? -1
  let byChance = 0
  const within = found.map((each) => {
    if (!each || each.word !== 'real' || chanceOf(each) <= kept) return each
    byChance++
    return { ...each, word: 'open' as const }
  })
  return { found: within, byChance }
}
