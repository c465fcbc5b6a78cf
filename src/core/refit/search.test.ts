import { describe, expect, it } from 'vitest'
import { clubAt, EXAMPLE, paperBagOf, randomBag, WIDE, type OnPaper } from '../../../tests/paper-bags'
import { dice } from '../../../simulators/golfers/dice'
import type { Fix } from './fixes'
import { evenSteps, withFixes } from './paper-bag'
import { loftLimits } from './refit-club'
import { bestBends, bestDrops, bestPurchases } from './search'

describe('how far a club can be bent', () => {
  const of = (said: Partial<OnPaper>) =>
    loftLimits(paperBagOf([{ yd: 100, loft: 54, ...said }]).clubs[0]!.club)

  it('is two degrees forged, one cast, one where nobody knows, none hollow or titanium (common practice)', () => {
    expect(of({ head: 'forged' })).toEqual({ kind: 'bend', stronger: -2, weaker: 2 })
    expect(of({ head: 'cast' })).toMatchObject({ stronger: -1, weaker: 1 })
    expect(of({ head: 'hollow' }).kind).toBe('none')
    expect(of({ head: 'titanium' }).kind).toBe('none')
  })

  it('leaves a wedge at 6° of bounce or more', () => {
    expect(of({ bounceDeg: 7 })).toMatchObject({ stronger: -1, weaker: 2 })
    expect(of({ bounceDeg: 4 })).toMatchObject({ stronger: -0, weaker: 2 })
  })

  it('of a wood is what its sleeve turns, and nothing without one', () => {
    expect(of({ loft: 15, sleeveDeg: 1.5 })).toEqual({ kind: 'sleeve', stronger: -1.5, weaker: 1.5 })
    expect(of({ loft: 15 }).kind).toBe('none')
  })
})

describe('the search', () => {
  it('agrees with trying every combination of bends, over 200 bags made from seed 11', () => {
    const roll = dice(11)
    for (let i = 0; i < 200; i++) {
      const bag = randomBag(roll)
      const at = Math.floor(roll.between(0, bag.clubs.length - 1))
      const trouble = { longerId: bag.clubs[at]!.club.id, shorterId: bag.clubs[at + 1]!.club.id }
      const near = bag.clubs.slice(Math.max(0, at - 1), at + 3)
      let best = -Infinity
      const tryAll = (from: number, fixes: Fix[], price: number): void => {
        const each = near[from]
        if (!each) {
          best = Math.max(best, evenSteps(withFixes(bag, fixes)) - price)
          return
        }
        const { kind, stronger, weaker } = loftLimits(each.club)
        tryAll(from + 1, fixes, price)
        if (kind === 'none') return
        for (let degrees = stronger; degrees <= weaker; degrees += 0.5)
          if (degrees !== 0)
            tryAll(
              from + 1,
              [...fixes, { kind, clubId: each.club.id, degrees }],
              price + 0.1 * Math.abs(degrees),
            )
      }
      tryAll(0, [], 0)
      expect(Math.abs(bestBends(bag, { troubles: [trouble] }).worth - best)).toBeLessThan(0.05)
    }
  }, 60_000)

  it('never bends beyond what a head takes, and never makes a bag worth less', () => {
    const roll = dice(12)
    for (let i = 0; i < 300; i++) {
      const bag = randomBag(roll)
      const troubles = bag.clubs
        .slice(1)
        .map(({ club }, at) => ({ longerId: bag.clubs[at]!.club.id, shorterId: club.id }))
      const { fixes, worth } = bestBends(bag, { troubles })
      expect(worth).toBeGreaterThanOrEqual(evenSteps(bag) - 1e-9)
      for (const fix of fixes) {
        if (fix.kind !== 'bend') continue
        const { stronger, weaker } = loftLimits(bag.clubs.find(({ club }) => club.id === fix.clubId)!.club)
        expect(fix.degrees).toBeGreaterThanOrEqual(stronger)
        expect(fix.degrees).toBeLessThanOrEqual(weaker)
        expect(fix.degrees % 0.5).toBeCloseTo(0, 9)
      }
    }
  })

  it('with no free slot puts a club out for each that comes in', () => {
    const bag = paperBagOf(EXAMPLE, { rack: [{ loft: 38, yd: 121 }] })
    for (const { fixes } of bestPurchases(bag, { troubles: [WIDE] }, 0).filter((each) =>
      each.fixes.some(({ kind }) => kind === 'add'),
    ))
      expect(fixes.some(({ kind }) => kind === 'drop')).toBe(true)
    const [best] = bestPurchases(bag, { troubles: [WIDE] }, 1).filter(({ fixes }) =>
      fixes.some(({ kind }) => kind === 'add'),
    )
    expect(best!.fixes).toContainEqual({ kind: 'add', clubId: clubAt(38) })
  })
})

describe('what is not to be touched', () => {
  it('is neither bent nor dropped, whatever that would bring', () => {
    const roll = dice(21)
    for (let i = 0; i < 100; i++) {
      const bag = randomBag(roll)
      const ids = bag.clubs.map(({ club }) => club.id)
      const untouched = new Set(ids.filter(() => roll.chance(0.5)))
      const troubles = ids.slice(1).map((shorterId, at) => ({ longerId: ids[at]!, shorterId }))
      const touched = [
        bestBends(bag, { troubles, untouched }),
        ...bestDrops(bag, { troubles, untouched }),
      ].flatMap(({ fixes }) => fixes.flatMap((fix) => ('clubId' in fix && fix.clubId ? [fix.clubId] : [])))
      expect(touched.filter((id) => untouched.has(id))).toEqual([])
    }
  })

  it('only clubs beside a trouble are left at home for it', () => {
    const drops = bestDrops(paperBagOf(EXAMPLE), { troubles: [WIDE] }).map(({ fixes }) => fixes[0])
    expect(drops.map((fix) => fix && 'clubId' in fix && fix.clubId).sort()).toEqual([clubAt(36), clubAt(41)])
  })
})
