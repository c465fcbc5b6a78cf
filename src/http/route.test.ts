import { mkdtempSync, renameSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Sqlite from 'better-sqlite3'
import { afterAll, beforeAll, expect, it, vi } from 'vitest'
import { closeTheDatabase, dataMark, theDatabase } from '@/store/database'
import type { GolferId } from '@/core/model/ids'
import { addGolfer } from '@/store/golfers'
import { bodyForm, refuse, route } from './route'
import { listen } from './notices'
import { VENUE_REMOVAL } from '@/formats/forms'

beforeAll(() => {
  vi.stubEnv('BANCO_DATA', mkdtempSync(join(tmpdir(), 'banco-route-')))
  const settings = { name: 'Ada', hand: 'left', lengthUnit: 'm', speedUnit: 'km/h', goalZoneM: null } as const
  addGolfer(theDatabase(), 'ada' as GolferId, settings, 0)
})
afterAll(() => {
  closeTheDatabase()
  vi.unstubAllEnvs()
})

const write = (db = theDatabase()) =>
  db
    .prepare("INSERT INTO file_import (id, golfer_id, name, at_ms) SELECT ?, id, 'f.csv', 0 FROM golfer")
    .run(crypto.randomUUID())
/** How many notices a handler's answer brings. */
async function noticesOf(handle: () => Response): Promise<number> {
  let count = 0
  const stop = listen(
    () => count++,
    () => {},
  )
  await route(handle)(new Request('http://127.0.0.1/'), { params: Promise.resolve({}) })
  stop()
  return count
}

it('every route that changes data tells the open pages, once; one that only reads does not', async () => {
  expect(await noticesOf(() => (write(), Response.json({})))).toBe(1)
  expect(await noticesOf(() => (theDatabase().prepare('SELECT 1').get(), Response.json({})))).toBe(0)
})

it('what was written before a refusal is told too', async () => {
  expect(await noticesOf(() => (write(), refuse(422, 'x', 'No.')))).toBe(1)
  expect(await noticesOf(() => refuse(422, 'x', 'No.'))).toBe(0)
})

it('another process that writes changes the mark of the data', () => {
  const before = dataMark()
  const other = new Sqlite(theDatabase().name)
  write(other)
  other.close()
  expect(dataMark()).not.toBe(before)
  expect(dataMark()).toBe(dataMark())
})

it('a refusal is JSON with its status and a sentence; a body that is none is said to be', async () => {
  const post = (body: string) =>
    route(async (request) => Response.json(await bodyForm(request, VENUE_REMOVAL)))(
      new Request('http://127.0.0.1/', { method: 'POST', body }),
      { params: Promise.resolve({}) },
    )
  expect((await post('{"name":"Net loft"}')).status).toBe(200)
  const wrong = await post('{"name":7,"more":1}')
  expect(wrong.status).toBe(422)
  expect(await wrong.json()).toMatchObject({ problems: [{ field: 'name' }, { field: 'more' }] })
  expect((await post('{')).status).toBe(400)
  expect((await post(JSON.stringify({ name: 'x'.repeat(70_000) }))).status).toBe(413)
})

const post = (handle: () => Response) =>
  route(handle)(new Request('http://127.0.0.1/', { method: 'POST' }), {
    params: Promise.resolve({}),
  })

it('data that another command is writing are busy: the caller is told to come again, and nothing was stored', async () => {
  const other = new Sqlite(theDatabase().name)
  other.exec('BEGIN IMMEDIATE')
  const response = await post(() => (write(), Response.json({})))
  other.exec('ROLLBACK')
  other.close()
  expect([response.status, response.headers.get('retry-after')]).toEqual([503, '1'])
  expect(await response.text()).toContain('another command writes them')
})

it.each([
  ['SQLITE_FULL', 503, 'The disk is full'],
  ['SQLITE_READONLY_DIRECTORY', 503, 'cannot be written'],
  ['SQLITE_IOERR_WRITE', 503, 'look after the disk'],
  ['SQLITE_CORRUPT', 503, 'is damaged'],
  ['SQLITE_CONSTRAINT_CHECK', 422, 'none that Banco can keep'],
  ['', 500, 'its own fault'],
])('what stands in the way (%s) is said in a sentence', async (code, status, sentence) => {
  const silent = vi.spyOn(console, 'error').mockImplementation(() => {})
  const response = await post(() => {
    throw Object.assign(new Error('inner words'), { code })
  })
  silent.mockRestore()
  expect(response.status).toBe(status)
  const text = await response.text()
  expect(text).toContain(sentence)
  expect(text).not.toContain('inner words')
})

it('a data file that was moved away under a running server is noticed before the next write', async () => {
  const path = theDatabase().name
  renameSync(path, `${path}.away`)
  const response = await post(() => (write(), Response.json({})))
  renameSync(`${path}.away`, path)
  expect(response.status).toBe(503)
  expect(await response.text()).toContain('was moved, deleted or replaced while Banco runs')
  expect((await post(() => (write(), Response.json({})))).status).toBe(200)
})

it('a file is made for a page of Banco’s own alone, and not for its head', async () => {
  let made = 0
  const handle = route(() => (made++, new Response('file')), { isFile: true })
  const ask = async (method: string, site?: string) => {
    const request = new Request('http://127.0.0.1/', {
      method,
      ...(site && { headers: { 'sec-fetch-site': site } }),
    })
    return (await handle(request, { params: Promise.resolve({}) })).status
  }
  expect([await ask('GET', 'cross-site'), await ask('GET', 'same-site'), made]).toEqual([403, 403, 0])
  expect([await ask('HEAD', 'same-origin'), made]).toEqual([200, 0])
  expect([await ask('GET', 'same-origin'), await ask('GET', 'none'), await ask('GET'), made]).toEqual([
    200, 200, 200, 3,
  ])
})
