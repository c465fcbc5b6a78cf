import { describe, expect, it } from 'vitest'
import { fitterBag, type FitterClub } from '../../tests/fitter-bags'
import { analyseBag } from '@/core/analyse-bag'
import type { ClubKind } from '@/core/bag/club'
import { isJudged } from '@/core/gaps/gap'
import type { ClubId } from '@/core/model/ids'
import { applyFixes } from '@/core/refit/apply-fixes'
import type { Fix } from '@/core/refit/fixes'
import { shutOf, type Proposal, type Strategy } from '@/core/refit/proposal'
import { withFixes } from '@/core/refit/paper-fixes'
import { gapsOf } from '@/core/refit/paper-gaps'
import type { Refit } from '@/core/refit/refit'
import { YARD_M } from '@/core/units'
import { firstSentence } from '@/text/advice'
import { refitOf } from './refit-of'

// Bags that were seen, and what a good fitter advises (from memory of fitting practice). Carries in yards.

const kindOf = (name: string): ClubKind =>
  (['driver', 'wood', 'hybrid', 'iron', 'wedge'] as const).find((kind) =>
    name.toLowerCase().includes(kind),
  ) ?? 'iron'
const club = (name: string, loft: number, yd: number, more: Partial<FitterClub> = {}): FitterClub => ({
  name,
  kind: kindOf(name),
  loft,
  yd,
  ...more,
})
const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
const first = ({ firsts }: Refit) => firstSentence(firsts[0]!, (id) => id, YARDS)
const of = ({ proposals }: Refit, strategy: Strategy): Proposal | undefined =>
  proposals.find((each) => each.strategy === strategy)
const yd = (metres: number) => Math.round(metres / YARD_M)
/** The gaps of a proposal in yards as they are shown, from a club down. */
const gapYards = ({ gaps }: Proposal, from = 0) =>
  gaps.slice(from).map(({ shownM: { longer, shorter } }) => yd(longer) - yd(shorter))

const TOP = [club('Driver', 10.5, 235), club('5-wood', 18, 205), club('4-hybrid', 22, 188)]
const IRONS = [
  club('5-iron', 26, 175),
  club('6-iron', 29, 164),
  club('7-iron', 33, 153),
  club('8-iron', 37, 141),
  club('9-iron', 41, 130),
]
const WEDGES = [club('P-wedge', 46, 117), club('50 wedge', 50, 105), club('56 wedge', 56, 91)]

/** Eight clubs above the two wedges, every gap of which is good but one that is borderline. */
const FREE_SLOTS = [
  club('Driver', 10.5, 240),
  club('5-wood', 18, 214),
  club('4-hybrid', 22, 199),
  club('5-iron', 26, 185),
  club('6-iron', 29, 173),
  club('7-iron', 33, 161),
  club('8-iron', 37, 149),
  club('9-iron', 41, 137),
]

describe('a pitching wedge of 125 (46°) and a sand wedge of 95 (56°)', () => {
  it.each([
    ['in a bag with free slots', FREE_SLOTS],
    ['alone', []],
  ])('%s: a 51° in the middle, 15 and 15, tried before it is bought', (_, rest) => {
    const two = [club('P-wedge', 46, 125), club('S-wedge', 56, 95)]
    const { refit } = refitOf(fitterBag([...rest, ...two], { measured: false }))
    const bought = of(refit, 'one-purchase')!
    expect(bought.fixes).toEqual([{ kind: 'add', loftDeg: 51 }])
    expect(gapYards(bought).slice(-2)).toEqual([15, 15])
    expect(bought.cautions).toContainEqual({ kind: 'measure-it-first', loftDeg: 51 })
    expect(bought.shut).toBeUndefined()
    const worst = refit.firsts.find(({ longerId }) => longerId === 'P-wedge')!
    expect(worst.fix).toBe('refit')
    expect(worst.noChange.map(({ kind }) => kind)).toContain('try-swing')
    expect(firstSentence(worst, (id) => id, YARDS)).toContain('about 110 (103–117)')
  })
})

