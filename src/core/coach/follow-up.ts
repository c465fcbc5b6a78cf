import { DAY_MS } from '../units'
import type { FollowUp } from './visit'

const WEEK_DAYS = 7

/** When a follow-up is due: since so many days, in so many days, or after so many more rounds. */
export type FollowUpState =
  | { kind: 'due'; sinceDays: number | null }
  | { kind: 'in-days'; days: number }
  | { kind: 'in-rounds'; rounds: number }

/**
 * Whether it is time to ask a golfer how it went. Days are whole ones, begun ones count: 23 days are left until the last of
 * them has passed.
 * @param fromMs when the visit was
 * @param rounds how many the golfer has opened since
 */
export function followUpState(
  { after, in: unit }: Pick<FollowUp, 'after' | 'in'>,
  { fromMs, nowMs, rounds }: { fromMs: number; nowMs: number; rounds: number },
): FollowUpState {
  if (unit === 'rounds')
    return rounds >= after ? { kind: 'due', sinceDays: null } : { kind: 'in-rounds', rounds: after - rounds }
  const dueMs = fromMs + after * WEEK_DAYS * DAY_MS
  return dueMs > nowMs
    ? { kind: 'in-days', days: Math.ceil((dueMs - nowMs) / DAY_MS) }
    : { kind: 'due', sinceDays: Math.floor((nowMs - dueMs) / DAY_MS) }
}
