import type { GolferId } from '@/core/model/ids'
import { DataError } from './data-error'
import type { Database } from './database'
import { strangeWord } from './known-words'

export const GOLFER_FORMAT = 'banco-golfer/2'
/** Formats that can be read. The first did not say by which tables it was written. */
export const READ_FORMATS = ['banco-golfer/1', GOLFER_FORMAT]
type Value = string | number | null
type Row = Record<string, Value>
/** Everything that Banco keeps of one golfer, table by table. Equal data gives equal documents: fixed order, no time of writing. */
export type GolferDocument = {
  format: string
  /** How many migrations had made the tables that it was written from. */
  schema?: number
  tables: Record<string, Row[]>
}

const SESSIONS = 'session_id IN (SELECT id FROM session WHERE golfer_id = @id)'
const IMPORTS = 'SELECT id FROM file_import WHERE golfer_id = @id'
const SHOTS = `shot_seq IN (SELECT seq FROM shot WHERE ${SESSIONS})`
/**
 * The tables that hold something of a golfer, those first that others refer to. `place` columns are places
 * in the store: a document counts the golfer's own shots instead, 1 for the first. `counter` columns only give an order.
 */
const TABLES: { name: string; where: string; order: string; counter?: string; place?: string }[] = [
  { name: 'golfer', where: 'id = @id', order: 'id' },
  { name: 'golfer_zone', where: 'golfer_id = @id', order: 'segment' },
  { name: 'club', where: 'golfer_id = @id', order: 'rowid' },
  {
    name: 'club_set_up',
    where: 'club_id IN (SELECT id FROM club WHERE golfer_id = @id)',
    order: 'club_id, since_ms',
  },
  { name: 'label_event', where: 'golfer_id = @id', order: 'seq', counter: 'seq' },
  { name: 'bag', where: 'golfer_id = @id', order: 'rowid' },
  { name: 'bag_slot', where: 'bag_id IN (SELECT id FROM bag WHERE golfer_id = @id)', order: 'bag_id, slot' },
  { name: 'swing_definition', where: 'golfer_id = @id', order: 'rowid' },
  { name: 'wanted_station', where: 'golfer_id = @id', order: 'rowid' },
  { name: 'drill_shot', where: 'golfer_id = @id', order: 'seq', counter: 'seq' },
  { name: 'course_place', where: 'golfer_id = @id', order: 'name' },
  { name: 'course_day', where: 'golfer_id = @id', order: 'golfer_id' },
  { name: 'as_on_course', where: 'golfer_id = @id', order: 'kind' },
  { name: 'round', where: 'golfer_id = @id', order: 'opened_ms, id' },
  {
    name: 'round_said',
    where: 'round_id IN (SELECT id FROM round WHERE golfer_id = @id)',
    order: 'seq',
    counter: 'seq',
  },
  { name: 'visit', where: 'golfer_id = @id', order: 'at_ms, id' },
  {
    name: 'after_play',
    where: 'visit_id IN (SELECT id FROM visit WHERE golfer_id = @id)',
    order: 'visit_id',
  },
  { name: 'pair_moved', where: 'golfer_id = @id', order: 'shot_id' },
  { name: 'correction', where: 'golfer_id = @id', order: 'monitor, field' },
  { name: 'ball', where: 'golfer_id = @id', order: 'name' },
  { name: 'ball_factor', where: 'golfer_id = @id', order: 'ball' },
  { name: 'monitor_profile', where: 'golfer_id = @id', order: 'name' },
  { name: 'left_on_purpose', where: 'golfer_id = @id', order: 'seq', counter: 'seq' },
  { name: 'tried_refit', where: 'golfer_id = @id', order: 'name' },
  { name: 'hand_stock', where: 'golfer_id = @id', order: 'seq', counter: 'seq' },
  { name: 'file_shape', where: 'golfer_id = @id', order: 'shape' },
  { name: 'file_import', where: 'golfer_id = @id', order: 'rowid' },
  { name: 'session', where: 'golfer_id = @id', order: 'started_ms, id' },
  { name: 'plan_block', where: SESSIONS, order: 'session_id, place' },
  { name: 'set_up', where: SESSIONS, order: 'session_id' },
  { name: 'watching', where: SESSIONS, order: 'session_id, monitor' },
  { name: 'shot', where: SESSIONS, order: 'seq', place: 'seq' },
  { name: 'uncleared', where: SHOTS, order: 'shot_seq', place: 'shot_seq' },
  { name: 'file_condition', where: SHOTS, order: 'shot_seq', place: 'shot_seq' },
  { name: 'action', where: SESSIONS, order: 'seq', counter: 'seq' },
  { name: 'shot_event', where: SHOTS, order: 'seq', counter: 'seq', place: 'shot_seq' },
  { name: 'session_event', where: SESSIONS, order: 'seq', counter: 'seq', place: 'from_seq' },
  { name: 'undone', where: `batch IN (SELECT batch FROM action WHERE ${SESSIONS})`, order: 'at_ms, batch' },
]
/** Tables that documents of earlier versions have, and a migration has turned into others. */
const RETIRED: typeof TABLES = [{ name: 'club_label', where: 'golfer_id = @id', order: 'label' }]
export const DOCUMENT_TABLES = TABLES.map(({ name }) => name)

