import { hash, randomUUID } from 'node:crypto'
import type { FileShot } from '@/core/session/shot-record'
import type { ClubId, GolferId, SessionId, ShotId } from '@/core/model/ids'
import type { HeldReason } from '@/core/model/held-reason'
import { isPlausibleCarry } from '@/core/shots/plausible-carry'
import { FLIGHT_FIELDS } from '@/core/shots/flight-fields'
import { clubNamed } from '@/core/shots/club-named'
import { clubByName, clubsOf, insertClub, removeUnusedClub } from './clubs'
import { changeLabel, clubLabelled } from './club-labels'
import type { Database } from './database'
import { setWatching } from './monitors'
import { endSession, sessionById, startSession } from './sessions'
import { addEvents, shotTaker, type ShotEvent } from './shots'
import { FULL_SWING } from '@/core/model/station'

export type ImportResult = {
  importId: string
  taken: number
  known: number
  held: number
  /** The first session with shots that need checking; absent without any. */
  heldIn?: SessionId
  conflicts: string[]
}

/** A file of shots, with the golfer's choices for it. */
export type ImportedFile = {
  name: string
  clubs?: Record<string, ClubForLabel>
  /** The monitor that measured those shots that name none. */
  monitor?: string
  /** Its shots are there already by another monitor: they are compared, and in no stock. */
  watches?: boolean
}

/** An import in parts. Each function is one transaction. */
type Importing = {
  begin: () => void
  add: (shots: Iterable<FileShot>) => void
  /** Makes the shots visible. */
  finish: () => ImportResult
}

/**
 * Imports the shots of a file in parts; they are visible once it is finished. A shot without an id gets one from its contents,
 * so that the same file a second time adds nothing. Shots whose club is unknown or whose carry is implausible are held.
 */
export function importing(
  db: Database,
  golferId: GolferId,
  file: ImportedFile,
  { nowMs, offsetMin }: { nowMs: number; offsetMin: number },
): Importing {
  const importId = randomUUID()
  const batch = randomUUID()
  const again: { shotSeq: number; atMs: number }[] = []
  const take = shotTaker(db, batch, (shotSeq, atMs) => again.push({ shotSeq, atMs }))
  const keepCondition = db.prepare(
    `INSERT OR REPLACE INTO file_condition (shot_seq, ball, surface)
     SELECT seq, @ball, @surface FROM shot WHERE id = @id`,
  )
  const seqOf = db.prepare('SELECT seq FROM shot WHERE id = ?').pluck()
  const idOf = identities(db, golferId)
  const result: ImportResult = { importId, taken: 0, known: 0, held: 0, conflicts: [] }
  const sessions = new Map<string, SessionId>()
  const started: SessionId[] = []
  const clubs = new Map<string, ClubId | null>()
  const seen = new Map<string, number>()
  const watching = new Map<SessionId, Set<string>>()

  const sessionOf = (shot: FileShot): SessionId => {
    const key = shot.session ?? `visit ${shot.visit ?? ''}`
    let id = sessions.get(key)
    if (!id) {
      const known = shot.session === undefined ? null : sessionById(db, shot.session as SessionId)
      const own = known !== null && known.golferId === golferId
      const startedMs = shot.startedMs ?? shot.hitMs ?? nowMs
      const start = {
        golferId,
        startedMs,
        offsetMin: shot.offsetMin ?? offsetMin,
        place: shot.place ?? null,
      }
      const newId = known === null && shot.session !== undefined ? shot.session : randomUUID()
      id = own ? known.id : startSession(db, start, newId as SessionId)
      // An open session would be continued in the Bay.
      if (!own) endSession(db, id, startedMs)
      if (!own) started.push(id)
      sessions.set(key, id)
    }
    return id
  }

  const begin = () => {
    db.prepare('INSERT INTO file_import (id, golfer_id, name, at_ms) VALUES (?, ?, ?, ?)').run(
      importId,
      golferId,
      file.name,
      nowMs,
    )
    const brought = file.clubs ? mapClubs(db, golferId, file.clubs, nowMs, importId) : []
    db.prepare('INSERT INTO import_under_way (import_id, clubs) VALUES (?, ?)').run(
      importId,
      JSON.stringify(brought),
    )
  }
  const addAll = (shots: Iterable<FileShot>) => {
    const marked: { shotSeq: number; event: ShotEvent }[] = []
    for (const shot of shots) {
      let clubId = shot.club === null ? null : clubs.get(shot.club)
      if (clubId === undefined) {
        clubId = clubLabelled(db, golferId, shot.club as string)
        clubs.set(shot.club as string, clubId)
      }
      const heldBecause: HeldReason | null =
        clubId === null ? 'unknown-club' : isPlausibleCarry(shot.carryM) ? null : 'implausible-carry'
      const monitor = shot.monitor ?? file.monitor ?? null
      const id = idOf(shot, seen, file.watches ? monitor : null) as ShotId
      const about = {
        id,
        sessionId: sessionOf(shot),
        source: 'file',
        importId,
        hitMs: shot.hitMs ?? shot.startedMs ?? nowMs,
        monitor,
        clubLabel: shot.club,
        clubId,
        swing: shot.swing ?? FULL_SWING,
        heldBecause,
      } as const
      const taken = take(about, shot)
      if (file.watches && monitor !== null && taken === 'new')
        watching.set(about.sessionId, (watching.get(about.sessionId) ?? new Set()).add(monitor))
      if (taken === 'other-contents') result.conflicts.push(id)
      else if (taken === 'known') result.known++
      else {
        if (heldBecause) {
          result.held++
          result.heldIn ??= about.sessionId
        } else result.taken++
        if (shot.ball || shot.surface)
          keepCondition.run({ id, ball: shot.ball ?? null, surface: shot.surface ?? null })
        if (shot.mark)
          marked.push({ shotSeq: seqOf.get(id) as number, event: { kind: 'mark', mark: shot.mark } })
      }
    }
    if (marked.length > 0) addEvents(db, marked, nowMs, batch)
  }
  const finish = () => {
    for (const { shotSeq, atMs } of again) addEvents(db, [{ shotSeq, event: { kind: 'taken' } }], atMs, batch)
    for (const [id, monitors] of watching)
      for (const monitor of monitors) setWatching(db, id, { monitor, on: true }, nowMs)
    dropEmptySessions(db, started)
    endSessions(db, started)
    db.prepare('DELETE FROM import_under_way WHERE import_id = ?').run(importId)
    return result
  }
  return {
    begin: () => db.transaction(begin).immediate(),
    add: (shots) => db.transaction(addAll).immediate(shots),
    finish: () => db.transaction(finish).immediate(),
  }
}

