/** What two sides were hit with, besides what is compared. */
export type SetUpDifference = {
  what: 'place' | 'ball' | 'monitor' | 'surface'
  /** Unknown: not set of every shot of both sides, and what is set does not differ. */
  is: 'same' | 'different' | 'unknown'
  /** Each value once; empty where it is not set. */
  a: string[]
  b: string[]
}

/** Whether both sides were hit with the same, by what is set of each; '' where it is not set. */
export function setUpDifference(
  what: SetUpDifference['what'],
  a: readonly string[],
  b: readonly string[],
): SetUpDifference {
  const [first, second] = [[...new Set(a)].sort(), [...new Set(b)].sort()]
  const [setA, setB] = [first.filter(Boolean), second.filter(Boolean)]
  const differ = setA.length > 0 && setB.length > 0 && setA.join('\n') !== setB.join('\n')
  const whole = setA.length === first.length && setB.length === second.length && setA.length > 0
  return { what, is: differ ? 'different' : whole ? 'same' : 'unknown', a: first, b: second }
}
