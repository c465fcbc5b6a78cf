import type { Drawing, Part } from './drawing'
import { ruler } from './ruler'
import { rowNames } from './gap-ladder'

/** A club of the gap ladder that is drawn twice: where its stock is, and where it would be; lengths in the golfer's unit. */
export type RefitRow = { name: string; loft: string; now: number | null; then: number | null; text: string }
/** A gap of the bag as it would be, between two rows; a letter where it changes. */
export type RefitTread = {
  from: number
  to: number
  number: string
  word: string
  good: boolean
  letter?: string
}

const HEAD = 52
const LABEL_PX = 150
const NUMBER_PX = 58

/**
 * The gap ladder twice in one drawing: as it is, in outline, and as it would be, solid. The gaps that change carry letters, as
 * parts of a drawing do.
 */
export function fixLadder(rows: readonly RefitRow[], treads: readonly RefitTread[], width: number): Drawing {
  const narrow = width < 560
  const row = narrow ? 44 : 38
  const names = narrow ? 8 : 150
  const height = HEAD + rows.length * row + 6
  const scale = scaled(rows, names, width, narrow)
  const at = (index: number) => HEAD + index * row + row / 2 - 7
  const parts: Part[] = [...ruler(scale, { y: HEAD - 14, side: 'above' })]
  rows.forEach(({ name, loft, now, then, text }, i) => {
    const y = at(i)
    parts.push(...rowNames({ name, loft }, { y, names, narrow, ink: then === null ? 'quiet' : 'ink' }))
    if (now !== null)
      parts.push(
        { kind: 'line', x1: now, y1: y - 11, x2: now, y2: y + 11, ink: 'quiet', weight: 1.25, dash: [3, 3] },
        { kind: 'point', shape: 'ring', x: now, y, size: 5, ink: 'quiet' },
      )
    if (then === null) return
    if (now !== null && Math.abs(then - now) > 0.05)
      parts.push({ kind: 'line', x1: now, y1: y, x2: then, y2: y, ink: 'dye', weight: 2 })
    parts.push(
      { kind: 'line', x1: then, y1: y - 12, x2: then, y2: y + 12, ink: 'dye', weight: 2.75 },
      {
        kind: 'label',
        x: Math.max(then, now ?? then),
        dx: 10,
        y,
        text: '',
        lead: { text, size: narrow ? 15 : 16 },
        ink: 'ink',
        size: 12.5,
        weight: 400,
        align: 'left',
      },
    )
  })
  for (const { from, to, number, word, good, letter } of treads) {
    const [longer, shorter] = [rows[from]?.then, rows[to]?.then]
    if (longer == null || shorter == null) continue
    const [left, right] = [Math.min(longer, shorter), Math.max(longer, shorter)]
    // In the row next to a club that goes, not in its own.
    const y = (at(from) + at(to)) / 2 + ((to - from) % 2 === 0 ? row / 2 : 0)
    const ink = letter === undefined ? 'open' : good ? 'good' : 'too-wide'
    parts.push(
      { kind: 'dimension', x1: left, x2: right, y, ink },
      {
        kind: 'label',
        x: left,
        dx: -8,
        y,
        text: narrow ? (letter ?? '') : [word, letter].filter(Boolean).join(' · '),
        lead: { text: number, size: 14 },
        ink,
        size: 12.5,
        weight: letter === undefined ? 400 : 600,
        align: 'right',
      },
    )
  }
  return { width, height, ...scale, parts }
}

function scaled(rows: readonly RefitRow[], names: number, width: number, narrow: boolean) {
  const ends = rows.flatMap(({ now, then }) => [now, then].filter((each) => each !== null))
  const low = ends.length > 0 ? Math.min(...ends) : 60
  const high = Math.max(...ends, low + 20)
  const [left, right] = [names, width - 6]
  const room = narrow ? 84 : LABEL_PX
  const perUnit = (right - left - room - NUMBER_PX) / (high - low)
  return { left, right, from: low - room / perUnit, to: high + NUMBER_PX / perUnit }
}