/** Everything of a golfer. */
export const golferDocument = (db: Database, id: GolferId): GolferDocument => ({
  format: GOLFER_FORMAT,
  schema: schemaNumber(db),
  tables: Object.fromEntries(TABLES.map((table) => [table.name, [...rowsOf(db, id, table)]])),
})

/** A golfer's rows of a table, one after the other: nothing else can be asked of the database meanwhile. */
function* rowsOf(
  db: Database,
  id: GolferId,
  { name, where, order, counter, place }: (typeof TABLES)[number],
): Generator<Row> {
  const seqs = place
    ? (db.prepare(`SELECT seq FROM shot WHERE ${SESSIONS} ORDER BY seq`).pluck().all({ id }) as number[])
    : []
  const rows = db.prepare(`SELECT * FROM ${name} WHERE ${where} ORDER BY ${order}`).iterate({ id })
  for (const each of rows) {
    const row = { ...(each as Row) }
    if (counter) delete row[counter]
    if (place) row[place] = rankOf(seqs, row[place] as number)
    yield row
  }
}

export const schemaNumber = (db: Database): number =>
  db.prepare('SELECT max(number) FROM migration').pluck().get() as number

/** How many of the places lie before this one, and one: its rank, or one more than there are. */
function rankOf(seqs: readonly number[], seq: number): number {
  let [low, high] = [0, seqs.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if ((seqs[middle] as number) < seq) low = middle + 1
    else high = middle
  }
  return low + 1
}

/**
 * Writes a golfer's document as text, one row a line, never holding more than a row of it.
 * @param write called with one part after the other
 */
export function writeGolferDocument(db: Database, id: GolferId, write: (part: string) => void): void {
  if (db.prepare(`SELECT 1 FROM import_under_way WHERE import_id IN (${IMPORTS})`).get({ id }))
    throw new DataError('A file is being imported for this golfer. Try again when the import has ended.')
  write(`{"format":${JSON.stringify(GOLFER_FORMAT)},"schema":${schemaNumber(db)},"tables":{`)
  TABLES.forEach((table, i) => {
    write(`${i > 0 ? ',' : ''}\n"${table.name}":[`)
    let before = ''
    for (const row of rowsOf(db, id, table)) {
      write(`${before}\n${JSON.stringify(row)}`)
      before = ','
    }
    write(']')
  })
  write('\n}}\n')
}

export class GolferDocumentError extends Error {}

/** Puts a document's rows into tables that are as its own were, all or none. */
export function insertDocument(db: Database, { tables }: GolferDocument): void {
  db.transaction(() => {
    const seqs: number[] = []
    for (const table of [...TABLES, ...RETIRED]) {
      const rows = tables[table.name] ?? []
      if (rows.length > 0) insertRows(db, table, rows, seqs)
    }
  }).immediate()
}

