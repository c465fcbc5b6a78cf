import { networkInterfaces } from 'node:os'
import type { BrowserContext } from '@playwright/test'
import { BancoServer } from '../../demo/banco-server'
import { makeDemoIn } from '../../demo/make-demo-in'
import { routesOf } from '../../simulators/attacker/attack'
import { axeFindings, expect, test } from './banco'

const PASSCODE = 'kalo bemi tafo ruza nobi'
const TOKEN = 'a-token-of-the-loft-2026'
/** This machine as others see it, to whom it is no secure place; without a network its second loopback address. */
const ADDRESS =
  Object.values(networkInterfaces())
    .flat()
    .find((each) => each?.family === 'IPv4' && !each.internal)?.address ?? '127.0.0.2'
const TILDA = '/golfers/demo-tilda'

let server: BancoServer
let network: string
test.beforeAll(async () => {
  server = await BancoServer.onNetwork(ADDRESS, { BANCO_PASSCODE: PASSCODE, BANCO_FEED_TOKEN: TOKEN })
  makeDemoIn(server.data)
  await server.start()
  network = `http://${ADDRESS}:${server.port}`
})
test.afterAll(() => server.stop('SIGKILL'))
// They share one server, whose wrong passcodes are counted.
test.describe.configure({ mode: 'serial' })

const pictureOf = (words: string) => `${network}/pair#${words.replaceAll(' ', '-')}`
const codeFor = async (golferId: string | null): Promise<string> => {
  const made = await fetch(`${server.address}/api/pairings`, {
    method: 'POST',
    headers: { Origin: server.address },
    body: JSON.stringify({ golferId }),
  })
  expect(made.status).toBe(201)
  return ((await made.json()) as { words: string }).words
}
const bayShots = async (context: BrowserContext, session: string) => {
  const response = await context.request.get(`${network}/api/sessions/${session}/bay`)
  expect(response.status()).toBe(200)
  return ((await response.json()) as { shots: { carryM: number; clubId: string }[] }).shots
}

test('a stranger on the network gets nothing: no page, no route, no file, whatever is asked', async ({
  request,
}) => {
  const filled = (path: string) =>
    path.replace('[golferId]', 'demo-tilda').replace(/\[\w+\]/g, 'demo-tilda-0')
  const seen: string[] = []
  for (const { path, method } of routesOf()) {
    const response = await request.fetch(network + filled(path), {
      ...{ method, maxRedirects: 0, data: method === 'GET' ? undefined : {} },
      headers: { 'x-banco-device': 'whole', 'x-forwarded-for': '127.0.0.1' },
    })
    seen.push(`${method} ${path} ${response.status()}`)
  }
  expect(seen.filter((each) => !each.endsWith(' 401'))).toEqual([])
  expect(seen.length).toBeGreaterThan(60)
  for (const path of ['/', '/desk', `${TILDA}/bay`, '/_next/static/chunks/main.js', '/golfers/new'])
    expect((await request.get(network + path)).status(), path).toBe(401)
  const page = await request.get(`${network}/desk`, { headers: { accept: 'text/html' }, maxRedirects: 0 })
  expect([page.status(), page.headers().location]).toEqual([302, '/pair'])
  expect(await (await request.get(`${network}/pair`)).text()).not.toMatch(/Tilda|demo-|_next/)
  // By another name, and from another site's page.
  const foreign: Record<string, string>[] = [{ host: 'banco.test' }, { origin: 'http://elsewhere.test' }]
  for (const headers of foreign)
    expect((await request.get(`${network}/pair`, { headers })).status()).toBe(403)
  // On this machine nothing has changed.
  expect((await request.get(`${server.address}${TILDA}/bay`)).status()).toBe(200)
})

