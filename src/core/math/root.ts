const MOST_ITERATIONS = 100

/**
 * Where `f` is zero between two places at which it has opposite signs: regula falsi that halves the weight of an
 * end that stays twice (Illinois; Dowell and Jarratt 1971, BIT 11).
 * @param within `f` counts as zero from so near on
 * @returns the place; after 100 steps the last one, which rounding keeps from getting nearer
 */
export function rootBetween(
  f: (x: number) => number,
  [low, high]: readonly [number, number],
  within: number,
  fLow = f(low),
  fHigh = f(high),
): number {
  let stayed = 0
  let x = low
  for (let i = 0; i < MOST_ITERATIONS; i++) {
    x = low + ((high - low) * fLow) / (fLow - fHigh)
    const value = f(x)
    if (Math.abs(value) < within || x === low || x === high) return x
    if (value > 0 === fHigh > 0) {
      high = x
      fHigh = value
      if (stayed === -1) fLow /= 2
      stayed = -1
    } else {
      low = x
      fLow = value
      if (stayed === 1) fHigh /= 2
      stayed = 1
    }
  }
  return x
}
