import { spawn, type ChildProcess } from 'node:child_process'
import { once } from 'node:events'
import { mkdtempSync } from 'node:fs'
import { createServer, type AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

export const SERVER = '.banco/programs/server.mjs'

/** A Banco of its own, on a free port with data of its own: for pictures, tests and benchmarks. */
export class BancoServer {
  private child: ChildProcess | null = null
  private constructor(
    readonly port: number,
    readonly data: string,
    /** Where this Banco would ask a weather station. */
    readonly weatherPort: number,
    /** What it is started with besides. */
    private readonly env: Record<string, string> = {},
  ) {}

  static async prepare(data = mkdtempSync(join(tmpdir(), 'banco-'))): Promise<BancoServer> {
    return new BancoServer(await freePort(), data, await freePort())
  }

  /** One that is on a network too: on another address of this machine, which stands for the network. */
  static async onNetwork(address: string, env: Record<string, string>): Promise<BancoServer> {
    const port = await freePort()
    return new BancoServer(port, mkdtempSync(join(tmpdir(), 'banco-')), await freePort(), {
      ...{ BANCO_NETWORK: address, BANCO_HOSTS: address, ...env },
    })
  }

  get runs(): boolean {
    return this.child !== null && this.child.exitCode === null && this.child.signalCode === null
  }

  /** Its process; 0 while it does not run. */
  get pid(): number {
    return this.child?.pid ?? 0
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`
  }

  /** Starts it and waits until it answers. */
  async start(): Promise<this> {
    this.child = spawn(process.execPath, [SERVER], {
      env: {
        ...process.env,
        BANCO_DATA: this.data,
        BANCO_WEATHER: `http://127.0.0.1:${this.weatherPort}/weather`,
        NEXT_TELEMETRY_DISABLED: '1',
        BANCO_PORT: String(this.port),
        ...this.env,
      },
      stdio: ['ignore', 'ignore', 'inherit'],
    })
    // A run that dies leaves no server behind.
    const { child } = this
    const kill = () => void child.kill('SIGKILL')
    process.once('exit', kill)
    child.once('exit', () => process.off('exit', kill))
    for (let tries = 0; tries < 300; tries++) {
      if (
        await fetch(`${this.address}/golfers/new`).then(
          (response) => response.ok,
          () => false,
        )
      )
        return this
      await new Promise((resolve) => setTimeout(resolve, 100))
    }
    throw new Error(
      `Banco did not answer at ${this.address} within 30 s: is it built (npm run demo builds it)?`,
    )
  }

  /** Ends it: SIGKILL is the hard way. */
  async stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
    const child = this.child
    this.child = null
    if (!child || child.exitCode !== null || child.signalCode !== null) return
    child.kill(signal)
    // A browser's spare connection, on which it never asked anything, would keep it for ever. Nothing is lost by not
    // waiting: a shot is on disk when it is acknowledged.
    const hard = setTimeout(() => child.kill('SIGKILL'), 500)
    await once(child, 'exit')
    clearTimeout(hard)
  }
}

async function freePort(): Promise<number> {
  const probe = createServer().listen(0, '127.0.0.1')
  await once(probe, 'listening')
  const { port } = probe.address() as AddressInfo
  probe.close()
  await once(probe, 'close')
  return port
}