test('a monitor of the network needs the feed’s token', async ({ request }) => {
  const post = (authorization?: string) =>
    request.post(`${network}/api/feed/shots`, {
      data: { id: `net-${authorization}`, units: { length: 'yd', speed: 'mph' }, carry: 140 },
      headers: authorization ? { authorization } : {},
    })
  expect((await post()).status()).toBe(401)
  expect((await post('Bearer a-token-of-the-loft-2025')).status()).toBe(401)
  expect((await post(`Bearer ${TOKEN}`)).status()).toBe(201)
  const other = await request.get(`${network}/api/golfers/demo-tilda/export?what=shots`, {
    headers: { authorization: `Bearer ${TOKEN}` },
  })
  expect(other.status()).toBe(401)
})

test('a phone reads the picture code and has one Bay: shots typed while the network is away come once', async ({
  browser,
}) => {
  test.setTimeout(180_000)
  const phone = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  })
  const page = await phone.newPage()
  await page.goto(pictureOf(await codeFor('demo-tilda')))
  await expect(page).toHaveURL(`${network}${TILDA}/bay`)
  await expect(page.getByRole('banner')).toContainText('Tilda Brandvoll')
  expect(await page.content()).not.toMatch(/Marek|Junia/)
  expect(await axeFindings(page)).toEqual([])

  const refused = [
    ...['/desk', '/golfers/demo-marek/bay', `${TILDA}/gaps`, '/api/golfers/demo-tilda/export?what=golfer'],
    ...['/api/sessions/demo-marek-6/bay', '/api/backup', '/desk/phones', '/', '/golfers/demo-tilda%2fbay'],
  ]
  const statuses = await Promise.all(
    refused.map(async (path) => (await phone.request.get(network + path, { maxRedirects: 0 })).status()),
  )
  expect(statuses).toEqual([403, 403, 403, 403, 403, 403, 403, 302, 400])
  await page.goto(`${network}/desk`)
  await expect(page.getByRole('heading', { name: 'This phone has the Bay alone' })).toBeVisible()
  await page.getByRole('link', { name: 'Back to the Bay' }).click()

  const before = (await bayShots(phone, 'demo-tilda-0')).length
  await expect(page.locator('main h1')).toBeVisible()
  const typed = page.getByRole('textbox', { name: /carry/i })
  await typed.fill('111')
  await typed.press('Enter')
  await expect.poll(async () => (await bayShots(phone, 'demo-tilda-0')).length).toBe(before + 1)
  // The network goes for a while, and comes back.
  await phone.setOffline(true)
  await typed.fill('112 113')
  await typed.press('Enter')
  await expect(page.getByText('2 shots not sent yet')).toBeVisible()
  await phone.setOffline(false)
  await expect
    .poll(async () => (await bayShots(phone, 'demo-tilda-0')).length, { timeout: 30_000 })
    .toBe(before + 3)

  // Ended from the desk: it gets nothing more; what it types waits until it is paired again.
  const desk = await browser.newPage()
  await desk.goto(`${server.address}/desk/phones`)
  await expect(desk.getByRole('heading', { level: 1 })).toHaveText('1 phone paired')
  await desk.getByRole('button', { name: 'End it' }).click()
  await expect(desk.getByRole('heading', { level: 1 })).toHaveText('Pair a phone')
  await typed.fill('114')
  await typed.press('Enter')
  await expect(page.getByText('1 shot not sent yet')).toBeVisible()
  expect((await phone.request.get(`${network}/api/sessions/demo-tilda-0/bay`)).status()).toBe(401)
  await page.goto(pictureOf(await codeFor('demo-tilda')))
  await expect(page).toHaveURL(`${network}${TILDA}/bay`)
  await expect
    .poll(async () => (await bayShots(phone, 'demo-tilda-0')).length, { timeout: 30_000 })
    .toBe(before + 4)
  const carries = (await bayShots(phone, 'demo-tilda-0'))
    .slice(-4)
    .map(({ carryM }) => Math.round(carryM / 0.9144))
  expect(carries).toEqual([111, 112, 113, 114])
  await phone.close()
  await desk.close()
})

