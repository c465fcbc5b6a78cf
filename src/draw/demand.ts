import { count } from '@/text/numbers'
import type { Chart, ChartSeries } from './chart'

/** Distances that were faced, by bins of the golfer's unit, with the uncovered distances of the bag under them. */
type DemandData = {
  bins: number[]
  bin: number
  uncovered: [number, number][]
  zone: [number, number] | null
  unit: string
}

const BAR_PX = 9
const UNDER = 0.045

/** How often each distance was faced: a bar a bin; under it the stretches on which nothing of the bag lands. */
export function demand({ bins, bin, uncovered, zone, unit }: DemandData): Chart {
  const most = Math.max(3, ...bins)
  const to = Math.max(bins.length * bin, ...uncovered.map(([, end]) => end), ...(zone ?? []))
  const under = (low: number): number => -low * UNDER * most
  const lying = (
    stretches: readonly (readonly [number, number])[],
    { name, ink, at }: { name: string; ink: ChartSeries['ink']; at: number },
  ): ChartSeries[] =>
    stretches.map(([from, end], i) => ({
      name,
      points: [
        { x: from, y: at, says: `${Math.round(from)} to ${Math.round(end)} ${unit}` },
        { x: end, y: at },
      ],
      ink,
      weight: 7,
      shown: 'line',
      ...(i === 0 && { named: true as const }),
    }))
  return {
    x: { title: `left to the target, ${unit}`, from: 0, to: Math.ceil(to / 20) * 20 },
    y: { title: 'shots', from: under(2.6), to: most + 1 },
    series: [
      ...bins.flatMap((shots, i): ChartSeries[] =>
        shots === 0
          ? []
          : [
              {
                name: '',
                points: [
                  { x: (i + 0.5) * bin, y: 0 },
                  {
                    x: (i + 0.5) * bin,
                    y: shots,
                    says: `${i * bin} to ${(i + 1) * bin} ${unit}: ${count(shots, 'shot')}`,
                  },
                ],
                ink: 'dye',
                weight: BAR_PX,
                shown: 'line',
              },
            ],
      ),
      ...lying(uncovered, { name: 'nothing of yours lands there', ink: 'too-wide', at: under(1) }),
      ...lying(zone ? [zone] : [], {
        name: 'half of what you faced under your longest iron',
        ink: 'good',
        at: under(2),
      }),
    ],
  }
}
