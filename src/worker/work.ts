import type { GolferId } from '@/core/model/ids'
import type { Problem } from '@/core/model/problem'
import type { ImportForm } from '@/formats/import-form'
import type { BackupContents } from '@/store/backup'
import type { Writes } from '@/store/golfer-mark'
import type { Export } from '@/views/export-file'
import type { ViewAsk } from './page-views'

/** How far a work has come. */
export type Progress = { done: number; of: number }

/** What is done beside the thread that answers: what is asked, and what comes of it. */
export type Works = {
  /** The view of a page. */
  view: { ask: ViewAsk & { writes: Writes }; result: unknown }
  /** A file's shots into the store, all or none. */
  import: {
    ask: { golferId: GolferId; path: string; form: ImportForm; nowMs: number }
    result: { importId: string; taken: number; known: number; held: number; conflicts: number }
  }
  /** Which rows of a file are on file already. */
  known: { ask: { golferId: GolferId; path: string; form: ImportForm }; result: { known: number[] } }
  /** A golfer's file, written to a path; false where the golfer has no bag yet. */
  export: { ask: { golferId: GolferId; what: Export; path: string; nowMs: number }; result: boolean }
  /** All data, written to a path. */
  backup: { ask: { path: string }; result: null }
  /** A backup, looked through from end to end. */
  check: { ask: { path: string }; result: BackupContents }
  /** The reports of several golfers in one PDF, written to a path. */
  reports: {
    ask: { kind: string; golferIds: GolferId[]; madeMs: number; path: string }
    result: { file: string }
  }
  /** A golfer from a file. */
  restore: { ask: { path: string }; result: { id: GolferId } }
}
export type Kind = keyof Works

/** What a work may do while it goes on. */
export type WorkContext = {
  onProgress: (progress: Progress) => void
  /** Writes while nobody else writes. */
  write: <T>(work: () => T) => Promise<T>
}

/** A work that cannot be done, with what to mend. */
export class WorkRefused extends Error {
  constructor(
    readonly status: number,
    readonly problems: Problem[],
  ) {
    super(problems.map(({ sentence }) => sentence).join(' '))
  }
}

export const refuseWork = (status: number, field: string, sentence: string): never => {
  throw new WorkRefused(status, [{ field, sentence }])
}
