import { fixed } from '@/text/numbers'
import type { Chart, ChartSeries } from './chart'

/** A flight seen from the side, in the golfer's unit. */
type FlightTrace = {
  name: string
  points: { along: number; up: number }[]
  /** How far it runs on after it lands; negative backward. */
  run: number
  dashed: boolean
}

/** Flights over each other to one scale: as high as they are long. Runs stand on the ground behind them. */
export function flights(traces: readonly FlightTrace[], unit: string): Chart {
  const ends = traces.flatMap(({ points, run }) => {
    const landed = points.at(-1)?.along ?? 0
    return [landed, landed + run]
  })
  const high = Math.max(1, ...traces.flatMap(({ points }) => points.map(({ up }) => up)))
  const every = 10
  return {
    x: { title: `along, ${unit}`, from: 0, to: Math.ceil((Math.max(20, ...ends) + 1) / every) * every },
    y: { title: `height, ${unit}`, from: 0, to: Math.ceil((high * 1.15) / 5) * 5 },
    oneScale: true,
    series: traces.flatMap(({ name, points, run, dashed }, i): ChartSeries[] => {
      const ink = i === 0 ? 'dye' : 'too-wide'
      const landed = points.at(-1)?.along ?? 0
      return [
        {
          name,
          points: points.map(({ along, up }) => ({
            x: along,
            y: up,
            says: `${fixed(up, 0)} up at ${fixed(along, 0)}`,
          })),
          ink,
          weight: 2.5,
          shown: 'line',
          ...(dashed && { dashed }),
          named: true,
        },
        {
          name: `${name}: where it stops`,
          points: [
            { x: landed, y: 0 },
            { x: landed + run, y: 0, says: `stops at ${fixed(landed + run, 0)}` },
          ],
          ink,
          weight: 4,
          shown: 'line',
          shape: 'diamond',
        },
      ]
    }),
  }
}
