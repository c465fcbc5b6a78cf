import type { Drawing, Part } from './drawing'
import { ruler } from './ruler'

/** Shots from above, in the golfer's unit: along the line and across it, positive to the right. */
export type PlanShot = { id: string; along: number; across: number; counts: boolean; word: string }
export type PlanView = {
  shots: PlanShot[]
  /** 10th to 90th percentile, and the middle, along and across; absent below two shots. */
  reach?: { along: [number, number]; across: [number, number]; middle: { along: number; across: number } }
}

const TOP = 26
const BELOW = 36
const LEFT = 22
const RIGHT = 84

/**
 * Shots seen from above, to one scale along and across, the line of aim through the middle. The reach stands as two
 * dimension lines and a plain frame; the bias is the arrow from the line of aim.
 */
export function planView({ shots, reach }: PlanView, width: number): Drawing {
  const along = shots.map((shot) => shot.along)
  const [low, high] = along.length > 0 ? [Math.min(...along), Math.max(...along)] : [0, 20]
  const spare = Math.max(4, (24 - (high - low)) / 2)
  const from = Math.floor((low - spare) / 5) * 5
  const scale = { left: LEFT, right: width - RIGHT, from, to: Math.ceil((high + spare) / 5) * 5 }
  const perUnit = (scale.right - scale.left) / (scale.to - scale.from)
  const side = Math.max(6, ...shots.map((shot) => Math.abs(shot.across))) + 3
  const line = TOP + side * perUnit
  // Seen from behind the ball left is left: along the ruler to the right, left of the line is up.
  const y = (across: number) => line + across * perUnit
  const ground = line + side * perUnit + 8
  const parts: Part[] = [
    { kind: 'line', x1: scale.from, y1: line, x2: scale.to, y2: line, ink: 'quiet', weight: 1, dash: [8, 4] },
    note(scale.right + 6, line, 'line of aim'),
    note(scale.left, TOP - 12, 'left', 'left'),
    note(scale.left, ground - 10, 'right', 'left'),
  ]
  if (reach) {
    const [near, far] = reach.along
    const [left, right] = reach.across
    parts.push(
      {
        kind: 'bar',
        x1: near,
        x2: far,
        y: y(left),
        height: Math.max(2, y(right) - y(left)),
        ink: 'dye',
        edge: true,
        pattern: 'none',
      },
      { kind: 'dimension', x1: near, x2: far, y: y(left) - 9, ink: 'dye' },
      {
        kind: 'line',
        x1: reach.middle.along,
        y1: line,
        x2: reach.middle.along,
        y2: y(reach.middle.across),
        ink: 'dye',
        weight: 2.5,
      },
      {
        kind: 'point',
        shape: 'diamond',
        x: reach.middle.along,
        y: y(reach.middle.across),
        size: 6,
        ink: 'dye',
      },
    )
  }
  for (const { id, along: at, across, counts, word } of shots) {
    parts.push({
      kind: 'point',
      shape: counts ? 'dot' : 'cross',
      x: at,
      y: y(across),
      size: counts ? 5 : 5.5,
      ink: counts ? 'dye' : 'left-out',
      id,
    })
    if (!counts)
      parts.push({
        kind: 'label',
        x: at,
        dx: 9,
        y: y(across),
        text: word,
        ink: 'left-out',
        size: 12.5,
        weight: 600,
        align: 'left',
      })
  }
  parts.push(...ruler(scale, { y: ground, side: 'below' }))
  return { width, height: ground + BELOW, ...scale, parts }
}

const note = (px: number, y: number, text: string, align: 'left' | 'right' = 'left'): Part => ({
  kind: 'label',
  x: { px },
  y,
  text,
  ink: 'quiet',
  size: 12.5,
  weight: 500,
  align,
})
