import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import type { GolferId } from '@/core/model/ids'
import type { WorkMessage } from '@/core/model/long-work'
import { startBag } from '@/store/bags'
import { closeTheDatabase, theDatabase } from '@/store/database'
import { addGolfer, golferById } from '@/store/golfers'
import { doWork, endWorkers, loadView, replaceData, stopWork } from './workers'
import { listen } from './notices'
import { workResponse } from './work-response'

const folder = mkdtempSync(join(tmpdir(), 'banco-work-'))
const ADA = 'ada' as GolferId
beforeAll(() => {
  vi.stubEnv('BANCO_DATA', folder)
  // The built process starts faster than the sources. vitest.config.ts builds it.
  vi.stubEnv('NODE_ENV', 'production')
  const settings = { name: 'Ada', hand: 'left', lengthUnit: 'm', speedUnit: 'km/h', goalZoneM: null } as const
  addGolfer(theDatabase(), ADA, settings, 0)
  startBag(theDatabase(), ADA, { name: 'Bag', clubs: BAG_TEMPLATES[0]?.clubs ?? [] }, 0)
})
afterAll(() => {
  closeTheDatabase()
  vi.unstubAllEnvs()
})

const file = (name: string, text: string): string => {
  const path = join(folder, name)
  writeFileSync(path, text)
  return path
}
const form = {
  file: 'f',
  name: 'shots.csv',
  columns: [
    { field: 'club' as const, unit: null },
    { field: 'carry' as const, unit: 'm' as const },
  ],
  clubs: {},
  offsetMin: 0,
}
const rows = (from: number, many: number) =>
  `Club,Carry (m)\n${Array.from({ length: many }, (_, i) => `7-iron,${from + i / 10}`).join('\n')}\n`
const request = (signal?: AbortSignal) =>
  new Request('http://127.0.0.1/', { method: 'POST', ...(signal && { signal }) })
const messages = async (response: Response): Promise<WorkMessage<{ taken: number }>[]> =>
  (await response.text())
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as WorkMessage<{ taken: number }>)
const shots = () => theDatabase().prepare('SELECT count(*) FROM shot').pluck().get() as number

describe('a work that is answered as it goes on', () => {
  it('says that it began and what came of it, and tells the open pages', async () => {
    const listener = vi.fn()
    const stop = listen(listener, () => {})
    const done = vi.fn()
    const path = file('three.csv', rows(130, 3))
    const ask = { golferId: ADA, path, form, nowMs: 1 }
    const lines = await messages(workResponse(request(), 'import', ask, { isLong: false, onDone: done }))
    expect(lines.map((line) => line.says)).toEqual(['started', 'done'])
    expect(lines.at(-1)).toMatchObject({ result: { taken: 3 } })
    expect(done).toHaveBeenCalledOnce()
    expect(listener).toHaveBeenCalled()
    expect(shots()).toBe(3)
    stop()
  })

  it('says in words what is no table, keeps its file, and takes nothing', async () => {
    const done = vi.fn()
    const ask = { golferId: ADA, path: file('web.csv', '<html><body>no</body></html>'), form, nowMs: 1 }
    const [, refused] = await messages(
      workResponse(request(), 'import', ask, { isLong: false, onDone: done }),
    )
    expect(refused).toMatchObject({ says: 'refused', status: 422 })
    expect(JSON.stringify(refused)).toContain('save its table as CSV')
    expect(done).not.toHaveBeenCalled()
    expect(shots()).toBe(3)
  })

  it('ends when nobody listens any more: a long import leaves nothing', async () => {
    const left = new AbortController()
    const ask = { golferId: ADA, path: file('long.csv', rows(100, 50_000)), form, nowMs: 1 }
    const response = workResponse(request(left.signal), 'import', ask, { isLong: true })
    await response.body?.getReader().read()
    left.abort()
    // Another one has its turn, which it had not while the first one wrote.
    const short = { golferId: ADA, path: file('one.csv', rows(50, 1)), form, nowMs: 2 }
    expect(await doWork('import', short, { isLong: false })).toMatchObject({ taken: 1 })
    expect(shots()).toBe(4)
  })

  it('that has ended cannot be stopped', async () => {
    expect(await stopWork('none of ours')).toBe(false)
  })
})

it('a page that is requested while the data are replaced waits, and shows the new data', async () => {
  const golfer = golferById(theDatabase(), ADA)!
  const load = () => loadView('logView', golfer, 0)
  const before = await load()
  const order: string[] = []
  const replaced = replaceData(() => order.push('replaced'))
  const page = load().then((view) => {
    order.push('shown')
    return view
  })
  await replaced
  expect(await page).toEqual(before)
  expect(order).toEqual(['replaced', 'shown'])
  await endWorkers()
})
