import type { ClubKind } from '@/core/bag/club'
import type { ClubId, GolferId, RoundId, RoundShotId } from '@/core/model/ids'
import { shotsFromEvents, type Lie, type Round, type RoundDay, type RoundEvent } from '@/core/rounds/round'
import type { Turf } from '@/core/model/turf'
import { dayOf } from './course-days'
import type { Database } from './database'

type NewRound = Omit<Round, 'shots'>
/** A round with its golfer, and the newest words that undo would take back. */
export type StoredRound = Round & { golferId: GolferId; undoable: string | null }

type RoundRow = {
  id: RoundId
  golferId: GolferId
  place: string | null
  openedMs: number
  offsetMin: number
  competition: 0 | 1
  tempC: number | null
  altitudeM: number | null
  seaLevelHpa: number | null
  humidity: number | null
  turf: Turf | null
}
const ROUND = `SELECT id, golfer_id AS golferId, place, opened_ms AS openedMs, offset_min AS offsetMin, competition,
  temp_c AS tempC, altitude_m AS altitudeM, sea_level_hpa AS seaLevelHpa, humidity, turf FROM round`

/** Opens a round; one that is open already under that name stays as it is. */
export function openRound(db: Database, golferId: GolferId, { day, competition, ...round }: NewRound): void {
  db.prepare(
    `INSERT INTO round (id, golfer_id, place, opened_ms, offset_min, competition, temp_c, altitude_m, sea_level_hpa,
       humidity, turf)
     VALUES (@id, @golferId, @place, @openedMs, @offsetMin, @competition, @tempC, @altitudeM, @seaLevelHpa,
       @humidity, @turf)
     ON CONFLICT (id) DO NOTHING`,
  ).run({ ...round, golferId, competition: Number(competition), ...(day ?? NO_DAY) })
}

/** The day of the card was set so shortly before or after that it is the round's. */
const SAME_DAY_MS = 12 * 3_600_000

/** A round whose air nobody said has that of the card's day, where that is its own. */
export function withDayOfCard(db: Database, golferId: GolferId, round: NewRound): NewRound {
  const kept = dayOf(db, golferId)
  if (round.day || !kept || Math.abs(kept.setMs - round.openedMs) > SAME_DAY_MS) return round
  const { place, tempC, altitudeM, seaLevelHpa, humidity, turf } = kept.day
  if (round.place !== null && place !== null && round.place !== place) return round
  return { ...round, place: round.place ?? place, day: { tempC, altitudeM, seaLevelHpa, humidity, turf } }
}

const NO_DAY = { tempC: null, altitudeM: null, seaLevelHpa: null, humidity: null, turf: null }

type RoundChange = { place?: string | null; day?: RoundDay; competition?: boolean; removed?: boolean }

/** Changes what was said of a round, that which is given. A removed one is kept, and stands nowhere. */
export function changeRound(db: Database, id: RoundId, change: RoundChange, nowMs: number): void {
  const { place, day, competition, removed } = change
  db.transaction(() => {
    if (place !== undefined) db.prepare('UPDATE round SET place = ? WHERE id = ?').run(place, id)
    if (competition !== undefined)
      db.prepare('UPDATE round SET competition = ? WHERE id = ?').run(Number(competition), id)
    if (removed !== undefined)
      db.prepare('UPDATE round SET removed_ms = ? WHERE id = ?').run(removed ? nowMs : null, id)
    if (day)
      db.prepare(
        `UPDATE round SET temp_c = @tempC, altitude_m = @altitudeM, sea_level_hpa = @seaLevelHpa,
           humidity = @humidity, turf = @turf WHERE id = @id`,
      ).run({ ...day, id })
  }).immediate()
}

/** Adds what was said of shots, all or nothing; a word that is known already says nothing new. */
export function appendRoundEvents(
  db: Database,
  roundId: RoundId,
  events: readonly RoundEvent[],
  batch: string,
): void {
  const add = db.prepare(
    `INSERT INTO round_said (said, round_id, shot_id, at_ms, club_id, swing, left_m, after_m, carry_m, lie, gone, batch)
     VALUES (@said, @roundId, @id, @atMs, @clubId, @swing, @leftM, @afterM, @carryM, @lie, @gone, @batch)
     ON CONFLICT (said) DO NOTHING`,
  )
  db.transaction(() => {
    for (const each of events) add.run({ ...each, roundId, gone: Number(each.gone ?? false), batch })
  }).immediate()
}

/** Takes back the newest words of a round, those that came together; nothing where others are the newest now. */
export function undoOfRound(db: Database, roundId: RoundId, batch: string, nowMs: number): boolean {
  return db
    .transaction(() => {
      if (newestBatch(db, roundId) !== batch) return false
      db.prepare(
        'UPDATE round_said SET undone_ms = ? WHERE round_id = ? AND batch = ? AND undone_ms IS NULL',
      ).run(nowMs, roundId, batch)
      return true
    })
    .immediate()
}

