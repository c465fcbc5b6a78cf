import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { Fix } from '@/core/refit/fixes'
import { goodGapsWith } from '@/core/refit/paper-gaps'
import type { GapsToFix, Refit } from '@/core/refit/refit'
import type { Stock } from '@/core/stock/stock'
import type { ChangedSince } from '@/core/coach/changed-since'
import type { FollowUp } from '@/core/coach/visit'
import { gapLadder } from '@/draw/gap-ladder'
import { gapLadderOfBag } from '@/draw/gap-ladder-of-bag'
import { adviceLines } from '@/text/advice'
import { changeSentence, changeWords } from '@/text/changes'
import { day } from '@/text/days'
import { finding } from '@/text/finding'
import {
  clubNames,
  MARK_NAME,
  RULE_NAME,
  GAP_RULE_NAME,
  gapRuleOf,
  stationName,
  swingName,
} from '@/text/names'
import { atHead, count, fixed, len, lenUnit, percent } from '@/text/numbers'
import { helpWords, helpWorth } from '@/text/recommendations'
import { leftOutReason, nextReason, warningSentence } from '@/text/reasons'
import { fixesSentence, goodGapsSentence, paperNames } from '@/text/refit'
import { MODELLED_NOTE, STAR_NOTE } from '@/text/run'
import { cellText, STOCK_COLUMNS } from '@/text/stock-columns'
import { drawnGap, gapSentences, verdictWords } from '@/text/verdicts'
import { changedSentences, followUpLine, notToDo } from '@/text/visits'
import { Pen, POINTS_PER_PIXEL, type PaperSize } from './pen'
import { Sheet } from './sheet'
import { FULL_SWING } from '@/core/model/station'
import { isMeasured } from '@/core/gaps/gap'

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
  /** What the coach said of the visit that it is of. */
  visit?: { coach: string | null; words: string | null; followUp: FollowUp | null }
  /** What is otherwise than at the visit before. */
  changed?: ChangedSince
  /** What to do about gaps that are not good. */
  gapsToFix: (GapsToFix & Pick<Refit, 'bag'>) | null
  /** Changes that the golfer saved, and those that were made with what came of each. */
  tried: { name: string; fixes: Fix[] }[]
  changes: readonly ({ clubId: ClubId } & Parameters<typeof changeSentence>[0])[]
}

/** What a coach hands over, one golfer after the other, each from a page of their own on. */
export async function reportPdf(inputs: readonly ReportInput[], size: PaperSize): Promise<Buffer> {
  const [first] = inputs
  if (!first) throw new RangeError('a report needs somebody whom it is of')
  const { golfer, bag, madeMs } = first
  const pen = new Pen({
    title:
      inputs.length === 1
        ? `Report: ${golfer.name}, ${bag.name}`
        : `Reports: ${count(inputs.length, 'golfer')}`,
    author: first.visit?.coach ?? golfer.name,
    madeMs,
  })
  for (const input of inputs) report(pen, size, input)
  return pen.finish()
}

