import { type Ink, type Part, type Pattern, type X } from '@/draw/drawing'

/** Paints one part of a drawing on a canvas. */
export function paintPart(
  ctx: CanvasRenderingContext2D,
  part: Part,
  at: (x: X) => number,
  inks: Record<Ink, string>,
): void {
  ctx.save()
  ctx.strokeStyle = ctx.fillStyle = inks[part.ink]
  switch (part.kind) {
    case 'line':
      ctx.lineWidth = part.weight
      ctx.setLineDash(part.dash ?? [])
      stroke(ctx, at(part.x1), part.y1, at(part.x2), part.y2)
      break
    case 'bar': {
      const left = at(part.x1)
      const width = at(part.x2) - left
      if (part.fill) {
        ctx.fillStyle = inks[part.fill]
        ctx.fillRect(left, part.y, width, part.height)
      }
      paintPattern(ctx, part.pattern, left, part.y, width, part.height, inks[part.ink])
      if (part.edge) ctx.strokeRect(left, part.y, width, part.height)
      break
    }
    case 'dimension':
      paintDimension(ctx, at(part.x1), at(part.x2), part.y, part.dash)
      break
    case 'point':
      paintPoint(ctx, part.shape, at(part.x), part.y, part.size, inks.sheet)
      break
    case 'label':
      paintLabel(ctx, part, at(part.x) + (part.dx ?? 0))
  }
  ctx.restore()
}

function paintLabel(ctx: CanvasRenderingContext2D, label: Extract<Part, { kind: 'label' }>, x: number): void {
  const set = (weight: number, size: number) => {
    ctx.font = `${weight} ${size}px "Archivo Variable", system-ui, sans-serif`
    ctx.fontStretch = 'semi-condensed'
  }
  const { text, lead, y, align } = label
  ctx.textBaseline = 'middle'
  ctx.textAlign = align
  set(label.weight, label.size)
  if (!lead) return ctx.fillText(text, x, y + 0.5)
  const between = text === '' ? 0 : 6
  const textWidth = ctx.measureText(text).width
  set(700, lead.size)
  const leadWidth = ctx.measureText(lead.text).width
  ctx.fillText(lead.text, align === 'right' ? x - textWidth - between : x, y + 0.5)
  set(label.weight, label.size)
  ctx.fillText(text, align === 'right' ? x : x + leadWidth + between, y + 0.5)
}

function stroke(ctx: CanvasRenderingContext2D, x1: number, y1: number, x2: number, y2: number): void {
  ctx.beginPath()
  ctx.moveTo(x1, y1)
  ctx.lineTo(x2, y2)
  ctx.stroke()
}

function paintDimension(
  ctx: CanvasRenderingContext2D,
  x1: number,
  x2: number,
  y: number,
  dash?: number[],
): void {
  ctx.lineWidth = 1.5
  ctx.setLineDash(dash ?? [])
  stroke(ctx, x1, y, x2, y)
  ctx.setLineDash([])
  const head = Math.min(6, Math.abs(x2 - x1) / 2)
  for (const [tip, direction] of [
    [x1, 1],
    [x2, -1],
  ] as const) {
    ctx.beginPath()
    ctx.moveTo(tip, y)
    ctx.lineTo(tip + direction * head, y - head * 0.6)
    ctx.lineTo(tip + direction * head, y + head * 0.6)
    ctx.fill()
  }
}

function paintPoint(
  ctx: CanvasRenderingContext2D,
  shape: 'dot' | 'ring' | 'cross' | 'diamond',
  x: number,
  y: number,
  size: number,
  sheet: string,
): void {
  if (shape === 'cross') {
    ctx.lineWidth = 2.5
    stroke(ctx, x - size, y - size, x + size, y + size)
    stroke(ctx, x - size, y + size, x + size, y - size)
    return
  }
  ctx.beginPath()
  if (shape === 'diamond') {
    ctx.moveTo(x, y - size)
    ctx.lineTo(x + size, y)
    ctx.lineTo(x, y + size)
    ctx.lineTo(x - size, y)
    ctx.closePath()
  } else ctx.arc(x, y, size, 0, 2 * Math.PI)
  if (shape !== 'dot') ctx.fillStyle = sheet
  ctx.fill()
  if (shape !== 'dot') {
    ctx.lineWidth = 1.25
    ctx.stroke()
  }
}

function paintPattern(
  ctx: CanvasRenderingContext2D,
  pattern: Pattern,
  left: number,
  top: number,
  width: number,
  height: number,
  ink: string,
): void {
  if (pattern === 'none' || pattern === 'plain') return
  ctx.save()
  ctx.beginPath()
  ctx.rect(left, top, width, height)
  ctx.clip()
  ctx.strokeStyle = ctx.fillStyle = ink
  ctx.globalAlpha = 0.55
  if (pattern === 'double') {
    ctx.globalAlpha = 1
    for (const y of [top + 0.75, top + height - 0.75]) stroke(ctx, left, y, left + width, y)
  } else if (pattern === 'ticks') {
    for (let x = left + 3; x < left + width; x += 6) stroke(ctx, x, top + 1, x, top + height - 1)
  } else if (pattern === 'dots') {
    for (let x = left + 2; x < left + width; x += 4) {
      for (let y = top + 2; y < top + height; y += 4) ctx.fillRect(x, y, 1.6, 1.6)
    }
  } else {
    for (let x = left - height; x < left + width; x += 5) {
      stroke(ctx, x, top + height, x + height, top)
      if (pattern === 'crossed') stroke(ctx, x, top, x + height, top + height)
    }
  }
  ctx.restore()
}
