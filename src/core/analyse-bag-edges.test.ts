import { describe, expect, it } from 'vitest'
import { dice } from '../../simulators/golfers/dice'
import { makeHiddenGolfer } from '../../simulators/golfers/hidden-golfer'
import { hitSession, inRounds } from '../../simulators/golfers/hit-session'
import { finite, oddBag } from '../../tests/odd-bag'
import { around, club, goodBag, hit, SIX, SIX_CARRIES_YD } from '../../tests/shots'
import { analyseBag } from './analyse-bag'
import type { ClubId, ShotId } from './model/ids'
import { MARKS } from './model/mark'
import type { Shot } from './shots/shot'
import { lengthIn, yards } from './units'

const seven = club('7i', 'iron', 32, 0)
const eight = club('8i', 'iron', 36, 1)
const only = <T>(list: T[]): T => {
  expect(list).toHaveLength(1)
  return list[0] as T
}
const times = <T>(n: number, list: T[]): T[] => Array.from({ length: n }, () => list).flat()
/** Five shots within half a yard. */
const steady = (carry: number) => [carry, carry + 0.4, carry - 0.4, carry + 0.2, carry - 0.2]

describe('edges', () => {
  const carry = (analysis: ReturnType<typeof analyseBag>, id: string) =>
    lengthIn(analysis.stocks.find(({ clubId }) => clubId === id)?.carryM ?? NaN, 'yd')

  it('six typed 150.0 read 150.0', () => {
    const { stocks } = analyseBag({ clubs: [seven], shots: hit('7i', times(6, [150])) })
    expect(lengthIn(stocks[0]!.carryM!, 'yd')).toBe(150)
    expect(stocks[0]!.lowM! < stocks[0]!.carryM! && stocks[0]!.carryM! < stocks[0]!.highM!).toBe(true)
  })

  it.each([
    ['no clubs', { clubs: [], shots: hit('7i', [150]) }],
    ['no shots', { clubs: SIX, shots: [] }],
    ['one club', { clubs: [seven], shots: hit('7i', [150, 151, 149]) }],
    ['one shot a club', { clubs: SIX, shots: SIX.flatMap(({ id }, i) => hit(id, [SIX_CARRIES_YD[i]!])) }],
    [
      'two shots a club',
      { clubs: SIX, shots: SIX.flatMap(({ id }, i) => hit(id, around(SIX_CARRIES_YD[i]!, 2))) },
    ],
    ['equal carries everywhere', { clubs: SIX, shots: SIX.flatMap(({ id }) => hit(id, times(5, [150]))) }],
  ])('%s: nothing is settled that is not seen', (name, input) => {
    const { gaps, stocks } = analyseBag(input)
    expect(gaps).toHaveLength(Math.max(0, input.clubs.length - 1))
    expect(stocks.every(({ carryM, count }) => (carryM === undefined) === (count === 0))).toBe(true)
    if (name !== 'equal carries everywhere') expect(gaps.some(({ settled }) => settled)).toBe(false)
    else expect(stocks.every(({ carryM }) => lengthIn(carryM!, 'yd') === 150)).toBe(true)
  })

  it('NaN, zero, negative, null and text for carries count nowhere', () => {
    const odd = hit('7-iron', [NaN, 0, -150, null])
    const text = hit('7-iron', [1])
    ;(text[0] as { carryM: unknown }).carryM = '150'
    const analysis = analyseBag({ clubs: SIX, shots: [...goodBag(), ...odd, ...text] })
    const plain = analyseBag({ clubs: SIX, shots: goodBag() })
    expect(carry(analysis, '7-iron')).toBeCloseTo(carry(plain, '7-iron'), 9)
    const marks = new Map(analysis.shots.map(({ shotId, mark }) => [shotId, mark]))
    expect([...odd, ...text].map(({ id }) => marks.get(id))).toEqual(times(5, ['misread']))
  })

  it('NaN, infinity, zero and nonsense for anything else are as if not measured', () => {
    const fields = ['ballSpeedMps', 'clubSpeedMps', 'launchDeg', 'spinRpm', 'offlineM', 'totalM'] as const
    const odd = goodBag().map((shot, i) => ({
      ...shot,
      ...Object.fromEntries(fields.map((field, f) => [field, [NaN, Infinity, -1, 0][(i + f) % 4]])),
    }))
    expect(carry(analyseBag({ clubs: SIX, shots: odd }), '7-iron')).toBeCloseTo(160, 0)
  })

  it('one absurd carry and one fat among five move a stock by less than a yard', () => {
    const clean = analyseBag({ clubs: SIX, shots: goodBag(4) }).stocks[3]!.model!.carryM
    for (const bad of [12, 118]) {
      const shots = [...goodBag(4), ...hit('7-iron', [bad], { ballSpeedMps: bad === 118 ? 51 : 63 })]
      const { model } = analyseBag({ clubs: SIX, shots }).stocks[3]!
      expect(Math.abs(model!.carryM - clean)).toBeLessThan(yards(1))
    }
  })

  it('far apart and steady is settled', () => {
    const shots = [...hit('7i', times(2, steady(170))), ...hit('8i', times(2, steady(120)))]
    expect(only(analyseBag({ clubs: [seven, eight], shots }).gaps)).toMatchObject({
      verdict: 'too-wide',
      settled: true,
    })
  })

  it('no lofts, carry only and own zones all work together', () => {
    const clubs = SIX.map((each) => ({ ...each, loftDeg: null }))
    const shots = SIX.flatMap(({ id }, i) => hit(id, around(SIX_CARRIES_YD[i]!, 8)))
    const zonesM = { reversed: 0, tooClose: yards(1), tooWide: yards(60) }
    const { gaps } = analyseBag({ clubs, shots, rules: { zonesM } })
    expect(gaps.every(({ verdict, settled }) => settled && verdict === 'good')).toBe(true)
  })

  it('200 shots with one club: the newest 60 say it, and the others are passed over', () => {
    const { stocks } = analyseBag({ clubs: [seven], shots: hit('7i', times(40, around(150))) })
    expect(stocks[0]).toMatchObject({ count: 60, older: 140 })
    const { lowM, highM } = stocks[0]!.model!
    expect(highM - lowM).toBeLessThan(yards(2.5))
  })

  it('mean of solid, median, best three and sd by pencil', () => {
    const shots = hit('7i', [171.2, 174.8, 176, 169.4, 173.6])
    const byHand = [{ clubId: seven.id, swing: 'full', carryM: yards(170.5), because: 'safe over the burn' }]
    const stock = analyseBag({ clubs: [seven], shots, rules: { byHand } }).stocks[0]!
    const yd = (metres: number | undefined) => Math.round(lengthIn(metres ?? NaN, 'yd') * 100) / 100
    expect(
      [stock.carryM, stock.byStockRule['median-solid'], stock.byStockRule['best-n-of-m']].map(yd),
    ).toEqual([173, 173.6, 174.8])
    expect(yd(stock.sdM)).toBe(2.68)
    expect(stock.byHand).toEqual({ carryM: yards(170.5), because: 'safe over the burn' })
  })
})

