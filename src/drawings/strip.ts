import { pixel, type Drawing, type Part } from './drawing'
import { ruler } from './ruler'

/** One shot on the strip, in the golfer's unit. */
export type StripShot = {
  id: string
  carry: number
  counts: boolean
  earlier: boolean
  word: string
  newest: boolean
}
export type StripData = {
  shots: StripShot[]
  stock?: { at: number; low: number; high: number; text: string }
}

const TOP = 34
const FIELD = 112
const BELOW = 40

/** The strip: a ruler zoomed to one station, a dot for each shot, crosses for those left out, the stock scribed through. */
export function strip({ shots, stock }: StripData, width: number): Drawing {
  const scale = { left: 22, right: width - 22, ...zoom(shots, stock) }
  const axis = TOP + FIELD
  const parts: Part[] = []
  if (stock) {
    parts.push(
      {
        kind: 'bar',
        x1: stock.low,
        x2: stock.high,
        y: TOP,
        height: FIELD,
        ink: 'dye',
        edge: false,
        pattern: 'plain',
        fill: 'dye-soft',
      },
      { kind: 'line', x1: stock.at, y1: TOP - 8, x2: stock.at, y2: axis, ink: 'dye', weight: 2.5 },
      {
        kind: 'label',
        x: stock.at,
        y: TOP - 18,
        text: stock.text,
        ink: 'dye',
        size: 15,
        weight: 700,
        align: 'center',
      },
    )
  }
  parts.push(...ruler(scale, { y: axis, side: 'below' }))
  const lanes: number[] = []
  for (const shot of shots) {
    const x = pixel(scale, shot.carry)
    const lane = freeLane(lanes, x, shot.counts ? 15 : 24 + shot.word.length * 7)
    const y = axis - 16 - lane * 17
    if (shot.counts) {
      parts.push({
        kind: 'point',
        shape: shot.earlier ? 'ring' : 'dot',
        x: shot.carry,
        y,
        size: shot.newest ? 8 : 6,
        ink: 'dye',
        id: shot.id,
      })
    } else {
      const toLeft = x > scale.right - 70
      parts.push(
        { kind: 'point', shape: 'cross', x: shot.carry, y, size: 5.5, ink: 'left-out', id: shot.id },
        {
          kind: 'label',
          x: shot.carry,
          dx: toLeft ? -11 : 11,
          y,
          text: shot.word,
          ink: 'left-out',
          size: 13,
          weight: 600,
          align: toLeft ? 'right' : 'left',
        },
      )
    }
  }
  return { width, height: axis + BELOW, ...scale, parts }
}

/** The stretch that holds every shot and the interval, to whole fives, at least 20 long. */
function zoom(shots: StripShot[], stock: StripData['stock']): { from: number; to: number } {
  const ends = [...shots.map((shot) => shot.carry), ...(stock ? [stock.low, stock.high] : [])]
  if (ends.length === 0) return { from: 0, to: 50 }
  const low = Math.min(...ends)
  const high = Math.max(...ends)
  const spare = Math.max(3, (20 - (high - low)) / 2)
  return { from: Math.floor((low - spare) / 5) * 5, to: Math.ceil((high + spare) / 5) * 5 }
}

/** Points that would touch stand above one another; past the top they start again at the bottom. */
function freeLane(lanes: number[], x: number, needs: number): number {
  const most = 6
  for (let lane = 0; lane < most; lane++) {
    const near = lanes[lane]
    if (near === undefined || Math.abs(near - x) >= needs) {
      lanes[lane] = x
      return lane
    }
  }
  const lane = lanes.length % most
  lanes[lane] = x
  return lane
}
