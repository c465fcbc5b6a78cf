import { describe, expect, it } from 'vitest'
import { analyseBag, type BagInput } from './analyse-bag'
import type { Club, ClubKind } from './bag/club'
import type { ClubId, ShotId } from './ids'
import type { Shot } from './shots/shot'
import { yards } from './units'

const club = (id: string, kind: ClubKind, loftDeg: number | null, order: number): Club => ({
  id: id as ClubId,
  kind,
  loftDeg,
  order,
})
const seven = club('7i', 'iron', 32, 0)
const eight = club('8i', 'iron', 36, 1)
const nine = club('9i', 'iron', 41, 2)

let made = 0
const hit = (clubId: string, ...carries: (number | null)[]): Shot[] =>
  carries.map((carry) => ({
    id: `shot-${made}` as ShotId,
    clubId: clubId as ClubId,
    swing: 'full',
    sequence: made++,
    carryM: carry === null ? null : yards(carry),
  }))
const only = <T>(list: T[]): T => {
  expect(list).toHaveLength(1)
  return list[0] as T
}

describe('a step', () => {
  it('is settled when its interval crosses no limit', () => {
    const shots = [
      ...hit('7i', 150, 150.4, 149.6, 150.2, 149.8),
      ...hit('8i', 139, 139.4, 138.6, 139.2, 138.8),
    ]
    const step = only(analyseBag({ clubs: [seven, eight], shots }).steps)
    expect(step).toMatchObject({ verdict: 'even', settled: true })
    expect(step.stepM).toBeCloseTo(yards(11), 9)
    expect(step.lowM).toBeGreaterThan(yards(7))
    expect(step.highM).toBeLessThan(yards(15))
  })

  it('is not settled when its interval crosses a limit, and leans', () => {
    const shots = [...hit('7i', 150, 141, 158, 147), ...hit('8i', 139, 131, 144, 136)]
    const step = only(analyseBag({ clubs: [seven, eight], shots }).steps)
    expect(step.settled).toBe(false)
    expect(step.verdict).toBe('even')
    expect(step.lowM).toBeLessThan(yards(7))
  })

  it('is never settled with fewer than four shots with a club, however steady', () => {
    const shots = [...hit('7i', 150, 150.1, 150), ...hit('8i', 139, 139.1, 139, 139)]
    expect(only(analyseBag({ clubs: [seven, eight], shots }).steps).settled).toBe(false)
  })

  it('lies on the line when it is near a limit and surely no further than 3 yd from it', () => {
    const shots = [
      ...hit('7i', 150, 151, 149, 150.5, 149.5, 150.2),
      ...hit('8i', 135, 136, 134, 135.5, 134.5, 135.2),
    ]
    const step = only(analyseBag({ clubs: [seven, eight], shots }).steps)
    expect(step).toMatchObject({ verdict: 'on-the-line', settled: true })
    expect(step.lineM).toBeCloseTo(yards(15), 9)
  })

  it.each([
    ['reversed', 145],
    ['narrow', 136],
    ['wide', 115],
  ])('can be %s', (verdict, shorter) => {
    const around = (carry: number) => [carry, carry + 0.4, carry - 0.4, carry + 0.2, carry - 0.2]
    const shots = [...hit('7i', ...around(140)), ...hit('8i', ...around(shorter))]
    expect(only(analyseBag({ clubs: [seven, eight], shots }).steps)).toMatchObject({ verdict, settled: true })
  })

  it('counts a club that is absent by loft, and widens its limits', () => {
    const clubs = [seven, { ...nine, loftDeg: 41, order: 1 }]
    const shots = [...hit('7i', 150, 150.4, 149.6, 150), ...hit('9i', 127.6, 128, 127.2, 127.6)]
    const step = only(analyseBag({ clubs, shots }).steps)
    expect(step).toMatchObject({ absentClubs: 1, verdict: 'even' })
    expect(step.limitsM.wide).toBeCloseTo(yards(30), 9)
  })

  it('is unknown while one of its clubs has no shot', () => {
    const { steps } = analyseBag({ clubs: [seven, eight, nine], shots: hit('7i', 150, 151) })
    expect(steps.map((step) => step.verdict)).toEqual(['unknown', 'unknown'])
    expect(steps[0]).not.toHaveProperty('stepM')
  })

  it('leaves the putter apart', () => {
    const clubs = [seven, eight, club('p', 'putter', 3, 2)]
    expect(analyseBag({ clubs, shots: [] }).steps).toHaveLength(1)
  })
})

