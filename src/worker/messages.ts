import type { Problem } from '@/core/model/problem'
import type { Kind, Progress, Works } from './work'

/** What is sent to the worker process: a work, that nobody else writes now, or that it is to let the data go. */
export type WorkRequest =
  | { [K in Kind]: { number: number; kind: K; ask: Works[K]['ask'] } }[Kind]
  | { number: number; kind: 'go' }
  | { number: number; kind: 'let go' }

/** What it sends back. */
export type WorkReply = { number: number } & (
  | { says: 'progress'; progress: Progress }
  | { says: 'wants to write' }
  | { says: 'has written' }
  | { says: 'done'; result: unknown }
  | { says: 'refused'; status: number; problems: Problem[] }
  /** With SQLite's code where it is a matter of the data; in words where they cannot be used at all. */
  | { says: 'failed'; message: string; code: string; inWords: boolean }
)
