import { join } from 'node:path'
import PDFDocument from 'pdfkit'

/** A page's width and height in points of 1/72 inch. */
export type PaperSize = [width: number, height: number]
export const A4: PaperSize = [595.28, 841.89]
export const LETTER: PaperSize = [612, 792]
/** Drawings are in pixels of 1/96 inch. */
export const POINTS_PER_PIXEL = 72 / 96

/** One file a weight, with every letter that a golfer's name can have. */
const FONTS = { 400: '400Regular', 500: '500Medium', 700: '700Bold' } as const
type Weight = 400 | 500 | 600 | 700
export type TextStyle = { size: number; weight?: Weight; align?: 'left' | 'center' | 'right'; ink?: string }

const fontFile = (name: string): string =>
  join(process.cwd(), 'node_modules', '@expo-google-fonts', 'archivo', name, `Archivo_${name}.ttf`)

/** A PDF with Archivo inside, in black on white. */
export class Pen {
  readonly pdf: PDFKit.PDFDocument
  private readonly parts: Buffer[] = []

  /** @param madeMs the date that stands in the file; equal contents with equal dates give equal bytes */
  constructor({ title, author, madeMs }: { title: string; author: string; madeMs: number }) {
    this.pdf = new PDFDocument({
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
    for (const [weight, name] of Object.entries(FONTS)) this.pdf.registerFont(weight, fontFile(name))
  }

  page(size: PaperSize): void {
    this.pdf.addPage({ size, margin: 0 })
  }

  use({ size, weight = 400, ink = '#000' }: TextStyle): PDFKit.PDFDocument {
    return this.pdf
      .font(String(weight === 600 ? 700 : weight))
      .fontSize(size)
      .fillColor(ink)
  }

  /** Text on one line; `y` is its middle. Returns its width. */
  text(x: number, y: number, text: string, style: TextStyle): number {
    const { align = 'left' } = style
    const width = this.use(style).widthOfString(text)
    const left = align === 'right' ? x - width : align === 'center' ? x - width / 2 : x
    this.pdf.text(text, left, y, { lineBreak: false, baseline: 'middle' })
    return width
  }

  finish(): Promise<Buffer> {
    return new Promise((resolve) => {
      this.pdf.on('end', () => resolve(Buffer.concat(this.parts)))
      this.pdf.end()
    })
  }
}
