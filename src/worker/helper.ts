import { fork, type ChildProcess } from 'node:child_process'
import { once } from 'node:events'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { DataError } from '@/store/data-error'
import type { WorkRequest, WorkReply } from './messages'
import { WorkRefused, type Kind, type Progress, type Works } from './work'

/** Somebody stopped it: nothing was changed. */
export class Stopped extends Error {}

type Waiting = {
  resolve: (result: never) => void
  reject: (error: Error) => void
  onProgress: (progress: Progress) => void
  /** Resolves when nobody else writes, with a function that is called after the writing. */
  acquire: () => Promise<() => void>
  release: () => void
}
type Options = Partial<Pick<Waiting, 'onProgress' | 'acquire'>>

const NO_PROGRESS = { onProgress: () => {}, acquire: () => Promise.resolve(() => {}), release: () => {} }
/** One that works so long at something else is ended. */
const RELEASE_MS = 3000

/** The program as it was built with the application. Without a build the sources are run. */
const BUILT = join(/* turbopackIgnore: true */ process.cwd(), '.banco', 'programs', 'worker.mjs')
const SOURCE = join(/* turbopackIgnore: true */ process.cwd(), 'src', 'worker', 'process.ts')

/** V8 collects garbage early, and the largest file that may be sent (128 MB) still fits. */
const HEAP_LIMIT = ['--max-old-space-size=384']

/** A worker process, for work that would keep everybody else waiting. */
export class Helper {
  private readonly child: ChildProcess
  private readonly waiting = new Map<number, Waiting>()
  private count = 0

  constructor() {
    const isBuilt = process.env.NODE_ENV === 'production' && existsSync(BUILT)
    this.child = fork(isBuilt ? BUILT : SOURCE, {
      execArgv: [...HEAP_LIMIT, ...(isBuilt ? [] : ['--import', 'tsx'])],
      serialization: 'advanced',
    })
    this.child.on('message', (message: WorkReply) => void this.handle(message))
    this.child.on('exit', () => {
      for (const number of [...this.waiting.keys()])
        this.settle(number)?.reject(new Stopped('the process beside has ended'))
    })
    // What cannot be sent to a process that has ended is answered by its end.
    this.child.on('error', () => {})
    const kill = () => void this.child.kill('SIGKILL')
    process.once('exit', kill)
    this.child.once('exit', () => process.off('exit', kill))
  }

  /** The number of requests that it has not answered yet. */
  get pending(): number {
    return this.waiting.size
  }

  get runs(): boolean {
    return this.child.exitCode === null && this.child.signalCode === null
  }

  /**
   * Asks for a work.
   * @throws WorkRefused, DataError, Stopped, or an error with SQLite's code, as the work itself would
   */
  ask<K extends Kind>(kind: K, ask: Works[K]['ask'], options: Options = {}): Promise<Works[K]['result']> {
    const number = ++this.count
    return new Promise((resolve, reject) => {
      if (!this.runs) return reject(new Stopped('the process beside has ended'))
      this.waiting.set(number, { resolve, reject, ...NO_PROGRESS, ...options })
      this.send({ number, kind, ask } as WorkRequest)
    })
  }

  /** Has it close the data, which it opens again for the next work. */
  async release(): Promise<void> {
    if (!this.runs) return
    const number = ++this.count
    const closed = new Promise<void>((resolve, reject) => {
      this.waiting.set(number, { resolve, reject, ...NO_PROGRESS })
      this.send({ number, kind: 'let go' })
    })
    const late = new Promise<void>((_, reject) => setTimeout(reject, RELEASE_MS).unref())
    await Promise.race([closed, late]).catch(() => this.end())
  }

  /** Ends it at once; a work that goes on has changed nothing. Resolves when it is gone, with its files closed. */
  async end(): Promise<void> {
    if (!this.runs) return
    const gone = once(this.child, 'exit')
    this.child.kill('SIGKILL')
    await gone
  }

  private send(request: WorkRequest): void {
    this.child.send(request, () => {})
  }

  private async handle(message: WorkReply): Promise<void> {
    const { number } = message
    switch (message.says) {
      case 'progress':
        return this.waiting.get(number)?.onProgress(message.progress)
      case 'wants to write': {
        const waiting = this.waiting.get(number)
        if (!waiting) return
        const release = await waiting.acquire()
        // It may have been stopped meanwhile.
        if (!this.waiting.has(number)) return release()
        waiting.release = release
        return this.send({ number, kind: 'go' })
      }
      case 'has written': {
        const waiting = this.waiting.get(number)
        waiting?.release()
        if (waiting) waiting.release = () => {}
        return
      }
      case 'done':
        return this.settle(number)?.resolve(message.result as never)
      case 'refused':
        return this.settle(number)?.reject(new WorkRefused(message.status, message.problems))
      case 'failed':
        return this.settle(number)?.reject(
          message.inWords
            ? new DataError(message.message)
            : Object.assign(new Error(message.message), message.code !== '' && { code: message.code }),
        )
    }
  }

  private settle(number: number): Waiting | undefined {
    const waiting = this.waiting.get(number)
    this.waiting.delete(number)
    waiting?.release()
    return waiting
  }
}
