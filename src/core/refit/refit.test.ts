import { describe, expect, it } from 'vitest'
import { clubAt, paperBagOf, type OnPaper } from '../../../tests/paper-bags'
import { dice, type Dice } from '../../../simulators/golfers/dice'
import { yards, YARD_M } from '../units'
import type { Fix } from './fixes'
import { middleRung, rungBetween, seamChoice, slopeBetween } from './ladder'
import { chanceEven, evenSteps, middleLoft, stepsOf, withFixes, type PaperBag } from './paper-bag'
import { lightBag } from './light-bag'
import { combined, neighboursSay, perDegree } from './per-degree'
import { propose } from './propose'
import { loftLimits } from './refit-club'
import { holdsGreen, keepWhich, sameJob } from './same-job'
import { bestBends, bestPurchases } from './search'
import { reachesDriver, topEnd } from './top-end'

/** The worked example of a gap that two bends mend (invented, calculated by hand). */
const EXAMPLE: OnPaper[] = [
  { loft: 28, yd: 148 },
  { loft: 32, yd: 139 },
  { loft: 36, yd: 131 },
  { loft: 41, yd: 110.5 },
  { loft: 46, yd: 101.5, kind: 'iron' },
]
const inYards = (bag: PaperBag) => stepsOf(bag).map(({ stepM }) => stepM / YARD_M)
const chances = (bag: PaperBag) => stepsOf(bag).map(({ even }) => even)
const bend = (loft: number, degrees: number): Fix => ({ kind: 'bend', clubId: clubAt(loft), degrees })
const WIDE = { longerId: clubAt(36), shorterId: clubAt(41) }

describe('what a degree is worth', () => {
  const standing = EXAMPLE.map(({ yd, loft }) => ({
    club: paperBagOf([{ yd, loft, kind: 'iron' }]).clubs[0]!.club,
    carryM: yards(yd as number),
    varianceM2: yards(1.24 ** 0.5) ** 2,
  }))

  it('is the slope of the neighbours less what their lengths do: 2.42 ± 0.27 yd', () => {
    const own = neighboursSay(standing[2]!, standing)!
    expect(own.mPerDeg / YARD_M).toBeCloseTo(2.42, 2)
    expect(own.sdMPerDeg / YARD_M).toBeCloseTo(0.27, 2)
  })

  it('is weighed with the flight of one degree more: 2.35 ± 0.24 yd', () => {
    const both = combined({ mPerDeg: 2.42, sdMPerDeg: 0.27 }, { mPerDeg: 2.1, sdMPerDeg: 0.53 })
    expect(both.mPerDeg).toBeCloseTo(2.35, 2)
    expect(both.sdMPerDeg).toBeCloseTo(0.24, 2)
  })

  it('is by the model alone, and unsure, for a wood; and what is usual where no launch was measured', () => {
    const wood = paperBagOf([{ yd: 180, loft: 18 }]).clubs[0]!.club
    const found = perDegree({ club: wood, carryM: yards(180), varianceM2: 1 }, standing)
    expect(found.mPerDeg / YARD_M).toBeCloseTo(1.2, 5)
    expect(found.sdMPerDeg / YARD_M).toBeCloseTo(1.5, 5)
  })

  it('of a club of no set known beside it is what its flight says', () => {
    const alone = perDegree(standing[2]!, [standing[2]!])
    expect(alone.mPerDeg / YARD_M).toBeCloseTo(2.16, 2)
    expect(alone.sdMPerDeg / alone.mPerDeg).toBeCloseTo(0.25, 5)
  })
})

