import { chromium } from '@playwright/test'
import { BancoServer } from '../demo/banco-server'
import { CHROMIUM } from '../demo/chromium'
import { makeDemoIn } from '../demo/make-demo-in'
const server = await BancoServer.prepare()
makeDemoIn(server.data)
await server.start()
const browser = await chromium.launch(CHROMIUM)
const page = await browser.newPage({ viewport: { width: 1280, height: 1000 } })
const T = server.address + '/golfers/demo-tilda'
try {
  await page.goto(T + '/refit'); await page.waitForTimeout(800)
  await page.getByLabel('A name for what is on the bench').fill('the proposal')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await page.getByLabel('Loft of the 8-iron').fill('1.5')
  await page.getByLabel('What else with the 50° wedge').selectOption({ label: 'one of 52°' })
  await page.waitForTimeout(500)
  await page.screenshot({ path: '/tmp/p1.png', fullPage: true })
  await page.goto(T + '/wedges'); await page.waitForTimeout(600)
  await page.getByText('Round the green').click()
  await page.getByLabel('The landing spot is').fill('7')
  await page.getByLabel('From there to the flag').fill('6')
  await page.getByLabel('From there to the flag').scrollIntoViewIfNeeded()
  await page.screenshot({ path: '/tmp/p2.png' })
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(T + '/refit'); await page.waitForTimeout(600)
  await page.getByRole('region', { name: 'The workbench' }).scrollIntoViewIfNeeded()
  await page.screenshot({ path: '/tmp/p3.png' })
  await page.goto(server.address + '/golfers/demo-marek/refit'); await page.setViewportSize({ width: 1280, height: 1000 }); await page.waitForTimeout(600)
  await page.screenshot({ path: '/tmp/p4.png' })
} catch (e) { console.error(e); await page.screenshot({ path: '/tmp/pe.png' }) }
await browser.close(); await server.stop('SIGKILL'); process.exit(0)
