import { analyseBag, type BagAnalysis, type BagInput } from '@/core/analyse-bag'
import type { ClubId } from '@/core/ids'
import { refit, type Refit } from '@/core/refit/refit'
import type { RefitClub } from '@/core/refit/refit-club'
import { FULL_SWING } from '@/core/station'
import type { Stock } from '@/core/stock/stock'

/** A bag with its shots, and clubs beside it that may have shots as well. */
export type RefitBag = Omit<BagInput, 'clubs'> & { clubs: RefitClub[]; rack: RefitClub[] }

/** What the shots of a bag say, and what may be done about it. */
export function refitOf({ clubs, rack, ...input }: RefitBag): { analysis: BagAnalysis; refit: Refit } {
  const analysis = analyseBag({ ...input, clubs: clubs.map(bare) })
  return { analysis, refit: refitOfAnalysis({ ...input, clubs, rack }, analysis) }
}

/** The same where what the shots of the bag say is known already. */
export function refitOfAnalysis({ clubs, rack, ...input }: RefitBag, analysis: BagAnalysis): Refit {
  return refit({
    clubs,
    rack,
    analysis,
    rackStocks: stocksOfRack({ clubs, rack, ...input }),
    days: daysOfClubs(input.shots, analysis),
    ...(input.rules && { rules: input.rules }),
  })
}

/** The stocks of clubs that are not in the bag, judged beside those that are. */
function stocksOfRack({ clubs, rack, ...input }: RefitBag): Stock[] {
  const hit = rack.filter(
    ({ id, kind }) => kind !== 'putter' && input.shots.some(({ clubId }) => clubId === id),
  )
  if (hit.length === 0) return []
  const racked = new Set(hit.map(({ id }) => id))
  return analyseBag({ ...input, clubs: [...clubs, ...hit].map(bare) }).stocks.filter(({ clubId }) =>
    racked.has(clubId),
  )
}

/** A club as the analysis takes it. */
const bare = ({ id, kind, loftDeg, order }: RefitClub) => ({ id, kind, loftDeg, order })

/** On how many days a solid full shot was hit with each club: sessions are days. */
function daysOfClubs(shots: BagInput['shots'], { shots: judged }: BagAnalysis): Map<ClubId, number> {
  const solid = new Set(judged.flatMap(({ shotId, mark }) => (mark === 'solid' ? [shotId] : [])))
  const days = new Map<ClubId, Set<number>>()
  for (const { id, clubId, swing, session = 0 } of shots)
    if (swing === FULL_SWING && solid.has(id)) days.set(clubId, (days.get(clubId) ?? new Set()).add(session))
  return new Map([...days].map(([club, sessions]) => [club, sessions.size]))
}