describe('fixes on paper', () => {
  it('the worked example: 2.60 steps are even; one bend makes 2.77, two make 3.34', () => {
    const bag = paperBagOf(EXAMPLE)
    expect(inYards(bag)).toEqual([9, 8, 20.5, 9].map((step) => expect.closeTo(step, 5)))
    expect(evenSteps(bag)).toBeCloseTo(2.6, 1)
    const one = withFixes(bag, [bend(36, 2)])
    expect(inYards(one)).toEqual([9, 12.7, 15.8, 9].map((step) => expect.closeTo(step, 5)))
    expect(evenSteps(one)).toBeCloseTo(2.77, 1)
    const two = withFixes(bag, [bend(36, 2), bend(41, -1)])
    expect(inYards(two)).toEqual([9, 12.7, 13.45, 11.35].map((step) => expect.closeTo(step, 5)))
    expect(chances(two)).toEqual([0.92, 0.81, 0.64, 0.97].map((each) => expect.closeTo(each, 1)))
    expect(evenSteps(two)).toBeCloseTo(3.34, 1)
    // "about 13.5 ± 2.6"
    expect((1.645 * stepsOf(two)[2]!.sdM) / YARD_M).toBeCloseTo(2.6, 1)
  })

  it('133.4, 149.6, 159.8 at 2.4 yd a degree: 1.5° weaker gives 146.0 and steps of 12.6 and 13.8', () => {
    const k = { mPerDeg: yards(2.4), sdMPerDeg: yards(0.2) }
    const bag = paperBagOf(
      [
        { loft: 28, yd: 159.8 },
        { loft: 32, yd: 149.6 },
        { loft: 36, yd: 133.4 },
      ],
      { perDegree: k },
    )
    const bent = withFixes(bag, [bend(32, 1.5)])
    expect(bent.clubs[1]!.carryM! / YARD_M).toBeCloseTo(146, 5)
    expect(inYards(bent)).toEqual([13.8, 12.6].map((step) => expect.closeTo(step, 5)))
  })

  it('166.3, 171.9, 188.5: the middle one dropped leaves 22.2; a club at the middle loft makes 11.1 and 11.1', () => {
    const bag = paperBagOf([
      { loft: 18, yd: 188.5 },
      { loft: 23, yd: 171.9 },
      { loft: 26, yd: 166.3 },
    ])
    const dropped = withFixes(bag, [{ kind: 'drop', clubId: clubAt(23) }])
    expect(inYards(dropped)).toEqual([expect.closeTo(22.2, 5)])
    const [longer, shorter] = dropped.clubs
    const loftDeg = middleLoft(longer!, shorter!)!
    expect(loftDeg).toBe(22)
    expect(inYards(withFixes(dropped, [{ kind: 'add', loftDeg }]))).toEqual(
      [11.1, 11.1].map((step) => expect.closeTo(step, 5)),
    )
  })

  it('a fix and its opposite give back the bag, and no fix touches the bag that it is given', () => {
    const roll = dice(3)
    for (let i = 0; i < 200; i++) {
      const bag = randomBag(roll)
      const before = JSON.stringify(bag)
      const { club } = bag.clubs[Math.floor(roll.between(0, bag.clubs.length))]!
      const degrees = roll.between(-2, 2)
      const back = withFixes(bag, [
        { kind: 'bend', clubId: club.id, degrees },
        { kind: 'bend', clubId: club.id, degrees: -degrees },
      ])
      stepsOf(back).forEach((step, at) => {
        const was = stepsOf(bag)[at]!
        expect(step.stepM).toBeCloseTo(was.stepM, 9)
        expect(step.sdM).toBeCloseTo(was.sdM, 9)
        expect(step.even).toBeCloseTo(was.even, 9)
      })
      withFixes(bag, [{ kind: 'drop', clubId: club.id }])
      expect(JSON.stringify(bag)).toBe(before)
    }
  })

  it('gripping down covers numbers and makes no step', () => {
    const bag = paperBagOf(EXAMPLE)
    const gripped = withFixes(bag, [{ kind: 'grip', clubId: clubAt(36), cm: 3 }])
    expect(gripped.others[0]!.carryM / YARD_M).toBeCloseTo(131 * (1 - 0.048), 5)
    expect(evenSteps(gripped)).toBe(evenSteps(bag))
  })
})

