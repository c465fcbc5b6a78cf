import type { Golfer } from '@/core/model/golfer'
import type { SessionId } from '@/core/model/ids'
import { sessionAir, type SessionsWithoutAir } from '@/core/session/session-air'
import { caveatsOf, EMPTY_SET_UP, type Caveat } from '@/core/session/set-up'
import { STOCK_AGE_MS } from '@/store/bag-input'
import type { Database } from '@/store/database'
import { sessionsOf } from '@/store/sessions'
import { setUpsOf } from '@/store/set-ups'

/** Sessions behind a golfer's stocks whose air nobody said, and about which the golfer was not asked yet; the newest first. */
export function sessionsToAsk(db: Database, golfer: Golfer, nowMs: number): SessionsWithoutAir[] {
  const sinceMs = nowMs - STOCK_AGE_MS
  const setUps = setUpsOf(db, golfer.id, sinceMs)
  return sessionsOf(db, golfer.id, { sinceMs }).flatMap(
    ({ id, shots, place, startedMs, offsetMin, airLeft }) => {
      if (shots === 0 || airLeft) return []
      const air = sessionAir(setUps.get(id) ?? null, place)
      return air.kind === 'unknown' ? [{ id, startedMs, offsetMin, shots, place, missing: air.missing }] : []
    },
  )
}

export type OpenSetUp = { id: SessionId; startedMs: number; offsetMin: number; caveats: Caveat[] }

/** What the set-ups of the sessions behind a golfer's stocks leave open, the newest first. */
export function openSetUps(db: Database, golfer: Golfer, nowMs: number): OpenSetUp[] {
  const sinceMs = nowMs - STOCK_AGE_MS
  const setUps = setUpsOf(db, golfer.id, sinceMs)
  return sessionsOf(db, golfer.id, { sinceMs }).flatMap(({ id, shots, place, startedMs, offsetMin }) => {
    if (shots === 0) return []
    const caveats = caveatsOf(setUps.get(id) ?? EMPTY_SET_UP, place)
    return caveats.length > 0 ? [{ id, startedMs, offsetMin, caveats }] : []
  })
}
