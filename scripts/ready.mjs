// What every command needs before it runs: packages installed, the application built, the port free.
// Uses nothing but Node, since it runs before anything is installed.
import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { buildPrograms, newestProgram } from './programs.mjs'

export const PORT = Number(process.env.BANCO_PORT ?? 4614)
export const HOST = process.env.BANCO_HOST ?? '127.0.0.1'
const LOOPBACK = ['127.0.0.1', '::1', 'localhost']
export const QUIET_ENV = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' }

const STAMPS = '.banco'
const NEXT = join('node_modules', 'next', 'dist', 'bin', 'next')

export function say(text) {
  console.log(`· ${text}`)
}

/** Ends with a sentence for the reader. */
export function stop(sentence) {
  console.error(sentence)
  process.exit(1)
}

/** Runs a command and waits; its output is shown. Resolves to its exit code. */
export function run(command, args, { env = QUIET_ENV, ...options } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { stdio: 'inherit', env, ...options })
    child.on('error', () => resolve(127))
    child.on('close', (code, signal) => resolve(code ?? (signal ? 1 : 0)))
  })
}

/** Installs the packages of the lock file, unless just these are there. */
export async function installed() {
  const [major] = process.versions.node.split('.').map(Number)
  if (major < 20) stop(`Banco needs Node 20 or later, and this is ${process.version}: install a newer one.`)
  const wanted = hashOf([readFileSync('package-lock.json'), process.version, process.arch])
  if (stampIs('installed', wanted) && existsSync(NEXT)) return
  const missing = [
    ['python3', ['python3', 'python']],
    ['make', ['make', 'gmake']],
    ['a C++ compiler (g++ or clang++)', ['g++', 'clang++', 'c++']],
  ].filter(([, names]) => !names.some(has))
  if (missing.length > 0) {
    const names = missing.map(([name]) => name).join(', ')
    stop(
      `The database driver is compiled at install and needs ${names}. Install that first` +
        ' (on Debian or Ubuntu: apt-get install python3 make g++) and run this again.',
    )
  }
  say('Installing packages. The database driver is compiled once: that takes two to five minutes.')
  const began = Date.now()
  const beat = setInterval(
    () => say(`still installing, ${Math.round((Date.now() - began) / 1000)} s`),
    20_000,
  )
  const code = await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'])
  clearInterval(beat)
  if (code !== 0) stop('npm ci failed: read what it says above, mend it, and run this again.')
  if (!existsSync(join('node_modules', 'better-sqlite3', 'build', 'Release', 'better_sqlite3.node'))) {
    say('Compiling the database driver, whose install script did not run.')
    if ((await run('npm', ['rebuild', 'better-sqlite3'])) !== 0)
      stop('better-sqlite3 did not compile: see above.')
  }
  setStamp('installed', wanted)
}

/** Builds the application, unless it is built from just these sources. */
export async function built() {
  const wanted = hashOf(
    ['src', 'simulators', 'public', 'next.config.ts', 'package-lock.json', 'tsconfig.json']
      .flatMap(filesUnder)
      .map((file) => readFileSync(file)),
  )
  if (stampIs('built', wanted) && existsSync(join('.next', 'BUILD_ID')) && newestProgram('banco')) return
  say('Building the application: about a minute.')
  if ((await run(process.execPath, [NEXT, 'build'])) !== 0) stop('The build failed: see above.')
  await buildPrograms()
  setStamp('built', wanted)
}

/** Whether a port can be listened on. */
export const portIsFree = (port = PORT, host = HOST) =>
  new Promise((resolve) => {
    const probe = createServer()
    probe.once('error', () => resolve(false))
    probe.listen(port, host, () => probe.close(() => resolve(true)))
  })

/** As it stands in an address. */
const HOST_IN_ADDRESS = HOST.includes(':') ? `[${HOST}]` : HOST

/** Ends with a sentence when Banco's port is taken, or when it would be open to others. */
export async function portWanted() {
  if (!LOOPBACK.includes(HOST))
    stop(
      `Banco would be open to everybody who reaches ${HOST}: leave BANCO_HOST out, or set it to 127.0.0.1 or ::1.` +
        ' For phones of the network start it with "npm start -- --network", which asks for a passcode.',
    )
  if (await portIsFree()) return
  stop(
    `Port ${PORT} is taken: Banco may be running already at http://${HOST_IN_ADDRESS}:${PORT}.` +
      ' Stop what listens there, or set BANCO_PORT to another port.',
  )
}

/** Runs a TypeScript file of the project. */
export const runTs = (file, args = [], options = {}) =>
  run(process.execPath, ['--import', 'tsx', file, ...args], options)

/** Serves the built application until it is stopped, and says some lines once it does. */
export async function serve(env = QUIET_ENV, says = []) {
  const began = Date.now()
  const server = spawn(process.execPath, [join('.banco', 'programs', 'server.mjs')], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...env, BANCO_HOST: HOST, BANCO_PORT: String(PORT) },
  })
  for (const signal of ['SIGINT', 'SIGTERM']) {
    process.on(signal, () => {
      server.kill(signal)
      // Every shot is on disk when it is acknowledged: nothing is lost by not waiting.
      setTimeout(() => server.kill('SIGKILL'), 3000).unref()
    })
  }
  const ended = new Promise((resolve) => server.on('close', (code) => resolve(code ?? 0)))
  const address = `http://${HOST_IN_ADDRESS}:${PORT}`
  while (Date.now() - began < 60_000) {
    const up = await fetch(`${address}/api/notices`, { signal: AbortSignal.timeout(2000) }).then(
      (response) => response.body?.cancel().then(() => true),
      () => false,
    )
    if (up || server.exitCode !== null) break
    await new Promise((resolve) => setTimeout(resolve, 150))
  }
  if (server.exitCode === null)
    console.log(['', ...says, `Banco is at ${address}   (Ctrl+C stops it)`].join('\n'))
  process.exit(await ended)
}

export const has = (name) => spawnSync('sh', ['-c', `command -v ${name}`]).status === 0

function filesUnder(path) {
  if (!existsSync(path)) return []
  if (path.includes('.')) return [path]
  return readdirSync(path, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && !entry.name.includes('.test.'))
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .sort()
}

function hashOf(parts) {
  const hash = createHash('sha256')
  parts.forEach((part) => hash.update(part))
  return hash.digest('hex')
}

const stampIs = (name, wanted) =>
  existsSync(join(STAMPS, name)) && readFileSync(join(STAMPS, name), 'utf8') === wanted

function setStamp(name, value) {
  mkdirSync(STAMPS, { recursive: true })
  writeFileSync(join(STAMPS, name), value)
}
