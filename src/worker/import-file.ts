import type { Golfer } from '@/core/model/golfer'
import type { Database } from '@/store/database'
import { keepShape } from '@/store/file-shapes'
import {
  importing,
  knownShots,
  removeStopped,
  type ClubForLabel,
  type ImportResult,
  type ImportedFile,
} from '@/store/shot-files'
import { fileShots } from '@/formats/table/file-shots'
import {
  openTable,
  readRows,
  tableProblem,
  type Table,
  type TableOptions,
  type TableRow,
} from '@/formats/table/read-table'
import { shapeOf, withChoice, type ColumnChoice } from '@/formats/table/shape'
import { WorkRefused, refuseWork, type Progress, type WorkContext } from './work'

/** A file of shots, and what is known of it besides what it says. */
export type ShotsFile = {
  name: string
  bytes: Uint8Array
  options: TableOptions
  /** What its columns hold, as the golfer confirmed it; as found where nobody did. */
  columns?: ColumnChoice[]
  clubs?: Record<string, ClubForLabel>
} & Pick<ImportedFile, 'monitor' | 'watches'>

/** @throws WorkRefused where it is no table of shots */
function tableOf({ bytes, options, columns }: ShotsFile): { found: Table; table: Table } {
  const opened = openTable(bytes, options)
  if (!opened.ok) throw new WorkRefused(422, opened.problems)
  const table = withChoice(opened.table, columns)
  const problem = tableProblem(table)
  if (problem) refuseWork(422, 'columns', problem)
  return { found: opened.table, table }
}

const PROGRESS_EVERY = 2000

/** The rows, with how many were read reported now and then. */
function* withProgress(
  rows: Iterable<TableRow>,
  of: number,
  onProgress: (progress: Progress) => void,
): Generator<TableRow> {
  for (const row of rows) {
    if (row.row % PROGRESS_EVERY === 0) onProgress({ done: Math.min(row.row, of), of })
    yield row
  }
}

/** Rows of one transaction: other writers wait about 0.1 s for it. */
const PART = 2000

function* inParts<T>(items: Iterable<T>): Generator<T[]> {
  let part: T[] = []
  for (const item of items) {
    part.push(item)
    if (part.length < PART) continue
    yield part
    part = []
  }
  yield part
}

/**
 * Imports the shots of a file, all or none. They are written part by part and become visible with the last part.
 * @param write runs one short transaction while nobody else writes
 * @throws WorkRefused where the file is not a table of shots
 */
export async function importFile(
  db: Database,
  golfer: Golfer,
  file: ShotsFile,
  nowMs: number,
  { onProgress = () => {}, write = async (work) => work() }: Partial<WorkContext> = {},
): Promise<ImportResult> {
  const { found, table } = tableOf(file)
  while (await write(() => removeStopped(db, golfer.id)));
  const { offsetMin } = file.options
  const { name, clubs, columns, monitor, watches } = file
  const parts = importing(
    db,
    golfer.id,
    { name, ...(clubs && { clubs }), ...(monitor && { monitor }), ...(watches && { watches }) },
    { nowMs, offsetMin },
  )
  await write(parts.begin)
  const shots = fileShots(withProgress(readRows(table, file.options), table.lines, onProgress), offsetMin)
  for (const part of inParts(shots)) await write(() => parts.add(part))
  return write(() => {
    const result = parts.finish()
    if (columns) keepShape(db, golfer.id, { shape: shapeOf(found.columns), columns }, nowMs)
    return result
  })
}

/** Which rows of a file are on file already, by their numbers. */
export function knownRows(
  db: Database,
  golfer: Golfer,
  file: ShotsFile,
  onProgress: (progress: Progress) => void = () => {},
): number[] {
  const { table } = tableOf(file)
  const rows: number[] = []
  function* fresh(): Generator<TableRow> {
    for (const row of withProgress(readRows(table, file.options), table.lines, onProgress))
      if (row.status === 'taken' || row.status === 'held') {
        rows.push(row.row)
        yield row
      }
  }
  const known = knownShots(db, golfer.id, fileShots(fresh(), file.options.offsetMin), comparedMonitor(file))
  return rows.filter((_, i) => known[i])
}

/** The monitor of a file that is only compared. */
const comparedMonitor = ({ monitor, watches }: ShotsFile): { monitor: string | null } | undefined =>
  watches ? { monitor: monitor ?? null } : undefined
