import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { SessionId } from '@/core/model/ids'
import { whatToPractise, type PracticeItem } from '@/core/practice/practice'
import { expectationsFound, habitOf, type Habit } from '@/core/stock/expectation'
import { type Expectation } from '@/core/session/session-event'
import type { SessionSummary } from '@/core/model/session'
import { sameStation } from '@/core/model/station'
import type { Stock } from '@/core/stock/stock'
import type { Database } from '@/store/database'
import { expectationsOf } from '@/store/session-events'
import { sessionsOf } from '@/store/sessions'
import { bagAnalysis, judgedTogether } from './bag-analysis'

/** What was to be practised before the last session, and whether it still is. */
type LastTime = { item: PracticeItem; still: PracticeItem | null }

/** What a golfer expected too much or too little in a session, on average. */
type SessionHabit = { sessionId: SessionId; startedMs: number; offsetMin: number; habit: Habit }

export type PracticeView = {
  golfer: Golfer
  bag: Bag
  items: PracticeItem[]
  lastTime: LastTime[]
  /** The habit of guessing in all sessions, and in each of those with three guesses or more, the newest first. */
  habit: Habit | null
  habits: SessionHabit[]
}

/** Sessions that are looked at for a strike. */
const LAST = 3
const MOST_SESSIONS = 24

/** What to practise, what became of last time's, and how the golfer's guesses change; null before the first bag. */
export function practiceView(db: Database, golfer: Golfer, nowMs: number): PracticeView | null {
  const analysed = bagAnalysis(db, golfer, nowMs)
  if (!analysed) return null
  const { bag, analysis } = analysed
  const sessions = sessionsOf(db, golfer.id, { most: MOST_SESSIONS }).filter(
    ({ shots, place }) => shots > 0 && place !== 'course',
  )
  const known = new Map<SessionId, Stock[]>()
  const stocksOf = ({ id }: SessionSummary): Stock[] => {
    const found =
      known.get(id) ?? judgedTogether(db, golfer, bag, nowMs, null, { sinceMs: 0, sessions: [id] }).stocks
    known.set(id, found)
    return found
  }
  const items = whatToPractise(analysis.stocks, sessions.slice(0, LAST).map(stocksOf))
  const [newest, ...earlier] = sessions
  const then =
    newest && earlier.length > 0 ? bagAnalysis(db, golfer, newest.startedMs, null, { asItWas: true }) : null
  const before = then ? whatToPractise(then.analysis.stocks, earlier.slice(0, LAST).map(stocksOf)) : []
  const withExpectations = sessions.map((session) => ({
    session,
    expectations: expectationsOf(db, session.id),
  }))
  return {
    golfer,
    bag,
    items,
    lastTime: before.map((item) => ({
      item,
      still: items.find((each) => sameStation(each, item)) ?? null,
    })),
    habit: habitOf(
      expectationsFound(
        withExpectations.flatMap(({ expectations }) => expectations),
        analysis.stocks,
      ),
    ),
    habits: withExpectations.flatMap(({ session, expectations }) =>
      habitIn(session, expectations, analysis.stocks),
    ),
  }
}

function habitIn(
  { id, startedMs, offsetMin }: SessionSummary,
  expectations: readonly Expectation[],
  stocks: readonly Stock[],
): SessionHabit[] {
  const habit = habitOf(expectationsFound(expectations, stocks))
  return habit ? [{ sessionId: id, startedMs, offsetMin, habit }] : []
}
