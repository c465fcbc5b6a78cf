import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { APIRequestContext, Page } from '@playwright/test'
import { SERVER, type BancoServer } from '../../demo/banco-server'
import { axeFindings, bayOf, expect, golferWithBag, openSession, test } from './banco'

const carriesYd = async (request: APIRequestContext, banco: BancoServer, session: string) =>
  (await bayOf(request, banco, session)).shots.map(({ carryM }) => Math.round(carryM! / 0.9144))

async function bay(page: Page, request: APIRequestContext, banco: BancoServer) {
  const golfer = await golferWithBag(request, banco, 'Wella Trembath')
  const session = await openSession(request, banco, golfer)
  const address = `${banco.address}/golfers/${golfer}/bay`
  const open = async () => {
    await page.goto(address)
    await page.getByRole('button', { name: /^8-iron/ }).click()
    await expect(page.getByRole('heading', { name: '8-iron, full swing' })).toBeVisible()
    await expect(page.getByText('Receiving', { exact: true })).toBeVisible()
  }
  return { golfer, session, open }
}

test('a browser that keeps nothing sends what is typed all the same, and says so while it waits', async ({
  page,
  request,
  banco,
}) => {
  await page.addInitScript(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
  })
  const { session, open } = await bay(page, request, banco)
  await open()
  await page.keyboard.type('120\n')
  await expect.poll(() => carriesYd(request, banco, session)).toEqual([120])
  await page.route('**/shots', (route) => route.abort())
  await page.keyboard.type('121\n122\n')
  await expect(page.getByText('2 shots not sent yet')).toBeVisible()
  await expect(page.getByText('leave this page open until they are sent')).toBeVisible()
  await page.unroute('**/shots')
  await expect.poll(() => carriesYd(request, banco, session)).toEqual([120, 121, 122])
  await expect(page.getByText('in this browser')).toHaveCount(0)
})

test('garbage where waiting shots are kept hides none that is typed', async ({ page, request, banco }) => {
  const { session, open } = await bay(page, request, banco)
  await page.addInitScript(({ key }) => localStorage.getItem(key) ?? localStorage.setItem(key, '{"a":1}'), {
    key: `banco-waiting ${session}`,
  })
  await open()
  await page.keyboard.type('118\n')
  await expect.poll(() => carriesYd(request, banco, session)).toEqual([118])
})

test('a server that fails and is busy keeps the queue waiting, in order, and is asked again', async ({
  page,
  request,
  banco,
}) => {
  const { session, open } = await bay(page, request, banco)
  await open()
  let status = 500
  await page.route('**/shots', (route) =>
    route.fulfill({ status, json: { problems: [{ field: '', sentence: 'The disk is full.' }] } }),
  )
  await page.keyboard.type('111\n112\n')
  await expect(page.getByText('2 shots not sent yet')).toBeVisible()
  status = 503
  await page.keyboard.type('113\n')
  await expect(page.getByText('3 shots not sent yet')).toBeVisible()
  expect(await carriesYd(request, banco, session)).toEqual([])
  await page.unroute('**/shots')
  await expect.poll(() => carriesYd(request, banco, session)).toEqual([111, 112, 113])
  await expect(page.getByText('in this browser')).toHaveCount(0)
})

test('shots whose session is no more are said on every page, and put into the session of today', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Jory Penrose')
  const backup = await (await request.get(`${banco.address}/api/backup`)).body()
  await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^8-iron/ }).click()
  await expect(page.getByText('Receiving', { exact: true })).toBeVisible()
  await page.route('**/shots', (route) => route.abort())
  await page.keyboard.type('117\n119\n')
  await expect(page.getByText('2 shots not sent yet')).toBeVisible()
  const restored = await request.post(`${banco.address}/api/backup`, {
    headers: { Origin: banco.address },
    data: backup,
  })
  expect(restored.status()).toBe(200)
  await page.unroute('**/shots')

  await page.goto(`${banco.address}/golfers/${golfer}/bag`)
  const waiting = page.getByRole('region', { name: 'Shots not sent yet' })
  await expect(waiting).toContainText('2 typed shots (117, 119 yd) not sent yet')
  await expect(waiting).toContainText('The session that they were hit in is no more')
  await expect(page.getByText('nothing is lost')).toHaveCount(0)
  expect(await axeFindings(page)).toEqual([])
  await waiting.getByRole('button', { name: 'Discard them' }).click()
  await waiting.getByRole('button', { name: 'Keep them' }).click()

  const today = await openSession(request, banco, golfer)
  await page.reload()
  await waiting.getByRole('button', { name: 'Put them into this session of Jory Penrose' }).click()
  await expect(waiting).toHaveCount(0)
  expect(await carriesYd(request, banco, today)).toEqual([117, 119])
})

test('a damaged data file is said on every page, and a copy is put back in two taps', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Ysella Rowe')
  const copy = await (await request.get(`${banco.address}/api/backup`)).body()
  await banco.stop()
  const file = join(banco.data, 'banco.db')
  // Told to stop, it has folded its log into the file.
  expect(existsSync(`${file}-wal`)).toBe(false)
  mkdirSync(join(banco.data, 'copies'), { recursive: true })
  writeFileSync(join(banco.data, 'copies', 'banco-2026-11-25.db'), copy)
  writeFileSync(file, Buffer.alloc(statSync(file).size))
  await banco.start()
  await page.goto(`${banco.address}/golfers/${golfer}/gaps`)
  await expect(page.getByRole('heading', { name: 'The data cannot be used' })).toBeVisible()
  await expect(page.getByText('is damaged')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  const shot = await request.post(`${banco.address}/api/feed/shots`, { data: { id: 'a', carryM: 120 } })
  expect(shot.status()).toBe(503)
  expect(shot.headers()['retry-after']).toBe('1')
  await page.getByRole('button', { name: 'Put back the copy banco-2026-11-25.db' }).click()
  await page.getByRole('button', { name: 'Yes: all golfers as they were then' }).click()
  // What the page says aloud of itself names the golfer as well.
  await expect(page.getByRole('button', { name: /^Ysella Rowe/ })).toBeVisible()
})

test('a second server on the same data is refused with a sentence, and the first goes on', async ({
  request,
  banco,
}) => {
  const message = await new Promise<string>((resolve) => {
    const second = spawn(process.execPath, [SERVER], {
      env: { ...process.env, BANCO_DATA: banco.data, BANCO_PORT: '0' },
    })
    let text = ''
    second.stderr.on('data', (part) => (text += part))
    second.on('close', (code) => resolve(`${code}: ${text}`))
  })
  expect(message).toMatch(/^1: .*Banco is running on the data in/s)
  expect((await request.get(`${banco.address}/golfers/new`)).status()).toBe(200)
})
