import type { Drawing, Part } from './drawing'
import { ruler } from './ruler'

/** A flight seen from the side, in the golfer's unit. */
export type FlightTrace = {
  name: string
  points: { along: number; up: number }[]
  /** How far it runs on after it lands; negative backward. */
  run: number
  dashed: boolean
}

const SIDE = 14
const NAME = 20
const BELOW = 36

/** Flights drawn over each other to one scale: as high as they are long. Runs stand on the ground behind them. */
export function flights(traces: readonly FlightTrace[], width: number): Drawing {
  const ends = traces.flatMap(({ points, run }) => {
    const landed = points.at(-1)?.along ?? 0
    return [landed, landed + run]
  })
  const far = Math.max(20, ...ends)
  const scale = { left: SIDE + 8, right: width - SIDE - 30, from: 0, to: Math.ceil(far / 10) * 10 }
  const perUnit = (scale.right - scale.left) / scale.to
  const high = Math.max(1, ...traces.flatMap(({ points }) => points.map(({ up }) => up)))
  const ground = NAME * traces.length + high * perUnit + 6
  const parts: Part[] = []
  traces.forEach(({ name, points, run, dashed }, i) => {
    const ink = i === 0 ? 'dye' : 'wide'
    const dash: { dash?: [number, number] } = dashed ? { dash: [6, 4] } : {}
    for (let k = 1; k < points.length; k++) {
      const [a, b] = [points[k - 1], points[k]]
      if (!a || !b) continue
      parts.push({
        kind: 'line',
        x1: a.along,
        y1: ground - a.up * perUnit,
        x2: b.along,
        y2: ground - b.up * perUnit,
        ink,
        weight: 2.25,
        ...dash,
      })
    }
    const landed = points.at(-1)
    if (landed)
      parts.push(
        {
          kind: 'line',
          x1: landed.along,
          y1: ground - 3 - i * 4,
          x2: landed.along + run,
          y2: ground - 3 - i * 4,
          ink,
          weight: 3,
        },
        { kind: 'point', shape: 'diamond', x: landed.along + run, y: ground - 3 - i * 4, size: 5, ink },
      )
    parts.push(
      {
        kind: 'line',
        x1: { px: scale.left },
        y1: 12 + i * NAME,
        x2: { px: scale.left + 26 },
        y2: 12 + i * NAME,
        ink,
        weight: 2.5,
        ...dash,
      },
      {
        kind: 'label',
        x: { px: scale.left + 33 },
        y: 12 + i * NAME,
        text: name,
        ink: 'ink',
        size: 13,
        weight: 600,
        align: 'left',
      },
    )
  })
  parts.push(...ruler(scale, { y: ground, side: 'below' }))
  return { width, height: ground + BELOW, ...scale, parts }
}
