import { describe, expect, it } from 'vitest'
import { club, hit } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import { lengthIn, mpsFrom } from '../units'

const yd = (metres: number | undefined) => lengthIn(metres ?? NaN, 'yd')
const BAG = [
  club('5w', 'wood', 18, 0),
  club('4h', 'hybrid', 22, 1),
  club('5i', 'iron', 25, 2),
  club('7i', 'iron', 33, 3),
]
/** Carries in yards with ball speeds in mph. */
const shots = (id: string, carries: number[], mph: number[]) =>
  carries.flatMap((carry, i) => hit(id, [carry], { ballSpeedMps: mpsFrom(mph[i]!, 'mph') }))
const others = (times = 1) =>
  (
    [
      ['4h', [150, 153, 148, 151, 152], [110, 111, 109.5, 110.6, 111]],
      ['5i', [141, 139, 144, 142, 140], [106, 105, 107.2, 106.4, 105.5]],
      ['7i', [121, 119, 123, 122, 120], [96, 95, 97.2, 96.4, 95.5]],
    ] as const
  ).flatMap(([id, carries, mph]) =>
    shots(
      id,
      carries.map((carry) => times * carry),
      mph.map((speed) => times ** 0.7 * speed),
    ),
  )

describe('a topped shot', () => {
  it('of a 5-wood (167 171 96 161 162) is left out, and draws the stock nowhere', () => {
    const wood = shots('5w', [167, 171, 96, 161, 162], [116.3, 117.8, 79.2, 114.1, 114.3])
    for (const clubs of [BAG.slice(0, 1), BAG]) {
      const { stocks, shots: judged } = analyseBag({
        clubs,
        shots: [...wood, ...(clubs.length > 1 ? others() : [])],
      })
      expect(yd(stocks[0]!.carryM)).toBeCloseTo(165.25, 6)
      expect(Math.abs(yd(stocks[0]!.model!.carryM) - 165.25)).toBeLessThan(1.5)
      expect(judged.find(({ shotId }) => shotId === wood[2]!.id)!.mark).not.toBe('solid')
    }
  })

  it('of a 3-wood (138 73 138 131 130) changes no verdict: it is as if it had not been hit', () => {
    const mph = [100, 65, 100.5, 96, 95.5]
    const judged = (wood: number[]) => {
      const own = shots(
        '5w',
        wood,
        wood.map((carry) => mph[[138, 73, 138, 131, 130].indexOf(carry)]!),
      )
      return analyseBag({ clubs: BAG, shots: [...own, ...others(0.8)] })
    }
    const [topped, without] = [judged([138, 73, 138, 131, 130]), judged([138, 138, 131, 130])]
    expect(Math.abs(yd(topped.stocks[0]!.model!.carryM) - yd(without.stocks[0]!.model!.carryM))).toBeLessThan(
      0.5,
    )
    expect(topped.gaps.map(({ verdict, settled }) => [verdict, settled])).toEqual(
      without.gaps.map(({ verdict, settled }) => [verdict, settled]),
    )
  })

  it('with carry only, two of five, leaves the stock where the other three are', () => {
    const { stocks } = analyseBag({ clubs: BAG, shots: hit('7i', [120, 52, 118, 71, 122]) })
    expect(yd(stocks[3]!.carryM)).toBeCloseTo(120, 6)
    expect(Math.abs(yd(stocks[3]!.model!.carryM) - 120)).toBeLessThan(2.5)
  })
})
