import { chromium, type Browser, type Page } from '@playwright/test'
import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import type { GolferId, SessionId } from '@/core/model/ids'
import { quantile } from '@/core/math/quantile'
import { bagOf, startBag } from '@/store/bags'
import { databasePath } from '@/store/data-folder'
import { openDatabase, type Database } from '@/store/database'
import { addGolfer } from '@/store/golfers'
import { takeOver } from '@/store/receivers'
import { openStation, startSession } from '@/store/sessions'
import { BancoServer } from '../demo/banco-server'
import { CHROMIUM } from '../demo/chromium'
import { bareEvents } from './bare-event'
import { fillStore } from './big-store'
import { postShot } from './post-shot'
import { makeDemoIn } from '../demo/make-demo-in'

const SHOTS = 50
const EVERY_MS = 400
const TYPED = 30

/** Notes when each shot's row is painted, two frames after it stands in the page, and when Enter was pressed. Text, since it runs in the page. */
const WATCH = `
  window.seen = []
  window.entered = []
  addEventListener('keydown', ({ key }) => key === 'Enter' && entered.push(Date.now()), true)
  const known = new Set()
  new MutationObserver(() => {
    for (const row of document.querySelectorAll('[data-shot]')) {
      const id = row.getAttribute('data-shot')
      if (known.has(id)) continue
      known.add(id)
      requestAnimationFrame(() => requestAnimationFrame(() => seen.push([id, Date.now()])))
    }
  }).observe(document, { childList: true, subtree: true })
`

/** Shots posted while the Bay is open: from the post to the frame in which the page shows it. */
export async function liveShots(): Promise<string[]> {
  const [few, many] = [await liveInto(500), await liveInto(10_000)]
  return [
    ...(await liveIntoDemo()),
    `post to painted after 500 shots p95 ${few.toFixed(0)} ms, after 10,000 ${many.toFixed(0)} ms: ${(many / few).toFixed(2)} times (wanted at most 1.5)`,
  ]
}

/** The p95 of a live shot's way to the page of a golfer who hit so many before. */
async function liveInto(recent: number): Promise<number> {
  const server = await BancoServer.prepare()
  const golfer = openBay(server.data, (db, nowMs) => fillStore(db, { recent, nowMs }))
  await server.start()
  const browser = await chromium.launch(CHROMIUM)
  const page = await bayOf(browser, server, golfer)
  const delays = await shoot(page, server)
  await browser.close()
  await server.stop()
  return quantile(delays, 0.95)
}

async function bayOf(browser: Browser, server: BancoServer, golfer: GolferId): Promise<Page> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.addInitScript({ content: WATCH })
  await page.goto(`${server.address}/golfers/${golfer}/bay`)
  await page.getByText('Receiving', { exact: true }).waitFor()
  return page
}

/** Posts shots while the Bay is open: how long after its post each was painted. */
async function shoot(page: Page, server: BancoServer): Promise<number[]> {
  const sent: number[] = []
  for (let i = 0; i < SHOTS; i++) {
    sent.push(Date.now())
    const response = await postShot(server.address, `live-${i}`, 60 + (i % 7) / 2)
    if (response.status !== 201) throw new Error(`shot ${i} was answered with ${response.status}`)
    await new Promise((resolve) => setTimeout(resolve, EVERY_MS))
  }
  await page.waitForTimeout(3000)
  const { seen } = await seenShots(page)
  const live = seen.filter(([id]) => id.startsWith('live-'))
  if (new Set(live.map(([id]) => id)).size !== SHOTS)
    throw new Error(`${live.length} of ${SHOTS} shots were shown`)
  return live.map(([id, at]) => at - (sent[Number(id.slice(5))] as number))
}

async function liveIntoDemo(): Promise<string[]> {
  const server = await BancoServer.prepare()
  const golfer = openBay(server.data, newGolfer)
  await server.start()
  const browser = await chromium.launch(CHROMIUM)
  const page = await bayOf(browser, server, golfer)
  const delays = await shoot(page, server)
  await page.close()
  const bare = await bareEvents(browser, SHOTS, EVERY_MS)
  const typed = await typedShots(browser, server)
  await browser.close()
  await server.stop()
  const ratio = (q: number) => (quantile(delays, q) / quantile(bare, q)).toFixed(1)
  return [
    `${SHOTS} of ${SHOTS} shown`,
    `post to painted: p50 ${quantile(delays, 0.5).toFixed(0)} ms, p95 ${quantile(delays, 0.95).toFixed(0)} ms (wanted at most 300)`,
    `a bare server-sent event on the same machine: p50 ${quantile(bare, 0.5).toFixed(0)} ms, p95 ${quantile(bare, 0.95).toFixed(0)} ms; a live shot takes ${ratio(0.5)} and ${ratio(0.95)} times as long`,
    `typed Enter to painted, beside the demo's shots: p50 ${quantile(typed, 0.5).toFixed(0)} ms, p95 ${quantile(typed, 0.95).toFixed(0)} ms (wanted at most 50)`,
  ]
}

type SeenShots = { seen: [string, number][]; entered: number[] }
const seenShots = (page: Page): Promise<SeenShots> =>
  page.evaluate(() => {
    const { seen, entered } = window as unknown as SeenShots
    return { seen, entered }
  })

/** Shots typed into a session of the demo's golfer with most shots: from Enter to the frame that shows the shot. */
async function typedShots(browser: Browser, server: BancoServer): Promise<number[]> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.addInitScript({ content: WATCH })
  await page.goto(`${server.address}/golfers/demo-tilda/bay`)
  await page.getByTestId('running-stock').waitFor()
  await page.waitForTimeout(500)
  for (let i = 0; i < TYPED; i++) {
    await page.keyboard.type(String(128 + (i % 5)))
    await page.keyboard.press('Enter')
    await page.waitForTimeout(EVERY_MS)
  }
  const { seen, entered } = await seenShots(page)
  // The plan goes on to its next station, whose earlier shots are shown as well.
  const typed = seen.filter(([id]) => !id.startsWith('demo-'))
  if (typed.length !== TYPED) throw new Error(`${typed.length} of ${TYPED} typed shots were shown`)
  await page.close()
  return typed.map(([, at], i) => at - (entered[i] as number))
}

type NewGolfer = (db: Database, nowMs: number) => GolferId

const newGolfer: NewGolfer = (db, nowMs) => {
  const id = 'bench' as GolferId
  addGolfer(
    db,
    id,
    { name: 'Bench', hand: 'right', lengthUnit: 'yd', speedUnit: 'mph', goalZoneM: null },
    nowMs,
  )
  startBag(db, id, { name: 'Bag', clubs: BAG_TEMPLATES[1]?.clubs ?? [] }, nowMs)
  return id
}

/** The demo's data, and a golfer besides with a session that receives. */
function openBay(data: string, make: NewGolfer): GolferId {
  makeDemoIn(data)
  const db = openDatabase(databasePath(data))
  const nowMs = Date.now()
  const id = make(db, nowMs)
  const session = startSession(
    db,
    { golferId: id, startedMs: nowMs, offsetMin: 0, place: 'indoor', clearMs: nowMs },
    'bench' as SessionId,
  )
  const wedge = bagOf(db, id)?.clubs.findLast((club) => club.kind === 'wedge')
  if (!wedge) throw new Error('the bag has no wedge')
  openStation(db, session, { clubId: wedge.id, swing: 'full' }, nowMs)
  takeOver(db, session, null, nowMs)
  db.close()
  return id
}
