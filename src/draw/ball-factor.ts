import { fixed } from '@/text/numbers'
import type { Chart, ChartSeries } from './chart'

/** How much further one ball goes than another with some clubs, in per cent, with its 90% interval. */
export type BallFactorData = {
  clubs: { name: string; percent: number; low: number; high: number }[]
  /** Taken together; null where the clubs do not agree. */
  all: number | null
}

/** The factor of two balls by club: each a dot within its interval, the common one ruled. */
export function ballFactorChart({ clubs, all }: BallFactorData): Chart {
  const reach = Math.max(2, ...clubs.flatMap(({ low, high }) => [Math.abs(low), Math.abs(high)])) * 1.15
  const [from, to] = [0.4, clubs.length + 0.6]
  return {
    x: { title: clubs.map(({ name }, i) => `${i + 1} ${name}`).join(', '), from, to },
    y: { title: 'further than the other, %', from: Math.min(-1, -reach / 4), to: reach },
    series: [
      {
        name: 'a club, with its 90% interval',
        points: clubs.map(({ name, percent, low, high }, i) => ({
          x: i + 1,
          y: percent,
          says: `${name}: ${fixed(percent, 1)}%, ${fixed(low, 1)} to ${fixed(high, 1)}`,
        })),
        ink: 'dye',
        weight: 3,
        shown: 'points',
        named: true,
      },
      ...clubs.map(({ name, low, high }, i): ChartSeries => ({
        name: `interval of ${name}`,
        points: [
          { x: i + 1, y: low },
          { x: i + 1, y: high },
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
