import { databasePath } from '@/store/data-folder'
import { openDatabase } from '@/store/database'
import { BancoServer } from '../demo/banco-server'
import { dice } from '../simulators/golfers/dice'
import { pagesOfGolfer } from '../simulators/attacker/attack'
import { one } from '../simulators/attacker/bodies'
import { fillStore, receivingSession } from './big-store'
import { postShot } from './post-shot'
import { childrenOf, memoryMb } from './processes'

const GOLFERS = 30
const ROUNDS = 4
const REQUESTS = 900
/** The memory of a server and of its other processes, after more and more mixed requests for many golfers. */
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
  const requests = [
    ...ids.flatMap(pagesOfGolfer).map((path) => () => fetch(server.address + path)),
    ...Array.from({ length: GOLFERS }, () => () => fetch(`${server.address}/desk`)),
    ...Array.from({ length: 2 * GOLFERS }, () => () => postShot(server.address, `m${hit++}`)),
  ]
  const lines = [
    `after mixed requests of ${GOLFERS} golfers with 2,000 shots each   MB here   MB beside, each`,
  ]
  for (let round = 1; round <= ROUNDS; round++) {
    for (let i = 0; i < REQUESTS; i++) await (await one(requests, roll)()).arrayBuffer()
    const workerMemory = childrenOf(server.pid).map((pid) => memoryMb(pid).toFixed(0))
    lines.push(`  ${REQUESTS * round}: ${memoryMb(server.pid).toFixed(0)}; ${workerMemory.join(', ')}`)
  }
  await server.stop()
  return lines
}
