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
  const t0 = Date.now()
  await page.goto(T + '/history'); console.log('history ms', Date.now() - t0); await page.waitForTimeout(2500)
  await page.screenshot({ path: '/tmp/p0.png', fullPage: true })
  await page.goto(T + '/compare?a=season:2025:winter&b=season:2025:summer'); await page.waitForTimeout(1500)
  await page.screenshot({ path: '/tmp/p1.png' })
  await page.setViewportSize({ width: 390, height: 844 })
  await page.waitForTimeout(700)
  await page.screenshot({ path: '/tmp/p3.png' })
  await page.goto(T + '/history');await page.waitForTimeout(1500)
  await page.screenshot({ path: '/tmp/p4.png' })
} catch (e) { console.error(e); await page.screenshot({ path: '/tmp/pe.png' }) }
await browser.close(); await server.stop('SIGKILL'); process.exit(0)