/** Shots that one call removes. */
const AT_ONCE = 2000

/**
 * Removes some shots of an import that was stopped, and the import itself after the last one. To be called until it returns false.
 * @param golferId only imports of this golfer; null: of all golfers
 * @returns whether anything was removed
 */
export function removeStopped(db: Database, golferId: GolferId | null = null): boolean {
  return db
    .transaction((): boolean => {
      const broken = db
        .prepare(
          `SELECT import_id AS importId, clubs FROM import_under_way u JOIN file_import f ON f.id = u.import_id
           WHERE ? IS NULL OR f.golfer_id = ? LIMIT 1`,
        )
        .get(golferId, golferId) as { importId: string; clubs: string } | undefined
      if (!broken) return false
      const { importId } = broken
      const shots = db
        .prepare(
          'SELECT seq, session_id AS sessionId FROM shot WHERE import_id = ? ORDER BY seq DESC LIMIT ?',
        )
        .all(importId, AT_ONCE) as { seq: number; sessionId: SessionId }[]
      const seqs = JSON.stringify(shots.map(({ seq }) => seq))
      const those = '(SELECT value FROM json_each(?))'
      db.prepare(
        `DELETE FROM action WHERE batch IN (SELECT batch FROM shot_event WHERE shot_seq IN ${those})`,
      ).run(seqs)
      for (const table of ['file_condition', 'shot_event', 'uncleared'])
        db.prepare(`DELETE FROM ${table} WHERE shot_seq IN ${those}`).run(seqs)
      db.prepare(`DELETE FROM shot WHERE seq IN ${those}`).run(seqs)
      dropEmptySessions(db, [...new Set(shots.map(({ sessionId }) => sessionId))])
      if (shots.length === AT_ONCE) return true
      db.prepare('DELETE FROM label_event WHERE batch = ?').run(importId)
      db.prepare('DELETE FROM import_under_way WHERE import_id = ?').run(importId)
      db.prepare('DELETE FROM file_import WHERE id = ?').run(importId)
      for (const clubId of JSON.parse(broken.clubs) as ClubId[]) removeUnusedClub(db, clubId)
      return true
    })
    .immediate()
}

/** What a name in a file means: a club of the golfer's, a new one for the rack, or something that is decided later. */
export type ClubForLabel = ClubId | 'new' | 'later'

/** @returns the clubs that are new */
function mapClubs(
  db: Database,
  golferId: GolferId,
  clubs: Record<string, ClubForLabel>,
  nowMs: number,
  importId: string,
): ClubId[] {
  const brought: ClubId[] = []
  for (const [label, club] of Object.entries(clubs)) {
    if (club === 'later') {
      changeLabel(db, golferId, label, { says: 'later' }, nowMs, importId)
      continue
    }
    const own =
      club === 'new'
        ? clubByName(db, golferId, label)
        : clubsOf(db, golferId).find(({ id }) => id === club)?.id
    const clubId = own ?? (club === 'new' ? insertClub(db, golferId, clubNamed(label)) : null)
    if (clubId !== null && clubId !== own) brought.push(clubId)
    if (clubId === null) throw new Error(`the golfer has no club ${club}, meant by "${label}"`)
    // What a name means by its letters needs no word of the golfer's.
    if (clubLabelled(db, golferId, label) !== clubId)
      changeLabel(db, golferId, label, { says: 'is', clubId }, nowMs, importId)
  }
  return brought
}

