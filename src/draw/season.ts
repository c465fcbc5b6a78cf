import { fixed } from '@/text/numbers'
import type { Chart, ChartSeries } from './chart'

/** How one club goes along a ruler of temperature or altitude, all in the golfer's units. */
export type SeasonTrace = {
  name: string
  /** The change with half of its 90% interval. */
  points: { at: number; change: number; half: number }[]
  chosen: boolean
}
export type SeasonPanel = {
  /** What stands along the axis: "temperature, °C". */
  along: string
  /** Where the day stands on it. */
  now: number
  traces: SeasonTrace[]
  unit: string
}

/** What a change of air does to each club: change in carry beside the day's, upwards longer. */
export function seasonPanel({ along, now, traces, unit }: SeasonPanel): Chart {
  const ats = traces.flatMap(({ points }) => points.map(({ at }) => at))
  const [from, to] = ats.length > 0 ? [Math.min(...ats), Math.max(...ats)] : [0, 1]
  const changes = traces.flatMap(({ points }) =>
    points.flatMap(({ change, half }) => [change - half, change + half]),
  )
  const [least, most] = [Math.floor(Math.min(-2, ...changes)), Math.ceil(Math.max(2, ...changes))]
  // One club, or the ends of the bag, are named: a dozen names beside a dozen lines name nothing.
  const last = (trace: SeasonTrace) => trace.points.at(-1)?.change ?? 0
  const byEnd = [...traces].sort((a, b) => last(b) - last(a))
  const named = new Set(
    traces.length <= MOST_NAMES ? traces : [byEnd[0], byEnd.at(-1), ...traces.filter(({ chosen }) => chosen)],
  )
  const ordered = [...traces].sort((a, b) => Number(a.chosen) - Number(b.chosen))
  return {
    x: { title: along, from, to },
    y: { title: `change of carry, ${unit}`, from: least, to: most },
    series: [
      ...ordered.map((trace): ChartSeries => {
        const { name, points, chosen } = trace
        const alone = chosen || traces.length === 1
        return {
          name,
          points: points.map(({ at, change, half }) => ({
            x: at,
            y: change,
            band: half,
            says: `${fixed(change, 1)} ± ${fixed(half, 1)} ${unit} at ${fixed(at, 0)}`,
          })),
          ink: alone ? 'dye' : trace === byEnd[0] ? 'ink' : 'quiet',
          weight: alone ? 2.75 : named.has(trace) ? 2.5 : 1,
          faint: !alone,
          shown: 'line',
          dashed: perhapsNothing(points),
          ...(named.has(trace) && { named: true as const }),
        }
      }),
      {
        name: 'the day',
        points: [
          { x: now, y: least },
          { x: now, y: most },
        ],
        ink: 'dye',
        weight: 1.5,
        shown: 'line',
        dashed: true,
        named: true,
      },
    ],
  }
}
const MOST_NAMES = 3

/** The pieces of a trace whose band holds zero at one of their ends. */
const perhapsNothing = (points: SeasonTrace['points']): number[] =>
  points.flatMap((point, i) => {
    const then = points[i + 1]
    const isUnsure = ({ change, half }: typeof point) => Math.abs(change) < half
    return then && (isUnsure(point) || isUnsure(then)) ? [i] : []
  })
