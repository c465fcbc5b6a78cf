import { randomUUID } from 'node:crypto'
import { Helper, Stopped } from '@/worker/helper'
import type { ViewArgs, ViewName, ViewOf } from '@/worker/page-views'
import { WorkRefused, type Kind, type Progress, type Works } from '@/worker/work'
import { WORKS } from '@/worker/works'
import { theDatabase } from '@/store/database'
import { writesOf } from '@/store/golfer-mark'
import { Refusal } from './route'
import { acquireWriters } from './writers'

type State = {
  readers: Record<ReaderPool, Helper[]>
  /** Long works by their numbers. */
  long: Map<string, Helper>
  /** The last import; resolves when it has ended. */
  lastImport: Promise<unknown>
  /** Set while the data are being replaced; resolves when they have been. */
  closed: Promise<void> | null
  isEnding: boolean
}
const global = globalThis as { bancoWorkers?: State }
const state = (global.bancoWorkers ??= {
  readers: { sessions: [], pages: [] },
  long: new Map(),
  lastImport: Promise.resolve(),
  closed: null,
  isEnding: false,
})

/** Open sessions have a process of their own: a live shot never waits for a page. */
const MOST_READERS = { sessions: 1, pages: 2 }
type ReaderPool = keyof typeof MOST_READERS

/** The reading process with the fewest requests; a new one where all are busy and another is allowed. */
function leastBusy(pool: ReaderPool): Helper {
  const running = state.readers[pool].filter(({ runs }) => runs)
  state.readers[pool] = running
  const [first] = running.toSorted((a, b) => a.pending - b.pending)
  if (first && (first.pending === 0 || running.length >= MOST_READERS[pool])) return first
  const fresh = new Helper()
  running.push(fresh)
  return fresh
}

/** The view of a page, computed in another process. */
export async function loadView<V extends ViewName>(view: V, ...args: ViewArgs<V>): Promise<ViewOf<V>> {
  const load = async () => {
    await state.closed
    const helper = leastBusy(view === 'bayJson' ? 'sessions' : 'pages')
    return (await helper.ask('view', { view, args, writes: writesOf(theDatabase()) })) as ViewOf<V>
  }
  try {
    return await load()
  } catch (error) {
    // The process ended: a new one tries once more, unless the server itself ends.
    if (error instanceof Stopped && !state.isEnding) return load()
    throw error
  }
}

/** How a long work is told of, and stopped. */
type LongWork = { onProgress: (progress: Progress) => void; number: string; signal: AbortSignal }

/**
 * Does a work: a long one in a process of its own, a short one here.
 * @throws Refusal, Stopped
 */
export async function doWork<K extends Kind>(
  kind: K,
  ask: Works[K]['ask'],
  { isLong, onProgress = () => {}, number = randomUUID(), signal }: { isLong: boolean } & Partial<LongWork>,
): Promise<Works[K]['result']> {
  const work = async () => {
    if (!isLong) return WORKS[kind](theDatabase, ask, { onProgress: () => {}, write: whileOthersWait })
    const helper = new Helper()
    state.long.set(number, helper)
    const end = () => void helper.end()
    signal?.addEventListener('abort', end)
    if (signal?.aborted) end()
    try {
      return await helper.ask(kind, ask, { onProgress, acquire: acquireWriters })
    } finally {
      signal?.removeEventListener('abort', end)
      state.long.delete(number)
      end()
    }
  }
  try {
    return await (kind === 'import' ? afterOtherImports(work) : work())
  } catch (error) {
    if (error instanceof WorkRefused) throw new Refusal(error.status, error.problems)
    throw error
  }
}

/** Imports run one after another: each first removes what an earlier one left when it was stopped. */
function afterOtherImports<T>(work: () => Promise<T>): Promise<T> {
  const running = state.lastImport.then(work)
  state.lastImport = running.catch(() => {})
  return running
}

/** Writes while nobody else writes. */
async function whileOthersWait<T>(write: () => T): Promise<T> {
  const release = await acquireWriters()
  try {
    return write()
  } finally {
    release()
  }
}

/** Stops a long work. False where there is none of this number: it has ended. */
export async function stopWork(number: string): Promise<boolean> {
  const helper = state.long.get(number)
  await helper?.end()
  return helper !== undefined
}

const allReaders = (): Helper[] => Object.values(state.readers).flat()

/** Replaces the data while no other process has them open. Pages that are requested meanwhile wait. */
export async function replaceData<T>(replace: () => T): Promise<T> {
  let reopen = () => {}
  state.closed = new Promise((resolve) => (reopen = resolve))
  try {
    const closing = allReaders().map((helper) => helper.release())
    await Promise.all([...closing, ...Array.from(state.long.values(), (helper) => helper.end())])
    return replace()
  } finally {
    state.closed = null
    reopen()
  }
}

/** Ends every worker process. */
export const endWorkers = async (): Promise<void> => {
  state.isEnding = true
  await Promise.all([...allReaders(), ...state.long.values()].map((helper) => helper.end()))
}
