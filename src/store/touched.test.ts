import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { ShotId } from '@/core/model/ids'
import { dice } from '../../simulators/golfers/dice'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { redoLast, undoLast } from './journal'
import { historyOf, sessionsOf } from './sessions'
import { addEvents, takeShot, type ShotEvent } from './shots'

/** The view as it was before: every column from all events of every shot. */
const WHOLE = /CREATE VIEW (shot_now AS\nSELECT[\s\S]*FROM shot s;)/
  .exec(readFileSync('src/store/migrations/0009-lists-leave.sql', 'utf8'))?.[1]
  ?.replace('shot_now', 'shot_whole')

const CHANGES: ShotEvent['kind'][] = ['withdrawn', 'released', 'mark', 'station', 'taken']

describe('what the view reads of shots to which nothing happened', () => {
  it.each([1, 2, 3, 4])('is what all events of all shots say, whatever was done and undone (%i)', (seed) => {
    const { db, sessionId, clubId, golfer } = storeWithGolfer()
    db.exec(`CREATE VIEW ${WHOLE}`)
    const roll = dice(seed)
    const [eight, seven] = [clubId('8-iron'), clubId('7-iron')]
    const eventOf = (kind: ShotEvent['kind']): ShotEvent =>
      kind === 'mark'
        ? { kind, mark: roll.chance(0.5) ? 'fat' : null }
        : kind === 'station'
          ? { kind, clubId: roll.chance(0.5) ? seven : eight, swing: 'half' }
          : { kind }
    const columns = db.pragma('table_info(shot_whole)') as { name: string }[]
    const wanted = columns.map(({ name }) => name).join(', ')
    const all = (view: string) => db.prepare(`SELECT ${wanted} FROM ${view} ORDER BY seq`).all()
    for (let action = 0; action < 120; action++) {
      const nowMs = NOW_MS + action * 1000
      const shots = db.prepare('SELECT max(seq) FROM shot').pluck().get() as number | null
      const what = roll.between(0, 1)
      if (shots === null || what < 0.5)
        takeShot(db, {
          id: `shot-${action}` as ShotId,
          sessionId,
          source: roll.chance(0.5) ? 'typed' : 'monitor',
          hitMs: nowMs,
          clubLabel: null,
          clubId: eight,
          swing: 'full',
          carryM: 120,
          heldBecause: roll.chance(0.1) ? 'other-station' : null,
        })
      else if (what < 0.75)
        addEvents(
          db,
          [
            {
              shotSeq: 1 + Math.floor(roll.between(0, shots)),
              event: eventOf(CHANGES[Math.floor(roll.between(0, CHANGES.length))] ?? 'mark'),
            },
          ],
          nowMs,
        )
      else if (what < 0.9) undoLast(db, sessionId, nowMs)
      else redoLast(db, sessionId)
    }
    expect(all('shot_now')).toEqual(all('shot_whole'))
    const touched = db.prepare('SELECT count(*) FROM touched').pluck().get() as number
    const shots = db.prepare('SELECT count(*) FROM shot').pluck().get() as number
    expect(touched).toBeGreaterThan(0)
    expect(touched).toBeLessThan(shots)
    const [session] = sessionsOf(db, golfer.id)
    expect(historyOf(db, golfer.id)).toEqual({ sessions: 1, shots: session?.shots })
  })
})
