import { randomUUID } from 'node:crypto'
import { withClub, type Bag, type ClubDetails, type DatedBag } from '@/core/bag/bag'
import { MOST_CLUBS } from '@/core/bag/club'
import type { BagId, ClubId, GolferId } from '@/core/model/ids'
import {
  CLUB,
  clubByName,
  clubsOf,
  IN_ITS_SET_UP,
  insertClub,
  ownedClub,
  IN_FORCE_MS,
  type ClubRow,
} from './clubs'
import type { Database } from './database'

/**
 * The golfer's bag, longest club first, with the clubs that stay on the rack; null before the first.
 * @param untilMs as it was just before this moment; the newest where none is given
 */
export function bagOf(db: Database, golferId: GolferId, untilMs = IN_FORCE_MS): Bag | null {
  const bag = db
    .prepare(
      `SELECT id, name, since_ms AS sinceMs FROM bag WHERE golfer_id = ?
       ORDER BY since_ms < ? DESC, CASE WHEN since_ms < ? THEN since_ms ELSE -since_ms END DESC, rowid DESC LIMIT 1`,
    )
    .get(golferId, untilMs, untilMs) as Omit<Bag, 'clubs' | 'rack'> | undefined
  if (!bag) return null
  const clubs = db
    .prepare(
      `SELECT ${CLUB} FROM bag_slot JOIN club c ON c.id = bag_slot.club_id ${IN_ITS_SET_UP}
       WHERE bag_id = @bagId ORDER BY slot`,
    )
    .all({ bagId: bag.id, untilMs }) as ClubRow[]
  const rack = db
    .prepare(
      `SELECT ${CLUB} FROM club c ${IN_ITS_SET_UP}
       WHERE golfer_id = @golferId AND c.id NOT IN (SELECT club_id FROM bag_slot WHERE bag_id = @bagId)
       ORDER BY u.loft_deg, c.name`,
    )
    .all({ golferId, bagId: bag.id, untilMs }) as ClubRow[]
  return { ...bag, clubs: clubs.map(ownedClub), rack: rack.map(ownedClub) }
}

/** All bags of a golfer, newest first, with how long each was the bag. */
export function datedBags(db: Database, golferId: GolferId): DatedBag[] {
  const rows = db
    .prepare(
      `SELECT id, name, since_ms AS sinceMs, (SELECT count(*) FROM bag_slot WHERE bag_id = id) AS clubs
       FROM bag WHERE golfer_id = ? ORDER BY since_ms DESC, rowid DESC`,
    )
    .all(golferId) as Omit<DatedBag, 'untilMs'>[]
  return rows.map((bag, i) => ({ ...bag, untilMs: rows[i - 1]?.sinceMs ?? null }))
}

/** Starts a golfer's bag with these clubs, longest first; clubs that the golfer has by name are kept. */
export function startBag(
  db: Database,
  golferId: GolferId,
  { name, clubs }: { name: string; clubs: ClubDetails[] },
  nowMs: number,
): BagId {
  return db
    .transaction(() => {
      const ids = clubs.map((club) => clubByName(db, golferId, club.name) ?? insertClub(db, golferId, club))
      return insertBag(db, golferId, name, ids, nowMs)
    })
    .immediate()
}

/** Puts these clubs into the bag's slots, longest first; all others of the golfer go to the rack. */
export function setSlots(db: Database, golferId: GolferId, clubIds: ClubId[], nowMs: number) {
  const bag = bagOf(db, golferId)
  if (!bag) return 'no-bag' as const
  if (clubIds.length > MOST_CLUBS) return 'too-many' as const
  const own = new Set(clubsOf(db, golferId).map((club) => club.id))
  if (new Set(clubIds).size < clubIds.length || clubIds.some((id) => !own.has(id))) return 'not-own' as const
  db.transaction(() => putInBag(db, golferId, bag, clubIds, nowMs)).immediate()
  return 'set' as const
}

/** Adds a club: into the first free slot by loft if the bag has one, else on the rack. */
export function addClub(db: Database, golferId: GolferId, club: ClubDetails, nowMs: number) {
  return db
    .transaction(() => {
      if (clubByName(db, golferId, club.name)) return { kind: 'name-taken' as const }
      const bag = bagOf(db, golferId)
      const clubId = insertClub(db, golferId, club)
      if (!bag || bag.clubs.length >= MOST_CLUBS) return { kind: 'on-rack' as const, clubId }
      const ids = withClub<ClubDetails & { id: ClubId }>(bag.clubs, { ...club, id: clubId }).map(
        ({ id }) => id,
      )
      putInBag(db, golferId, bag, ids, nowMs)
      return { kind: 'in-bag' as const, clubId }
    })
    .immediate()
}

/**
 * Puts clubs into the bag. Where shots were hit since it was made, another set of clubs is a new bag from now on and the
 * earlier one stays as it was; one that comes to the same clubs as the bag before it, unhit, is gone again.
 */
export function putInBag(db: Database, golferId: GolferId, bag: Bag, clubIds: ClubId[], nowMs: number): void {
  const isOther = !sameClubs(
    bag.clubs.map(({ id }) => id),
    clubIds,
  )
  const wasHit = db
    .prepare(
      `SELECT EXISTS (SELECT 1 FROM session s JOIN shot ON session_id = s.id
       WHERE s.golfer_id = ? AND hit_ms >= ?)`,
    )
    .pluck()
    .get(golferId, bag.sinceMs)
  if (isOther && wasHit && nowMs > bag.sinceMs) {
    insertBag(db, golferId, bag.name, clubIds, nowMs)
    return
  }
  const [, before] = datedBags(db, golferId)
  if (!wasHit && before && sameClubs(slotsOf(db, before.id), clubIds)) {
    db.prepare('DELETE FROM bag_slot WHERE bag_id = ?').run(bag.id)
    db.prepare('DELETE FROM bag WHERE id = ?').run(bag.id)
    fillSlots(db, before.id, clubIds)
  } else fillSlots(db, bag.id, clubIds)
}

const sameClubs = (a: readonly ClubId[], b: readonly ClubId[]): boolean =>
  a.length === b.length && a.every((id) => b.includes(id))

const slotsOf = (db: Database, bagId: BagId): ClubId[] =>
  db.prepare('SELECT club_id FROM bag_slot WHERE bag_id = ? ORDER BY slot').pluck().all(bagId) as ClubId[]

function insertBag(
  db: Database,
  golferId: GolferId,
  name: string,
  clubIds: ClubId[],
  sinceMs: number,
): BagId {
  const id = randomUUID() as BagId
  db.prepare('INSERT INTO bag (id, golfer_id, name, since_ms) VALUES (?, ?, ?, ?)').run(
    id,
    golferId,
    name,
    sinceMs,
  )
  fillSlots(db, id, clubIds)
  return id
}

function fillSlots(db: Database, bagId: BagId, clubIds: ClubId[]): void {
  db.prepare('DELETE FROM bag_slot WHERE bag_id = ?').run(bagId)
  const put = db.prepare('INSERT INTO bag_slot (bag_id, slot, club_id) VALUES (?, ?, ?)')
  clubIds.forEach((clubId, slot) => put.run(bagId, slot, clubId))
}
