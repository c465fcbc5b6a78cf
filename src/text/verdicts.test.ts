import { describe, expect, it } from 'vitest'
import type { Gap } from '@/core/gaps/gap'
import type { ClubId } from '@/core/model/ids'
import type { Stock } from '@/core/stock/stock'
import { yards } from '@/core/units'
import {
  drawnGap,
  inWords,
  needWords,
  overUnhitWords,
  gapSentences,
  confidence,
  verdictLook,
  verdictSentences,
  verdictWords,
} from './verdicts'
import { type StockRule, STOCK_RULES } from '@/core/model/stock-rule'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
const METRES = { lengthUnit: 'm', speedUnit: 'km/h' } as const
const name = (id: string) => id
const id = (text: string) => text as ClubId

const BY_RULE = Object.fromEntries(STOCK_RULES.map((rule) => [rule, yards(17)])) as Record<StockRule, number>

const gap = (more: object) =>
  ({
    longerId: id('8-iron'),
    shorterId: id('9-iron'),
    gapM: yards(17),
    shownM: yards(17),
    lowM: yards(13),
    highM: yards(21),
    verdict: 'too-wide',
    probability: 0.95,
    settled: true,
    zones: { reversed: 0, tooClose: 0, good: 0.05, tooWide: 0.95 },
    limitsM: { reversed: 0, tooClose: yards(7), tooWide: yards(14) },
    byStockRule: BY_RULE,
    absentClubs: 0,
    facts: [],
    ...more,
  }) as Gap
const stocks = (longerYd: number, shorterYd: number) =>
  [
    { clubId: id('8-iron'), swing: 'full', carryM: yards(longerYd) },
    { clubId: id('9-iron'), swing: 'full', carryM: yards(shorterYd) },
  ] as Stock[]

describe('a verdict in words', () => {
  it.each([
    ['settled', gap({}), 'too wide', 'too-wide'],
    ['settled', gap({ verdict: 'same-distance' }), 'same distance', 'same-distance'],
    ['settled', gap({ leftOnPurpose: 'for the wind' }), 'too wide', 'left'],
    ['line', gap({ verdict: 'borderline', lineM: yards(14) }), 'borderline, 14', 'open'],
    ['leaning', gap({ settled: false, probability: 0.76 }), 'likely too wide (3 in 4)', 'too-wide'],
    ['open', gap({ settled: false, probability: 0.55 }), 'not clear yet', 'open'],
    [
      'open',
      gap({ settled: false, probability: 0.55, resting: true }),
      'borderline: more shots will not help',
      'open',
    ],
    ['open', gap({ verdict: 'not-judged', probability: 0, settled: false }), 'not judged', 'open'],
  ] as const)('%s', (sure, of, words, look) => {
    expect([confidence(of), verdictWords(of, YARDS), verdictLook(of)]).toEqual([sure, words, look])
  })

  it('says its limit in the golfer’s unit, and a chance as people do', () => {
    expect(verdictWords(gap({ verdict: 'borderline', lineM: 14 }), METRES)).toBe('borderline, 14')
    expect([0.75, 0.8, 0.83, 0.875, 0.9].map(inWords)).toEqual([
      '3 in 4',
      '4 in 5',
      '5 in 6',
      '7 in 8',
      '9 in 10',
    ])
  })

  it('says what more shots would do', () => {
    expect(needWords(gap({}))).toBe('')
    const open = gap({ settled: false, probability: 0.6 })
    expect(needWords({ ...open, moreEach: 9 } as Gap)).toBe('about 9 more each')
    expect(needWords(open)).toBe('not worth more shots')
    expect(needWords({ ...open, resting: true } as Gap)).toBe('enough shots')
    const few = { kind: 'too-few' as const, clubId: id('8-iron'), count: 1, wanted: 4 }
    expect(needWords({ ...open, facts: [few] })).toBe('3 more first')
    expect(needWords({ ...open, leftOnPurpose: 'so' })).toBe('kept as is')
  })

  it('explains any of them in two sentences, never as certain', () => {
    expect(verdictSentences(gap({ probability: 0.9991 }), YARDS)).toEqual([
      'A good gap is 7–14 yd.',
      'This one is too wide (over 99% sure).',
    ])
    expect(verdictSentences(gap({ verdict: 'same-distance', probability: 0.86 }), YARDS)[0]).toContain(
      'same distance',
    )
    expect(
      verdictSentences(gap({ verdict: 'borderline', lineM: yards(14), probability: 0.82 }), YARDS)[1],
    ).toBe('This one is close to the 14 yd limit (82% sure). More shots will not change that.')
  })
})

