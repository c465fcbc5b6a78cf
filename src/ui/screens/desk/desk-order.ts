import type { DeskRow } from '@/views/desk-view'

/** How a coach looks at the golfers of the desk: found by typing, filtered, in an order. */
const DESK_SORTS = ['name', 'last', 'settled', 'notices', 'follow-up'] as const
export type DeskSort = (typeof DESK_SORTS)[number]
const DESK_FILTERS = ['all', 'hitting', 'due', 'open'] as const
export type DeskFilter = (typeof DESK_FILTERS)[number]
export type DeskOrder = { find: string; sort: DeskSort; filter: DeskFilter }
export const FIRST_ORDER: DeskOrder = { find: '', sort: 'last', filter: 'all' }

const notices = ({ notices: notices }: DeskRow) => notices.reduce((sum, { count }) => sum + count, 0)
const isDue = ({ followUp }: DeskRow) => followUp?.state.kind === 'due'
/** The share of what was hit that is not settled; nobody's bag is the least settled. */
const unsettled = ({ settled: { settled, of } }: DeskRow) => (of === 0 ? 2 : 1 - settled / of)
/** The one that is due longest first. */
const dueness = ({ followUp }: DeskRow): number => {
  if (!followUp) return -1e6
  const { state } = followUp
  return state.kind === 'due'
    ? 1e3 + (state.sinceDays ?? 0)
    : state.kind === 'in-days'
      ? -state.days
      : -7 * state.rounds
}

const BY: Record<DeskSort, (a: DeskRow, b: DeskRow) => number> = {
  name: () => 0,
  last: (a, b) => (b.last?.startedMs ?? 0) - (a.last?.startedMs ?? 0),
  settled: (a, b) => unsettled(b) - unsettled(a),
  notices: (a, b) => notices(b) - notices(a),
  'follow-up': (a, b) => dueness(b) - dueness(a),
}
const KEEPS: Record<DeskFilter, (row: DeskRow) => boolean> = {
  all: () => true,
  hitting: ({ isHitting }) => isHitting,
  due: isDue,
  open: (row) => notices(row) > 0 || row.settled.settled < row.settled.of,
}

/** Letters as they are compared: without their case and accents. */
const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

/** The rows that are looked for, in their order; those of equal rank by name. */
export const ordered = (rows: readonly DeskRow[], { find, sort, filter }: DeskOrder): DeskRow[] =>
  rows
    .filter((row) => plain(row.golfer.name).includes(plain(find.trim())) && KEEPS[filter](row))
    .toSorted((a, b) => BY[sort](a, b) || a.golfer.name.localeCompare(b.golfer.name, 'en'))

const KEPT = 'banco-desk'

/** The desk opens as it was left in this browser. */
export function keptOrder(): DeskOrder {
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Partial<DeskOrder>
    return {
      find: typeof kept.find === 'string' ? kept.find : '',
      sort: DESK_SORTS.find((each) => each === kept.sort) ?? FIRST_ORDER.sort,
      filter: DESK_FILTERS.find((each) => each === kept.filter) ?? FIRST_ORDER.filter,
    }
  } catch {
    return FIRST_ORDER
  }
}
export function keepOrder(order: DeskOrder): void {
  try {
    localStorage.setItem(KEPT, JSON.stringify(order))
  } catch {
    // A browser that keeps nothing shows everybody.
  }
}
