import type { Drawing, Ink, Part, Pattern } from './drawing'
import { VERDICT_LOOKS, VERDICT_TABLE } from '@/text/verdict-table'

/** What the marks of a gap ladder mean, each drawn as it stands there. */
const MARKS: { says: string; draw: (x: number, y: number) => Part[] }[] = [
  {
    says: 'carry, its 90% interval below, its typical range around it; ◇ total',
    draw: (x, y) => [
      bar(x + 4, x + 58, y - 6, 12, 'dye', 'plain', 'dye-soft'),
      line(x + 16, x + 44, y + 10, 'dye', 2.5),
      {
        kind: 'line',
        x1: { px: x + 30 },
        y1: y - 11,
        x2: { px: x + 30 },
        y2: y + 11,
        ink: 'dye',
        weight: 2.5,
      },
      { kind: 'point', shape: 'diamond', x: { px: x + 52 }, y, size: 4, ink: 'dye' },
    ],
  },
  ...VERDICT_LOOKS.flatMap((look) => {
    const { legend, pattern } = VERDICT_TABLE[look]
    return legend === undefined
      ? []
      : [
          {
            says: legend,
            draw: (x: number, y: number): Part[] => [
              bar(x + 4, x + 58, y - 4.5, 9, look, pattern),
              { kind: 'dimension', x1: { px: x + 4 }, x2: { px: x + 58 }, y, ink: look },
            ],
          },
        ]
  }),
  {
    says: 'dashed: likely, in its colour; grey: borderline or not clear yet',
    draw: (x, y) => [
      { kind: 'dimension', x1: { px: x + 4 }, x2: { px: x + 58 }, y: y - 5, ink: 'too-wide', dash: [4, 3] },
      { kind: 'dimension', x1: { px: x + 4 }, x2: { px: x + 58 }, y: y + 6, ink: 'open', dash: [4, 3] },
    ],
  },
  {
    says: 'hatched on the scale: distances without a club',
    draw: (x, y) => [bar(x + 4, x + 58, y - 4, 8, 'too-wide', 'diagonal')],
  },
  {
    says: 'dotted: over clubs that are not hit yet',
    draw: (x, y) => [
      {
        kind: 'line',
        x1: { px: x + 4 },
        y1: y,
        x2: { px: x + 58 },
        y2: y,
        ink: 'open',
        weight: 3,
        dash: [3, 4],
      },
    ],
  },
]

const bar = (
  x1: number,
  x2: number,
  y: number,
  height: number,
  ink: Ink,
  pattern: Pattern,
  fill?: Ink,
): Part => ({
  kind: 'bar',
  x1: { px: x1 },
  x2: { px: x2 },
  y,
  height,
  ink,
  edge: fill !== undefined,
  pattern,
  ...(fill && { fill }),
})
const line = (x1: number, x2: number, y: number, ink: Ink, weight: number): Part => ({
  kind: 'line',
  x1: { px: x1 },
  y1: y,
  x2: { px: x2 },
  y2: y,
  ink,
  weight,
})

/** The legend of the gap ladder: in two columns where there is room. */
export function gapLadderLegend(width: number): Drawing & { says: string } {
  const columns = width >= 760 ? 2 : 1
  const rows = Math.ceil(MARKS.length / columns)
  const parts = MARKS.flatMap(({ says, draw }, i): Part[] => {
    const x = 10 + Math.floor(i / rows) * (width / columns)
    const y = 20 + (i % rows) * 30
    return [
      ...draw(x, y),
      {
        kind: 'label',
        x: { px: x + 72 },
        y,
        text: says,
        ink: 'ink',
        size: width < 560 ? 12 : 13,
        weight: 400,
        align: 'left',
      },
    ]
  })
  return {
    width,
    height: rows * 30 + 12,
    left: 0,
    right: width,
    from: 0,
    to: width,
    parts,
    says: MARKS.map(({ says }) => says).join('; '),
  }
}
