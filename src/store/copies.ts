import { DAY_MS } from '@/core/units'
import Sqlite from 'better-sqlite3'
import { chmodSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { onDisk } from './backup'
import { copiesFolder } from './data-folder'
import type { Database } from './database'

/** A copy of all data as they stood on a day. */
type Copy = { name: string; madeMs: number; bytes: number }

const NAME = /^banco-(\d{4}-\d{2}-\d{2})\.db$/
const DAILY = 7
const WEEKLY = 4

const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10)
/** Days since the first one; a week is seven of them from there on, so that its last copy stays the same. */
const dayNumber = (day: string): number => Math.floor(Date.parse(day) / DAY_MS)

/** The copies that lie in a data folder, newest first. */
export function copiesIn(folder: string): Copy[] {
  const copies = copiesFolder(folder)
  if (!existsSync(copies)) return []
  return readdirSync(copies)
    .filter((name) => NAME.test(name))
    .sort()
    .reverse()
    .map((name) => {
      const { mtimeMs, size } = statSync(join(copies, name))
      return { name, madeMs: Math.round(mtimeMs), bytes: size }
    })
}

/** The path of one of them; null where there is none of that name. */
export const copyNamed = (folder: string, name: string): string | null =>
  copiesIn(folder).some((copy) => copy.name === name) ? join(copiesFolder(folder), name) : null

/**
 * Copies all data while they are used, unless today has its copy already, and forgets the old ones: those of the last
 * seven days stay, and of each of the four weeks before the last one.
 * @returns whether a copy was made
 */
export async function copyOfToday(db: Database, folder: string, nowMs: number): Promise<boolean> {
  const copies = copiesFolder(folder)
  const name = `banco-${dayOf(nowMs)}.db`
  const path = join(copies, name)
  if (existsSync(path)) return false
  mkdirSync(copies, { recursive: true, mode: 0o700 })
  const fresh = `${path}.new`
  rmSync(fresh, { force: true })
  // Page by page: shots are taken meanwhile.
  await db.backup(fresh)
  if (!isWhole(fresh)) {
    rmSync(fresh, { force: true })
    return false
  }
  chmodSync(fresh, 0o600)
  onDisk(fresh)
  renameSync(fresh, path)
  onDisk(copies)
  const days = copiesIn(folder).map((copy) => NAME.exec(copy.name)?.[1] ?? '')
  for (const day of days.filter((each) => !daysToKeep(days, dayOf(nowMs)).has(each)))
    rmSync(join(copies, `banco-${day}.db`), { force: true })
  return true
}

/** A copy of damaged data is worth nothing, and would in time push out the good ones. */
function isWhole(path: string): boolean {
  const copy = new Sqlite(path)
  try {
    return copy.pragma('quick_check(1)', { simple: true }) === 'ok'
  } catch {
    return false
  } finally {
    copy.close()
    for (const rest of ['-wal', '-shm']) rmSync(path + rest, { force: true })
  }
}

/** Which days keep their copies. */
export function daysToKeep(days: readonly string[], today: string): Set<string> {
  const now = dayNumber(today)
  const kept = new Set(days.filter((day) => dayNumber(day) > now - DAILY))
  const week = (day: number) => Math.floor(day / 7)
  const older = days.filter((day) => dayNumber(day) <= now - DAILY).sort()
  for (let back = 0; back < WEEKLY; back++) {
    const last = older.findLast((day) => week(dayNumber(day)) === week(now - DAILY) - back)
    if (last) kept.add(last)
  }
  return kept
}
