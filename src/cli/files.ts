import { existsSync, openSync, readFileSync, writeFileSync, writeSync } from 'node:fs'
import { parseArgs } from 'node:util'
import type { FileShot } from '@/core/session/shot-record'
import type { Golfer } from '@/core/model/golfer'
import { isOfDay, paperPdf, PAPERS, type Paper } from '@/paper/papers'
import { STORED_JSON } from '@/formats/stored-json'
import { backUp, BackupError, checkBackup, putBackup } from '@/store/backup'
import { DataError } from '@/store/data-error'
import { lockFolder } from '@/store/folder-lock'
import { dataFolder, databasePath } from '@/store/data-folder'
import { openDatabase, type Database } from '@/store/database'
import { golferSchema, GolferDocumentError } from '@/store/golfer-document'
import { restoreGolfer } from '@/store/restore-golfer'
import { allGolfers } from '@/store/golfers'
import { paperInput } from '@/views/paper-view'
import { EXPORTS, writeExport } from '@/views/export-file'
import { MAX_LENGTH } from '@/core/model/limits'
import { importFile } from '@/worker/import-file'
import { WorkRefused } from '@/worker/work'
import { readGolferDocument } from '@/formats/golfer-document'
import { readTable, type TableOptions, type TableRow } from '@/formats/table/read-table'
import { FIELD_NAMED } from '@/core/shots/flight-fields'

/** A sentence for whoever called, and exit code 2. */
class CommandError extends Error {}

const offsetNow = (): number => -new Date().getTimezoneOffset()
const say = (text: string): void => void process.stdout.write(`${text}\n`)
const withData = async <Result>(run: (db: Database) => Result | Promise<Result>): Promise<Result> => {
  const db = openDatabase(databasePath(dataFolder()))
  try {
    return await run(db)
  } finally {
    db.close()
  }
}

function fileOf(path: string | undefined, usage: string): Buffer {
  if (path === undefined) throw new CommandError(`Name a file.\n${usage}`)
  try {
    return readFileSync(path)
  } catch (error) {
    throw new CommandError(`${path} cannot be read (${(error as Error).message}): name another file.`)
  }
}

/** A golfer by the whole name: part of a name could be another golfer's. */
function golferNamed(db: Database, name: string | undefined): Golfer {
  const golfers = allGolfers(db)
  const plain = (text: string) => text.trim().toLowerCase()
  const found = golfers.filter((golfer) => name === undefined || plain(golfer.name) === plain(name))
  if (found.length === 1) return found[0] as Golfer
  const names = golfers.map((golfer) => golfer.name).join(', ') || 'none'
  throw new CommandError(
    name === undefined
      ? `Say whose with --golfer NAME. There are: ${names}.`
      : found.length > 1
        ? `${found.length} golfers are named "${name}": give one of them another name first.`
        : `No golfer is named "${name}". Type the whole name. There are: ${names}.`,
  )
}

export const IMPORT_USAGE = `Brings a table of shots in (CSV or another delimited table).

  npm run -s banco -- import FILE [options]

  --golfer NAME    whose shots they are (needed where there is more than one golfer)
  --preview        saves nothing; prints one JSON document: encoding, delimiter, columns, and what becomes of each row
  --unit yd|m      unit of lengths where the file does not say it (the golfer's own)
  --monitor NAME   the monitor that measured them, where the file does not say it
  --watches        they are there already by another monitor: they are compared, and in no stock (needs --monitor)
  --dates dmy|mdy  which of day and month stands first, where the file does not tell`

export async function runImport(args: string[]): Promise<void> {
  const { values, positionals } = parseArgs({
    args,
    allowPositionals: true,
    options: {
      golfer: { type: 'string' },
      preview: { type: 'boolean' },
      unit: { type: 'string' },
      dates: { type: 'string' },
      monitor: { type: 'string' },
      watches: { type: 'boolean' },
    },
  })
  const { unit, dates, monitor, watches } = values
  if (watches && !monitor?.trim())
    throw new CommandError('--watches needs --monitor: the name under which they are compared.')
  if (dates !== undefined && dates !== 'dmy' && dates !== 'mdy')
    throw new CommandError(`--dates must be dmy or mdy, and is "${dates}".`)
  if (unit !== undefined && unit !== 'yd' && unit !== 'm')
    throw new CommandError(`--unit must be yd or m, and is "${unit}".`)
  const bytes = fileOf(positionals[0], IMPORT_USAGE)
  const options = (lengthUnit: 'yd' | 'm'): TableOptions => ({
    lengthUnit: unit ?? lengthUnit,
    offsetMin: offsetNow(),
    ...(dates && { dates }),
  })
  if (values.preview) {
    const read = readTable(bytes, options('yd'))
    if (!read.ok) throw new WorkRefused(422, read.problems)
    const { table, rows } = read
    say(
      JSON.stringify({
        encoding: table.encoding,
        delimiter: table.delimiter,
        columns: table.columns.map(({ title, field, unit: of }) => ({
          title,
          field: field && field in FIELD_NAMED ? FIELD_NAMED[field as keyof typeof FIELD_NAMED] : field,
          unit: of,
        })),
        rows: rows.map(previewRow),
      }),
    )
    return
  }
  await withData(async (db) => {
    const golfer = golferNamed(db, values.golfer)
    const name = (positionals[0] as string).split(/[\\/]/).at(-1) as string
    const file = {
      name,
      bytes,
      options: options(golfer.lengthUnit),
      ...(monitor?.trim() && {
        monitor: monitor.trim().slice(0, MAX_LENGTH.device),
        watches: watches ?? false,
      }),
    }
    const { taken, known, held, conflicts } = await importFile(db, golfer, file, Date.now())
    say(
      `${name}: ${taken} taken, ${held} held, ${known} known already, ${conflicts.length} not taken since other shots have their ids.`,
    )
  })
}

