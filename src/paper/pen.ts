import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import PDFDocument from 'pdfkit'

/** A page's width and height in points of 1/72 inch. */
export type PaperSize = [width: number, height: number]
export const A4: PaperSize = [595.28, 841.89]
export const LETTER: PaperSize = [612, 792]
/** Drawings are in pixels of 1/96 inch. */
export const POINTS_PER_PIXEL = 72 / 96

const WEIGHTS = [400, 500, 700] as const
type Weight = 400 | 500 | 600 | 700
type Look = { size: number; weight?: Weight; align?: 'left' | 'center' | 'right'; ink?: string }

/** From line to line. */
export const leadingOf = ({ size }: Pick<Look, 'size'>): number => size * 1.4

const fontFile = (subset: string, weight: number): Buffer =>
  readFileSync(
    join(
      process.cwd(),
      'node_modules',
      '@fontsource',
      'archivo',
      'files',
      `archivo-${subset}-${weight}-normal.woff`,
    ),
  )

/** A PDF with Archivo inside, in black on white. */
export class Pen {
  readonly pdf: PDFKit.PDFDocument
  private readonly parts: Buffer[] = []

  /** @param madeMs the date that stands in the file; equal contents with equal dates give equal bytes */
  constructor(
    size: [number, number],
    { title, author, madeMs }: { title: string; author: string; madeMs: number },
  ) {
    this.pdf = new PDFDocument({
      size,
      margin: 0,
      autoFirstPage: false,
      info: {
        Title: title,
        Author: author,
        Creator: 'Banco',
        Producer: 'Banco',
        CreationDate: new Date(madeMs),
      },
    })
    this.pdf.on('data', (part: Buffer) => this.parts.push(part))
    for (const weight of WEIGHTS) {
      this.pdf.registerFont(`latin-${weight}`, fontFile('latin', weight))
      this.pdf.registerFont(`latin-ext-${weight}`, fontFile('latin-ext', weight))
    }
  }

  page(size: [number, number]): void {
    this.pdf.addPage({ size, margin: 0 })
  }

  /** Text on one line; `y` is its middle. Returns its width. */
  text(
    x: number,
    y: number,
    text: string,
    { size, weight = 400, align = 'left', ink = '#000' }: Look,
  ): number {
    const runs = runsOf(text).map(({ subset, text: run }) => ({
      run,
      font: `${subset}-${weight === 600 ? 700 : weight}`,
    }))
    const widths = runs.map(({ run, font }) => this.pdf.font(font).fontSize(size).widthOfString(run))
    const width = widths.reduce((sum, each) => sum + each, 0)
    let left = align === 'right' ? x - width : align === 'center' ? x - width / 2 : x
    runs.forEach(({ run, font }, i) => {
      this.pdf
        .font(font)
        .fontSize(size)
        .fillColor(ink)
        .text(run, left, y, { lineBreak: false, baseline: 'middle' })
      left += widths[i] as number
    })
    return width
  }

  width(text: string, { size, weight = 400 }: Look): number {
    return runsOf(text).reduce(
      (sum, { subset, text: run }) =>
        sum +
        this.pdf
          .font(`${subset}-${weight === 600 ? 700 : weight}`)
          .fontSize(size)
          .widthOfString(run),
      0,
    )
  }

  /** The lines that a text needs. */
  lines(width: number, text: string, look: Look): string[] {
    const lines: string[] = []
    let line = ''
    for (const word of text.split(' ')) {
      const longer = line === '' ? word : `${line} ${word}`
      if (line !== '' && this.width(longer, look) > width) {
        lines.push(line)
        line = word
      } else line = longer
    }
    return line === '' ? lines : [...lines, line]
  }

  /** Text in as many lines as it needs. Returns where it ends. */
  paragraph(x: number, y: number, width: number, text: string, look: Look): number {
    const leading = leadingOf(look)
    const lines = this.lines(width, text, look)
    lines.forEach((line, i) => this.text(x, y + (i + 0.5) * leading, line, look))
    return y + lines.length * leading
  }

  line(x1: number, y1: number, x2: number, y2: number, weight = 0.5): void {
    this.pdf.lineWidth(weight).undash().strokeColor('#000').moveTo(x1, y1).lineTo(x2, y2).stroke()
  }

  finish(): Promise<Buffer> {
    return new Promise((resolve) => {
      this.pdf.on('end', () => resolve(Buffer.concat(this.parts)))
      this.pdf.end()
    })
  }
}

/** Letters beyond Western Europe's stand in another file of the same face. */
function runsOf(text: string): { subset: 'latin' | 'latin-ext'; text: string }[] {
  const runs: { subset: 'latin' | 'latin-ext'; text: string }[] = []
  for (const letter of text) {
    const code = letter.codePointAt(0) as number
    const subset = code >= 0x100 && code < 0x2000 ? ('latin-ext' as const) : ('latin' as const)
    const last = runs.at(-1)
    if (last?.subset === subset) last.text += letter
    else runs.push({ subset, text: letter })
  }
  return runs
}
