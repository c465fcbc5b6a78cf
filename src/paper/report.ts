import type { BagAnalysis } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import type { Stock } from '@/core/stock/stock'
import { stair } from '@/draw/stair'
import { stairOfBag } from '@/draw/stair-of-bag'
import { day } from '@/text/days'
import { finding } from '@/text/finding'
import { clubNames, MARK_NAME, RULE_NAME, SCHOOL_NAME, schoolOf, stationName, swingName } from '@/text/names'
import { count, fixed, len, lenUnit, percent } from '@/text/numbers'
import { driftSentence, leftOutReason, nextReason, warningSentence } from '@/text/reasons'
import { MODELLED_NOTE, STAR_NOTE } from '@/text/run'
import { cellText, STOCK_COLUMNS } from '@/text/stock-columns'
import { drawnStep, stepSentences, verdictWords } from '@/text/verdicts'
import { drawOnPaper } from './draw'
import { A4, Pen, POINTS_PER_PIXEL } from './pen'
import { FULL_SWING } from '@/core/station'
import { isMeasured } from '@/core/gaps/step'

export type ReportInput = {
  golfer: Golfer
  bag: Bag
  analysis: BagAnalysis
  /** What was skipped in the set-ups of the sessions behind the numbers, a sentence each. */
  setUps: string[]
  /** What was planned and not hit, in words; empty where nothing was. */
  notHit: string
  air: string
  madeMs: number
}

const MARGIN = 42
const WIDTH = A4[0] - 2 * MARGIN
const BOTTOM = A4[1] - 52
const STAIR_PX = WIDTH / POINTS_PER_PIXEL

/** What a coach hands over: the stair, the stocks, the wedges, what was left out, and what to do next. */
export async function reportPdf(input: ReportInput): Promise<Buffer> {
  const { golfer, bag, analysis, setUps, notHit } = input
  const { sentence, step } = finding(bag, analysis, golfer)
  const name = clubNames(bag)
  const sheet = new Sheet(input)
  sheet.heading(sentence, 17)
  const chosen = analysis.steps[step]
  if (chosen) sheet.words(stepSentences(chosen, analysis.stocks, golfer, name).join(' '))
  const clubs = bag.clubs.filter(({ kind }) => kind !== 'putter')
  sheet.drawing(stair(stairOfBag(golfer, clubs, analysis, -1), STAIR_PX))

  sheet.heading('Steps')
  sheet.table(
    ['Step', golfer.lengthUnit, 'between, 90%', 'Verdict'],
    [0.42, 0.12, 0.22, 0.24],
    analysis.steps.map((each) => [
      `${name(each.longerId)} to ${name(each.shorterId)}`,
      isMeasured(each) ? fixed(drawnStep(each, analysis.stocks, golfer) ?? 0, 0) : '–',
      isMeasured(each) ? `${len(each.lowM, golfer, 1)} to ${len(each.highM, golfer, 1)}` : '–',
      !isMeasured(each)
        ? 'not hit'
        : `${verdictWords(each, golfer)}${each.leftOnPurpose === undefined ? '' : ', left on purpose'}`,
    ]),
  )
  const full = analysis.stocks.filter(({ swing }) => swing === FULL_SWING)
  sheet.heading('Stock')
  stockTable(sheet, golfer, full, (stock) => name(stock.clubId))
  const partial = analysis.stocks.filter(({ swing, count: shots }) => swing !== FULL_SWING && shots > 0)
  if (partial.length > 0) {
    sheet.heading('Partial swings')
    const share = (stock: Stock) => {
      const whole = full.find(({ clubId }) => clubId === stock.clubId)?.carryM
      return whole === undefined || stock.carryM === undefined
        ? ''
        : `, ${percent(stock.carryM / whole)} of full`
    }
    stockTable(
      sheet,
      golfer,
      partial,
      (stock) => `${name(stock.clubId)}, ${swingName(stock.swing)}${share(stock)}`,
    )
  }
  const byHand = analysis.stocks.flatMap(({ clubId, swing, byHand }) =>
    byHand
      ? [
          `${stationName({ name: name(clubId) }, swing)}: ${lenUnit(byHand.carryM, golfer, 1)}, ${byHand.because}`,
        ]
      : [],
  )
  if (byHand.length > 0) {
    sheet.heading('Set by hand')
    sheet.list(byHand, '')
  }
  sheet.heading('What was left out')
  const leftOut = analysis.stocks.flatMap((stock) => stock.leftOut.map((shot) => ({ stock, shot })))
  sheet.list(
    leftOut.map(({ stock, shot }) => {
      const carry = shot.facts.carryM === undefined ? 'a shot' : lenUnit(shot.facts.carryM, golfer, 1)
      const station = stationName({ name: name(stock.clubId) }, stock.swing)
      return `${station}: ${carry}, ${MARK_NAME[shot.mark]}: ${leftOutReason(shot, golfer, name)}`
    }),
    'Nothing: every shot counts.',
  )
  sheet.heading('What to do next')
  sheet.list(
    [
      ...(notHit ? [notHit] : []),
      ...analysis.warnings.map((warning) => warningSentence(warning, golfer, name)),
      ...analysis.next.map(
        (each) => `Hit ${each.shots} with the ${name(each.clubId)}: ${nextReason(each, name)}`,
      ),
      driftSentence(analysis.drift),
    ],
    '',
  )
  if (setUps.length > 0) {
    sheet.heading('What the set-up leaves open')
    sheet.list(setUps, '')
  }
  return sheet.finish()
}

