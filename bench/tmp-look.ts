import { chromium } from '@playwright/test'
import { BancoServer } from '../demo/banco-server'
import { CHROMIUM } from '../demo/chromium'
import { makeDemoIn } from '../demo/make-demo-in'
const server = await BancoServer.prepare()
makeDemoIn(server.data)
await server.start()
const browser = await chromium.launch(CHROMIUM)
const page = await browser.newPage({ viewport: { width: 1280, height: 900 } })
page.on('pageerror', (e) => console.log('pageerror', e.message))
const T = server.address + '/golfers/demo-tilda'
try {
  await page.goto(T + '/compare'); await page.waitForTimeout(800)
  await page.screenshot({ path: '/tmp/p0.png' })
  console.log(await page.locator('optgroup').evaluateAll((gs) => gs.map((g) => g.getAttribute('label') + ': ' + [...g.querySelectorAll('option')].map((o) => o.textContent).join(', '))))
  await page.getByLabel('The first').selectOption({ index: 2 })
  await page.waitForTimeout(800)
  await page.getByLabel('The second').selectOption({ index: 3 })
  await page.waitForTimeout(1500)
  await page.screenshot({ path: '/tmp/p1.png', fullPage: true })
  await page.goto(T + '/compare?a=club:x'); 
  const t = await page.getByLabel('The first').locator('option', { hasText: 'P-wedge' }).first().getAttribute('value')
  const u = await page.getByLabel('The first').locator('option', { hasText: '50° wedge' }).first().getAttribute('value')
  await page.goto(T + `/compare?a=${encodeURIComponent(t!)}&b=${encodeURIComponent(u!)}`); await page.waitForTimeout(1200)
  await page.screenshot({ path: '/tmp/p2.png', fullPage: true })
  await page.setViewportSize({ width: 390, height: 844 })
  await page.waitForTimeout(700)
  await page.screenshot({ path: '/tmp/p3.png', fullPage: true })
} catch (e) { console.error(e); await page.screenshot({ path: '/tmp/pe.png' }) }
await browser.close(); await server.stop('SIGKILL'); process.exit(0)
