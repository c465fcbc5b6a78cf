import { analyseBag } from '@/core/analyse-bag'
import { type BagAnalysis, type BagInput } from '@/core/analysis/bag-analysis'
import type { ClubId } from '@/core/model/ids'
import { refit, type Refit } from '@/core/refit/refit'
import type { RefitClub } from '@/core/bag/bag'
import type { Mark } from '@/core/model/mark'
import { FULL_SWING, type Swing } from '@/core/model/station'
import type { Stock } from '@/core/stock/stock'

/** A bag with its shots, and clubs beside it that may have shots as well. */
export type RefitBag = Omit<BagInput, 'clubs'> & {
  clubs: RefitClub[]
  rack: RefitClub[]
  wanted?: number | 'fewest'
}

/** What the shots of a bag say, and what may be done about it. */
export function refitOf({ clubs, rack, wanted, ...input }: RefitBag): {
  analysis: BagAnalysis
  refit: Refit
} {
  const analysis = analyseBag({ ...input, clubs: clubs.map(bare) })
  const found = refit({
    clubs,
    rack,
    analysis,
    rackStocks: stocksOfRack({ clubs, rack, ...input }),
    days: daysOfClubs(marked(input.shots, analysis)),
    ...(input.rules && { rules: input.rules }),
    ...(wanted !== undefined && { wanted }),
  })
  return { analysis, refit: found }
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

/** Shots with what each was taken for. */
function marked(shots: BagInput['shots'], { shots: judged }: BagAnalysis) {
  const marks = new Map(judged.map(({ shotId, mark }) => [shotId, mark]))
  return shots.map(({ clubId, swing, session = 0, id }) => ({
    clubId,
    swing,
    session,
    mark: marks.get(id) ?? 'misread',
  }))
}

/** A club as the analysis takes it. */
const bare = ({ id, kind, loftDeg, order, job }: RefitClub) => ({
  id,
  kind,
  loftDeg,
  order,
  ...(job && { job }),
})

/** On how many days a solid full shot was hit with each club: sessions are days. */
export function daysOfClubs(
  shots: readonly { clubId: ClubId; swing: Swing; session?: number; mark: Mark }[],
): Map<ClubId, number> {
  const days = new Map<ClubId, Set<number>>()
  for (const { clubId, swing, session = 0, mark } of shots)
    if (swing === FULL_SWING && mark === 'solid')
      days.set(clubId, (days.get(clubId) ?? new Set()).add(session))
  return new Map([...days].map(([club, sessions]) => [club, sessions.size]))
}
