import { describe, expect, it } from 'vitest'
import { dice } from '../../simulators/golfers/dice'
import { trueGapM, truthOf, wrongBy, zoneAt } from './score'
import { manyDays, withTopped } from './hard-worlds'
import { analyseTrial, bagInputOf, oneDay } from './trial'
import { USUAL } from './worlds'
import type { Gap } from '../../src/core/gaps/gap'
import { yards } from '../../src/core/units'

describe('a trial', () => {
  it('club after club hits each club once, in rounds again and again', () => {
    const changes = (order: 'rounds' | 'club after club') => {
      const { golfer, shots } = oneDay(
        { ...USUAL, golfer: (...of) => ({ ...USUAL.golfer(...of), forgets: 0 }) },
        6,
        order,
        dice(4),
      )
      const names = shots.map(({ named }) => named.name)
      return [names.filter((name, i) => i > 0 && name !== names[i - 1]).length, golfer.clubs.length]
    }
    const [after, clubs] = changes('club after club') as [number, number]
    expect(after).toBe(clubs - 1)
    expect(changes('rounds')[0]).toBe(2 * clubs - 1)
  })

  it('on many days has a session for each, about a carry in the long run that is none of theirs', () => {
    const { golfer, shots } = manyDays(3, 6, 'rounds', dice(9), 0.1)
    expect(new Set(shots.map(({ session }) => session))).toEqual(new Set([0, 1, 2]))
    const name = golfer.clubs[5]!.name
    const truth = truthOf(golfer).get(name)!
    const off = [0, 1, 2].map((session) => {
      const solid = shots.filter(
        (shot) => shot.session === session && shot.named.name === name && shot.truth === 'solid',
      )
      return solid.reduce((sum, { flight }) => sum + flight.carryM, 0) / solid.length / truth - 1
    })
    expect(Math.max(...off) - Math.min(...off)).toBeGreaterThan(0.05)
  })

  it('with topped shots has one or two of five that lost a quarter of their speed or more', () => {
    const before = oneDay(USUAL, 5, 'rounds', dice(2))
    const after = withTopped(before, dice(3))
    const short = after.shots.filter((shot, i) => shot !== before.shots[i])
    expect(short.length).toBeGreaterThan(before.golfer.clubs.length / 2)
    for (const { flight, named, truth } of short) {
      expect(truth).not.toBe('solid')
      expect(flight.carryM).toBeLessThan(0.75 * named.trueCarryM)
    }
  })

  it('tells Banco nothing that a golfer would not, unless an oracle is asked', () => {
    const trial = oneDay(USUAL, 3, 'rounds', dice(2))
    expect(bagInputOf(trial).shots.some((shot) => 'mark' in shot || 'truth' in shot)).toBe(false)
    const options = bagInputOf(trial, { strikes: true })
    expect(options.shots.map(({ mark }) => mark)).toEqual(trial.shots.map(({ truth }) => truth))
    expect(analyseTrial(trial, { rested: true }).drift.per90).toBeUndefined()
  })
})

describe('a verdict', () => {
  const limitsM = { reversed: 0, tooClose: yards(7), tooWide: yards(15) }
  const predicted = (verdict: string, lineM?: number) => ({ verdict, lineM, limitsM }) as unknown as Gap

  it('is wrong by as much as the true gap lies outside of what was said', () => {
    expect(wrongBy(predicted('good'), yards(10), yards(150))).toBe(0)
    expect(wrongBy(predicted('good'), yards(17.5), yards(150))).toBeCloseTo(2.5, 9)
    expect(wrongBy(predicted('too-wide'), yards(14), yards(150))).toBeCloseTo(1, 9)
    expect(wrongBy(predicted('reversed'), yards(0.5), yards(150))).toBeCloseTo(0.5, 9)
  })

  it('borderline or level is right within the width of the line', () => {
    expect(wrongBy(predicted('borderline', yards(15)), yards(17.9), yards(140))).toBe(0)
    expect(wrongBy(predicted('borderline', yards(15)), yards(18.5), yards(140))).toBeCloseTo(0.5, 9)
    expect(wrongBy(predicted('same-distance'), yards(-4), yards(140))).toBeCloseTo(1, 9)
  })

  it('stands against the gap between the true carries', () => {
    const truth = new Map([
      ['a', yards(160)],
      ['b', yards(148)],
    ])
    const isM = trueGapM({ longerId: 'a', shorterId: 'b' } as never, truth)
    expect(zoneAt(isM, limitsM)).toBe('good')
  })
})
