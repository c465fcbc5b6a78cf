import { randomUUID } from 'node:crypto'
import type { SessionId } from '@/core/model/ids'
import type { TypedPost } from '@/core/shots/typed-post'
import type { Database } from './database'
import { allOrRefused } from './all-or-refused'
import { cameRangeNotClear, sayClear } from './range-clear'
import { addEvents, shotsOfSession, takeShots } from './shots'

/** `early`: the shot that was typed before has not come yet. */
type TypedTaken = 'taken' | 'other-contents' | 'early'

/**
 * Takes shots that were typed together, with their marks, what they correct and the word that the range was clear, all or nothing. Their ids
 * make a repeat harmless, and none comes before the one that was typed before it.
 * @param clearMs when the range was last said to be clear: the word may have been given while nobody answered
 */
export function takeTyped(
  db: Database,
  sessionId: SessionId,
  { shots, clearMs }: { shots: readonly TypedPost[]; clearMs?: number | undefined },
  nowMs: number,
): TypedTaken {
  return allOrRefused(db, (refuse: (refusal: TypedTaken) => never): TypedTaken => {
    const isHere = db.prepare('SELECT 1 FROM shot WHERE id = ?').pluck()
    const batch = randomUUID()
    const fresh = shots.filter(({ id }) => isHere.get(id) === undefined)
    const typed = new Set<string>()
    for (const { id, after } of shots) {
      if (after !== undefined && !typed.has(after) && isHere.get(after) === undefined) refuse('early')
      typed.add(id)
    }
    if (clearMs !== undefined) sayClear(db, sessionId, clearMs, nowMs)
    const taken = takeShots(
      db,
      shots.map(({ heldBecause, mark: _mark, after: _before, replaces: _corrected, ...shot }) => ({
        ...shot,
        sessionId,
        source: 'typed',
        clubLabel: null,
        heldBecause: heldBecause ?? null,
        rangeNotClear: cameRangeNotClear(db, sessionId, shot.hitMs, nowMs),
      })),
      batch,
    )
    if (!taken) refuse('other-contents')
    withdrawCorrected(db, sessionId, fresh, nowMs, batch)
    markAsTyped(db, sessionId, shots, nowMs)
    return 'taken'
  })
}

/** What is corrected leaves with the act that corrects it: one undo takes both back. */
function withdrawCorrected(
  db: Database,
  sessionId: SessionId,
  fresh: readonly TypedPost[],
  nowMs: number,
  batch: string,
): void {
  const corrected = new Set(fresh.flatMap(({ replaces }) => replaces ?? []))
  if (corrected.size === 0) return
  const gone = shotsOfSession(db, sessionId).filter(({ id }) => corrected.has(id))
  addEvents(
    db,
    gone.map(({ seq }) => ({ shotSeq: seq, event: { kind: 'withdrawn' } })),
    nowMs,
    batch,
  )
}

/** A shot that is sent again brings a mark that it has already. */
function markAsTyped(db: Database, sessionId: SessionId, shots: readonly TypedPost[], nowMs: number): void {
  if (shots.every(({ mark }) => !mark)) return
  const there = new Map(shotsOfSession(db, sessionId).map((shot) => [shot.id, shot]))
  const marks = shots.flatMap(({ id, mark }) => {
    const shot = there.get(id)
    return mark && shot && shot.mark !== mark
      ? [{ shotSeq: shot.seq, event: { kind: 'mark' as const, mark } }]
      : []
  })
  if (marks.length > 0) addEvents(db, marks, nowMs)
}