function insertRows(
  db: Database,
  { name, counter, place }: (typeof TABLES)[number],
  rows: Row[],
  seqs: number[],
): void {
  const strangeOne = strangeWord(name, rows)
  if (strangeOne)
    throw new GolferDocumentError(
      `This file says "${strangeOne.word}" for "${strangeOne.column}" in "${name}", which Banco does not know: it was made by a newer version.`,
    )
  const known = columnsOf(db, name).map((column) => column.name)
  const first = (
    db.prepare("SELECT coalesce((SELECT seq FROM sqlite_sequence WHERE name = 'shot'), 0) AS seq").get() as {
      seq: number
    }
  ).seq
  const kept = known.filter((column) => column !== counter)
  const insert = db.prepare(
    `INSERT INTO ${name} (${kept.join(', ')}) VALUES (${kept.map((column) => `@${column}`).join(', ')})`,
  )
  for (const row of rows) {
    const strange = Object.keys(row).find((column) => !kept.includes(column))
    const missing = kept.find((column) => !(column in row))
    if (strange ?? missing)
      throw new GolferDocumentError(
        strange
          ? `This file has "${strange}" in "${name}", which Banco does not know: it was made by a newer version.`
          : `This file has a row without "${missing}" in "${name}": export the golfer again.`,
      )
    const rank = place ? (row[place] as number) : 0
    // Shots get new places at the end of the store; what refers to them follows.
    const moved = !place
      ? row
      : { ...row, [place]: name === 'shot' ? first + 1 : (seqs[rank - 1] ?? first + 1) }
    if (name === 'shot') {
      const { lastInsertRowid } = db
        .prepare(
          `INSERT INTO shot (${kept.filter((c) => c !== 'seq').join(', ')}) VALUES (${kept
            .filter((c) => c !== 'seq')
            .map((c) => `@${c}`)
            .join(', ')})`,
        )
        .run(moved)
      seqs.push(Number(lastInsertRowid))
    } else insert.run(moved)
  }
}

type ColumnInfo = { name: string; type: 'TEXT' | 'REAL' | 'INTEGER'; notnull: 0 | 1; pk: number }
const columnsOf = (db: Database, table: string): ColumnInfo[] =>
  db.pragma(`table_info(${table})`) as ColumnInfo[]

/** Removes a golfer for good, with every shot: the one place where rows are deleted. */
export function removeGolfer(db: Database, id: GolferId): void {
  db.transaction(() => {
    const guards = db
      .prepare("SELECT name, sql FROM sqlite_master WHERE type = 'trigger' AND tbl_name = 'shot'")
      .all() as { name: string; sql: string }[]
    guards.forEach(({ name }) => db.exec(`DROP TRIGGER ${name}`))
    // Tables of this machine, which no document has.
    db.prepare(`DELETE FROM receiver WHERE ${SESSIONS}`).run({ id })
    db.prepare(`DELETE FROM import_under_way WHERE import_id IN (${IMPORTS})`).run({ id })
    for (const { name, where } of TABLES.toReversed())
      db.prepare(`DELETE FROM ${name} WHERE ${where}`).run({ id })
    guards.forEach(({ sql }) => db.exec(sql))
  }).immediate()
}

/** The JSON schema of a golfer's document, from the tables as they are. */
export function golferSchema(db: Database): object {
  const JSON_TYPE = { TEXT: 'string', REAL: 'number', INTEGER: 'integer' } as const
  const table = ({ name, counter }: (typeof TABLES)[number]) => {
    const columns = columnsOf(db, name).filter((column) => column.name !== counter)
    const properties = columns.map((column) => {
      const type = JSON_TYPE[column.type]
      return [column.name, { type: column.notnull || column.pk ? type : [type, 'null'] }] as const
    })
    return {
      type: 'array',
      items: {
        type: 'object',
        properties: Object.fromEntries(properties),
        required: columns.map((column) => column.name),
        additionalProperties: false,
      },
    }
  }
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'A golfer of Banco',
    type: 'object',
    properties: {
      format: { const: GOLFER_FORMAT },
      schema: { type: 'integer' },
      tables: {
        type: 'object',
        properties: Object.fromEntries(TABLES.map((each) => [each.name, table(each)])),
        required: DOCUMENT_TABLES,
        additionalProperties: false,
      },
    },
    required: ['format', 'schema', 'tables'],
    additionalProperties: false,
  }
}
