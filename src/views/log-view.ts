import type { Golfer } from '@/core/model/golfer'
import type { SessionSummary } from '@/core/model/session'
import type { Database } from '@/store/database'
import { historyOf, sessionsOf, waitingSessions } from '@/store/sessions'
import { importsOf, type FileImport } from '@/store/shot-files'

export type LogView = {
  golfer: Golfer
  /** A page of them, newest first, after so many newer ones. */
  sessions: SessionSummary[]
  after: number
  aPage: number
  all: { sessions: number; shots: number }
  waiting: SessionSummary[]
  files: FileImport[]
}

const A_PAGE = 50

/** One page of the golfer's sessions, waiting shots and imported files. */
export const logView = (db: Database, golfer: Golfer, after: number): LogView => ({
  golfer,
  sessions: sessionsOf(db, golfer.id, { most: A_PAGE, after }),
  after,
  aPage: A_PAGE,
  all: historyOf(db, golfer.id),
  waiting: waitingSessions(db),
  files: importsOf(db, golfer.id),
})