describe('how far a club can be bent', () => {
  const of = (said: Partial<OnPaper>) =>
    loftLimits(paperBagOf([{ yd: 100, loft: 54, ...said }]).clubs[0]!.club)

  it('is two degrees forged, one cast, one where nobody knows, none hollow or titanium (common practice)', () => {
    expect(of({ head: 'forged' })).toEqual({ kind: 'bend', stronger: -2, weaker: 2 })
    expect(of({ head: 'cast' })).toMatchObject({ stronger: -1, weaker: 1 })
    expect(of({ head: 'hollow' }).kind).toBe('none')
    expect(of({ head: 'titanium' }).kind).toBe('none')
  })

  it('leaves a wedge at 6° of bounce or more', () => {
    expect(of({ bounceDeg: 7 })).toMatchObject({ stronger: -1, weaker: 2 })
    expect(of({ bounceDeg: 4 })).toMatchObject({ stronger: -0, weaker: 2 })
  })

  it('of a wood is what its sleeve turns, and nothing without one', () => {
    expect(of({ loft: 15, sleeveDeg: 1.5 })).toEqual({ kind: 'sleeve', stronger: -1.5, weaker: 1.5 })
    expect(of({ loft: 15 }).kind).toBe('none')
  })
})

function randomBag(roll: Dice, clubs = Math.floor(roll.between(6, 14.99))): PaperBag {
  let [yd, loft] = [roll.between(190, 260), 10]
  const all: OnPaper[] = Array.from({ length: clubs }, () => {
    const each: OnPaper = { yd, loft, head: roll.pick({ forged: 3, cast: 2, hollow: 1 }) }
    const degrees = Math.round(roll.between(3, 6))
    loft += degrees
    yd -= degrees * 2.5 + roll.normal(0, 5)
    return each
  })
  return paperBagOf(all, { stepSdYd: roll.between(1, 3) })
}

describe('the search', () => {
  it('agrees with trying every combination of bends, over 200 bags made from seed 11', () => {
    const roll = dice(11)
    for (let i = 0; i < 200; i++) {
      const bag = randomBag(roll)
      const at = Math.floor(roll.between(0, bag.clubs.length - 1))
      const trouble = { longerId: bag.clubs[at]!.club.id, shorterId: bag.clubs[at + 1]!.club.id }
      const near = bag.clubs.slice(Math.max(0, at - 1), at + 3)
      let best = -Infinity
      const tryAll = (from: number, fixes: Fix[], price: number): void => {
        const each = near[from]
        if (!each) {
          best = Math.max(best, evenSteps(withFixes(bag, fixes)) - price)
          return
        }
        const { kind, stronger, weaker } = loftLimits(each.club)
        tryAll(from + 1, fixes, price)
        if (kind === 'none') return
        for (let degrees = stronger; degrees <= weaker; degrees += 0.5)
          if (degrees !== 0)
            tryAll(
              from + 1,
              [...fixes, { kind, clubId: each.club.id, degrees }],
              price + 0.1 * Math.abs(degrees),
            )
      }
      tryAll(0, [], 0)
      expect(Math.abs(bestBends(bag, { troubles: [trouble] }).worth - best)).toBeLessThan(0.05)
    }
  }, 60_000)

  it('never bends beyond what a head takes, and never makes a bag worth less', () => {
    const roll = dice(12)
    for (let i = 0; i < 300; i++) {
      const bag = randomBag(roll)
      const troubles = bag.clubs
        .slice(1)
        .map(({ club }, at) => ({ longerId: bag.clubs[at]!.club.id, shorterId: club.id }))
      const { fixes, worth } = bestBends(bag, { troubles })
      expect(worth).toBeGreaterThanOrEqual(evenSteps(bag) - 1e-9)
      for (const fix of fixes) {
        if (fix.kind !== 'bend') continue
        const { stronger, weaker } = loftLimits(bag.clubs.find(({ club }) => club.id === fix.clubId)!.club)
        expect(fix.degrees).toBeGreaterThanOrEqual(stronger)
        expect(fix.degrees).toBeLessThanOrEqual(weaker)
        expect(fix.degrees % 0.5).toBeCloseTo(0, 9)
      }
    }
  })

  it('with no free slot puts a club out for each that comes in', () => {
    const bag = paperBagOf(EXAMPLE, { rack: [{ loft: 38, yd: 121 }] })
    for (const { fixes } of bestPurchases(bag, { troubles: [WIDE] }, 0).filter((each) =>
      each.fixes.some(({ kind }) => kind === 'add'),
    ))
      expect(fixes.some(({ kind }) => kind === 'drop')).toBe(true)
    const [best] = bestPurchases(bag, { troubles: [WIDE] }, 1).filter(({ fixes }) =>
      fixes.some(({ kind }) => kind === 'add'),
    )
    expect(best!.fixes).toContainEqual({ kind: 'add', clubId: clubAt(38) })
  })
})

