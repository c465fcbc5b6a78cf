import { createReadStream, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { GolferId } from '@/core/model/ids'
import { quantile } from '@/core/math/quantile'
import { openTable } from '@/formats/table/read-table'
import { databasePath } from '@/store/data-folder'
import { openDatabase } from '@/store/database'
import { BancoServer } from '../demo/banco-server'
import { fillStore, receivingSession } from './big-store'
import { postShot } from './post-shot'
import { childrenOf, memoryMb } from './processes'

const SHOTS = 300_000
const POST_EVERY_MS = 100

/** Whole files of a long history, while a monitor posts: how long its posts wait, and how much memory is taken. */
export async function longWork(): Promise<string[]> {
  const server = await BancoServer.prepare()
  const { other } = fill(server)
  await server.start()
  const watch = new Watch(server)
  const api = `${server.address}/api/golfers/${other}`
  const file = join(mkdtempSync(join(tmpdir(), 'banco-long-')), 'shots.csv')
  const lines = [
    await watch.during('nothing', () => new Promise((resolve) => setTimeout(resolve, 2000))),
    await watch.during('export as CSV', async () =>
      writeFileSync(file, await bytesOf(`${api}/export?what=shots`)),
    ),
    await watch.during('export as JSON', () => bytesOf(`${api}/export?what=golfer`)),
    await watch.during('backup', () => bytesOf(`${server.address}/api/backup`)),
  ]
  const fresh = await nameOfNew(server)
  let id = ''
  lines.push(
    await watch.during('a file is sent', async () => {
      const sent = await upload(`${server.address}/api/files`, file)
      id = ((await sent.json()) as { file: string }).file
    }),
  )
  const take = (dry?: true) => () =>
    takeIn(`${server.address}/api/golfers/${fresh}/import`, { file, id, dry })
  lines.push(await watch.during('known rows', take(true)), await watch.during('import', take()))
  watch.end()
  await server.stop()
  return [
    `${SHOTS.toLocaleString('en')} shots     seconds   posts p50   p95   longest   MB here   MB beside (wanted under 400)`,
    ...lines,
  ]
}

function fill(server: BancoServer): { other: GolferId } {
  const db = openDatabase(databasePath(server.data))
  const nowMs = Date.now()
  const golferId = fillStore(db, { recent: 500, nowMs })
  const other = fillStore(db, { recent: 10_000, older: SHOTS - 10_000, nowMs, id: 'long' })
  receivingSession(db, golferId, nowMs)
  db.close()
  return { other }
}

/** A golfer without shots, to bring the file in for. */
async function nameOfNew(server: BancoServer): Promise<string> {
  const db = openDatabase(databasePath(server.data))
  const id = fillStore(db, { recent: 0, nowMs: Date.now(), id: 'fresh' })
  db.close()
  return id
}

const upload = (url: string, file: string): Promise<Response> =>
  fetch(url, { method: 'POST', body: createReadStream(file), duplex: 'half' } as unknown as RequestInit)

async function bytesOf(url: string): Promise<Uint8Array> {
  const response = await fetch(url)
  if (!response.ok) throw new Error(`${url} was answered with ${response.status}`)
  return new Uint8Array(await response.arrayBuffer())
}

async function takeIn(url: string, { file, id, dry }: { file: string; id: string; dry?: true | undefined }) {
  const opened = openTable(readFileSync(file).subarray(0, 100_000), { lengthUnit: 'yd', offsetMin: 0 })
  if (!opened.ok) throw new Error(opened.problems[0]?.sentence)
  const columns = opened.table.columns.map(({ field, unit }) => ({ field, unit }))
  const body = { file: id, name: 'shots.csv', columns, clubs: {}, offsetMin: 0, ...(dry && { dry }) }
  const headers = { 'Content-Type': 'application/json' }
  const response = await fetch(url, { method: 'POST', headers, body: JSON.stringify(body) })
  const last = (await response.text()).trim().split('\n').at(-1) ?? ''
  if (!last.includes('"done"')) throw new Error(last.slice(0, 300))
}

/** Posts shots and looks at the memory of a server and of what it starts. */
class Watch {
  private readonly timer: NodeJS.Timeout
  private readonly waits: { began: number; ms: number }[] = []
  private readonly posts = new Set<Promise<void>>()
  private workerMb = 0
  private count = 0

  constructor(private readonly server: BancoServer) {
    this.timer = setInterval(() => {
      const post = this.post().finally(() => this.posts.delete(post))
      this.posts.add(post)
      for (const pid of childrenOf(server.pid)) this.workerMb = Math.max(this.workerMb, memoryMb(pid, 'peak'))
    }, POST_EVERY_MS)
  }

  async during(what: string, work: () => Promise<unknown>): Promise<string> {
    this.workerMb = 0
    const began = performance.now()
    await work()
    const ms = performance.now() - began
    await Promise.all(this.posts)
    const own = this.waits.filter((wait) => wait.began >= began).map((wait) => wait.ms)
    const waited = [0.5, 0.95, 1].map((share) => quantile(own, share).toFixed(0))
    const cells = [
      (ms / 1000).toFixed(1),
      ...waited,
      memoryMb(this.server.pid, 'peak').toFixed(0),
      this.workerMb.toFixed(0),
    ]
    return `${what.padEnd(16)}${cells.map((cell) => cell.padStart(9)).join('')}`
  }

  end(): void {
    clearInterval(this.timer)
  }

  private async post(): Promise<void> {
    const began = performance.now()
    const response = await postShot(this.server.address, `long-${this.count++}`)
    if (!response.ok) throw new Error(`a post was answered with ${response.status}`)
    this.waits.push({ began, ms: performance.now() - began })
  }
}
