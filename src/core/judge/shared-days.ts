/** How much of the days two sides do not share: 0 for the same days alike, 2 for one other day each. */
export function unshared(a: ReadonlyMap<string, number>, b: ReadonlyMap<string, number>): number {
  const days = new Set([...a.keys(), ...b.keys()])
  return [...days].reduce((sum, day) => sum + ((a.get(day) ?? 0) - (b.get(day) ?? 0)) ** 2, 0)
}
