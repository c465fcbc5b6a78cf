import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Table from 'react-bootstrap/Table'
import type { Golfer } from '@/core/model/golfer'
import { count, len } from '@/text/numbers'
import type { Read } from './use-table'

type Props = { golfer: Golfer; read: Read; known: ReadonlySet<number>; titles: string[] }
type Kind = 'taken' | 'held' | 'repeated' | 'skipped'

const REASON: Record<string, string> = {
  title: 'above the titles',
  header: 'titles',
  units: 'units',
  blank: 'blank',
  summary: 'sums up others',
  'club-heading': 'names a club',
  'no-number': 'no number',
  'no-carry': 'no carry',
  'implausible-carry': 'no golf shot carries that',
  'no-club': 'no club',
  'same-row': 'the same row again',
  'kept-apart': 'kept apart when it was hit',
}
const KIND: Record<Kind, string> = {
  taken: 'taken',
  held: 'held',
  repeated: 'repeated',
  skipped: 'not shots',
}

/** What becomes of each row, before anything is saved. */
export function RowPreview({ golfer, read, known, titles }: Props) {
  const kinds = (Object.keys(KIND) as Kind[]).filter((kind) => read.counts[kind] > 0)
  const [chosen, setChosen] = useState<Kind>('taken')
  const kind = kinds.includes(chosen) ? chosen : (kinds[0] ?? 'taken')
  const rows = read.shown.filter(({ status }) => status === kind)
  return (
    <section className="sheet" aria-label="Rows">
      <div
        className="sheet-head d-flex flex-wrap gap-2 align-items-center"
        role="group"
        aria-label="Which rows"
      >
        {kinds.map((each) => (
          <Button
            key={each}
            size="sm"
            variant={each === kind ? 'primary' : 'outline'}
            aria-pressed={each === kind}
            onClick={() => setChosen(each)}
          >
            {read.counts[each]} {KIND[each]}
          </Button>
        ))}
        {rows.length < read.counts[kind] && <span className="quiet">the first {rows.length} are shown</span>}
      </div>
      <div className="rows" tabIndex={0} role="group" aria-label="Rows of the file">
        <Table size="sm">
          <thead>
            <tr>
              <th scope="col">Row</th>
              <th scope="col">Becomes</th>
              <th scope="col">Carry, {golfer.lengthUnit}</th>
              {titles.slice(0, 12).map((title, i) => (
                <th key={i} scope="col">
                  {title || i + 1}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ row, status, because, carryM, cells }) => (
              <tr key={row}>
                <th scope="row" className="num">
                  {row}
                </th>
                <td>
                  {known.has(row) ? 'on file already' : KIND[status]}
                  {because && <span className="quiet">: {REASON[because]}</span>}
                </td>
                <td className="num">{carryM === null ? '' : len(carryM, golfer, 1)}</td>
                {cells.map((cell, i) => (
                  <td key={i} className="quiet">
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
        {rows.length === 0 && <p className="quiet p-3 mb-0">{count(0, 'row')}.</p>}
      </div>
    </section>
  )
}
