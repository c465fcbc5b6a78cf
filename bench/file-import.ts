import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { importShots } from '../tests/import-shots'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import Papa from 'papaparse'
import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import { RECORD_FIELDS, type ShotRecord } from '@/core/session/shot-record'
import type { GolferId, SessionId } from '@/core/model/ids'
import { FLIGHT, FLIGHT_FIELDS } from '@/core/shots/flight-fields'
import { startBag } from '@/store/bags'
import { openDatabase } from '@/store/database'
import { addGolfer } from '@/store/golfers'
import { startSession } from '@/store/sessions'
import { shotsCsvRows, shotsCsvTitles } from '@/formats/shots-csv'
import { fileShots } from '@/formats/table/file-shots'
import { openTable, readRows } from '@/formats/table/read-table'
import { dice } from '../simulators/golfers/dice'
import { hitShot } from '../simulators/golfers/hit-shot'
import { NET_LOFT } from '../simulators/golfers/net-loft'

const ROWS = 100_000
const RUNS = 5
const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const

/** 100,000 rows from a file into the database, against bare Papa Parse and bare inserts in one transaction. */
export function importAgainstBare(): string[] {
  const folder = mkdtempSync(join(tmpdir(), 'banco-bench-'))
  const file = join(folder, 'shots.csv')
  writeFileSync(file, shotsCsvTitles(YARDS) + shotsCsvRows(rows(), YARDS, () => 'counts'))
  const whole: number[] = []
  const bare: number[] = []
  const alike: number[] = []
  for (let run = 0; run < RUNS; run++) {
    bare.push(timed(() => bareImport(file, join(folder, `bare-${run}.db`))))
    alike.push(timed(() => alikeImport(file, join(folder, `alike-${run}.db`))))
    whole.push(timed(() => bancoImport(file, join(folder, `banco-${run}.db`))))
  }
  const [b, a, w] = [best(bare), best(alike), best(whole)]
  const peak = process.resourceUsage().maxRSS / 1024
  return [
    `${ROWS.toLocaleString('en')} rows: bare ${b.toFixed(0)} ms, Banco ${w.toFixed(0)} ms: ${(w / b).toFixed(2)} times (best of ${RUNS} each)`,
    `bare into a table with the same constraints, index and references ${a.toFixed(0)} ms: ${(w / a).toFixed(2)} times (wanted at most 1.8)`,
    `peak memory of the run ${peak.toFixed(0)} MB`,
  ]
}

const BENCH_GOLFER = 'bench' as GolferId

function emptyBanco(path: string) {
  const db = openDatabase(path)
  const settings = {
    name: 'Bench',
    hand: 'right',
    lengthUnit: 'yd',
    speedUnit: 'mph',
    goalZoneM: null,
  } as const
  addGolfer(db, BENCH_GOLFER, settings, 0)
  const clubs = BAG_TEMPLATES.find(({ key }) => key === 'smooth')?.clubs ?? []
  startBag(db, BENCH_GOLFER, { name: 'Bag', clubs }, 0)
  return db
}

function bancoImport(file: string, path: string): void {
  const db = emptyBanco(path)
  const options = { lengthUnit: 'yd', offsetMin: 0 } as const
  const opened = openTable(readFileSync(file), options)
  if (!opened.ok) throw new Error(opened.problems[0]?.sentence)
  const shots = fileShots(readRows(opened.table, options), 0)
  const result = importShots(db, BENCH_GOLFER, { name: 'shots.csv', shots }, { nowMs: 0, offsetMin: 0 })
  db.close()
  if (result.taken !== ROWS) throw new Error(`took ${result.taken} of ${ROWS}`)
}

