import { lengthIn } from '@/core/units'
import { strip } from '@/drawings/strip'
import { DrawingChart } from '../drawing/drawing-chart'
import { MARK_NAME, stationName } from '../words/names'
import { count, fixed, len, plusMinus } from '../words/numbers'
import type { BayView } from './bay-view'

/** One station on the strip: every shot behind its stock, those of earlier sessions as rings. */
export function BayStrip({ view, newest }: { view: BayView; newest: string | undefined }) {
  const { golfer, session, bag, stocks, history } = view
  const open = session.open
  if (!open) return null
  const club = bag.clubs.find((each) => each.id === open.clubId)
  const stock = stocks.find((each) => each.clubId === open.clubId && each.swing === open.swing)
  const here = new Set(view.shots.map((shot) => shot.id))
  const shots = history.flatMap((shot) =>
    shot.clubId === open.clubId && shot.swing === open.swing && shot.carryM !== null
      ? [
          {
            id: shot.id,
            carry: lengthIn(shot.carryM, golfer.lengthUnit),
            counts: shot.mark === 'solid',
            earlier: !here.has(shot.id),
            word: MARK_NAME[shot.mark],
            newest: shot.id === newest,
          },
        ]
      : [],
  )
  const at = (metres: number) => lengthIn(metres, golfer.lengthUnit)
  const measured =
    stock?.carryM !== undefined && stock.lowM !== undefined && stock.highM !== undefined
      ? {
          at: at(stock.carryM),
          low: at(stock.lowM),
          high: at(stock.highM),
          text: len(stock.carryM, golfer, 1),
        }
      : undefined
  const title =
    stock?.carryM !== undefined && stock.lowM !== undefined && stock.highM !== undefined
      ? `${len(stock.carryM, golfer)} ± ${plusMinus(stock.lowM, stock.highM, golfer)} ${golfer.lengthUnit}, from ${stock.count} solid of ${shots.length}`
      : 'no shot counts yet'
  const leftOut = shots.filter((shot) => !shot.counts)
  const earlier = shots.filter((shot) => shot.earlier).length
  const says = `${stationName(club, open.swing)}: ${title}. Carries: ${shots.map((shot) => `${fixed(shot.carry, 1)}${shot.counts ? '' : ` (${shot.word}, left out)`}`).join(', ') || 'none'}.`
  return (
    <section className="sheet" aria-label="This station">
      <div className="strip-title">
        <h2 data-testid="running-stock">
          {stationName(club, open.swing)}: {title}
        </h2>
        <span className="quiet">
          {[
            leftOut.length > 0 && `${count(leftOut.length, 'shot')} left out`,
            earlier > 0 && `${earlier} from earlier (rings)`,
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
      </div>
      <DrawingChart
        draw={(width) => strip({ shots, ...(measured && { stock: measured }) }, width)}
        says={says}
      />
    </section>
  )
}
