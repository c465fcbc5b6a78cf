import { DAY_MS } from '@/core/units'
import type { FileShot } from '@/core/session/shot-record'
import type { TableRow } from './read-table'

/** The shots of a table that go into the store, with the visit that each belongs to: rows of one session and day. */
export function* fileShots(rows: Iterable<TableRow>, offsetMin: number): Generator<FileShot> {
  for (const { status, shot } of rows) {
    if (!shot || (status !== 'taken' && status !== 'held')) continue
    // A session of Banco's own is known by its name; another program's names are its own affair.
    if (shot.startedMs !== undefined) {
      yield shot
      continue
    }
    const day = shot.hitMs === undefined ? '' : Math.floor((shot.hitMs + offsetMin * 60_000) / DAY_MS)
    const { session, ...rest } = shot
    yield { ...rest, visit: `${session ?? ''} ${day}` }
  }
}
