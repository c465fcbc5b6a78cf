import type { ClubId } from '../model/ids'
import { FULL_SWING, type Swing } from '../model/station'
import { after, settleChance, type Prospect, type GapProspect } from './outlook'

/** What to hit next, in bag order, with why. */
export type NextShots = { clubId: ClubId; swing: Swing; shots: number; facts: NextFact[] }
type NextFact =
  | { kind: 'too-few'; count: number }
  | { kind: 'would-settle'; longerId: ClubId; shorterId: ClubId; chance: number }

/** A club as far as its next shots go. */
export type NextClub = { clubId: ClubId; count: number; stock: Prospect | null }
/** A gap between a club and the one after it; null where it has not two stocks. */
type NextGap = {
  settled: boolean
  resting: boolean
  extraVarianceM2: number
  limitsM: GapProspect['limitsM']
} | null

/** Before anything is judged every club gets this many. */
const FIRST = 3
/** Shots come in blocks of three, and four blocks are a set: analysed again after the set, not after each block (that doubled the wrong verdicts). */
const BLOCK = 3
const BLOCKS_IN_SET = 4
/** Gaps are worth shots even where they cannot be settled yet: a little, to break ties. */
const TIE_BREAK = 0.05
/** Less than this share of a settled gap for a block of three is not worth a walk to the mat. */
const LEAST_WORTH = 0.004

/** Ways to spend a few blocks on neighbours: one club alone often settles nothing. Shots, longest club first. */
const BUNDLES = [[3], [6], [3, 3], [3, 6], [6, 3], [6, 6], [9, 9], [3, 3, 3]]

/**
 * The next set of shots: first three with every club, then whatever is expected to settle most gaps a shot.
 * Nothing where more shots would change nothing.
 * @param clubs in bag order
 * @param gaps between neighbours, one fewer
 */
export function nextShots(clubs: readonly NextClub[], gaps: readonly NextGap[]): NextShots[] {
  const lacking = clubs.filter(({ count }) => count < FIRST)
  if (lacking.length > 0) {
    return lacking.map(({ clubId, count }) => ({
      clubId,
      swing: FULL_SWING,
      shots: FIRST - count,
      facts: [{ kind: 'too-few', count }],
    }))
  }
  const planned = clubs.map(() => 0)
  let blocks = 0
  while (blocks < BLOCKS_IN_SET) {
    const best = bestBundle(clubs, gaps, planned)
    if (!best) break
    // A bundle that does not fit any more is begun: its clubs take turns.
    const left = [...best.shots]
    while (blocks < BLOCKS_IN_SET && left.some((shots) => shots > 0)) {
      for (let i = 0; i < left.length && blocks < BLOCKS_IN_SET; i++) {
        if ((left[i] as number) <= 0) continue
        left[i] = (left[i] as number) - BLOCK
        planned[best.first + i] = (planned[best.first + i] as number) + BLOCK
        blocks++
      }
    }
  }
  return clubs.flatMap(({ clubId }, i) => {
    const shots = planned[i] as number
    return shots === 0 ? [] : [{ clubId, swing: FULL_SWING, shots, facts: factsOf(clubs, gaps, planned, i) }]
  })
}

function bestBundle(
  clubs: readonly NextClub[],
  gaps: readonly NextGap[],
  planned: readonly number[],
): { first: number; shots: number[] } | null {
  let best: { first: number; shots: number[]; worth: number } | null = null
  for (const shots of BUNDLES) {
    const total = shots.reduce((sum, n) => sum + n, 0)
    for (let first = 0; first + shots.length <= clubs.length; first++) {
      let gain = 0
      for (let i = first - 1; i < first + shots.length; i++) {
        const prospect = prospectOf(clubs, gaps, planned, i)
        if (!prospect) continue
        const now = settleChance(prospect, 0, 0)
        const then = settleChance(prospect, shots[i - first] ?? 0, shots[i + 1 - first] ?? 0)
        gain += then.settle - now.settle + TIE_BREAK * (then.zone - now.zone)
      }
      const worth = (gain * BLOCK) / total
      if (worth > Math.max(LEAST_WORTH, best?.worth ?? 0)) best = { first, shots, worth }
    }
  }
  return best
}

/** A gap after what is planned so far; null where it needs no shots. */
function prospectOf(
  clubs: readonly NextClub[],
  gaps: readonly NextGap[],
  planned: readonly number[],
  i: number,
): GapProspect | null {
  const gap = gaps[i]
  const longer = clubs[i]?.stock
  const shorter = clubs[i + 1]?.stock
  if (!gap || gap.settled || gap.resting || !longer || !shorter) return null
  return {
    longer: after(longer, planned[i] ?? 0),
    shorter: after(shorter, planned[i + 1] ?? 0),
    extraVarianceM2: gap.extraVarianceM2,
    limitsM: gap.limitsM,
  }
}

/** What the set does to the chances of the open gaps beside a club. */
function factsOf(
  clubs: readonly NextClub[],
  gaps: readonly NextGap[],
  planned: readonly number[],
  club: number,
): NextFact[] {
  const none = clubs.map(() => 0)
  return [club - 1, club].flatMap((i) => {
    const gap = prospectOf(clubs, gaps, none, i)
    const longer = clubs[i]
    const shorter = clubs[i + 1]
    if (!gap || !longer || !shorter) return []
    const to = settleChance(gap, planned[i] ?? 0, planned[i + 1] ?? 0).settle
    return [{ kind: 'would-settle', longerId: longer.clubId, shorterId: shorter.clubId, chance: to }]
  })
}
