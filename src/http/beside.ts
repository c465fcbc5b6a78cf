import { randomUUID } from 'node:crypto'
import { Helper, Stopped } from '@/beside/helper'
import { WorkRefused, type Kind, type Progress, type Works } from '@/beside/work'
import { WORKS } from '@/beside/works'
import { theDatabase } from '@/store/database'
import { Refusal } from './route'
import { holdWriters } from './writers'

type Held = { reader: Helper | null; long: Map<string, Helper> }
const state = globalThis as { bancoBeside?: Held }
const held = (state.bancoBeside ??= { reader: null, long: new Map() })

/** The process that reads what open pages ask for again and again, started by whoever asks first. */
function reader(): Helper {
  if (!held.reader?.runs) held.reader = new Helper()
  return held.reader
}

/**
 * Reads something beside the thread that answers, if the process for it is there already: the first ones are read here
 * while it starts.
 */
export async function readBeside<K extends 'bay'>(
  kind: K,
  ask: Works[K]['ask'],
): Promise<Works[K]['answer']> {
  const helper = reader()
  if (helper.ready) {
    try {
      return await helper.ask(kind, ask)
    } catch (error) {
      if (!(error instanceof Stopped)) throw error
    }
  }
  return shortly(kind, ask)
}

/** Has the process for an open Bay start, and read it once, before its first shot is hit. */
export function openBeside(ask: Works['bay']['ask']): void {
  reader()
    .ask('bay', ask)
    .catch(() => {})
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
  try {
    if (!isLong) return await shortly(kind, ask)
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
  } catch (error) {
    if (error instanceof WorkRefused) throw new Refusal(error.status, error.problems)
    throw error
  }
}

/** Does a work here, on the thread that answers. */
async function shortly<K extends Kind>(kind: K, ask: Works[K]['ask']): Promise<Works[K]['answer']> {
  let letGo = () => {}
  try {
    return await WORKS[kind](theDatabase, ask, {
      tell: () => {},
      writersTurn: async () => void (letGo = await holdWriters()),
    })
  } finally {
    letGo()
  }
}

/** Stops a long work. False where there is none of this number: it has ended. */
export async function stopWork(number: string): Promise<boolean> {
  const helper = held.long.get(number)
  await helper?.end()
  return helper !== undefined
}

/** Nobody beside has the data open when this resolves: they are about to be replaced. */
export const letGoBeside = async (): Promise<void> => {
  await Promise.all([held.reader?.letGo(), ...Array.from(held.long.values(), (helper) => helper.end())])
}

/** Ends every process beside this one. */
export const endBeside = async (): Promise<void> => {
  await Promise.all([held.reader, ...held.long.values()].map((helper) => helper?.end()))
}
