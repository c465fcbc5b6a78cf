import type { Club } from '../bag/club'
import { isMissed } from '../model/mark'
import type { Stock } from '../stock/stock'

/** Parts of a bag that are missed about as often as one another. */
const KINDS = ['driver', 'long', 'iron', 'wedge'] as const
type Kind = (typeof KINDS)[number]

/** How often each is missed beside the golfer's whole bag, before its own shots have spoken (common practice), and what that weighs in shots. */
const SETTLED_WITH_ALL: Record<Kind, number> = { driver: 1.15, long: 1.1, iron: 1, wedge: 0.9 }
const WORTH = 20

const kindOf = ({ kind }: Pick<Club, 'kind'>): Kind =>
  kind === 'driver'
    ? 'driver'
    : kind === 'wood' || kind === 'hybrid'
      ? 'long'
      : kind === 'wedge'
        ? 'wedge'
        : 'iron'

/**
 * The share of shots that is missed with each club: that of its kind, by the golfer's own shots beside what is usual.
 * @param missed the share over the whole bag
 */
export function missedByKind(
  clubs: readonly Pick<Club, 'id' | 'kind'>[],
  stocks: readonly Pick<Stock, 'clubId' | 'count' | 'leftOut'>[],
  missed: number,
): (club: Pick<Club, 'kind'>) => number {
  const shares = Object.fromEntries(
    KINDS.map((kind) => {
      const own = stocks.filter(({ clubId }) => {
        const club = clubs.find(({ id }) => id === clubId)
        return club && kindOf(club) === kind
      })
      const bad = own.flatMap(({ leftOut }) => leftOut).filter(({ mark }) => isMissed(mark)).length
      const good = own.reduce((sum, { count }) => sum + count, 0)
      return [kind, (WORTH * SETTLED_WITH_ALL[kind] * missed + bad) / (WORTH + bad + good)]
    }),
  ) as Record<Kind, number>
  return (club) => shares[kindOf(club)]
}
