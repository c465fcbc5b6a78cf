import { fixed } from '@/text/numbers'
import type { Chart, ChartSeries } from './chart'

/** Shots from above, in the golfer's unit: along the line and across it, positive to the right. */
type PlanShot = { id: string; along: number; across: number; included: boolean; word: string }
type PlanView = {
  shots: PlanShot[]
  /** 10th to 90th percentile, and the middle, along and across; absent below two shots. */
  reach?: { along: [number, number]; across: [number, number]; middle: { along: number; across: number } }
}

/**
 * Shots seen from above, to one scale along and across, the line of aim through the middle. The reach stands as a plain
 * frame, the bias as the line from the line of aim to the middle.
 */
export function planView({ shots, reach }: PlanView, unit: string): Chart {
  const along = shots.map((shot) => shot.along)
  const [low, high] = along.length > 0 ? [Math.min(...along), Math.max(...along)] : [0, 20]
  const spare = Math.max(4, (24 - (high - low)) / 2)
  const side = Math.max(6, ...shots.map((shot) => Math.abs(shot.across))) + 3
  const [from, to] = [Math.floor((low - spare) / 5) * 5, Math.ceil((high + spare) / 5) * 5]
  const points = (name: string, of: readonly PlanShot[], look: Pick<ChartSeries, 'ink' | 'shape'>) =>
    of.length === 0
      ? []
      : [
          {
            name,
            points: of.map(({ along: x, across: y, word }) => ({
              x,
              y,
              says: `${word}: ${fixed(x, 1)}, ${sideways(y)}`,
            })),
            weight: 2,
            shown: 'points' as const,
            named: true as const,
            ...look,
          },
        ]
  return {
    x: { title: `carry, ${unit}`, from, to },
    // Seen from behind the ball left is left: along the axis to the right, left of the line is up.
    y: {
      title: `left and right of the line, ${unit}`,
      from: -side,
      to: side,
      downwards: true,
      sideways: true,
    },
    oneScale: true,
    series: [
      {
        name: 'line of aim',
        points: [
          { x: from, y: 0 },
          { x: to, y: 0 },
        ],
        ink: 'quiet',
        weight: 1,
        shown: 'line',
        dashed: true,
        named: true,
      },
      ...(reach ? frameOf(reach) : []),
      ...points(
        'counts',
        shots.filter(({ included }) => included),
        { ink: 'dye', shape: 'dot' },
      ),
      ...points(
        'left out',
        shots.filter(({ included }) => !included),
        { ink: 'left-out', shape: 'cross' },
      ),
    ],
  }
}

function frameOf({ along, across, middle }: NonNullable<PlanView['reach']>): ChartSeries[] {
  const [near, far] = along
  const [left, right] = across
  return [
    {
      name: 'typical range (8 of 10)',
      points: [
        { x: near, y: left },
        { x: far, y: left },
        { x: far, y: right },
        { x: near, y: right },
        { x: near, y: left },
      ],
      ink: 'dye',
      weight: 1.25,
      shown: 'line',
      named: true,
    },
    {
      name: 'bias',
      points: [
        { x: middle.along, y: 0 },
        {
          x: middle.along,
          y: middle.across,
          says: `middle: ${fixed(middle.along, 1)}, ${sideways(middle.across)}`,
        },
      ],
      ink: 'dye',
      weight: 2.5,
      shown: 'line',
      shape: 'diamond',
    },
  ]
}

const sideways = (across: number): string => `${fixed(Math.abs(across), 1)} ${across < 0 ? 'left' : 'right'}`
