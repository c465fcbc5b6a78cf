import { mkdirSync, mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { BancoServer } from './banco-server'
import { CHROMIUM } from './chromium'
import { makeDemoIn } from './make-demo-in'

/** Takes the pictures of docs/screenshots from the demo's data. Names after `--` take only those. */
const TILDA = '/golfers/demo-tilda'
const PICTURES: { name: string; path: string; phone?: boolean; before?: (page: Page) => Promise<void> }[] = [
  { name: 'bag', path: `${TILDA}/bag` },
  { name: 'bay', path: `${TILDA}/bay` },
  { name: 'session', path: `${TILDA}/sessions/demo-tilda-0` },
  { name: 'stock', path: `${TILDA}/stock` },
  { name: 'gaps', path: `${TILDA}/gaps` },
  { name: 'wedges', path: `${TILDA}/wedges` },
  { name: 'refit', path: `${TILDA}/refit` },
  { name: 'course', path: `${TILDA}/course` },
  { name: 'log', path: `${TILDA}/log` },
  {
    name: 'compare',
    path: `${TILDA}/compare`,
    before: async (page) => {
      const first = page.getByLabel('The first')
      const last = async (season: string) =>
        (await first.locator('option', { hasText: season }).last().getAttribute('value')) ?? ''
      const [winter, summer] = [await last('winter'), await last('summer')]
      await page.goto(`${page.url()}?a=${winter}&b=${summer}`)
      await page.getByRole('region', { name: 'Both stairs' }).waitFor()
    },
  },
  {
    name: 'history',
    path: `${TILDA}/history`,
    before: (page) => page.locator('canvas').first().waitFor(),
  },
  { name: 'practice', path: '/golfers/demo-marek/practice' },
  {
    name: 'import',
    path: `${TILDA}/import`,
    before: async (page) => {
      await page.getByTestId('file').setInputFiles('tests/tables/files/five-at-once-c.csv')
      await page.getByRole('button', { name: /^Take/ }).waitFor()
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
    name: 'round-phone',
    path: `${TILDA}/rounds`,
    phone: true,
    before: async (page) => {
      await page.locator('.list-of-rounds a').first().tap()
      await page.getByLabel('Left to the target').fill('84')
      await page.getByRole('button', { name: 'rough', exact: true }).tap()
    },
  },
  {
    name: 'taken-along',
    path: `${TILDA}/number`,
    phone: true,
    before: async (page) => {
      const download = page.waitForEvent('download')
      await page.getByRole('link', { name: 'Take it along' }).tap()
      const file = join(mkdtempSync(join(tmpdir(), 'banco-along-')), 'card.html')
      await (await download).saveAs(file)
      await page.goto(`file://${file}`)
      await page.getByLabel('I have, yd').fill('141')
    },
  },
]

const wanted = process.argv.slice(2)
const folder = process.env.PICTURES ?? join('docs', 'screenshots')
mkdirSync(folder, { recursive: true })
const server = await BancoServer.prepare()
makeDemoIn(server.data)
await server.start()
const browser = await chromium.launch(CHROMIUM)
try {
  for (const { name, path, phone, before } of PICTURES) {
    if (wanted.length > 0 && !wanted.includes(name)) continue
    const page = await browser.newPage(
      phone
        ? { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, deviceScaleFactor: 2 }
        : { viewport: { width: 1280, height: 800 } },
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
} finally {
  await browser.close()
  await server.stop()
}
