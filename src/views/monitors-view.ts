import { allClubs, type Bag, type OwnedClub } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { SessionId } from '@/core/model/ids'
import type { Correction } from '@/core/monitors/correction'
import { pairReadings, type Pairing } from '@/core/monitors/pair-readings'
import { bagOf } from '@/store/bags'
import type { Database } from '@/store/database'
import {
  areOneDay,
  correctionsOf,
  monitorsInSessions,
  movedPairs,
  readingsOf,
  type MonitorInSession,
} from '@/store/monitors'
import { sessionById } from '@/store/sessions'
import { shotsOfSession, type StoredShot } from '@/store/shots'
import type { Session } from '@/core/model/session'

/** Two monitors that read the same shots, in some sessions. */
export type Comparison = {
  first: string
  second: string
  sessions: SessionId[]
  newestMs: number
  offsetMin: number
}
export type MonitorsView = {
  golfer: Golfer
  /** Every club of the golfer, in the bag or out of it. */
  clubs: OwnedClub[]
  /** Newest first. */
  comparisons: Comparison[]
  chosen: (Comparison & { pairing: Pairing }) | null
  corrections: Correction[]
}

/** The monitors that a golfer's shots name, and how far two of them agree. */
export function monitorsView(
  db: Database,
  golfer: Golfer,
  query: { first?: string | undefined; second?: string | undefined },
): MonitorsView {
  const bag = bagOf(db, golfer.id)
  const comparisons = comparisonsOf(monitorsInSessions(db, golfer.id))
  const isRequested = ({ first, second }: Comparison) => first === query.first && second === query.second
  const chosen =
    [...comparisons, ...comparisons.map(turned)].find(isRequested) ??
    (query.first === undefined ? comparisons[0] : undefined)
  return {
    golfer,
    clubs: bag ? allClubs(bag) : [],
    comparisons,
    chosen: chosen
      ? {
          ...chosen,
          pairing: pairReadings(
            readingsOf(db, chosen.sessions, chosen.first),
            readingsOf(db, chosen.sessions, chosen.second),
            movedPairs(db, golfer.id),
          ),
        }
      : null,
    corrections: correctionsOf(db, golfer.id),
  }
}

const turned = ({ first, second, ...rest }: Comparison): Comparison => ({
  first: second,
  second: first,
  ...rest,
})

/** Each monitor that watched, with each that took shots in the same session; of a file of its own, with those of that day. */
function comparisonsOf(inSessions: readonly MonitorInSession[]): Comparison[] {
  const found = new Map<string, Comparison>()
  for (const watching of inSessions) {
    if (!watching.watches) continue
    const counting = inSessions.filter(
      (each) => !each.watches && each.monitor !== watching.monitor && areOneDay(each, watching),
    )
    const here = counting.filter(({ sessionId }) => sessionId === watching.sessionId)
    for (const { monitor, sessionId } of here.length > 0 ? here : counting) {
      const key = JSON.stringify([monitor, watching.monitor])
      const { sessions = [], ...known } = found.get(key) ?? {}
      found.set(key, {
        first: monitor,
        second: watching.monitor,
        newestMs: watching.startedMs,
        offsetMin: watching.offsetMin,
        ...known,
        sessions: [...new Set([...sessions, sessionId, watching.sessionId])],
      })
    }
  }
  return [...found.values()].sort((a, b) => b.newestMs - a.newestMs)
}

/** A session whose shots another monitor's screen is read off for. */
export type ReadOffView = {
  golfer: Golfer
  bag: Bag
  session: Session
  /** In the order hit; those that are held are none yet. */
  shots: Pick<StoredShot, 'id' | 'clubId' | 'swing' | 'carryM'>[]
}

/** Null where the session is not the golfer's, or before the first bag. */
export function readOffView(db: Database, golfer: Golfer, sessionId: string): ReadOffView | null {
  const session = sessionById(db, sessionId as SessionId)
  const bag = bagOf(db, golfer.id)
  if (!bag || session?.golferId !== golfer.id) return null
  return {
    golfer,
    bag,
    session,
    shots: shotsOfSession(db, session.id)
      .filter(({ heldBecause }) => heldBecause === null)
      .map(({ id, clubId, swing, carryM }) => ({ id, clubId, swing, carryM })),
  }
}
