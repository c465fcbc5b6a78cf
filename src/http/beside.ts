import { randomUUID } from 'node:crypto'
import { Helper, Stopped } from '@/beside/helper'
import type { ViewArgs, ViewName, ViewOf } from '@/beside/page-views'
import { WorkRefused, type Kind, type Progress, type Works } from '@/beside/work'
import { WORKS } from '@/beside/works'
import { theDatabase } from '@/store/database'
import { writesTo } from '@/store/golfer-mark'
import { Refusal } from './route'
import { holdWriters } from './writers'

type Held = {
  readers: Record<Reading, Helper[]>
  long: Map<string, Helper>
  importing: Promise<unknown>
  isEnding: boolean
}
const state = globalThis as { bancoBeside?: Held }
const held = (state.bancoBeside ??= {
  readers: { sessions: [], pages: [] },
  long: new Map(),
  importing: Promise.resolve(),
  isEnding: false,
})

/** Open sessions are read by a process of their own: whoever hits does not wait for a page of somebody else. */
const MOST_READERS = { sessions: 1, pages: 2 }
type Reading = keyof typeof MOST_READERS

/** A process that reads: one that has nothing to do, a new one while there may be more, or the one with least to do. */
function reader(reading: Reading): Helper {
  const readers = held.readers[reading].filter(({ runs }) => runs)
  held.readers[reading] = readers
  const [first, ...others] = readers.toSorted((a, b) => a.toDo - b.toDo)
  if (first && (first.toDo === 0 || others.length + 1 >= MOST_READERS[reading])) return first
  const fresh = new Helper()
  readers.push(fresh)
  return fresh
}

/** What a page shows, worked out beside the thread that answers. */
export async function viewBeside<V extends ViewName>(view: V, ...args: ViewArgs<V>): Promise<ViewOf<V>> {
  const ask = async () => {
    const helper = reader(view === 'bayJson' ? 'sessions' : 'pages')
    return (await helper.ask('view', { view, args, writes: writesTo(theDatabase()) })) as ViewOf<V>
  }
  try {
    return await ask()
  } catch (error) {
    // It was ended since the data were replaced, or by the system: another one reads them anew.
    if (error instanceof Stopped && !held.isEnding) return ask()
    throw error
  }
}

/** How a long work is told of, and stopped. */
export type LongWork = { tell: (progress: Progress) => void; number: string; signal: AbortSignal }

/**
 * Does a work: a long one in a process of its own, a short one here.
 * @throws Refusal, Stopped
 */
export async function doWork<K extends Kind>(
  kind: K,
  ask: Works[K]['ask'],
  { isLong, tell = () => {}, number = randomUUID(), signal }: { isLong: boolean } & Partial<LongWork>,
): Promise<Works[K]['answer']> {
  const work = async () => {
    if (!isLong) return shortly(kind, ask)
    const helper = new Helper()
    held.long.set(number, helper)
    const end = () => void helper.end()
    signal?.addEventListener('abort', end)
    if (signal?.aborted) end()
    try {
      return await helper.ask(kind, ask, { tell, hold: holdWriters })
    } finally {
      signal?.removeEventListener('abort', end)
      held.long.delete(number)
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

/** One file after the other is brought in: each removes first what was broken off before it. */
function afterOtherImports<T>(work: () => Promise<T>): Promise<T> {
  const turn = held.importing.then(work)
  held.importing = turn.catch(() => {})
  return turn
}

/** Does a work here, on the thread that answers. */
async function shortly<K extends Kind>(kind: K, ask: Works[K]['ask']): Promise<Works[K]['answer']> {
  return WORKS[kind](theDatabase, ask, {
    tell: () => {},
    write: async (work) => {
      const letGo = await holdWriters()
      try {
        return work()
      } finally {
        letGo()
      }
    },
  })
}

/** Stops a long work. False where there is none of this number: it has ended. */
export async function stopWork(number: string): Promise<boolean> {
  const helper = held.long.get(number)
  await helper?.end()
  return helper !== undefined
}

const readers = (): Helper[] => Object.values(held.readers).flat()

/** Nobody beside has the data open when this resolves: they are about to be replaced. */
export const letGoBeside = async (): Promise<void> => {
  const letGo = readers().map((helper) => helper.letGo())
  await Promise.all([...letGo, ...Array.from(held.long.values(), (helper) => helper.end())])
}

/** Ends every process beside this one. */
export const endBeside = async (): Promise<void> => {
  held.isEnding = true
  await Promise.all([...readers(), ...held.long.values()].map((helper) => helper.end()))
}
