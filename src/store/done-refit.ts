import { withClub, type ClubDetails, type OwnedClub } from '@/core/bag/bag'
import { kindBetween, MOST_CLUBS } from '@/core/bag/club'
import type { ClubId, GolferId } from '@/core/ids'
import { LETTERS } from '@/core/limits'
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
  constructor(readonly said: NotDone) {
    super(said.because)
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
      const changed = new Set(
        fixes.flatMap((fix) => (isTurn(fix) || fix.kind === 'length' ? [fix.clubId] : [])),
      )
      for (const clubId of changed) change(db, ownClub(db, golferId, clubId), golferId, fixes, sinceMs)
      if (fixes.some(({ kind }) => kind === 'drop' || kind === 'add' || kind === 'swap'))
        changeBag(db, golferId, fixes, sinceMs)
    }).immediate()
    return null
  } catch (error) {
    if (error instanceof Broken) return error.said
    throw error
  }
}

/** One new set-up of a club with all that was done to it. */
function change(
  db: Database,
  { id, name, kind, loftDeg, build }: OwnedClub,
  golferId: GolferId,
  fixes: readonly Fix[],
  sinceMs: number,
): void {
  const club = { name, kind, loftDeg, build: { ...build } }
  for (const fix of fixes) {
    if (isTurn(fix) && fix.clubId === id) {
      if (club.loftDeg === null) throw new Broken({ because: 'no-loft', club: name })
      club.loftDeg += fix.degrees
      if (fix.kind === 'bend' && club.build.bounceDeg !== undefined) club.build.bounceDeg += fix.degrees
    }
    if (fix.kind === 'length' && fix.clubId === id) {
      if (club.build.lengthM === undefined) throw new Broken({ because: 'no-length', club: name })
      club.build.lengthM += fix.longerM
    }
  }
  if (changeClubSince(db, golferId, id, club, sinceMs) !== 'changed')
    throw new Broken({ because: 'too-early', club: name })
}

function changeBag(db: Database, golferId: GolferId, fixes: readonly Fix[], sinceMs: number): void {
  const bag = bagOf(db, golferId)
  if (!bag) throw new Broken({ because: 'no-bag' })
  if (sinceMs < bag.sinceMs) throw new Broken({ because: 'too-early' })
  const clubs = new Map(clubsOf(db, golferId).map((club) => [club.id, club]))
  let ids = bag.clubs.map(({ id }) => id)
  const inBag = () => ids.flatMap((id) => clubs.get(id) ?? [])
  const bought = (details: ClubDetails): OwnedClub => {
    const named = { ...details, name: freeName(db, golferId, details.name) }
    const club = { ...named, build: named.build ?? {}, sinceMs: 0, id: insertClub(db, golferId, named) }
    clubs.set(club.id, club)
    return club
  }
  for (const fix of fixes) {
    if (fix.kind === 'drop') ids = ids.filter((id) => id !== ownClub(db, golferId, fix.clubId).id)
    if (fix.kind === 'swap') {
      const { name, kind, build } = ownClub(db, golferId, fix.clubId)
      const model = build.model === undefined ? {} : { build: { model: build.model } }
      const fresh = bought({ name: `${name} ${fix.loftDeg}°`, kind, loftDeg: fix.loftDeg, ...model })
      ids = ids.map((id) => (id === fix.clubId ? fresh.id : id))
    }
    if (fix.kind === 'add') {
      const club =
        fix.loftDeg === undefined
          ? ownClub(db, golferId, fix.clubId as ClubId)
          : bought(clubOf(inBag(), fix.loftDeg))
      if (!ids.includes(club.id)) ids = withClub(inBag(), club).map(({ id }) => id)
    }
  }
  if (!inBag().some(({ kind }) => kind !== 'putter')) throw new Broken({ because: 'no-club' })
  if (ids.length > MOST_CLUBS) throw new Broken({ because: 'too-many' })
  putInBag(db, golferId, bag, ids, sinceMs)
}

/** A club that is bought at a loft: "51° wedge". */
function clubOf(clubs: readonly OwnedClub[], loftDeg: number): ClubDetails {
  const known = clubs.filter((club) => club.kind !== 'putter' && club.loftDeg !== null)
  const longer = known.findLast((club) => (club.loftDeg as number) <= loftDeg)
  const shorter = known.find((club) => (club.loftDeg as number) > loftDeg)
  const kind = kindBetween(longer?.kind, shorter?.kind)
  return { name: `${loftDeg}° ${kind}`, kind, loftDeg }
}

function freeName(db: Database, golferId: GolferId, name: string): string {
  for (let i = 1; ; i++) {
    const tail = i === 1 ? '' : ` (${i})`
    const free = `${name.slice(0, LETTERS.club - tail.length)}${tail}`
    if (clubByName(db, golferId, free) === null) return free
  }
}

function ownClub(db: Database, golferId: GolferId, clubId: ClubId): OwnedClub {
  const club = clubsOf(db, golferId).find(({ id }) => id === clubId)
  if (!club) throw new Broken({ because: 'unknown' })
  return club
}