/**
 * Which of some shots are on file already, by what they are or say.
 * @param compared where they are only compared: the monitor that measured those that name none
 */
export function knownShots(
  db: Database,
  golferId: GolferId,
  shots: Iterable<FileShot>,
  compared?: { monitor: string | null },
): boolean[] {
  const isThere = db.prepare('SELECT 1 FROM shot WHERE id = ?').pluck()
  const isPresent = db.prepare('SELECT present OR watched FROM shot_now WHERE id = ?').pluck()
  const seen = new Map<string, number>()
  const idOf = identities(db, golferId)
  return Array.from(shots, (shot) => {
    const id = idOf(shot, seen, compared ? (shot.monitor ?? compared.monitor) : null)
    return isThere.get(id) === 1 && isPresent.get(id) === 1
  })
}

/** Takes the shots of an import back, as one action: they stay on file, and are in no stock. */
export function withdrawImport(db: Database, golferId: GolferId, importId: string, nowMs: number): number {
  const shots = db
    .prepare(
      `SELECT n.seq FROM shot_now n JOIN file_import f ON f.id = n.import_id
       WHERE n.import_id = ? AND f.golfer_id = ? AND (present OR watched)`,
    )
    .pluck()
    .all(importId, golferId) as number[]
  addEvents(
    db,
    shots.map((shotSeq) => ({ shotSeq, event: { kind: 'withdrawn' } })),
    nowMs,
  )
  return shots.length
}

export type FileImport = { id: string; name: string; atMs: number; shots: number }

/** The golfer's imports that still have shots, newest first. */
export function importsOf(db: Database, golferId: GolferId): FileImport[] {
  // Most golfers bring no files in: their shots need not be looked through.
  if (!db.prepare('SELECT 1 FROM file_import WHERE golfer_id = ? LIMIT 1').get(golferId)) return []
  return db
    .prepare(
      `SELECT f.id, f.name, f.at_ms AS atMs, count(*) AS shots
       FROM session s JOIN shot_now n ON n.session_id = s.id JOIN file_import f ON f.id = n.import_id
       WHERE s.golfer_id = ? AND (present OR watched) GROUP BY f.id ORDER BY atMs DESC, f.id`,
    )
    .all(golferId) as FileImport[]
}

/** Under which id a shot of a file is kept: its own, unless that is another golfer's shot already. */
function identities(db: Database, golferId: GolferId) {
  const owner = db
    .prepare('SELECT s.golfer_id FROM shot n JOIN session s ON s.id = n.session_id WHERE n.id = ?')
    .pluck()
  return (shot: FileShot, seen: Map<string, number>, watching: string | null): string => {
    if (shot.id === undefined) return idFromContents(golferId, shot, seen, watching)
    const whose = owner.get(shot.id) as string | null | undefined
    return whose === undefined || whose === golferId
      ? shot.id
      : `file-${hash('sha256', JSON.stringify([golferId, shot.id])).slice(0, 32)}`
  }
}

/** A file's sessions end with their last shot. */
function endSessions(db: Database, ids: SessionId[]): void {
  const end = db.prepare(
    `UPDATE session SET ended_ms = (SELECT max(hit_ms) FROM shot WHERE session_id = session.id)
     WHERE id = ? AND open_club_id IS NULL`,
  )
  ids.forEach((id) => end.run(id))
}

/** An id from what a shot says and how often the file has said just that before. */
function idFromContents(
  golferId: GolferId,
  shot: FileShot,
  seen: Map<string, number>,
  watching: string | null,
): string {
  const json = JSON.stringify([
    golferId,
    shot.session,
    shot.hitMs,
    shot.club,
    shot.swing,
    FLIGHT_FIELDS.map((field) => shot[field]),
    // Two monitors may say the very same of one ball.
    ...(watching === null ? [] : [watching]),
  ])
  const nth = (before: number) => `file-${hash('sha256', `${json}#${before}`).slice(0, 32)}`
  const first = nth(0)
  const before = seen.get(first) ?? 0
  seen.set(first, before + 1)
  return before === 0 ? first : nth(before)
}

/** A file whose shots were all known leaves no session behind. */
function dropEmptySessions(db: Database, ids: SessionId[]): void {
  const drop = db.prepare(
    'DELETE FROM session WHERE id = ? AND open_club_id IS NULL AND NOT EXISTS (SELECT 1 FROM shot WHERE session_id = session.id)',
  )
  ids.forEach((id) => drop.run(id))
}