describe('a stock', () => {
  const stockOf = (input: BagInput) => analyseBag(input).stocks[0]

  it('keeps a marked shot out and in sight', () => {
    const shots = hit('7i', 163.4, 159.2, 96.8, 161, 164.6)
    const fat = shots[2] as Shot
    fat.mark = 'fat'
    const stock = stockOf({ clubs: [seven], shots })
    expect(stock?.carryM).toBeCloseTo(yards(162.05), 9)
    expect(stock?.count).toBe(4)
    expect(stock?.leftOut).toEqual([
      { shotId: fat.id, mark: 'fat', solidProbability: 0, facts: { carryM: yards(96.8) } },
    ])
    expect(stock?.schools['mean-all']).toBeCloseTo(yards(149), 9)
  })

  it('has an interval from the first shot on', () => {
    const stock = stockOf({ clubs: [seven], shots: hit('7i', 150) })
    expect(stock?.carryM).toBe(yards(150))
    expect(stock?.highM).toBeGreaterThan(yards(155))
    expect(stock).not.toHaveProperty('sdM')
  })

  it('is absent, never zero, when no shot counts', () => {
    const stock = stockOf({ clubs: [seven], shots: hit('7i', null, 999, 0, -5, NaN) })
    expect(stock).toMatchObject({ count: 0 })
    expect(stock).not.toHaveProperty('carryM')
    expect(stock?.leftOut.map((shot) => shot.mark)).toEqual(Array(5).fill('misread'))
  })

  it('cannot count a misread, even one that was marked solid', () => {
    const shots = hit('7i', 999, 150).map((shot) => ({ ...shot, mark: 'solid' as const }))
    expect(stockOf({ clubs: [seven], shots })?.count).toBe(1)
  })

  it('holds the chosen rule inside its interval', () => {
    const shots = hit('7i', 150, 150.2, 149.9, 150.1, 158)
    const stock = stockOf({ clubs: [seven], shots, rules: { stockRule: 'best-n-of-m' } })
    expect(stock?.carryM).toBeLessThanOrEqual(stock?.highM as number)
  })

  it('keeps swings apart', () => {
    const half = hit('7i', 100, 102).map((shot) => ({ ...shot, swing: 'half' }))
    const { stocks } = analyseBag({ clubs: [seven], shots: [...hit('7i', 150, 152), ...half] })
    expect(stocks.map((stock) => [stock.swing, stock.count])).toEqual([
      ['full', 2],
      ['half', 2],
    ])
  })
})

describe('the whole bag', () => {
  it('does not mind the order of its arrays, nor change them', () => {
    const shots = [...hit('7i', 150, 152, 149, 151), ...hit('8i', 139, 141, 138), ...hit('9i', 126, 129)]
    const input: BagInput = { clubs: [seven, eight, nine], shots }
    const before = structuredClone(input)
    const shuffled = { clubs: [nine, seven, eight], shots: [...shots].reverse() }
    expect(analyseBag(shuffled)).toEqual(analyseBag(input))
    expect(input).toEqual(before)
  })

  it('says nothing of nothing', () => {
    const empty = analyseBag({ clubs: [], shots: [] })
    expect(empty).toMatchObject({ stocks: [], steps: [], holes: [], next: [] })
    expect(empty).not.toHaveProperty('cover')
  })

  it('warns of shots with clubs that are not in the bag', () => {
    const shots = hit('stranger', 150)
    const { warnings, stocks } = analyseBag({ clubs: [seven], shots })
    expect(warnings).toEqual([{ kind: 'unknown-club', facts: { shotIds: [shots[0]?.id] } }])
    expect(stocks[0]?.count).toBe(0)
  })

  it('reports the holes of the goal zone apart', () => {
    const shots = [...hit('8i', 74.4), ...hit('9i', 93.2)]
    const { goal } = analyseBag({
      clubs: [eight, nine],
      shots,
      rules: { goalZoneM: [yards(48), yards(114)] },
    })
    expect(goal?.holes.map((hole) => hole.map((m) => Math.round(m / yards(0.1)) / 10))).toEqual([
      [48, 69.4],
      [79.4, 88.2],
      [98.2, 114],
    ])
  })

  it('asks for the clubs that lack shots for a verdict, longest first', () => {
    const { next } = analyseBag({ clubs: [nine, seven, eight], shots: hit('8i', 1, 139, 140, 141, 138) })
    expect(next.map(({ clubId, shots }) => [clubId, shots])).toEqual([
      ['7i', 4],
      ['9i', 4],
    ])
  })
})
