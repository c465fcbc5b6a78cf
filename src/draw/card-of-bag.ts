import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { ordinaryRun, type OrdinaryRun } from '@/core/stock/station-run'
import { adjustedStocks } from '@/core/shots/adjustments'
import { FULL_SWING, TEED_SWING, atStation } from '@/core/model/station'
import { day } from '@/text/days'
import { clubNames, EXPECTED, RULE_NAME, shortSwing } from '@/text/names'
import { adjustmentsSentence } from '@/text/reasons'
import { aroundCell, carryText, len, type Between } from '@/text/numbers'
import type { CardData } from './card'
import type { ClubId } from '@/core/model/ids'
import { isHit, type HitStock } from '@/core/stock/stock'

/**
 * The yardage card of a golfer's bag.
 * @param newestMs when each club was hit last
 * @param air what the air was when the shots were hit, in a few words
 */
export function cardOfBag(
  golfer: Golfer,
  bag: Bag,
  { stocks }: BagAnalysis,
  { dateMs, air, newestMs }: { dateMs: number; air: string; newestMs?: ReadonlyMap<ClubId, number> },
): CardData {
  const stockOf = (clubId: ClubId, swing: string) => atStation(stocks, { clubId, swing })
  const partial = [...golfer.swings, TEED_SWING].filter(
    (swing) => swing !== FULL_SWING && stocks.some((stock) => stock.swing === swing && isHit(stock)),
  )
  const hasNumber = (clubId: string) =>
    stocks.some((stock) => stock.clubId === clubId && (stock.carryM !== undefined || stock.byHand))
  const named = clubNames(bag)
  const byHand = stocks.flatMap(({ clubId, swing, byHand }) =>
    byHand && swing === FULL_SWING ? [`* ${named(clubId)} by hand: ${byHand.because}`] : [],
  )
  const held = adjustedStocks(stocks).map((each) => adjustmentsSentence(each, named))
  const expected = stocks.some(({ isExpected }) => isExpected) ? [`≈ ${EXPECTED}`] : []
  return {
    title: `${golfer.name}, ${bag.name}`,
    notes: [
      `${day(dateMs)}, ${RULE_NAME[golfer.stockRule]}; ± is a 90% interval`,
      air,
      ...held,
      ...expected,
      ...byHand,
    ],
    unit: golfer.lengthUnit,
    swings: partial.map(shortSwing),
    // A club without a number has no line: what is not known is not carried.
    lines: bag.clubs
      .filter(({ id, kind }) => kind !== 'putter' && hasNumber(id))
      .map(({ id, name, build: { job } }) => {
        const full = stockOf(id, FULL_SWING)
        const measured = isHit(full) && !full.byHand ? full : undefined
        const run = job === 'tee' && measured ? ordinaryRun(measured) : null
        const shown = measured && run ? onward(measured, run) : measured
        const hitMs = newestMs?.get(id)
        return {
          name,
          ...(hitMs !== undefined && { newestMs: hitMs }),
          ...(run && { onTotal: true as const }),
          carry: full?.byHand
            ? `${len(full.byHand.carryM, golfer)}*`
            : shown === undefined
              ? '–'
              : carryText({ ...shown, isExpected: measured?.isExpected }, golfer),
          plusMinus: shown ? aroundCell(shown, golfer) : '',
          swings: partial.map((swing) => {
            const stock = stockOf(id, swing)
            return isHit(stock) ? carryText(stock, golfer) : ''
          }),
        }
      }),
  }
}

/** A stock with its interval where it comes to rest. */
const onward = ({ carryM, lowM, highM }: HitStock, { runM }: OrdinaryRun): Required<Between> => ({
  carryM: carryM + runM,
  lowM: lowM + runM,
  highM: highM + runM,
})
