import { card, CARD_SIZES, type CardData, type CardSize } from '@/draw/card'
import { drawOnPaper } from './draw'
import { Pen, POINTS_PER_PIXEL } from './pen'

/** The yardage card as a PDF of its own size. */
export function cardPdf(data: CardData, size: CardSize, madeMs: number): Promise<Buffer> {
  const { width, height } = CARD_SIZES[size]
  const page: [number, number] = [width * POINTS_PER_PIXEL, height * POINTS_PER_PIXEL]
  const pen = new Pen({ title: `Yardage card: ${data.title}`, author: data.title, madeMs })
  pen.page(page)
  drawOnPaper(pen, card(data, size), 0, 0)
  return pen.finish()
}
