import { cardOfBag } from '@/draw/card-of-bag'
import { cardOfDay } from '@/draw/card-of-day'
import { CARD_SIZES, type CardSize } from '@/draw/card'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Bag } from '@/core/bag/bag'
import type { ClubId } from '@/core/model/ids'
import type { Golfer } from '@/core/model/golfer'
import type { Caveat, SetUp } from '@/core/session/set-up'
import type { ChangedSince } from '@/core/coach/changed-since'
import { dayAndTime } from '@/text/days'
import { count, listed } from '@/text/numbers'
import { cardAir, caveatSentence } from '@/text/set-up'
import { cardPdf } from './card'
import { labelsPdf } from './labels'
import { A4, LETTER } from './pen'
import { reportPdf, type ReportInput } from './report'
import { isHit } from '@/core/stock/stock'

/** What can be printed. */
const SIZES = Object.keys(CARD_SIZES) as CardSize[]
export type Paper = 'report' | 'report-letter' | 'labels' | `card-${CardSize}` | `day-${CardSize}`
export const PAPERS: readonly Paper[] = [
  'report',
  'report-letter',
  'labels',
  ...SIZES.map((size) => `card-${size}` as const),
  ...SIZES.map((size) => `day-${size}` as const),
]
/** Whether a paper is made for the golfer's day. */
export const isOfDay = (paper: string): boolean => paper.startsWith('day-')

type OfDay = { ofDay: Parameters<typeof cardOfDay>[1] }
type OfBag = {
  bag: Bag
  analysis: BagAnalysis
  newestMs: ReadonlyMap<ClubId, number>
  setUps: { startedMs: number; offsetMin: number; caveats: Caveat[] }[]
  lastSetUp: SetUp | null
  visit: ReportInput['visit'] | null
  changed: ChangedSince | null
} & Pick<ReportInput, 'gapsToFix' | 'tried' | 'changes'>
/** What a paper is made from: the golfer's day for one of the day, else the bag. */
type PaperInput = { golfer: Golfer; madeMs: number } & (OfDay | OfBag)

/** Whether it is the report that is wanted. */
const isReport = (paper: string): boolean => paper === 'report' || paper === 'report-letter'

/** A paper as a PDF. */
export function paperPdf(paper: Paper, input: PaperInput): Promise<Buffer> {
  const { golfer, madeMs } = input
  if ('ofDay' in input) return cardPdf(cardOfDay(golfer, input.ofDay), sizeOf(paper), madeMs)
  if (isReport(paper)) return reportsPdf(paper, [input])
  const { bag, analysis, newestMs, lastSetUp } = input
  const card = cardOfBag(golfer, bag, analysis, { dateMs: madeMs, air: cardAir(lastSetUp, golfer), newestMs })
  return paper === 'labels' ? labelsPdf(card, madeMs) : cardPdf(card, sizeOf(paper), madeMs)
}

/** The reports of several golfers in one file. */
export const reportsPdf = (paper: string, inputs: readonly ReportFrom[]): Promise<Buffer> =>
  reportPdf(inputs.map(reportInput), paper === 'report-letter' ? LETTER : A4)

type ReportFrom = Extract<PaperInput, OfBag>

function reportInput({
  golfer,
  madeMs,
  bag,
  analysis,
  lastSetUp,
  setUps,
  visit,
  changed,
  gapsToFix,
  tried,
  changes,
}: ReportFrom): ReportInput {
  const notHit = bag.clubs
    .filter(
      ({ id, kind }) =>
        kind !== 'putter' && analysis.stocks.every((stock) => stock.clubId !== id || !isHit(stock)),
    )
    .map(({ name }) => name)
  return {
    ...{ golfer, bag, analysis, madeMs, gapsToFix, tried, changes },
    air: cardAir(lastSetUp, golfer),
    notHit: notHit.length > 0 ? `Not hit: ${notHit.join(', ')}.` : '',
    setUps: setUpLines(setUps, golfer),
    ...(visit && { visit }),
    ...(changed && { changed }),
  }
}

/** What set-ups leave open, each sentence once with the sessions that it is of. */
function setUpLines(setUps: ReportFrom['setUps'], golfer: Golfer): string[] {
  const of = new Map<string, string[]>()
  for (const { startedMs, offsetMin, caveats } of setUps)
    for (const caveat of caveats) {
      const sentence = caveatSentence(caveat, golfer)
      of.set(sentence, [...(of.get(sentence) ?? []), dayAndTime(startedMs, offsetMin)])
    }
  return [...of].map(
    ([sentence, days]) => `${days.length > 3 ? count(days.length, 'session') : listed(days)}: ${sentence}.`,
  )
}

function sizeOf(paper: Paper): CardSize {
  const size = paper.slice(paper.indexOf('-') + 1)
  if (size in CARD_SIZES) return size as CardSize
  throw new Error(`there is no card of the size ${size}`)
}
