import type { Block } from '../session/plan'
import { sameStation, type Station } from '../model/station'

const SHOTS_A_BLOCK = 3

/** A fair trial of two stations on one day: A B B A, three each, so that tiredness and a changing day fall on both alike. */
export const trialBlocks = (a: Station, b: Station): Block[] =>
  [a, b, b, a].map(({ clubId, swing }) => ({ clubId, swing, shots: SHOTS_A_BLOCK }))

/** The two stations that a plan tries against each other; null for any other plan. */
export function trialOf(plan: readonly Block[]): { a: Station; b: Station } | null {
  const [a, ...rest] = plan
  const b = rest.find((block) => a && !sameStation(block, a))
  if (!a || !b || plan.length < 4) return null
  const isEither = (block: Block) => sameStation(block, a) || sameStation(block, b)
  return plan.every(isEither)
    ? { a: { clubId: a.clubId, swing: a.swing }, b: { clubId: b.clubId, swing: b.swing } }
    : null
}
