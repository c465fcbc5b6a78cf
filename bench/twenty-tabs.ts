import { request } from 'node:http'
import { BancoServer } from '../demo/banco-server'
import { quantile } from '@/core/math/quantile'
import { databasePath } from '@/store/data-folder'
import { openDatabase } from '@/store/database'
import { fillStore, receivingSession } from './big-store'
import { postShot } from './post-shot'

const TABS = 20
const SHOTS_A_SECOND = 3
const SECONDS = 60

/** Twenty open Bays that read again at every notice, while a monitor hits: how long its posts wait, by how much was hit before. */
export async function twentyTabs(): Promise<string[]> {
  const lines: string[] = []
  for (const recent of [500, 10_000]) {
    const { waits, reads } = await hitInto(recent)
    const at = (share: number) => (waits.length > 0 ? quantile(waits, share) : NaN)
    lines.push(
      `${recent} shots before: ${waits.length} of ${SHOTS_A_SECOND * SECONDS} posts answered, p50 ${at(0.5).toFixed(0)} ms, p95 ${at(0.95).toFixed(0)} ms, longest ${at(1).toFixed(0)} ms (wanted p95 under 300); ${reads} Bays read`,
    )
  }
  return lines
}

async function hitInto(recent: number): Promise<{ waits: number[]; reads: number }> {
  const server = await BancoServer.prepare()
  const db = openDatabase(databasePath(server.data))
  const nowMs = Date.now()
  const golferId = fillStore(db, { recent, nowMs })
  const session = receivingSession(db, golferId, nowMs)
  db.close()
  await server.start()
  let reads = 0
  const tabs = Array.from({ length: TABS }, () => tab(server.address, session, () => reads++))
  await new Promise((resolve) => setTimeout(resolve, 2000))
  reads = 0
  const posts: Promise<number | null>[] = []
  for (let i = 0; i < SHOTS_A_SECOND * SECONDS; i++) {
    posts.push(post(server.address, i))
    await new Promise((resolve) => setTimeout(resolve, 1000 / SHOTS_A_SECOND))
  }
  const waits = (await Promise.all(posts)).filter((ms) => ms !== null)
  tabs.forEach((close) => close())
  await server.stop('SIGKILL')
  return { waits, reads }
}

async function post(address: string, i: number): Promise<number | null> {
  const began = performance.now()
  const response = await postShot(address, `tab-${i}`, 150 + (i % 9)).catch(() => null)
  return response?.ok ? performance.now() - began : null
}

/** What an open Bay does: listens, and reads again at every notice, never twice at once. */
function tab(address: string, session: string, onRead: () => void): () => void {
  const state = { reading: false, again: false, open: true }
  const read = async () => {
    state.again = state.reading
    if (state.reading) return
    state.reading = true
    do {
      state.again = false
      await fetch(`${address}/api/sessions/${session}/bay`)
        .then((response) => response.arrayBuffer())
        .catch(() => null)
      onRead()
    } while (state.again && state.open)
    state.reading = false
  }
  const stream = request(`${address}/api/notices`, (response) => response.on('data', () => void read()))
  stream.on('error', () => {})
  stream.end()
  return () => {
    state.open = false
    stream.destroy()
  }
}
