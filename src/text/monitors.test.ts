import { describe, expect, it } from 'vitest'
import type { Agreement } from '@/core/monitors/agree'
import { yards } from '@/core/units'
import { agreeClaims, agreeFinding, growthSentence, leftOverSentence, moreSentence } from './monitors'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
/** The worked example: 20 pairs, bias 1.8, sd 1.6. */
const found: Agreement = {
  ...{ pairs: 20, dropped: 0, biasM: yards(1.8), biasHalfM: yards(0.6), sdM: yards(1.6) },
  ...{ lowM: yards(-1.6), highM: yards(5.2), outerLowM: yards(-2.4), outerHighM: yards(6) },
  limits: { lowM: yards(-1.3), highM: yards(4.9), halfM: yards(1.02) },
  isGuess: false,
  claims: { average: true, limitsLook: true, limitsProven: false },
}
const as = (more: Partial<Agreement>): Agreement => ({ ...found, ...more })

describe('two monitors in words', () => {
  it('say what reads longer, how far single shots differ, and what is shown', () => {
    expect(agreeFinding(found, { first: 'A', toleranceM: yards(5) }, YARDS)).toBe(
      'A reads 1.8 yd longer on average. Single shots can differ by −2 to 5 yd. They are not shown to agree within 5 yd.',
    )
    const other = as({ biasM: yards(-0.4), claims: { average: false, limitsLook: true, limitsProven: true } })
    expect(agreeFinding(other, { first: 'A', toleranceM: yards(3) }, YARDS)).toContain(
      'They are shown to agree within 3 yd.',
    )
    expect(agreeFinding(as({ pairs: 3, isGuess: true }), { first: 'A', toleranceM: yards(5) }, YARDS)).toBe(
      'A guess from 3 pairs. A reads 1.8 yd longer on average.',
    )
  })

  it('name each claim with what carries it, and the limits of the paper', () => {
    expect(agreeClaims(found, yards(5), YARDS)).toEqual([
      'On average within 5 yd? Yes. The difference is 1.8 ± 0.6.',
      'Single shots seem within 5 yd? Yes. 95% of shots differ by −1.6 to 5.2.',
      'Single shots shown to agree within 5 yd? No. They may differ by as much as −2.4 to 6.0.',
      'Limits of agreement (bias ± 1.96 sd): −1.3 to 4.9, each ± 1.0.',
    ])
  })

  it('say how many more pairs would prove it, or that none would', () => {
    expect(moreSentence(found, 90, yards(5), YARDS)).toContain(
      'about 90 in all prove single shots within 5 yd in 9 studies of 10: 70 more.',
    )
    expect(moreSentence(found, null, yards(5), YARDS)).toContain('more than 300 are needed')
    expect(
      moreSentence({ ...found, claims: { ...found.claims, limitsLook: false } }, null, yards(5), YARDS),
    ).toContain('no number of pairs')
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
    expect(growthSentence(null, found, YARDS)).toContain('Ten pairs')
    expect(leftOverSentence(1, 2)).toBe(
      'Left over: 1 pair too far off to be one shot, 2 lines without a pair.',
    )
    expect(leftOverSentence(0, 0)).toBe('')
  })
})