describe('what is proposed', () => {
  it('two bends for the wide step of the example, with the cautions of both', () => {
    const [work] = propose(paperBagOf(EXAMPLE), [WIDE], 0)
    expect(work).toMatchObject({ way: 'least-work', fixes: [bend(36, 2), bend(41, -1)], troubles: [WIDE] })
    expect(work!.after - work!.before).toBeGreaterThanOrEqual(0.5)
    expect(work!.cautions).toContainEqual({ kind: 'clubmaker' })
    expect(work!.cautions).toContainEqual({ kind: 'bounce', clubId: clubAt(36), degrees: 2 })
    expect(work!.shut).toBeUndefined()
  })

  it('nothing where the heads take no bend, no slot is free and dropping mends nothing', () => {
    const hollow = EXAMPLE.map((each) => ({ ...each, head: 'hollow' as const }))
    expect(propose(paperBagOf(hollow), [WIDE], 0).map(({ way }) => way)).not.toContain('least-work')
  })

  it('a preview with its reason where the gate is shut', () => {
    const [work] = propose(paperBagOf(EXAMPLE), [{ ...WIDE, shut: 'lofts-not-measured' }], 0)
    expect(work!.shut).toBe('lofts-not-measured')
  })

  it('nothing for a bag without troubles, and no number that is none for 5,000 odd bags', () => {
    expect(propose(paperBagOf(EXAMPLE), [], 3)).toEqual([])
    const roll = dice(13)
    for (let i = 0; i < 5000; i++) {
      const odd: OnPaper[] = Array.from({ length: Math.floor(roll.between(0, 14)) }, (_, at) => ({
        yd: roll.chance(0.2) ? null : roll.between(1, 300),
        loft: roll.chance(0.3) ? null : Math.round(roll.between(0, 75)),
        id: `odd ${at}` as never,
        kind: roll.pick({ driver: 1, wood: 1, hybrid: 1, iron: 3, wedge: 2 }),
      }))
      const bag = paperBagOf(odd)
      const of = bag.clubs.slice(1).flatMap(({ club, carryM }, at) => {
        const longer = bag.clubs[at]!
        return carryM === null || longer.carryM === null
          ? []
          : [{ longerId: longer.club.id, shorterId: club.id }]
      })
      expect(JSON.stringify(propose(bag, of.slice(0, 2), 1))).not.toMatch(/null|NaN|Infinity/)
    }
  }, 60_000)
})

describe('two clubs for one job', () => {
  it('5-wood 177 and a 7-wood 3.4 ± 1.6 shorter: 0.87; at 4.2 ± 1.6: 0.73', () => {
    const doing = (yd: number) => ({ carryM: yards(yd) })
    expect(sameJob(doing(177), doing(173.6), yards(1.6))).toBeCloseTo(0.87, 2)
    expect(sameJob(doing(177), doing(172.8), yards(1.6))).toBeCloseTo(0.73, 1)
    expect(sameJob({ ...doing(177), landingDeg: 40 }, { ...doing(175), landingDeg: 44 }, yards(1))).toBeNull()
  })

  it('the one of smaller spread is kept, else the steeper, the more solid, the better liked', () => {
    expect(keepWhich({ spread: 0.03 }, { spread: 0.045 })).toEqual({ keep: 0, because: 'spread' })
    expect(keepWhich({ landingDeg: 40, liking: 5 }, { landingDeg: 43, liking: 1 })).toEqual({
      keep: 1,
      because: 'landing',
    })
    expect(keepWhich({ liking: 2 }, { liking: 4 })).toEqual({ keep: 1, because: 'liking' })
    expect(keepWhich({ spread: 0.04 }, { spread: 0.041 })).toBeNull()
  })

  it('a green is held from 45° or 8 yd of run on, with room from 40° or 14 on (common practice)', () => {
    const at = (landingDeg: number, run: number) => holdsGreen({ landingDeg, runM: yards(run) })
    expect([at(46, 12), at(41, 7)]).toEqual(['yes', 'yes'])
    expect(at(42, 12)).toBe('with-room')
    expect([at(38, 12), at(42, 16)]).toEqual(['no', 'no'])
    expect(holdsGreen({})).toBeNull()
  })
})

