import type { BagId, ClubId } from '../model/ids'
import type { ClubBuild } from './club-build'
import type { Club, ClubKind } from './club'

/** What a golfer says of a club; how it is made only where that was asked. */
export type ClubDetails = { name: string; kind: ClubKind; loftDeg: number | null; build?: ClubBuild }
/** `sinceMs`: since when it is as it is; 0 where it always was. */
export type OwnedClub = ClubDetails & { id: ClubId; build: ClubBuild; sinceMs: number }
/** One of a golfer's bags in the order of time; the newest one has no end. */
export type DatedBag = { id: BagId; name: string; sinceMs: number; untilMs: number | null; clubs: number }
/** A dated set-up of clubs, longest first; the golfer's other clubs are on the rack. */
export type Bag = { id: BagId; name: string; sinceMs: number; clubs: OwnedClub[]; rack: OwnedClub[] }

/** The clubs of a bag and those out of it. */
export const allClubs = <Each>({
  clubs,
  rack,
}: {
  clubs: readonly Each[]
  rack: readonly Each[]
}): Each[] => [...clubs, ...rack]

/** The clubs of a bag with one more, where its loft belongs: the putter stands last. */
export function withClub<Each extends Pick<OwnedClub, 'kind' | 'loftDeg'>>(
  clubs: readonly Each[],
  club: Each,
): Each[] {
  const { kind, loftDeg } = club
  const shorter = clubs.findIndex(
    (each) => each.kind === 'putter' || (loftDeg !== null && each.loftDeg !== null && each.loftDeg > loftDeg),
  )
  return clubs.toSpliced(kind === 'putter' || shorter < 0 ? clubs.length : shorter, 0, club)
}

/** The clubs of a bag as the calculations take them, each with its place. */
export const clubsInOrder = ({ clubs }: Pick<Bag, 'clubs'>): Club[] =>
  clubs.map(({ id, kind, loftDeg, build: { job, loftMeasured } }, order) => ({
    id,
    kind,
    loftDeg,
    order,
    ...(loftMeasured && { loftMeasured }),
    ...(job && { job }),
  }))

/** The same with how each is made, for what may be done about them; those of the rack behind them. */
export function refitClubs({ clubs, rack }: Pick<Bag, 'clubs' | 'rack'>): {
  clubs: RefitClub[]
  rack: RefitClub[]
} {
  const made =
    (from: number) =>
    ({ id, kind, loftDeg, build }: OwnedClub, i: number): RefitClub => ({
      id,
      kind,
      loftDeg,
      order: from + i,
      ...build,
    })
  return { clubs: clubs.map(made(0)), rack: rack.map(made(clubs.length)) }
}

/** A club with what a change to it hangs on. */
export type RefitClub = Club & ClubBuild
