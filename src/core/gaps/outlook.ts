import quantile from '@stdlib/stats-base-dists-normal-quantile'
import { phi } from '../math/normal'
import { lineWidth } from './near-limit'
import { enoughToSettle, sureFrom } from './settled'
import type { Zones } from '../model/gap-rule'

/** One stock of a gap as far as more shots go: normal, in metres. */
export type Prospect = {
  meanM: number
  varianceM2: number
  count: number
  /** Standard deviation of one good shot. */
  shotSdM: number
  /** Share of shots that are missed. */
  missed: number
}

/** A gap between two prospects, with what their days add to its variance. */
export type GapProspect = { longer: Prospect; shorter: Prospect; extraVarianceM2: number; limitsM: Zones }

export type Outlook = {
  /** Chance that 6 more shots with each settle the gap. */
  outlook: number
  /** The smallest number of more shots with each that settles it in one of two cases. */
  moreEach?: number
  /** The chance behind `moreEach`, or of the largest number that was looked at. */
  atMoreEach: number
  resting: boolean
}

/** More shots than this with each of two clubs are not worth one verdict. */
const MORE = [3, 6, 9, 12, 18, 24, 36]
/** The next block that an outlook speaks of: so many with each club. */
export const OUTLOOK_SHOTS = 6
const WORTH_IT = 0.5
/** From this many shots with each, a gap whose outlook is poorer than this rests. */
const RESTING = { count: 10, outlook: 0.25 }

/** Where the means of 21 equally likely ways that the shots may fall lie, in standard deviations. */
const QUANTILES = Array.from({ length: 21 }, (_, i) => quantile((i + 0.5) / 21, 0, 1))
/** A chance near the bar counts as settled in part: shots fall differently than expected. */
const SOFT = 0.015
/** A single good shot says a little less than its spread: the spread itself is not known. */
export const SHOT_VARIANCE = 1.08

/** What more shots with both clubs of a gap would do. */
export function outlookOf(gap: GapProspect): Outlook {
  const chance = (shots: number) => settleChance(gap, shots, shots).settle
  const outlook = chance(OUTLOOK_SHOTS)
  const tried = MORE.map((shots) => ({ shots, probability: chance(shots) }))
  const enough = tried.find(({ probability }) => probability >= WORTH_IT)
  const both = Math.min(gap.longer.count, gap.shorter.count)
  return {
    outlook,
    ...(enough && { moreEach: enough.shots }),
    atMoreEach: (enough ?? (tried.at(-1) as { probability: number })).probability,
    resting: both >= RESTING.count && outlook < RESTING.outlook,
  }
}

/**
 * The chance that a gap is settled after more shots with its clubs, over the ways that they may fall.
 * @returns also the expected probability of the likeliest zone, which tells apart gaps that are far from settled
 */
export function settleChance(
  { longer, shorter, extraVarianceM2, limitsM }: GapProspect,
  moreLonger: number,
  moreShorter: number,
): { settle: number; zone: number } {
  const [a, b] = [after(longer, moreLonger), after(shorter, moreShorter)]
  const learned = longer.varianceM2 - a.varianceM2 + (shorter.varianceM2 - b.varianceM2)
  const sd = Math.sqrt(a.varianceM2 + b.varianceM2 + extraVarianceM2)
  const mean = longer.meanM - shorter.meanM
  const enough = enoughToSettle(a.count, b.count)
  const within = lineWidth(shorter.meanM)
  const sure = sureFrom({ scatter: longer.shotSdM / longer.meanM, missed: longer.missed })
  const { reversed, tooClose, tooWide } = limitsM
  const spread = Math.sqrt(Math.max(0, learned))
  let settle = 0
  let zone = 0
  // Hot: asked for hundreds of bundles. Flat, with no function made inside.
  for (const z of QUANTILES) {
    const at = mean + z * spread
    const r = phi((reversed - at) / sd)
    const n = phi((tooClose - at) / sd)
    const w = phi((tooWide - at) / sd)
    const likeliest = Math.max(r, n - r, w - n, 1 - w)
    zone += likeliest
    if (!enough) continue
    const line = Math.max(
      phi((reversed + within - at) / sd) - phi((reversed - within - at) / sd),
      phi((tooClose + within - at) / sd) - phi((tooClose - within - at) / sd),
      phi((tooWide + within - at) / sd) - phi((tooWide - within - at) / sd),
    )
    settle += logistic(Math.max((likeliest - sure.zone) / SOFT, (line - sure.line) / SOFT))
  }
  return { settle: settle / QUANTILES.length, zone: zone / QUANTILES.length }
}

/** A stock after more shots, as far as that can be known before. */
export function after(stock: Prospect, shots: number): Prospect {
  if (shots === 0) return stock
  const good = shots * (1 - stock.missed)
  const varianceM2 = 1 / (1 / stock.varianceM2 + good / (SHOT_VARIANCE * stock.shotSdM ** 2))
  return { ...stock, varianceM2, count: stock.count + good }
}

const logistic = (x: number): number => 1 / (1 + Math.exp(-x))
