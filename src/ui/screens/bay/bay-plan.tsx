import Button from 'react-bootstrap/Button'
import type { ClubId } from '@/core/model/ids'
import { hitForPlan, planProgress, planSeconds } from '@/core/session/plan'
import { type Station, stationKey } from '@/core/model/station'
import { clubNames, stationName } from '@/text/names'
import { count, minutes } from '@/text/numbers'
import { CommandButton } from './command-key'
import type { BayView } from '@/views/bay-view'

/** How far the plan is hit: the block in hand, what comes then, the time that is left, and a rest where one is due. */
type Props = {
  view: BayView
  open: Station
  onOpen: (clubId: ClubId, swing: string) => void
  onRest: (() => void) | null
}

export function BayPlan({ view, open, onOpen, onRest }: Props) {
  const { bag, session } = view
  const plan = planOfToday(view)
  if (plan.length === 0 || session.injuryStopMs !== null) return null
  const { hit, left, block } = progressOf(view)
  const later = total(view.plan) - total(plan)
  if (!block) {
    return (
      <p className="plan-line" data-testid="plan">
        <b>
          {session.untilSettled
            ? 'The plan is done.'
            : `The plan is done: all ${count(total(plan), 'shot')}.`}
        </b>
        {later > 0 && ` ${count(later, 'shot is', 'shots are')} planned for another day.`}
      </p>
    )
  }
  const nameOf = clubNames(bag)
  const name = (clubId: string, swing: string) => stationName(nameOf(clubId), swing)
  const then = left[1]
  const elsewhere = !view.now.warmUp && stationKey(open) !== stationKey(block)
  return (
    <p className={`plan-line ${elsewhere ? 'elsewhere' : ''}`} data-testid="plan">
      {elsewhere && (
        <span className="loud">
          <span>
            Plan: <b>{name(block.clubId, block.swing)}</b>. Open: <b>{name(open.clubId, open.swing)}</b>.
          </span>
          <Button size="sm" onClick={() => onOpen(block.clubId, block.swing)}>
            Open the plan’s
          </Button>
        </span>
      )}
      <b>
        {hit} of {block.shots} with the {name(block.clubId, block.swing)}
      </b>
      {then && <span>then the {name(then.clubId, then.swing)}</span>}
      <span className="quiet">
        · {total(plan) - total(left)} of {count(total(plan), 'shot')} hit, about {minutes(planSeconds(left))}{' '}
        left
      </span>
      {onRest && (
        <CommandButton id="rest" size="sm" variant="outline" onClick={onRest}>
          A rest is due: {session.restS} s
        </CommandButton>
      )}
    </p>
  )
}

/** What of the plan is for this session; the rest waits for another day. */
const planOfToday = ({ plan }: BayView) => plan.filter(({ day }) => day === 1)

/** How far today's plan is hit; shots that were marked as bad are hit all the same, those of the warm-up are not. */
export const progressOf = (view: BayView) => {
  const plan = planOfToday(view)
  const done = new Set(
    view.session.untilSettled ? view.analysis.stocks.filter((stock) => stock.done).map(stationKey) : [],
  )
  const hit = hitForPlan(view.shots.map((shot) => ({ ...shot, warmUp: shot.conditions.warmUp })))
  const progress = planProgress(plan, hit, (station) => done.has(stationKey(station)))
  /** The block in hand, none where the plan is hit or there is none; and how many shots count for a plan. */
  return { ...progress, block: plan[progress.at], counted: hit.length }
}

const total = (blocks: readonly { shots: number }[]): number =>
  blocks.reduce((sum, block) => sum + block.shots, 0)
