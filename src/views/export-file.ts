import type { Golfer } from '@/core/golfer'
import type { ShotId } from '@/core/ids'
import { keptApart } from '@/core/shots/shot-standing'
import type { Database } from '@/store/database'
import { golferDocument, writeGolferDocument } from '@/store/golfer-document'
import { paperView } from './paper-view'
import { shotRecords, shotStandings } from '@/store/shot-files'
import { writeShotsCsv } from '@/formats/shots-csv'
import { writeStepsCsv, writeTable } from '@/formats/tables-csv'
import { clubNames } from '@/text/names'
import { stockRows } from '@/text/stock-columns'
import { shotFate } from '@/text/shot-fate'

/** What a golfer can take along: the same file from the page and from the command, with the numbers of the screen. */
export const EXPORTS = ['golfer', 'shots', 'stocks', 'steps'] as const
export type Export = (typeof EXPORTS)[number]

/** The text of a file; null where the golfer has no bag yet and the file is of the bag. */
export function exportFile(db: Database, golfer: Golfer, what: Export, nowMs: number): string | null {
  if (what === 'golfer') return writeGolferDocument(golferDocument(db, golfer.id))
  const input = paperView(db, golfer, nowMs)
  if (what === 'shots') {
    const standings = shotStandings(db, golfer.id, nowMs)
    const judged = new Map((input?.analysis.shots ?? []).map((shot) => [shot.shotId, shot]))
    const apart = keptApart(standings.values(), input?.analysis.stocks ?? [])
    const inBag = new Set(input?.bag.clubs.map(({ id }) => id))
    return writeShotsCsv(shotRecords(db, golfer.id), golfer, (id) => {
      const standing = standings.get(id as ShotId)
      return standing ? shotFate(standing, judged, apart, inBag) : ''
    })
  }
  if (!input) return null
  const name = clubNames(input.bag)
  return what === 'stocks'
    ? writeTable(stockRows(input.analysis.stocks, golfer, name))
    : writeStepsCsv(input.analysis, golfer, name)
}
