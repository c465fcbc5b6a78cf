import Sqlite from 'better-sqlite3'
import { join } from 'node:path'
import { BancoServer } from '../demo/banco-server'
import { makeDemoIn } from '../demo/make-demo-in'
import { attack, type Sent } from '../simulators/attacker/attack'
import type { Known } from '../simulators/attacker/bodies'

/** Ids of the demo's first golfer. */
export function knownIn(data: string): Known {
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
): Promise<{ sent: Sent[]; failed: Sent[]; halfSaved: Sent[] }> {
  const db = new Sqlite(join(server.data, 'banco.db'), { readonly: true })
  const version = () => db.pragma('data_version', { simple: true }) as number
  let before = version()
  const failed: Sent[] = []
  const halfSaved: Sent[] = []
  const sent = await attack(server.address, {
    requests,
    seed,
    known: knownIn(server.data),
    onSent: (each) => {
      const now = version()
      if (each.status >= 500 || (each.status === 0 && !isTooLong(each))) failed.push(each)
      if (each.status >= 400 && now !== before) halfSaved.push(each)
      before = now
    },
  })
  db.close()
  return { sent, failed, halfSaved }
}

/** Who is refused in the middle of a long body may find the line cut before the answer is read. */
const isTooLong = ({ body = '' }: Sent): boolean => body.length > 65_536

const REQUESTS = 10_000

export async function attackAll(): Promise<string[]> {
  const server = await BancoServer.prepare()
  makeDemoIn(server.data)
  await server.start()
  const began = performance.now()
  const { sent, failed, halfSaved } = await attackOn(server, { requests: REQUESTS, seed: 14 })
  await server.stop()
  const by = (list: Sent[]) =>
    list
      .slice(0, 12)
      .map(
        ({ method, target, body, status, answer }) =>
          `    ${method} ${target} ${body?.slice(0, 160) ?? ''} → ${status} ${answer.slice(0, 200)}`,
      )
  const tally = new Map<number, number>()
  for (const { status } of sent) tally.set(status, (tally.get(status) ?? 0) + 1)
  return [
    `${sent.length} requests over every route (seed 14) in ${((performance.now() - began) / 1000).toFixed(0)} s: ${[
      ...tally,
    ]
      .sort(([a], [b]) => a - b)
      .map(([status, n]) => `${n} × ${status}`)
      .join(', ')}`,
    `${failed.length} failures of Banco’s own (wanted none)`,
    ...by(failed),
    `${halfSaved.length} refused and yet something was stored (wanted none)`,
    ...by(halfSaved),
  ]
}
