import { sdOf, Z90 } from '../math/z90'
import type { Club } from '../bag/club'
import type { ClubId } from '../model/ids'
import { FULL_SWING, type Swing } from '../model/station'
import { partialPrior, type Measured } from '../judge/partial-share'
import type { Stock } from '../stock/stock'

/** What a station that was not hit yet should carry, by the golfer's own shares on other clubs or by what is usual. */
type Estimate = { carryM: number; lowM: number; highM: number; from: 'own' | 'usual' }
export type WedgeCell = {
  clubId: ClubId
  swing: Swing
  /** Absent where it was not hit. */
  stock?: Stock
  /** Carry as a share of the same club's full swing. */
  share?: number
  /** Only where it was not hit; never counted in cover. */
  estimate?: Estimate
}

/** Clubs by swings: stocks, shares of the full swing, and estimates of what was not hit yet. A row a club, in the order given. */
export function wedgeTable(
  clubs: readonly Pick<Club, 'id'>[],
  swings: readonly Swing[],
  stocks: readonly Stock[],
): WedgeCell[][] {
  const hit = (clubId: ClubId, swing: Swing) =>
    stocks.find((stock) => stock.clubId === clubId && stock.swing === swing && stock.carryM !== undefined)
  return clubs.map(({ id }) => {
    const full = hit(id, FULL_SWING)
    return swings.map((swing): WedgeCell => {
      const stock = hit(id, swing)
      if (stock) return { clubId: id, swing, stock, ...(full && { share: share(stock, full) }) }
      const estimate = swing === FULL_SWING || !full ? null : estimateOf(swing, full, id, clubs, hit)
      return { clubId: id, swing, ...(estimate && { estimate }) }
    })
  })
}

const share = (stock: Stock, full: Stock): number => (stock.carryM as number) / (full.carryM as number)

function estimateOf(
  swing: Swing,
  full: Stock,
  own: ClubId,
  clubs: readonly Pick<Club, 'id'>[],
  hit: (clubId: ClubId, swing: Swing) => Stock | undefined,
): Estimate | null {
  const others = clubs.flatMap(({ id }) => {
    const [partial, whole] = [hit(id, swing), hit(id, FULL_SWING)]
    return id !== own && partial && whole ? [{ full: measured(whole), partial: measured(partial) }] : []
  })
  const prior = partialPrior(swing, measured(full), others)
  if (!prior) return null
  const half = Z90 * Math.sqrt(prior.varianceM2)
  return {
    carryM: prior.carryM,
    lowM: prior.carryM - half,
    highM: prior.carryM + half,
    from: others.length > 0 ? 'own' : 'usual',
  }
}

const measured = ({ carryM, lowM, highM }: Stock): Measured => ({
  meanM: carryM as number,
  varianceM2: sdOf({ lowM: lowM as number, highM: highM as number }) ** 2,
})
