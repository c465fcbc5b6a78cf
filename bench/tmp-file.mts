import { chromium } from '@playwright/test'
import { writeFileSync } from 'node:fs'
import { BancoServer } from '../demo/banco-server'
import { CHROMIUM } from '../demo/chromium'
import { makeDemoIn } from '../demo/make-demo-in'
const server = await BancoServer.prepare()
makeDemoIn(server.data)
await server.start()
const r = await fetch(server.address + '/api/golfers/demo-tilda/taken-along')
const t = await r.text()
console.log(r.status, r.headers.get('content-disposition'), t.length)
writeFileSync('/tmp/taken.html', t)
await server.stop()
const browser = await chromium.launch({ ...CHROMIUM })
const page = await browser.newPage({ viewport: { width: 390, height: 844 } })
page.on('pageerror', (e) => console.log('ERR', e.message))
page.on('console', (m) => console.log(m.text()))
await page.goto('file:///tmp/taken.html')
await page.getByLabel('I have').fill('141')
await page.getByLabel('it ends at').fill('128')
await page.getByLabel('Green: front').fill('132')
await page.getByLabel('back,').fill('154')
await page.screenshot({ path: '/tmp/look-taken.png' })
await page.screenshot({ path: '/tmp/look-taken-full.png', fullPage: true })
await browser.close()
