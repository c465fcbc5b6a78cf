import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, afterEach, beforeAll, describe, expect, it, vi } from 'vitest'
import { NOW_MS } from '../../tests/store'
import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import type { GolferId } from '@/core/model/ids'
import { startBag } from '@/store/bags'
import { openDatabase, type Database } from '@/store/database'
import { addGolfer } from '@/store/golfers'
import { writesOf } from '@/store/golfer-mark'
import { startSession } from '@/store/sessions'
import { importsOf } from '@/store/shot-files'
import { Helper, Stopped } from './helper'
import { WorkRefused, type Progress } from './work'
import { bayJson } from '@/views/bay-view'

const folder = mkdtempSync(join(tmpdir(), 'banco-beside-'))
const ADA = 'ada' as GolferId
let db: Database
let helper: Helper
beforeAll(() => {
  vi.stubEnv('BANCO_DATA', folder)
  // The built process starts faster than the sources. vitest.config.ts builds it.
  vi.stubEnv('NODE_ENV', 'production')
  db = openDatabase(join(folder, 'banco.db'))
  const settings = { name: 'Ada', hand: 'left', lengthUnit: 'm', speedUnit: 'km/h', goalZoneM: null } as const
  addGolfer(db, ADA, settings, NOW_MS)
  startBag(db, ADA, { name: 'Bag', clubs: BAG_TEMPLATES[0]?.clubs ?? [] }, NOW_MS)
})
afterEach(() => helper.end())
afterAll(() => {
  db.close()
  vi.unstubAllEnvs()
})

const shotsThere = () => db.prepare('SELECT count(*) FROM shot_now WHERE present').pluck().get()
const csv = (rows: number): string => {
  const path = join(folder, `${rows}.csv`)
  const lines = Array.from({ length: rows }, (_, i) => `7-iron,${130 + (i % 89) / 9},${i}.5,${i}`)
  writeFileSync(path, `Club,Carry (m),Ball speed (m/s),Shot\n${lines.join('\n')}\n`)
  return path
}
const form = {
  file: 'f',
  name: 'shots.csv',
  columns: [
    { field: 'club' as const, unit: null },
    { field: 'carry' as const, unit: 'm' as const },
    { field: null, unit: null },
    { field: null, unit: null },
  ],
  clubs: {},
  offsetMin: 0,
}

describe('a worker process', () => {
  it('answers what would be answered here, of the data as they stand now', async () => {
    helper = new Helper()
    const start = {
      golferId: ADA,
      startedMs: NOW_MS,
      offsetMin: 0,
      place: 'indoor',
      clearMs: NOW_MS,
    } as const
    const sessionId = startSession(db, start)
    const ask = { view: 'bayJson', args: [sessionId, NOW_MS], writes: writesOf(db) } as const
    const text = await helper.ask('view', ask)
    expect(JSON.parse(text as string)).toEqual(JSON.parse(bayJson(db, sessionId, NOW_MS) as string))
  })

  it('lets the data go, so that they can be replaced, and reads the new ones', async () => {
    helper = new Helper()
    const exportGaps = (name: string) =>
      helper.ask('export', { golferId: ADA, what: 'gaps', path: join(folder, name), nowMs: NOW_MS })
    await exportGaps('before.csv')
    await helper.release()
    expect(helper.runs).toBe(true)
    // Nobody else has them open any more, or this would fail.
    db.pragma('journal_mode = DELETE')
    db.pragma('journal_mode = WAL')
    expect(await exportGaps('after.csv')).toBe(true)
  })

  it('says what cannot be done in the same words, and goes on', async () => {
    helper = new Helper()
    const nobody = { golferId: 'nobody' as GolferId, what: 'shots' as const, path: '', nowMs: NOW_MS }
    await expect(helper.ask('export', nobody)).rejects.toThrow(WorkRefused)
    await expect(helper.ask('check', { path: csv(2) })).rejects.toThrow('no backup of Banco')
    const path = join(folder, 'steps.csv')
    expect(await helper.ask('export', { ...nobody, golferId: ADA, what: 'gaps', path })).toBe(true)
  })

  it('imports a file in parts, each while nobody else writes, reports its progress, and leaves no shot when it is stopped', async () => {
    helper = new Helper()
    const ask = { golferId: ADA, path: csv(60_000), form, nowMs: NOW_MS }
    const seen: string[] = []
    const acquire = async () => {
      seen.push('held')
      return () => void seen.push('let go')
    }
    const stopped = helper.ask('import', ask, { acquire, onProgress: () => void helper.end() })
    await expect(stopped).rejects.toThrow(Stopped)
    const isAlternating = () => seen.every((each, i) => each === (i % 2 === 0 ? 'held' : 'let go'))
    expect([seen.length % 2, isAlternating()]).toEqual([0, true])
    expect(shotsThere()).toBe(0)
    expect(importsOf(db, ADA)).toEqual([])

    helper = new Helper()
    const progress: Progress[] = []
    const done = await helper.ask(
      'import',
      { ...ask, path: csv(6000) },
      { acquire, onProgress: (each) => progress.push(each) },
    )
    expect(done).toMatchObject({ taken: 6000, known: 0, held: 0 })
    expect(progress.map((each) => each.done)).toEqual([2000, 4000, 6000])
    expect([seen.length % 2, isAlternating()]).toEqual([0, true])
    expect(shotsThere()).toBe(6000)
    // The shots of the stopped import were removed.
    expect(db.prepare('SELECT count(*) FROM shot').pluck().get()).toBe(6000)
    expect(importsOf(db, ADA)).toMatchObject([{ shots: 6000 }])
  })
})
