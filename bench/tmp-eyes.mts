import { chromium } from '@playwright/test'
import { BancoServer } from '../demo/banco-server'
import { CHROMIUM } from '../demo/chromium'
import { makeDemoIn } from '../demo/make-demo-in'
const server = await BancoServer.prepare(); makeDemoIn(server.data); await server.start()
const post = async (path: string, data: object, method='POST') => { const r = await fetch(server.address+path,{method,headers:{'Content-Type':'application/json',Origin:server.address},body:JSON.stringify(data)}); const t = await r.text(); if(!r.ok) console.log(path,r.status,t.slice(0,300)); try {return JSON.parse(t)} catch {return t} }
const mk = async (name: string, template: string, units=['yd','mph']) => { const g = await post('/api/golfers',{name,hand:'right',lengthUnit:units[0],speedUnit:units[1],goalZoneM:null,level:'beginner',driverM:150}); await post(`/api/golfers/${g.id}/bag`,{template,name:'B'}); return g.id as string }
const none = await mk('No Shots','seven',['m','km/h'])
await post('/api/golfers/demo-junia',{lengthUnit:'m',speedUnit:'km/h'},'PATCH')
const browser = await chromium.launch({ ...CHROMIUM })
const page = await browser.newPage({ viewport: {width:1280,height:800} })
page.on('console', m => { if (m.type()==='error' && !m.text().includes('404')) console.log('CONSOLE', m.text()) }); page.on('pageerror', e => console.log('PAGEERR', e.message))
const text = async () => (await page.locator('main, body').first().innerText()).replace(/\s+/g,' ')
for (const g of [none,'demo-junia','demo-marek']) {
  for (const p of ['course','number','rounds','stock','gaps','refit','wedges','']) {
    await page.goto(`${server.address}/golfers/${g}/${p}`); await page.waitForTimeout(300)
    const t = await text()
    if (/NaN|undefined|Infinity|null/.test(t)) console.log('BAD', g, p, t.match(/.{60}(NaN|undefined|Infinity|null).{40}/)?.[0])
  }
  await page.goto(`${server.address}/golfers/${g}/number`)
  for (const [left, ends] of [['120','100'],['5',''],['0',''],['abc',''],['699','300'],['90','95']] as const) {
    await page.getByLabel('I have').fill(left); await page.getByLabel('it ends at').fill(ends)
    const t = await text(); console.log(g, left, ends, '|', await page.getByRole('heading',{level:1}).innerText(), /NaN|undefined|Infinity/.test(t) ? 'BAD' : '')
  }
  await page.getByLabel('I have').fill('110'); await page.getByLabel('Wind').fill('200'); console.log(await page.getByText('No golf is played').count()); await page.getByLabel('Wind').fill('25'); await page.getByLabel(/^Higher/).fill('40'); console.log((await text()).match(/counts as[^.]*\./)?.[0])
  await page.screenshot({path:`/tmp/eyes-${g.slice(0,10)}.png`})
}
await page.goto(`${server.address}/golfers/demo-junia`); await page.screenshot({path:'/tmp/eyes-golfer.png', fullPage:true})
await browser.close(); await server.stop()
