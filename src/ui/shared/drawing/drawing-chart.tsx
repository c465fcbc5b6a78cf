'use client'

import { Chart, LinearScale, PointElement, ScatterController, type Plugin } from 'chart.js'
import { useEffect, useRef, useState, type ReactNode } from 'react'
import { Scatter } from 'react-chartjs-2'
import { pixel, type Drawing } from '@/draw/drawing'
import { paintPart, readInks } from './paint-part'

Chart.register(ScatterController, LinearScale, PointElement)

type Props = {
  /** The drawing at a width in pixels. */
  draw: (width: number) => Drawing
  /** What the drawing shows, for those who cannot see it. */
  says: string
  /** What is laid over it: buttons at its rows. */
  children?: (drawing: Drawing) => ReactNode
}

/** Shows a drawing with Chart.js at whatever width there is. */
export function DrawingChart({ draw, says, children }: Props) {
  const frame = useRef<HTMLDivElement>(null)
  const [width, setWidth] = useState(0)
  const [fontsReady, setFontsReady] = useState(false)

  useEffect(() => {
    const element = frame.current
    if (!element) return
    const watch = new ResizeObserver(() => setWidth(Math.floor(element.clientWidth)))
    watch.observe(element)
    document.fonts.load('600 14px "Archivo Variable"').then(() => setFontsReady(true))
    return () => watch.disconnect()
  }, [])

  const drawing = width > 0 ? draw(width) : null
  return (
    <div ref={frame} className="drawing" style={{ minHeight: drawing?.height ?? 200 }}>
      {drawing && (
        <>
          <div style={{ height: drawing.height, width }}>
            <Scatter
              key={`${width} ${drawing.height} ${fontsReady}`}
              role="img"
              aria-label={says}
              data={{ datasets: [datasetOf(drawing)] }}
              options={optionsOf(drawing)}
              plugins={[PAINTER]}
            />
          </div>
          {children?.(drawing)}
        </>
      )}
    </div>
  )
}

/** The dataset carries its drawing, so that a chart is updated and not made anew when a shot comes. */
const datasetOf = (drawing: Drawing) => ({
  data: drawing.parts.flatMap((part) =>
    part.kind === 'point' && typeof part.x === 'number' ? [{ x: part.x, y: drawing.height - part.y }] : [],
  ),
  pointRadius: 0,
  pointHitRadius: 8,
  drawing,
})

const optionsOf = (drawing: Drawing) => ({
  animation: false as const,
  responsive: true,
  maintainAspectRatio: false,
  events: [],
  layout: { padding: { left: drawing.left, right: drawing.width - drawing.right, top: 0, bottom: 0 } },
  scales: {
    x: { type: 'linear' as const, display: false, min: drawing.from, max: drawing.to },
    y: { type: 'linear' as const, display: false, min: 0, max: drawing.height },
  },
})

/** Paints the parts of the drawing, in order, where the chart's own scale puts them. */
const PAINTER: Plugin<'scatter'> = {
  id: 'parts',
  afterDraw({ ctx, scales, canvas, data }) {
    const { drawing } = data.datasets[0] as ReturnType<typeof datasetOf>
    const along = scales.x
    const inks = readInks(canvas)
    for (const part of drawing.parts) {
      paintPart(
        ctx,
        part,
        (x) => (typeof x === 'number' && along ? along.getPixelForValue(x) : pixel(drawing, x)),
        inks,
      )
    }
  },
}
