import { describe, expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { Z90 } from '../math/z90'
import { yards, YARD_M } from '../units'
import { compare, compareCarries, type ComparedStock } from './compare'

const side = (yd: number, half: number, day = 'a', count = 9): ComparedStock => ({
  carryM: yards(yd),
  sdM: yards(half) / Z90,
  count,
  days: new Map([[day, 1]]),
})
const inYards = ({ differenceM, lowM, highM }: ReturnType<typeof compare>) =>
  [differenceM, (highM - lowM) / 2].map((metres) => Number((metres / YARD_M).toFixed(1)))

describe('then and now', () => {
  it('161.6 ± 3.1 and 167.1 ± 3.1: +5.5 ± 4.4, likely real (worked example)', () => {
    const found = compare(side(161.6, 3.1), side(167.1, 3.1))
    expect(inYards(found)).toEqual([5.5, 4.4])
    expect(found.word).toBe('real')
    // The same on two days that nothing ties together cannot be told.
    const compared = compare(side(161.6, 3.1), side(167.1, 3.1, 'b'))
    expect(compared.word).toBe('open')
    expect(compared.highM - compared.lowM).toBeGreaterThan(found.highM - found.lowM)
  })

  it('a fair trial of six each at 3.5%, 115.2 and 111.0: 4.2 ± 3.8, likely real (worked example)', () => {
    const half = (each: number) => Z90 * 0.035 * 113.1 * Math.sqrt(1 / each)
    const found = compare(side(111, half(6)), side(115.2, half(6)), 'yd', { trial: true })
    expect(inYards(found)[0]).toBe(4.2)
    expect(inYards(found)[1]).toBeCloseTo(3.8, 0)
    expect(found.word).toBe('real')
    // "± 3.8 with 6 of each, ± 2.7 with 12", at 115.
    const at115 = (each: number) => 1.645 * 0.035 * 115 * Math.sqrt(2 / each)
    expect([at115(6), at115(12)].map((x) => Number(x.toFixed(1)))).toEqual([3.8, 2.7])
  })

  it('no difference that matters is said only where there hardly is one', () => {
    expect(compare(side(150, 1), side(150.3, 1)).word).toBe('none')
    expect(compare(side(150, 4), side(150.3, 4)).word).toBe('open')
  })

  it('says how many more of each would tell, and nothing where only other days would', () => {
    const open = compare(side(150, 4), side(153, 4))
    expect(open.word).toBe('open')
    expect(open.moreEach).toBeGreaterThan(3)
    expect(compare(side(150, 4), side(153, 4, 'b')).moreEach).toBeUndefined()
  })

  it('turned round says the opposite', () => {
    const [there, back] = [compare(side(150, 3), side(155, 2, 'b')), compare(side(155, 2, 'b'), side(150, 3))]
    expect(back.differenceM).toBeCloseTo(-there.differenceM, 9)
    expect(back.probability).toBeCloseTo(1 - there.probability, 6)
    expect(back.word).toBe(there.word)
  })
})

describe('two lists of carries', () => {
  it('share a spread, which starts from a usual one', () => {
    const alike = compareCarries([115.2, 115.2], [111, 111], true)
    expect(alike.highM).toBeGreaterThan(alike.lowM)
    expect(() => compareCarries([], [1], true)).toThrow(RangeError)
    expect(compareCarries([100], [100], false).word).toBe('open')
  })

  it.each([3, 5, 8, 12])(
    'where nothing changed on one day at most 5 of 100 are called real: %i shots each',
    (n) => {
      for (const spread of [0.025, 0.035, 0.05]) {
        const roll = dice(100 + n)
        let wrong = 0
        for (let i = 0; i < 2000; i++) {
          const [a, b] = [0, 1].map(() =>
            Array.from({ length: n }, () => 150 * (1 + spread * roll.normal(0, 1))),
          ) as [number[], number[]]
          if (compareCarries(a, b, true).word === 'real') wrong++
        }
        // Two standard errors of 2,000 draws are 1 in 100.
        expect(wrong / 2000).toBeLessThanOrEqual(0.05 + 0.01)
      }
    },
  )

  it('of one golfer whose clubs are alike are rarely called different: at most 6 of 100 on two days', () => {
    const roll = dice(7)
    let wrong = 0
    for (let i = 0; i < 2000; i++) {
      const day = () => 150 * (1 + 0.02 * roll.normal(0, 1))
      const [a, b] = [day(), day()].map((mean) =>
        Array.from({ length: 8 }, () => mean * (1 + 0.035 * roll.normal(0, 1))),
      ) as [number[], number[]]
      if (compareCarries(a, b, false).word === 'real') wrong++
    }
    expect(wrong / 2000).toBeLessThanOrEqual(0.06)
  })
})
