import { pixel, type Drawing, type Ink, type Part } from '@/draw/drawing'
import { POINTS_PER_PIXEL, type Pen } from './pen'

/** Paper is black on white: what a colour says stands there as a word and a pattern too. */
const GREY: Partial<Record<Ink, string>> = {
  quiet: '#555555',
  line: '#aaaaaa',
  hair: '#dddddd',
  sheet: '#ffffff',
  'dye-soft': '#e4e4e4',
  'left-out': '#555555',
  open: '#555555',
  left: '#555555',
}
const colour = (ink: Ink): string => GREY[ink] ?? '#000000'

/** Draws the same geometry as the screens do, as vectors, with its corner at a place on the page. */
export function drawOnPaper(
  pen: Pen,
  drawing: Drawing,
  x: number,
  y: number,
  scale = POINTS_PER_PIXEL,
): void {
  const { pdf } = pen
  pdf.save()
  pdf.translate(x, y).scale(scale)
  for (const part of drawing.parts) drawPart(pen, part, (at) => pixel(drawing, at))
  pdf.restore()
}

function drawPart(pen: Pen, part: Part, at: (x: Parameters<typeof pixel>[1]) => number): void {
  const { pdf } = pen
  const ink = colour(part.ink)
  switch (part.kind) {
    case 'line':
      pdf.lineWidth(part.weight).strokeColor(ink)
      dashed(pdf, part.dash)
      pdf.moveTo(at(part.x1), part.y1).lineTo(at(part.x2), part.y2).stroke()
      break
    case 'bar': {
      const left = at(part.x1)
      const width = at(part.x2) - left
      if (part.fill) pdf.rect(left, part.y, width, part.height).fill(colour(part.fill))
      hatch(pdf, part.pattern, [left, part.y, width, part.height], ink)
      if (part.edge) pdf.undash().lineWidth(1).rect(left, part.y, width, part.height).stroke(ink)
      break
    }
    case 'dimension': {
      const [x1, x2, { y }] = [at(part.x1), at(part.x2), part]
      pdf.lineWidth(1.5).strokeColor(ink)
      dashed(pdf, part.dash)
      pdf.moveTo(x1, y).lineTo(x2, y).stroke().undash()
      const head = Math.min(6, Math.abs(x2 - x1) / 2)
      for (const [tip, direction] of [
        [x1, 1],
        [x2, -1],
      ] as const)
        pdf
          .polygon(
            [tip, y],
            [tip + direction * head, y - head * 0.6],
            [tip + direction * head, y + head * 0.6],
          )
          .fill(ink)
      break
    }
    case 'point':
      point(pdf, part.shape, at(part.x), part.y, part.size, ink)
      break
    case 'label': {
      const x = at(part.x) + (part.dx ?? 0)
      const look = { size: part.size, weight: part.weight, align: part.align, ink } as const
      if (!part.lead) {
        pen.text(x, part.y, part.text, look)
        break
      }
      const bold = { size: part.lead.size, weight: 700, ink } as const
      const between = part.text === '' ? 0 : 6
      if (part.align === 'right') {
        const width = pen.text(x, part.y, part.text, look)
        pen.text(x - width - between, part.y, part.lead.text, { ...bold, align: 'right' })
      } else {
        const width = pen.text(x, part.y, part.lead.text, bold)
        pen.text(x + width + between, part.y, part.text, { ...look, align: 'left' })
      }
    }
  }
}

function dashed(pdf: PDFKit.PDFDocument, dash: [number, number] | undefined): void {
  if (dash) pdf.dash(dash[0], { space: dash[1] })
  else pdf.undash()
}

function point(
  pdf: PDFKit.PDFDocument,
  shape: string,
  x: number,
  y: number,
  size: number,
  ink: string,
): void {
  pdf.undash().lineWidth(shape === 'cross' ? 2.5 : 1.5)
  if (shape === 'dot') pdf.circle(x, y, size).fill(ink)
  else if (shape === 'ring') pdf.circle(x, y, size - 0.5).fillAndStroke('#ffffff', ink)
  else if (shape === 'diamond')
    pdf.polygon([x, y - size], [x + size, y], [x, y + size], [x - size, y]).fillAndStroke('#ffffff', ink)
  else
    for (const direction of [1, -1])
      pdf
        .strokeColor(ink)
        .moveTo(x - size, y - direction * size)
        .lineTo(x + size, y + direction * size)
        .stroke()
}

function hatch(
  pdf: PDFKit.PDFDocument,
  pattern: string,
  [x, y, width, height]: [number, number, number, number],
  ink: string,
): void {
  if (pattern === 'plain' || pattern === 'none' || width <= 0) return
  pdf.save().rect(x, y, width, height).clip().undash().lineWidth(0.8).strokeColor(ink)
  const gap = 6
  if (pattern === 'dots') {
    for (let dx = gap / 2; dx < width; dx += gap)
      for (let dy = gap / 2; dy < height; dy += gap) pdf.circle(x + dx, y + dy, 1).fill(ink)
  } else if (pattern === 'double') {
    for (const dy of [0.8, height - 0.8])
      pdf
        .moveTo(x, y + dy)
        .lineTo(x + width, y + dy)
        .stroke()
  } else if (pattern === 'ticks') {
    for (let dx = gap / 2; dx < width; dx += gap)
      pdf
        .moveTo(x + dx, y + 1)
        .lineTo(x + dx, y + height - 1)
        .stroke()
  } else
    for (let d = -height; d < width; d += gap) {
      pdf
        .moveTo(x + d, y + height)
        .lineTo(x + d + height, y)
        .stroke()
      if (pattern === 'crossed')
        pdf
          .moveTo(x + d, y)
          .lineTo(x + d + height, y + height)
          .stroke()
    }
  pdf.restore()
}
