import type { Dice } from '../../simulators/golfers/dice'
import { dice } from '../../simulators/golfers/dice'
import type { HiddenGolfer } from '../../simulators/golfers/hidden-golfer'
import {
  hitSession,
  inRounds,
  type PlannedShot,
  type SessionShot,
} from '../../simulators/golfers/hit-session'
import type { BagAnalysis } from '@/core/analyse-bag'
import { analyseTrial } from './trial'
import type { World } from './worlds'

/** Shots spent and share of steps settled, from the first verdicts on. */
export type Course = { shots: number; settled: number }[]

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

/** The mean share settled over many courses at a number of shots; a golfer who has stopped keeps what is settled. */
export function settledAt(courses: readonly Course[], shots: number): number {
  const at = courses.map((course) => {
    const after = course.findIndex((point) => point.shots >= shots)
    if (after < 0) return course.at(-1)?.settled ?? 0
    const [b, a] = [course[after], course[after - 1]]
    if (!b || !a) return b?.shots === shots ? b.settled : 0
    return a.settled + ((shots - a.shots) / (b.shots - a.shots)) * (b.settled - a.settled)
  })
  return at.reduce((sum, each) => sum + each, 0) / at.length
}

/** How many shots it takes until the mean share is settled; null where that is never reached. */
export function shotsToSettle(courses: readonly Course[], share: number): number | null {
  for (let shots = 20; shots <= MOST_SHOTS; shots++) if (settledAt(courses, shots) >= share) return shots
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
  for (;;) {
    const analysis = analyseTrial({ golfer, shots })
    const settled = analysis.steps.filter((step) => step.settled).length / analysis.steps.length
    course.push({ shots: shots.length, settled })
    const more = plan(analysis)
    if (more.length === 0 || shots.length >= MOST_SHOTS) return course
    shots.push(...hitSession(golfer, more, roll, { hit, from: shots.length }))
  }
}
