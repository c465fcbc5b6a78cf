import { describe, expect, it } from 'vitest'
import type { ClubId } from '../model/ids'
import { turnOf } from './turn'
import { ballNamed, ballOf, eachOnce } from '../model/ball'
import {
  ballConverted,
  ballsToKnow,
  ballTrial,
  factorAt,
  factorsOf,
  type BallFactor,
  type BallShot,
} from './trial'

const of = (club: string, ball: string, carry: number, { session = 0, count = 8, ballSpeedMps = 50 } = {}) =>
  Array.from({ length: count }, (_, i): BallShot => ({
    clubId: club as ClubId,
    session,
    ball,
    carryM: carry * Math.exp(0.02 * Math.sin(1.3 * i)),
    ballSpeedMps,
  }))

describe('two balls', () => {
  it('8 of each: a range ball flies 0.94 of the golfer’s own, 1.064 the other way round, known to about 2%', () => {
    const shots = [...of('7i', 'range ball', 94), ...of('7i', 'own ball', 100)]
    const range = ballTrial(shots, 'range ball', 'own ball')
    expect(range?.clubs[0]?.factor).toBeCloseTo(0.94, 10)
    const { factor, low, high, ofFirst, ofSecond } = ballTrial(shots, 'own ball', 'range ball')!.clubs[0]!
    expect(factor).toBeCloseTo(1 / 0.94, 10)
    expect((high - low) / 2).toBeLessThan(0.02)
    expect([ofFirst, ofSecond]).toEqual([8, 8])
  })

  it('are compared only in sessions and with clubs that saw both, however their names are written', () => {
    const shots = [
      ...of('7i', 'Own Ball', 100),
      ...of('7i', 'range ball', 95),
      // Another day with one ball alone, far off, says nothing; nor does a club that only one was hit with.
      ...of('7i', 'own ball', 130, { session: 1 }),
      ...of('5i', 'own ball', 150),
    ]
    const trial = ballTrial(shots, 'own ball', 'range ball')
    expect(trial?.clubs.map(({ clubId, ofFirst }) => [clubId, ofFirst])).toEqual([['7i', 8]])
    expect(trial?.clubs[0]?.factor).toBeCloseTo(100 / 95, 10)
    expect(ballTrial(shots, 'own ball', 'foam ball')).toBeNull()
  })

  it('have one factor where the clubs agree, and one by ball speed where they do not', () => {
    const bag = (driver: number) => [
      ...of('driver', 'own ball', 200, { ballSpeedMps: 65 }),
      ...of('driver', 'range ball', 200 / driver, { ballSpeedMps: 65 }),
      ...of('wedge', 'own ball', 90, { ballSpeedMps: 35 }),
      ...of('wedge', 'range ball', 90 / 1.04, { ballSpeedMps: 35 }),
    ]
    const alike = factorsOf(ballTrial(bag(1.045), 'own ball', 'range ball')!)
    expect(alike).toHaveLength(1)
    expect(alike[0]?.factor).toBeCloseTo(1.0425, 3)
    const byClub = factorsOf(ballTrial(bag(1.12), 'own ball', 'range ball')!)
    expect(byClub.map(({ ballSpeedMps }) => ballSpeedMps)).toEqual([35, 65])
    expect(factorAt(byClub, 35)).toBeCloseTo(1.04, 6)
    expect(factorAt(byClub, 50)).toBeCloseTo(1.08, 6)
    // Beyond what was measured the nearest holds; without a ball speed the middle of all.
    expect([factorAt(byClub, 20), factorAt(byClub, 90), factorAt(byClub, undefined)]).toEqual([
      expect.closeTo(1.04, 6),
      expect.closeTo(1.12, 6),
      expect.closeTo(1.08, 6),
    ])
  })

  it('counted as another, a shot carries and rests so much further, and its spin stays', () => {
    const factor: BallFactor = {
      ball: 'range ball',
      as: 'own ball',
      at: [{ factor: 1.05, ballSpeedMps: null, half: 0.016 }],
      ...{ shots: 24, setMs: 0, on: true },
    }
    const shot = { carryM: 120, totalM: 128, spinRpm: 5200 }
    expect(ballConverted(shot, 'Range ball', [factor])).toEqual({ carryM: 126, totalM: 134, spinRpm: 5200 })
    expect(ballConverted(shot, 'own ball', [factor])).toBe(shot)
    expect(ballConverted(shot, 'range ball', [{ ...factor, on: false }])).toBe(shot)
    expect(ballConverted({ carryM: null }, 'range ball', [factor])).toEqual({ carryM: null })
  })

  it('need 12 of each for ± 2.0% and 20 for ± 1.6% where good shots scatter by 3%', () => {
    expect(Math.abs(ballsToKnow(0.03, 0.02) - 12)).toBeLessThanOrEqual(1)
    expect(Math.abs(ballsToKnow(0.03, 0.016) - 20)).toBeLessThanOrEqual(1)
  })

  it('that nobody described are range balls where their name says so', () => {
    expect(ballNamed('Range ball')).toMatchObject({ range: true, worn: false })
    expect(ballNamed('own orange ball')).toMatchObject({ range: false })
    expect(eachOnce(['Range Ball', 'own ball', 'range ball '])).toEqual(['Range Ball', 'own ball'])
    expect(ballOf([{ name: 'yellow one', range: true, worn: true }], ' Yellow one')).toMatchObject({
      range: true,
    })
  })

  it('are hit three and three at each station: then it is the other’s turn', () => {
    const turn = (here: (string | null)[], ball: string | null, all = here) => turnOf(here, all, ball)
    expect(turn(['own', 'own', 'own'], 'own')).toBeNull()
    expect(turn(['own', 'own', 'own'], 'Own', ['range', 'own', 'own', 'own'])).toEqual({
      other: 'range',
      run: 3,
    })
    expect(turn(['own', 'range', 'range'], 'range')).toBeNull()
    expect(turn(['own', 'range', 'range', 'range', 'range'], 'range')).toEqual({ other: 'own', run: 4 })
    // Nobody said a ball before: there is no other one to name.
    expect(turn([null, 'range', 'range', 'range'], 'range')).toBeNull()
    expect(turn(['own', 'own', 'own'], null)).toBeNull()
  })
})
