import type { Ink } from './drawing'

/** A point of a chart in the golfer's units; `says` is what stands where one asks, `band` half of its interval. */
type ChartPoint = { x: number; y: number; band?: number; says?: string }

/** Numbers of one kind: a line, or points alone. */
export type ChartSeries = {
  name: string
  points: ChartPoint[]
  ink: Ink
  weight: number
  shown: 'line' | 'points'
  shape?: 'dot' | 'cross' | 'diamond'
  /** The whole line is dashed, or only the pieces that begin at these points. */
  dashed?: true | number[]
  /** Its band is one of many: it leaves the lines to be seen. */
  faint?: boolean
  /** It is named beside the chart; absent: what it is stands elsewhere. */
  named?: true
}

/** `sideways`: its numbers are so far left, below zero, or right. `dates`: they are days since 1970. */
export type ChartAxis = { title: string; from: number; to: number; sideways?: true; dates?: true }

/** A chart as plain data: what its numbers mean is decided here, how it is painted where it stands. */
export type Chart = {
  x: ChartAxis
  y: ChartAxis & { downwards?: true }
  /** As many pixels a unit upwards as along. */
  oneScale?: true
  series: ChartSeries[]
}
