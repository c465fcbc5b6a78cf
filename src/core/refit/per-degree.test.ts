import { describe, expect, it } from 'vitest'
import { EXAMPLE, paperBagOf } from '../../../tests/paper-bags'
import type { ClubKind } from '../bag/club'
import { REFERENCE_AIR } from '../model/air'
import { fly, type Launch } from '../flight/fly'
import { runOf } from '../flight/ground'
import type { ClubId } from '../model/ids'
import { yards, YARD_M } from '../units'
import { combined, launchWeaker, neighboursSay, perDegree } from './per-degree'
import { isOneModel } from './refit-club'

describe('what a degree is worth', () => {
  const clubs = EXAMPLE.map(({ yd, loft }) => ({
    club: paperBagOf([{ yd, loft, kind: 'iron' }]).clubs[0]!.club,
    carryM: yards(yd as number),
    varianceM2: yards(1.24 ** 0.5) ** 2,
  }))

  it('is the slope of the neighbours less what their lengths do: 2.42 ± 0.27 yd', () => {
    const own = neighboursSay(clubs[2]!, clubs)!
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
    const found = perDegree({ club: wood, carryM: yards(180), varianceM2: 1 }, clubs)
    expect(found.mPerDeg / YARD_M).toBeCloseTo(1.2, 5)
    expect(found.sdMPerDeg / YARD_M).toBeCloseTo(1.5, 5)
  })

  it('of a club of no set known beside it is what its flight says', () => {
    const alone = perDegree(clubs[2]!, [clubs[2]!])
    expect(alone.mPerDeg / YARD_M).toBeCloseTo(2.16, 2)
    expect(alone.sdMPerDeg / alone.mPerDeg).toBeCloseTo(0.25, 5)
  })
})

describe('one degree weaker', () => {
  const landed = (launch: Launch) => {
    const flight = fly(launch, REFERENCE_AIR)
    if (flight.outcome !== 'landed') throw new Error('it lands')
    return { ...flight, runM: runOf(flight.landing, 'normal') }
  }

  // What a degree is worth by the model, for a 14 handicap and slower and faster golfers: launches ordinary ones, changes from memory
  // of fitting practice, which the constants were fitted to. Carry and run in yards.
  it.each([
    ['driver', 'driver', 10.5, [63.5, 12.5, 2700], { carry: 0.6, landing: 3.1, run: -3 }],
    ['5-wood', 'wood', 18, [56, 13, 4000], { carry: -1.2, landing: 2, run: -1.9 }],
    ['5-hybrid', 'hybrid', 25, [51, 16, 4800], { carry: -2, landing: 1.4, run: -1.5 }],
    ['7-iron', 'iron', 32, [46, 19, 6100], { carry: -2.1, landing: 0.8, run: -0.7 }],
    ['fast 7-iron', 'iron', 32, [54, 17, 7000], { carry: -2.5, landing: 0.5, run: -0.4 }],
    ['slow 7-iron', 'iron', 32, [38, 20, 5400], { carry: -1.4, landing: 0.9, run: -0.8 }],
    ['pitching wedge', 'wedge', 46, [38.5, 26, 7400], { carry: -2.3, landing: 0.3, run: -0.2 }],
    ['58°', 'wedge', 58, [30, 33, 8800], { carry: -2.5, landing: 0.3, run: -0.1 }],
  ] as const)(
    'of a %s changes its carry, landing and run as practice has it',
    (_, kind, loftDeg, launched, practice) => {
      const [ballSpeedMps, launchDeg, spinRpm] = launched
      const launch = { ballSpeedMps, launchDeg, spinRpm }
      const [now, weaker] = [
        landed(launch),
        landed(launchWeaker(launch, { kind: kind as ClubKind, loftDeg }, 1)),
      ]
      expect(Math.abs((weaker.carryM - now.carryM) / YARD_M - practice.carry)).toBeLessThan(0.5)
      expect(Math.abs(weaker.landingDeg - now.landingDeg - practice.landing)).toBeLessThan(0.4)
      expect(Math.abs((weaker.runM - now.runM) / YARD_M - practice.run)).toBeLessThan(0.6)
    },
  )

  it('and one stronger again is the launch that it was', () => {
    const launch = { ballSpeedMps: 46, launchDeg: 19, spinRpm: 6100 }
    const club = { kind: 'iron', loftDeg: 32 } as const
    const back = launchWeaker(launchWeaker(launch, club, 1), club, -1)
    expect(back.ballSpeedMps).toBeCloseTo(launch.ballSpeedMps, 9)
    expect(back.launchDeg).toBeCloseTo(launch.launchDeg, 9)
    expect(back.spinRpm).toBeCloseTo(launch.spinRpm, 6)
  })
})

it('clubs are of one model where the golfer says so; else irons are one set and wedges another (common practice)', () => {
  const club = (kind: ClubKind, model?: string) => ({
    id: `${kind} ${model}` as ClubId,
    kind,
    loftDeg: 30,
    order: 0,
    ...(model !== undefined && { model }),
  })
  expect(isOneModel(club('iron'), club('iron'))).toBe(true)
  expect(isOneModel(club('wedge'), club('wedge'))).toBe(true)
  expect(isOneModel(club('iron'), club('wedge'))).toBe(false)
  expect(isOneModel(club('wood'), club('wood'))).toBe(false)
  expect(isOneModel(club('iron', 'old'), club('wedge', 'old'))).toBe(true)
  expect(isOneModel(club('iron', 'old'), club('iron', 'new'))).toBe(false)
  expect(isOneModel(club('iron', 'old'), club('iron'))).toBe(false)
})
