import { phi } from '../math/normal'
import { Z90 } from '../math/z90'
import { UNTIED_SD } from '../judge/day-factors'
import { type ComparedStock } from './compare'
import { unshared } from '../judge/shared-days'

/** All stations of two sides together: how much further the second goes, as a share of the carry, with its 90% interval. */
export type Together = { share: number; halfShare: number; probability: number; stations: number }

/** Null below two stations that both sides have: one speaks for itself. */
export function together(pairs: readonly { a: ComparedStock; b: ComparedStock }[]): Together | null {
  if (pairs.length < 2) return null
  const each = pairs.map(({ a, b }) => {
    const middle = (a.carryM + b.carryM) / 2
    return {
      share: (b.carryM - a.carryM) / middle,
      weight: middle ** 2 / (a.sdM ** 2 + b.sdM ** 2),
      days: unshared(a.days, b.days),
    }
  })
  const weight = each.reduce((sum, one) => sum + one.weight, 0)
  const share = each.reduce((sum, one) => sum + one.weight * one.share, 0) / weight
  // A day moves all clubs alike: it does not average out over them.
  const day = UNTIED_SD ** 2 * (each.reduce((sum, one) => sum + one.days, 0) / each.length)
  const sd = Math.sqrt(1 / weight + day)
  return { share, halfShare: Z90 * sd, probability: phi(share / sd), stations: pairs.length }
}
