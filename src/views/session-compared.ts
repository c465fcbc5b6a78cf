import type { Bag } from '@/core/bag/bag'
import { compare, type Comparison } from '@/core/compare/compare'
import { trialOf } from '@/core/compare/trial'
import type { Golfer } from '@/core/model/golfer'
import type { SessionId } from '@/core/model/ids'
import type { PlannedBlock } from '@/core/session/plan'
import type { Session } from '@/core/model/session'
import { atStation, type Station } from '@/core/model/station'
import { oldStations } from '@/core/stock/age'
import { isOfShots, type HitStock } from '@/core/stock/stock'
import type { Database } from '@/store/database'
import { bagAnalysis, judgedTogether } from './bag-analysis'
import { sideOf, withSessions, type SideData } from './compare-sides'

/** A trial that a session was planned as, with what its shots say of the second less the first; absent until both were hit. */
export type TrialSeen = {
  a: Station
  b: Station
  stocks: [HitStock, HitStock] | null
  found: Comparison | null
}

/** What a trial settles, by the shots of its own session alone: one day for both. Null for any other plan. */
export function trialSeen(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  { sessionId, plan }: { sessionId: SessionId; plan: readonly PlannedBlock[] },
  nowMs: number,
): TrialSeen | null {
  const trial = trialOf(plan)
  if (!trial) return null
  const judged = judgedTogether(db, golfer, bag, nowMs, null, { sinceMs: 0, sessions: [sessionId] })
  const data = { ...judged, sessions: new Map(judged.shots.map(({ id }) => [id, sessionId])), joint: false }
  const [a, b] = [trial.a, trial.b].map((station) => atStation(judged.stocks, station))
  if (!isOfShots(a) || !isOfShots(b)) return { ...trial, stocks: null, found: null }
  const found = compare(sideOf(a, data), sideOf(b, data), golfer.lengthUnit, { trial: true })
  return { ...trial, stocks: [a, b], found }
}

/** A stock that had grown old, beside what a session says of it. */
export type CheckSeen = { station: Station; days: number; old: HitStock; now: HitStock; found: Comparison }

/** What a session says of the stocks that were old when it began. */
export function checksSeen(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  { id, startedMs, offsetMin }: Pick<Session, 'id' | 'startedMs' | 'offsetMin'>,
  nowMs: number,
): CheckSeen[] {
  const then = bagAnalysis(db, golfer, startedMs, null, { asItWas: true })
  const old = then
    ? oldStations(then.analysis.stocks, then.shots, {
        limitDays: golfer.ageLimitDays,
        nowMs: startedMs,
        offsetMin,
      })
    : []
  if (!then || old.length === 0) return []
  const judged = judgedTogether(db, golfer, bag, nowMs, null, { sinceMs: 0, sessions: [id] })
  const before: SideData = { ...withSessions(db, then.shots), stocks: then.analysis.stocks }
  const after: SideData = { ...withSessions(db, judged.shots), stocks: judged.stocks }
  return old.flatMap(({ days, ...station }): CheckSeen[] => {
    const [a, b] = [before, after].map(({ stocks }) => atStation(stocks, station))
    return isOfShots(a) && isOfShots(b)
      ? [
          {
            station,
            days,
            old: a,
            now: b,
            found: compare(sideOf(a, before), sideOf(b, after), golfer.lengthUnit),
          },
        ]
      : []
  })
}
