import { format } from 'date-fns'
import type { CardData } from '@/draw/card'
import { A4, Pen } from './pen'

const COLUMNS = 3
const LABEL = { width: 170, height: 34 }
const MARGIN = 42

/** Labels for the shafts, to be cut out: "164 C 2026-04", C for carry, T for the total of a club that is only hit from the tee, with the month of its newest shot. */
export function labelsPdf({ title, lines }: CardData, madeMs: number): Promise<Buffer> {
  const pen = new Pen({ title: `Shaft labels: ${title}`, author: title, madeMs })
  pen.page(A4)
  pen.text(MARGIN, MARGIN - 14, `${title}: cut along the lines. C is carry, T total.`, {
    size: 9,
    ink: '#555555',
  })
  lines
    .filter(({ carry }) => carry !== '–')
    .forEach((line, i) => {
      const x = MARGIN + (i % COLUMNS) * LABEL.width
      const y = MARGIN + Math.floor(i / COLUMNS) * LABEL.height
      const month = format(line.newestMs ?? madeMs, 'yyyy-MM')
      pen.pdf.lineWidth(0.4).dash(2, { space: 2 }).rect(x, y, LABEL.width, LABEL.height).stroke('#000')
      pen.text(x + 8, y + LABEL.height / 2, line.name, { size: 8 })
      pen.text(
        x + LABEL.width - 8,
        y + LABEL.height / 2,
        `${line.carry} ${line.onTotal ? 'T' : 'C'} ${month}`,
        {
          size: 15,
          weight: 700,
          align: 'right',
        },
      )
    })
  return pen.finish()
}
