import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Bag } from '@/core/bag/bag'
import { BAD_VERDICTS, isMeasured, VERDICTS, type Gap, type Verdict } from '@/core/gaps/gap'
import type { Golfer } from '@/core/model/golfer'
import { atStation, fullSwingOf } from '@/core/model/station'
import { clubNames } from './names'
import { count, fixed, len, UNIT_NAME } from './numbers'
import { drawnGap, confidence, verdictWords } from './verdicts'
import { isOfShots } from '@/core/stock/stock'

/** A wrong gap that only leans is named before a right one that is settled. */
const SURE: Record<ReturnType<typeof confidence>, number> = { settled: 20, line: 20, leaning: 10, open: 0 }

/** What is wrong comes first: 5 for the most urgent verdict; 0 for a good gap, and for one that is not judged. */
const urgency = (verdict: Verdict): number => Math.max(0, 5 - VERDICTS.indexOf(verdict))

/** The page's one sentence, and the gap that it is about. */
export function finding(
  bag: Bag,
  { gaps, stocks }: BagAnalysis,
  golfer: Golfer,
): { sentence: string; gap: number } {
  const name = clubNames(bag)
  const asks = (gap: Gap) => {
    // What the golfer wants as it is asks nothing.
    if (gap.leftOnPurpose !== undefined) return -1
    const isBad = BAD_VERDICTS.some((verdict) => verdict === gap.verdict)
    return (isBad ? 100 : 0) + SURE[confidence(gap)] + urgency(gap.verdict)
  }
  const ranked = gaps
    .map((gap, i) => ({ gap, i }))
    .filter(({ gap }) => isMeasured(gap))
    .sort((a, b) => asks(b.gap) - asks(a.gap) || Math.abs(b.gap.gapM ?? 0) - Math.abs(a.gap.gapM ?? 0))
  const sure = ranked.filter(({ gap }) => confidence(gap) !== 'open')
  const first = sure[0] ?? ranked[0]
  if (!first) {
    const hit = new Set(stocks.filter(isOfShots).map(({ clubId }) => clubId)).size
    return { sentence: `${count(hit, 'club')} hit so far. Hit the next one for a first gap`, gap: 0 }
  }
  const { gap, i } = first
  const pair = `${name(gap.longerId)} to ${name(gap.shorterId)}`
  const drawn = drawnGap(gap, stocks, golfer) ?? 0
  const unit = UNIT_NAME[golfer.lengthUnit]
  const long = `${fixed(drawn, 0)} ${Math.abs(drawn) === 1 ? unit.slice(0, -1) : unit}`
  if (confidence(gap) === 'open')
    return { sentence: `No gap is confirmed yet. ${pair} measures ${long}`, gap: i }
  if (gap.verdict === 'same-distance') {
    const carries = [gap.longerId, gap.shorterId].map((id) => {
      const stock = atStation(stocks, fullSwingOf(id))
      return len(stock?.carryM ?? 0, golfer)
    })
    const both = carries[0] === carries[1] ? `both ${carries[0]}` : carries.join(' and ')
    const pairs = `${name(gap.longerId)} and ${name(gap.shorterId)}`
    return { sentence: `${pairs} carry the same distance: ${both} ${unit}`, gap: i }
  }
  return { sentence: `${pair} is ${long}: ${verdictWords(gap, golfer)}`, gap: i }
}
