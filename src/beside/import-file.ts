import type { Golfer } from '@/core/golfer'
import type { Database } from '@/store/database'
import { keepShape } from '@/store/file-shapes'
import {
  importing,
  knownShots,
  removeBrokenOff,
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
import { WorkRefused, refuseWork, type Progress, type Way } from './work'

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

const TELL_EVERY = 2000

function* told(
  rows: Iterable<TableRow>,
  of: number,
  tell: (progress: Progress) => void,
): Generator<TableRow> {
  for (const row of rows) {
    if (row.row % TELL_EVERY === 0) tell({ done: Math.min(row.row, of), of })
    yield row
  }
}

/** So many rows are written at once: nobody waits longer for them than a page takes. */
const PART = 2000

/** A list in parts. */
function* inParts<T>(all: Iterable<T>): Generator<T[]> {
  let part: T[] = []
  for (const each of all) {
    part.push(each)
    if (part.length < PART) continue
    yield part
    part = []
  }
  yield part
}

/**
 * Takes the shots of a file, all or none, reading it as it goes and writing it part by part: they are there when it has ended.
 * @param write does a short piece of writing while nobody else writes
 * @throws WorkRefused where it is no table of shots
 */
export async function importFile(
  db: Database,
  golfer: Golfer,
  file: ShotsFile,
  nowMs: number,
  { tell = () => {}, write = async (work) => work() }: Partial<Way> = {},
): Promise<ImportResult> {
  const { found, table } = tableOf(file)
  while (await write(() => removeBrokenOff(db, golfer.id)));
  const { offsetMin } = file.options
  const { name, clubs, columns, monitor, watches } = file
  const into = importing(
    db,
    golfer.id,
    { name, ...(clubs && { clubs }), ...(monitor && { monitor }), ...(watches && { watches }) },
    { nowMs, offsetMin },
  )
  await write(into.begin)
  const shots = fileShots(told(readRows(table, file.options), table.lines, tell), offsetMin)
  for (const part of inParts(shots)) await write(() => into.take(part))
  return write(() => {
    const result = into.finish()
    if (columns) keepShape(db, golfer.id, { shape: shapeOf(found.columns), columns }, nowMs)
    return result
  })
}

/** Which rows of a file are on file already, by their numbers. */
export function knownRows(
  db: Database,
  golfer: Golfer,
  file: ShotsFile,
  tell: (progress: Progress) => void = () => {},
): number[] {
  const { table } = tableOf(file)
  const rows: number[] = []
  function* fresh(): Generator<TableRow> {
    for (const row of told(readRows(table, file.options), table.lines, tell))
      if (row.status === 'taken' || row.status === 'held') {
        rows.push(row.row)
        yield row
      }
  }
  const known = knownShots(db, golfer.id, fileShots(fresh(), file.options.offsetMin), watched(file))
  return rows.filter((_, i) => known[i])
}

/** Whose file is only compared. */
const watched = ({ monitor, watches }: ShotsFile): { monitor: string | null } | undefined =>
  watches ? { monitor: monitor ?? null } : undefined