function previewRow({ shot, cells: _cells, ...row }: TableRow): object {
  if (!shot) return row
  const { club: _club, visit: _visit, ...numbers } = shot as FileShot & { visit?: string }
  return { ...row, shot: numbers }
}

export const EXPORT_USAGE = `Writes what Banco keeps to a file, or to standard output.

  npm run -s banco -- export [options]

  --golfer NAME    whose (needed where there is more than one golfer)
  --what KIND      golfer (everything as JSON), shots, stocks, gaps, rounds (as CSV) (golfer)
  --to FILE        the file, which must not be there yet
  --schema         prints the JSON schema of a golfer's file, and ends`

export async function runExport(args: string[]): Promise<void> {
  const { values } = parseArgs({
    args,
    options: {
      golfer: { type: 'string' },
      what: { type: 'string', default: 'golfer' },
      to: { type: 'string' },
      schema: { type: 'boolean' },
    },
  })
  if (values.schema) return say(JSON.stringify(golferSchema(openDatabase(':memory:')), null, 1))
  const { to } = values
  if (to !== undefined && existsSync(to)) throw new CommandError(`${to} is there already: name another file.`)
  await withData((db) => {
    const golfer = golferNamed(db, values.golfer)
    const what = EXPORTS.find((each) => each === values.what)
    if (!what) throw new CommandError(`--what must be ${EXPORTS.join(', ')}, and is "${values.what}".`)
    let file: number | null = null
    const write = (part: string) => {
      file ??= to === undefined ? process.stdout.fd : openSync(to, 'wx')
      writeAll(file, part)
    }
    if (!writeExport(db, golfer, what, Date.now(), write))
      throw new CommandError(`${golfer.name} has no bag yet.`)
    if (to !== undefined) process.stderr.write(`${to} written.\n`)
  })
}

/** Writes to its end, also into a pipe whose reader takes its time. */
function writeAll(file: number, text: string): void {
  const bytes = Buffer.from(text)
  for (let from = 0; from < bytes.length;) {
    try {
      from += writeSync(file, bytes, from)
    } catch (error) {
      if ((error as { code?: string }).code !== 'EAGAIN') throw error
    }
  }
}

function writeNew(path: string, contents: string | Buffer): void {
  if (existsSync(path)) throw new CommandError(`${path} is there already: name another file.`)
  writeFileSync(path, contents)
  process.stderr.write(`${path} written.\n`)
}

export const BACKUP_USAGE = `Writes the whole database to a file, also while Banco runs.

  npm run -s banco -- backup FILE`

export async function runBackup([path]: string[]): Promise<void> {
  if (path === undefined) throw new CommandError(`Name a file.\n${BACKUP_USAGE}`)
  await withData((db) => backUp(db, path))
  const { golfers, sessions, shots } = checkBackup(path, STORED_JSON)
  say(`${path}: ${golfers} golfers, ${sessions} sessions, ${shots} shots.`)
}

export const RESTORE_USAGE = `Brings a backup or a golfer's file back. Both are checked before anything is replaced.

  npm run -s banco -- restore FILE

  a backup (from "backup")          takes the place of all data; what was there is kept beside it. Stop Banco first.
  a golfer's JSON (from "export")   brings that golfer back, beside the others`

export async function runRestore([path]: string[]): Promise<void> {
  const bytes = fileOf(path, RESTORE_USAGE)
  if (bytes.subarray(0, 15).toString() === 'SQLite format 3') {
    const folder = dataFolder()
    const database = databasePath(folder)
    const unlock = lockFolder(folder)
    const kept = putBackup(path as string, database, Date.now(), { texts: STORED_JSON })
    unlock()
    return say(`Restored from ${path}.${kept ? ` What was there is kept in ${kept}.` : ''}`)
  }
  const read = readGolferDocument(bytes.toString('utf8'))
  if (!read.ok) throw new CommandError(read.problems.map(({ sentence }) => sentence).join(' '))
  await withData((db) => restoreGolfer(db, read.value))
  say(`The golfer of ${path} is back.`)
}

export const REPORT_USAGE = `Writes a report, a yardage card or shaft labels as a PDF.

  npm run -s banco -- report FILE [options]

  --golfer NAME    whose (needed where there is more than one golfer)
  --kind KIND      ${PAPERS.join(', ')} (report)`

export async function runReport(args: string[]): Promise<void> {
  const { values, positionals } = parseArgs({
    args,
    allowPositionals: true,
    options: { golfer: { type: 'string' }, kind: { type: 'string', default: 'report' } },
  })
  const path = positionals[0]
  if (path === undefined) throw new CommandError(`Name a file.\n${REPORT_USAGE}`)
  if (!(PAPERS as readonly string[]).includes(values.kind))
    throw new CommandError(`--kind must be one of ${PAPERS.join(', ')}, and is "${values.kind}".`)
  const madeMs = Date.now()
  const { golfer, input } = await withData((db) => {
    const whose = golferNamed(db, values.golfer)
    return { golfer: whose, input: paperInput(db, whose, { ofDay: isOfDay(values.kind), madeMs }) }
  })
  if (!input) throw new CommandError(`${golfer.name} has no bag yet.`)
  writeNew(path, await paperPdf(values.kind as Paper, input))
}

/** What went wrong in words, where it is known; null for a fault of Banco's own. */
export function sentenceOf(error: unknown): string | null {
  const known = [CommandError, WorkRefused, BackupError, DataError, GolferDocumentError].some(
    (kind) => error instanceof kind,
  )
  const badArgument = (error as { code?: string }).code?.startsWith('ERR_PARSE_ARGS')
  return known || badArgument ? (error as Error).message : null
}
