import type { Drawing, Ink, Part, Pattern } from './drawing'
import { ruler } from './ruler'

/** A stretch of ground in the golfer's unit: the green, or what is to be cleared. */
export type Ground = { name: string; from: number; to: number; is: 'green' | 'water' | 'bunker' | 'rough' }
export type SideData = {
  /** The usual flight, along and up, in the golfer's unit. */
  path: { along: number; up: number }[]
  carry: number
  finish: number
  text: string
  grounds: Ground[]
  shots: { carry: number; missed: boolean }[]
  /** The distance that was asked for. */
  target: number
}

const SKY = { wide: 118, narrow: 84 }
const TOP = 26
const GROUND_LOOK: Record<Ground['is'], { ink: Ink; pattern: Pattern; fill?: Ink }> = {
  green: { ink: 'good', pattern: 'plain', fill: 'hair' },
  water: { ink: 'dye', pattern: 'double', fill: 'dye-soft' },
  bunker: { ink: 'too-close', pattern: 'dots' },
  rough: { ink: 'quiet', pattern: 'ticks' },
}
const GROUND_PX = 12
const DOT_PX = 10

/** One shot from the side: its flight over the ground, and below it where twenty of it would likely land. */
export function sideView(
  { path, carry, finish, text, grounds, shots, target }: SideData,
  width: number,
): Drawing {
  const sky = width < 560 ? SKY.narrow : SKY.wide
  const scale = { left: 16, right: width - 16, ...zoom({ carry, finish, grounds, shots, target }) }
  const base = TOP + sky
  const peak = Math.max(1, ...path.map(({ up }) => up))
  const perUnit = (scale.right - scale.left) / (scale.to - scale.from)
  // Upwards as along where there is room: else the flight is flattened to fit.
  const high = Math.min(perUnit, (sky - 8) / peak)
  const parts: Part[] = []
  for (const [i, { along, up }] of path.entries()) {
    const next = path[i + 1]
    if (next && next.along >= scale.from)
      parts.push({
        kind: 'line',
        x1: Math.max(scale.from, along),
        y1: base - up * high,
        x2: next.along,
        y2: base - next.up * high,
        ink: 'dye',
        weight: 2,
      })
  }
  for (const { name, from, to, is } of grounds) {
    const [x1, x2] = [Math.max(from, scale.from), Math.min(to, scale.to)]
    if (x2 <= x1) continue
    parts.push(
      { kind: 'bar', x1, x2, y: base, height: GROUND_PX, edge: true, ...GROUND_LOOK[is] },
      {
        kind: 'label',
        x: (x1 + x2) / 2,
        y: base + GROUND_PX + 11,
        text: name,
        ink: GROUND_LOOK[is].ink,
        size: 12.5,
        weight: 600,
        align: 'center',
      },
    )
  }
  parts.push(
    { kind: 'line', x1: scale.from, y1: base, x2: scale.to, y2: base, ink: 'ink', weight: 1.25 },
    { kind: 'line', x1: target, y1: base - 26, x2: target, y2: base, ink: 'ink', weight: 1.5 },
    {
      kind: 'bar',
      x1: target,
      x2: target + 12 / perUnit,
      y: base - 26,
      height: 9,
      ink: 'ink',
      edge: true,
      pattern: 'plain',
      fill: 'ink',
    },
    {
      kind: 'label',
      x: carry,
      y: 12,
      text: '',
      lead: { text, size: 15 },
      ink: 'dye',
      size: 13,
      weight: 600,
      align: 'center',
    },
    { kind: 'line', x1: carry, y1: 22, x2: carry, y2: base, ink: 'dye', weight: 1, dash: [3, 3] },
    {
      kind: 'dimension',
      x1: Math.min(carry, finish),
      x2: Math.max(carry, finish),
      y: base - 5,
      ink: 'quiet',
    },
  )
  const below = base + GROUND_PX + 24
  const lanes = stacked(shots, DOT_PX / perUnit)
  for (const { carry: at, missed, lane } of lanes)
    parts.push({
      kind: 'point',
      shape: missed ? 'cross' : 'dot',
      x: Math.max(scale.from, at),
      y: below + lane * (DOT_PX + 1),
      size: missed ? 4 : 4.5,
      ink: missed ? 'left-out' : 'dye',
    })
  const deepest = Math.max(0, ...lanes.map(({ lane }) => lane))
  const axis = below + deepest * (DOT_PX + 1) + 14
  parts.push(...ruler(scale, { y: axis, side: 'below' }))
  return { width, height: axis + 34, ...scale, parts }
}

function zoom({ carry, finish, grounds, shots, target }: Omit<SideData, 'path' | 'text'>): {
  from: number
  to: number
} {
  const ends = [
    carry,
    finish,
    target,
    ...shots.map((shot) => shot.carry),
    ...grounds.flatMap(({ from, to }) => [from, to]),
  ]
  const [low, high] = [Math.min(...ends), Math.max(...ends)]
  const room = Math.max(4, 0.04 * (high - low))
  return { from: Math.max(0, Math.floor((low - room) / 5) * 5), to: Math.ceil((high + room) / 5) * 5 }
}

/** Shots that would lie on each other stand under each other. */
function stacked<Each extends { carry: number }>(
  shots: readonly Each[],
  spacing: number,
): (Each & { lane: number })[] {
  const ends: number[] = []
  return shots
    .toSorted((a, b) => a.carry - b.carry)
    .map((shot) => {
      const free = ends.findIndex((end) => shot.carry - end >= spacing)
      const lane = free < 0 ? ends.length : free
      ends[lane] = shot.carry
      return { ...shot, lane }
    })
}
