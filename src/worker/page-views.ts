import type { Golfer } from '@/core/model/golfer'
import { isOfDay, paperPdf, type Paper } from '@/paper/papers'
import { knownLabels } from '@/store/club-labels'
import type { Database } from '@/store/database'
import { bagAsItWas } from '@/views/bag-as-it-was'
import { ballsView } from '@/views/balls-view'
import { bayJson, bayStartView } from '@/views/bay-view'
import { compareView } from '@/views/compare-view'
import { courseView } from '@/views/course-view'
import { deskView } from '@/views/desk-view'
import { gapsView } from '@/views/gaps-view'
import { historyView } from '@/views/history-view'
import { logView } from '@/views/log-view'
import { monitorsView } from '@/views/monitors-view'
import { numberView } from '@/views/number-view'
import { cardView, paperInput } from '@/views/paper-view'
import { practiceView } from '@/views/practice-view'
import { refitView } from '@/views/refit-view'
import { roundsView } from '@/views/rounds-view'
import { sessionView } from '@/views/session-view'
import { stockView } from '@/views/stock-view'
import { offlineCardView } from '@/views/offline-card-view'
import { visitView } from '@/views/visit-view'
import { wedgesView } from '@/views/wedges-view'

/** A paper as a PDF; null before the first bag. */
async function paperFile(
  db: Database,
  golfer: Golfer,
  kind: Paper,
  { madeMs, visitId }: { madeMs: number; visitId: string | null },
): Promise<Uint8Array<ArrayBuffer> | null> {
  const input = paperInput(db, golfer, { ofDay: isOfDay(kind), madeMs, visitId })
  return input && new Uint8Array(await paperPdf(kind, input))
}

/** The views of pages that are computed from shots, by name. */
export const PAGE_VIEWS = {
  bagAsItWas,
  ballsView,
  bayJson,
  bayStartView,
  cardView,
  compareView,
  courseView,
  deskView,
  gapsView,
  historyView,
  knownLabels,
  logView,
  monitorsView,
  numberView,
  paperFile,
  practiceView,
  refitView,
  roundsView,
  sessionView,
  stockView,
  offlineCardView,
  visitView,
  wedgesView,
}

export type ViewName = keyof typeof PAGE_VIEWS
export type ViewArgs<V extends ViewName> = (typeof PAGE_VIEWS)[V] extends (
  db: Database,
  ...args: infer A
) => unknown
  ? A
  : never
export type ViewOf<V extends ViewName> = Awaited<ReturnType<(typeof PAGE_VIEWS)[V]>>
export type ViewAsk = { view: ViewName; args: readonly unknown[] }

/** Computes a view. */
export const pageView = (db: Database, { view, args }: ViewAsk): unknown =>
  (PAGE_VIEWS[view] as (db: Database, ...args: readonly unknown[]) => unknown)(db, ...args)
