import { pixel, type Drawing, type Part } from './drawing'
import { ruler } from './ruler'

/** One shot standing on the rule, in the golfer's unit. */
export type Flag = { key: string; at: number; number: string; name: string; full: boolean; chosen: boolean }
type DistanceScaleData = {
  flags: Flag[]
  uncovered: [number, number][]
  /** Pairs at one number: where they lie. */
  pairs: [number, number][]
  /** A number that is asked for. */
  request?: number
}
/** Where a flag stands: its stem from the rule up to its lane, its words to the right of it. */
type PlacedFlag = Flag & { x: number; lane: number; width: number }

const LANE = 19
const TOP = 12
const ROOM = 118
const BELOW = 34

/** A little wide, so that no word is wider than its room. */
const widthOf = ({ number, name }: Flag): number => 10 + number.length * 8.5 + name.length * 7

/**
 * The rule: one ruler with every shot standing on it as a flag, uncovered distances hatched, pairs joined.
 * Flags never overlap: one whose words would reach over others stands above them.
 */
export function distanceScale(
  { flags, uncovered, pairs, request }: DistanceScaleData,
  width: number,
): Drawing {
  const scale = { left: 24, right: width - ROOM, ...zoom(flags, uncovered) }
  const placed = spreadFlags(flags, scale)
  const lanes = Math.max(0, ...placed.map(({ lane }) => lane)) + 1
  const axis = TOP + lanes * LANE + 26
  const parts: Part[] = []
  for (const [from, to] of uncovered)
    parts.push({
      kind: 'bar',
      x1: from,
      x2: to,
      y: axis - 12,
      height: 12,
      ink: 'too-wide',
      edge: true,
      pattern: 'diagonal',
    })
  for (const [from, to] of pairs)
    parts.push({ kind: 'line', x1: from, y1: axis + 3, x2: to, y2: axis + 3, ink: 'dye', weight: 5 })
  if (request !== undefined)
    parts.push({
      kind: 'line',
      x1: request,
      y1: TOP,
      x2: request,
      y2: axis + 14,
      ink: 'too-wide',
      weight: 1.5,
      dash: [4, 3],
    })
  for (const { at, x, lane, number, name, full, chosen } of placed) {
    const y = axis - 22 - lane * LANE
    const ink = chosen ? 'too-wide' : 'dye'
    parts.push(
      { kind: 'line', x1: at, y1: axis, x2: at, y2: y - 8, ink, weight: full ? 2.75 : 1.5 },
      {
        kind: 'label',
        x: { px: x + 5 },
        y,
        text: ` ${name}`,
        lead: { text: number, size: 14 },
        ink: 'ink',
        size: 13,
        weight: full ? 600 : 400,
        align: 'left',
      },
    )
  }
  parts.push(...ruler(scale, { y: axis, side: 'below' }))
  return { width, height: axis + BELOW, ...scale, parts }
}

/**
 * Lanes of flags from the right: one whose words reach over the stems or the words of others stands above all of them.
 * A flag's words never lie on another's words, nor on the stem of a shot elsewhere.
 */
export function spreadFlags(
  flags: readonly Flag[],
  scale: { left: number; right: number; from: number; to: number },
): PlacedFlag[] {
  const placed: PlacedFlag[] = []
  const rightToLeft = [...flags].sort((a, b) => b.at - a.at)
  for (const flag of rightToLeft) {
    const x = pixel(scale, flag.at)
    const width = widthOf(flag)
    const under = placed.filter((other) => other.x <= x + width + 2)
    const lane = under.reduce((most, other) => Math.max(most, other.lane + 1), 0)
    placed.push({ ...flag, x, width, lane })
  }
  return placed.reverse()
}

function zoom(flags: readonly Flag[], uncovered: readonly [number, number][]): { from: number; to: number } {
  const ends = [...flags.map(({ at }) => at), ...uncovered.flat()]
  if (ends.length === 0) return { from: 0, to: 100 }
  const [low, high] = [Math.min(...ends), Math.max(...ends)]
  const spare = Math.max(3, (20 - (high - low)) / 2)
  return { from: Math.max(0, Math.floor((low - spare) / 5) * 5), to: Math.ceil((high + spare) / 5) * 5 }
}
