import { describe, expect, it } from 'vitest'
import type { ClubId } from '../model/ids'
import { yards } from '../units'
import { WINDS_MPS, windChange, type CourseShot } from './course-shots'
import { likelyShots } from './likely-shots'
import { playsAs, greenOf, hazardOf, numberFound, type NumberRequest } from './number'
import { USUAL_COVER_CONFIDENCE } from '../model/cover-confidence'

const shot = (name: string, carryYd: number, more: Partial<CourseShot> = {}): CourseShot => ({
  ...{ clubId: name as ClubId, swing: 'full', carryM: yards(carryYd), stockSdM: yards(1.2), estimateOffM: 0 },
  ...{ shotSdM: 0.036 * yards(carryYd), missed: 0.14, runM: yards(5), runSdM: yards(1.75) },
  ...{ biasM: 0, sideSdM: 0.05 * yards(carryYd), landingDeg: 45, path: [], windSdM: 0.15 },
  windM: WINDS_MPS.map((wind) => (wind < 0 ? 2.2 : 1.4) * wind),
  ...more,
})
const BAG = [
  shot('driver', 203, { fromTee: true, landingDeg: 36, runM: yards(18) }),
  shot('5-wood', 178, { landingDeg: 40 }),
  shot('6-iron', 147),
  shot('7-iron', 139),
  shot('8-iron', 129),
  shot('9-iron', 110),
]
const request = (leftYd: number, more: Partial<NumberRequest> = {}): NumberRequest => ({
  ...{ leftM: yards(leftYd), by: 'carry', heightM: 0, tailwindMps: 0, dayWindMps: 0 },
  ...{ fromTee: false, sure: USUAL_COVER_CONFIDENCE },
  ...more,
})
const first = (of: NumberRequest) => numberFound(BAG, of)[0]?.shot.clubId

describe('a number on the course', () => {
  it('is answered best first by the chance to carry it, the driver from a tee alone', () => {
    expect(numberFound(BAG, request(140)).map(({ shot: { clubId } }) => clubId)).toEqual([
      '7-iron',
      '6-iron',
      '8-iron',
    ])
    expect(first(request(203))).not.toBe('driver')
    expect(first(request(203, { fromTee: true }))).toBe('driver')
  })

  it('with water in front takes one that is sure enough before a likelier one that is not', () => {
    const water = hazardOf('over', 'water', yards(131))
    const open = numberFound(BAG, request(139))[0]
    const over = numberFound(BAG, request(139, water))
    expect(open?.shot.clubId).toBe('7-iron')
    expect(over[0]?.shot.clubId).toBe('6-iron')
    expect(over[0]?.sureEnough).toBe(true)
    expect(over.find(({ shot: { clubId } }) => clubId === '7-iron')?.sureEnough).toBe(false)
    // Who is content with 2 in 3 plays the likelier one.
    const bold = { ...USUAL_COVER_CONFIDENCE, water: 0.65 }
    expect(first(request(139, { ...water, sure: bold }))).toBe('7-iron')
  })

  it('where nothing stays short of the water surely enough one that lays up leads, and says what it leaves', () => {
    const found = numberFound(BAG, request(170, hazardOf('behind', 'water', yards(150))))
    expect(found[0]?.layUp?.leavesM).toBeCloseTo(yards(170) - found[0]!.finishM, 6)
    expect(found[0]?.shot.carryM).toBeLessThan(yards(145))
    expect(found[1]?.layUp).toBeUndefined()
  })

  it('148.6 to go, 17 ft up, water to 143, green 141 to 158: the 7-iron, not the 5-iron that flies it; and a lay-up', () => {
    const bag = [
      shot('5-iron', 176, { landingDeg: 43 }),
      shot('6-iron', 166),
      shot('7-iron', 156, { landingDeg: 46 }),
      shot('8-iron', 144),
      shot('P-wedge', 117, { landingDeg: 49 }),
      shot('half', 62),
    ]
    const found = numberFound(
      bag,
      request(148.6, {
        heightM: 17 * 0.3048,
        ...hazardOf('over', 'water', yards(143)),
        ...greenOf(yards(141), yards(158), yards(12)),
      }),
    )
    const of = (name: string) => found.find(({ shot: { clubId } }) => clubId === name)!
    expect(found[0]!.shot.clubId).toBe('7-iron')
    expect(found[0]!.chance).toBeGreaterThan(0.35)
    expect(found[0]!.sureEnough).toBe(false)
    expect(of('5-iron')?.chance ?? 0).toBeLessThan(0.1)
    // The longest that stays short of where the water may begin, 9 times in 10, with what it leaves.
    expect(found[1]).toMatchObject({ shot: { clubId: 'P-wedge' }, layUp: { leavesM: expect.any(Number) } })
  })

  it('between chances alike the one that scatters less is named', () => {
    const [a, b] = [shot('steady', 140, { sideSdM: yards(5) }), shot('wild', 140.2, { sideSdM: yards(9) })]
    expect(numberFound([b, a], request(140.2))[0]?.shot.clubId).toBe('steady')
  })

  it('uphill and against the wind it counts as more, downhill and with it as less', () => {
    const played = (more: Partial<NumberRequest>) => {
      const of = request(139, more)
      const best = numberFound(BAG, of).find(({ shot: { clubId } }) => clubId === '7-iron')
      return best ? playsAs(best, of.leftM) / yards(1) : NaN
    }
    expect(played({})).toBeCloseTo(139, 6)
    // 5 m up: 5.8 yd more for one that lands at 45°.
    expect(played({ heightM: 5 })).toBeCloseTo(144.8, 1)
    expect(played({ heightM: -5 })).toBeLessThan(139)
    expect(played({ tailwindMps: -3 })).toBeGreaterThan(139)
    expect(played({ tailwindMps: 3 })).toBeLessThan(139)
    // The card holds the wind of the day already.
    expect(played({ tailwindMps: -3, dayWindMps: -3 })).toBeCloseTo(139, 6)
  })

  it('a club that is only hit from the tee comes to rest at the number, whatever is asked', () => {
    const iron = shot('2-iron', 180, { fromTee: true, onTotal: true, runM: yards(20), runSdM: yards(7) })
    const found = (leftYd: number) => numberFound([iron], request(leftYd, { fromTee: true }))[0]?.chance ?? 0
    expect(found(200)).toBeGreaterThan(found(180))
  })

  it('names the nearest where nothing is close, whether too short or too long', () => {
    expect(first(request(20))).toBe('9-iron')
    expect(first(request(250))).toBe('5-wood')
  })

  it('says something of every number: the nearest where nothing is close, nothing where there is no shot', () => {
    expect(numberFound(BAG, request(400)).length).toBeGreaterThan(0)
    expect(numberFound([], request(140))).toEqual([])
  })
})

