import Link from 'next/link'
import { useEffect, useState } from 'react'
import Form from 'react-bootstrap/Form'
import Table from 'react-bootstrap/Table'
import { BAD_VERDICTS } from '@/core/gaps/gap'
import { daysAgo, dayAndTime } from '@/text/days'
import { followUpWords, noticeWords } from '@/text/visits'
import type { DeskRow } from '@/views/desk-view'
import {
  FIRST_ORDER,
  keepOrder,
  keptOrder,
  ordered,
  type DeskFilter,
  type DeskOrder,
  type DeskSort,
} from './desk-order'

const HEADS: { sort: DeskSort; title: string; wide?: true }[] = [
  { sort: 'name', title: 'Golfer' },
  { sort: 'last', title: 'Last session' },
  { sort: 'settled', title: 'Gaps confirmed' },
  { sort: 'notices', title: 'To look at', wide: true },
  { sort: 'follow-up', title: 'Follow-up' },
]
const FILTER_NAME: Record<DeskFilter, string> = {
  all: 'everybody',
  hitting: 'who is hitting',
  due: 'follow-up due',
  open: 'something open',
}

/** Every golfer in a line: found by typing, filtered, and in the order of any column. */
export function GolfersAtAGlance({ rows, nowMs }: { rows: readonly DeskRow[]; nowMs: number }) {
  const [order, setOrderNow] = useState(FIRST_ORDER)
  // eslint-disable-next-line react-hooks/set-state-in-effect -- only the browser knows how it was left
  useEffect(() => setOrderNow(keptOrder()), [])
  const setOrder = (change: Partial<DeskOrder>) => {
    const next = { ...order, ...change }
    setOrderNow(next)
    keepOrder(next)
  }
  const shown = ordered(rows, order)
  return (
    <section className="sheet" aria-label="Golfers">
      <div className="sheet-head d-flex flex-wrap gap-2 align-items-center">
        <Form.Control
          type="search"
          className="find"
          aria-label="Find a golfer"
          placeholder="Find a golfer"
          value={order.find}
          onChange={({ target }) => setOrder({ find: target.value })}
        />
        <Form.Select
          className="w-auto"
          aria-label="Show"
          value={order.filter}
          onChange={({ target }) => setOrder({ filter: target.value as DeskFilter })}
        >
          {Object.entries(FILTER_NAME).map(([filter, name]) => (
            <option key={filter} value={filter}>
              {name}
            </option>
          ))}
        </Form.Select>
      </div>
      <Table className="mb-0">
        <thead>
          <tr>
            {HEADS.map(({ sort, title, wide }) => (
              <th
                key={sort}
                scope="col"
                className={wide ? 'wide-only' : ''}
                aria-sort={order.sort === sort ? (sort === 'name' ? 'ascending' : 'descending') : 'none'}
              >
                <button type="button" className="sorts" onClick={() => setOrder({ sort })}>
                  {title}
                  <span aria-hidden> {order.sort === sort ? '▾' : ''}</span>
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {shown.map((row) => (
            <GolferRow key={row.golfer.id} row={row} nowMs={nowMs} />
          ))}
          {shown.length === 0 && (
            <tr>
              <td colSpan={HEADS.length} className="quiet">
                {rows.length === 0
                  ? 'No golfer yet: “New golfer” has the first one hitting within a minute.'
                  : 'No golfer found: type less of the name, or show all.'}
              </td>
            </tr>
          )}
        </tbody>
      </Table>
    </section>
  )
}

/** Where what is to be looked at first is seen. */
function whereOf([first]: DeskRow['notices']): string {
  if (first?.kind === 'held') return 'bay'
  return first && BAD_VERDICTS.some((kind) => kind === first.kind) ? 'gaps' : 'stock'
}

function GolferRow({ row, nowMs }: { row: DeskRow; nowMs: number }) {
  const { golfer, bag, last, isHitting, settled, notices: notices, followUp, receives, next } = row
  const home = `/golfers/${golfer.id}`
  return (
    <tr>
      <th scope="row">
        <Link href={`${home}/${isHitting || !last ? 'bay' : 'gaps'}`}>{golfer.name}</Link>
        <span className="quiet d-block">
          {[
            golfer.hand === 'left' && 'left-handed',
            bag ?? 'no bag yet',
            isHitting && (receives.length > 0 ? 'hitting, receives' : 'hitting'),
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
      </th>
      <td>
        {last ? (
          <Link href={`${home}/sessions/${encodeURIComponent(last.id)}`}>
            {dayAndTime(last.startedMs, last.offsetMin)}
          </Link>
        ) : (
          <span className="quiet">never</span>
        )}
        {last && (
          <span className="quiet d-block">
            {last.shots} shots, {daysAgo(last.startedMs, nowMs)}
          </span>
        )}
      </td>
      <td className="num">
        {settled.of > 0 ? (
          <>
            {settled.settled} of {settled.of}
          </>
        ) : (
          <span className="quiet">–</span>
        )}
      </td>
      <td className="wide-only">
        {notices.length > 0 ? (
          <Link href={`${home}/${whereOf(notices)}`}>{notices.map(noticeWords).join(', ')}</Link>
        ) : (
          <span className="quiet">nothing</span>
        )}
      </td>
      <td>
        {followUp ? (
          <Link
            href={`${home}/visits/${encodeURIComponent(followUp.visit.id)}`}
            className={followUp.state.kind === 'due' ? 'fw-bold' : ''}
          >
            {followUpWords(followUp.state)}
          </Link>
        ) : next ? (
          <Link href={`${home}/visits/${encodeURIComponent(next.id)}`}>
            comes {dayAndTime(next.atMs, next.offsetMin)}
          </Link>
        ) : (
          <span className="quiet">none</span>
        )}
      </td>
    </tr>
  )
}