describe('woods', () => {
  const fourteen = (threeWood: FitterClub, fiveWood: FitterClub) => [
    club('Driver', 10.5, 240),
    threeWood,
    fiveWood,
    club('4-hybrid', 22, 192),
    ...IRONS,
    ...WEDGES,
  ]

  it('a 3-wood 6 shorter than the 5-wood that lands flat: more loft', () => {
    const { refit } = refitOf(
      fitterBag(
        fourteen(
          club('3-wood', 15, 205, { launch: { deg: 9, spin: 3200, mph: 141 } }),
          club('5-wood', 18, 211, { launch: { deg: 13, spin: 4000, mph: 140 } }),
        ),
      ),
    )
    expect(refit.firsts[0]).toMatchObject({ longerId: '3-wood', shorterId: '5-wood' })
    expect(refit.longClubs[0]).toMatchObject({ kind: 'more-loft', clubId: '3-wood', degrees: 2 })
    expect(first(refit)).toMatch(/lands at 3\d°, which is flat\. With 2° more loft/)
  })

  it('of which no launch is known: one goes, and where its place is worth most', () => {
    const { refit } = refitOf(fitterBag(fourteen(club('3-wood', 15, 205), club('5-wood', 18, 211))))
    const advice = refit.longClubs[0]!
    expect(advice).toMatchObject({ kind: 'take-out', clubId: '3-wood', keep: '5-wood' })
    expect(advice).toHaveProperty('slot.fix.kind', 'add')
    // No other sentence says to keep the club that goes.
    expect(refit.sameJobs.every(({ keep }) => keep !== '3-wood')).toBe(true)
  })

  it('driver 252 and 3-wood 216: the driver gripped down, and a club between them for who needs it', () => {
    const { refit } = refitOf(
      fitterBag([
        club('Driver', 10.5, 252),
        club('3-wood', 15, 216),
        club('5-wood', 18, 203),
        club('4-hybrid', 22, 190),
        ...IRONS,
        ...WEDGES,
      ]),
    )
    const advice = refit.longClubs[0]!
    expect(advice).toMatchObject({ kind: 'below-driver', longerId: 'Driver', shorterId: '3-wood' })
    if (advice.kind !== 'below-driver') throw new Error(advice.kind)
    expect(yd(advice.grip!.carryM)).toBeGreaterThan(225)
    expect(yd(advice.grip!.carryM)).toBeLessThan(243)
    expect(advice.fixes).toEqual([{ kind: 'add', loftDeg: 13 }])
  })

  it('5-wood 224, 4-iron 193, then 5 and 6 apart: a 20° for the 5-iron makes 16, 15 and 11', () => {
    const { refit } = refitOf(
      fitterBag([
        club('Driver', 10.5, 262),
        club('3-wood', 15, 240),
        club('5-wood', 18, 224),
        club('4-iron', 22, 193),
        club('5-iron', 26, 188),
        club('6-iron', 29, 182),
        club('7-iron', 33, 170),
        club('8-iron', 37, 158),
        club('9-iron', 41.5, 145),
        club('P-wedge', 46, 132),
        club('50 wedge', 50, 119),
        club('54 wedge', 54, 105),
        club('58 wedge', 58, 92),
        { ...club('Putter', 3, 1), kind: 'putter' },
      ]),
    )
    const bought = of(refit, 'one-purchase')!
    expect(bought.fixes).toEqual([
      { kind: 'add', loftDeg: 20 },
      { kind: 'drop', clubId: '5-iron' },
    ])
    expect(gapYards(bought, 1).slice(0, 4)).toEqual([16, 15, 16, 11])
    expect(bought.good).toEqual({ before: { good: 9, of: 12 }, after: { good: 11, of: 12 } })
    expect(of(refit, 'fewer-clubs')!.fixes).toEqual([{ kind: 'drop', clubId: '5-iron' }])
  })
})

