/** Seeded chance: equal seeds roll equal dice. */
export type Dice = {
  /** Evenly between `low` and `high`. */
  between(low: number, high: number): number
  /** Normal with this mean and standard deviation. */
  normal(mean: number, sd: number): number
  /** True with this probability. */
  chance(probability: number): boolean
  /** One of some choices, by their weights. */
  pick<T extends string>(weights: Record<T, number>): T
}

/** Dice from a seed, by the generator mulberry32 (public domain). */
export function dice(seed: number): Dice {
  let state = seed >>> 0
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
  const roll: Dice = {
    between: (low, high) => low + (high - low) * next(),
    normal: (mean, sd) => mean + sd * Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next()),
    chance: (probability) => next() < probability,
    pick: (weights) => {
      const entries = Object.entries(weights) as [keyof typeof weights, number][]
      let left = next() * entries.reduce((sum, [, weight]) => sum + weight, 0)
      for (const [choice, weight] of entries) if ((left -= weight) < 0) return choice
      return (entries.at(-1) as [keyof typeof weights, number])[0]
    },
  }
  return roll
}

/** A seed from a name, so that the same name is always the same golfer (FNV-1a). */
export function seedOf(name: string): number {
  let hash = 0x811c9dc5
  for (const letter of name.toLowerCase()) hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 0x01000193)
  return hash >>> 0
}
