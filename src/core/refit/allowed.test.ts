import { expect, it } from 'vitest'
import { bend, clubAt, EXAMPLE, paperBagOf, randomBag, WIDE } from '../../../tests/paper-bags'
import { dice } from '../../../simulators/golfers/dice'
import type { ClubId } from '../model/ids'
import { yards } from '../units'
import { isEnd, newlyUncovered, refused } from './allowed'
import { fewerClubs } from './fewer-clubs'
import { isPurchase, isTurn, type Fix } from './fixes'
import type { Gate } from './gate'
import { withFixes } from './paper-fixes'
import { goodGaps, gapsOf } from './paper-gaps'
import { propose } from './propose'
import { worthOf } from './search'

const rules = { toleranceM: yards(5), freeSlots: 1, kept: new Set<ClubId>() }
const bag = paperBagOf(EXAMPLE, { rack: [{ loft: 38, yd: 121 }] })

it.each([
  ['a club in two roles', [bend(36, 1), { kind: 'drop', clubId: clubAt(36) }], 'two-roles'],
  [
    'a bend of a club that is bought',
    [{ kind: 'swap', clubId: clubAt(36), loftDeg: 38 }, bend(36, 1)],
    'two-roles',
  ],
  ['the longest club out', [{ kind: 'drop', clubId: clubAt(28) }], 'end-of-bag'],
  ['the shortest club out', [{ kind: 'drop', clubId: clubAt(46) }], 'end-of-bag'],
  ['a loft behind a weaker one', [bend(32, 5)], 'loft-order'],
  ['a gap further outside its limits', [bend(41, 1)], 'worse-gap'],
] as [string, Fix[], string][])('never proposes %s', (_, fixes, why) => {
  expect(refused(bag, fixes, rules)).toBe(why)
})

it('never proposes to take out the club that is to be kept, or one whose loss leaves over 20 yd without a club', () => {
  const drop: Fix[] = [{ kind: 'drop', clubId: clubAt(36) }]
  expect(refused(bag, drop, { ...rules, kept: new Set([clubAt(36)]) })).toBe('kept-club')
  const far = paperBagOf([
    { loft: 28, yd: 160 },
    { loft: 34, yd: 140 },
    { loft: 41, yd: 118 },
  ])
  expect(refused(far, [{ kind: 'drop', clubId: clubAt(34) }], rules)).toBe('leaves-distances')
})

it('never replaces a club while a slot is free and the added club does as well', () => {
  const wide = paperBagOf([
    { loft: 46, yd: 125, kind: 'wedge' },
    { loft: 56, yd: 101, kind: 'wedge' },
    { loft: 60, yd: 92, kind: 'wedge' },
  ])
  const swap: Fix[] = [{ kind: 'swap', clubId: clubAt(56), loftDeg: 52 }]
  expect(refused(wide, swap, rules)).toBe('slot-is-free')
})

it('what may never be proposed is not, over 2,000 bags made from seed 77', () => {
  const roll = dice(77)
  let proposals = 0
  for (let i = 0; i < 2000; i++) {
    const made = randomBag(roll)
    const focusM: [number, number] | undefined = roll.chance(0.3) ? [yards(80), yards(150)] : undefined
    const freeSlots = Math.max(0, 14 - made.clubs.length)
    const ids = made.clubs.map(({ club }) => club.id)
    const kept = new Set(ids.filter(() => roll.chance(0.1)))
    const proposing = { toleranceM: yards(5), freeSlots, kept, ...(focusM && { focusM }) }
    const gates = gapsOf(made)
      .filter(({ good }) => good < 0.3)
      .map(({ longerId, shorterId }): Gate => ({
        longerId,
        shorterId,
        ...(roll.chance(0.2) && { shut: 'not-settled' as const }),
      }))
    const fewer = fewerClubs(made, proposing)
    const found = propose(made, gates, { ...proposing, fewer, wellKnown: new Set(ids) })
    for (const { strategy, fixes, good } of found.proposals) {
      proposals++
      const after = withFixes(made, fixes)
      const dropped = fixes.flatMap((fix) => (fix.kind === 'drop' ? [fix.clubId] : []))
      for (const id of dropped) {
        expect(isEnd(made, id)).toBe(false)
        expect(kept.has(id)).toBe(false)
      }
      const carries = made.clubs.map(({ carryM }) => carryM!)
      for (const [zone, most] of [
        [[Math.min(...carries), Math.max(...carries)], yards(20)],
        ...(focusM ? [[focusM, yards(12)]] : []),
      ] as [[number, number], number][])
        if (dropped.length > 0)
          for (const { range, newM } of newlyUncovered(made, after, yards(5), zone))
            expect(range[1] - range[0] <= most || newM <= yards(5)).toBe(true)
      const bent = fixes.filter(isTurn).map(({ clubId }) => clubId)
      const clubs = fixes.flatMap((fix) => ('clubId' in fix && fix.clubId ? [fix.clubId] : []))
      expect(new Set(clubs).size).toBe(clubs.length)
      if (strategy === 'least-work') expect(bent.length).toBeLessThanOrEqual(2)
      if (strategy === 'one-purchase') expect(bent).toEqual([])
      if (
        freeSlots > 0 &&
        fixes.some(({ kind }) => kind === 'swap' || kind === 'drop') &&
        fixes.some(isPurchase)
      )
        expect(
          worthOf(
            made,
            fixes.filter(({ kind }) => kind === 'add'),
          ),
        ).toBeLessThan(worthOf(made, fixes))
      for (const id of bent) {
        const at = after.clubs.findIndex(({ club }) => club.id === id)
        const was = made.clubs.findIndex(({ club }) => club.id === id)
        const loft = (list: typeof after.clubs, index: number) => list[index]?.club.loftDeg ?? null
        const [longer, own, shorter] = [at - 1, at, at + 1].map((index) => loft(after.clubs, index))
        if (longer != null && loft(made.clubs, was - 1)! <= loft(made.clubs, was)!)
          expect(own).toBeGreaterThanOrEqual(longer)
        if (shorter != null && loft(made.clubs, was + 1)! >= loft(made.clubs, was)!)
          expect(own).toBeLessThanOrEqual(shorter)
      }
      expect(good.after.good).toBeGreaterThanOrEqual(good.before.good)
      expect(good.before).toEqual(goodGaps(gapsOf(made)))
    }
  }
  expect(proposals).toBeGreaterThan(2000)
})

it('the gap of the example is mended, and not by what is refused', () => {
  const [work] = propose(bag, [WIDE], { ...rules, fewer: null, wellKnown: new Set() }).proposals
  expect(refused(bag, work!.fixes, rules)).toBeNull()
})
