import Sqlite from 'better-sqlite3'
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  readlinkSync,
  rmSync,
  statSync,
  symlinkSync,
  truncateSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import type { GolferId } from '@/core/model/ids'
import { NOW_MS } from '../../tests/store'
import { backUp, checkBackup, putBackup, type RestoreStage } from './backup'
import { copiesIn, copyNamed, copyOfToday, daysToKeep } from './copies'
import { DataError, hindrance } from './data-error'
import { keptCopies } from './data-folder'
import { openDatabase } from './database'
import { lockFolder } from './folder-lock'
import { addGolfer, allGolfers } from './golfers'

let folder: string
let database: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'banco-test-'))
  database = join(folder, 'banco.db')
})
afterEach(() => rmSync(folder, { recursive: true, force: true }))

/** A data folder with one golfer of that name; its log is not folded in where it is left open. */
function withGolfer(name: string, path = database, leaveOpen = false) {
  const db = openDatabase(path)
  addGolfer(
    db,
    name as GolferId,
    { name, hand: 'right', lengthUnit: 'yd', speedUnit: 'mph', goalZoneM: null },
    NOW_MS,
  )
  if (!leaveOpen) db.close()
  return db
}
const namesIn = (path = database) => {
  const db = openDatabase(path, { checked: true })
  const names = allGolfers(db).map(({ name }) => name)
  db.close()
  return names
}
const backupOf = (name: string) => {
  const path = join(folder, `${name}.backup`)
  withGolfer(name, path)
  return path
}

/** What can become of a file: its end is gone, its middle is somebody else's, nothing but zeros, another kind of file. */
const DAMAGE: [what: string, damage: (path: string) => void][] = [
  ['cut', (path) => truncateSync(path, 8192)],
  [
    'overwritten',
    (path) => {
      const bytes = readFileSync(path)
      bytes.fill(0x5a, 4096, bytes.length - 4096)
      writeFileSync(path, bytes)
    },
  ],
  ['zeroed', (path) => writeFileSync(path, Buffer.alloc(statSync(path).size))],
  ['another file', (path) => writeFileSync(path, 'Dear diary, today I hit it well. '.repeat(200))],
]

describe('a damaged database', () => {
  it.each(DAMAGE)('that is %s is found when it is opened, and said', (_what, damage) => {
    withGolfer('Old')
    damage(database)
    expect(() => openDatabase(database, { checked: true })).toThrow(DataError)
    expect(() => openDatabase(database, { checked: true })).toThrow('is damaged')
  })

  it.each(DAMAGE)('that is %s can be restored over, and is kept', (_what, damage) => {
    withGolfer('Old')
    damage(database)
    const was = readFileSync(database)
    const kept = putBackup(backupOf('New'), database, NOW_MS)
    expect(namesIn()).toEqual(['New'])
    expect(readFileSync(kept as string).equals(was)).toBe(true)
  })

  it('is mended from its log as far as that goes, and the log is not read into the new one', () => {
    const open = withGolfer('Old', database, true)
    const log = readFileSync(`${database}-wal`)
    open.close()
    writeFileSync(database, Buffer.alloc(8192))
    writeFileSync(`${database}-wal`, log)
    const kept = putBackup(backupOf('New'), database, NOW_MS) as string
    expect([namesIn(), namesIn(kept)]).toEqual([['New'], ['Old']])
  })

  it.each(['gone', 'empty'])('that is %s is not made anew while earlier states lie beside it', (what) => {
    withGolfer('Old')
    const kept = putBackup(backupOf('New'), database, NOW_MS) as string
    if (what === 'gone') rmSync(database)
    else truncateSync(database, 0)
    expect(() => openDatabase(database)).toThrow(`is ${what}, and earlier states of it lie beside it`)
    expect(keptCopies(folder)).toEqual([kept])
    putBackup(kept, database, NOW_MS + 1)
    expect(namesIn()).toEqual(['Old'])
  })

  it('is made where a folder is new, for its owner alone', () => {
    withGolfer('First')
    expect(namesIn()).toEqual(['First'])
    expect(statSync(database).mode & 0o777).toBe(0o600)
  })
})

