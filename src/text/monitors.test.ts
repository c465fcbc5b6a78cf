import { describe, expect, it } from 'vitest'
import type { Agreement } from '@/core/monitors/agree'
import { yards } from '@/core/units'
import { agreeClaims, agreeFinding, growthSentence, leftOverSentence, moreSentence } from './monitors'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
/** The worked example: 20 pairs, bias 1.8, sd 1.6. */
const found: Agreement = {
  ...{ pairs: 20, dropped: 0, biasM: yards(1.8), biasHalfM: yards(0.6), sdM: yards(1.6) },
  ...{ lowM: yards(-1.3), highM: yards(4.9), outerLowM: yards(-2.4), outerHighM: yards(6) },
  claims: { average: true, limitsLook: true, limitsProven: false },
}
const as = (more: Partial<Agreement>): Agreement => ({ ...found, ...more })

describe('two monitors in words', () => {
  it('say what reads longer, and apart from that what single shots prove', () => {
    expect(agreeFinding(found, { first: 'A', toleranceM: yards(5) }, YARDS)).toBe(
      'A reads 1.8 yd longer; on average within 5; single shots not proven within 5',
    )
    const other = as({ biasM: yards(-0.4), claims: { average: false, limitsLook: true, limitsProven: true } })
    expect(agreeFinding(other, { first: 'A', toleranceM: yards(3) }, YARDS)).toBe(
      'A reads no surely other number; not shown within 3 on average; single shots proven within 3',
    )
  })

  it('name each claim with what carries it', () => {
    expect(agreeClaims(found, yards(5), YARDS)).toEqual([
      'Yes: on average within 5 yd. The difference is 1.8 ± 0.6.',
      'Yes: the limits look within 5 yd, which is no proof. 95 of 100 shots lie from −1.3 to 4.9 apart.',
      'No: 95 of 100 shots agree within 5 yd, proven. With these shots the limits may lie as far out as −2.4 to 6.0.',
    ])
  })

  it('say how many more pairs would prove it, or that none would', () => {
    expect(moreSentence(found, 90, yards(5), YARDS)).toContain(
      'about 90 in all prove single shots within 5 yd in 9 studies of 10: 70 more.',
    )
    expect(moreSentence(found, null, yards(5), YARDS)).toContain('no number of pairs')
    expect(moreSentence(found, 12, yards(5), YARDS)).toContain('as many more may prove')
    const proven = as({ claims: { ...found.claims, limitsProven: true } })
    expect(moreSentence(proven, 12, yards(5), YARDS)).toBe('20 pairs prove it.')
  })

  it('say whether it grows, and what was left over', () => {
    expect(growthSentence({ perM: 0.03, halfPerM: 0.006, grows: true }, found, YARDS)).toContain(
      '3.0 ± 0.6 yd in 100',
    )
    expect(growthSentence({ perM: 0.001, halfPerM: 0.006, grows: false }, found, YARDS)).toContain(
      'does not surely grow',
    )
    expect(growthSentence({ perM: -0.011, halfPerM: 0.007, grows: true }, found, YARDS)).toBe(
      'It shrinks with distance: 1.1 ± 0.7 yd in 100. No share fits that.',
    )
    expect(growthSentence(null, found, YARDS)).toContain('ten pairs')
    expect(leftOverSentence(1, 2)).toBe(
      'Left over: 1 pair too far off to be one shot, 2 lines without a pair.',
    )
    expect(leftOverSentence(0, 0)).toBe('')
  })
})
