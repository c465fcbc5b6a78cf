import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import AxeBuilder from '@axe-core/playwright'
import { expect, test as base, type APIRequestContext, type Locator, type Page } from '@playwright/test'
import { BancoServer } from '../../demo/banco-server'
import { makeDemoIn } from '../../demo/make-demo-in'
import { databasePath } from '../../src/store/data-folder'
import { openDatabase } from '../../src/store/database'
import type { BayView } from '../../src/views/bay-view'

type Own = {
  /** The data are the demo's: `test.use({ demo: true })`. */
  demo: boolean
  banco: BancoServer
}
type OfWorker = { server: BancoServer; databases: { empty: Buffer; demo: () => Buffer } }

/** A database as a file's contents. */
function contentsOf(make: (folder: string) => void): Buffer {
  const folder = mkdtempSync(join(tmpdir(), 'banco-data-'))
  make(folder)
  const contents = readFileSync(databasePath(folder))
  rmSync(folder, { recursive: true })
  return contents
}

/** In the demo somebody is hitting: after a while without a shot the Bay asks whether the range is clear. */
const HITTING_TIMEOUT_MS = 120_000

/** The demo as if it were hit until a moment ago, made anew once it is older. */
function demoOfNow(): () => Buffer {
  let made: { atMs: number; contents: Buffer } | null = null
  return () => {
    if (made === null || Date.now() - made.atMs > HITTING_TIMEOUT_MS)
      made = { atMs: Date.now(), contents: contentsOf(makeDemoIn) }
    return made.contents
  }
}

/** Every test has data of its own; the tests of a worker share its server, which takes them in the place of those before. */
export const test = base.extend<Own, OfWorker>({
  demo: [false, { option: true }],
  databases: [
    async ({}, provide) =>
      provide({
        empty: contentsOf((folder) => openDatabase(databasePath(folder)).close()),
        demo: demoOfNow(),
      }),
    { scope: 'worker' },
  ],
  server: [
    async ({}, provide) => {
      const server = await BancoServer.prepare()
      await provide(server)
      // Nobody waits until open pages have let it go: its data go with it.
      await server.stop('SIGKILL')
    },
    { scope: 'worker' },
  ],
  banco: async ({ demo, databases, server }, provide) => {
    if (!server.runs) await server.start()
    const restored = await fetch(`${server.address}/api/backup`, {
      method: 'POST',
      headers: { Origin: server.address },
      body: new Uint8Array(demo ? databases.demo() : databases.empty),
    })
    expect(restored.status).toBe(200)
    await provide(server)
  },
  page: async ({ page }, provide) => {
    const [goto, reload] = [page.goto.bind(page), page.reload.bind(page)]
    page.goto = async (...args) => {
      const response = await goto(...args)
      await live(page)
      return response
    }
    page.reload = async (...args) => {
      const response = await reload(...args)
      await live(page)
      return response
    }
    await provide(page)
  },
})
export { expect }

/** Waits until the page takes choices: its controls are disabled until its scripts run. */
async function live(page: Page): Promise<void> {
  await page
    .locator('fieldset.page:enabled')
    .waitFor({ timeout: 20_000 })
    // The page has gone elsewhere meanwhile: the test says what it waits for there.
    .catch(() => {})
}

/** A golfer with a bag, made through the front door. */
export async function golferWithBag(
  request: APIRequestContext,
  banco: BancoServer,
  name: string,
  template = 'smooth',
) {
  const golfer = await request.post(`${banco.address}/api/golfers`, {
    data: { name, hand: 'right', lengthUnit: 'yd', speedUnit: 'mph', goalZoneM: null },
  })
  expect(golfer.status()).toBe(201)
  const { id } = (await golfer.json()) as { id: string }
  const bag = await request.post(`${banco.address}/api/golfers/${id}/bag`, {
    data: { template, name: 'Test bag' },
  })
  expect(bag.status()).toBe(201)
  return id
}

/** A session that is open, with its first station. */
export async function openSession(
  request: APIRequestContext,
  banco: BancoServer,
  golferId: string,
  place: 'indoor' | 'range' = 'indoor',
) {
  const started = await request.post(`${banco.address}/api/golfers/${golferId}/sessions`, {
    data: { place, offsetMin: 0, rangeClear: true },
  })
  expect(started.status()).toBe(201)
  return ((await started.json()) as { id: string }).id
}

/** As if the golfer had hit nothing for so many minutes. */
export function pausedFor(banco: BancoServer, sessionId: string, minutes: number): void {
  const db = openDatabase(databasePath(banco.data))
  db.prepare('UPDATE session SET clear_ms = clear_ms - ? WHERE id = ?').run(minutes * 60_000, sessionId)
  db.close()
}

export async function bayOf(
  request: APIRequestContext,
  banco: BancoServer,
  sessionId: string,
): Promise<BayView> {
  const response = await request.get(`${banco.address}/api/sessions/${sessionId}/bay`, {
    // A connection that was kept alive dies with a server that is started anew.
    maxRetries: 3,
  })
  expect(response.status()).toBe(200)
  return (await response.json()) as BayView
}

/** Waits until every typed shot is sent. A page shows them before. */
export const allSent = (page: Page): Promise<void> =>
  expect
    .poll(
      () => page.evaluate("Object.keys(localStorage).filter((key) => key.startsWith('banco-waiting '))"),
      {
        timeout: 60_000,
      },
    )
    .toEqual([])

/** Takes a club out of the bag, and waits until that is stored: it shows at once. */
export async function toRack(page: Page, club: string): Promise<void> {
  const stored = page.waitForResponse((response) => response.url().endsWith('/slots'))
  await page.getByRole('button', { name: `Take ${club} out` }).click()
  await expect(page.getByRole('region', { name: 'Out of the bag' })).toContainText(club)
  await stored
}

/** Lifts something by its grip, moves it one place and puts it down, each once the page has said that it is so. */
export async function moveByKey(page: Page, grip: Locator, arrow: 'ArrowUp' | 'ArrowDown'): Promise<void> {
  const message = page.locator('[id^="DndLiveRegion"]').first()
  await grip.focus()
  await page.keyboard.press('Space')
  await expect(message).toContainText('was moved over')
  const lifted = await message.innerText()
  await page.keyboard.press(arrow)
  await expect(message).not.toHaveText(lifted)
  await page.keyboard.press('Space')
}

/** Waits until the open page has asked in vain so often whether Banco is there again. */
export async function requestsWithoutResponse(page: Page, times: number): Promise<void> {
  for (let i = 0; i < times; i++)
    await page.waitForEvent('requestfailed', (request) => request.url().endsWith('/api/notices'))
}

/** Runs the simulated monitor until it has sent its shots. */
export function runMonitor(banco: BancoServer, ...args: string[]): Promise<string> {
  return new Promise((resolve, reject) => {
    const monitor = spawn(process.execPath, [
      '.banco/programs/launch-monitor.mjs',
      '--to',
      banco.address,
      ...args,
    ])
    let message = ''
    monitor.stdout.on('data', (part) => (message += part))
    monitor.stderr.on('data', (part) => (message += part))
    monitor.on('close', (code) => (code === 0 ? resolve(message) : reject(new Error(message))))
  })
}

/** Accessibility rules that this page breaks, by name and place. */
export async function axeFindings(page: Page): Promise<string[]> {
  // While a page is worked out it has no heading, and while it is read again no title for a moment.
  await expect(page.locator('h1')).toBeVisible()
  await expect(page).toHaveTitle(/./)
  const { violations } = await new AxeBuilder({ page })
    // Pages without frames need no second page to be looked at.
    .setLegacyMode()
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze()
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`)
}
