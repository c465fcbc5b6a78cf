import { gzipSync } from 'node:zlib'
import { BancoServer } from '../demo/banco-server'
import { makeDemoIn } from '../demo/make-demo-in'

const VIEWS = [
  '/golfers/new',
  ...['', '/bag', '/bay', '/stock', '/gaps', '/log'].map((view) => `/golfers/demo-tilda${view}`),
]

/** The scripts that a view's page asks for before it is used, gzipped. */
export async function firstLoad(): Promise<string[]> {
  const server = await BancoServer.prepare()
  makeDemoIn(server.data)
  await server.start()
  const lines: string[] = []
  for (const view of VIEWS) {
    const page = await (await fetch(server.address + view)).text()
    const scripts = new Set(
      [...page.matchAll(/<script[^>]+src="([^"]+)"/g)].map((match) => match[1] as string),
    )
    let bytes = 0
    for (const script of scripts) {
      bytes += gzipSync(Buffer.from(await (await fetch(server.address + script)).arrayBuffer())).byteLength
    }
    lines.push(
      `${view.replace('demo-tilda', 'GOLFER').padEnd(24)}${(bytes / 1024).toFixed(0).padStart(5)} kB gzip in ${scripts.size} scripts`,
    )
  }
  await server.stop()
  return lines
}