describe('properties', () => {
  it('200 odd bags (seeds 1 to 200) give neither NaN nor an exception, and mind no order', () => {
    let judged = 0
    for (let seed = 1; seed <= 200; seed++) {
      const input = oddBag(seed)
      const analysis = analyseBag(input)
      judged += analysis.stocks.filter(({ carryM }) => carryM !== undefined).length
      expect(JSON.stringify(analysis, finite), `seed ${seed}`).toBeTypeOf('string')
      const shuffled = { clubs: [...input.clubs].reverse(), shots: [...input.shots].reverse() }
      expect(analyseBag(shuffled)).toEqual(analysis)
    }
    expect(judged).toBeGreaterThan(1000)
  })

  it('equal input gives equal output, and the input is not changed', () => {
    const input = { clubs: SIX, shots: goodBag(6) }
    const before = structuredClone(input)
    expect(analyseBag(input)).toEqual(analyseBag(structuredClone(input)))
    expect(input).toEqual(before)
  })

  it('the golfer’s marks are obeyed (seeds 1 to 20)', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const roll = dice(seed)
      const golfer = makeHiddenGolfer('g', roll)
      const clubs = golfer.clubs.map(({ name, kind, loftDeg }, i) => club(name, kind, loftDeg, i))
      const shots = hitSession(golfer, inRounds(golfer.clubs, 4), roll).map((shot, i): Shot => ({
        ...shot.flight,
        id: String(i) as ShotId,
        clubId: shot.named.name as ClubId,
        swing: 'full',
        sequence: i,
        ...(roll.chance(0.4) && { mark: MARKS[Math.floor(roll.between(0, 6.999))]! }),
      }))
      const found = analyseBag({ clubs, shots })
      const marks = new Map(found.shots.map(({ shotId, mark }) => [shotId, mark]))
      for (const { id, mark } of shots) if (mark) expect(marks.get(id)).toBe(mark)
      for (const { leftOut } of found.stocks)
        for (const { shotId } of leftOut) expect(shots[Number(shotId)]!.mark ?? 'unmarked').not.toBe('solid')
    }
  })

  it('the same clean shots again never widen an interval', () => {
    for (const [i, { id }] of SIX.entries()) {
      const width = (shots: Shot[]) => {
        const model = analyseBag({ clubs: SIX, shots }).stocks.find(({ clubId }) => clubId === id)!.model!
        return model.highM - model.lowM
      }
      const clean = goodBag(6)
      const again = hit(id, around(SIX_CARRIES_YD[i]!, 6), {}).map((shot, n) => ({
        ...clean.filter(({ clubId }) => clubId === id)[n]!,
        id: shot.id,
        sequence: shot.sequence,
      }))
      expect(width([...clean, ...again])).toBeLessThan(width(clean))
    }
  })
})
