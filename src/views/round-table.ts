import { createHash } from 'node:crypto'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId, RoundId, RoundShotId } from '@/core/model/ids'
import { clubForLabel } from '@/core/shots/club-for-label'
import type { RoundOfTable, RoundsTable } from '@/formats/table/read-rounds'
import { clubLabels } from '@/store/club-labels'
import { clubsOf } from '@/store/clubs'
import type { Database } from '@/store/database'
import { roundById, type RoundOfFile } from '@/store/rounds'

/** What a table of rounds would bring. */
export type RoundTableView = {
  rounds: { place: string | null; openedMs: number | null; shots: number }[]
  clubs: { label: string; shots: number; clubId: ClubId | null }[]
  skipped: RoundsTable['skipped']
}

/** The clubs that the names of a table mean: as the golfer says now or said before, else by their letters. */
function meantBy(db: Database, golfer: Golfer, clubIds: Readonly<Record<string, ClubId>>) {
  const clubs = clubsOf(db, golfer.id)
  const labels = clubLabels(db, golfer.id)
  return (label: string): ClubId | null => {
    const own = clubs.find(({ id }) => id === clubIds[label])
    return own?.id ?? clubForLabel(label, clubs, labels)
  }
}

export function roundTableView(
  db: Database,
  golfer: Golfer,
  { rounds, clubs, skipped }: RoundsTable,
  clubIds: Readonly<Record<string, ClubId>>,
): RoundTableView {
  const meant = meantBy(db, golfer, clubIds)
  return {
    rounds: rounds.map(({ place, openedMs, rows }) => ({ place, openedMs, shots: rows.length })),
    clubs: clubs.map((each) => ({ ...each, clubId: meant(each.label) })),
    skipped,
  }
}

/**
 * A table's rounds as the store takes them; shots whose club nobody knows are left out. Names are made from what a row says,
 * so that the same table brings nothing twice.
 */
export function roundsOfFile(
  db: Database,
  golfer: Golfer,
  { rounds }: RoundsTable,
  {
    clubIds,
    offsetMin,
    nowMs,
  }: { clubIds: Readonly<Record<string, ClubId>>; offsetMin: number; nowMs: number },
): RoundOfFile[] {
  const meant = meantBy(db, golfer, clubIds)
  return rounds.flatMap((round): RoundOfFile[] => {
    // Banco's own file: the round is here.
    if (round.name !== null && roundById(db, round.name as RoundId)?.golferId === golfer.id) return []
    const id = nameOf(golfer.id, round.key) as RoundId
    const shots = shotsOf(round, id, meant, nowMs)
    const { place, openedMs } = round
    return shots.length === 0
      ? []
      : [
          {
            round: { id, place, openedMs: openedMs ?? nowMs, offsetMin, competition: false, day: null },
            said: shots,
          },
        ]
  })
}

function shotsOf(
  { rows }: RoundOfTable,
  id: RoundId,
  meant: (label: string) => ClubId | null,
  nowMs: number,
): RoundOfFile['said'] {
  const seen = new Map<string, number>()
  return rows.flatMap(({ row: _place, club, ...shot }) => {
    const clubId = meant(club)
    if (clubId === null) return []
    const says = JSON.stringify([club, shot])
    const time = (seen.get(says) ?? 0) + 1
    seen.set(says, time)
    const name = nameOf(id, says, String(time))
    return [{ ...shot, clubId, id: name as RoundShotId, said: name, atMs: nowMs }]
  })
}

const nameOf = (...parts: string[]): string =>
  `file-${createHash('sha256').update(parts.join('\n')).digest('hex').slice(0, 32)}`
