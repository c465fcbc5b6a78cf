import type { Drawing, Ink, Part } from './drawing'
import { VERDICT_TABLE, type VerdictLook } from '@/text/verdict-table'
import { ruler } from './ruler'

/** Settled is drawn whole with its pattern; a leaning dashed in its colour; what is open dashed in grey. */
type LadderConfidence = 'settled' | 'leaning' | 'open'

/** One club of the gap ladder, lengths in the golfer's unit. */
export type LadderClub = {
  name: string
  loft: string
  stock?: {
    at: number
    low: number
    high: number
    reach: [number, number]
    total?: number
    text: string
    note: string
  }
}
/** The gap between a club and the next. */
export type LadderGap = {
  verdict: VerdictLook
  confidence: LadderConfidence
  number: string
  word: string
  /** The word for a narrow drawing. */
  shortWord: string
  /** What more shots would do, in a few words. */
  need: string
  chosen: boolean
  /** It is drawn from total to total: what the longer and the shorter run. */
  runs?: [longer: number, shorter: number]
} | null

/** Two hit clubs, by their places, with others between them that were not: how far apart, never judged. */
type LadderSpan = { from: number; to: number; number: string; word: string }

export type GapLadderData = {
  clubs: LadderClub[]
  gaps: LadderGap[]
  over?: LadderSpan[]
  uncovered: [number, number][]
  /** Where a club that was not hit yet may stand. */
  maybeUncovered?: [number, number][]
}

const HEAD = 52
const GAP_LABEL = 138
/** A narrower drawing has no room for the long words of a verdict. */
const BRIEF_UNDER = 840
const STOCK_LABEL = 122

/** Where the rows of a gap ladder stand, for whatever is laid over it. */
export function gapLadderRows(width: number): { head: number; row: number; names: number } {
  const narrow = width < 560
  return { head: HEAD, row: narrow ? 50 : 45, names: narrow ? 8 : 152 }
}

/**
 * The gap ladder: a row for each club, longest on top, along one ruler; each club's reach, stock with its
 * interval, and total; between two rows their gap as a dimension line. Uncovered distances are hatched on the ruler.
 */
export function gapLadder(
  { clubs, gaps, over = [], uncovered, maybeUncovered = [] }: GapLadderData,
  width: number,
): Drawing {
  const { head, row, names } = gapLadderRows(width)
  const narrow = width < 560
  const height = head + clubs.length * row + 4
  const scale = ruled(clubs, width, names, narrow)
  const parts: Part[] = []
  for (const [from, to] of uncovered) {
    parts.push({
      kind: 'bar',
      x1: from,
      x2: to,
      y: head - 12,
      height: 7,
      ink: 'too-wide',
      edge: false,
      pattern: 'diagonal',
      fill: 'sheet',
    })
  }
  for (const [from, to] of maybeUncovered)
    parts.push({
      kind: 'line',
      x1: from,
      y1: head - 8,
      x2: to,
      y2: head - 8,
      ink: 'open',
      weight: 3,
      dash: [3, 4],
    })
  parts.push(...gridLines(scale, height), ...ruler(scale, { y: head - 14, side: 'above' }))
  clubs.forEach((club, i) => {
    const y = head + i * row + row / 2 - 9
    parts.push(...rowNames(club, { y, names, narrow }))
    parts.push(...(club.stock ? stockParts(club.stock, y, narrow) : [missing(width, y)]))
    const gap = gaps[i]
    const next = clubs[i + 1]
    if (gap && club.stock && next?.stock) {
      const [longer, shorter] = gap.runs ?? [0, 0]
      // Left of a short club a long word would run into the names.
      const words = width < BRIEF_UNDER ? { ...gap, word: gap.shortWord } : gap
      parts.push(...gapParts(words, club.stock.at + longer, next.stock.at + shorter, y, y + row, narrow))
    }
  })
  for (const each of over) {
    const [longer, shorter] = [clubs[each.from]?.stock, clubs[each.to]?.stock]
    if (longer && shorter)
      parts.push(
        ...overParts(
          each,
          longer.at,
          shorter.at,
          head + ((each.from + each.to) * row) / 2 + row / 2 - 9,
          narrow,
        ),
      )
  }
  return { width, height, ...scale, parts }
}

/** The name of a row and, where there is room, the loft beside it. */
export function rowNames(
  { name, loft }: { name: string; loft: string },
  { y, names, narrow, ink = 'ink' }: { y: number; names: number; narrow: boolean; ink?: Ink },
): Part[] {
  const label = { kind: 'label', y } as const
  return [
    {
      ...label,
      x: { px: narrow ? 6 : 16 },
      text: name,
      ink,
      size: narrow ? 13 : 14.5,
      weight: 600,
      align: 'left',
    },
    ...(narrow
      ? []
      : [
          {
            ...label,
            x: { px: names - 14 },
            text: loft,
            ink: 'quiet',
            size: 13,
            weight: 400,
            align: 'right',
          } as const,
        ]),
  ]
}