describe('what is drawn subtracts', () => {
  it('the gap is the difference of the two numbers as they are shown', () => {
    // 140.6 and 129.4 are drawn 141 and 129; the model’s own gap stands in the evidence.
    expect(drawnGap(gap({ gapM: yards(11.2) }), stocks(140.6, 129.4), YARDS)).toBe(12)
    expect(drawnGap(gap({ gapM: yards(11.2) }), stocks(140.6, 129.4), METRES)).toBe(129 - 118)
    expect(drawnGap(gap({}), [], YARDS)).toBeNull()
  })

  it('one sentence says why where it seems to disagree with the verdict', () => {
    const tooWide = gap({ gapM: yards(14.9), shownM: yards(13), verdict: 'too-wide' })
    expect(gapSentences(tooWide, stocks(150, 137), YARDS, name).join(' ')).toContain(
      'The carries shown are 13 apart. The verdict uses all shots and your other clubs, which suggest more.',
    )
    expect(gapSentences(tooWide, stocks(150, 134), YARDS, name).join(' ')).not.toContain('apart')
  })
})

describe('the judgement of a gap', () => {
  it('30 yd from 46° to 56° is too wide, with what the lofts say and what fills it', () => {
    const tooWide = gap({
      gapM: yards(30),
      longerId: id('P-wedge'),
      shorterId: id('S-wedge'),
      absentClubs: 1,
      facts: [
        { kind: 'absent', loftsDeg: [51] },
        { kind: 'by-loft', deg: 10, expectedM: yards(30), fits: true },
        {
          kind: 'between',
          clubId: id('P-wedge'),
          swing: 'three-quarter',
          carryM: yards(92),
          measured: false,
        },
      ],
    })
    expect(gapSentences(tooWide, [], YARDS, name).slice(1)).toEqual([
      'This one is too wide (95% sure).',
      'About 1 club (51°) is missing between the two. The gap is real all the same.',
      'For 10° of loft your other clubs suggest 30. This gap fits its lofts.',
      'Your P-wedge, three-quarter, about 92 by the usual share, fills part of it.',
    ])
  })

  it('of an open gap names the club that leaves it open, and two numbers of shots', () => {
    const open = gap({
      settled: false,
      probability: 0.7,
      outlook: 0.34,
      moreEach: 9,
      facts: [
        { kind: 'would-settle', shotsEach: 9, probability: 0.52 },
        { kind: 'least-sure', clubId: id('9-iron'), lowM: yards(106), highM: yards(112), count: 6 },
      ],
    })
    expect(gapSentences(open, [], YARDS, name).slice(2)).toEqual([
      '6 more with each: 34% chance to confirm it. 9 more with each: 52% chance to confirm it.',
      'The 9-iron is the least certain: 106–112 yd, 6 good shots.',
    ])
  })

  it('says what is kept as is, and what a rule cannot speak of', () => {
    expect(gapSentences(gap({ leftOnPurpose: 'it is for the wind' }), [], YARDS, name).at(-1)).toBe(
      'Kept as is: it is for the wind.',
    )
    const instead = gap({ facts: [{ kind: 'instead', gapRule: 'segment' }] })
    expect(gapSentences(instead, [], YARDS, name).at(-1)).toContain('judged by part of the bag')
    const silent = gap({ verdict: 'not-judged', settled: false, limitsM: undefined as never })
    expect(verdictSentences(silent, YARDS)[1]).toContain('not known until you hit that wedge')
  })

  it('over clubs not hit yet is named so and never judged', () => {
    const over = { longerId: id('3-wood'), shorterId: id('4-hybrid'), unhit: [id('5-wood')] }
    const stocks = [
      ['3-wood', 206.4],
      ['4-hybrid', 171.6],
    ].map(([clubId, yd]) => ({ clubId, swing: 'full', carryM: yards(Number(yd)) })) as unknown as Stock[]
    expect(overUnhitWords(over, stocks, YARDS, name)).toBe(
      '3-wood to 4-hybrid is 34 yd over the 5-wood, not hit yet. No verdict',
    )
  })
})
