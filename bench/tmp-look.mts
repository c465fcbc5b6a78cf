import { chromium } from '@playwright/test'
import { BancoServer } from '../demo/banco-server'
import { CHROMIUM } from '../demo/chromium'
import { makeDemoIn } from '../demo/make-demo-in'
const T = '/golfers/demo-tilda'
const server = await BancoServer.prepare()
makeDemoIn(server.data)
await server.start()
const browser = await chromium.launch({ ...CHROMIUM })
const want = process.argv.slice(2)
async function shot(
  name: string,
  path: string,
  phone: boolean,
  before?: (p: import('@playwright/test').Page) => Promise<void>,
  full = false,
) {
  if (want.length && !want.includes(name)) return
  const page = await browser.newPage({
    viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    deviceScaleFactor: 1,
  })
  page.on('console', (m) => {
    if (m.type() === 'error') console.log(name, m.text())
  })
  await page.goto(server.address + path)
  await page.waitForTimeout(700)
  if (before) await before(page)
  await page.waitForTimeout(500)
  await page.screenshot({ path: `/tmp/look-${name}.png`, fullPage: full })
  await page.close()
}
const fill = async (p: import('@playwright/test').Page) => {
  const ask = p.getByRole('button', { name: 'Water, green, wind, height' })
  if (await ask.isVisible()) await ask.click()
  await p.getByLabel('I have').fill('141')
  await p.getByLabel('it ends at').fill('128')
  await p.getByLabel('front').fill('132')
  await p.getByLabel('back').fill('154')
  const less = p.getByRole('button', { name: 'Only the distance' })
  if (await less.isVisible()) await less.click()
}
try {
  await shot('number', `${T}/number`, false, fill)
  await shot('number-phone', `${T}/number`, true, fill)
  await shot('rounds', `${T}/rounds`, false, undefined, true)
  await shot('rounds-phone', `${T}/rounds`, true, undefined, true)
  await shot('round-phone', `${T}/rounds`, true, async (p) => {
    await p.locator('.list-of-rounds a').first().click()
    await p.getByText('Left to the target').waitFor()
  })
  await shot('round', `${T}/rounds`, false, async (p) => {
    await p.locator('.list-of-rounds a').first().click()
    await p.getByText('Left to the target').waitFor()
    await p.locator('.round-shots button').first().click()
  })
  await shot('course', `${T}/course`, false)
  await shot('course-phone', `${T}/course`, true)
} finally {
  await browser.close()
  await server.stop()
}
