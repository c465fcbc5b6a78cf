import { mkdirSync } from 'node:fs'
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
  { name: 'plan', path: '/golfers/demo-marek/bay' },
  { name: 'session', path: `${TILDA}/sessions/demo-tilda-0` },
  { name: 'stock', path: `${TILDA}/stock` },
  { name: 'gaps', path: `${TILDA}/gaps` },
  { name: 'wedges', path: `${TILDA}/wedges` },
  { name: 'refit', path: `${TILDA}/refit` },
  {
    name: 'refit-bench',
    path: `${TILDA}/refit`,
    before: (page) => page.getByRole('region', { name: 'Work order' }).scrollIntoViewIfNeeded(),
  },
  {
    name: 'club',
    path: `${TILDA}/bag`,
    before: async (page) => {
      await page.getByRole('button', { name: 'Change 9-iron' }).click()
      await page.getByText('How it is made').click()
      await page.getByLabel(/is new: it was bent/).check()
      await page.getByRole('heading', { name: '9-iron' }).scrollIntoViewIfNeeded()
    },
  },
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
  // Hits a session: the pictures before it show the demo's own.
  {
    name: 'trial',
    path: '/golfers/demo-marek/compare',
    before: async (page) => {
      await page.getByLabel('The first').selectOption({ label: '3-wood' })
      await page.getByLabel('The second').selectOption({ label: '2-hybrid' })
      await page.getByRole('link', { name: 'Plan a fair trial' }).click()
      await page.getByRole('button', { name: 'Nobody is in front: start' }).click()
      const title = page.getByRole('heading', { level: 1 })
      for (const [club, carries] of [
        ['3-wood', [231, 238, 229]],
        ['2-hybrid', [240, 236, 243, 238, 241, 237]],
        ['3-wood', [236, 233, 228]],
      ] as const) {
        await title.filter({ hasText: club }).waitFor()
        for (const carry of carries) {
          await page.keyboard.type(String(carry))
          await page.keyboard.press('Enter')
        }
      }
      await page.getByRole('button', { name: 'End the session' }).first().click()
      await page.getByRole('region', { name: 'The trial' }).waitFor()
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
