import type { BallName } from '@/core/model/ball'
import { ballsToKnow, factorsOf, type BallFactor, type BallTrial, type ClubFactor } from '@/core/balls/trial'
import { atHead, count, fixed, percent } from './numbers'

/** How two balls fly, put into words. */

const timesHalf = (factor: number, half: number): string => `${fixed(factor, 3)} ± ${fixed(half, 3)}`

/** The one finding: "Own ball goes 5.3% ± 2.0% further than range ball". */
export function ballFinding(trial: BallTrial): string {
  const { second } = trial
  const first = atHead(trial.first)
  const [all, ...more] = factorsOf(trial)
  if (!all) return `${first} and ${second} were not hit with one club, three of each`
  if (more.length > 0) {
    const factors = [all, ...more].map(({ factor }) => factor)
    return `${first} goes ${percent(Math.min(...factors) - 1, 1)} to ${percent(Math.max(...factors) - 1, 1)} further than ${second}: not the same with every club`
  }
  const far = all.factor - 1
  return Math.abs(far) <= all.half
    ? `${first} goes no surely other way than ${second}: ${percent(far, 1)} ± ${percent(all.half, 1)}`
    : `${first} goes ${percent(Math.abs(far), 1)} ± ${percent(all.half, 1)} ${far < 0 ? 'shorter' : 'further'} than ${second}`
}

/** A club's factor: "1.053 ± 0.020". */
export const clubFactor = ({ factor, low, high }: ClubFactor): string => timesHalf(factor, (high - low) / 2)

/** What more shots would say: "20 of each know it to ± 1.6%: 8 more." */
export function moreBalls(
  { ofFirst, ofSecond, low, high }: ClubFactor,
  variation: number,
  within: number,
): string {
  const wanted = ballsToKnow(variation, within)
  const least = Math.min(ofFirst, ofSecond)
  return least >= wanted || (high - low) / 2 <= within
    ? 'enough'
    : `${wanted} of each know it to ± ${percent(within, 1)}: ${wanted - least} more`
}

/** What switching it on does: "Every carry with range ball counts 1.053 times (± 0.016), as if it were own ball". */
export function playsAsSentence(ball: BallName, { as, at }: Pick<BallFactor, 'as' | 'at'>): string {
  const [all, ...more] = at
  if (!all) return ''
  const times =
    more.length === 0
      ? `${fixed(all.factor, 3)} times (± ${fixed(all.half, 3)})`
      : `${at.map(({ factor }) => fixed(factor, 3)).join(' to ')} times, by its ball speed`
  return `Every carry with ${ball} counts ${times}, as if it were ${as}. Spin is never converted.`
}

/** After three with one ball: "Three with range ball: now own ball". */
export const otherBall = (shots: number, hit: BallName, other: BallName): string =>
  `${count(shots, 'shot')} with ${hit}: now ${other}.`
