import { describe, expect, it } from 'vitest'
import { around, club, hit } from '../../tests/shots'
import { analyseBag } from './analyse-bag'
import type { Club, ClubKind } from './bag/club'
import { lengthIn, yards } from './units'

/** A club of an ordinary bag: kind, loft, carry in yards. */
type Carried = [kind: ClubKind, loftDeg: number, carryYd: number]
const clubsOf = (bag: Carried[]): Club[] => bag.map(([kind, loft], i) => club(`c${i}`, kind, loft, i))
/** Shots within a few tenths of a yard, so that every verdict is settled. */
const steady = (bag: Carried[], count = 8) =>
  bag.flatMap(([, , carry], i) =>
    hit(
      `c${i}`,
      Array.from({ length: count }, (_, n) => carry + 0.3 * ((n % 3) - 1)),
    ),
  )
const verdicts = (bag: Carried[], shots = steady(bag)) =>
  analyseBag({ clubs: clubsOf(bag), shots }).steps.map(({ verdict }) => verdict)

/** Bags of five to nine clubs, of fast and slow golfers. */
const BAGS: Record<string, Carried[]> = {
  'five, fast': [
    ['driver', 9, 268],
    ['iron', 21, 214],
    ['iron', 32, 168],
    ['wedge', 46, 124],
    ['wedge', 56, 106],
  ],
  'five, with a driver to 8-iron hole': [
    ['driver', 10.5, 205],
    ['iron', 36, 128],
    ['iron', 41, 112],
    ['wedge', 46, 96],
    ['wedge', 56, 68],
  ],
  'six, slow': [
    ['driver', 12, 140],
    ['hybrid', 25, 118],
    ['iron', 32, 100],
    ['iron', 41, 83],
    ['wedge', 46, 74],
    ['wedge', 56, 55],
  ],
  'six, clubs that do the same': [
    ['driver', 12, 134],
    ['hybrid', 25, 104],
    ['iron', 28, 103.5],
    ['iron', 36, 84],
    ['wedge', 46, 66],
    ['wedge', 56, 46],
  ],
  'seven, a beginner': [
    ['driver', 12, 148],
    ['hybrid', 25, 125],
    ['iron', 32, 110],
    ['iron', 41, 87],
    ['wedge', 46, 81],
    ['wedge', 56, 61],
  ],
  'seven, fast': [
    ['driver', 9, 281],
    ['wood', 15, 252],
    ['iron', 24, 203],
    ['iron', 32, 172],
    ['iron', 40, 145],
    ['wedge', 48, 118],
    ['wedge', 58, 88],
  ],
  'eight, reversed at the top': [
    ['driver', 10.5, 206],
    ['wood', 15, 176],
    ['wood', 18, 186],
    ['iron', 28, 158],
    ['iron', 34, 140],
    ['iron', 41, 122],
    ['wedge', 46, 108],
    ['wedge', 56, 80],
  ],
  'eight, slow': [
    ['driver', 12, 135],
    ['wood', 18, 121],
    ['hybrid', 25, 108],
    ['iron', 30, 95],
    ['iron', 36, 82],
    ['iron', 41, 71],
    ['wedge', 46, 57],
    ['wedge', 56, 34],
  ],
  'nine, every other club': [
    ['driver', 10.5, 228],
    ['wood', 17, 203],
    ['hybrid', 22, 184],
    ['iron', 28.5, 165],
    ['iron', 36.5, 139],
    ['iron', 41, 124],
    ['wedge', 45.5, 110],
    ['wedge', 54, 86],
    ['wedge', 58, 75],
  ],
}

describe('bags of five to nine clubs share the distances evenly', () => {
  it.each(Object.entries(BAGS))('%s', (_, bag) => {
    const carries = bag.map(([, , carry]) => carry)
    // e = (longest − shortest)/(clubs − 1); even is 0.65 e to 1.45 e; at most 3 yd or 2% apart is level.
    const e = (Math.max(...carries) - Math.min(...carries)) / (bag.length - 1)
    const expected = carries.slice(1).map((carry, i) => {
      const step = carries[i]! - carry
      if (Math.abs(step) < 1) return 'level'
      return step < 0 ? 'reversed' : step < 0.65 * e ? 'narrow' : step > 1.45 * e ? 'wide' : 'even'
    })
    expect(verdicts(bag)).toEqual(expected)
  })

  it('the beginner: 23, 15, 23 and 20 are even, 6 is narrow', () => {
    expect(verdicts(BAGS['seven, a beginner']!)).toEqual(['even', 'even', 'even', 'narrow', 'even'])
  })

  it('driver to 8-iron, 77 yd, is wide', () => {
    expect(verdicts(BAGS['five, with a driver to 8-iron hole']!)[0]).toBe('wide')
  })
})

