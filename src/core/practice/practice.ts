import { phi } from '../math/normal'
import { FULL_SWING, sameStation, type Station } from '../model/station'
import { isOfShots, type HitStock, type Stock } from '../stock/stock'

/** Why a club is worth practising. */
type PracticeReason =
  /** Its strike cost carry in so many of the last sessions. */
  | { kind: 'strike'; sessions: number; of: number }
  /** Its solid shots scatter more than the golfer's others do: as shares of carry. */
  | { kind: 'spread'; share: number; usual: number }

/** What to practise, and what it is worth: yards short of the curve, or of needless scatter; in metres. */
export type PracticeItem = Station & { worthM: number; reason: PracticeReason }

/** Called "strike" in so many of the last sessions (from memory of coaching). */
const STRIKE = { sessions: 2, of: 3 }
const WIDE = { times: 1.4, from: 0.95, fewest: 5 }
const MOST = 3

/**
 * What to practise, what is worth most first, three at most.
 * @param stocks what all shots of twelve months say
 * @param sessions the stocks of the last sessions alone, the newest first
 * @param often how often each station is hit on the course, 1 where nobody knows
 */
export function whatToPractise(
  stocks: readonly Stock[],
  sessions: readonly (readonly Stock[])[],
  often: (station: Station) => number = () => 1,
): PracticeItem[] {
  const full = stocks.filter(isOfShots).filter(({ swing }) => swing === FULL_SWING)
  const items = full.flatMap((stock): PracticeItem[] => {
    const station = { clubId: stock.clubId, swing: stock.swing }
    const found = [strikeOf(station, sessions), spreadOf(stock, full)].filter((each) => each !== null)
    const [best] = found.sort((a, b) => b.worthM - a.worthM)
    return best ? [{ ...station, ...best, worthM: best.worthM * often(station) }] : []
  })
  return items.sort((a, b) => b.worthM - a.worthM).slice(0, MOST)
}

type PracticeFinding = Pick<PracticeItem, 'worthM' | 'reason'>

function strikeOf(station: Station, sessions: readonly (readonly Stock[])[]): PracticeFinding | null {
  const last = sessions.slice(0, STRIKE.of)
  const struck = last.flatMap((stocks) => {
    const off = stocks.find((stock) => sameStation(stock, station))?.offCurve
    return off?.cause === 'strike' ? [off.expectedM - off.measuredM] : []
  })
  if (struck.length < STRIKE.sessions) return null
  const worthM = struck.reduce((sum, each) => sum + each, 0) / struck.length
  return { worthM, reason: { kind: 'strike', sessions: struck.length, of: last.length } }
}

/** Spreads as shares of carry, with what is known of each: a sample's logarithm errs by 1/√(2(n − 1)). */
function spreadOf(stock: HitStock, full: readonly HitStock[]): PracticeFinding | null {
  const others = full.filter(
    (each) => each.clubId !== stock.clubId && each.sdM !== undefined && each.count > 1,
  )
  const freedom = others.reduce((sum, { count }) => sum + count - 1, 0)
  if (stock.sdM === undefined || stock.count < WIDE.fewest || freedom < WIDE.fewest) return null
  const usual = Math.sqrt(
    others.reduce((sum, { sdM = 0, carryM, count }) => sum + (count - 1) * (sdM / carryM) ** 2, 0) / freedom,
  )
  const share = stock.sdM / stock.carryM
  const unsure = Math.sqrt(1 / (2 * (stock.count - 1)) + 1 / (2 * freedom))
  const probability = phi((Math.log(share / usual) - Math.log(WIDE.times)) / unsure)
  return probability >= WIDE.from
    ? { worthM: (share - usual) * stock.carryM, reason: { kind: 'spread', share, usual } }
    : null
}