test('a wrong passcode is said so, a thousand of them are a handful, and the right one has all of Banco', async ({
  browser,
}) => {
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 } })
  const page = await phone.newPage()
  await page.goto(`${network}/desk`)
  await expect(page).toHaveURL(`${network}/pair`)
  expect(await axeFindings(page)).toEqual([])
  await page.getByLabel('Passcode').fill('not this one')
  await page.getByRole('button', { name: 'Pair it' }).click()
  await expect(page.getByRole('alert')).toContainText('That is not the passcode')
  await page.getByLabel('Passcode').fill(PASSCODE.replaceAll(' ', ''))
  await page.getByRole('button', { name: 'Pair it' }).click()
  await expect(page).not.toHaveURL(/pair/)
  await page.goto(`${network}/desk/phones`)
  await expect(page.getByRole('img', { name: /Picture code/ })).toBeVisible()
  await expect(page.getByText('Without a certificate nothing is encrypted')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Wrong passcodes' })).toContainText(`from ${ADDRESS}`)
  expect(await axeFindings(page)).toEqual([])
  const cookies = await phone.cookies()
  expect(cookies.find(({ name }) => name === 'banco-paired')).toMatchObject({
    httpOnly: true,
    sameSite: 'Strict',
  })
  await phone.close()

  const tries = await Promise.all(
    Array.from({ length: 1000 }, async (_, i) => {
      const response = await fetch(`${network}/api/pair`, {
        method: 'POST',
        body: JSON.stringify({ words: `guess ${i}` }),
      })
      return response.status
    }),
  )
  expect(new Set(tries)).toEqual(new Set([401, 429]))
  expect(tries.filter((status) => status === 401).length).toBeLessThan(12)
  // Right after one more that was judged, some seconds have to pass for the right one too.
  const give = (words: string) =>
    fetch(`${network}/api/pair`, { method: 'POST', body: JSON.stringify({ words }) })
  await expect.poll(async () => (await give('wrong again')).status, { timeout: 40_000 }).toBe(401)
  const late = await give(PASSCODE)
  expect([late.status, Number(late.headers.get('retry-after')) > 0]).toEqual([429, true])
})

test('in a secure place a paired phone opens the Bay, the card and the number without the network, and forgets them with its pairing', async ({
  browser,
}) => {
  // Another address of loopback is as secure a place as one with a certificate, and is not this machine's own name.
  const secure = await BancoServer.onNetwork('127.0.0.2', { BANCO_PASSCODE: PASSCODE })
  makeDemoIn(secure.data)
  await secure.start()
  const at = `http://127.0.0.2:${secure.port}`
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 } })
  const page = await phone.newPage()
  await page.goto(`${at}/pair#${PASSCODE.replaceAll(' ', '-')}`)
  await expect(page).not.toHaveURL(/pair/)
  await expect
    .poll(() => page.evaluate(async () => (await navigator.serviceWorker.ready).active?.state))
    .toBe('activated')
  const manifest = (await (await phone.request.get(`${at}/manifest.webmanifest`)).json()) as {
    icons: { src: string }[]
  }
  expect((await phone.request.get(at + manifest.icons[0]!.src)).headers()['content-type']).toContain('svg')
  const places = ['bay', 'paper', 'number']
  for (const place of places) {
    await page.goto(`${at}${TILDA}/${place}`)
    await expect(page.locator('main h1')).toBeVisible()
  }
  await phone.setOffline(true)
  for (const place of places) {
    await page.goto(`${at}${TILDA}/${place}`)
    await expect(page.locator('main h1')).toBeVisible()
  }
  await expect(page.goto(`${at}${TILDA}/gaps`)).rejects.toThrow()
  await phone.setOffline(false)
  await phone.clearCookies()
  await page.goto(`${at}${TILDA}/bay`)
  await expect(page.getByRole('heading', { name: 'Pair this phone' })).toBeVisible()
  expect(await page.evaluate(async () => (await caches.keys()).length)).toBe(0)
  await phone.close()
  await secure.stop('SIGKILL')
})
