import { describe, expect, it } from 'vitest'
import {
  analyseTrial,
  bagInputOf,
  oneDay,
  seedOfTrial,
  type Order,
  type Trial,
} from '../../../bench/judgement/trial'
import { USUAL } from '../../../bench/judgement/worlds'
import { dice } from '../../../simulators/golfers/dice'
import { goodBag, SIX } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import { type BagAnalysis } from '../analysis/bag-analysis'
import { judgeStations } from '../judge/judge-stations'
import { readShots } from '../judge/read-shots'
import type { Recommendation } from './beyond-shots'

const trial = (order: Order, shotsEach: number, seed = 1): Trial =>
  oneDay(USUAL, shotsEach, order, dice(seedOfTrial(424_242, seed, shotsEach)))
const worth = ({ recommendations }: BagAnalysis, kind: Recommendation['kind']): number => {
  const help = recommendations.find((each) => each.kind === kind)
  return help ? (help.shots ?? Infinity) : 0
}

describe('what would help more than shots', () => {
  it('is rounds for who hits club after club, and not for who hits in rounds of many', () => {
    expect(worth(analyseTrial(trial('club after club', 6)), 'rounds')).toBeGreaterThan(10)
    expect(worth(analyseTrial(trial('rounds', 12)), 'rounds')).toBe(0)
  })

  it('is another day for one day, and not for two', () => {
    const { golfer, shots } = trial('rounds', 6)
    expect(worth(analyseTrial({ golfer, shots }), 'another-day')).toBeGreaterThan(0)
    const twice = shots.map((shot, i) => ({ ...shot, session: i < shots.length / 2 ? 0 : 1 }))
    expect(worth(analyseTrial({ golfer, shots: twice }), 'another-day')).toBe(0)
  })

  it('is the word on a strike as long as strikes have to be guessed', () => {
    const hit = trial('rounds', 6)
    expect(worth(analyseTrial(hit), 'strikes')).toBeGreaterThan(0)
    expect(worth(analyseTrial(hit, { strikes: true }), 'strikes')).toBeLessThan(
      worth(analyseTrial(hit), 'strikes'),
    )
  })

  it('is lofts where none was measured, names where most, and is none where all were', () => {
    const bags = Array.from({ length: 12 }, (_, seed) => bagInputOf(trial('rounds', 4, seed)))
    const lofts = bags.map((bag) => analyseBag(bag).recommendations.find(({ kind }) => kind === 'lofts'))
    expect(lofts.some((help) => help !== undefined && help.clubIds!.length >= 2)).toBe(true)
    for (const bag of bags) {
      const clubs = bag.clubs.map((club) => ({ ...club, loftMeasured: true }))
      expect(worth(analyseBag({ ...bag, clubs }), 'lofts')).toBe(0)
    }
  })

  it('is said best first, worth half a set at the least, and not before three clubs were hit', () => {
    const { recommendations } = analyseTrial(trial('club after club', 6))
    const prices = recommendations.map(({ shots }) => shots ?? Infinity)
    expect(prices).toEqual([...prices].sort((a, b) => b - a))
    expect(Math.min(...prices)).toBeGreaterThanOrEqual(6)
    const two = goodBag().filter(({ clubId }) => clubId === '7-iron' || clubId === '9-iron')
    expect(analyseBag({ clubs: SIX, shots: two }).recommendations).toEqual([])
    expect(analyseBag({ clubs: SIX, shots: [] }).recommendations).toEqual([])
  })

  it('is priced in shots that take as much off the variances, the same with every club', () => {
    const bag = bagInputOf(trial('rounds', 6))
    const { recommendations, stocks } = analyseBag(bag)
    const { stations, spread } = judgeStations(bag.clubs, readShots(bag.clubs, bag.shots, new Set()))
    const known = stations.flatMap(({ posterior }) => (posterior ? [posterior] : []))
    expect(known).toHaveLength(stocks.length)
    // Days differ by 1.5%, and half of the shots on another one halve what that does to a stock.
    const gain = sum(known, ({ meanM }) => (0.015 * meanM) ** 2 / 2)
    const each = recommendations.find(({ kind }) => kind === 'another-day')!.shots! / known.length
    const more = sum(known, ({ meanM, varianceM2 }) => {
      const good = each * (1 - spread.missed)
      return varianceM2 - 1 / (1 / varianceM2 + good / (1.08 * (spread.carry * meanM) ** 2))
    })
    expect(more / gain).toBeGreaterThan(0.95)
    expect(more / gain).toBeLessThan(1.05)
  })
})

const sum = <T>(all: readonly T[], of: (each: T) => number): number =>
  all.reduce((total, each) => total + of(each), 0)
