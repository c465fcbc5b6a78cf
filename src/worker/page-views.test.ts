import { deserialize, serialize } from 'node:v8'
import { beforeAll, expect, it } from 'vitest'
import { DEMO_SEED, fillNetLoft } from '../../demo/net-loft'
import type { GolferId } from '@/core/model/ids'
import { openDatabase, type Database } from '@/store/database'
import { golferById } from '@/store/golfers'
import { sessionsOf } from '@/store/sessions'
import { visitsOf } from '@/store/visits'
import { PAGE_VIEWS, pageView, type ViewName } from './page-views'

const NOW_MS = Date.UTC(2026, 3, 11, 9, 30)
let db: Database
beforeAll(() => {
  db = openDatabase(':memory:')
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: NOW_MS })
})

it.each(Object.keys(PAGE_VIEWS) as ViewName[])(
  '%s is the same after it was sent between processes',
  async (view) => {
    const golfer = golferById(db, 'demo-tilda' as GolferId)!
    const [session] = sessionsOf(db, golfer.id)
    const [visit] = visitsOf(db, golfer.id)
    const requests: Partial<Record<ViewName, unknown[]>> = {
      bagAsItWas: [golfer, NOW_MS],
      ballsView: [golfer, NOW_MS, {}],
      bayJson: [session!.id, NOW_MS],
      cardView: [golfer, NOW_MS, 'day'],
      compareView: [golfer, {}, NOW_MS],
      deskView: [NOW_MS, 0],
      historyView: [golfer],
      knownLabels: [golfer.id],
      logView: [golfer, 0],
      monitorsView: [golfer, {}],
      paperFile: [golfer, 'report', { madeMs: NOW_MS, visitId: null }],
      sessionView: [golfer, session, NOW_MS],
      visitView: [golfer, visit, NOW_MS],
    }
    const shown = await pageView(db, { view, args: requests[view] ?? [golfer, NOW_MS] })
    expect(shown).toBeTruthy()
    expect(deserialize(serialize(shown))).toEqual(shown)
  },
)
