import { describe, expect, it } from 'vitest'
import { NEW_GOLFER } from '@/core/model/golfer'
import { caveatsOf, EMPTY_SET_UP, USUAL_MONITOR } from '@/core/session/set-up'
import { storeWithGolfer } from '../../tests/store'
import { cardAir, caveatSentence, setUpLine, statedAir } from './set-up'

const { golfer } = storeWithGolfer()
const metric = { ...golfer, lengthUnit: 'm', speedUnit: 'm/s' } as const

describe('how a session was set up, in words', () => {
  it('says in one line what was said, in the golfer’s units, and nothing of the rest', () => {
    const setUp = {
      ...EMPTY_SET_UP,
      surface: 'mat',
      ball: 'range ball',
      air: { ...EMPTY_SET_UP.air, tempC: 17, windMps: 0 },
      altitudeM: 304.8,
      altitudeOf: 'home',
    } as const
    expect(setUpLine(setUp, golfer)).toBe('mat, range ball, 17 °C, calm, 1000 ft as at home')
    expect(setUpLine(setUp, { ...metric, tempUnit: 'F' })).toBe(
      'mat, range ball, 63 °F, calm, 305 m as at home',
    )
    expect(setUpLine(EMPTY_SET_UP, golfer)).toBe('')
  })

  it('says a wind by its side and strength', () => {
    const air = { ...EMPTY_SET_UP.air, wind: 'into', windMps: 5 } as const
    expect(setUpLine({ ...EMPTY_SET_UP, air }, metric)).toMatch(/into.*, 5.0 m\/s$/)
  })

  it('says what a short net lacks, and which numbers it touches', () => {
    const monitor = { profile: { ...USUAL_MONITOR, netLeastM: 3 }, netM: 2.4, unitM: null, checked: [] }
    const sentences = caveatsOf({ ...EMPTY_SET_UP, monitor }, 'indoor').map((each) =>
      caveatSentence(each, metric),
    )
    expect(sentences).toContain(
      'ball to net 2.4 m where 3.0 m is wanted: 0.6 m short (changes spin and carry)',
    )
    for (const sentence of sentences) expect(sentence).toMatch(/changes/)
  })

  it('says for a card in which air its numbers stand', () => {
    expect(cardAir(null, golfer)).toBe('as measured, no weather')
    expect(cardAir({ ...EMPTY_SET_UP, altitudeM: 100 }, metric)).toBe('as measured, last at 100 m')
    const stated = { ...golfer, compareIn: 'reference', referenceAir: NEW_GOLFER.referenceAir } as const
    expect(cardAir(null, stated)).toBe(statedAir(stated))
    expect(statedAir(stated)).toMatch(/calm$/)
  })
})
