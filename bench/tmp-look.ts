import { chromium } from '@playwright/test'
import { BancoServer } from '../demo/banco-server'
import { CHROMIUM } from '../demo/chromium'
import { makeDemoIn } from '../demo/make-demo-in'
const server = await BancoServer.prepare()
makeDemoIn(server.data)
await server.start()
const browser = await chromium.launch(CHROMIUM)
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const T = server.address + '/golfers/demo-tilda'
try {
  await page.goto(T + '/refit'); await page.waitForTimeout(800)
  await page.getByRole('button', { name: 'Clear the bench' }).click()
  await page.getByRole('button', { name: '9-iron stronger' }).click()
  await page.getByRole('button', { name: '9-iron stronger' }).click()
  await page.getByRole('button', { name: 'It was done' }).click()
  await page.getByRole('button', { name: 'Mark it done' }).scrollIntoViewIfNeeded()
  await page.screenshot({ path: '/tmp/p1.png' })
  await page.getByRole('button', { name: 'Mark it done' }).click()
  await page.getByRole('region', { name: 'What was done to clubs' }).waitFor()
  await page.getByRole('region', { name: 'What was done to clubs' }).scrollIntoViewIfNeeded()
  await page.screenshot({ path: '/tmp/p2.png' })
  await page.goto(T + '/stock'); await page.waitForTimeout(800)
  await page.screenshot({ path: '/tmp/p3.png' })
  await page.goto(T + '/bag'); await page.waitForTimeout(800)
  await page.getByRole('button', { name: 'Change 9-iron' }).click()
  await page.getByLabel(/is new: it was bent/).check()
  await page.getByLabel('Since').scrollIntoViewIfNeeded()
  await page.screenshot({ path: '/tmp/p4.png' })
  await page.getByRole('link', { name: /As it was until/ }).click()
  await page.waitForTimeout(900)
  await page.screenshot({ path: '/tmp/p5.png' })
  await page.goto(T + '/bay'); await page.waitForTimeout(900)
  await page.screenshot({ path: '/tmp/p6.png' })
} catch (e) { console.error(e); await page.screenshot({ path: '/tmp/pe.png' }) }
await browser.close(); await server.stop('SIGKILL'); process.exit(0)
