import { randomUUID } from 'node:crypto'
import type { ClubBuild } from '@/core/bag/club-build'
import type { Bag, ClubDetails, OwnedClub } from '@/core/bag/bag'
import { MOST_CLUBS } from '@/core/bag/club'
import type { BagId, ClubId, GolferId } from '@/core/ids'
import type { Database } from './database'

const CLUB = 'c.id, c.name, c.kind, c.loft_deg AS loftDeg, c.build'
type ClubRow = Omit<OwnedClub, 'build'> & { build: string }
const ownedClub = ({ build, ...club }: ClubRow): OwnedClub => ({
  ...club,
  build: JSON.parse(build) as ClubBuild,
})

/** The golfer's newest bag, longest club first, with the clubs that stay on the rack; null before the first. */
export function bagOf(db: Database, golferId: GolferId): Bag | null {
  const bag = db
    .prepare(
      `SELECT id, name, since_ms AS sinceMs FROM bag WHERE golfer_id = ?
       ORDER BY since_ms DESC, rowid DESC LIMIT 1`,
    )
    .get(golferId) as Omit<Bag, 'clubs' | 'rack'> | undefined
  if (!bag) return null
  const clubs = db
    .prepare(`SELECT ${CLUB} FROM bag_slot JOIN club c ON c.id = club_id WHERE bag_id = ? ORDER BY slot`)
    .all(bag.id) as ClubRow[]
  const rack = db
    .prepare(
      `SELECT ${CLUB} FROM club c WHERE golfer_id = ? AND id NOT IN (SELECT club_id FROM bag_slot WHERE bag_id = ?)
       ORDER BY loft_deg, name`,
    )
    .all(golferId, bag.id) as ClubRow[]
  return { ...bag, clubs: clubs.map(ownedClub), rack: rack.map(ownedClub) }
}

/** Every club of a golfer, in the bag or on the rack. */
export const clubsOf = (db: Database, golferId: GolferId): OwnedClub[] =>
  (
    db.prepare(`SELECT ${CLUB} FROM club c WHERE golfer_id = ? ORDER BY c.rowid`).all(golferId) as ClubRow[]
  ).map(ownedClub)

/** Starts a golfer's bag with these clubs, longest first; clubs that the golfer has by name are kept. */
export function startBag(
  db: Database,
  golferId: GolferId,
  { name, clubs }: { name: string; clubs: ClubDetails[] },
  nowMs: number,
): BagId {
  const bagId = randomUUID() as BagId
  db.transaction(() => {
    db.prepare('INSERT INTO bag (id, golfer_id, name, since_ms) VALUES (?, ?, ?, ?)').run(
      bagId,
      golferId,
      name,
      nowMs,
    )
    const ids = clubs.map((club) => clubByName(db, golferId, club.name) ?? insertClub(db, golferId, club))
    fillSlots(db, bagId, ids)
  }).immediate()
  return bagId
}

/** Puts these clubs into the bag's slots, longest first; all others of the golfer go to the rack. */
export function setSlots(db: Database, golferId: GolferId, clubIds: ClubId[]) {
  const bag = bagOf(db, golferId)
  if (!bag) return 'no-bag' as const
  if (clubIds.length > MOST_CLUBS) return 'too-many' as const
  const own = new Set(clubsOf(db, golferId).map((club) => club.id))
  if (new Set(clubIds).size < clubIds.length || clubIds.some((id) => !own.has(id))) return 'not-own' as const
  db.transaction(() => fillSlots(db, bag.id, clubIds)).immediate()
  return 'set' as const
}

/** Adds a club: into the first free slot by loft if the bag has one, else on the rack. */
export function addClub(db: Database, golferId: GolferId, club: ClubDetails) {
  return db
    .transaction(() => {
      if (clubByName(db, golferId, club.name)) return { kind: 'name-taken' as const }
      const bag = bagOf(db, golferId)
      const clubId = insertClub(db, golferId, club)
      if (!bag || bag.clubs.length >= MOST_CLUBS) return { kind: 'on-rack' as const, clubId }
      const ids = bag.clubs.map((each) => each.id)
      const shorter = bag.clubs.findIndex(
        (each) =>
          each.kind === 'putter' ||
          (club.loftDeg !== null && each.loftDeg !== null && each.loftDeg > club.loftDeg),
      )
      ids.splice(club.kind === 'putter' || shorter < 0 ? ids.length : shorter, 0, clubId)
      fillSlots(db, bag.id, ids)
      return { kind: 'in-bag' as const, clubId }
    })
    .immediate()
}

/** Changes a club of the golfer. */
export function changeClub(db: Database, golferId: GolferId, clubId: ClubId, club: ClubDetails) {
  const named = clubByName(db, golferId, club.name)
  if (named !== null && named !== clubId) return 'name-taken' as const
  const { changes } = db
    .prepare(
      `UPDATE club SET name = @name, kind = @kind, loft_deg = @loftDeg, build = coalesce(@build, build)
       WHERE id = @clubId AND golfer_id = @golferId`,
    )
    .run({ ...club, build: club.build ? JSON.stringify(club.build) : null, clubId, golferId })
  return changes === 0 ? ('unknown' as const) : ('changed' as const)
}

export function clubByName(db: Database, golferId: GolferId, name: string): ClubId | null {
  const row = db.prepare('SELECT id FROM club WHERE golfer_id = ? AND name = ?').get(golferId, name)
  return row ? (row as { id: ClubId }).id : null
}

/** Adds a club to the golfer's rack. */
export function insertClub(db: Database, golferId: GolferId, club: ClubDetails): ClubId {
  const id = randomUUID() as ClubId
  db.prepare(
    `INSERT INTO club (id, golfer_id, name, kind, loft_deg, build)
     VALUES (@id, @golferId, @name, @kind, @loftDeg, @build)`,
  ).run({ ...club, build: JSON.stringify(club.build ?? {}), id, golferId })
  return id
}

function fillSlots(db: Database, bagId: BagId, clubIds: ClubId[]): void {
  db.prepare('DELETE FROM bag_slot WHERE bag_id = ?').run(bagId)
  const put = db.prepare('INSERT INTO bag_slot (bag_id, slot, club_id) VALUES (?, ?, ?)')
  clubIds.forEach((clubId, slot) => put.run(bagId, slot, clubId))
}
