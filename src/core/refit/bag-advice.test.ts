import { describe, expect, it } from 'vitest'
import { clubAt, paperBagOf } from '../../../tests/paper-bags'
import { yards, YARD_M } from '../units'
import { carryAtLoft } from '../wedges/ladder'
import { fewerClubs, dropsFor } from './fewer-clubs'
import { setTransition } from './set-transition'
import type { ClubId } from '../model/ids'
import { isHeldByGreen, keepWhich, sameJob } from './same-job'
import { reachesDriver, topEnd } from './top-end'

describe('two clubs for one job', () => {
  it('5-wood 177 and a 7-wood 3.4 ± 1.6 shorter: 0.87; at 4.2 ± 1.6: 0.73', () => {
    const use = (yd: number) => ({ carryM: yards(yd) })
    expect(sameJob(use(177), use(173.6), yards(1.6))).toBeCloseTo(0.87, 2)
    expect(sameJob(use(177), use(172.8), yards(1.6))).toBeCloseTo(0.73, 1)
    expect(sameJob({ ...use(177), landingDeg: 40 }, { ...use(175), landingDeg: 44 }, yards(1))).toBeNull()
  })

  it('the one whose smaller spread is likely real is kept, else the steeper, the better struck, the better liked, the easier', () => {
    expect(keepWhich({ spread: 0.03, count: 20 }, { spread: 0.045, count: 20 })).toEqual({
      keep: 0,
      because: 'spread',
    })
    // The same difference of five shots each is chance.
    expect(keepWhich({ spread: 0.03, count: 5 }, { spread: 0.04, count: 5 })).toBeNull()
    expect(keepWhich({ landingDeg: 40, liking: 5 }, { landingDeg: 43, liking: 1 })).toEqual({
      keep: 1,
      because: 'landing',
    })
    expect(keepWhich({ liking: 2 }, { liking: 4 })).toEqual({ keep: 1, because: 'liking' })
    expect(keepWhich({ loftDeg: 23 }, { loftDeg: 26 })).toEqual({ keep: 1, because: 'easier' })
    expect(keepWhich({ loftDeg: 23, isHybrid: true }, { loftDeg: 23 })).toEqual({
      keep: 0,
      because: 'easier',
    })
    expect(keepWhich({}, {})).toBeNull()
  })

  it('a green is held from 45° or 8 yd of run on, with room from 40° or 14 on (common practice)', () => {
    const at = (landingDeg: number, run: number) => isHeldByGreen({ landingDeg, runM: yards(run) })
    expect([at(46, 12), at(41, 7)]).toEqual(['yes', 'yes'])
    expect(at(42, 12)).toBe('with-room')
    expect([at(38, 12), at(42, 16)]).toEqual(['no', 'no'])
    expect(isHeldByGreen({})).toBeNull()
  })
})

describe('fewer clubs', () => {
  const bag = paperBagOf([
    { loft: 28, yd: 150 },
    { loft: 32, yd: 140 },
    { loft: 34, yd: 139 },
    { loft: 36, yd: 130 },
    { loft: 41, yd: 118 },
    { loft: 46, yd: 106 },
  ])
  const rules = { toleranceM: yards(5), freeSlots: 0, kept: new Set<ClubId>() }

  it('one of two at one number goes first; the ends stay; it ends before over 20 yd are left without a club', () => {
    const { less, has, next } = fewerClubs(bag, rules)
    expect([clubAt(32), clubAt(34)]).toContain(less[0]!.dropped)
    expect(less[0]!.uncovered).toEqual([])
    less.forEach(({ keeps, uncovered }, i) => {
      expect(keeps).toBe(has - i - 1)
      for (const [from, to] of uncovered) expect((to - from) / YARD_M).toBeLessThanOrEqual(20)
    })
    const dropped = less.map((each) => each.dropped)
    expect(dropped).not.toContain(clubAt(28))
    expect(dropped).not.toContain(clubAt(46))
    if (next) expect(next.uncovered.some(([from, to]) => (to - from) / YARD_M > 20)).toBe(true)
    expect(dropsFor({ has, less, good: { good: 0, of: 0 } }, has - 1)).toEqual([
      { kind: 'drop', clubId: less[0]!.dropped },
    ])
  })

  it('a club that is kept for its job stays, and fewer go where 12 yd without a club are too much', () => {
    const kept = fewerClubs(bag, { ...rules, kept: new Set([clubAt(32)]) }).less
    expect(kept[0]!.dropped).toBe(clubAt(34))
    const focus = fewerClubs(bag, { ...rules, focusM: [yards(106), yards(150)] }).less
    expect(focus.length).toBeLessThan(fewerClubs(bag, rules).less.length)
    for (const { uncovered } of focus)
      for (const [from, to] of uncovered) expect((to - from) / YARD_M).toBeLessThanOrEqual(12)
  })
})

describe('the ends of the bag', () => {
  it('the driver is 20 yd ahead of the best fairway club, 10 to 20, or first itself', () => {
    const ahead = (yd: number) =>
      topEnd({ totalM: yards(220) }, [{ totalM: yards(190) }, { totalM: yards(220 - yd) }])?.is
    expect([ahead(22), ahead(15), ahead(8)]).toEqual(['fine', 'look', 'driver-first'])
    expect(topEnd({ totalM: 200 }, [])).toBeNull()
    const club = (carry: number, total: number) => ({
      carryM: yards(carry),
      totalM: yards(total),
      sdM: yards(2),
    })
    expect(reachesDriver(club(185, 203), club(203, 221))).toBe(true)
    expect(reachesDriver(club(180, 195), club(203, 221))).toBe(false)
  })

  it('44.5° 121.5 and 55.5° 92.9 are 28.6 apart: the same model at 50.5° carries 105.9', () => {
    const [longer, shorter] = [
      { loftDeg: 44.5, carryM: 121.5 },
      { loftDeg: 55.5, carryM: 92.9 },
    ]
    expect(carryAtLoft(50.5, longer, shorter)).toBeCloseTo(105.9, 1)
  })

  it('set wedges 12.2 above and 19.4 below, separate ones 17.9 and 13.7: with at most 16.4 good the second', () => {
    const wedge = { kind: 'wedge' as const }
    const of = (mostYd: number) =>
      setTransition(
        paperBagOf(
          [
            { loft: 41, yd: 130 },
            { loft: 45, yd: 117.8, ...wedge },
            { loft: 56, yd: 98.4, ...wedge },
          ],
          {
            rack: [{ loft: 47, yd: 112.1, ...wedge }],
            limits: { reversed: 0, tooClose: yards(7), tooWide: yards(mostYd) },
          },
        ),
      )!
    const best = of(18).choices[0]!
    expect(best.gaps.map(({ gapM }) => gapM / YARD_M)).toEqual(
      [17.9, 13.7].map((gap) => expect.closeTo(gap, 6)),
    )
    expect(of(18).choices).toHaveLength(2)
    expect(best.fixes).toEqual([
      { kind: 'drop', clubId: clubAt(45) },
      { kind: 'add', clubId: clubAt(47) },
    ])
    // Where 20 yd are good, both of its gaps are: then the set's own wedge stays.
    expect(of(21).choices.find(({ fixes }) => fixes.length === 0)?.good).toBe(2)
  })
})
