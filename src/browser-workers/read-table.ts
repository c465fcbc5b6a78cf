import { openTable, readRows, type Table, type TableOptions, type TableRow } from '@/formats/table/read-table'
import { shapeOf, withChoice, type ColumnChoice } from '@/formats/table/shape'
import type { TableColumn } from '@/formats/table/find-columns'
import type { Problem } from '@/core/model/problem'

/** What the page asks of the worker that reads tables. */
export type TableQuestion =
  | { kind: 'open'; bytes: Uint8Array; options: TableOptions; known: Record<string, ColumnChoice[]> }
  | { kind: 'read'; columns: ColumnChoice[] }

/** Rows as they are shown: what becomes of each, with its cells. */
type ShownRow = Pick<TableRow, 'row' | 'status' | 'because' | 'clubLabel'> & {
  carryM: number | null
  cells: string[]
}
type TableCounts = { taken: number; held: number; repeated: number; skipped: number }
export type TableResult =
  | { kind: 'refused'; problems: Problem[] }
  | {
      kind: 'opened'
      columns: TableColumn[]
      encoding: string
      delimiter: string
      rows: number
      remembered: boolean
    }
  | { kind: 'progress'; done: number; of: number }
  | { kind: 'read'; counts: TableCounts; clubs: { label: string; shots: number }[]; shown: ShownRow[] }

const EVERY = 4000
const MOST_SHOWN = 200
const CELLS_SHOWN = 12

let table: Table | null = null
let options: TableOptions = { lengthUnit: 'yd', offsetMin: 0 }
const send = (message: TableResult): void => postMessage(message)

addEventListener('message', ({ data }: MessageEvent<TableQuestion>) => {
  if (data.kind === 'open') open(data)
  else if (table) read(withChoice(table, data.columns))
})

function open({ bytes, options: own, known }: Extract<TableQuestion, { kind: 'open' }>): void {
  options = own
  const opened = openTable(bytes, options)
  if (!opened.ok) return send({ kind: 'refused', problems: opened.problems })
  const choice = known[shapeOf(opened.table.columns)]
  table = withChoice(opened.table, choice)
  const { columns, encoding, delimiter, lines } = table
  send({
    kind: 'opened',
    columns,
    encoding,
    delimiter,
    rows: lines,
    remembered: table !== opened.table,
  })
}

/** Reads all rows: their counts and clubs, and of each kind of row the first ones to be shown. */
function read(whole: Table): void {
  const counts: TableCounts = { taken: 0, held: 0, repeated: 0, skipped: 0 }
  const clubs = new Map<string, number>()
  const shown: ShownRow[] = []
  for (const { row, status, because, clubLabel, shot, cells } of readRows(whole, options)) {
    counts[status]++
    if (clubLabel && (status === 'taken' || status === 'held'))
      clubs.set(clubLabel, (clubs.get(clubLabel) ?? 0) + 1)
    if (counts[status] <= MOST_SHOWN)
      shown.push({
        row,
        status,
        ...(because && { because }),
        clubLabel: clubLabel ?? null,
        carryM: shot?.carryM ?? null,
        cells: cells.slice(0, CELLS_SHOWN),
      })
    if (row % EVERY === 0) send({ kind: 'progress', done: row, of: whole.lines })
  }
  send({ kind: 'read', counts, clubs: [...clubs].map(([label, shots]) => ({ label, shots })), shown })
}
