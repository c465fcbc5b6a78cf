'use client'

import dynamic from 'next/dynamic'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { Chart } from '@/draw/chart'
import type { Ink } from '@/draw/drawing'
import type { ChartMargins } from './chart-canvas'
import { readInks } from './inks'

/** The painter of charts comes with the first chart, not with the page. */
const ChartCanvas = dynamic(() => import('./chart-canvas'), { ssr: false })

/** What axes, titles and legend take, until the chart says. */
const USUAL_MARGINS: ChartMargins = { high: 96, wide: 62 }
const USUAL_HEIGHT = 280

/** Shows a chart at whatever width there is. */
export function TrueChart({
  chart,
  says,
  high = USUAL_HEIGHT,
}: {
  chart: Chart
  says: string
  high?: number
}) {
  const frame = useRef<HTMLDivElement>(null)
  const [look, setLook] = useState<{ width: number; inks: Record<Ink, string> } | null>(null)
  useEffect(() => {
    const element = frame.current
    if (!element) return
    const watch = new ResizeObserver(() =>
      setLook({ width: Math.floor(element.clientWidth), inks: readInks(element) }),
    )
    watch.observe(element)
    return () => watch.disconnect()
  }, [])
  const { x, y, oneScale } = chart
  // With one scale the frame is as high as makes a unit as tall as it is wide.
  const [around, setMargins] = useState(USUAL_MARGINS)
  const onMargins = useCallback(
    (found: ChartMargins) =>
      setMargins((before) => (found.wide === before.wide && found.high === before.high ? before : found)),
    [],
  )
  const width = look?.width ?? 0
  const height = oneScale ? around.high + ((width - around.wide) * (y.to - y.from)) / (x.to - x.from) : high
  return (
    <div
      ref={frame}
      className="drawing"
      style={{ height: Math.max(Math.min(180, high), Math.round(height)) }}
    >
      {look && look.width > 0 && (
        <ChartCanvas chart={chart} says={says} inks={look.inks} onMargins={onMargins} />
      )}
    </div>
  )
}
