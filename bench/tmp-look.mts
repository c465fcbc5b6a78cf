import { chromium } from '@playwright/test'
import { writeFileSync } from 'node:fs'
import { BancoServer } from '../demo/banco-server'
import { makeDemoIn } from '../demo/make-demo-in'
import { CHROMIUM } from '../demo/chromium'
const server = await BancoServer.prepare()
makeDemoIn(server.data)
await server.start()
const browser = await chromium.launch(CHROMIUM)
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
page.on('console', (m) => m.type() === 'error' && console.log('console', m.text()))
page.on('pageerror', (e) => console.log('pageerror', e.message))
const shots = process.argv.slice(2)
const go = async (name: string, path: string, full = false) => {
  if (shots.length && !shots.includes(name)) return
  await page.goto(server.address + path)
  await page.waitForTimeout(1200)
  await page.screenshot({ path: `/tmp/look-${name}.png`, fullPage: full })
}
await go('desk', '/desk')
await go('visit', '/golfers/demo-tilda/visits/visit-tilda-in-0', true)
await go('reports', '/desk/reports')
if (!shots.length || shots.includes('arrival')) {
  await page.goto(server.address + '/desk')
  await page.getByRole('button', { name: 'New golfer' }).click()
  await page.waitForTimeout(500)
  await page.screenshot({ path: '/tmp/look-arrival.png' })
}
if (!shots.length || shots.includes('phone')) {
  const phone = await browser.newPage({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  })
  for (const [name, path] of [
    ['deskphone', '/desk'],
    ['visitphone', '/golfers/demo-tilda/visits/visit-tilda-in-0'],
  ] as const) {
    await phone.goto(server.address + path)
    await phone.waitForTimeout(1200)
    await phone.screenshot({ path: `/tmp/look-${name}.png`, fullPage: true })
  }
}
for (const [name, path] of [
  ['r1', '/api/golfers/demo-tilda/paper?kind=report'],
  ['r2', '/api/golfers/demo-junia/paper?kind=report-letter'],
  ['r3', '/api/desk/reports?kind=report&golfer=demo-marek&golfer=demo-junia'],
] as const) {
  const r = await page.request.get(server.address + path)
  console.log(name, r.status())
  writeFileSync(`/tmp/${name}.pdf`, await r.body())
}
await browser.close()
await server.stop()
