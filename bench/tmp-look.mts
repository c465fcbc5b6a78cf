import { chromium } from '@playwright/test'
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
const T = '/golfers/demo-tilda'
const go = async (name: string, path: string, full = true) => {
  if (shots.length && !shots.includes(name)) return
  await page.goto(server.address + path)
  await page.waitForTimeout(1500)
  await page.screenshot({ path: `/tmp/look-${name}.png`, fullPage: full })
}
await go('monitors', `${T}/monitors`)
await go('stock', `${T}/stock`, false)
await go('bay', `${T}/bay`, false)
// a ball trial of Junia by the feed
if (!shots.length || shots.includes('balls')) {
  const post = async (path: string, data: unknown, method = 'POST') => {
    const r = await page.request.fetch(server.address + path, {
      method,
      data,
      headers: { Origin: server.address },
    })
    if (!r.ok()) console.log(path, r.status(), await r.text())
    return r.json()
  }
  const s = await post('/api/golfers/demo-junia/sessions', {
    place: 'indoor',
    offsetMin: 0,
    rangeClear: true,
  })
  await post(`/api/sessions/${s.id}/receive`, { monitor: null })
  const bay = await (await page.request.get(`${server.address}/api/sessions/${s.id}/bay`)).json()
  const clubs = bay.bag.clubs.filter((c: any) => c.kind !== 'putter')
  let n = 0
  for (const club of [clubs[0], clubs[2], clubs[4]]) {
    await post(`/api/sessions/${s.id}/station`, { clubId: club.id, swing: 'full' }, 'PUT')
    const base =
      bay.analysis.stocks.find((k: any) => k.clubId === club.id && k.swing === 'full').carryM / 0.9144
    for (let k = 0; k < 8; k++) {
      await post(`/api/sessions/${s.id}/said`, { kind: 'ball', ball: k % 2 ? 'range ball' : 'own ball' })
      for (let j = 0; j < 3; j++) {
        n++
        await post('/api/feed/shots', {
          id: `tr-${n}`,
          hitAt: Date.now() - 3600e3 + n * 20000,
          units: { length: 'yd', speed: 'mph' },
          carry: +(base * (k % 2 ? 0.95 : 1) * (1 + 0.02 * Math.sin(n * 2.1))).toFixed(1),
          ballSpeed: +(base * 0.72).toFixed(1),
        })
      }
    }
  }
  await go('balls', '/golfers/demo-junia/balls')
  await go('baytrial', '/golfers/demo-junia/bay', false)
  await go('juniastock', '/golfers/demo-junia/stock', false)
}
await browser.close()
await server.stop()
