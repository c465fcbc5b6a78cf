import { quantile } from '@/core/math/quantile'
import { databasePath } from '@/store/data-folder'
import { openDatabase } from '@/store/database'
import { BancoServer } from '../demo/banco-server'
import { pagesOfGolfer } from '../simulators/attacker/attack'
import { fillStore, receivingSession } from './big-store'
import { postShot } from './post-shot'

const GOLFERS = 30
const TIMES = 4
const POLL_MS = 15
/** How long each page of a long history takes after a shot, and how long a trivial request waits meanwhile. */
export async function meanwhile(): Promise<string[]> {
  const server = await BancoServer.prepare()
  const db = openDatabase(databasePath(server.data))
  const nowMs = Date.now()
  const id = fillStore(db, { recent: 10_000, older: 290_000, nowMs, id: 'long' })
  for (let i = 1; i < GOLFERS; i++) fillStore(db, { recent: 500, nowMs, id: `g${i}` })
  receivingSession(db, id, nowMs)
  db.close()
  await server.start()
  let hit = 0
  const shoot = () => postShot(server.address, `m${hit++}`, 150 + (hit % 7))
  const get = async (path: string) => (await fetch(server.address + path)).arrayBuffer()
  const reports = async () => {
    const body = JSON.stringify({
      kind: 'report',
      golfers: Array.from({ length: GOLFERS - 1 }, (_, i) => `g${i + 1}`),
    })
    const headers = { 'Content-Type': 'application/json' }
    await (await fetch(`${server.address}/api/desk/reports`, { method: 'POST', headers, body })).text()
  }
  const requests: [name: string, ask: () => Promise<unknown>][] = [
    ...pagesOfGolfer(id).map((path): [string, () => Promise<unknown>] => [
      path.split('/').at(-1) ?? '',
      () => get(path),
    ]),
    ['report', () => get(`/api/golfers/${id}/paper?kind=report`)],
    [`desk of ${GOLFERS}`, () => get('/desk')],
    [`${GOLFERS - 1} reports`, reports],
  ]
  const lines = [
    `ms                 first   after a shot   meanwhile: p50   p99 (wanted under 100)   longest`,
  ]
  for (const [name, ask] of requests) {
    const waits: number[] = []
    let isOver = false
    const polling = (async () => {
      while (!isOver) {
        const began = performance.now()
        await get('/manifest.webmanifest')
        waits.push(performance.now() - began)
        await new Promise((resolve) => setTimeout(resolve, POLL_MS))
      }
    })()
    const times: number[] = []
    for (let i = 0; i < TIMES; i++) {
      await shoot()
      const began = performance.now()
      await ask()
      times.push(performance.now() - began)
    }
    isOver = true
    await polling
    const [first = NaN, ...then] = times
    const cells = [first, quantile(then, 0.5), ...[0.5, 0.99, 1].map((share) => quantile(waits, share))]
    lines.push(`${name.padEnd(14)}${cells.map((ms) => ms.toFixed(0).padStart(13)).join('')}`)
  }
  await server.stop()
  return lines
}
