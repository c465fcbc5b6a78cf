import type { Golfer } from '@/core/model/golfer'
import { isOfShots, type Stock } from '@/core/stock/stock'
import { shotStrip } from '@/draw/shot-strip'
import type { StationShots } from '@/views/bag-analysis'
import { EXCLUSION_NAME, MARK_NAME } from '@/text/names'
import { around, count, fixed, len } from '@/text/numbers'
import { SvgDrawing } from './svg-drawing'
import { measuresOf } from '../form/measure'

type Props = {
  golfer: Golfer
  name: string
  stock: Stock | undefined
  shots: StationShots
  /** Shots of earlier sessions are rings. */
  earlier?: (shotId: string) => boolean
  newest?: string | undefined
}

/** Every shot behind one station's stock, on the strip. */
export function StationStrip({ golfer, name, stock, shots, earlier = () => false, newest }: Props) {
  const { to: at } = measuresOf(golfer).carry
  const drawn = shots.flatMap((shot) =>
    shot.carryM === null
      ? []
      : [
          {
            id: shot.id,
            carry: at(shot.carryM),
            included: included(shot),
            earlier: earlier(shot.id),
            word:
              shot.exclusion && shot.mark === 'solid' ? EXCLUSION_NAME[shot.exclusion] : MARK_NAME[shot.mark],
            newest: shot.id === newest,
          },
        ],
  )
  const measured = isOfShots(stock)
    ? {
        at: at(stock.carryM),
        low: at(stock.lowM),
        high: at(stock.highM),
        text: len(stock.carryM, golfer, 1),
      }
    : undefined
  const carries = drawn
    .map((shot) => `${fixed(shot.carry, 1)}${shot.included ? '' : ` (${shot.word}, left out)`}`)
    .join(', ')
  return (
    <SvgDrawing
      draw={(width) => shotStrip({ shots: drawn, ...(measured && { stock: measured }) }, width)}
      says={`${name}: ${stockTitle(stock, golfer)}. Carries: ${carries || 'none'}.`}
    />
  )
}

const included = ({ mark, exclusion }: StationShots[number]): boolean =>
  mark === 'solid' && exclusion === undefined

/** "129 ± 2 yd, 11 of 14 good". */
export function stockTitle(stock: Stock | undefined, golfer: Golfer): string {
  return isOfShots(stock)
    ? `${len(stock.carryM, golfer)} ${around(stock, golfer)} ${golfer.lengthUnit}, ${stock.count} of ${stock.count + stock.leftOut.length} good`
    : 'no shot counts yet'
}

/** What a strip leaves out, said beside it. */
export function stripNotes(shots: StationShots, earlier: (shotId: string) => boolean): string {
  const read = shots.filter((shot) => shot.carryM !== null)
  const leftOut = read.filter((shot) => !included(shot)).length
  const before = read.filter((shot) => earlier(shot.id)).length
  return [leftOut > 0 && `${count(leftOut, 'shot')} left out`, before > 0 && `${before} from earlier (rings)`]
    .filter(Boolean)
    .join(' · ')
}
