import { cardOfBag } from '@/draw/card-of-bag'
import { cardOfDay } from '@/draw/card-of-day'
import { CARD_SIZES, type CardSize } from '@/draw/card'
import type { BagAnalysis } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import type { Caveat, SetUp } from '@/core/session/set-up'
import { dayAndTime } from '@/text/days'
import { cardAir, caveatSentence } from '@/text/set-up'
import { cardPdf } from './card'
import { labelsPdf } from './labels'
import { reportPdf } from './report'
import { isHit } from '@/core/stock/stock'

/** What can be printed. */
const SIZES = Object.keys(CARD_SIZES) as CardSize[]
export type Paper = 'report' | 'labels' | `card-${CardSize}` | `day-${CardSize}`
export const PAPERS: readonly Paper[] = [
  'report',
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
  setUps: { startedMs: number; offsetMin: number; caveats: Caveat[] }[]
  lastSetUp: SetUp | null
}
/** What a paper is made from: the golfer's day for one of the day, else the bag. */
export type PaperInput = { golfer: Golfer; madeMs: number } & (OfDay | OfBag)

/** A paper as a PDF. */
export function paperPdf(paper: Paper, input: PaperInput): Promise<Buffer> {
  const { golfer, madeMs } = input
  if ('ofDay' in input) return cardPdf(cardOfDay(golfer, input.ofDay), sizeOf(paper), madeMs)
  const { bag, analysis, lastSetUp } = input
  const air = cardAir(lastSetUp, golfer)
  const card = cardOfBag(golfer, bag, analysis, { dateMs: madeMs, air })
  if (paper === 'labels') return labelsPdf(card, madeMs)
  if (paper !== 'report') return cardPdf(card, sizeOf(paper), madeMs)
  const notHit = bag.clubs
    .filter(
      ({ id, kind }) =>
        kind !== 'putter' && analysis.stocks.every((stock) => stock.clubId !== id || !isHit(stock)),
    )
    .map(({ name }) => name)
  return reportPdf({
    golfer,
    bag,
    analysis,
    air,
    madeMs,
    notHit: notHit.length > 0 ? `Not hit: ${notHit.join(', ')}.` : '',
    setUps: input.setUps.map(
      ({ startedMs, offsetMin, caveats }) =>
        `${dayAndTime(startedMs, offsetMin)}: ${caveats.map((caveat) => caveatSentence(caveat, golfer)).join('; ')}.`,
    ),
  })
}

function sizeOf(paper: Paper): CardSize {
  const size = paper.slice(paper.indexOf('-') + 1)
  if (size in CARD_SIZES) return size as CardSize
  throw new Error(`there is no card of the size ${size}`)
}