describe('a light bag', () => {
  const bag = paperBagOf([
    { loft: 28, yd: 150 },
    { loft: 32, yd: 140 },
    { loft: 34, yd: 139 },
    { loft: 36, yd: 130 },
    { loft: 41, yd: 118 },
    { loft: 46, yd: 106 },
  ])
  const tolerance = yards(5)

  it('leaves one of two at one number at home first, and stops before a hole of over 20 yd', () => {
    const { dropped, keeps, holes } = lightBag(bag, tolerance)
    expect([clubAt(32), clubAt(34)]).toContain(dropped[0])
    expect(keeps).toBe(bag.clubs.length - dropped.length)
    for (const [from, to] of holes) expect((to - from) / YARD_M).toBeLessThanOrEqual(20)
    expect(dropped.length).toBeGreaterThan(1)
  })

  it('keeps more where the golfer wants no hole over 12 yd', () => {
    const goal = lightBag(bag, tolerance, [yards(106), yards(150)])
    expect(goal.keeps).toBeGreaterThan(lightBag(bag, tolerance).keeps)
    for (const [from, to] of goal.holes) expect((to - from) / YARD_M).toBeLessThanOrEqual(12)
  })
})

describe('the ends of the bag', () => {
  it('the driver is 20 yd ahead of the best fairway club, 10 to 20, or first itself', () => {
    const ahead = (yd: number) =>
      topEnd({ totalM: yards(220) }, [{ totalM: yards(190) }, { totalM: yards(220 - yd) }])?.is
    expect([ahead(22), ahead(15), ahead(8)]).toEqual(['fine', 'look', 'driver-first'])
    expect(topEnd({ totalM: 200 }, [])).toBeNull()
    const club = (carry: number, total: number) => ({
      carryM: yards(carry),
      totalM: yards(total),
      sdM: yards(2),
    })
    expect(reachesDriver(club(185, 203), club(203, 221))).toBe(true)
    expect(reachesDriver(club(180, 195), club(203, 221))).toBe(false)
  })

  it('44.5° 121.5 and 55.5° 92.9 are 28.6 apart: the same model at 50.5° carries 105.9', () => {
    const [longer, shorter] = [
      { loftDeg: 44.5, carryM: 121.5 },
      { loftDeg: 55.5, carryM: 92.9 },
    ]
    expect(rungBetween(longer, shorter, 50.5).carryM).toBeCloseTo(105.9, 1)
  })

  it('a pitching wedge of 101.5 and a sand wedge of 72 at 10° more: 2.95 a degree, a 51° at 86.8', () => {
    const [pitching, sand] = [
      { loftDeg: 46, carryM: 101.5 },
      { loftDeg: 56, carryM: 72 },
    ]
    expect(slopeBetween(pitching, sand)).toBeCloseTo(2.95, 5)
    expect(middleRung(pitching, sand)).toEqual({ loftDeg: 51, carryM: expect.closeTo(86.75, 5) })
  })

  it('set wedges 12.2 above and 19.4 below, separate ones 17.9 and 13.7: with at most 16.4 below the second', () => {
    const choices = [
      { aboveM: 12.2, belowM: 19.4 },
      { aboveM: 17.9, belowM: 13.7 },
    ]
    expect(seamChoice(choices, 16.4)).toBe(1)
    expect(seamChoice(choices, 20)).toBe(0)
    expect(seamChoice(choices, 10)).toBeNull()
  })
})

it('the chance of an even step is what lies between its limits', () => {
  expect(chanceEven(9, 1.4, { reversed: 0, narrow: 7, wide: 14 })).toBeCloseTo(0.92, 2)
  expect(chanceEven(20.5, 1.4, { reversed: 0, narrow: 7, wide: 14 })).toBeCloseTo(0, 3)
})