describe('pitching wedge 44.5° 121.5 and sand wedge 55.5° 92.9', () => {
  const SEVEN: Carried[] = [
    ['driver', 12, 205],
    ['hybrid', 25, 168],
    ['iron', 32, 147],
    ['iron', 41, 127],
    ['wedge', 44.5, 121.5],
    ['wedge', 55.5, 92.9],
  ]
  const clubs = clubsOf(SEVEN)
  const wedges = [...hit('c4', around(121.5, 5)), ...hit('c5', around(92.9, 5))]
  const wedgeStep = (shots = wedges, bag = clubs) => analyseBag({ clubs: bag, shots }).steps.at(-1)!

  it('five shots each in a bag of seven: 29 yd is wide, one club is left out', () => {
    const step = wedgeStep()
    expect(step).toMatchObject({ verdict: 'wide', settled: true, absentClubs: 1 })
    expect(step.facts).toContainEqual({ kind: 'absent', loftsDeg: [50] })
    expect(Math.round(lengthIn(step.stepM!, 'yd'))).toBe(29)
  })

  it('one more driver shot turns no verdict of the wedges', () => {
    for (const driver of [1, 2, 3, 4, 5]) {
      const step = wedgeStep([...wedges, ...hit('c0', around(205, driver))])
      expect(step).toMatchObject({ verdict: 'wide', settled: true })
    }
  })

  it('with the clubs between hit, the lofts say as much: neither club is at fault', () => {
    const full: Carried[] = [
      ['iron', 28, 165],
      ['iron', 32, 154],
      ['iron', 36, 143],
      ['iron', 40.5, 131.5],
      ['wedge', 44.5, 121.5],
      ['wedge', 55.5, 92.9],
    ]
    const step = wedgeStep(
      full.flatMap(([, , carry], i) => hit(`c${i}`, around(carry, 6))),
      clubsOf(full),
    )
    expect(step).toMatchObject({ absentClubs: 1, asLoftSays: true })
    expect(Math.abs(step.loftSaysM! - yards(29))).toBeLessThan(yards(4))
    const filled = step.facts.find((fact) => fact.kind === 'between')
    expect(filled).toMatchObject({ swing: 'three-quarter', measured: false })
  })
})

it('46° to 56° in a full bag is wide, and the hole between is real', () => {
  const bag: Carried[] = [
    ['driver', 10.5, 225],
    ['wood', 15, 205],
    ['wood', 18, 193],
    ['hybrid', 22, 182],
    ['iron', 25, 172],
    ['iron', 28.5, 161],
    ['iron', 32.5, 150],
    ['iron', 36.5, 139],
    ['iron', 41, 127],
    ['wedge', 46, 114],
    ['wedge', 56, 84],
  ]
  const { steps, holes } = analyseBag({ clubs: clubsOf(bag), shots: steady(bag) })
  expect(steps.at(-1)).toMatchObject({ verdict: 'wide', settled: true, absentClubs: 1 })
  expect(steps.slice(1, -1).every(({ verdict }) => verdict === 'even')).toBe(true)
  const [from, to] = holes.at(0)!.map((end) => lengthIn(end, 'yd'))
  expect([Math.round(from!), Math.round(to!)]).toEqual([89, 109])
})

describe('clubs that were not hit yet', () => {
  const bag: Carried[] = [
    ['driver', 10.5, 232],
    ['wood', 15, 206],
    ['wood', 18, 189],
    ['hybrid', 22, 172],
    ['iron', 26, 163],
  ]
  const shots = bag.flatMap(([, , carry], i) => (i === 2 ? [] : hit(`c${i}`, around(carry, 5))))
  const { steps, overUnhit, holes, unknownHoles } = analyseBag({ clubs: clubsOf(bag), shots })

  it('have a step over them, named and never judged', () => {
    expect(steps.map(({ verdict }) => verdict).slice(1, 3)).toEqual(['unknown', 'unknown'])
    expect(overUnhit).toHaveLength(1)
    expect(overUnhit[0]).toMatchObject({ longerId: 'c1', shorterId: 'c3', unhit: ['c2'] })
    expect(Math.abs(lengthIn(overUnhit[0]!.stepM, 'yd') - 34)).toBeLessThan(2)
    expect(overUnhit[0]!.lowM).toBeLessThan(overUnhit[0]!.stepM)
  })

  it('make no hole: 177 to 201 is not known yet', () => {
    const inYards = (list: [number, number][]) =>
      list.map((ends) => ends.map((end) => Math.round(lengthIn(end, 'yd'))))
    expect(inYards(unknownHoles)).toEqual([[177, 201]])
    expect(inYards(holes)).toEqual([[211, 227]])
  })

  it('leave a goal zone beyond them open at its end', () => {
    const more = [...clubsOf(bag), club('c5', 'wedge', 46, 5)]
    const { goal } = analyseBag({
      clubs: more,
      shots,
      rules: { goalZoneM: [yards(100), yards(170)] },
    })
    expect(goal?.holes).toEqual([])
    expect(goal?.unknownHoles).toHaveLength(1)
  })
})

it('a hole that is left on purpose is told apart, with its reason', () => {
  const bag: Carried[] = [
    ['wedge', 46, 114],
    ['wedge', 56, 84],
  ]
  const because = 'I chip those'
  const { holes, holesLeft } = analyseBag({
    clubs: clubsOf(bag),
    shots: steady(bag),
    rules: { leftOnPurpose: { holes: [{ atM: yards(99), because }] } },
  })
  expect(holes).toEqual([])
  expect(holesLeft).toMatchObject([{ because }])
})
