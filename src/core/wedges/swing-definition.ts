import { SWINGS, type Swing } from '../model/station'

/** How a golfer makes a swing, kept with its numbers. What was not said is null. */
export type SwingDefinition = {
  swing: Swing
  /** Where the lead arm points at the top, as hours on a clock's face. */
  clock: number | null
  /** Or the length as a share of the full swing. */
  lengthShare: number | null
  gripDownCm: number
  tempo: string | null
  fromMs: number
  /** When another definition took its place: it is hit no more, its stock stays readable. */
  untilMs: number | null
}

/** The swings that a golfer hits today: full, three-quarter, half, unless another took their place, and the golfer's own. */
export function swingsInUse(definitions: readonly SwingDefinition[]): Swing[] {
  const retired = new Set(definitions.filter(({ untilMs }) => untilMs !== null).map(({ swing }) => swing))
  const first = SWINGS.filter((swing) => !retired.has(swing))
  const own = definitions
    .filter(({ swing, untilMs }) => untilMs === null && !(SWINGS as readonly Swing[]).includes(swing))
    .map(({ swing }) => swing)
  return [...first, ...own]
}

/** The name of a swing whose definition changed: "half" becomes "half 2", that "half 3". Never one that is taken. */
export function nextVersion(swing: Swing, taken: readonly Swing[]): Swing {
  const base = swing.replace(/ \d+$/, '')
  for (let n = 2; ; n++) {
    const name = `${base} ${n}`
    if (!taken.includes(name)) return name
  }
}
