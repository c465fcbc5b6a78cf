import type { Drawing } from '@/draw/drawing'
import { drawOnPaper } from './draw'
import { leadingOf, POINTS_PER_PIXEL, type PaperSize, type Pen } from './pen'

const MARGIN = 42
const DOT = 10
const TEXT = { size: 9.5 }
const SMALL = { size: 8 }
/** What stands at the head of every page. */
type SheetTitle = { whose: string; notes: string }

/** Pages that are filled from above; each carries whose they are and what their numbers stand for. */
export class Sheet {
  private y = MARGIN
  private pages = 0
  readonly width: number
  private readonly bottom: number

  constructor(
    private readonly pen: Pen,
    private readonly size: PaperSize,
    private readonly title: SheetTitle,
  ) {
    this.width = size[0] - 2 * MARGIN
    this.bottom = size[1] - 52
    this.newPage()
  }

  private newPage(): void {
    const { size, title } = this
    this.pen.page(size)
    this.pages++
    this.pen.text(MARGIN, MARGIN, 'Banco', { size: 14, weight: 700 })
    this.pen.text(size[0] - MARGIN, MARGIN, title.whose, { size: 11, weight: 700, align: 'right' })
    this.pen.text(MARGIN, MARGIN + 15, title.notes, { size: 7.5, ink: '#555555' })
    this.pen.line(MARGIN, MARGIN + 24, size[0] - MARGIN, MARGIN + 24, 1)
    this.pen.text(size[0] - MARGIN, size[1] - 30, `page ${this.pages}`, {
      size: 8,
      align: 'right',
      ink: '#555555',
    })
    this.y = MARGIN + 36
  }

  private room(height: number): void {
    if (this.y + height > this.bottom) this.newPage()
  }

  heading(text: string, size = 12): void {
    this.room(size * 4)
    this.y += this.pages > 0 && this.y > MARGIN + 40 ? 10 : 0
    this.y = this.pen.paragraph(MARGIN, this.y, this.width, text, { size, weight: 700 }) + 3
  }

  words(text: string): void {
    for (const part of text.split('\n'))
      for (const line of this.pen.lines(this.width, part, TEXT)) {
        this.room(leadingOf(TEXT))
        this.y = this.pen.paragraph(MARGIN, this.y, this.width, line, TEXT)
      }
    this.y += 4
  }

  drawing(drawing: Drawing): void {
    const fits = Math.min(POINTS_PER_PIXEL, (this.bottom - MARGIN - 40) / drawing.height)
    this.room(drawing.height * fits)
    drawOnPaper(this.pen, drawing, MARGIN, this.y, fits)
    this.y += drawing.height * fits + 8
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
  private items(lines: readonly string[], width: number, look: typeof TEXT): void {
    const inside = width - 2 * DOT
    const tallest = Math.max(...lines.map((line) => this.pen.lines(inside, line, look).length))
    this.room(tallest * leadingOf(look))
    const ends = lines.map((line, i) => {
      const left = MARGIN + i * width
      this.pen.text(left, this.y + leadingOf(look) / 2, '·', { ...look, weight: 700 })
      return this.pen.paragraph(left + DOT, this.y, inside, line, look)
    })
    this.y = Math.max(...ends) + 1
  }

  table(heads: string[], shares: number[], rows: string[][]): void {
    const part = this.width / shares.reduce((sum, share) => sum + share, 0)
    const lefts = shares.map(
      (_, i) => MARGIN + part * shares.slice(0, i).reduce((sum, share) => sum + share, 0),
    )
    const put = (cells: string[], weight: 400 | 700, size: number) => {
      cells.forEach((cell, i) => {
        const left = lefts[i] as number
        const first = i === 0
        const right = left + part * (shares[i] as number) - 4
        this.pen.text(first ? left : right, this.y + 7, cell, {
          size,
          weight: first && weight === 400 ? 500 : weight,
          align: first ? 'left' : 'right',
        })
      })
      this.y += 14
      this.pen.line(MARGIN, this.y, MARGIN + this.width, this.y, weight === 700 ? 0.8 : 0.25)
    }
    this.room(14 * 3)
    put(heads, 700, 8)
    for (const row of rows) {
      if (this.y + 14 > this.bottom) {
        this.newPage()
        put(heads, 700, 8)
      }
      put(row, 400, 9)
    }
    this.y += 4
  }
}
