import { randomUUID } from 'node:crypto'
import type { ClubDetails, OwnedClub } from '@/core/bag/bag'
import type { ClubBuild } from '@/core/bag/club-build'
import { changeBetween, type ClubSetUp } from '@/core/bag/club-set-up'
import type { ClubId, GolferId } from '@/core/model/ids'
import { sqliteCode } from './data-error'
import type { Database } from './database'

/** A moment after which nothing happened yet. */
export const IN_FORCE_MS = Number.MAX_SAFE_INTEGER

/** The columns of a club as it was just before @untilMs. */
export const CLUB = 'c.id, c.name, c.kind, u.loft_deg AS loftDeg, u.build, u.since_ms AS sinceMs'
/** Its set-up then. */
export const IN_ITS_SET_UP = `JOIN club_set_up u ON u.club_id = c.id AND u.since_ms =
  (SELECT max(since_ms) FROM club_set_up WHERE club_id = c.id AND since_ms < @untilMs)`
export type ClubRow = Omit<OwnedClub, 'build'> & { build: string }
export const ownedClub = ({ build, ...club }: ClubRow): OwnedClub => ({
  ...club,
  build: JSON.parse(build) as ClubBuild,
})

/** Every club of a golfer, in the bag or on the rack. */
export const clubsOf = (db: Database, golferId: GolferId): OwnedClub[] =>
  (
    db
      .prepare(`SELECT ${CLUB} FROM club c ${IN_ITS_SET_UP} WHERE golfer_id = @golferId ORDER BY c.rowid`)
      .all({ golferId, untilMs: IN_FORCE_MS }) as ClubRow[]
  ).map(ownedClub)

/** All set-ups of every club of a golfer that had more than one, the oldest first. */
export function setUpsOfClubs(db: Database, golferId: GolferId): Map<ClubId, ClubSetUp[]> {
  const rows = db
    .prepare(
      `SELECT c.id, u.since_ms AS sinceMs, u.loft_deg AS loftDeg, u.build
       FROM club c JOIN club_set_up u ON u.club_id = c.id
       WHERE golfer_id = ? AND c.id IN (SELECT club_id FROM club_set_up WHERE since_ms > 0)
       ORDER BY c.rowid, u.since_ms`,
    )
    .all(golferId) as { id: ClubId; sinceMs: number; loftDeg: number | null; build: string }[]
  const found = new Map<ClubId, ClubSetUp[]>()
  for (const { id, build, ...rest } of rows)
    found.set(id, [...(found.get(id) ?? []), { ...rest, build: JSON.parse(build) as ClubBuild }])
  return found
}

/** Corrects what is said of a club as it is now. */
export function correctClub(db: Database, golferId: GolferId, clubId: ClubId, club: ClubDetails) {
  return db
    .transaction(() => {
      const known = renamed(db, golferId, clubId, club)
      if (known !== 'renamed') return known
      db.prepare(
        `UPDATE club_set_up SET loft_deg = @loftDeg, build = coalesce(@build, build)
         WHERE club_id = @clubId AND since_ms = (SELECT max(since_ms) FROM club_set_up WHERE club_id = @clubId)`,
      ).run({ clubId, loftDeg: club.loftDeg, build: club.build ? JSON.stringify(club.build) : null })
      return 'changed' as const
    })
    .immediate()
}

/** Says that a club is another one from a moment on: bent, with another shaft, set anew. Its earlier shots stay with what it was. */
export function changeClubSince(
  db: Database,
  golferId: GolferId,
  clubId: ClubId,
  club: ClubDetails,
  sinceMs: number,
) {
  return db
    .transaction(() => {
      const before = clubsOf(db, golferId).find(({ id }) => id === clubId)
      if (!before) return 'unknown' as const
      if (sinceMs <= before.sinceMs) return 'too-early' as const
      const build = club.build ?? before.build
      if (changeBetween(before, { loftDeg: club.loftDeg, build }) === null) return 'no-change' as const
      const known = renamed(db, golferId, clubId, club)
      if (known !== 'renamed') return known
      addSetUp(db, clubId, { sinceMs, loftDeg: club.loftDeg, build })
      return 'changed' as const
    })
    .immediate()
}

/** Takes the newest set-up of a club back: the club is what it was before, and its shots are one stock again. */
export function takeSetUpBack(db: Database, golferId: GolferId, clubId: ClubId, sinceMs: number): boolean {
  const { changes } = db
    .prepare(
      `DELETE FROM club_set_up WHERE club_id = @clubId AND since_ms = @sinceMs AND since_ms > 0
       AND since_ms = (SELECT max(since_ms) FROM club_set_up WHERE club_id = @clubId)
       AND club_id IN (SELECT id FROM club WHERE golfer_id = @golferId)`,
    )
    .run({ golferId, clubId, sinceMs })
  return changes > 0
}

export function clubByName(db: Database, golferId: GolferId, name: string): ClubId | null {
  const row = db.prepare('SELECT id FROM club WHERE golfer_id = ? AND name = ?').get(golferId, name)
  return row ? (row as { id: ClubId }).id : null
}

/** Adds a club to the golfer's rack. */
export function insertClub(db: Database, golferId: GolferId, club: ClubDetails): ClubId {
  const id = randomUUID() as ClubId
  const { name, kind, loftDeg, build = {} } = club
  db.prepare('INSERT INTO club (id, golfer_id, name, kind) VALUES (?, ?, ?, ?)').run(id, golferId, name, kind)
  addSetUp(db, id, { sinceMs: 0, loftDeg, build })
  return id
}

/** Removes a club unless other rows refer to it. */
export function removeUnusedClub(db: Database, id: ClubId): void {
  try {
    db.transaction(() => {
      db.prepare('DELETE FROM club_set_up WHERE club_id = ?').run(id)
      db.prepare('DELETE FROM club WHERE id = ?').run(id)
    })()
  } catch (error) {
    if (sqliteCode(error) !== 'SQLITE_CONSTRAINT_FOREIGNKEY') throw error
  }
}

function addSetUp(db: Database, clubId: ClubId, { sinceMs, loftDeg, build }: ClubSetUp): void {
  db.prepare('INSERT INTO club_set_up (club_id, since_ms, loft_deg, build) VALUES (?, ?, ?, ?)').run(
    clubId,
    sinceMs,
    loftDeg,
    JSON.stringify(build),
  )
}

function renamed(db: Database, golferId: GolferId, clubId: ClubId, { name, kind }: ClubDetails) {
  const named = clubByName(db, golferId, name)
  if (named !== null && named !== clubId) return 'name-taken' as const
  const { changes } = db
    .prepare('UPDATE club SET name = ?, kind = ? WHERE id = ? AND golfer_id = ?')
    .run(name, kind, clubId, golferId)
  return changes === 0 ? ('unknown' as const) : ('renamed' as const)
}
