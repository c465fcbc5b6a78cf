import { execFileSync } from 'node:child_process'
import { appendFileSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Sqlite from 'better-sqlite3'
import { BancoServer } from '../demo/banco-server'
import { makeDemoIn } from '../demo/make-demo-in'
import { attackOn } from './attack'

const DISK_MB = 24
const REQUESTS = 1500

/** Sends every kind of request while the disk is full, and checks the data when there is room again. */
export async function fullDisk(): Promise<string[]> {
  const data = mkdtempSync(join(tmpdir(), 'banco-full-'))
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${DISK_MB}m`, 'tmpfs', data], { stdio: 'ignore' })
  } catch {
    return ['not run: this machine lets nobody mount a small disk']
  }
  const server = await BancoServer.prepare(data)
  try {
    makeDemoIn(data)
    await server.start()
    const ballast = join(data, 'ballast')
    const backup = await bodyOf(`${server.address}/api/backup`)
    fill(ballast)
    const { sent, failed, halfSaved } = await attackOn(server, { requests: REQUESTS, seed: 77 })
    const responses = await Promise.all([
      fetch(`${server.address}/api/backup`),
      ...['golfer', 'shots', 'stocks', 'gaps', 'rounds'].map((what) =>
        fetch(`${server.address}/api/golfers/demo-tilda/export?what=${what}`),
      ),
      fetch(`${server.address}/api/files`, { method: 'POST', body: new Uint8Array(1 << 20) }),
      fetch(`${server.address}/api/backup`, { method: 'POST', body: new Uint8Array(backup) }),
      fetch(`${server.address}/api/golfers/restore`, { method: 'POST', body: new Uint8Array(1 << 20) }),
    ])
    const wrong = responses.filter(({ status }) => status >= 500 && status !== 503)
    rmSync(ballast)
    const again = await fetch(`${server.address}/api/golfers/demo-tilda/export?what=golfer`)
    await server.stop()
    const db = new Sqlite(join(data, 'banco.db'), { readonly: true })
    const whole = db.pragma('integrity_check', { simple: true })
    db.close()
    const full = [...sent, ...responses].filter(({ status }) => status === 503).length
    const ownFaults = failed.filter(({ status }) => status !== 503).length + wrong.length
    return [
      `${sent.length + responses.length} requests on a full disk of ${DISK_MB} MB: ${full} × 503, ${ownFaults} × 500 or a broken connection (wanted none), ${halfSaved.length} refused and yet changed (wanted none)`,
      ...failed
        .filter(({ status }) => status !== 503)
        .map(({ method, target, status }) => `    ${method} ${target} → ${status}`),
      ...wrong.map(({ url, status }) => `    ${url} → ${status}`),
      `with room again: ${again.status}, the data are ${String(whole)}`,
    ]
  } finally {
    await server.stop('SIGKILL')
    execFileSync('umount', ['-l', data])
  }
}

const bodyOf = async (url: string): Promise<ArrayBuffer> => (await fetch(url)).arrayBuffer()

/** Fills the disk, at last in small pieces. */
function fill(path: string): void {
  for (let bytes = 1 << 20; bytes >= 512; bytes /= 2)
    for (;;)
      try {
        appendFileSync(path, new Uint8Array(bytes))
      } catch {
        break
      }
}