describe('irons', () => {
  const alike = [
    club('Driver', 10.5, 240),
    club('3-wood', 15, 212),
    club('5-wood', 18, 197),
    club('4-iron', 23, 181),
    club('5-iron', 26, 180),
    ...IRONS.slice(1),
    ...WEDGES,
  ]

  it('a 4- and a 5-iron alike, lofts measured: two bends, or one of the two goes', () => {
    const { refit } = refitOf(fitterBag(alike))
    expect(refit.firsts[0]).toMatchObject({ longerId: '4-iron', shorterId: '5-iron' })
    const strategies = refit.proposals.map(({ strategy }) => strategy)
    expect(strategies.some((each) => ['least-work', 'everything', 'fewer-clubs'].includes(each))).toBe(true)
    expect(refit.sameJobs[0]).toMatchObject({ longerId: '4-iron', shorterId: '5-iron', keep: '5-iron' })
    for (const { fixes } of refit.proposals)
      expect(fixes).not.toContainEqual({ kind: 'drop', clubId: '5-iron' })
  })

  it('the same, not measured: the lofts first, and every bend is a preview', () => {
    const { refit } = refitOf(fitterBag(alike, { measured: false }))
    expect(first(refit)).toBe(
      'Have the lofts of the 4-iron and the 5-iron measured before you change a club.',
    )
    for (const { fixes, shut } of refit.proposals)
      if (fixes.some(({ kind }) => kind === 'bend')) expect(shut).toBe('lofts-not-measured')
  })

  it('19 from the 8- to the 9-iron: the 8-iron bent weak makes both of its gaps good', () => {
    const bag = [...TOP, ...IRONS.slice(0, 3), club('8-iron', 37, 147), club('9-iron', 41, 128), ...WEDGES]
    const { refit } = refitOf(fitterBag(bag))
    const work = of(refit, 'least-work')!
    expect(work.fixes).toEqual([expect.objectContaining({ kind: 'bend', clubId: '8-iron' })])
    expect(work.fixes[0]).toHaveProperty('degrees', expect.closeTo(1.75, 0))
    expect(work.good.after.good).toBe(work.good.before.good + 2)
    expect(first(refit)).toContain('Bend the 8-iron')
  })

  it('seven clubs with four shots each: hit again, and bend none', () => {
    const seven = [
      club('Driver', 11, 180),
      club('5-hybrid', 25, 140),
      club('6-iron', 29, 132),
      club('8-iron', 37, 105),
      club('P-wedge', 46, 80),
      club('S-wedge', 56, 62),
      { ...club('Putter', 3, 1), kind: 'putter' as const },
    ]
    const { refit } = refitOf(fitterBag(seven, { shots: 4, days: 1, measured: false }))
    expect(first(refit)).toMatch(/^Hit \d+ more with the 5-hybrid and \d+ more with the 6-iron/)
    for (const { fixes, shut } of refit.proposals) {
      expect(shut).toBeDefined()
      expect(fixes.filter(({ kind }) => kind === 'bend')).toEqual([])
      expect(shutOf(refit.bag, refit.gates, fixes)).toBe(shut)
    }
  })
})

it('a set gap wedge of 49° against a separate 50° out of the bag: 13, 15, 15 before 13, 10, 20', () => {
  const { refit } = refitOf(
    fitterBag([
      ...TOP,
      ...IRONS,
      club('P-wedge', 45, 117),
      club('set wedge', 49, 107),
      club('56 wedge', 56, 87),
      club('50 wedge', 50, 102, { inBag: false }),
    ]),
  )
  const [best, next] = refit.transition!.choices
  expect(best!.wedges).toEqual(['P-wedge', '50 wedge', '56 wedge'])
  expect(best!.gaps.map(({ gapM }) => yd(gapM))).toEqual([13, 15, 15])
  expect(next!.fixes).toEqual([])
  expect(next!.gaps.map(({ gapM }) => yd(gapM))).toEqual([13, 10, 20])
  expect(of(refit, 'one-purchase')!.fixes).toEqual(
    expect.arrayContaining([
      { kind: 'add', clubId: '50 wedge' },
      { kind: 'drop', clubId: 'set wedge' },
    ]),
  )
})

it('ten clubs wanted: ten, with the driver and both ends in, and what each club less costs', () => {
  const bag = [club('3-wood', 15, 219), ...IRONS, ...WEDGES, club('60 wedge', 60, 78)]
  const all = [...TOP.slice(0, 1), ...bag.slice(0, 1), ...TOP.slice(1), ...bag.slice(1)]
  const { refit } = refitOf({ ...fitterBag(all), wanted: 10 })
  const fewer = of(refit, 'fewer-clubs')!
  expect(withFixes(refit.bag, fewer.fixes).clubs).toHaveLength(10)
  const dropped = fewer.fixes.map((fix) => ('clubId' in fix ? fix.clubId : null))
  for (const id of ['Driver', '60 wedge']) expect(dropped).not.toContain(id)
  refit.fewer!.less.forEach(({ keeps, uncovered }, i) => {
    expect(keeps).toBe(all.length - 1 - i)
    for (const [from, to] of uncovered) expect((to - from) / YARD_M).toBeLessThanOrEqual(20)
  })
  expect(of(refitOf({ ...fitterBag(all), wanted: 'fewest' }).refit, 'fewer-clubs')!.fixes.length).toBe(
    refit.fewer!.less.length,
  )
})

