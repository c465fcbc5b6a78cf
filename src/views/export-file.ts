import type { Golfer } from '@/core/model/golfer'
import type { ShotId } from '@/core/model/ids'
import { excludedBy } from '@/core/analysis/shot-status'
import type { Database } from '@/store/database'
import { clubsOf } from '@/store/clubs'
import { writeGolferDocument } from '@/store/golfer-document'
import { roundsOf } from '@/store/rounds'
import { shotsOnFile } from '@/store/shots-on-file'
import { writeRoundsCsv } from '@/formats/rounds-csv'
import { shotsCsvRows, shotsCsvTitles } from '@/formats/shots-csv'
import { writeGapsCsv, writeTable } from '@/formats/tables-csv'
import { clubNames } from '@/text/names'
import { stockRows } from '@/text/stock-columns'
import { shotFate } from '@/text/shot-fate'
import { paperView } from './paper-view'

/** What a golfer can take along: the same file from the page and from the command, with the numbers of the screen. */
export const EXPORTS = ['golfer', 'shots', 'stocks', 'gaps', 'rounds'] as const
export type Export = (typeof EXPORTS)[number]

/**
 * Writes a file part by part, of the data as they stand at one moment.
 * @param write called with one part after the other
 * @returns false where the golfer has no bag yet and the file is of the bag: nothing was written
 */
export const writeExport = (
  db: Database,
  golfer: Golfer,
  what: Export,
  nowMs: number,
  write: (part: string) => void,
): boolean =>
  db.transaction(() => {
    if (what === 'golfer') {
      writeGolferDocument(db, golfer.id, write)
      return true
    }
    if (what === 'shots') {
      writeShots(db, golfer, nowMs, write)
      return true
    }
    if (what === 'rounds') {
      const clubs = clubsOf(db, golfer.id)
      const named = (id: string) => clubs.find((club) => club.id === id)?.name ?? ''
      write(writeRoundsCsv(roundsOf(db, golfer.id), golfer, named))
      return true
    }
    const input = paperView(db, golfer, nowMs)
    if (!input) return false
    const name = clubNames(input.bag)
    write(
      what === 'stocks'
        ? writeTable(stockRows(input.analysis.stocks, golfer, name))
        : writeGapsCsv(input.analysis, golfer, name),
    )
    return true
  })()

function writeShots(db: Database, golfer: Golfer, nowMs: number, write: (part: string) => void): void {
  const input = paperView(db, golfer, nowMs)
  const judged = new Map((input?.analysis.shots ?? []).map((shot) => [shot.shotId, shot]))
  const inBag = new Set(input?.bag.clubs.map(({ id }) => id))
  const excluded = excludedBy(input?.analysis.stocks ?? [])
  write(shotsCsvTitles(golfer))
  for (const shots of shotsOnFile(db, golfer, nowMs)) {
    const statuses = new Map(shots.map(({ status }) => [status.id, status]))
    const fate = (id: string) => {
      const status = statuses.get(id as ShotId)
      return status ? shotFate(status, judged, excluded(status), inBag) : ''
    }
    write(
      shotsCsvRows(
        shots.map(({ record }) => record),
        golfer,
        fate,
      ),
    )
  }
}
