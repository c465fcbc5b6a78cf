'use client'

import { useEffect, useId, useRef, useState, type ReactNode } from 'react'
import { pixel, type Drawing, type Ink, type Part, type Pattern } from '@/draw/drawing'
import { INK_TOKEN } from './inks'

type Props = {
  /** The drawing at a width in pixels. */
  draw: (width: number) => Drawing
  /** What the drawing shows, for those who cannot see it. */
  says: string
  /** What is laid over it: buttons at its rows. */
  children?: (drawing: Drawing) => ReactNode
  /** On paper it is drawn anew for the width of a sheet. */
  onPaper?: boolean
}

/** The width of a sheet between its margins, A4 or Letter. */
const PAPER_PX = 690

/** Shows a drawing as SVG at whatever width there is; on paper it shrinks or grows as a whole. */
export function SvgDrawing({ draw, says, children, onPaper = false }: Props) {
  const frame = useRef<HTMLDivElement>(null)
  const [width, setWidth] = useState(0)
  useEffect(() => {
    const element = frame.current
    if (!element) return
    const watch = new ResizeObserver(() => setWidth(Math.floor(element.clientWidth)))
    watch.observe(element)
    return () => watch.disconnect()
  }, [])
  const drawing = width > 0 ? draw(width) : null
  return (
    <div ref={frame} className="drawing" style={{ minHeight: drawing ? undefined : 200 }}>
      {drawing && (
        <>
          <div className={onPaper ? 'no-print' : undefined}>
            <Svg drawing={drawing} says={says} />
          </div>
          {onPaper && (
            <div className="print-only">
              <Svg drawing={draw(PAPER_PX)} says={says} />
            </div>
          )}
          {children?.(drawing)}
        </>
      )}
    </div>
  )
}

/** A drawing at its own size. */
export function Svg({ drawing, says }: { drawing: Drawing; says: string }) {
  const id = useId()
  const { width, height, parts } = drawing
  const hatches = new Map(
    parts.flatMap((part) =>
      part.kind === 'bar' && isHatch(part.pattern) ? [[hatch(part), part] as const] : [],
    ),
  )
  return (
    <svg
      role="img"
      aria-label={says}
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      className="svg-drawing"
    >
      <defs>
        {[...hatches].map(([key, { pattern, ink }]) => (
          <Hatch key={key} id={`${id}${key}`} pattern={pattern} ink={ink} />
        ))}
      </defs>
      {parts.map((part, i) => (
        <PartShape key={i} part={part} drawing={drawing} hatchId={id} />
      ))}
    </svg>
  )
}

const colour = (ink: Ink): string => `var(${INK_TOKEN[ink]})`
const isHatch = (pattern: Pattern): boolean =>
  pattern === 'diagonal' || pattern === 'crossed' || pattern === 'dots' || pattern === 'ticks'
const hatch = ({ pattern, ink }: { pattern: Pattern; ink: Ink }): string => `-${pattern}-${ink}`

function Hatch({ id, pattern, ink }: { id: string; pattern: Pattern; ink: Ink }) {
  const stroke = { stroke: colour(ink), strokeWidth: 1.1, opacity: 0.6 }
  const size = pattern === 'dots' ? 4 : pattern === 'ticks' ? 6 : 5
  return (
    <pattern id={id} width={size} height={size} patternUnits="userSpaceOnUse">
      {pattern === 'dots' && <rect x={1} y={1} width={1.7} height={1.7} fill={colour(ink)} opacity={0.7} />}
      {pattern === 'ticks' && <line x1={3} y1={0} x2={3} y2={6} {...stroke} />}
      {(pattern === 'diagonal' || pattern === 'crossed') && (
        <path d="M-1,1 l2,-2 M0,5 l5,-5 M4,6 l2,-2" {...stroke} />
      )}
      {pattern === 'crossed' && <path d="M-1,4 l2,2 M0,0 l5,5 M4,-1 l2,2" {...stroke} />}
    </pattern>
  )
}

