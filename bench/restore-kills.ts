import { cpSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { backUp } from '@/store/backup'
import { databasePath } from '@/store/data-folder'
import { openDatabase } from '@/store/database'
import { removeGolfer } from '@/store/golfer-document'
import type { GolferId } from '@/core/model/ids'
import { BancoServer } from '../demo/banco-server'
import { makeDemoIn } from '../demo/make-demo-in'
import { contents } from './kills'

const TIMES = 24
const EVERY_MS = 60

/** Kills the server at different moments of a restore over HTTP. The data must be the old or the new ones, whole. */
export async function restoreKills(): Promise<string[]> {
  const base = mkdtempSync(join(tmpdir(), 'banco-restore-'))
  makeDemoIn(base)
  const other = mkdtempSync(join(tmpdir(), 'banco-restore-other-'))
  cpSync(base, other, { recursive: true })
  const db = openDatabase(databasePath(other))
  removeGolfer(db, 'demo-junia' as GolferId)
  const backup = join(other, 'other.backup')
  backUp(db, backup)
  db.close()
  const [before, after] = [contents(databasePath(base)), contents(backup)]
  const count = { old: 0, new: 0, neither: 0 }
  for (let i = 0; i < TIMES; i++) {
    const data = mkdtempSync(join(tmpdir(), 'banco-restore-run-'))
    cpSync(base, data, { recursive: true })
    const server = await (await BancoServer.prepare(data)).start()
    const restored = fetch(`${server.address}/api/backup`, {
      method: 'POST',
      body: new Uint8Array(readFileSync(backup)),
    }).catch(() => null)
    await new Promise((resolve) => setTimeout(resolve, i * EVERY_MS))
    await server.stop('SIGKILL')
    await restored
    const is = contents(databasePath(data))
    count[is === before ? 'old' : is === after ? 'new' : 'neither']++
    rmSync(data, { recursive: true, force: true })
  }
  return [
    `a restore over HTTP, killed after 0 to ${((TIMES - 1) * EVERY_MS) / 1000} s: ${count.old} times the old data, ${count.new} times the new, ${count.neither} neither (wanted none)`,
  ]
}