/** The finding and the coach's words, the gap ladder, what changed, the gaps, stocks and wedges, what was left out, and what to do. */
function report(pen: Pen, size: PaperSize, input: ReportInput): void {
  const { golfer, bag, analysis, setUps, notHit, visit, changed, air, madeMs, gapsToFix } = input
  const { sentence, gap } = finding(bag, analysis, golfer)
  const name = clubNames(bag)
  const paperName = paperNames(bag)
  const solid = analysis.stocks.reduce((sum, stock) => sum + stock.count, 0)
  const sheet = new Sheet(pen, size, {
    whose: `${golfer.name}, ${bag.name}`,
    notes: `${day(madeMs)} · ${RULE_NAME[golfer.stockRule]} · good gaps ${GAP_RULE_NAME[gapRuleOf(golfer)]} · ${air} · ${count(solid, 'good shot')} · intervals are 90%`,
  })
  sheet.heading(sentence, 17)
  const chosen = analysis.gaps[gap]
  if (chosen) sheet.words(gapSentences(chosen, analysis.stocks, golfer, name).join(' '))
  const clubs = bag.clubs.filter(({ kind }) => kind !== 'putter')
  if (visit?.words) {
    sheet.heading(visit.coach === null ? 'In your coach’s words' : `In the words of ${visit.coach}`)
    sheet.words(visit.words)
  }
  sheet.drawing(gapLadder(gapLadderOfBag(golfer, clubs, analysis, -1), sheet.width / POINTS_PER_PIXEL))
  sheet.heading('What to do')
  sheet.list(
    [
      ...(visit?.followUp ? [`You will be asked how it went ${followUpLine(visit.followUp)}.`] : []),
      ...(notHit ? [notHit] : []),
      ...(gapsToFix ? adviceLines(gapsToFix, paperName, golfer) : []),
      ...analysis.warnings.map((warning) => warningSentence(warning, golfer, name)),
      ...analysis.next.map(
        (each) => `Hit ${each.shots} with the ${name(each.clubId)}: ${nextReason(each, name)}`,
      ),
      ...analysis.recommendations.map((help) => `${helpWords(help, name)}. ${helpWorth(help)}`),
    ],
    '',
  )
  fixesOnPaper(sheet, input, paperName)
  sheet.heading('What not to do')
  sheet.list(notToDo(analysis, name), 'Nothing: every gap is confirmed.')
  if (changed) {
    sheet.heading(`What changed since ${day(changed.sinceMs)}`)
    sheet.list(changedSentences(changed, golfer, name), 'No shots since then.')
  }

  sheet.heading('Gaps')
  sheet.table(
    ['Gap', golfer.lengthUnit, '90% interval', 'Verdict'],
    [0.42, 0.12, 0.22, 0.24],
    analysis.gaps.map((each) => [
      `${name(each.longerId)} to ${name(each.shorterId)}`,
      isMeasured(each) ? fixed(drawnGap(each, analysis.stocks, golfer) ?? 0, 0) : '–',
      isMeasured(each) ? `${len(each.lowM, golfer, 1)} to ${len(each.highM, golfer, 1)}` : '–',
      !isMeasured(each)
        ? 'not hit'
        : `${verdictWords(each, golfer)}${each.leftOnPurpose === undefined ? '' : ', kept as is'}`,
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
      ? [`${stationName(name(clubId), swing)}: ${lenUnit(byHand.carryM, golfer, 1)}, ${byHand.because}`]
      : [],
  )
  if (byHand.length > 0) {
    sheet.heading('Set by hand')
    sheet.list(byHand, '')
  }
  sheet.heading('What was left out')
  const leftOut = analysis.stocks.flatMap((stock) => stock.leftOut.map((shot) => ({ stock, shot })))
  sheet.columns(
    leftOut.map(({ stock, shot }) => {
      const carry = shot.facts.carryM === undefined ? 'a shot' : lenUnit(shot.facts.carryM, golfer, 1)
      const station = stationName(name(stock.clubId), stock.swing)
      return `${station}: ${carry}, ${MARK_NAME[shot.mark]}: ${leftOutReason(shot, golfer, name)}`
    }),
    'Nothing: every shot counts.',
  )
  if (setUps.length > 0) {
    sheet.heading('Conditions that are not set')
    sheet.list(setUps, '')
  }
}

/** Changes that were saved, with what they would do, and changes that were made, with what came of them. */
function fixesOnPaper(
  sheet: Sheet,
  { golfer, gapsToFix, tried, changes }: ReportInput,
  name: (id: ClubId) => string,
): void {
  if (tried.length > 0 && gapsToFix) {
    sheet.heading('Saved changes')
    sheet.list(
      tried.map(({ name: called, fixes }) => {
        const good = goodGapsSentence(goodGapsWith(gapsToFix.bag, fixes))
        return `${called}. ${atHead(fixesSentence(fixes, name, golfer))}. ${good}`
      }),
      '',
    )
  }
  if (changes.length > 0) {
    sheet.heading('Changes that were made')
    sheet.list(
      changes.map(
        (each) => `${name(each.clubId)}, ${changeWords(each.change)}. ${changeSentence(each, golfer)}`,
      ),
      '',
    )
  }
}

function stockTable(
  sheet: Sheet,
  golfer: Golfer,
  stocks: readonly Stock[],
  station: (stock: Stock) => string,
): void {
  const columns = STOCK_COLUMNS.filter(({ paper }) => paper !== undefined)
  sheet.table(
    ['Club', ...columns.map(({ title }) => title(golfer))],
    [STATION_SHARE, ...columns.map(({ paper = 0 }) => paper)],
    stocks.map((stock) => [
      station(stock),
      ...columns.map(({ cell, bare }) => {
        const found = cell(stock, golfer)
        return (bare ? found.text : cellText(found)) || '–'
      }),
    ]),
  )
  if (stocks.some(({ run }) => run?.from === 'monitor')) sheet.words(STAR_NOTE)
  if (stocks.some(({ modelled }) => modelled?.runM !== undefined)) sheet.words(MODELLED_NOTE)
}
const STATION_SHARE = 0.26