function PartShape({ part, drawing, hatchId }: { part: Part; drawing: Drawing; hatchId: string }) {
  const ink = colour(part.ink)
  switch (part.kind) {
    case 'line':
      return (
        <line
          x1={pixel(drawing, part.x1)}
          y1={part.y1}
          x2={pixel(drawing, part.x2)}
          y2={part.y2}
          stroke={ink}
          strokeWidth={part.weight}
          strokeDasharray={part.dash?.join(' ')}
        />
      )
    case 'bar': {
      const x = pixel(drawing, part.x1)
      const box = { x, y: part.y, width: Math.max(0, pixel(drawing, part.x2) - x), height: part.height }
      const edges = [part.y + 0.75, part.y + part.height - 0.75]
      return (
        <g>
          {(part.fill || part.edge) && (
            <rect {...box} fill={part.fill ? colour(part.fill) : 'none'} stroke={part.edge ? ink : 'none'} />
          )}
          {isHatch(part.pattern) && <rect {...box} fill={`url(#${hatchId}${hatch(part)})`} />}
          {part.pattern === 'double' &&
            edges.map((y) => (
              <line key={y} x1={x} y1={y} x2={x + box.width} y2={y} stroke={ink} strokeWidth={1.5} />
            ))}
        </g>
      )
    }
    case 'dimension': {
      const [x1, x2, y] = [pixel(drawing, part.x1), pixel(drawing, part.x2), part.y]
      const head = Math.min(6, Math.abs(x2 - x1) / 2)
      const arrow = (tip: number, direction: number) =>
        `M${tip},${y} l${direction * head},${-head * 0.6} v${head * 1.2} z`
      return (
        <g>
          <line
            x1={x1}
            y1={y}
            x2={x2}
            y2={y}
            stroke={ink}
            strokeWidth={1.5}
            strokeDasharray={part.dash?.join(' ')}
          />
          <path d={`${arrow(x1, 1)} ${arrow(x2, -1)}`} fill={ink} />
        </g>
      )
    }
    case 'point':
      return <Point part={part} x={pixel(drawing, part.x)} />
    case 'label': {
      const anchor = { left: 'start', center: 'middle', right: 'end' }[part.align]
      return (
        <text
          x={pixel(drawing, part.x) + (part.dx ?? 0)}
          y={part.y}
          dy="0.36em"
          fill={ink}
          fontSize={part.size}
          fontWeight={part.weight}
          textAnchor={anchor as 'start' | 'middle' | 'end'}
        >
          {part.lead && (
            <tspan fontSize={part.lead.size} fontWeight={700}>
              {part.lead.text}
            </tspan>
          )}
          {part.lead && part.text !== '' ? <tspan dx={6}>{part.text}</tspan> : part.text}
        </text>
      )
    }
  }
}

function Point({
  part: { shape, y, size, ink: name, id },
  x,
}: {
  part: Extract<Part, { kind: 'point' }>
  x: number
}) {
  const ink = colour(name)
  const data = id === undefined ? {} : { 'data-point': id }
  const open = { fill: 'var(--sheet)', stroke: ink, strokeWidth: 1.25 }
  switch (shape) {
    case 'cross':
      return (
        <path
          {...data}
          d={`M${x - size},${y - size} l${2 * size},${2 * size} M${x - size},${y + size} l${2 * size},${-2 * size}`}
          stroke={ink}
          strokeWidth={2.5}
        />
      )
    case 'diamond':
      return (
        <path
          {...data}
          d={`M${x},${y - size} l${size},${size} l${-size},${size} l${-size},${-size} z`}
          {...open}
        />
      )
    case 'ring':
      return <circle {...data} cx={x} cy={y} r={size} {...open} />
    case 'dot':
      return <circle {...data} cx={x} cy={y} r={size} fill={ink} />
  }
}
