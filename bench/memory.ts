import { readFileSync } from 'node:fs'
import { databasePath } from '@/store/data-folder'
import { openDatabase } from '@/store/database'
import { BancoServer } from '../demo/banco-server'
import { dice } from '../simulators/golfers/dice'
import { one } from '../simulators/attacker/bodies'
import { fillStore, receivingSession } from './big-store'

const GOLFERS = 30
const ROUNDS = 4
const REQUESTS = 900
const PAGES = [
  ...[
    'gaps',
    'stock',
    'bay',
    'wedges',
    'refit',
    'course',
    'number',
    'paper',
    'compare',
    'history',
    'practice',
  ],
  ...['balls', 'rounds', 'monitors', 'log', 'bag', 'desk', 'shot', 'shot'],
]

/** What a server and the processes beside it hold after mixed requests of many golfers, round after round. */
export async function memory(): Promise<string[]> {
  const server = await BancoServer.prepare()
  const db = openDatabase(databasePath(server.data))
  const nowMs = Date.now()
  const ids = Array.from({ length: GOLFERS }, (_, i) => fillStore(db, { recent: 2000, nowMs, id: `g${i}` }))
  receivingSession(db, ids[0] as (typeof ids)[number], nowMs)
  db.close()
  await server.start()
  const roll = dice(33)
  let hit = 0
  const ask = async (page: string) => {
    if (page === 'shot')
      return fetch(`${server.address}/api/feed/shots`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ id: `m${hit++}`, units: { length: 'yd', speed: 'mph' }, carry: 150 }),
      })
    return fetch(`${server.address}${page === 'desk' ? '/desk' : `/golfers/${one(ids, roll)}/${page}`}`)
  }
  const lines = [
    `after mixed requests of ${GOLFERS} golfers with 2,000 shots each   MB here   MB beside, each`,
  ]
  for (let round = 1; round <= ROUNDS; round++) {
    for (let i = 0; i < REQUESTS; i++) await (await ask(one(PAGES, roll))).arrayBuffer()
    const beside = childrenOf(server.pid).map((pid) => residentMb(pid).toFixed(0))
    lines.push(`  ${REQUESTS * round}: ${residentMb(server.pid).toFixed(0)}; ${beside.join(', ')}`)
  }
  await server.stop()
  return lines
}

const residentMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024

const childrenOf = (pid: number): number[] =>
  readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').split(' ').filter(Boolean).map(Number)
