import { readFileSync } from 'node:fs'
import { createServer, get, type IncomingMessage, type Server, type ServerResponse } from 'node:http'
import { createServer as createSecureServer } from 'node:https'
import type { Scope } from '@/http/gateway/may-ask'
import { authorizeRequest } from './door'
import { DEVICE_HEADER, deviceText } from './device'
import { thePairings } from './pairings'

const KEEP_ALIVE_MS = 75_000
const MINUTE_MS = 60_000
/** What only a server before the framework's may say to it. */
const OF_A_PROXY = /^x-(forwarded|middleware|matched|invoke|real)-/

type Network = {
  /** The framework's. */
  inner: Server | null
  /** Requests that came in by the network, with what who asks may have. */
  visitors: WeakMap<IncomingMessage, Scope>
  /** Banco's own servers before the framework's. */
  own: WeakSet<object>
}
const state = globalThis as { bancoNetwork?: Network }
const network = (state.bancoNetwork ??= {
  inner: null,
  visitors: new WeakMap(),
  own: new WeakSet(),
})

/**
 * Called for every request before the framework sees it: says to it who asks, and takes away what a request says of that
 * itself.
 */
export function notifyUpgrade(server: Server, request: IncomingMessage): void {
  if (network.own.has(server)) return
  network.inner ??= server
  delete request.headers[DEVICE_HEADER]
  const visitor = network.visitors.get(request)
  if (visitor) request.headers[DEVICE_HEADER] = deviceText(visitor)
}

/**
 * Listens on this machine's addresses beside the framework's own server, which stays on loopback: who comes in here has
 * passed the door.
 */
export function listenOnNetwork(): void {
  const { BANCO_NETWORK, BANCO_CERT, BANCO_KEY, BANCO_PORT } = process.env
  if (!BANCO_NETWORK) return
  const onRequest = (request: IncomingMessage, response: ServerResponse) => void comesIn(request, response)
  setInterval(() => thePairings()?.endOld(Date.now()), MINUTE_MS).unref()
  for (const address of BANCO_NETWORK.split(',')) {
    const server =
      BANCO_CERT && BANCO_KEY
        ? createSecureServer({ cert: readFileSync(BANCO_CERT), key: readFileSync(BANCO_KEY) }, onRequest)
        : createServer(onRequest)
    network.own.add(server)
    server.keepAliveTimeout = KEEP_ALIVE_MS
    server.on('error', (error) => console.error(`Banco cannot listen on ${address}: ${error.message}`))
    server.listen(Number(BANCO_PORT), address)
    servers.push(server)
  }
}
const servers: { close: () => void; closeAllConnections: () => void }[] = []

/** Nobody is answered on the network any more. */
export const leaveNetwork = (): void => {
  for (const server of servers) {
    server.close()
    server.closeAllConnections()
  }
}

async function comesIn(request: IncomingMessage, response: ServerResponse): Promise<void> {
  try {
    const visitor = await authorizeRequest(request, response)
    if (!visitor) return
    for (const name of Object.keys(request.headers)) if (OF_A_PROXY.test(name)) delete request.headers[name]
    network.visitors.set(request, visitor)
    const inner = network.inner ?? (await woken())
    inner.emit('request', request, response)
  } catch (error) {
    console.error(error)
    if (!response.headersSent) response.writeHead(500)
    response.end()
  }
}

/** The framework's server shows itself with its first request. */
async function woken(): Promise<Server> {
  await new Promise<void>((resolve) => {
    const request = get(
      { host: '127.0.0.1', port: Number(process.env.BANCO_PORT), path: '/api/notices', timeout: 5000 },
      (response) => {
        response.destroy()
        resolve()
      },
    )
    request.on('error', () => resolve())
  })
  if (!network.inner) throw new Error('the server behind the door does not answer')
  return network.inner
}
