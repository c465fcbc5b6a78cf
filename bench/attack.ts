import Sqlite from 'better-sqlite3'
import { join } from 'node:path'
import { BancoServer } from '../demo/banco-server'
import { makeDemoIn } from '../demo/make-demo-in'
import { attack, type Sent } from '../simulators/attacker/attack'
import type { KnownIds } from '../simulators/attacker/bodies'
import { cpuMs } from './processes'

/** Ids of the demo's first golfer. */
export function knownIn(data: string): KnownIds {
  const db = new Sqlite(join(data, 'banco.db'), { readonly: true })
  const ids = (sql: string) => db.prepare(sql).pluck().all() as string[]
  const known = {
    golferId: ids('SELECT id FROM golfer'),
    sessionId: ids('SELECT id FROM session'),
    clubId: ids('SELECT id FROM club LIMIT 30'),
    shotId: ids('SELECT id FROM shot LIMIT 30'),
    importId: ['none'],
    roundId: ids('SELECT id FROM round'),
    visitId: ids('SELECT id FROM visit'),
  }
  db.close()
  return known
}

/** Requests that came to nothing and changed something all the same, and those that Banco failed at. */
export async function attackOn(
  server: BancoServer,
  { requests, seed }: { requests: number; seed: number },
): Promise<{ sent: Sent[]; failed: Sent[]; halfSaved: Sent[]; slow: Sent[] }> {
  const db = new Sqlite(join(server.data, 'banco.db'), { readonly: true })
  const version = () => db.pragma('data_version', { simple: true }) as number
  let before = version()
  const failed: Sent[] = []
  const halfSaved: Sent[] = []
  const slow: Sent[] = []
  let cpu = cpuMs(server.pid)
  const sent = await attack(server.address, {
    requests,
    seed,
    known: knownIn(server.data),
    onSent: (each) => {
      const now = version()
      if (each.status >= 500 || (each.status === 0 && !isTooLong(each))) failed.push(each)
      if (each.status >= 400 && now !== before) halfSaved.push(each)
      before = now
      const used = cpuMs(server.pid)
      if (used - cpu > MOST_CPU_MS) slow.push(each)
      cpu = used
    },
  })
  db.close()
  return { sent, failed, halfSaved, slow }
}

const MOST_CPU_MS = 1000
/** Who is refused in the middle of a long body may find the line cut before the answer is read. */
const isTooLong = ({ body = '' }: Sent): boolean => body.length > 65_536

const REQUESTS = 10_000
const SEEDS = [14, 3301, 3302, 3303]

export async function attackAll(): Promise<string[]> {
  const lines: string[] = []
  for (const seed of SEEDS) lines.push(...(await attackWith(seed)))
  return lines
}

async function attackWith(seed: number): Promise<string[]> {
  const server = await BancoServer.prepare()
  makeDemoIn(server.data)
  await server.start()
  const began = performance.now()
  const { sent, failed, halfSaved, slow } = await attackOn(server, { requests: REQUESTS, seed })
  await server.stop()
  const by = (list: Sent[]) =>
    list
      .slice(0, 12)
      .map(
        ({ method, target, body, status, responseText: response }) =>
          `    ${method} ${target} ${body?.slice(0, 160) ?? ''} → ${status} ${response.slice(0, 200)}`,
      )
  const tally = new Map<number, number>()
  for (const { status } of sent) tally.set(status, (tally.get(status) ?? 0) + 1)
  return [
    `${sent.length} requests over every route (seed ${seed}) in ${((performance.now() - began) / 1000).toFixed(0)} s: ${[
      ...tally,
    ]
      .sort(([a], [b]) => a - b)
      .map(([status, n]) => `${n} × ${status}`)
      .join(', ')}`,
    `${failed.length} failures of Banco’s own (wanted none)`,
    ...by(failed),
    `${halfSaved.length} refused and yet something was stored (wanted none)`,
    ...by(halfSaved),
    `${slow.length} took over 1 s of the server’s CPU time (wanted none)`,
    ...by(slow),
  ]
}
