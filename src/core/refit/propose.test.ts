import { describe, expect, it } from 'vitest'
import { bend, clubAt, EXAMPLE, paperBagOf, WIDE, type OnPaper } from '../../../tests/paper-bags'
import { dice } from '../../../simulators/golfers/dice'
import { yards } from '../units'
import { cautionsOf } from './cautions'
import type { Gate } from './gate'
import type { PaperBag } from './paper-bag'
import { propose } from './propose'

const proposed = (bag: PaperBag, gates: readonly Gate[], freeSlots: number) =>
  propose(bag, gates, {
    toleranceM: yards(5),
    freeSlots,
    kept: new Set(),
    wellKnown: new Set(),
    fewer: null,
  }).proposals

describe('what is proposed', () => {
  it('two bends for the wide gap of the example, with the cautions of both', () => {
    const [work] = proposed(paperBagOf(EXAMPLE), [WIDE], 0)
    expect(work).toMatchObject({
      strategy: 'least-work',
      fixes: [bend(36, 2), bend(41, -1)],
      gapsToImprove: [WIDE],
    })
    expect(work!.after - work!.before).toBeGreaterThanOrEqual(0.5)
    expect(work!.cautions).toContainEqual({ kind: 'clubmaker' })
    expect(work!.cautions).toContainEqual({ kind: 'bounce', clubId: clubAt(36), degrees: 2 })
    expect(work!.shut).toBeUndefined()
  })

  it('nothing where the heads take no bend, no slot is free and dropping mends nothing', () => {
    const hollow = EXAMPLE.map((each) => ({ ...each, head: 'hollow' as const }))
    expect(proposed(paperBagOf(hollow), [WIDE], 0).map(({ strategy }) => strategy)).not.toContain(
      'least-work',
    )
  })

  it('a preview with its reason where the gate is shut', () => {
    const [work] = proposed(paperBagOf(EXAMPLE), [{ ...WIDE, shut: 'lofts-not-measured' }], 0)
    expect(work!.shut).toBe('lofts-not-measured')
  })

  it('nothing for a bag without troubles, and no number that is none for 5,000 odd bags', () => {
    expect(proposed(paperBagOf(EXAMPLE), [], 3)).toEqual([])
    const roll = dice(13)
    for (let i = 0; i < 5000; i++) {
      const odd: OnPaper[] = Array.from({ length: Math.floor(roll.between(0, 14)) }, (_, at) => ({
        yd: roll.chance(0.2) ? null : roll.between(1, 300),
        loft: roll.chance(0.3) ? null : Math.round(roll.between(0, 75)),
        id: `odd ${at}` as never,
        kind: roll.pick({ driver: 1, wood: 1, hybrid: 1, iron: 3, wedge: 2 }),
      }))
      const bag = paperBagOf(odd)
      const of = bag.clubs.slice(1).flatMap(({ club, carryM }, at) => {
        const longer = bag.clubs[at]!
        return carryM === null || longer.carryM === null
          ? []
          : [{ longerId: longer.club.id, shorterId: club.id }]
      })
      expect(JSON.stringify(proposed(bag, of.slice(0, 2), 1))).not.toMatch(/null|NaN|Infinity/)
    }
  })
})

describe('what is to be known before a fix is done', () => {
  const clubs = paperBagOf(EXAMPLE).clubs.map(({ club }) => club)
  const kinds = (fixes: Parameters<typeof cautionsOf>[0], of = clubs) =>
    cautionsOf(fixes, of).map(({ kind }) => kind)

  it('a clubmaker does a bend; a degree of loft is a degree of bounce; what was not measured is said', () => {
    const measured = clubs.map((club) => ({ ...club, loftMeasured: true, bounceDeg: 7 }))
    expect(cautionsOf([bend(36, 2)], measured)).toEqual([
      { kind: 'clubmaker' },
      { kind: 'bounce', clubId: clubAt(36), degrees: 2, leavesDeg: 9 },
    ])
    expect(kinds([bend(36, 2)])).toEqual(['clubmaker', 'bounce', 'lofts-not-measured'])
  })

  it('a cast head can crack, and one that nobody knows is asked about', () => {
    const cast = clubs.map((club) => ({ ...club, head: 'cast' as const }))
    expect(cautionsOf([bend(36, 1)], cast)).toContainEqual({ kind: 'head', clubId: clubAt(36), head: 'cast' })
    const unknown = clubs.map(({ head: _, ...club }) => club)
    expect(cautionsOf([bend(36, 1)], unknown)).toContainEqual({
      kind: 'head',
      clubId: clubAt(36),
      head: 'not-known',
    })
  })

  it('a sleeve turns the face; what is bought is hit before it is believed; leaving one at home needs no clubmaker', () => {
    expect(kinds([{ kind: 'sleeve', clubId: clubAt(28), degrees: 1 }])).toContain('sleeve-turns-face')
    expect(kinds([{ kind: 'add', loftDeg: 51 }])).toEqual(['measure-it-first'])
    expect(kinds([{ kind: 'drop', clubId: clubAt(36) }])).not.toContain('clubmaker')
  })
})

describe('several troubles', () => {
  // Two gaps far from each other, each mended by the two clubs beside it.
  const bag = paperBagOf([
    { loft: 20, yd: 190, kind: 'iron' },
    { loft: 23, yd: 182 },
    { loft: 26, yd: 161.5 },
    { loft: 29, yd: 152 },
    ...EXAMPLE.map((each) => ({ ...each, loft: (each.loft ?? 0) + 5, yd: (each.yd ?? 0) - 6 })),
  ])
  const [first, second] = [
    { longerId: clubAt(23), shorterId: clubAt(26) },
    { longerId: clubAt(41), shorterId: clubAt(46) },
  ]

  it('what may be done now goes before what waits for something, and leaves its clubs alone', () => {
    const [work] = proposed(bag, [{ ...first, shut: 'few-shots' }, second], 0)
    expect(work!.shut).toBeUndefined()
    expect(work!.gapsToImprove).toEqual([second])
    const touched = work!.fixes.flatMap((fix) => ('clubId' in fix ? [fix.clubId] : []))
    expect(touched).not.toContain(first.longerId)
    expect(touched).not.toContain(first.shorterId)
  })

  it('what only leans is looked at where nothing is settled', () => {
    const [leaning] = proposed(bag, [{ ...second, shut: 'not-settled' }], 0)
    expect(leaning!.shut).toBe('not-settled')
    const [settled] = proposed(bag, [{ ...first, shut: 'not-settled' }, second], 0)
    expect(settled!.gapsToImprove).toEqual([second])
  })
})