describe('a restore', () => {
  const STAGES: RestoreStage[] = ['copied', 'closed', 'kept', 'log put aside', 'replaced', 'done']
  it.each(STAGES)('that is broken off once it has "%s" leaves the old data or the new, whole', (broken) => {
    withGolfer('Old')
    const backup = backupOf('New')
    const stop = (stage: RestoreStage) => {
      if (stage === broken) throw new Error('killed')
    }
    expect(() => putBackup(backup, database, NOW_MS, { after: stop })).toThrow('killed')
    expect(namesIn()).toEqual([STAGES.indexOf(broken) < STAGES.indexOf('replaced') ? 'Old' : 'New'])
    // And it can be done again.
    const kept = putBackup(backup, database, NOW_MS + 1)
    expect(namesIn()).toEqual(['New'])
    expect(existsSync(kept as string)).toBe(true)
  })

  it('keeps what was there, its newest shots with it', () => {
    withGolfer('Old')
    const kept = putBackup(backupOf('New'), database, NOW_MS) as string
    expect(namesIn(kept)).toEqual(['Old'])
  })

  it('is refused while somebody works with the data', () => {
    const open = withGolfer('Old', database, true)
    expect(() => putBackup(backupOf('New'), database, NOW_MS)).toThrow('Somebody works with these data')
    open.close()
    expect(namesIn()).toEqual(['Old'])
  })

  it.each([
    ['a trigger', 'CREATE TRIGGER spy AFTER INSERT ON shot BEGIN DELETE FROM golfer; END', 'trigger spy'],
    ['a table', 'CREATE TABLE extra (a)', 'table extra'],
    ['a view', 'CREATE VIEW extra AS SELECT 1', 'view extra'],
    ['a trigger less', 'DROP TRIGGER shot_unchanged', 'trigger'],
  ])('refuses a backup with %s', (_what, sql, odd) => {
    const path = backupOf('New')
    const db = new Sqlite(path)
    const triggers = db.prepare("SELECT name FROM sqlite_schema WHERE type = 'trigger'").pluck().all()
    db.exec(sql.replace('shot_unchanged', String(triggers[0])))
    db.close()
    expect(() => checkBackup(path)).toThrow(odd)
  })

  it.each([
    [
      'a view that never ends in the place of the record of migrations',
      `DROP TABLE migration; CREATE VIEW migration AS
       WITH RECURSIVE n (number, name, sha256) AS (SELECT 1, 'a', 'b' UNION ALL SELECT number + 1, 'a', 'b' FROM n) SELECT * FROM n`,
    ],
    [
      'a trigger that calls itself for ever',
      'CREATE TRIGGER endless AFTER UPDATE ON golfer BEGIN UPDATE golfer SET name = name; END',
    ],
    [
      'a check that builds 150 MB',
      "CREATE TABLE big (x TEXT CHECK (length(replace(hex(zeroblob(75000000)), '00', 'ab')) > 0)) STRICT",
    ],
    ['a column of its own', 'ALTER TABLE golfer ADD COLUMN more TEXT'],
    ['an index of its own', 'CREATE INDEX own ON shot (id, swing)'],
  ])('looks at a backup before anything in it runs: refuses %s', (_, sql) => {
    const hostile = backupOf('Hostile')
    const made = new Sqlite(hostile)
    made.exec(sql)
    made.close()
    expect(() => checkBackup(hostile)).toThrow(/none of Banco’s|is not as Banco makes one/)
  })

  it('refuses a backup whose texts are not what their columns hold', () => {
    const path = backupOf('New')
    const texts = {
      columns: [['golfer', 'name']] as [string, string][],
      problem: (_: string, __: string, value: unknown) => (value === 'New' ? 'No such name.' : null),
    }
    expect(() => checkBackup(path, texts)).toThrow('changed by hand. No such name.')
    expect(checkBackup(path, { ...texts, problem: () => null }).golfers).toBe(1)
  })

  it.each(['ENOSPC', 'EDQUOT', 'EROFS', 'EIO', 'SQLITE_FULL'])(
    'a disk that gives %s is said in words, not as a fault of Banco',
    (code) => {
      expect(hindrance(Object.assign(new Error('x'), { code }))).toMatch(/Nothing was changed/)
      expect(hindrance(new Error(code))).toBeNull()
    },
  )

  it('calls an empty file empty', () => {
    const path = join(folder, 'empty.db')
    writeFileSync(path, '')
    expect(() => checkBackup(path)).toThrow('This file is empty')
  })

  it('refuses a backup with times that never were', () => {
    const path = backupOf('New')
    const db = openDatabase(path)
    db.prepare(
      "INSERT INTO session (id, golfer_id, started_ms, offset_min, until_settled, rest_every, rest_s, air_left) VALUES ('s', 'New', 5000000000000, 0, 0, 0, 0, 0)",
    ).run()
    db.close()
    expect(() => checkBackup(path)).toThrow('times that never were')
  })

  it('leaves nothing in the folder for passing things', () => {
    const before = readdirSync(tmpdir()).filter((name) => name.startsWith('banco-check-')).length
    checkBackup(backupOf('New'))
    expect(() => checkBackup(join(folder, 'nowhere.db'))).toThrow('There is no file')
    expect(readdirSync(tmpdir()).filter((name) => name.startsWith('banco-check-'))).toHaveLength(before)
  })

  it('restores the file that a link leads to, and keeps the link', () => {
    const elsewhere = mkdtempSync(join(tmpdir(), 'banco-elsewhere-'))
    const file = join(elsewhere, 'mine.db')
    withGolfer('Old', file)
    symlinkSync(file, database)
    const kept = putBackup(backupOf('New'), database, NOW_MS)
    expect([readlinkSync(database), namesIn(), namesIn(file)]).toEqual([file, ['New'], ['New']])
    expect(namesIn(kept!)).toEqual(['Old'])
    rmSync(elsewhere, { recursive: true })
  })

  it('reports a folder in the place of the data file, and replaces it by a restore', () => {
    mkdirSync(database)
    writeFileSync(join(database, 'note.txt'), 'mine')
    expect(() => openDatabase(database)).toThrow(/is a folder, where Banco needs its data file/)
    const kept = putBackup(backupOf('New'), database, NOW_MS)
    expect(namesIn()).toEqual(['New'])
    expect(readFileSync(join(kept!, 'note.txt'), 'utf8')).toBe('mine')
  })

  it('takes a backup that was made while Banco ran', () => {
    const open = withGolfer('Old', database, true)
    const path = join(folder, 'running.backup')
    backUp(open, path)
    open.close()
    expect(checkBackup(path)).toEqual({ golfers: 1, sessions: 0, shots: 0 })
    expect(statSync(path).mode & 0o777).toBe(0o600)
  })
})

