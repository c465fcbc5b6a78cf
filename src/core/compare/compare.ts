import { unshared } from '../judge/shared-days'
import tQuantile from '@stdlib/stats-base-dists-t-quantile'
import { UNTIED_SD } from '../judge/day-factors'
import { phi } from '../math/normal'
import { sample } from '../math/sample'
import { Z90 } from '../math/z90'
import { metresFrom, type LengthUnit } from '../units'

/** What is known of one side: its carry with what its shots leave open, how many they are, and on which days they were hit. Metres. */
export type ComparedStock = {
  carryM: number
  sdM: number
  count: number
  /** The share of its shots on each day, by whatever names the day. */
  days: ReadonlyMap<string, number>
}

/** Likely real, no difference that matters, or not to be told yet. */
export const CHANGE_WORDS = ['real', 'none', 'open'] as const
export type ChangeWord = (typeof CHANGE_WORDS)[number]

/** The second side less the first. */
export type Comparison = {
  differenceM: number
  /** 90% interval. */
  lowM: number
  highM: number
  /** The chance that the second goes further. */
  probability: number
  word: ChangeWord
  /** Shots more of each that would settle it if the difference stays; absent where shots alone would not. */
  moreEach?: number
}

/** A golfer's spread before any shots speak, and what it weighs in shots: with more, golfers who scatter over 4% pay for it. */
const USUAL_SPREAD = { share: 0.035, shots: 3 }
/** True differences are rarely larger than this share of the carry: what looks larger is more often chance. */
const LIKELY_CHANGE = 0.045
/**
 * How sure a change must be: at most 5 in 100 are called real where nothing changed. In a fair trial the question was
 * asked before the shots, so that 1 in 20 to each side is enough.
 */
const REAL_FROM = { found: 0.97, trial: 0.95 }
/** Two of the golfer's own unit are what matters on a course. */
const MATTERS = 2
const NONE_FROM = 0.9
const MOST_MORE = 60
/** Degrees of freedom with which Student's t is the normal distribution. */
const MANY = 1e6

/**
 * Whether the second side goes further than the first: by both stocks, with 2% for each day that they do not share.
 * @param unit two of it are a difference that matters
 * @param how whether it is a fair trial, and on how many degrees of freedom the spread of the sides stands
 */
export function compare(
  a: ComparedStock,
  b: ComparedStock,
  unit: LengthUnit = 'yd',
  { trial = false, freedom = Infinity }: { trial?: boolean; freedom?: number } = {},
): Comparison {
  const realFrom = trial ? REAL_FROM.trial : REAL_FROM.found
  const wider = freedom === Infinity ? 1 : tQuantile(realFrom, freedom) / tQuantile(realFrom, MANY)
  const mattersM = metresFrom(MATTERS, unit)
  const differenceM = b.carryM - a.carryM
  const middle = (a.carryM + b.carryM) / 2
  const dayVariance = (UNTIED_SD * middle) ** 2 * unshared(a.days, b.days)
  const varianceWith = (more: number) =>
    wider ** 2 * (a.sdM ** 2 * (a.count / (a.count + more)) + b.sdM ** 2 * (b.count / (b.count + more))) +
    dayVariance
  const word = wordOf(differenceM, varianceWith(0), { middle, mattersM, realFrom })
  const half = Z90 * Math.sqrt(varianceWith(0))
  const more =
    word.word === 'open'
      ? Array.from({ length: MOST_MORE }, (_, i) => i + 1).find(
          (n) => wordOf(differenceM, varianceWith(n), { middle, mattersM, realFrom }).word !== 'open',
        )
      : undefined
  return {
    differenceM,
    lowM: differenceM - half,
    highM: differenceM + half,
    ...word,
    ...(more !== undefined && { moreEach: more }),
  }
}

function wordOf(
  differenceM: number,
  varianceM2: number,
  { middle, mattersM, realFrom }: { middle: number; mattersM: number; realFrom: number },
): Pick<Comparison, 'probability' | 'word'> {
  const prior = (LIKELY_CHANGE * middle) ** 2
  const kept = prior / (prior + varianceM2)
  const [mean, sd] = [kept * differenceM, Math.sqrt(kept * varianceM2)]
  const probability = phi(mean / sd)
  const within = phi((mattersM - mean) / sd) - phi((-mattersM - mean) / sd)
  const real = probability >= realFrom || probability <= 1 - realFrom
  return { probability, word: within >= NONE_FROM ? 'none' : real ? 'real' : 'open' }
}

/**
 * Two lists of solid carries, in metres: their means with a spread that both share.
 * @throws RangeError where a list is empty
 */
export function compareCarries(
  a: readonly number[],
  b: readonly number[],
  sameDay: boolean,
  unit: LengthUnit = 'yd',
): Comparison {
  const [first, second] = [sample(a), sample(b)]
  const middle = (first.mean + second.mean) / 2
  const { share, shots } = USUAL_SPREAD
  const squares = [first, second].reduce((sum, { count, sd }) => sum + (count - 1) * sd ** 2, 0)
  const spread = Math.sqrt(
    (squares + shots * (share * middle) ** 2) / (first.count + second.count - 2 + shots),
  )
  const side = ({ mean, count }: typeof first, day: string): ComparedStock => ({
    carryM: mean,
    sdM: spread / Math.sqrt(count),
    count,
    days: new Map([[day, 1]]),
  })
  const freedom = first.count + second.count - 2 + shots
  return compare(side(first, 'a'), side(second, sameDay ? 'a' : 'b'), unit, { freedom })
}
