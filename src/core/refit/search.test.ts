import { describe, expect, it } from 'vitest'
import { clubAt, EXAMPLE, paperBagOf, randomBag, WIDE, type OnPaper } from '../../../tests/paper-bags'
import { yards } from '../units'
import { dice } from '../../../simulators/golfers/dice'
import type { Fix } from './fixes'
import { priceOf } from './fixes'
import type { PaperBag } from './paper-bag'
import { withFixes } from './paper-fixes'
import { goodPaperGaps } from './paper-gaps'
import { loftLimits } from './refit-club'
import { additions, clubsAround, bestBends, crosses, outsideM, WORSE_M } from './search'
import { gapsOf } from './paper-gaps'

describe('how far a club can be bent', () => {
  const of = (fields: Partial<OnPaper>) =>
    loftLimits(paperBagOf([{ yd: 100, loft: 54, ...fields }]).clubs[0]!.club)

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

/** What some fixes are worth: likely good gaps less their price. */
const worth = (bag: PaperBag, fixes: readonly Fix[]): number =>
  goodPaperGaps(withFixes(bag, fixes)) - priceOf(fixes)

/** Whether fixes leave the order of lofts and the size of every gap no worse than the search allows. */
function isAllowed(bag: PaperBag, fixes: readonly Fix[]): boolean {
  const after = withFixes(bag, fixes)
  const [was, now] = [gapsOf(bag), gapsOf(after)]
  return now.every((gap, i) => {
    const [longer, shorter] = [after.clubs[i]!, after.clubs[i + 1]!]
    return (
      !crosses(longer, shorter, bag.clubs[i], bag.clubs[i + 1]) &&
      outsideM(gap.gapM, gap.limitsM!) <= outsideM(was[i]!.gapM, was[i]!.limitsM!) + WORSE_M + 1e-9
    )
  })
}

describe('the search', () => {
  it.each([1, 2, Infinity])(
    'agrees with trying every combination of at most %s bends, over 120 bags made from seed 11',
    (most) => {
      const roll = dice(11)
      for (let i = 0; i < 120; i++) {
        const bag = randomBag(roll)
        const at = Math.floor(roll.between(0, bag.clubs.length - 1))
        const gapToImprove = { longerId: bag.clubs[at]!.club.id, shorterId: bag.clubs[at + 1]!.club.id }
        const near = bag.clubs.slice(Math.max(0, at - 1), at + 3)
        let best = -Infinity
        const tryAll = (from: number, fixes: Fix[]): void => {
          const each = near[from]
          if (!each) {
            if (fixes.length <= most && isAllowed(bag, fixes)) best = Math.max(best, worth(bag, fixes))
            return
          }
          const { kind, stronger, weaker } = loftLimits(each.club)
          tryAll(from + 1, fixes)
          if (kind === 'none') return
          for (let degrees = stronger; degrees <= weaker; degrees += 0.5)
            if (degrees !== 0) tryAll(from + 1, [...fixes, { kind, clubId: each.club.id, degrees }])
        }
        tryAll(0, [])
        const found = bestBends(bag, clubsAround(bag.clubs, { gapsToImprove: [gapToImprove] }), { most })
        expect(found.length).toBeLessThanOrEqual(most)
        expect(isAllowed(bag, found)).toBe(true)
        expect(Math.abs(worth(bag, found) - best)).toBeLessThan(0.05)
      }
    },
    120_000,
  )

  it('never bends beyond what a head takes, and never makes a bag worth less', () => {
    const roll = dice(12)
    for (let i = 0; i < 300; i++) {
      const bag = randomBag(roll)
      const fixes = bestBends(bag, new Set(bag.clubs.map(({ club }) => club.id)))
      expect(worth(bag, fixes)).toBeGreaterThanOrEqual(goodPaperGaps(bag) - 1e-9)
      for (const fix of fixes) {
        if (fix.kind !== 'bend') continue
        const { stronger, weaker } = loftLimits(bag.clubs.find(({ club }) => club.id === fix.clubId)!.club)
        expect(fix.degrees).toBeGreaterThanOrEqual(stronger)
        expect(fix.degrees).toBeLessThanOrEqual(weaker)
        expect(fix.degrees % 0.5).toBeCloseTo(0, 9)
      }
    }
  })

  it('a club comes in by itself where a slot is free; with none, another goes for it', () => {
    const bag = paperBagOf(EXAMPLE, { rack: [{ loft: 38, yd: 121 }] })
    for (const fixes of additions(bag, { gapsToImprove: [WIDE] }, 0))
      expect(fixes.map(({ kind }) => kind)).toEqual(['add', 'drop'])
    const free = additions(bag, { gapsToImprove: [WIDE] }, 1)
    expect(free).toContainEqual([{ kind: 'add', clubId: clubAt(38) }])
    expect(free).toContainEqual([{ kind: 'add', loftDeg: 38.5 }])
    // A new club replaces none while a slot is free.
    expect(free.filter(([add, drop]) => drop && 'loftDeg' in add!)).toEqual([])
  })

  it('clubs that wait for something are not bent, whatever that would bring', () => {
    const roll = dice(21)
    for (let i = 0; i < 100; i++) {
      const bag = randomBag(roll)
      const ids = bag.clubs.map(({ club }) => club.id)
      const untouched = new Set(ids.filter(() => roll.chance(0.5)))
      const gapsToImprove = ids.slice(1).map((shorterId, at) => ({ longerId: ids[at]!, shorterId }))
      const touched = bestBends(bag, clubsAround(bag.clubs, { gapsToImprove, untouched })).flatMap((fix) =>
        'clubId' in fix && fix.clubId ? [fix.clubId] : [],
      )
      expect(touched.filter((id) => untouched.has(id))).toEqual([])
    }
  })

  it('where rounds are known, a gap whose distances are faced weighs more', () => {
    const two = paperBagOf([
      { loft: 28, yd: 170 },
      { loft: 32, yd: 151 },
      { loft: 36, yd: 141 },
      { loft: 41, yd: 122 },
    ])
    const movable = new Set([clubAt(32), clubAt(36)])
    const demand = (yd: number): PaperBag => ({
      ...two,
      demandM: Array.from({ length: 30 }, () => yards(yd)),
    })
    const first = (bag: PaperBag) => bestBends(bag, movable, { most: 1 })[0]
    expect(first(demand(160))).toMatchObject({ clubId: clubAt(32) })
    expect(first(demand(130))).toMatchObject({ clubId: clubAt(36) })
  })
})
