import { randomUUID } from 'node:crypto'
import type { ClubId, GolferId } from '@/core/model/ids'
import { clubForLabel, type LabelMeaning } from '@/core/shots/club-for-label'
import { waitsForItsClub, type HeldReason } from '@/core/model/held-reason'
import type { Swing } from '@/core/model/station'
import { clubsOf } from './clubs'
import type { Database } from './database'
import { addEvents, type ShotEvent } from './shots'

/** What monitors and files call clubs. What a golfer says of a name is an event; an undone one does not stand. */

const LIVE_SESSION = `SELECT lower(label) AS label, club_id, says FROM label_event l
  WHERE golfer_id = ? AND batch NOT IN (SELECT batch FROM undone) AND NOT EXISTS (
    SELECT 1 FROM label_event later WHERE later.golfer_id = l.golfer_id AND later.label = l.label AND later.seq > l.seq
      AND later.batch NOT IN (SELECT batch FROM undone))`

/** What a golfer has said of names, in lower case: a club, or null where that is to be decided later. */
export const clubLabels = (db: Database, golferId: GolferId): Map<string, ClubId | null> =>
  new Map(
    db
      .prepare(`SELECT label, club_id FROM (${LIVE_SESSION}) WHERE says <> 'forgotten'`)
      .raw()
      .all(golferId) as [string, ClubId | null][],
  )

/** The club that a name means for this golfer: said by hand, or of that name. */
export const clubLabelled = (db: Database, golferId: GolferId, label: string): ClubId | null =>
  clubForLabel(label, clubsOf(db, golferId), clubLabels(db, golferId))

/** From now on this name means that club, waits for it, or goes by its letters again. */
function sayLabel(
  db: Database,
  golferId: GolferId,
  label: string,
  meaning: LabelMeaning,
  { batch = randomUUID() as string, nowMs }: { batch?: string; nowMs: number },
): void {
  db.prepare(
    `INSERT INTO label_event (golfer_id, label, club_id, says, batch, at_ms)
     VALUES (@golferId, @label, @clubId, @says, @batch, @nowMs)`,
  ).run({
    golferId,
    label: label.trim(),
    clubId: meaning.says === 'is' ? meaning.clubId : null,
    says: meaning.says,
    batch,
    nowMs,
  })
}

type LabelledShot = { seq: number; clubId: ClubId | null; heldBecause: HeldReason | null; swing: Swing }

/** Shots under a name that nobody has put elsewhere by hand. */
const shotsLabelled = (db: Database, golferId: GolferId, label: string): LabelledShot[] =>
  db
    .prepare(
      `SELECT n.seq, n.club_id AS clubId, n.held_because AS heldBecause, n.swing
       FROM session s JOIN shot_now n ON n.session_id = s.id
       WHERE s.golfer_id = ? AND n.present AND n.club_label = ? COLLATE NOCASE`,
    )
    .all(golferId, label.trim()) as LabelledShot[]

/**
 * What a golfer says of a name holds for the shots that came under it too: those that went where it
 * pointed before move, and those that waited are taken. One action.
 * @returns how many shots moved or were taken
 */
export function changeLabel(
  db: Database,
  golferId: GolferId,
  label: string,
  meaning: LabelMeaning,
  nowMs: number,
  batch = randomUUID() as string,
): number {
  return db
    .transaction(() => {
      const before = clubLabelled(db, golferId, label)
      sayLabel(db, golferId, label, meaning, { batch, nowMs })
      const after = clubLabelled(db, golferId, label)
      if (after === null) return 0
      const moving = shotsLabelled(db, golferId, label).filter(
        ({ clubId, heldBecause }) => clubId !== after && (clubId === before || waitsForItsClub(heldBecause)),
      )
      addEvents(
        db,
        moving.flatMap(({ seq, swing, heldBecause }): { shotSeq: number; event: ShotEvent }[] => [
          { shotSeq: seq, event: { kind: 'station', clubId: after, swing } },
          ...(waitsForItsClub(heldBecause) ? [{ shotSeq: seq, event: { kind: 'released' as const } }] : []),
        ]),
        nowMs,
        batch,
      )
      return moving.length
    })
    .immediate()
}

type KnownLabel = {
  label: string
  shots: number
  /** Shots under it that wait. */
  held: number
  /** What it means now; null while it waits. */
  clubId: ClubId | null
  /** Said by the golfer, rather than by its letters. */
  isAssigned: boolean
}

/** Every name that came in a feed or a file, with what it means. */
export function knownLabels(db: Database, golferId: GolferId): KnownLabel[] {
  const clubs = clubsOf(db, golferId)
  const mapped = clubLabels(db, golferId)
  const came = db
    .prepare(
      `SELECT min(n.club_label) AS label, count(*) AS shots, count(n.held_because) AS held
       FROM session s JOIN shot_now n ON n.session_id = s.id
       WHERE s.golfer_id = ? AND n.present AND n.club_label IS NOT NULL
       GROUP BY lower(n.club_label) ORDER BY lower(n.club_label)`,
    )
    .all(golferId) as { label: string; shots: number; held: number }[]
  return came.map((each) => ({
    ...each,
    clubId: clubForLabel(each.label, clubs, mapped),
    isAssigned: mapped.has(each.label.trim().toLowerCase()),
  }))
}
