import type { Golfer } from '../src/core/model/golfer'
import type { Database } from '../src/store/database'
import { writeExport, type Export } from '../src/views/export-file'

/** The text of a golfer's file; null where the golfer has no bag yet and the file is of the bag. */
export function exportText(db: Database, golfer: Golfer, what: Export, nowMs: number): string | null {
  const parts: string[] = []
  return writeExport(db, golfer, what, nowMs, (part) => parts.push(part)) ? parts.join('') : null
}
