import type { Dice } from '../../simulators/golfers/dice'
import { dice } from '../../simulators/golfers/dice'
import type { HiddenGolfer } from '../../simulators/golfers/hidden-golfer'
import {
  hitSession,
  inRounds,
  type PlannedShot,
  type SessionShot,
} from '../../simulators/golfers/hit-session'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import { trueGapM, truthOf, wrongBy } from './score'
import { analyseTrial } from './trial'
import type { World } from './worlds'

/** Shots spent, share of gaps settled and share of those that were wrong, from the first verdicts on. */
export type Course = { shots: number; settled: number; wrong: number }[]

const FIRST_ROUND = 3
const MOST_SHOTS = 300

/** What one golfer settles by hitting what Banco proposes, and by hitting three more with every club each time. */
export function bothPlans(world: World, seed: number): { next: Course; uniform: Course } {
  const golfer = world.golfer('g', dice(seed))
  const rounds = inRounds(golfer.clubs, FIRST_ROUND)
  return {
    next: follow(world, golfer, dice(seed + 1), (analysis) =>
      analysis.next.flatMap(({ clubId, shots }) => {
        const club = golfer.clubs.find(({ name }) => name === clubId)
        return club ? Array.from({ length: shots }, () => ({ club, swing: 'full' })) : []
      }),
    ),
    uniform: follow(world, golfer, dice(seed + 1), () => rounds),
  }
}

/** The mean share of gaps over many courses at a number of shots; a golfer who has stopped keeps what is settled. */
export function meanAt(courses: readonly Course[], shots: number, of: 'settled' | 'wrong'): number {
  const at = courses.map((course) => {
    const after = course.findIndex((point) => point.shots >= shots)
    if (after < 0) return course.at(-1)?.[of] ?? 0
    const [b, a] = [course[after], course[after - 1]]
    if (!b || !a) return b?.shots === shots ? b[of] : 0
    return a[of] + ((shots - a.shots) / (b.shots - a.shots)) * (b[of] - a[of])
  })
  return at.reduce((sum, each) => sum + each, 0) / at.length
}

/** How many shots it takes until the mean share is settled; null where that is never reached. */
export function shotsToSettle(courses: readonly Course[], share: number): number | null {
  for (let shots = 20; shots <= MOST_SHOTS; shots++)
    if (meanAt(courses, shots, 'settled') >= share) return shots
  return null
}

function follow(
  { hit }: World,
  golfer: HiddenGolfer,
  roll: Dice,
  plan: (analysis: BagAnalysis) => PlannedShot[],
): Course {
  const shots: SessionShot[] = hitSession(golfer, inRounds(golfer.clubs, FIRST_ROUND), roll, { hit })
  const course: Course = []
  const truth = truthOf(golfer)
  for (;;) {
    const analysis = analyseTrial({ golfer, shots })
    const settled = analysis.gaps.filter((gap) => gap.settled)
    const wrong = settled.filter(
      (gap) => wrongBy(gap, trueGapM(gap, truth), truth.get(gap.shorterId) as number) > 0,
    )
    course.push({
      shots: shots.length,
      settled: settled.length / analysis.gaps.length,
      wrong: wrong.length / analysis.gaps.length,
    })
    const more = plan(analysis)
    if (more.length === 0 || shots.length >= MOST_SHOTS) return course
    shots.push(...hitSession(golfer, more, roll, { hit, from: shots.length }))
  }
}
