import { describe, expect, it } from 'vitest'
import { clubAt, paperBagOf } from '../../../tests/paper-bags'
import type { JudgedGap } from '../gaps/gap'
import type { ClubId } from '../model/ids'
import type { Stock } from '../stock/stock'
import { yards } from '../units'
import { firstShut, gates, isNotice, type DaysOfClubs } from './gate'
import { beforeChange } from './gap-advice'

const LOFTS = [32, 36, 41, 46]
const CLUBS = paperBagOf(LOFTS.map((loft) => ({ loft, yd: 100 }))).clubs.map(({ club }) => ({
  ...club,
  loftMeasured: true,
}))

/** A judged gap between two lofts, as far as a gate looks at it. */
const gap = (longer: number, shorter: number, yd: number, fields: Partial<JudgedGap> = {}): JudgedGap =>
  ({
    longerId: clubAt(longer),
    shorterId: clubAt(shorter),
    gapM: yards(yd),
    facts: [],
    verdict: yd > 14 ? 'too-wide' : yd < 7 ? 'too-close' : 'good',
    settled: true,
    zones: {
      reversed: 0,
      tooClose: yd < 7 ? 0.9 : 0,
      good: yd >= 7 && yd <= 14 ? 0.9 : 0.05,
      tooWide: yd > 14 ? 0.9 : 0,
    },
    limitsM: { reversed: 0, tooClose: yards(7), tooWide: yards(14) },
    ...fields,
  }) as JudgedGap

const stock = (loft: number, carryYd: number, fields: Partial<Stock> = {}): Stock =>
  ({ clubId: clubAt(loft), swing: 'full', carryM: yards(carryYd), count: 12, ...fields }) as Stock
const STOCKS = [stock(32, 139), stock(36, 131), stock(41, 110), stock(46, 101)]
const twoDays: DaysOfClubs = new Map(LOFTS.map((loft): [ClubId, number] => [clubAt(loft), 2]))
const WIDE = gap(36, 41, 20.5)

const shutOf = (
  { gaps = [WIDE], stocks = STOCKS }: { gaps?: JudgedGap[]; stocks?: Stock[] } = {},
  clubs = CLUBS,
  days = twoDays,
) => gates({ gaps, stocks }, clubs, days)[0]?.shut

describe('the gate before a change of a club', () => {
  it('is open on ten solid shots with each on two days, a settled gap, no strike, and measured lofts', () => {
    expect(gates({ gaps: [WIDE], stocks: STOCKS }, CLUBS, twoDays)).toEqual([
      { longerId: clubAt(36), shorterId: clubAt(41) },
    ])
  })

  it.each([
    [
      'nine shots with one of them',
      () => shutOf({ stocks: [stock(36, 131, { count: 9 }), stock(41, 110)] }),
      'few-shots',
    ],
    ['one day', () => shutOf({}, CLUBS, new Map([...twoDays, [clubAt(41), 1]])), 'few-shots'],
    ['no shots at all with one', () => shutOf({ stocks: [stock(36, 131)] }), 'few-shots'],
    [
      'a strike that explains it',
      () => shutOf({ stocks: [stock(36, 131), stock(41, 110, { offCurve: { cause: 'strike' } } as never)] }),
      'strike',
    ],
    [
      'a loft that nobody measured',
      () =>
        shutOf(
          {},
          CLUBS.map((club) => (club.id === clubAt(36) ? { ...club, loftMeasured: false } : club)),
        ),
      'lofts-not-measured',
    ],
    ['a step that only leans', () => shutOf({ gaps: [{ ...WIDE, settled: false } as never] }), 'not-settled'],
  ])('is shut by %s', (_, shut, because) => expect(shut()).toBe(because))

  it('names of several reasons the one that comes first', () => {
    const gapToImprove = { longerId: clubAt(36), shorterId: clubAt(41) }
    expect(
      firstShut([
        { ...gapToImprove, shut: 'lofts-not-measured' },
        { ...gapToImprove, shut: 'few-shots' },
        gapToImprove,
      ]),
    ).toBe('few-shots')
    expect(firstShut([gapToImprove])).toBeNull()
  })

  it('stands before every trouble, settled ones first, then the one furthest from even', () => {
    const [narrow, wide, leaning] = [
      gap(41, 46, 5),
      WIDE,
      gap(32, 36, 30, { settled: false } as Partial<JudgedGap>),
    ]
    const found = gates({ gaps: [narrow, leaning, wide], stocks: STOCKS }, CLUBS, twoDays)
    expect(found.map(({ longerId }) => longerId)).toEqual([clubAt(36), clubAt(41), clubAt(32)])
  })

  it('does not stand before what is even, borderline, or kept as is', () => {
    expect(isNotice(gap(32, 36, 9))).toBe(false)
    expect(isNotice({ ...WIDE, verdict: 'borderline', lineM: 1 } as JudgedGap)).toBe(false)
    expect(isNotice({ ...WIDE, leftOnPurpose: 'so I want it' })).toBe(false)
    expect(isNotice(WIDE)).toBe(true)
  })
})

describe('what comes first', () => {
  const first = (stocks: Stock[] = STOCKS, clubs = CLUBS, days = twoDays) =>
    gates({ gaps: [WIDE], stocks }, clubs, days).map(
      (gate) => beforeChange(gate, { gaps: [WIDE], stocks, next: [] }, days, clubs).fix,
    )[0]

  it('is what the gate waits for; with it open, a refit', () => {
    expect(first()).toBe('refit')
    expect(first(STOCKS, CLUBS, new Map())).toBe('retest')
    expect(
      first(
        STOCKS,
        CLUBS.map((club) => ({ ...club, loftMeasured: false })),
      ),
    ).toBe('measure-lofts')
    expect(first([stock(36, 131, { offCurve: { cause: 'strike' } } as never), stock(41, 110)])).toBe('strike')
  })

  it('is a swing that was hit already where one lands well inside a wide gap, whatever was measured', () => {
    const partial = { ...stock(36, 120), swing: 'three-quarter' } as Stock
    const unmeasured = CLUBS.map((club) => ({ ...club, loftMeasured: false }))
    expect(first([...STOCKS, partial], unmeasured)).toBe('swing')
    // Near one of the two it fills nothing.
    expect(first([...STOCKS, { ...partial, carryM: yards(129) } as Stock], unmeasured)).toBe('measure-lofts')
  })
})
