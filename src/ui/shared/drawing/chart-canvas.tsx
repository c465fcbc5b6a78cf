'use client'

import { DAY_MS } from '@/core/units'
import {
  Chart as ChartJs,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
  type ChartDataset,
  type ChartOptions,
  type Plugin,
} from 'chart.js'
import { format } from 'date-fns'
import { useMemo } from 'react'
import { Chart as Painted } from 'react-chartjs-2'
import type { Chart, ChartAxis, ChartSeries } from '@/draw/chart'
import type { Ink } from '@/draw/drawing'

ChartJs.register(
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
)

type Point = { x: number; y: number; says?: string | undefined }
type Inks = Record<Ink, string>
/** What axes, titles and legend take of a chart's frame, in pixels. */
export type ChartMargins = { wide: number; high: number }
type Props = { chart: Chart; says: string; inks: Inks; onMargins: (around: ChartMargins) => void }

/** Paints a chart with its axes, its legend, and a number where one asks. */
export default function ChartCanvas({ chart, says, inks, onMargins }: Props) {
  const datasets = chart.series
    .flatMap((series) => datasetsOf(series, inks))
    .map((dataset, id) => ({ ...dataset, id }))
  // While numbers move in axes that stay, the chart is not laid out anew.
  const axes = JSON.stringify([chart.x, chart.y])
  const options = useMemo(() => {
    const [x, y] = JSON.parse(axes) as [Chart['x'], Chart['y']]
    return optionsOf({ x, y }, inks)
  }, [axes, inks])
  return (
    <Painted
      type="line"
      role="img"
      aria-label={says}
      data={{ datasets }}
      datasetIdKey="id"
      options={options}
      plugins={[around(onMargins)]}
    />
  )
}

const SHAPE = { dot: 'circle', cross: 'crossRot', diamond: 'rectRot' } as const
const FAINT = '29'

/** A series with its band: one shape, along its upper edge and back along the lower one. */
function datasetsOf(series: ChartSeries, inks: Inks): ChartDataset<'line', Point[]>[] {
  const { name, points, ink, weight, shown, shape, dashed, named, faint } = series
  const colour = inks[ink]
  const band = () => ({
    label: '',
    data: [
      ...points.map(({ x, y, band: half = 0 }) => ({ x, y: y + half })),
      ...points.map(({ x, y, band: half = 0 }) => ({ x, y: y - half })).reverse(),
    ],
    borderWidth: 0,
    pointRadius: 0,
    pointHitRadius: 0,
    // Bands lie under all lines.
    order: 1,
    fill: 'shape' as const,
    backgroundColor: (faint ? inks.line : colour) + FAINT,
  })
  const dashes = new Set(Array.isArray(dashed) ? dashed : [])
  const main: ChartDataset<'line', Point[]> = {
    label: named ? name : '',
    data: points,
    showLine: shown === 'line',
    borderColor: colour,
    backgroundColor: colour,
    borderWidth: weight,
    ...(dashed === true && { borderDash: [6, 4] }),
    ...(dashes.size > 0 && {
      segment: { borderDash: ({ p0DataIndex }) => (dashes.has(p0DataIndex) ? [3, 3] : undefined) },
    }),
    pointStyle: SHAPE[shape ?? 'dot'],
    // A line's shape stands at its end, where it stops.
    pointRadius:
      shown === 'points' ? 5 : shape ? ({ dataIndex }) => (dataIndex === points.length - 1 ? 6 : 0) : 0,
    pointBorderWidth: shape === 'cross' ? 2 : 1,
    pointHitRadius: 8,
  }
  const banded = points.some(({ band }) => band !== undefined)
  return banded ? [band(), main] : [main]
}

function optionsOf({ x, y }: Pick<Chart, 'x' | 'y'>, inks: Inks): ChartOptions<'line'> {
  const font = { size: 12.5, family: getComputedStyle(document.body).fontFamily }
  const axis = ({ title, sideways, dates, from, to }: ChartAxis) => ({
    type: 'linear' as const,
    title: { display: title !== '', text: title, color: inks.quiet, font },
    ticks: {
      color: inks.quiet,
      font,
      maxTicksLimit: 9,
      includeBounds: false,
      ...(dates && { callback: (value: number | string) => dateTick(Number(value)), maxTicksLimit: 5 }),
      ...(sideways && { callback: (value: number | string) => sidewaysTick(Number(value)) }),
    },
    // Whole numbers of days since 1970 are no dates to stop at: four, evenly along.
    ...(dates && {
      afterBuildTicks: (scale: { ticks: { value: number }[] }) => {
        scale.ticks = [0.1, 0.37, 0.63, 0.9].map((part) => ({ value: from + part * (to - from) }))
      },
    }),
    grid: { color: inks.hair },
    border: { color: inks.line },
  })
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    parsing: false,
    interaction: { mode: 'nearest', intersect: false },
    scales: {
      x: { ...axis(x), min: x.from, max: x.to },
      y: { ...axis(y), min: y.from, max: y.to, reverse: y.downwards ?? false },
    },
    plugins: {
      legend: {
        position: 'bottom',
        labels: {
          usePointStyle: true,
          boxHeight: 11,
          font,
          generateLabels: (chart) => namesOf(chart, inks.ink),
        },
        // A tap on a name is no wish to be rid of what it names.
        onClick: () => {},
      },
      tooltip: {
        bodyFont: font,
        filter: ({ raw }) => (raw as Point).says !== undefined,
        callbacks: {
          title: () => '',
          label: ({ raw, dataset }) => [dataset.label, (raw as Point).says].filter(Boolean).join(': '),
        },
      },
    },
  }
}

/** What stands beside the chart: a piece of each line as it is drawn, or the shape of its points. */
const namesOf = (chart: ChartJs, fontColor: string) =>
  chart.data.datasets.flatMap((dataset, datasetIndex) => {
    const { label, borderColor, borderWidth, borderDash, pointStyle, showLine } = dataset as ChartDataset<
      'line',
      Point[]
    >
    if (!label) return []
    return {
      text: label,
      datasetIndex,
      fontColor,
      fillStyle: borderColor as string,
      strokeStyle: borderColor as string,
      lineWidth: borderWidth as number,
      lineDash: showLine ? ((borderDash as number[] | undefined) ?? []) : [],
      pointStyle: showLine ? ('line' as const) : (pointStyle as 'circle'),
    }
  })

const dateTick = (days: number): string => format(new Date(days * DAY_MS), 'd MMM yy')

const sidewaysTick = (value: number): string =>
  value === 0 ? '0' : `${Math.abs(value)} ${value < 0 ? 'left' : 'right'}`

/** Tells how much of the frame is no plot, once the chart has laid itself out. */
const around = (onMargins: (around: ChartMargins) => void): Plugin<'line'> => ({
  id: 'around',
  afterUpdate({ width, height, chartArea }) {
    if (chartArea.width > 0) onMargins({ wide: width - chartArea.width, high: height - chartArea.height })
  },
})
