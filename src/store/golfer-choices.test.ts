import { describe, expect, it } from 'vitest'
import { storeWithGolfer, NOW_MS } from '../../tests/store'
import type { Bag } from '../core/bag/bag'
import { planBlocks, type Plan, type PlanOrder } from '../core/session/plan'
import { yards } from '../core/units'
import { bagInput } from './bag-input'
import { changeRules, golferById } from './golfers'
import { handStocks, setByHand } from './hand-stocks'
import { leaveOnPurpose, leftOnPurpose } from './kept-as-is'
import { keepPlan, lastPlannedSession, planOf } from './plans'
import { sessionById } from './sessions'

const zone = (tooClose: number, tooWide: number) => ({
  reversed: 0,
  tooClose: yards(tooClose),
  tooWide: yards(tooWide),
})

describe('the rules that a golfer follows', () => {
  it('are typical until chosen, and each is changed by itself', () => {
    const { db, golfer } = storeWithGolfer()
    expect(golfer).toMatchObject({ stockRule: 'mean-solid', gapRule: null, ownZonesM: null })
    changeRules(db, golfer, { stockRule: 'reliable' })
    changeRules(db, golfer, { gapRule: 'loft' })
    expect(golferById(db, golfer.id)).toMatchObject({ stockRule: 'reliable', gapRule: 'loft' })
  })

  it('reach the calculations, own limits with them, and can be taken back', () => {
    const { db, golfer, bag } = storeWithGolfer()
    const ownZonesM = { top: zone(10, 24), irons: zone(6, 12), wedges: zone(8, 18) }
    changeRules(db, golfer, { gapRule: 'own', ownZonesM })
    const changed = golferById(db, golfer.id)!
    expect(changed.ownZonesM).toEqual(ownZonesM)
    expect(bagInput(db, changed, bag, NOW_MS).rules).toMatchObject({ gapRule: 'own', zonesM: ownZonesM })
    changeRules(db, golfer, { ownZonesM: null })
    expect(golferById(db, golfer.id)?.ownZonesM).toBeNull()
  })

  it('a limit that cannot be is refused by the store too, and nothing is half-saved', () => {
    const { db, golfer } = storeWithGolfer()
    const bad = { top: zone(10, 24), irons: zone(12, 6), wedges: zone(8, 18) }
    expect(() => changeRules(db, golfer, { gapRule: 'own', ownZonesM: bad })).toThrow(/CHECK/)
    expect(golferById(db, golfer.id)).toMatchObject({ gapRule: null, ownZonesM: null })
  })
})

describe('a stock set by hand', () => {
  it('stands with its reason until another is set or it is taken back; what was set before is kept', () => {
    const { db, golfer, clubId } = storeWithGolfer()
    const stock = { clubId: clubId('8-iron'), swing: 'full' }
    setByHand(db, golfer.id, { ...stock, carryM: yards(128), because: 'first' }, NOW_MS)
    setByHand(db, golfer.id, { ...stock, carryM: yards(126), because: 'safe over the burn' }, NOW_MS + 1)
    expect(handStocks(db, golfer.id)).toEqual([
      { ...stock, carryM: yards(126), because: 'safe over the burn' },
    ])
    setByHand(db, golfer.id, { ...stock, carryM: null, because: '' }, NOW_MS + 2)
    expect(handStocks(db, golfer.id)).toEqual([])
    expect(db.prepare('SELECT count(*) AS n FROM hand_stock').get()).toEqual({ n: 3 })
  })

  it('of one swing says nothing of another', () => {
    const { db, golfer, clubId } = storeWithGolfer()
    const club = clubId('54° wedge')
    setByHand(db, golfer.id, { clubId: club, swing: 'half', carryM: yards(60), because: '' }, NOW_MS)
    expect(handStocks(db, golfer.id).map(({ swing }) => swing)).toEqual(['half'])
  })
})

function planFor(bag: Bag, shotsEach: number, order: PlanOrder): Plan {
  const stations = bag.clubs
    .filter(({ kind }) => kind !== 'putter')
    .map(({ id, kind, loftDeg }) => ({ clubId: id, swing: 'full', kind, loftDeg }))
  const blocks = planBlocks(stations, { shotsEach, order })
  return {
    blocks: blocks.map((block, i) => ({ ...block, day: 1 + (i % 2) })),
    untilSettled: true,
    restEvery: 12,
    restS: 90,
  }
}

describe('the plan of a session', () => {
  it('is kept block by block in order, and replaced whole', () => {
    const { db, golfer, bag, sessionId } = storeWithGolfer()
    expect(planOf(db, sessionId)).toEqual([])
    const plan = planFor(bag, 6, 'rounds-of-3')
    keepPlan(db, sessionId, plan)
    expect(planOf(db, sessionId)).toEqual(plan.blocks)
    expect(sessionById(db, sessionId)).toMatchObject({ untilSettled: true, restEvery: 12, restS: 90 })
    const short = { ...plan, blocks: plan.blocks.slice(0, 2), untilSettled: false }
    keepPlan(db, sessionId, short)
    expect(planOf(db, sessionId)).toEqual(short.blocks)
    expect(sessionById(db, sessionId)?.untilSettled).toBe(false)
    expect(lastPlannedSession(db, golfer.id)).toBe(sessionId)
  })

  it('with a block that cannot be leaves the plan as it was', () => {
    const { db, bag, sessionId } = storeWithGolfer()
    const plan = planFor(bag, 3, 'short-to-long')
    keepPlan(db, sessionId, plan)
    const broken = { ...plan, restS: 5, blocks: [{ ...plan.blocks[0]!, shots: 0 }] }
    expect(() => keepPlan(db, sessionId, broken)).toThrow(/CHECK/)
    expect(planOf(db, sessionId)).toEqual(plan.blocks)
    expect(sessionById(db, sessionId)?.restS).toBe(90)
  })
})

describe('what a golfer leaves on purpose', () => {
  it('stands with its reason until it is taken back, and reaches the calculations', () => {
    const { db, golfer, bag, clubId } = storeWithGolfer()
    const gap = { kind: 'step' as const, longerId: clubId('8-iron'), shorterId: clubId('9-iron') }
    leaveOnPurpose(db, golfer.id, gap, 'for the wind', NOW_MS)
    leaveOnPurpose(db, golfer.id, { kind: 'hole', atM: 99.96 }, 'I chip those', NOW_MS)
    expect(leftOnPurpose(db, golfer.id).map(({ because }) => because)).toEqual([
      'for the wind',
      'I chip those',
    ])
    const { rules } = bagInput(db, golfer, bag, NOW_MS)
    expect(rules?.leftOnPurpose).toEqual({
      gaps: [{ longerId: gap.longerId, shorterId: gap.shorterId, because: 'for the wind' }],
      uncovered: [{ atM: 100, because: 'I chip those' }],
    })
    leaveOnPurpose(db, golfer.id, gap, null, NOW_MS)
    expect(leftOnPurpose(db, golfer.id)).toHaveLength(1)
  })

  it('a pair is one, whichever way round it is named', () => {
    const { db, golfer, clubId } = storeWithGolfer()
    const [a, b] = [
      { clubId: clubId('P-wedge'), swing: 'half' },
      { clubId: clubId('58° wedge'), swing: 'full' },
    ]
    leaveOnPurpose(db, golfer.id, { kind: 'pair', stations: [a, b] }, 'two ways', NOW_MS)
    leaveOnPurpose(db, golfer.id, { kind: 'pair', stations: [b, a] }, null, NOW_MS)
    expect(leftOnPurpose(db, golfer.id)).toEqual([])
  })
})