function ruled(clubs: LadderClub[], width: number, names: number, narrow: boolean) {
  const ends = clubs.flatMap(({ stock }) =>
    stock ? [stock.low, stock.high, ...stock.reach, stock.total ?? stock.at] : [],
  )
  const low = Math.min(...ends, ends.length > 0 ? Infinity : 60)
  const high = Math.max(...ends, ends.length > 0 ? low + 20 : 220)
  const left = names
  const right = width - 6
  const room = narrow ? { left: 92, right: 50 } : { left: GAP_LABEL, right: STOCK_LABEL }
  const perUnit = (right - left - room.left - room.right) / (high - low)
  return { left, right, from: low - room.left / perUnit, to: high + room.right / perUnit }
}

function gridLines(scale: { from: number; to: number; left: number; right: number }, height: number): Part[] {
  const perUnit = (scale.right - scale.left) / (scale.to - scale.from)
  const every = perUnit * 10 >= 34 ? 10 : perUnit * 20 >= 34 ? 20 : 50
  const parts: Part[] = []
  for (let at = Math.ceil(Math.max(0, scale.from) / every) * every; at <= scale.to; at += every) {
    parts.push({ kind: 'line', x1: at, y1: HEAD - 4, x2: at, y2: height - 4, ink: 'hair', weight: 1 })
  }
  return parts
}

function stockParts(stock: NonNullable<LadderClub['stock']>, y: number, narrow: boolean): Part[] {
  const { at, low, high, reach, total, text, note } = stock
  const end = Math.max(reach[1], high, total ?? at, at)
  return [
    {
      kind: 'bar',
      x1: reach[0],
      x2: reach[1],
      y: y - 6,
      height: 12,
      ink: 'dye',
      edge: true,
      pattern: 'plain',
      fill: 'dye-soft',
    },
    { kind: 'line', x1: low, y1: y + 10, x2: high, y2: y + 10, ink: 'dye', weight: 2.5 },
    { kind: 'line', x1: at, y1: y - 11, x2: at, y2: y + 11, ink: 'dye', weight: 2.5 },
    ...(total === undefined
      ? []
      : [{ kind: 'point' as const, shape: 'diamond' as const, x: total, y, size: 4, ink: 'dye' as const }]),
    {
      kind: 'label',
      x: end,
      dx: 10,
      y,
      text: narrow ? '' : note,
      lead: { text, size: narrow ? 15 : 16.5 },
      ink: 'ink',
      size: 12.5,
      weight: 400,
      align: 'left',
    },
  ]
}

const missing = (width: number, y: number): Part => ({
  kind: 'label',
  x: { px: width - 12 },
  y,
  text: 'not hit yet',
  ink: 'quiet',
  size: 13,
  weight: 400,
  align: 'right',
})

const overParts = (
  { number, word }: LadderSpan,
  longer: number,
  shorter: number,
  y: number,
  narrow: boolean,
): Part[] => [
  {
    kind: 'dimension',
    x1: Math.min(longer, shorter),
    x2: Math.max(longer, shorter),
    y,
    ink: 'open',
    dash: [2, 4],
  },
  {
    kind: 'label',
    x: Math.min(longer, shorter),
    dx: -8,
    y,
    text: narrow ? '' : word,
    lead: { text: number, size: 14.5 },
    ink: 'open',
    size: 13,
    weight: 400,
    align: 'right',
  },
]

function gapParts(
  gap: NonNullable<LadderGap>,
  longer: number,
  shorter: number,
  top: number,
  bottom: number,
  narrow: boolean,
): Part[] {
  const y = (top + bottom) / 2
  const ink: Ink = gap.verdict
  const left = Math.min(longer, shorter)
  const right = Math.max(longer, shorter)
  const dash: [number, number] | undefined = gap.confidence === 'settled' ? undefined : [4, 3]
  const pattern = gap.confidence === 'settled' ? VERDICT_TABLE[gap.verdict].pattern : 'none'
  return [
    ...(pattern === 'none'
      ? []
      : [{ kind: 'bar' as const, x1: left, x2: right, y: y - 4.5, height: 9, ink, edge: false, pattern }]),
    { kind: 'line', x1: longer, y1: top + 12, x2: longer, y2: y + 6, ink, weight: 1 },
    { kind: 'line', x1: shorter, y1: y - 6, x2: shorter, y2: bottom - 12, ink, weight: 1 },
    { kind: 'dimension', x1: left, x2: right, y, ink, ...(dash && { dash }) },
    {
      kind: 'label',
      x: left,
      dx: -8,
      y,
      text: narrow ? gap.shortWord : gap.word,
      lead: { text: gap.number, size: 14.5 },
      ink,
      size: 13,
      weight: gap.chosen ? 700 : 500,
      align: 'right',
    },
    ...(narrow || gap.need === ''
      ? []
      : [
          {
            kind: 'label' as const,
            x: right,
            dx: 10,
            y,
            text: gap.need,
            ink: 'quiet' as const,
            size: 12.5,
            weight: 400 as const,
            align: 'left' as const,
          },
        ]),
  ]
}
