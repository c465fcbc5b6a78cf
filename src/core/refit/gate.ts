import type { BagAnalysis } from '../analysis/bag-analysis'
import type { GapClubs } from '../gaps/gap-clubs'
import { isJudged, type JudgedGap, type Gap } from '../gaps/gap'
import type { ClubId } from '../model/ids'
import { fullSwingOf, atStation } from '../model/station'
import { isHit, type Stock } from '../stock/stock'
import type { RefitClub } from '../bag/bag'

/** Why nothing is to be done to a club yet. */
const SHUT = ['not-settled', 'few-shots', 'strike', 'lofts-not-measured'] as const
export type Shut = (typeof SHUT)[number]

/** A gap that is not even, and what stands before any change of a club. */
export type Gate = GapClubs & { shut?: Shut }

/** A change of a club wants this many solid shots with it, on so many days. */
export const FEWEST_TO_REFIT = { solid: 10, days: 2 }

/** Whether a gap is none that the golfer wants: called, or leaning that way, and not kept as is. */
export const isNotice = (gap: Gap): gap is JudgedGap =>
  isJudged(gap) &&
  gap.leftOnPurpose === undefined &&
  gap.verdict !== 'good' &&
  gap.verdict !== 'borderline' &&
  gap.zones.good < 0.5

/** The days on which solid shots were hit with each club, by full swing. */
export type DaysOfClubs = ReadonlyMap<ClubId, number>

/** Every trouble of a bag with what shuts the gate before it, the worst first: settled ones, then by how far from even. */
export function gates(
  { gaps, stocks }: Pick<BagAnalysis, 'gaps' | 'stocks'>,
  clubs: readonly RefitClub[],
  days: DaysOfClubs,
): Gate[] {
  return gaps
    .filter(isNotice)
    .sort((a, b) => Number(b.settled) - Number(a.settled) || awayFrom(b) - awayFrom(a))
    .map((gap): Gate => {
      const { longerId, shorterId } = gap
      const sides = [longerId, shorterId].map((id) => ({
        club: clubs.find((club) => club.id === id),
        stock: atStation(stocks, fullSwingOf(id)),
        days: days.get(id) ?? 0,
      }))
      const shut = gap.settled ? sides.map(shutBy).find((each) => each !== null) : 'not-settled'
      return { longerId, shorterId, ...(shut && { shut }) }
    })
}

const ORDER: readonly Shut[] = SHUT

function shutBy({
  club,
  stock,
  days,
}: {
  club: RefitClub | undefined
  stock: Stock | undefined
  days: number
}): Shut | null {
  if (!isHit(stock) || stock.count < FEWEST_TO_REFIT.solid || days < FEWEST_TO_REFIT.days) return 'few-shots'
  if (stock.offCurve?.cause === 'strike') return 'strike'
  return club?.loftMeasured ? null : 'lofts-not-measured'
}

/** The first thing that shuts the gate before several troubles. */
export const firstShut = (of: readonly Gate[]): Shut | null =>
  ORDER.find((shut) => of.some((gate) => gate.shut === shut)) ?? null

/** How far a gap lies outside of what is even, in metres. */
function awayFrom({ gapM, limitsM: { tooClose: tooClose, tooWide: tooWide } }: JudgedGap): number {
  return Math.max(tooClose - gapM, gapM - tooWide)
}
