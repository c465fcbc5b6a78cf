import { refitClubs, type Bag, type ClubDetails, type OwnedClub } from '@/core/bag/bag'
import { MOST_CLUBS } from '@/core/bag/club'
import type { ClubId, GolferId } from '@/core/model/ids'
import { MAX_LENGTH } from '@/core/model/limits'
import { applyFixes, type FixedClub } from '@/core/refit/apply-fixes'
import { isTurn, type Fix } from '@/core/refit/fixes'
import { bagOf, putInBag } from './bags'
import { changeClubSince, clubByName, clubsOf, insertClub } from './clubs'
import type { Database } from './database'

/** Why fixes cannot be done to the bag as it is, and at which club. */
export type NotDone = {
  because: 'no-bag' | 'unknown' | 'too-early' | 'no-loft' | 'no-length' | 'no-club' | 'too-many'
  club?: string
}
class Broken extends Error {
  constructor(readonly notDone: NotDone) {
    super(notDone.because)
  }
}

/**
 * Does to the clubs and the bag what was on paper, from a moment on: clubs that were bent or turned get a new set-up, and
 * another set of clubs is a new bag. All of it or nothing. Gripping down changes no club, and is left out.
 * @returns null where it was done
 */
export function doRefit(
  db: Database,
  golferId: GolferId,
  fixes: readonly Fix[],
  sinceMs: number,
): NotDone | null {
  try {
    db.transaction(() => {
      const owned = new Map(clubsOf(db, golferId).map((club) => [club.id, club]))
      if (fixes.some((fix) => 'clubId' in fix && fix.clubId !== undefined && !owned.has(fix.clubId)))
        throw new Broken({ because: 'unknown' })
      const bag = bagOf(db, golferId)
      const clubs = bag
        ? refitClubs(bag)
        : { clubs: [], rack: refitClubs({ clubs: [...owned.values()], rack: [] }).clubs }
      const after = applyFixes(clubs.clubs, clubs.rack, fixes)
      // A club that is not in the bag can be bent too.
      const turns = fixes.filter((fix) => isTurn(fix) || fix.kind === 'length')
      const rack = clubs.rack.filter(({ id }) => !after.some(({ club }) => club.id === id))
      for (const each of [...after, ...applyFixes(rack, [], turns)])
        if (each.bought === undefined && (each.turnedDeg !== 0 || each.longerM !== 0))
          change(db, golferId, owned.get(each.club.id) as OwnedClub, each, sinceMs)
      if (fixes.some(({ kind }) => kind === 'drop' || kind === 'add' || kind === 'swap'))
        changeBag(db, golferId, bag, after, owned, sinceMs)
    }).immediate()
    return null
  } catch (error) {
    if (error instanceof Broken) return error.notDone
    throw error
  }
}

/** One new set-up of a club with all that was done to it. */
function change(
  db: Database,
  golferId: GolferId,
  { id, name, kind, loftDeg, build }: OwnedClub,
  { club, turnedDeg, longerM }: FixedClub,
  sinceMs: number,
): void {
  if (turnedDeg !== 0 && loftDeg === null) throw new Broken({ because: 'no-loft', club: name })
  if (longerM !== 0 && build.lengthM === undefined) throw new Broken({ because: 'no-length', club: name })
  const { bounceDeg, lengthM } = club
  const built = {
    ...build,
    ...(bounceDeg !== undefined && { bounceDeg }),
    ...(lengthM !== undefined && { lengthM }),
  }
  const changed = { name, kind, loftDeg: club.loftDeg, build: built }
  if (changeClubSince(db, golferId, id, changed, sinceMs) !== 'changed')
    throw new Broken({ because: 'too-early', club: name })
}

function changeBag(
  db: Database,
  golferId: GolferId,
  bag: Bag | null,
  after: readonly FixedClub[],
  owned: ReadonlyMap<ClubId, OwnedClub>,
  sinceMs: number,
): void {
  if (!bag) throw new Broken({ because: 'no-bag' })
  if (sinceMs < bag.sinceMs) throw new Broken({ because: 'too-early' })
  if (!after.some(({ club }) => club.kind !== 'putter')) throw new Broken({ because: 'no-club' })
  if (after.length > MOST_CLUBS) throw new Broken({ because: 'too-many' })
  const ids = after.map((each) =>
    each.bought === undefined
      ? each.club.id
      : insertClub(db, golferId, boughtClub(db, golferId, each, owned)),
  )
  putInBag(db, golferId, bag, ids, sinceMs)
}

/** A club that is bought, under a name that is free: "51° wedge", "S-wedge 52°" in the place of the S-wedge. */
function boughtClub(
  db: Database,
  golferId: GolferId,
  { club: { id, kind, loftDeg, model }, bought }: FixedClub,
  owned: ReadonlyMap<ClubId, OwnedClub>,
): ClubDetails {
  const name = bought === 'swap' ? `${owned.get(id)?.name ?? ''} ${loftDeg}°` : `${loftDeg}° ${kind}`
  return {
    name: freeName(db, golferId, name),
    kind,
    loftDeg,
    ...(model !== undefined && { build: { model } }),
  }
}

function freeName(db: Database, golferId: GolferId, name: string): string {
  for (let i = 1; ; i++) {
    const tail = i === 1 ? '' : ` (${i})`
    const free = `${name.slice(0, MAX_LENGTH.club - tail.length)}${tail}`
    if (clubByName(db, golferId, free) === null) return free
  }
}
