import { inRounds, hitSession } from '../../simulators/golfers/hit-session'
import { dice } from '../../simulators/golfers/dice'
import { ratioOf, type Ratio } from './ratio'
import { truthOf, trueGapM, wrongBy } from './score'
import { analyseTrial, seedOfTrial } from './trial'
import type { World } from './worlds'

const ROUND = 3
const ROUNDS = 8

/** What a golfer comes to who takes the first verdict on a gap for the last one. */
type Looked = {
  gaps: number
  first: number
  wrongFirst: number
  predicted: number
  last: number
  wrongLast: number
}

/**
 * Golfers who look after every round of three with each club, and of each gap believe the first verdict that
 * appears, beside the verdicts after the last round, looked at once.
 */
export function repeatedLooks(
  world: World,
  golfers: number,
  seed: number,
): { first: Ratio; predicted: Ratio; settled: Ratio; last: Ratio } {
  const each: Looked[] = []
  for (let g = 0; g < golfers; g++) {
    const roll = dice(seedOfTrial(seed, g, 77))
    const golfer = world.golfer('g', roll)
    const shots = hitSession(golfer, inRounds(golfer.clubs, ROUND * ROUNDS, ROUND), roll, { hit: world.hit })
    const truth = truthOf(golfer)
    const looked: Looked = { gaps: 0, first: 0, wrongFirst: 0, predicted: 0, last: 0, wrongLast: 0 }
    const believed = new Set<string>()
    for (let round = 1; round <= ROUNDS; round++) {
      const { gaps } = analyseTrial({ golfer, shots: shots.slice(0, round * ROUND * golfer.clubs.length) })
      for (const gap of gaps) {
        if (round === 1) looked.gaps++
        if (!gap.settled) continue
        const wrong = wrongBy(gap, trueGapM(gap, truth), truth.get(gap.shorterId) as number) > 0
        if (round === ROUNDS) {
          looked.last++
          if (wrong) looked.wrongLast++
        }
        const key = `${gap.longerId} ${gap.shorterId}`
        if (believed.has(key)) continue
        believed.add(key)
        looked.first++
        looked.predicted += 1 - gap.probability
        if (wrong) looked.wrongFirst++
      }
    }
    each.push(looked)
  }
  return {
    first: ratioOf(
      each,
      (all) => all.wrongFirst,
      (all) => all.first,
    ),
    predicted: ratioOf(
      each,
      (all) => all.predicted,
      (all) => all.first,
    ),
    settled: ratioOf(
      each,
      (all) => all.first,
      (all) => all.gaps,
    ),
    last: ratioOf(
      each,
      (all) => all.wrongLast,
      (all) => all.last,
    ),
  }
}
