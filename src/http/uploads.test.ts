import {
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  statSync,
  utimesSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { fileResponse, removeUploads, keepBody, uploadPath, sentFile } from './uploads'
import { Refusal } from './route'

const folder = mkdtempSync(join(tmpdir(), 'banco-passing-'))
beforeAll(() => vi.stubEnv('BANCO_DATA', folder))
afterAll(() => vi.unstubAllEnvs())

const sent = (text: string, headers: Record<string, string> = {}) =>
  new Request('http://127.0.0.1/', { method: 'POST', body: text, headers })
const there = () => readdirSync(join(folder, 'passing'))
const refusal = (work: () => unknown) => {
  try {
    work()
  } catch (error) {
    return error instanceof Refusal ? error.status : error
  }
  return null
}

describe('a file that is sent', () => {
  it('is kept for its owner alone, and found again by its name', async () => {
    const { id, path, bytes } = await keepBody(sent('carry\n150\n'), 100, 'too large')
    expect(bytes).toBe(10)
    expect(readFileSync(sentFile(id), 'utf8')).toBe('carry\n150\n')
    expect(statSync(path).mode & 0o777).toBe(0o600)
    expect(statSync(join(folder, 'passing')).mode & 0o777).toBe(0o700)
  })

  it('that is too large is refused, whether it says so or not, and leaves nothing', async () => {
    const before = there()
    await expect(keepBody(sent('x', { 'content-length': '1000' }), 100, 'too large')).rejects.toThrow(
      'too large',
    )
    await expect(keepBody(sent('x'.repeat(101)), 100, 'too large')).rejects.toThrow('too large')
    expect(there()).toEqual(before)
  })

  it.each(['../banco.db', 'nobody', '', '0'.repeat(36), `${'0'.repeat(35)}/`])(
    'is not found by a name like %j',
    (name) => expect(refusal(() => sentFile(name))).toBe(409),
  )

  it('is forgotten after an hour, by the next one that comes, and with the server that took it', async () => {
    const { id, path } = await keepBody(sent('old'), 100, '')
    const long = Date.now() / 1000 - 3700
    utimesSync(path, long, long)
    const fresh = await keepBody(sent('new'), 100, '')
    expect(refusal(() => sentFile(id))).toBe(409)
    expect(readFileSync(sentFile(fresh.id), 'utf8')).toBe('new')
    removeUploads()
    expect(refusal(() => sentFile(fresh.id))).toBe(409)
  })
})

it('a file that is fetched says how long it is, and is gone afterwards', async () => {
  const path = uploadPath()
  writeFileSync(path, 'everything')
  const response = fileResponse(path, { 'Content-Type': 'text/plain' })
  expect(response.headers.get('content-length')).toBe('10')
  expect(await response.text()).toBe('everything')
  await vi.waitFor(() => expect(existsSync(path)).toBe(false))
})
