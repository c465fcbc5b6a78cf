import { pixel, type Drawing, type Part } from './drawing'
import { ruler } from './ruler'

/** One shot on the strip, in the golfer's unit. */
type StripShot = {
  id: string
  carry: number
  included: boolean
  earlier: boolean
  word: string
  newest: boolean
}
type ShotStripData = {
  shots: StripShot[]
  stock?: { at: number; low: number; high: number; text: string }
}

const TOP = 34
const FIELD = { wide: 112, narrow: 66 }
const BELOW = 40

/** The strip: a ruler zoomed to one station, a dot for each shot, crosses for those left out, the stock scribed through. */
export function shotStrip({ shots, stock }: ShotStripData, width: number): Drawing {
  const scale = { left: 22, right: width - 22, ...zoom(shots, stock) }
  const field = width < 560 ? FIELD.narrow : FIELD.wide
  const axis = TOP + field
  const lanes: [number, number][][] = Array.from({ length: Math.floor((field - 8) / 17) }, () => [])
  const parts: Part[] = []
  if (stock) {
    parts.push(
      {
        kind: 'bar',
        x1: stock.low,
        x2: stock.high,
        y: TOP,
        height: field,
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
  // Those that count first: a word never lies over a dot.
  for (const shot of shots.toSorted((a, b) => Number(b.included) - Number(a.included))) {
    const x = pixel(scale, shot.carry)
    const toLeft = x > scale.right - 70
    const room = shot.included ? 0 : 8 + shot.word.length * 6.5
    const span = (more: number): [number, number] => (toLeft ? [x - 8 - more, x + 8] : [x - 8, x + 8 + more])
    const named = room > 0 && hasFreeLane(lanes, span(room))
    const lane = takeLane(lanes, span(named ? room : 0))
    const y = axis - 16 - lane * 17
    if (shot.included) {
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
      parts.push({ kind: 'point', shape: 'cross', x: shot.carry, y, size: 5.5, ink: 'left-out', id: shot.id })
      if (named) parts.push(word(shot, y, toLeft))
    }
  }
  return { width, height: axis + BELOW, ...scale, parts }
}

/** The stretch that holds every shot and the interval, to whole fives, at least 20 long. */
function zoom(shots: StripShot[], stock: ShotStripData['stock']): { from: number; to: number } {
  const ends = [...shots.map((shot) => shot.carry), ...(stock ? [stock.low, stock.high] : [])]
  if (ends.length === 0) return { from: 0, to: 50 }
  const low = Math.min(...ends)
  const high = Math.max(...ends)
  const spare = Math.max(3, (20 - (high - low)) / 2)
  return { from: Math.floor((low - spare) / 5) * 5, to: Math.ceil((high + spare) / 5) * 5 }
}

const word = (shot: StripShot, y: number, toLeft: boolean): Part => ({
  kind: 'label',
  x: shot.carry,
  dx: toLeft ? -11 : 11,
  y,
  text: shot.word,
  ink: 'left-out',
  size: 13,
  weight: 600,
  align: toLeft ? 'right' : 'left',
})

type Span = [number, number]

const freeLane = (lanes: Span[][], [from, to]: Span): number =>
  lanes.findIndex((taken) => taken.every(([a, b]) => to <= a || from >= b))

const hasFreeLane = (lanes: Span[][], span: Span): boolean => freeLane(lanes, span) >= 0

/** Takes the lowest lane in which nothing stands there; with none free, the emptiest. */
function takeLane(lanes: Span[][], span: Span): number {
  const free = freeLane(lanes, span)
  const emptiest = lanes.reduce((best, taken, i) => (taken.length < (lanes[best]?.length ?? 0) ? i : best), 0)
  const lane = free >= 0 ? free : emptiest
  lanes[lane]?.push(span)
  return lane
}