/** A bag with fixes done to it, every club hit 30 times on two days at its carry on paper. */
function done(refit: Refit, fixes: readonly Fix[]) {
  const after = withFixes(refit.bag, fixes).clubs
  const clubs = applyFixes(
    refit.bag.clubs.map((each) => each.club),
    refit.bag.rack.map((each) => each.club),
    fixes,
  )
  return fitterBag(
    clubs.map(({ club: { kind, loftDeg } }, i) => ({
      name: `${i}`,
      kind,
      loft: loftDeg ?? 0,
      yd: (after[i]!.carryM as number) / YARD_M,
    })),
    { shots: 15 },
  )
}

it.each([
  ['nine clubs', [...TOP.slice(0, 2), ...IRONS.slice(1), club('P-wedge', 46, 117), club('S-wedge', 56, 90)]],
  ['eleven', [...TOP, ...IRONS.slice(0, 3), club('8-iron', 37, 147), club('9-iron', 41, 128), ...WEDGES]],
  ['woods', [...TOP, club('3-wood', 15, 219), ...IRONS, ...WEDGES].toSorted((a, b) => a.loft - b.loft)],
])('on paper is the analysis of the changed bag: %s', (_, bag) => {
  const { refit } = refitOf(fitterBag(bag, { shots: 15 }))
  const sets: Fix[][] = [
    [],
    ...refit.proposals.map(({ fixes }) => fixes),
    ...(refit.fewer?.less.slice(0, 2).map(({ dropped }): Fix[] => [{ kind: 'drop', clubId: dropped }]) ?? []),
    [{ kind: 'add', loftDeg: 51 }],
  ]
  for (const fixes of sets) {
    const paper = gapsOf(withFixes(refit.bag, fixes))
    const { gaps } = analyseBag(done(refit, fixes))
    const judged = gaps.filter(isJudged)
    expect(judged).toHaveLength(paper.length)
    judged.forEach(({ limitsM, zones, gapM, lowM, highM }, i) => {
      const { limitsM: limits, gapM: onPaper, sdM } = paper[i]!
      // The same limits, and the same gap but for the shots' own chance.
      expect(limitsM.tooClose / YARD_M).toBeCloseTo(limits!.tooClose / YARD_M, 0)
      expect(limitsM.tooWide / YARD_M).toBeCloseTo(limits!.tooWide / YARD_M, 0)
      expect(Math.abs(gapM - onPaper) / YARD_M).toBeLessThan(0.7)
      // The chance is that of these limits and this gap, as sure as 30 shots are: within 3 points.
      const sd = (highM - lowM) / 2 / 1.645
      expect(sd).toBeLessThan(sdM * 1.6)
      const chance = normalBetween(limitsM.tooClose, limitsM.tooWide, gapM, sd)
      expect(Math.abs(zones.good - chance)).toBeLessThan(0.03)
    })
  }
})

/** The share of a normal between two limits, by Simpson's rule, where the core has a table. */
function normalBetween(low: number, high: number, mean: number, sd: number): number {
  const n = 200
  const h = (high - low) / n
  const at = (x: number) => Math.exp(-(((x - mean) / sd) ** 2) / 2) / (sd * Math.sqrt(2 * Math.PI))
  let sum = at(low) + at(high)
  for (let i = 1; i < n; i++) sum += (i % 2 === 0 ? 2 : 4) * at(low + i * h)
  return (sum * h) / 3
}

it('a club to try with a typed carry is placed by its loft: 188.5, 177.4, 166.3 are 11.1 and 11.1', () => {
  const { refit } = refitOf(
    fitterBag([club('5-wood', 18, 188.5), club('4-hybrid', 23, 171.9), club('5-hybrid', 26, 166.3)]),
  )
  const fixes: Fix[] = [
    { kind: 'drop', clubId: '4-hybrid' as ClubId },
    { kind: 'add', loftDeg: 22, carryM: 177.4 * YARD_M },
  ]
  const [above, below] = gapsOf(withFixes(refit.bag, fixes))
  for (const each of [above!, below!])
    expect((each.shownM.longer - each.shownM.shorter) / YARD_M).toBeCloseTo(11.1, 0)
})
