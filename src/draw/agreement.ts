import { fixed } from '@/text/numbers'
import type { Chart, ChartSeries } from './chart'

/** Two monitors on the same shots, in the golfer's unit. */
type AgreementData = {
  /** The mean of the two and their difference, first less second; dropped ones are no measurement of one shot. */
  points: { mean: number; difference: number; dropped: boolean }[]
  bias: number
  limits: [low: number, high: number]
  outer: [low: number, high: number]
  tolerance: number
  unit: string
}

/** The picture of differences: each shot a dot over the mean of the two, the bias and the limits of agreement ruled. */
export function agreementChart({ points, bias, limits, outer, tolerance, unit }: AgreementData): Chart {
  const means = points.map(({ mean }) => mean)
  const [from, to] = [
    Math.floor(Math.min(...means) / 10) * 10 - 5,
    Math.ceil(Math.max(...means) / 10) * 10 + 5,
  ]
  const kept = points.filter(({ dropped }) => !dropped)
  const reach =
    Math.max(tolerance, ...[...outer, ...kept.map(({ difference }) => difference)].map(Math.abs)) * 1.15
  const ruled = (
    y: number,
    name: string,
    look: Pick<ChartSeries, 'ink' | 'weight' | 'dashed' | 'named'>,
  ): ChartSeries => ({
    name,
    points: [
      { x: from, y, says: `${name}: ${fixed(y, 1)} ${unit}` },
      { x: to, y },
    ],
    shown: 'line',
    ...look,
  })
  const dots = (dropped: boolean): ChartSeries[] => {
    const own = points.filter((point) => point.dropped === dropped && Math.abs(point.difference) <= reach)
    return own.length === 0
      ? []
      : [
          {
            name: dropped ? 'no measurement of one shot' : 'a shot',
            points: own.map(({ mean, difference }) => ({
              x: mean,
              y: difference,
              says: `${fixed(mean, 1)} ${unit}: ${fixed(difference, 1)} apart`,
            })),
            ink: dropped ? 'left-out' : 'dye',
            weight: 2,
            shown: 'points',
            ...(dropped && { shape: 'cross' as const }),
            named: true,
          },
        ]
  }
  return {
    x: { title: `mean of the two, ${unit}`, from, to },
    y: { title: `first less second, ${unit}`, from: -reach, to: reach },
    series: [
      ...dots(false),
      ...dots(true),
      ruled(bias, 'on average', { ink: 'dye', weight: 2, named: true }),
      ruled(limits[0], '95 of 100 lie between', { ink: 'ink', weight: 1.5, dashed: true, named: true }),
      ruled(limits[1], '95 of 100 lie between', { ink: 'ink', weight: 1.5, dashed: true }),
      ruled(tolerance, 'as near as you want', { ink: 'quiet', weight: 1, named: true }),
      ruled(-tolerance, 'as near as you want', { ink: 'quiet', weight: 1 }),
    ],
  }
}
