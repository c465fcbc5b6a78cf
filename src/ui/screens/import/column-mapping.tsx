import Form from 'react-bootstrap/Form'
import { FLIGHT, FLIGHT_FIELDS, type FlightFieldFacts, type FlightName } from '@/core/shots/flight-fields'
import { setColumn } from '@/browser-workers/table-columns'
import {
  KIND_OF,
  TABLE_FIELDS,
  UNITS_OF,
  type TableColumn,
  type ShotField,
  type TableUnit,
} from '@/browser-workers/table-columns'

export type ColumnState = TableColumn

const FIELD_NAME: Record<ShotField, string> = {
  club: 'club',
  swing: 'swing',
  ...(Object.fromEntries(
    FLIGHT_FIELDS.map((field) => {
      const facts: FlightFieldFacts = FLIGHT[field]
      return [facts.name, facts.long ?? facts.title]
    }),
  ) as Record<FlightName, string>),
  date: 'date, or date and time',
  time: 'time of day',
  session: 'session',
  id: 'identity of the shot',
  mark: 'mark',
  monitor: 'monitor',
}

const UNIT_WORD: Partial<Record<TableUnit, string>> = { dmy: 'day first', mdy: 'month first', in: 'inches' }

type Props = { columns: ColumnState[]; remembered: boolean; onChange: (columns: ColumnState[]) => void }

/** What each column holds and in which unit: proposed, and the golfer's to change. */
export function ColumnMapping({ columns, remembered, onChange }: Props) {
  return (
    <section className="sheet" aria-label="Columns">
      <h2>
        Columns{' '}
        {remembered && (
          <span className="quiet fw-normal">as you set them for the last file of this shape</span>
        )}
      </h2>
      <div className="columns">
        {columns.map((column, i) => {
          const units = column.field ? UNITS_OF[KIND_OF[column.field]] : []
          const title = column.title || `column ${i + 1}`
          return (
            <div key={i} className={column.field ? 'column' : 'column unused'}>
              <b title={title}>{title}</b>
              <span className="quiet samples">{column.samples.join(' · ') || 'empty'}</span>
              <Form.Select
                size="sm"
                aria-label={`What "${title}" is`}
                value={column.field ?? ''}
                onChange={({ target }) =>
                  onChange(setColumn(columns, i, (target.value || null) as ShotField | null, column.unit))
                }
              >
                <option value="">not used</option>
                {TABLE_FIELDS.map((field) => (
                  <option key={field} value={field}>
                    {FIELD_NAME[field]}
                  </option>
                ))}
              </Form.Select>
              {units.length > 1 && (
                <Form.Select
                  size="sm"
                  aria-label={`Unit of "${title}"`}
                  value={column.unit ?? ''}
                  onChange={({ target }) =>
                    onChange(setColumn(columns, i, column.field, target.value as TableUnit))
                  }
                >
                  {column.unit === null && <option value="">unchanged</option>}
                  {units.map((unit) => (
                    <option key={unit} value={unit}>
                      {UNIT_WORD[unit] ?? unit}
                    </option>
                  ))}
                </Form.Select>
              )}
              {column.guessed && <small className="guessed">unit guessed: look at it</small>}
            </div>
          )
        })}
      </div>
    </section>
  )
}
