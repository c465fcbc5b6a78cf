import type { Problem } from './problem'

/** What is said of a work that takes a while: one after the other, `done`, `refused` or `stopped` last. */
export type LongAnswer<T> =
  | { says: 'started'; number: string }
  | { says: 'progress'; done: number; of: number }
  | { says: 'done'; answer: T }
  | { says: 'refused'; status: number; problems: Problem[] }
  /** Nothing was changed. */
  | { says: 'stopped' }
