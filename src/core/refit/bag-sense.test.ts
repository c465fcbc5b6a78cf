import { describe, expect, it } from 'vitest'
import { clubAt, paperBagOf } from '../../../tests/paper-bags'
import { yards, YARD_M } from '../units'
import { carryAtLoft } from '../wedges/ladder'
import { middleRung, seamChoice, slopeBetween } from './ladder'
import { lightBag } from './light-bag'
import { holdsGreen, keepWhich, sameJob } from './same-job'
import { reachesDriver, topEnd } from './top-end'

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
    const { dropped, keeps, holes, opened } = lightBag(bag, tolerance)
    expect([clubAt(32), clubAt(34)]).toContain(dropped[0])
    expect(keeps).toBe(bag.clubs.length - dropped.length)
    for (const [from, to] of holes) expect((to - from) / YARD_M).toBeLessThanOrEqual(20)
    expect(dropped.length).toBeGreaterThan(1)
    for (const hole of opened) expect(holes).toContainEqual(hole)
    expect(opened.map(([from, to]) => to - from)).toEqual(
      opened.map(([from, to]) => to - from).sort((a, b) => b - a),
    )
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
    expect(carryAtLoft(50.5, longer, shorter)).toBeCloseTo(105.9, 1)
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
