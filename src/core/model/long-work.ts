import type { Problem } from './problem'

/** What is said of a work that takes a while: one after the other, `done`, `refused` or `stopped` last. */
export type WorkMessage<T> =
  | { says: 'started'; number: string }
  | { says: 'progress'; done: number; of: number }
  | { says: 'done'; result: T }
  | { says: 'refused'; status: number; problems: Problem[] }
  /** Nothing was changed. */
  | { says: 'stopped' }

/** From these sizes on a work is done by a process of its own: what is smaller is done before that one would have started. */
export const LONG_FROM = { fileBytes: 1 << 20, databaseBytes: 16 << 20, shots: 5000 } as const
