import { spawnSync } from 'node:child_process'
import { copyFileSync, cpSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { hash } from 'node:crypto'
import type { Golfer } from '@/core/model/golfer'
import { backUp, checkBackup } from '@/store/backup'
import { copiesIn } from '@/store/copies'
import { openDatabase } from '@/store/database'
import { removeGolfer, schemaNumber, writeGolferDocument } from '@/store/golfer-document'
import { allGolfers } from '@/store/golfers'
import { removeStopped } from '@/store/shot-files'
import { mode } from 'simple-statistics'
import { exportText } from '../tests/export-text'
import { makeDemoIn } from '../demo/make-demo-in'

/** The calls by which something comes onto the disk, or gets its name there. */
const CALLS = ['fsync', 'fdatasync', 'rename', 'link', 'unlink', 'ftruncate', 'pwrite64']
/** Of the many writes of a change a few are broken off at, evenly. */
const MOST_POINTS = 6

type Change = {
  what: string
  /** What the change makes of the folder it is done in. */
  prepare: (folder: string) => void
  /** What the folder holds, as text: equal texts are equal states. */
  state?: (folder: string) => string
}

/** All that the database says; thrown where it is not whole. */
export function contents(path: string): string {
  const db = openDatabase(path, { checked: true })
  try {
    // The server does this when it starts.
    while (removeStopped(db));
    const name: string[] = [`schema ${schemaNumber(db)}`]
    allGolfers(db).forEach(({ id }) => writeGolferDocument(db, id, (part) => name.push(part)))
    // A name that is made by chance, such as that of an action, differs from run to run, and so may the order by names.
    const rows = name
      .join('')
      .replaceAll(/[0-9a-f]{8}-[0-9a-f-]{27}/g, 'id')
      .split('\n')
    return hash(
      'sha256',
      rows
        .map((row) => row.replace(/[\],]+$/, ''))
        .sort()
        .join('\n'),
    )
  } finally {
    db.close()
  }
}

const data = (folder: string): string => contents(join(folder, 'banco.db'))
const writeFileNextTo = (name: string) => (folder: string) => {
  const path = join(folder, name)
  if (existsSync(path)) checkBackup(path)
  return `${data(folder)} ${existsSync(path) ? 'there' : 'not there'}`
}

const CHANGES: Change[] = [
  { what: 'shot', prepare: () => {} },
  {
    what: 'import',
    prepare: (folder) => {
      const db = openDatabase(join(folder, 'banco.db'))
      const text = exportText(db, allGolfers(db)[0] as Golfer, 'shots', 0) ?? ''
      writeFileSync(join(folder, 'shots.csv'), text.replaceAll(/^[^,]+,[^,]+/gm, ','))
      db.close()
    },
  },
  { what: 'removal', prepare: () => {} },
  {
    what: 'golfer',
    prepare: (folder) => {
      const db = openDatabase(join(folder, 'banco.db'))
      writeFileSync(
        join(folder, 'golfer.json'),
        exportText(db, golferNamed(db, 'demo-junia'), 'golfer', 0) ?? '',
      )
      removeGolfer(db, golferNamed(db, 'demo-junia').id)
      db.close()
    },
  },
  {
    what: 'migration',
    prepare: (folder) => copyFileSync('tests/fixtures/backup-5.db', join(folder, 'banco.db')),
  },
  { what: 'backup', prepare: () => {}, state: writeFileNextTo('backup.db') },
  {
    what: 'copy',
    prepare: () => {},
    state: (folder) => {
      copiesIn(folder).forEach(({ name }) => checkBackup(join(folder, 'copies', name)))
      return `${data(folder)} ${copiesIn(folder).length}`
    },
  },
  {
    what: 'restore',
    prepare: (folder) => {
      const db = openDatabase(join(folder, 'banco.db'))
      backUp(db, join(folder, 'all.db'))
      db.close()
      const other = openDatabase(join(folder, 'all.db'))
      removeGolfer(other, golferNamed(other, 'demo-junia').id)
      other.close()
      cpSync(join(folder, 'all.db'), join(folder, 'other.db'))
      rmSync(join(folder, 'all.db'))
    },
  },
]