describe('whatever the wind', () => {
  it('between two that were worked out lies a line; beyond the last it stands still', () => {
    const of = BAG[3] as CourseShot
    expect(windChange(of, 0)).toBe(0)
    expect(windChange(of, -1.25)).toBeCloseTo((windChange(of, -2.5) + windChange(of, 0)) / 2, 9)
    expect(windChange(of, -60)).toBe(windChange(of, -20))
  })

  it('more of it against never helps to clear', () => {
    for (const of of BAG)
      for (let wind = -20; wind < 0; wind += 0.5) {
        const clears = (tailwindMps: number) =>
          numberFound(
            [of],
            request(140, { tailwindMps, fromTee: true, ...hazardOf('over', 'water', of.carryM) }),
          )[0]?.over?.clear ?? 0
        expect(clears(wind)).toBeLessThanOrEqual(clears(wind + 0.5) + 1e-9)
      }
  })
})

describe('what is typed of a shot', () => {
  it('is a green only with both its ends, and a hazard only with its distance', () => {
    expect(greenOf(130, 150, 9)).toEqual({ green: { frontM: 130, backM: 150, halfWidthM: 9 } })
    expect(greenOf(130, 150, null).green?.halfWidthM).toBeCloseTo(yards(10), 6)
    expect(greenOf(150, 130, 9)).toEqual({})
    expect(greenOf(130, null, 9)).toEqual({})
    expect(greenOf(130, Number.NaN, 9)).toEqual({})
    expect(hazardOf('over', 'bunker', null)).toEqual({})
    expect(hazardOf('behind', 'bunker', 90)).toEqual({ behind: { kind: 'bunker', atM: 90 } })
  })
})

it('twenty shots as they would likely come: the missed ones short, the good ones about the carry, always the same', () => {
  const [choice] = numberFound(BAG, request(139))
  if (!choice) throw new Error('there is a choice')
  const drawn = likelyShots(choice, 20)
  expect(drawn).toEqual(likelyShots(choice, 20))
  expect(drawn).toHaveLength(20)
  const missed = drawn.filter((each) => each.missed)
  const good = drawn.filter((each) => !each.missed)
  expect(missed).toHaveLength(3)
  expect(Math.max(...missed.map(({ carryM }) => carryM))).toBeLessThan(choice.carryM * 1.05)
  expect(good.reduce((sum, { carryM }) => sum + carryM, 0) / good.length).toBeCloseTo(choice.carryM, 3)
})
