import Sqlite, { type Database } from 'better-sqlite3'
import { copyFileSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { GolferId } from '@/core/model/ids'
import { openDatabase } from '@/store/database'
import { removeGolfer, writeGolferDocument } from '@/store/golfer-document'
import { BancoServer } from '../demo/banco-server'
import { makeDemoIn } from '../demo/make-demo-in'
import { pagesOfGolfer } from '../simulators/attacker/attack'
import { ODD, one } from '../simulators/attacker/bodies'
import { dice } from '../simulators/golfers/dice'

const SEED = 3310
const MOST_S = 65

type Hostile = { what: string; to: string; body: Uint8Array }
type Rows = Record<string, unknown>
type GolferFile = { tables: Record<string, Rows[]> }

const SCHEMAS: [what: string, sql: string][] = [
  [
    'a view without an end in the place of the migrations',
    `ALTER TABLE migration RENAME TO old;
     CREATE VIEW migration AS WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n)
       SELECT i AS number, 'x' AS name, 'y' AS sha256 FROM n`,
  ],
  [
    'a trigger that calls itself',
    `CREATE TRIGGER again AFTER INSERT ON migration BEGIN INSERT INTO migration VALUES (NEW.number + 1, 'x', 'y'); END`,
  ],
  ['a check that builds 150 MB', `CREATE TABLE big (a TEXT CHECK (length(zeroblob(150000000)) > 0))`],
  ['a view of everything', 'CREATE VIEW v AS SELECT * FROM shot, shot, shot'],
  ['a table with the name of a view of ours', 'CREATE TABLE shot_now (a)'],
  ['a trigger less', 'DROP TRIGGER shot_is_never_changed'],
  ['an index by an expression', 'CREATE INDEX i ON shot (abs(seq))'],
  ['a generated column', 'ALTER TABLE golfer ADD COLUMN g INTEGER AS (length(name))'],
  ['a table of its own', "CREATE TABLE t (a); INSERT INTO t VALUES ('x')"],
  ['no migrations', 'DELETE FROM migration'],
  ['a newer version', "INSERT INTO migration VALUES (900, 'later', 'x')"],
]

/** JSON texts that are not valid for their columns. */
const TEXTS: [table: string, column: string, value: string][] = [
  ['set_up', 'checks', '5'],
  ['set_up', 'monitor_computes', '[{}]'],
  ['club_set_up', 'build', '{"shaft":[[]]}'],
  ['golfer', 'sureness', '{"a":"b"}'],
  ['session_event', 'said', '{"carryM":{}}'],
  ['monitor_profile', 'checks', '"x"'],
]

/** Restores altered backups and golfer files. None may hang Banco, and none that is accepted may break a page. */
export async function hostileFiles(): Promise<string[]> {
  const server = await BancoServer.prepare()
  makeDemoIn(server.data)
  const golfer = takeOut(join(server.data, 'banco.db'))
  await server.start()
  const backup = await bytesOf(`${server.address}/api/backup`)
  const lines: string[] = []
  const count = { refused: 0, taken: 0, hung: 0, broke: 0 }
  const all = [...backups(backup), ...golferFiles(golfer)]
  for (const { what, to, body } of all) {
    const signal = AbortSignal.timeout(MOST_S * 1000)
    const response = await fetch(server.address + to, { method: 'POST', body, signal } as RequestInit).catch(
      () => null,
    )
    const message = (await response?.text().catch(() => '')) ?? ''
    const isTaken = response !== null && response.ok && !message.includes('"refused"')
    if (response === null) count.hung++
    else if (isTaken) count.taken++
    else count.refused++
    const broken = isTaken ? await brokenPages(server) : []
    if (broken.length > 0) count.broke++
    if (response === null || broken.length > 0 || (response.status >= 500 && response.status !== 503))
      lines.push(`    ${what}: ${response?.status ?? 'no answer'} ${broken.slice(0, 3).join(' ')}`)
    if (what.endsWith('nothing altered') && !isTaken)
      lines.push(`    ${what}: ${response?.status} ${message.slice(0, 300)}`)
    if (isTaken) await fetch(`${server.address}/api/backup`, { method: 'POST', body: backup } as RequestInit)
  }
  await server.stop()
  const { refused, taken, hung, broke } = count
  return [
    `${all.length} altered backups and golfer files (seed ${SEED}): ${refused} refused, ${taken} taken, ${hung} hung, ${broke} broke a page (wanted none of either)`,
    ...lines,
  ]
}

const bytesOf = async (url: string): Promise<Uint8Array> =>
  new Uint8Array(await (await fetch(url)).arrayBuffer())

async function brokenPages({ address, data }: BancoServer): Promise<string[]> {
  const db = new Sqlite(join(data, 'banco.db'), { readonly: true })
  const golfers = db.prepare('SELECT id FROM golfer').pluck().all() as string[]
  const sessions = db.prepare('SELECT golfer_id, id FROM session LIMIT 6').raw().all() as [string, string][]
  db.close()
  const paths = [
    ...['/', '/desk', '/desk/reports'],
    ...golfers.flatMap(pagesOfGolfer),
    ...sessions.map(([golfer, id]) => `/golfers/${golfer}/sessions/${encodeURIComponent(id)}`),
  ]
  const statuses = await Promise.all(
    paths.map(async (path) => [path, (await fetch(address + path)).status] as const),
  )
  return statuses.filter(([, status]) => status >= 500).map(([path, status]) => `${path} ${status}`)
}

function backups(whole: Uint8Array): Hostile[] {
  const folder = mkdtempSync(join(tmpdir(), 'banco-hostile-'))
  const start = join(folder, 'start.db')
  writeFileSync(start, whole)
  const altered = (what: string, alter: (db: Database) => void): Hostile => {
    const path = join(folder, 'altered.db')
    copyFileSync(start, path)
    const db = new Sqlite(path)
    db.pragma('journal_mode = DELETE')
    db.pragma('ignore_check_constraints = ON')
    db.pragma('foreign_keys = OFF')
    alter(db)
    db.close()
    return { what, to: '/api/backup', body: new Uint8Array(readFileSync(path)) }
  }
  return [
    ...SCHEMAS.map(([what, sql]) => altered(what, (db) => db.exec(sql))),
    ...TEXTS.map(([table, column, value]) =>
      altered(`${table}.${column} is ${value}`, (db) =>
        db.prepare(`UPDATE ${table} SET ${column} = ?`).run(value),
      ),
    ),
    altered('shots of no session', (db) => db.exec('DELETE FROM session')),
    altered('sessions of the year 160000', (db) => db.exec('UPDATE session SET started_ms = 5e15')),
    { what: 'an empty file', to: '/api/backup', body: new Uint8Array(0) },
    { what: 'half of one', to: '/api/backup', body: whole.slice(0, whole.length / 2) },
    { what: 'zeros', to: '/api/backup', body: new Uint8Array(1 << 20) },
  ]
}

const RESTORE = '/api/golfers/restore'
const bytesOfJson = (value: unknown) => new TextEncoder().encode(JSON.stringify(value))

/** Golfer files with one odd value each, table by table. */
function golferFiles(whole: GolferFile): Hostile[] {
  const roll = dice(SEED)
  const tables = Object.keys(whole.tables).filter((name) => (whole.tables[name]?.length ?? 0) > 0)
  return Array.from({ length: 40 }, (_, i) => {
    const table = tables[i % tables.length] as string
    const file = structuredClone(whole)
    // The first file is unaltered: it must be accepted.
    if (i === 0) return { what: 'golfer file: nothing altered', to: RESTORE, body: bytesOfJson(file) }
    const rows = file.tables[table] as Rows[]
    const row = rows[Math.floor(roll.between(0, rows.length))] as Rows
    const column = one(Object.keys(row), roll)
    const value = one(ODD, roll)
    row[column] = value
    const what = `golfer file: ${table}.${column} is ${JSON.stringify(value)?.slice(0, 40)}`
    return { what, to: RESTORE, body: bytesOfJson(file) }
  })
}

/** Exports a golfer of the demo and removes them. */
function takeOut(path: string): GolferFile {
  const db = openDatabase(path)
  const id = 'demo-tilda' as GolferId
  const parts: string[] = []
  writeGolferDocument(db, id, (part) => parts.push(part))
  removeGolfer(db, id)
  db.close()
  return JSON.parse(parts.join('')) as GolferFile
}