function stockTable(
  sheet: Sheet,
  golfer: Golfer,
  stocks: readonly Stock[],
  station: (stock: Stock) => string,
): void {
  const columns = STOCK_COLUMNS.filter(({ paper }) => paper !== undefined)
  sheet.table(
    ['Station', ...columns.map(({ title }) => title(golfer))],
    [STATION_SHARE, ...columns.map(({ paper = 0 }) => paper)],
    stocks.map((stock) => [
      station(stock),
      ...columns.map(({ cell }) => cellText(cell(stock, golfer)) || '–'),
    ]),
  )
  if (stocks.some(({ run }) => run?.from === 'monitor')) sheet.words(STAR_NOTE)
  if (stocks.some(({ modelled }) => modelled?.runM !== undefined)) sheet.words(MODELLED_NOTE)
}
const STATION_SHARE = 0.26

/** A report's pages, filled from above; each carries whose it is and what its numbers stand for. */
class Sheet {
  private readonly pen: Pen
  private y = MARGIN
  private pages = 0

  constructor(private readonly input: ReportInput) {
    const { golfer, bag, madeMs } = input
    this.pen = new Pen(A4, { title: `Report: ${golfer.name}, ${bag.name}`, author: golfer.name, madeMs })
    this.newPage()
  }

  private newPage(): void {
    const { golfer, bag, analysis, air, madeMs } = this.input
    this.pen.page(A4)
    this.pages++
    const solid = analysis.stocks.reduce((sum, stock) => sum + stock.count, 0)
    this.pen.text(MARGIN, MARGIN, 'Banco', { size: 14, weight: 700 })
    this.pen.text(A4[0] - MARGIN, MARGIN, `${golfer.name}, ${bag.name}`, {
      size: 11,
      weight: 700,
      align: 'right',
    })
    const notes = `${day(madeMs)} · ${RULE_NAME[golfer.stockRule]} · even ${SCHOOL_NAME[schoolOf(golfer, bag)]} · ${air} · ${count(solid, 'solid shot')} · ± and “between” are 90% intervals`
    this.pen.text(MARGIN, MARGIN + 15, notes, { size: 7.5, ink: '#555555' })
    this.pen.line(MARGIN, MARGIN + 24, A4[0] - MARGIN, MARGIN + 24, 1)
    this.pen.text(A4[0] - MARGIN, A4[1] - 30, `page ${this.pages}`, {
      size: 8,
      align: 'right',
      ink: '#555555',
    })
    this.y = MARGIN + 36
  }

  private room(height: number): void {
    if (this.y + height > BOTTOM) this.newPage()
  }

  heading(text: string, size = 12): void {
    this.room(size * 4)
    this.y += this.pages > 0 && this.y > MARGIN + 40 ? 10 : 0
    this.y = this.pen.paragraph(MARGIN, this.y, WIDTH, text, { size, weight: 700 }) + 3
  }

  words(text: string): void {
    this.room(40)
    this.y = this.pen.paragraph(MARGIN, this.y, WIDTH, text, { size: 9.5 }) + 4
  }

  drawing(drawing: ReturnType<typeof stair>): void {
    const fits = Math.min(POINTS_PER_PIXEL, (BOTTOM - MARGIN - 40) / drawing.height)
    this.room(drawing.height * fits)
    drawOnPaper(this.pen, drawing, MARGIN, this.y, fits)
    this.y += drawing.height * fits + 8
  }

  list(lines: readonly string[], otherwise: string): void {
    for (const line of lines.length > 0 || otherwise === '' ? lines : [otherwise]) {
      this.room(26)
      this.pen.text(MARGIN, this.y + 6.5, '·', { size: 9.5, weight: 700 })
      this.y = this.pen.paragraph(MARGIN + 10, this.y, WIDTH - 10, line, { size: 9.5 }) + 1
    }
  }

  table(heads: string[], shares: number[], rows: string[][]): void {
    const part = WIDTH / shares.reduce((sum, share) => sum + share, 0)
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
      this.pen.line(MARGIN, this.y, MARGIN + WIDTH, this.y, weight === 700 ? 0.8 : 0.25)
    }
    this.room(14 * 3)
    put(heads, 700, 8)
    for (const row of rows) {
      if (this.y + 14 > BOTTOM) {
        this.newPage()
        put(heads, 700, 8)
      }
      put(row, 400, 9)
    }
    this.y += 4
  }

  finish(): Promise<Buffer> {
    return this.pen.finish()
  }
}