describe('daily copies', () => {
  const DAY_MS = 86_400_000

  it('are made once a day while the data are used, and can be put back', async () => {
    const open = withGolfer('Old', database, true)
    expect(await copyOfToday(open, folder, NOW_MS)).toBe(true)
    expect(await copyOfToday(open, folder, NOW_MS + 3600_000)).toBe(false)
    open.close()
    const [copy] = copiesIn(folder)
    expect(copy?.name).toBe('banco-2026-04-11.db')
    expect(copy?.bytes).toBeGreaterThan(0)
    writeFileSync(database, Buffer.alloc(4096))
    putBackup(copyNamed(folder, 'banco-2026-04-11.db') as string, database, NOW_MS)
    expect(namesIn()).toEqual(['Old'])
  })

  it('of damaged data are thrown away: they would push out the good ones', async () => {
    const open = withGolfer('Old', database, true)
    open.pragma('wal_checkpoint(TRUNCATE)')
    const bytes = readFileSync(database)
    bytes.fill(0x5a, 4096)
    open.close()
    writeFileSync(database, bytes)
    const damaged = new Sqlite(database)
    await copyOfToday(damaged, folder, NOW_MS).catch(() => false)
    damaged.close()
    expect(copiesIn(folder)).toEqual([])
  })

  it('stay for seven days, and one of each of the four weeks before', async () => {
    const open = withGolfer('Old', database, true)
    for (let day = 0; day < 60; day++) await copyOfToday(open, folder, NOW_MS + day * DAY_MS)
    open.close()
    const ages = copiesIn(folder).map(({ name }) => {
      const made = Date.parse(name.slice(6, 16))
      return Math.round((NOW_MS + 59 * DAY_MS - made) / DAY_MS)
    })
    expect(ages.filter((age) => age < 7)).toHaveLength(7)
    expect(ages).toHaveLength(11)
    expect(Math.max(...ages)).toBeLessThanOrEqual(35)
  })

  it('of days on which Banco did not run are none, and the last before stays', () => {
    const kept = daysToKeep(['2026-01-02', '2026-03-01', '2026-03-02', '2026-03-03'], '2026-03-20')
    expect([...kept].sort()).toEqual(['2026-03-03'])
  })

  it('are found by their own names only', () => {
    expect(copyNamed(folder, '../banco.db')).toBeNull()
    expect(copyNamed(folder, 'banco-2020-01-01.db')).toBeNull()
  })
})

describe('a data folder', () => {
  it('has one server, and is free again however that one ended', () => {
    const unlock = lockFolder(folder)
    expect(() => lockFolder(folder)).toThrow('Banco is running on the data in')
    unlock()
    const again = lockFolder(folder)
    again()
  })

  it('copied with its lock is no taken folder', () => {
    const unlock = lockFolder(folder)
    const other = mkdtempSync(join(tmpdir(), 'banco-test-'))
    copyFileSync(join(folder, 'banco.lock'), join(other, 'banco.lock'))
    lockFolder(other)()
    unlock()
    rmSync(other, { recursive: true })
  })
})
