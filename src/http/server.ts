import { lstatSync, readFileSync } from 'node:fs'
import { createServer, type Server } from 'node:http'
import { createServer as createSecureServer } from 'node:https'
import { copyOfToday } from '@/store/copies'
import { DataError } from '@/store/data-error'
import { dataFolder, databasePath } from '@/store/data-folder'
import { closeTheDatabase, theDatabase } from '@/store/database'
import { lockFolder } from '@/store/folder-lock'
import { removeStopped } from '@/store/shot-files'
import { gateway, type Handler } from './gateway/gateway'
import { thePairings } from './gateway/pairings'
import { endAll } from './notices'
import { removeUploads } from './uploads'
import { endWorkers } from './workers'

const HOUR_MS = 3600_000
const MINUTE_MS = 60_000
const FIRST_COPY_MS = 20_000
/** The server ends after this time in any case. Acknowledged shots are on disk already. */
const LONGEST_END_MS = 4000
/** A monitor keeps its connection for the next shot: Node's five seconds are too short. */
const KEEP_ALIVE_MS = 75_000

// Read by the framework when it is loaded.
Object.assign(process.env, { NODE_ENV: process.env.BANCO_DEV ? 'development' : 'production' })

/**
 * Banco's server. It locks its data folder, answers on this machine and where wanted on the network, and makes a copy of
 * all data a day. When it stops it closes the database, so that the data file is complete without its log.
 */
const folder = dataFolder()
try {
  const path = databasePath(folder)
  lockFolder(folder)
  if (lstatSync(path, { throwIfNoEntry: false })?.isSymbolicLink())
    console.warn(`${path} is a link. Banco uses and restores the file that it leads to.`)
} catch (error) {
  exit(error instanceof DataError ? error.message : error)
}
try {
  while (removeStopped(theDatabase()));
} catch (error) {
  // Every page shows this error, with the copies that can be restored.
  if (!(error instanceof DataError)) throw error
}
removeUploads()
const servers: Server[] = []
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, async () => {
    setTimeout(() => process.exit(1), LONGEST_END_MS).unref()
    endAll()
    for (const server of servers) {
      server.close()
      server.closeAllConnections()
    }
    await endWorkers()
    closeTheDatabase()
    process.exit(0)
  })
setTimeout(makeCopy, FIRST_COPY_MS).unref()
setInterval(makeCopy, HOUR_MS).unref()
await listenEverywhere()

async function listenEverywhere(): Promise<void> {
  const { BANCO_HOST, BANCO_PORT, BANCO_NETWORK, BANCO_CERT, BANCO_KEY, BANCO_DEV } = process.env
  const [hostname, port] = [BANCO_HOST ?? '127.0.0.1', Number(BANCO_PORT)]
  const httpServer = createServer()
  const { default: next } = await import('next')
  const app = next({ dev: Boolean(BANCO_DEV), hostname, port, httpServer })
  await app.prepare()
  const framework: Handler = app.getRequestHandler()
  const local = gateway(framework, { isNetwork: false })
  httpServer.on('request', (request, response) => void local(request, response))
  listen(httpServer, port, hostname, exit)
  if (!BANCO_NETWORK) return
  const network = gateway(framework, { isNetwork: true })
  setInterval(() => thePairings()?.endOld(Date.now()), MINUTE_MS).unref()
  for (const address of BANCO_NETWORK.split(',')) {
    const onRequest: Parameters<typeof createServer>[1] = (request, response) =>
      void network(request, response)
    const server =
      BANCO_CERT && BANCO_KEY
        ? createSecureServer({ cert: readFileSync(BANCO_CERT), key: readFileSync(BANCO_KEY) }, onRequest)
        : createServer(onRequest)
    // Without this address Banco still serves this machine and the other addresses.
    listen(server, port, address, console.error)
  }
}

function listen(server: Server, port: number, address: string, onError: (problem: string) => void): void {
  server.keepAliveTimeout = KEEP_ALIVE_MS
  server.on('error', (error) => onError(`Banco cannot listen on ${address}, port ${port}: ${error.message}`))
  server.listen(port, address)
  servers.push(server)
}

async function makeCopy(): Promise<void> {
  try {
    await copyOfToday(theDatabase(), folder, Date.now())
  } catch (error) {
    console.error(`The copy of today could not be made: ${(error as Error).message}`)
  }
}

function exit(problem: unknown): never {
  console.error(problem)
  process.exit(1)
}
