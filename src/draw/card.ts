import type { Drawing, Part } from './drawing'

/** One line of the yardage card: a club with what its swings carry, as they are to be read. */
type CardLine = {
  name: string
  carry: string
  /** That number is the total: the club is only hit from the tee. */
  onTotal?: true
  plusMinus: string
  swings: string[]
  /** When its newest shot was hit, where that is known. */
  newestMs?: number
}
/** A line's name, which says so where its number is a total. */
export const lineName = ({ name, onTotal }: CardLine): string => (onTotal ? `${name}, total` : name)
export type CardData = {
  title: string
  /** Date, rule, air: what the numbers stand for. */
  notes: string[]
  unit: string
  /** Names of the partial swings that stand behind the carry. */
  swings: string[]
  lines: CardLine[]
}

/** Sizes of a card in pixels of 1/96 inch: a pocket (A7), a bag tag (ISO 7810 ID-1), a phone's picture; screens and papers list them from here. */
export const CARD_SIZES = {
  pocket: { name: 'pocket, 74 × 105 mm', width: 280, height: 397 },
  tag: { name: 'bag tag, 54 × 86 mm', width: 204, height: 324 },
  phone: { name: 'a phone’s picture', width: 390, height: 844 },
} as const
export type CardSize = keyof typeof CARD_SIZES

const LONGEST_ROW = 46
/** Sizes beside that of the row's text. */
const NAME = 0.92
const CARRY = 1.12
const LINE_HEIGHT_SHARE = 0.72
/** How wide a sign and the space between columns are, in ems of the row's text; a column is at least so wide. */
const GLYPH = 0.54
const TWO_COLUMNS_SHARE = 0.55
const LEAST_COLUMN = 1.6

/** The yardage card: a line a club, longest on top, readable in one glance and in black on white. */
export function card({ title, notes, unit, swings, lines }: CardData, size: CardSize): Drawing {
  const { width, height } = CARD_SIZES[size]
  const pad = width * 0.05
  const small = Math.max(7, width * 0.03)
  const head = pad + width * 0.062 + notes.length * small * 1.35 + small * 2.4
  const row = Math.min(LONGEST_ROW, (height - head - pad) / Math.max(1, lines.length))
  const most = (of: (line: CardLine) => string) => Math.max(0, ...lines.map((line) => of(line).length))
  const ems = {
    name: most(lineName) * NAME * GLYPH,
    carry: Math.max(most(({ carry }) => carry) * CARRY * GLYPH, LEAST_COLUMN),
    around: most(({ plusMinus }) => plusMinus) * LINE_HEIGHT_SHARE * GLYPH,
    swings: swings.map((_, i) => Math.max(most((line) => line.swings[i] ?? '') * NAME * GLYPH, LEAST_COLUMN)),
  }
  const swingsEms = ems.swings.reduce((sum, each) => sum + each + TWO_COLUMNS_SHARE, 0)
  const wide = ems.name + TWO_COLUMNS_SHARE + ems.carry + TWO_COLUMNS_SHARE + ems.around + swingsEms
  const text = Math.min(row * 0.62, width * 0.064, (width - 2 * pad) / wide)
  // From the right edge on, each column as wide as its longest number.
  const swingRights = swings.map(
    (_, i) =>
      width - pad - ems.swings.slice(i + 1).reduce((sum, each) => sum + each + TWO_COLUMNS_SHARE, 0) * text,
  )
  const aroundRight = width - pad - swingsEms * text
  const carryRight = aroundRight - (ems.around + TWO_COLUMNS_SHARE) * text
  const parts: Part[] = [
    label(pad, pad + width * 0.03, title, { size: width * 0.055, weight: 700 }),
    ...notes.map((note, i) =>
      label(pad, pad + width * 0.075 + i * small * 1.35, note, { size: small, ink: 'quiet' }),
    ),
  ]
  const heads = head - small * 0.9
  parts.push(
    label(carryRight, heads, `carry, ${unit}`, { size: small, align: 'right', ink: 'quiet' }),
    label(aroundRight, heads, '±', { size: small, align: 'right', ink: 'quiet' }),
    ...swings.map((swing, i) =>
      label(swingRights[i] as number, heads, swing, {
        size: small,
        align: 'right',
        ink: 'quiet',
      }),
    ),
    rule(pad, width - pad, head, 1.2),
  )
  lines.forEach((line, i) => {
    const middle = head + row * (i + 0.5)
    parts.push(
      label(pad, middle, lineName(line), { size: text * NAME, weight: 500 }),
      label(carryRight, middle, line.carry, { size: text * CARRY, weight: 700, align: 'right' }),
      label(aroundRight, middle, line.plusMinus, { size: text * LINE_HEIGHT_SHARE, align: 'right' }),
      ...line.swings.map((carry, s) =>
        label(swingRights[s] as number, middle, carry, {
          size: text * NAME,
          align: 'right',
        }),
      ),
      rule(pad, width - pad, head + row * (i + 1), 0.4),
    )
  })
  return { width, height, left: 0, right: width, from: 0, to: width, parts }
}

type Look = {
  size: number
  weight?: 400 | 500 | 700
  align?: 'left' | 'right'
  ink?: 'ink' | 'quiet'
}
const label = (
  x: number,
  y: number,
  text: string,
  { size, weight = 400, align = 'left', ink = 'ink' }: Look,
): Part => ({
  kind: 'label',
  x: { px: x },
  y,
  text,
  ink,
  size,
  weight,
  align,
})
const rule = (x1: number, x2: number, y: number, weight: number): Part => ({
  kind: 'line',
  x1: { px: x1 },
  y1: y,
  x2: { px: x2 },
  y2: y,
  ink: 'ink',
  weight,
})