/** No check, no club, no session, no history: each cell into a column of the same kind, under the row's id. */
function bareImport(file: string, path: string): void {
  const db = new Database(path)
  db.pragma('journal_mode = WAL')
  db.pragma('synchronous = FULL')
  const texts = new Set<string>(['id', 'session', 'place', 'club', 'swing', 'mark', 'apart'])
  db.exec(
    `CREATE TABLE shot (${RECORD_FIELDS.map((field) => `${field} ${field === 'id' ? 'TEXT UNIQUE' : texts.has(field) ? 'TEXT' : 'REAL'}`).join(', ')})`,
  )
  const { data } = Papa.parse<string[]>(readFileSync(file, 'utf8'), { skipEmptyLines: true })
  const at = RECORD_FIELDS.map((field) => data[0]?.indexOf(field) ?? -1)
  const insert = db.prepare(`INSERT INTO shot VALUES (${RECORD_FIELDS.map(() => '?').join(', ')})`)
  db.transaction(() => {
    for (let i = 1; i < data.length; i++) insert.run(at.map((column) => data[i]?.[column]))
  })()
  db.close()
}

/** The same without a check of its own, into the table that Banco has, with all that it demands of a row. */
function alikeImport(file: string, path: string): void {
  const db = emptyBanco(path)
  const { data } = Papa.parse<string[]>(readFileSync(file, 'utf8'), { skipEmptyLines: true })
  const at = (name: string) => data[0]?.indexOf(name) ?? -1
  const [id, session, club, carry, hit] = ['id', 'session', 'club', 'carryM', 'hitMs'].map(at) as [
    number,
    number,
    number,
    number,
    number,
  ]
  const others = FLIGHT_FIELDS.filter((field) => field !== 'carryM').map((field) => ({
    column: FLIGHT[field].column,
    place: at(field),
  }))
  const clubs = new Map(
    (db.prepare('SELECT name, id FROM club').raw().all() as [string, string][]).map(([name, each]) => [
      name,
      each,
    ]),
  )
  const [firstClub] = clubs.values()
  const insert = db.prepare(
    `INSERT INTO shot (id, session_id, source, import_id, hit_ms, club_id, swing, carry_m, ${others.map(({ column }) => column).join(', ')})
     VALUES (?, ?, 'file', 'f', ?, ?, 'full', ?, ${others.map(() => '?').join(', ')})`,
  )
  const number = (text: string | undefined) => (text ? Number(text) : null)
  db.transaction(() => {
    db.prepare("INSERT INTO file_import (id, golfer_id, name, at_ms) VALUES ('f', ?, 'shots.csv', 0)").run(
      BENCH_GOLFER,
    )
    for (const each of new Set(data.slice(1).map((row) => row[session])))
      startSession(
        db,
        { golferId: BENCH_GOLFER, startedMs: 1, offsetMin: 0, place: 'range' },
        each as SessionId,
      )
    for (let i = 1; i < data.length; i++) {
      const row = data[i] as string[]
      insert.run(
        row[id],
        row[session],
        number(row[hit]) || 0,
        clubs.get(row[club] ?? '') ?? firstClub,
        number(row[carry]),
        ...others.map(({ place: column }) => number(row[column])),
      )
    }
  })()
  db.close()
}

function rows(): ShotRecord[] {
  const golfer = NET_LOFT[0]
  if (!golfer) throw new Error('the net loft is empty')
  const roll = dice(100)
  return Array.from({ length: ROWS }, (_, i) => {
    const club = golfer.clubs[i % golfer.clubs.length]
    if (!club) throw new Error('the bag is empty')
    const { flight } = hitShot(golfer, club, { swing: 'full', position: 0 }, roll)
    const session = Math.floor(i / 100)
    const startedMs = 1_775_000_000_000 + session * 86_400_000
    return {
      ...flight,
      id: `bench-${i}`,
      session: `bench-${session}`,
      startedMs,
      offsetMin: 60,
      place: 'range',
      hitMs: startedMs + (i % 100) * 30_000,

      monitor: null,

      ball: null,
      surface: null,

      countedM: null,
      club: club.name,
      swing: 'full',
      mark: null,
      apart: null,
    }
  })
}

function timed(call: () => void): number {
  globalThis.gc?.()
  const began = performance.now()
  call()
  return performance.now() - began
}

const best = (times: number[]): number => Math.min(...times)
