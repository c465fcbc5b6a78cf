import { fixed } from '@/text/numbers'
import type { Chart, ChartSeries } from './chart'

/** How much further one ball goes than another with some clubs, in per cent, with its 90% interval. */
type BallFactorData = {
  clubs: { name: string; carry: number; percent: number; low: number; high: number }[]
  unit: string
  /** Taken together; null where the clubs do not agree. */
  all: number | null
}

/** The factor of two balls by club: each a dot within its interval, the common one ruled. */
export function ballFactorChart({ clubs, all, unit }: BallFactorData): Chart {
  const reach = Math.max(2, ...clubs.flatMap(({ low, high }) => [Math.abs(low), Math.abs(high)])) * 1.15
  const carries = clubs.map(({ carry }) => carry)
  const [from, to] = [
    Math.floor((Math.min(...carries) - 8) / 10) * 10,
    Math.ceil((Math.max(...carries) + 8) / 10) * 10,
  ]
  return {
    x: { title: `carry, ${unit}`, from, to },
    y: { title: 'further than the other, %', from: Math.min(-1, -reach / 4), to: reach },
    series: [
      {
        name: 'a club, with its 90% interval',
        points: clubs.map(({ name, carry, percent, low, high }) => ({
          x: carry,
          y: percent,
          says: `${name}: ${fixed(percent, 1)}%, ${fixed(low, 1)} to ${fixed(high, 1)}`,
        })),
        ink: 'dye',
        weight: 3,
        shown: 'points',
        named: true,
      },
      ...clubs.map(({ name, carry, low, high }): ChartSeries => ({
        name: `interval of ${name}`,
        points: [
          { x: carry, y: low },
          { x: carry, y: high },
        ],
        ink: 'dye',
        weight: 2,
        shown: 'line',
      })),
      ...(all === null
        ? []
        : ([
            {
              name: 'all clubs',
              points: [
                { x: from, y: all },
                { x: to, y: all },
              ],
              ink: 'ink',
              weight: 1.5,
              shown: 'line',
              dashed: true,
              named: true,
            },
          ] satisfies ChartSeries[])),
      {
        name: 'the same',
        points: [
          { x: from, y: 0 },
          { x: to, y: 0 },
        ],
        ink: 'quiet',
        weight: 1,
        shown: 'line',
        named: true,
      },
    ],
  }
}
