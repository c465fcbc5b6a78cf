import { planProgress, planSeconds } from '@/core/session/plan'
import { clubNames, stationName } from '../words/names'
import { count, minutes } from '../words/numbers'
import type { BayView } from './bay-view'

/** How far the plan is hit: the block in hand, what comes then, and the time that is left. */
export function BayPlan({ view }: { view: BayView }) {
  const { plan, bag } = view
  if (plan.length === 0) return null
  const { at, hit, left } = progressOf(view)
  const block = plan[at]
  if (!block) return <p className="plan-line">The plan is hit: all {count(total(plan), 'shot')}.</p>
  const nameOf = clubNames(bag)
  const name = (clubId: string, swing: string) => stationName({ name: nameOf(clubId) }, swing)
  const then = left[1]
  return (
    <p className="plan-line" data-testid="plan">
      <b>
        {hit} of {block.shots} with the {name(block.clubId, block.swing)}
      </b>
      {then && `, then the ${name(then.clubId, then.swing)}`}
      <span className="quiet">
        {' '}
        · {total(plan) - total(left)} of {count(total(plan), 'shot')} hit, about {minutes(planSeconds(left))}{' '}
        left
      </span>
    </p>
  )
}

/** How far the plan is hit; shots that were marked as bad are hit all the same. */
export const progressOf = ({ plan, shots }: BayView) =>
  planProgress(
    plan,
    shots.flatMap(({ clubId, swing, heldBecause }) =>
      clubId === null || heldBecause !== null ? [] : [{ clubId, swing }],
    ),
  )

const total = (blocks: readonly { shots: number }[]): number =>
  blocks.reduce((sum, block) => sum + block.shots, 0)
