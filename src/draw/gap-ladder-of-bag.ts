import { ordinaryRun, runOfTotals } from '@/core/stock/station-run'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { Gap } from '@/core/gaps/gap'
import { isHit, type Stock } from '@/core/stock/stock'
import { lengthIn } from '@/core/units'
import { around, carryText, count, fixed, len } from '@/text/numbers'
import { drawnGap, needWords, shortVerdict, confidence, verdictLook, verdictWords } from '@/text/verdicts'
import type { LadderClub, GapLadderData, LadderGap } from './gap-ladder'
import { atStation, fullSwingOf } from '@/core/model/station'

/**
 * The gap ladder of a golfer's bag, in the golfer's unit.
 * @param chosen place of the gap that is looked at; −1 for none
 */
export function gapLadderOfBag(
  golfer: Golfer,
  clubs: Bag['clubs'],
  { stocks, gaps, overUnhit, uncovered, maybeUncovered }: BagAnalysis,
  chosen: number,
): GapLadderData {
  const at = (metres: number) => lengthIn(metres, golfer.lengthUnit)
  const ends = ([from, to]: [number, number]): [number, number] => [at(from), at(to)]
  const indexOf = (id: string) => clubs.findIndex((club) => club.id === id)
  return {
    uncovered: uncovered.map(ends),
    maybeUncovered: maybeUncovered.map(ends),
    over: overUnhit.map((over) => ({
      from: indexOf(over.longerId),
      to: indexOf(over.shorterId),
      number: fixed(drawnGap(over, stocks, golfer) ?? 0, 0),
      word: `over ${count(over.unhit.length, 'club')} not hit`,
    })),
    gaps: gaps.map((gap, i) => ladderGap(gap, stocks, golfer, i === chosen)),
    clubs: clubs.map((club): LadderClub => {
      const stock = atStation(stocks, fullSwingOf(club.id))
      const loft = club.loftDeg === null ? '' : `${club.loftDeg}°`
      if (!isHit(stock)) return { name: club.name, loft }
      const onTotal = club.build.job === 'tee' ? ordinaryRun(stock) : null
      const ran = onTotal ?? runOfTotals(stock)
      return {
        name: club.name,
        loft,
        stock: {
          at: at(stock.carryM),
          low: at(stock.lowM),
          high: at(stock.highM),
          reach: [at(stock.reachM[0]), at(stock.reachM[1])],
          ...(ran && { total: at(ran.totalM) }),
          text: onTotal ? `${len(onTotal.totalM, golfer)} total` : carryText(stock, golfer),
          note: `${onTotal ? `carry ${len(stock.carryM, golfer)} ` : ''}${around(stock, golfer).replace('± ', '±')} · ${stock.isExpected ? 'expected' : stock.count}`,
        },
      }
    }),
  }
}

function ladderGap(gap: Gap, stocks: readonly Stock[], golfer: Golfer, chosen: boolean): LadderGap {
  const drawn = drawnGap(gap, stocks, golfer)
  const sure = confidence(gap)
  return drawn === null
    ? null
    : {
        verdict: verdictLook(gap),
        confidence: sure === 'line' ? 'open' : sure,
        number: fixed(drawn, 0),
        word: verdictWords(gap, golfer),
        shortWord: shortVerdict(gap, golfer),
        need: needWords(gap),
        chosen,
        ...(gap.onTotal && {
          runs: [
            lengthIn(gap.onTotal.longerM, golfer.lengthUnit),
            lengthIn(gap.onTotal.shorterM, golfer.lengthUnit),
          ] as [number, number],
        }),
      }
}
