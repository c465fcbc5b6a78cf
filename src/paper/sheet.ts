import type { Drawing } from '@/draw/drawing'
import { drawOnPaper } from './draw'
import { POINTS_PER_PIXEL, type PaperSize, type Pen, type TextStyle } from './pen'

const MARGIN = 42
const TOP = MARGIN + 36
const BOTTOM = 52
const DOT = 10
const TEXT = { size: 9.5 }
const SMALL = { size: 8 }
/** What is at the head of every page. */
type SheetTitle = { whose: string; notes: string }

/** Pages that are filled from above; each carries whose they are and what their numbers are of. */
export class Sheet {
  private pages = 0
  private style: TextStyle = TEXT
  readonly width: number
  private readonly pdf: PDFKit.PDFDocument

  constructor(
    private readonly pen: Pen,
    private readonly size: PaperSize,
    private readonly title: SheetTitle,
  ) {
    this.pdf = pen.pdf
    this.width = size[0] - 2 * MARGIN
    this.pdf.removeAllListeners('pageAdded')
    this.pdf.on('pageAdded', () => this.head())
    this.newPage()
  }

  private newPage(): void {
    this.pdf.addPage({ size: this.size, margins: { top: TOP, bottom: BOTTOM, left: MARGIN, right: MARGIN } })
  }

  private head(): void {
    const { size, title, pen } = this
    const note = { size: 7.5, ink: '#555555' }
    this.pages++
    pen.text(MARGIN, MARGIN, 'Banco', { size: 14, weight: 700 })
    pen.text(size[0] - MARGIN, MARGIN, title.whose, { size: 11, weight: 700, align: 'right' })
    pen.text(MARGIN, MARGIN + 15, title.notes, note)
    this.rule(MARGIN + 24, 1)
    pen.text(size[0] - MARGIN, size[1] - 30, `page ${this.pages}`, { ...note, size: 8, align: 'right' })
    this.moveTo(TOP)
    // A paragraph that goes over the page goes on as it was.
    pen.use(this.style)
  }

  private rule(y: number, weight: number): void {
    this.pdf.lineWidth(weight).undash().strokeColor('#000')
    this.pdf
      .moveTo(MARGIN, y)
      .lineTo(MARGIN + this.width, y)
      .stroke()
  }

  private moveTo(y: number): void {
    this.pdf.x = MARGIN
    this.pdf.y = y
  }

  private room(height: number): void {
    if (this.pdf.y + height > this.size[1] - BOTTOM) this.newPage()
  }

  private paragraph(text: string, style: TextStyle, { x = MARGIN, width = this.width } = {}): void {
    this.style = style
    this.pen.use(style).text(text, x, this.pdf.y, { width, lineGap: style.size * 0.3 })
    this.pdf.x = MARGIN
  }

  heading(text: string, size = 12): void {
    // With the first lines of what it heads: a heading is never the last of a page.
    this.room(size * 2 + 60)
    if (this.pdf.y > TOP) this.pdf.y += 10
    this.paragraph(text, { size, weight: 700 })
    this.pdf.y += 3
  }

  words(text: string): void {
    this.paragraph(text, TEXT)
    this.pdf.y += 4
  }

  drawing(drawing: Drawing): void {
    const fits = Math.min(POINTS_PER_PIXEL, (this.size[1] - BOTTOM - TOP) / drawing.height)
    const height = drawing.height * fits
    this.room(height)
    const { y } = this.pdf
    drawOnPaper(this.pen, drawing, MARGIN, y, fits)
    this.moveTo(y + height + 8)
  }

  list(lines: readonly string[], otherwise: string): void {
    for (const line of lines.length > 0 || otherwise === '' ? lines : [otherwise])
      this.items([line], this.width, TEXT)
  }

  /** Many short lines, in two columns. */
  columns(lines: readonly string[], otherwise: string): void {
    if (lines.length === 0) return this.list([], otherwise)
    const half = Math.ceil(lines.length / 2)
    lines
      .slice(0, half)
      .forEach((line, i) => this.items([line, lines[half + i] ?? ''].filter(Boolean), this.width / 2, SMALL))
  }

  /** Lines beside each other, each with its dot. */
  private items(lines: readonly string[], width: number, style: TextStyle): void {
    const inside = { width: width - 2 * DOT, lineGap: style.size * 0.3 }
    const pdf = this.pen.use(style)
    const tallest = Math.max(...lines.map((line) => pdf.heightOfString(line, inside)))
    this.room(tallest)
    const { y } = pdf
    lines.forEach((line, i) => {
      const left = MARGIN + i * width
      this.pen.use({ ...style, weight: 700 }).text('·', left, y, { lineBreak: false })
      pdf.y = y
      this.paragraph(line, style, { x: left + DOT, width: inside.width })
    })
    this.moveTo(y + tallest + 1)
  }

  table(heads: string[], shares: number[], rows: string[][]): void {
    const part = this.width / shares.reduce((sum, share) => sum + share, 0)
    const cells = (row: string[], size: number, font: (i: number) => string) =>
      row.map((text, i) => ({ text, font: { src: font(i), size } }))
    const begin = () => {
      const table = this.pen.use(TEXT).table({
        columnStyles: shares.map((share, i) => ({
          width: share * part,
          align: { x: i === 0 ? ('left' as const) : ('right' as const), y: 'center' as const },
        })),
        rowStyles: (i) => ({ border: { top: 0, left: 0, right: 0, bottom: i === 0 ? 0.8 : 0.25 } }),
        defaultStyle: { padding: { top: 2, bottom: 2, left: 0, right: 4 } },
      })
      return table.row(cells(heads, 8, () => '700'))
    }
    this.room(14 * 3)
    let table = begin()
    for (const row of rows) {
      // pdfkit repeats no head on the next page.
      if (this.pdf.y + 16 > this.size[1] - BOTTOM) {
        this.newPage()
        table = begin()
      }
      table.row(cells(row, 9, (i) => (i === 0 ? '500' : '400')))
    }
    this.moveTo(this.pdf.y + 4)
  }
}