const golferNamed = (db: Parameters<typeof allGolfers>[0], id: string): Golfer =>
  allGolfers(db).find((golfer) => golfer.id === id) as Golfer

/** Each change of the data, killed at each call that brings something to the disk: the data are old or new, whole. */
export function kills(): string[] {
  if (spawnSync('strace', ['-V']).status !== 0)
    return ['strace is not here (apt-get install strace): the changes are not broken off.']
  const base = mkdtempSync(join(tmpdir(), 'banco-kills-'))
  makeDemoIn(base)
  try {
    return ['change      killed   old   new   neither', ...CHANGES.map((change) => killed(base, change))]
  } finally {
    rmSync(base, { recursive: true, force: true })
  }
}

function killed(base: string, { what, prepare, state = data }: Change): string {
  const start = mkdtempSync(join(tmpdir(), 'banco-kills-start-'))
  cpSync(base, start, { recursive: true })
  prepare(start)
  const run = (inject: string | null) => {
    const folder = mkdtempSync(join(tmpdir(), 'banco-kills-run-'))
    cpSync(start, folder, { recursive: true })
    const log = join(folder, 'strace.log')
    const trace = inject
      ? ['-e', `inject=${inject}`, '-e', `trace=${inject.split(':')[0]}`]
      : ['-e', `trace=${CALLS.join(',')}`]
    const ended = spawnSync(
      'strace',
      [
        '-f',
        '-y',

        '-o',
        log,
        ...trace,
        process.execPath,
        '--import',
        'tsx',
        'bench/one-step.ts',
        what,
        folder,
      ],
      { encoding: 'utf8' },
    )
    const calls = readFileSync(log, 'utf8').split('\n')
    rmSync(log)
    return { folder, calls, ended }
  }
  const whole = run(null)
  if (whole.ended.status !== 0) throw new Error(`${what}: ${whole.ended.stderr}`)
  // Looking at a database brings it up to date: what is looked at is a copy.
  const looked = `${start}-looked`
  cpSync(start, looked, { recursive: true })
  const before = state(looked)
  rmSync(looked, { recursive: true, force: true })
  const after = state(whole.folder)
  const count = { old: 0, new: 0, late: 0, neither: [] as string[] }
  // strace counts calls thread by thread: those of the thread that touches the folder most often are broken off.
  const thread = mode(
    whole.calls.filter((line) => line.includes(whole.folder)).map((line) => Number(/^\d+/.exec(line)?.[0])),
  )
  for (const call of CALLS) {
    const numbers = whole.calls
      .filter((line) => new RegExp(`^${thread} +${call}\\(`).test(line))
      .flatMap((line, i) => (line.includes(whole.folder) ? [i + 1] : []))
    for (const at of spread(numbers)) {
      const { folder, ended } = run(`${call}:signal=SIGKILL:when=${at}`)
      if (ended.status === 0) count.late++
      const found = stateOf(() => state(folder))
      if (found === before) count.old++
      else if (found === after) count.new++
      else count.neither.push(`${call} ${at}: ${found}`)
      rmSync(folder, { recursive: true, force: true })
    }
  }
  rmSync(start, { recursive: true, force: true })
  rmSync(whole.folder, { recursive: true, force: true })
  const all = count.old + count.new + count.neither.length
  const cells = [all - count.late, count.old, count.new, count.neither.length]
  return `${what.padEnd(10)}${cells.map((cell) => String(cell).padStart(7)).join('')}  ${count.neither.join('; ')}`
}

const spread = (numbers: number[]): number[] =>
  numbers.length <= MOST_POINTS
    ? numbers
    : Array.from(
        { length: MOST_POINTS },
        (_, i) => numbers[Math.round((i * (numbers.length - 1)) / (MOST_POINTS - 1))] as number,
      )

function stateOf(read: () => string): string {
  try {
    return read()
  } catch (error) {
    return (error as Error).message
  }
}
