import { execFileSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { dice } from '../simulators/golfers/dice'
import { BancoServer } from './banco-server'
import { CHROMIUM } from './chromium'
import { makeDemoIn } from './make-demo-in'

/** Another address of this machine stands for the loft's network. */
const ADDRESS = '127.0.0.2'
const PASSCODE = 'kalo bemi tafo ruza nobi'
const NETWORK = () => `http://${ADDRESS}:${server.port}`

/** Takes the pictures of docs/screenshots from the demo's data. Names after `--` take only those. */
const TILDA = '/golfers/demo-tilda'
const PICTURES: {
  name: string
  path: string
  phone?: boolean
  height?: number
  before?: (page: Page) => Promise<void>
}[] = [
  { name: 'bag', path: `${TILDA}/bag` },
  { name: 'bay', path: `${TILDA}/bay` },
  { name: 'stock', path: `${TILDA}/stock` },
  { name: 'gaps', path: `${TILDA}/gaps` },
  { name: 'wedges', path: `${TILDA}/wedges` },
  { name: 'refit', path: `${TILDA}/refit` },
  { name: 'course', path: `${TILDA}/course` },
  { name: 'log', path: `${TILDA}/log` },
  { name: 'desk', path: '/desk' },
  { name: 'visit', path: `${TILDA}/visits/visit-tilda-in-0`, height: 1120 },
  { name: 'pairing', path: '/desk/phones', before: pairTwoPhones },
  {
    name: 'compare',
    path: `${TILDA}/compare`,
    before: async (page) => {
      const first = page.getByLabel('The first')
      const last = async (season: string) =>
        (await first.locator('option', { hasText: season }).last().getAttribute('value')) ?? ''
      const [winter, summer] = [await last('winter'), await last('summer')]
      await page.goto(`${page.url()}?a=${winter}&b=${summer}`)
      await page.getByRole('region', { name: 'Both gap ladders' }).waitFor()
    },
  },
  { name: 'card', path: `${TILDA}/paper` },
  { name: 'bay-phone', path: `${TILDA}/bay`, phone: true },
  {
    name: 'number',
    path: `${TILDA}/number`,
    before: async (page) => {
      await page.getByLabel('I have').fill('141')
      await page.getByLabel('it ends at').fill('128')
      await page.getByLabel('front').fill('132')
      await page.getByLabel('back', { exact: true }).fill('154')
    },
  },
  {
    name: 'rounds',
    path: `${TILDA}/rounds`,
    before: (page) => page.locator('canvas').first().waitFor(),
  },
  {
    name: 'monitors',
    path: `${TILDA}/monitors`,
    height: 1500,
    before: (page) => page.locator('canvas').first().waitFor(),
  },
  {
    name: 'balls',
    path: '/golfers/demo-junia/balls',
    before: async (page) => {
      await tryTwoBalls(page, 'demo-junia')
      await page.reload()
      await page.locator('canvas').first().waitFor()
    },
  },
]

/** A tablet for all of Banco, a phone for one Bay, and somebody who does not know the passcode. */
async function pairTwoPhones(page: Page): Promise<void> {
  const ask = (address: string, path: string, data: object, device = '') =>
    page.request.post(address + path, { data, headers: { 'user-agent': device } })
  const made = await ask(server.address, '/api/pairings', { golferId: 'demo-tilda' })
  const { words } = (await made.json()) as { words: string }
  const pair = (given: string, device: string) => ask(NETWORK(), '/api/pair', { words: given }, device)
  await pair('baba baba baba', 'somebody')
  await pair(PASSCODE, 'Tablet of the loft')
  await pair(words, 'A phone')
  await page.reload()
}

/** The first page of a report, as it is printed. */
async function pictureOfReport(): Promise<void> {
  const response = await fetch(`${server.address}/api/golfers/demo-junia/paper?kind=report`)
  const file = join(mkdtempSync(join(tmpdir(), 'banco-report-')), 'report.pdf')
  writeFileSync(file, new Uint8Array(await response.arrayBuffer()))
  execFileSync('pdftoppm', ['-png', '-r', '110', '-singlefile', file, join(folder, 'report')])
  console.log(`· ${join(folder, 'report')}.png`)
}

/** What is asked of a Bay. */
type Bay = {
  bag: { clubs: { id: string; name: string }[] }
  analysis: { stocks: { clubId: string; swing: string; carryM?: number }[] }
}

/** Twelve of each ball with three clubs, three and three: the range ball flies 5% shorter. */
async function tryTwoBalls(page: Page, golferId: string): Promise<void> {
  const api = `${new URL(page.url()).origin}/api`
  const ask = async <T>(method: string, path: string, data?: unknown): Promise<T> => {
    const response = await page.request.fetch(api + path, { method, ...(data !== undefined && { data }) })
    if (!response.ok()) throw new Error(`${path}: ${response.status()} ${await response.text()}`)
    return (await response.json()) as T
  }
  const start = { place: 'indoor', offsetMin: 0, rangeClear: true }
  const { id } = await ask<{ id: string }>('POST', `/golfers/${golferId}/sessions`, start)
  const bay = await ask<Bay>('GET', `/sessions/${id}/bay`)
  const roll = dice(7)
  const tried = bay.bag.clubs.filter(({ name }) => ['Driver', '7-iron', 'P-wedge'].includes(name))
  for (const { id: clubId } of tried) {
    const usual = bay.analysis.stocks.find((stock) => stock.clubId === clubId && stock.swing === 'full')
    for (let run = 0; run < 8; run++) {
      const [ball, share] = run % 2 === 0 ? ['own ball', 1] : ['range ball', 0.95]
      await ask('POST', `/sessions/${id}/events`, { kind: 'ball', ball })
      const shots = [1, 2, 3].map((n) => ({
        ...{ id: `ball-${clubId}-${run}-${n}`, clubId, swing: 'full', hitMs: Date.now() },
        carryM: (usual?.carryM ?? 100) * Number(share) * (1 + roll.normal(0, 0.025)),
      }))
      await ask('POST', `/sessions/${id}/shots`, { shots })
    }
  }
  await ask('PATCH', `/sessions/${id}`, { ended: true })
}

const wanted = process.argv.slice(2)
const folder = process.env.PICTURES ?? join('docs', 'screenshots')
mkdirSync(folder, { recursive: true })
const server = await BancoServer.onNetwork(ADDRESS, { BANCO_PASSCODE: PASSCODE })
makeDemoIn(server.data)
await server.start()
const browser = await chromium.launch(CHROMIUM)
try {
  for (const { name, path, phone, height = 800, before } of PICTURES) {
    if (wanted.length > 0 && !wanted.includes(name)) continue
    const page = await browser.newPage(
      phone
        ? { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, deviceScaleFactor: 2 }
        : { viewport: { width: 1280, height } },
    )
    await page.goto(server.address + path)
    // A button that is pressed before the page has woken does nothing.
    await page.waitForTimeout(700)
    await before?.(page)
    await page.waitForTimeout(700)
    await page.screenshot({ path: join(folder, `${name}.png`) })
    await page.close()
    console.log(`· ${join(folder, name)}.png`)
  }
  if (wanted.length === 0 || wanted.includes('report')) await pictureOfReport()
} finally {
  await browser.close()
  await server.stop()
}