const newestBatch = (db: Database, roundId: RoundId): string | null =>
  (db
    .prepare(
      'SELECT batch FROM round_said WHERE round_id = ? AND undone_ms IS NULL ORDER BY seq DESC LIMIT 1',
    )
    .pluck()
    .get(roundId) as string | undefined) ?? null

type EventRow = Omit<RoundEvent, 'gone' | 'lie'> & {
  id: RoundShotId
  roundId: RoundId
  clubId: ClubId
  lie: Lie | null
  gone: 0 | 1
}
const EVENT_COLUMNS = `SELECT s.said, s.round_id AS roundId, shot_id AS id, at_ms AS atMs, club_id AS clubId, swing, left_m AS leftM,
  after_m AS afterM, carry_m AS carryM, lie, gone FROM round_said s`

/**
 * A round with its shots; null where there is none, or it was removed.
 * @param removed one that was removed is meant as well
 */
export function roundById(db: Database, id: RoundId, removed = false): StoredRound | null {
  const row = db
    .prepare(`${ROUND} WHERE id = @id AND (removed_ms IS NULL OR @removed)`)
    .get({ id, removed: Number(removed) }) as RoundRow | undefined
  if (!row) return null
  const events = db
    .prepare(`${EVENT_COLUMNS} WHERE s.round_id = ? AND undone_ms IS NULL ORDER BY seq`)
    .all(id) as EventRow[]
  return { ...roundOf(row, events), golferId: row.golferId, undoable: newestBatch(db, id) }
}

/** A golfer's rounds, newest first. */
export function roundsOf(db: Database, golferId: GolferId): Round[] {
  const rows = db
    .prepare(`${ROUND} WHERE golfer_id = ? AND removed_ms IS NULL ORDER BY opened_ms DESC, id`)
    .all(golferId) as RoundRow[]
  const events = new Map<RoundId, EventRow[]>(rows.map(({ id }) => [id, []]))
  const words = db
    .prepare(
      `${EVENT_COLUMNS} JOIN round r ON r.id = s.round_id
       WHERE r.golfer_id = ? AND removed_ms IS NULL AND undone_ms IS NULL ORDER BY seq`,
    )
    .all(golferId) as EventRow[]
  for (const word of words) events.get(word.roundId)?.push(word)
  return rows.map((row) => roundOf(row, events.get(row.id) ?? []))
}

function roundOf(
  { id, place, openedMs, offsetMin, competition, tempC, altitudeM, seaLevelHpa, humidity, turf }: RoundRow,
  events: readonly EventRow[],
): Round {
  const known =
    tempC !== null && altitudeM !== null && seaLevelHpa !== null && humidity !== null && turf !== null
  return {
    id,
    place,
    openedMs,
    offsetMin,
    competition: competition === 1,
    day: known ? { tempC, altitudeM, seaLevelHpa, humidity, turf } : null,
    shots: shotsFromEvents(
      events.map(({ roundId: _round, gone, ...each }) => ({ ...each, gone: gone === 1 })),
    ),
  }
}

/** For which kinds of club the card takes on what the course was off the bay. */
export const asOnCourse = (db: Database, golferId: GolferId): ClubKind[] =>
  db
    .prepare('SELECT kind FROM as_on_course WHERE golfer_id = ? ORDER BY kind')
    .pluck()
    .all(golferId) as ClubKind[]

export function setAsOnCourse(
  db: Database,
  golferId: GolferId,
  { kind, on }: { kind: ClubKind; on: boolean },
  nowMs: number,
): void {
  db.prepare(
    on
      ? 'INSERT OR IGNORE INTO as_on_course (golfer_id, kind, set_ms) VALUES (@golferId, @kind, @nowMs)'
      : 'DELETE FROM as_on_course WHERE golfer_id = @golferId AND kind = @kind',
  ).run(on ? { golferId, kind, nowMs } : { golferId, kind })
}

/** A round of a file: its name and those of its words tell whether it was taken before. */
export type RoundOfFile = { round: NewRound; said: RoundEvent[] }

/** Takes rounds of a file, all or none; what is known already says nothing new. Returns how many shots were new. */
export function takeRounds(
  db: Database,
  golferId: GolferId,
  rounds: readonly RoundOfFile[],
  batch: string,
): number {
  const words = db.prepare('SELECT count(*) FROM round_said').pluck()
  return db
    .transaction(() => {
      const before = words.get() as number
      for (const { round, said: events } of rounds) {
        openRound(db, golferId, round)
        appendRoundEvents(db, round.id, events, `${batch} ${round.id}`)
      }
      return (words.get() as number) - before
    })
    .immediate()
}
