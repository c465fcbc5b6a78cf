import { fixed } from '@/text/numbers'
import type { Part } from './drawing'

const INTERVALS = [1, 2, 5, 10, 20, 25, 50, 100, 200, 250, 500, 1000, 2000]
/** Numbers on a ruler keep this far apart, graduations this far. */
const NUMBER_APART_PX = 40
const TICK_APART_PX = 4.5

/**
 * A ruler of distances: a line with graduations, longer ones at fives and tens, and numbers. It begins at 0, whatever room
 * is left of that.
 * @param side which side of the line the graduations stand on
 */
export function ruler(
  scale: { from: number; to: number; left: number; right: number },
  { y, side }: { y: number; side: 'above' | 'below' },
): Part[] {
  const perUnit = (scale.right - scale.left) / (scale.to - scale.from)
  const spacing = (px: number) => INTERVALS.find((interval) => interval * perUnit >= px) ?? 2000
  const numbered = Math.max(spacing(NUMBER_APART_PX), 5)
  const tick = Math.min(spacing(TICK_APART_PX), numbered)
  const out = side === 'above' ? -1 : 1
  const from = Math.max(0, scale.from)
  const parts: Part[] = [{ kind: 'line', x1: from, y1: y, x2: scale.to, y2: y, ink: 'ink', weight: 1.25 }]
  for (let at = Math.ceil(from / tick) * tick; at <= scale.to + 1e-9; at += tick) {
    const isNumbered = at % numbered === 0
    const length = isNumbered ? 12 : at % (numbered / 2) === 0 ? 8 : 5
    parts.push({
      kind: 'line',
      x1: at,
      y1: y,
      x2: at,
      y2: y + out * length,
      ink: isNumbered ? 'ink' : 'quiet',
      weight: 1,
    })
    if (isNumbered) {
      parts.push({
        kind: 'label',
        x: at,
        y: y + out * 23,
        text: fixed(at, 0),
        ink: 'quiet',
        size: 12.5,
        weight: 500,
        align: 'center',
      })
    }
  }
  return parts
}
