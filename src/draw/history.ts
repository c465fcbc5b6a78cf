import { DAY_MS } from '@/core/units'
import type { Season } from '@/core/compare/side'
import { fixed } from '@/text/numbers'
import type { Chart, ChartSeries } from './chart'

/** What one session says of a station, in the golfer's unit. */
type HistoryMark = {
  atMs: number
  season: Season
  at: number
  low: number
  high: number
  count: number
  day: string
}
export type HistoryData = {
  points: readonly HistoryMark[]
  /** When the club became another one, and when the bag did. */
  changedMs: readonly number[]
  bagsMs: readonly number[]
  unit: string
  /** Without names: one of many beside each other. */
  small?: boolean
}

/** A stock over time: each session's number with its interval, and where the club or the bag became another one. */
export function history({ points, changedMs, bagsMs, unit, small }: HistoryData): Chart {
  const days = points.map(({ atMs }) => atMs / DAY_MS)
  const [first, last] = [Math.min(...days), Math.max(...days)]
  const room = Math.max(3, (last - first) * 0.06)
  const [low, high] = [
    Math.min(...points.map((each) => each.low)),
    Math.max(...points.map((each) => each.high)),
  ]
  const y = { from: Math.floor(low - 1), to: Math.ceil(high + 1) }
  const [from, to] = [first - room, last + room]
  const named = small ? {} : ({ named: true } as const)
  const upright = (atMs: number, name: string, ink: ChartSeries['ink'], once: boolean): ChartSeries => ({
    name,
    points: [
      { x: atMs / DAY_MS, y: y.from },
      { x: atMs / DAY_MS, y: y.to },
    ],
    ink,
    weight: 1.5,
    shown: 'line',
    dashed: true,
    ...(once && named),
  })
  const within = (atMs: number) => atMs / DAY_MS > from && atMs / DAY_MS < to
  return {
    x: { title: '', from, to, dates: true },
    y: { title: small ? '' : `carry, ${unit}`, ...y },
    series: [
      ...points.map((each): ChartSeries => ({
        name: '',
        points: [
          { x: each.atMs / DAY_MS, y: each.low },
          { x: each.atMs / DAY_MS, y: each.high },
        ],
        ink: 'dye',
        weight: 1.5,
        shown: 'line',
      })),
      ...(['summer', 'winter'] as const).flatMap((season): ChartSeries[] => {
        const of = points.filter((each) => each.season === season)
        return of.length === 0
          ? []
          : [
              {
                name: season,
                points: of.map(({ atMs, at, low: least, high: most, count, day }) => ({
                  x: atMs / DAY_MS,
                  y: at,
                  says: `${day}: ${fixed(at, 1)}, between ${fixed(least, 1)} and ${fixed(most, 1)} ${unit}, ${count} good shots`,
                })),
                ink: 'dye',
                weight: 2,
                shown: 'points',
                shape: season === 'summer' ? 'dot' : 'diamond',
                ...named,
              },
            ]
      }),
      ...changedMs
        .filter(within)
        .map((atMs, i) => upright(atMs, 'the club was changed', 'too-wide', i === 0)),
      ...bagsMs.filter(within).map((atMs, i) => upright(atMs, 'another bag', 'quiet', i === 0)),
    ],
  }
}
