import { allClubs } from '@/core/bag/bag'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { day } from '@/text/days'
import { count } from '@/text/numbers'
import type { RoundTableView } from '@/views/round-table'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'

type Result = RoundTableView & { taken: number | null }

/** A table of rounds on its way in: what it would bring, and which club each name of it means. */
export function BringIn({ golfer, bag }: { golfer: Golfer; bag: Bag }) {
  const { problems, send, submit } = useSubmit()
  const [text, setText] = useState('')
  const [clubs, setClubs] = useState<Record<string, string>>({})
  const [response, setResponse] = useState<Result | null>(null)
  const url = `/api/golfers/${golfer.id}/rounds/table`
  const form = (of: string, clubIds: Record<string, string>, take: boolean) => ({
    text: of,
    offsetMin: -new Date().getTimezoneOffset(),
    clubs: Object.fromEntries(Object.entries(clubIds).filter(([, club]) => club !== '')),
    take,
  })
  const look = async (of: string, clubIds: Record<string, string>) => {
    setText(of)
    setClubs(clubIds)
    if (of.trim() === '') return setResponse(null)
    const sent = await send<Result>('POST', url, form(of, clubIds, false))
    setResponse(sent.ok ? sent.value : null)
  }
  const take = async () => {
    if (await submit('POST', url, form(text, clubs, true))) {
      setText('')
      setResponse(null)
      setClubs({})
    }
  }
  const unknown = response?.clubs.filter(({ clubId }) => clubId === null) ?? []
  const shots = response?.clubs.reduce((sum, { shots: n, clubId }) => sum + (clubId === null ? 0 : n), 0) ?? 0
  return (
    <details className="bring-in">
      <summary>Bring in a table of rounds</summary>
      <div className="d-grid gap-2">
        <p className="quiet mb-0">
          A row for each shot: club, and what it has of date, place, left, after, carry, lie. As CSV, or
          pasted.
        </p>
        <Form.Control
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          aria-label="A table of rounds"
          onChange={async ({ target }) => {
            const file = (target as HTMLInputElement).files?.[0]
            if (file) await look(await file.text(), {})
          }}
        />
        <Form.Control
          as="textarea"
          rows={3}
          aria-label="Or paste it here"
          placeholder="or paste it here"
          value={text}
          onChange={({ target }) => void look(target.value, clubs)}
        />
        <Problems of={problems} />
        {response && (
          <>
            <ul className="mb-0">
              {response.rounds.map((round, i) => (
                <li key={i}>
                  {round.place ?? 'no place'},{' '}
                  {round.openedMs === null ? 'no date: taken as of now' : day(round.openedMs)},{' '}
                  {count(round.shots, 'shot')}
                </li>
              ))}
            </ul>
            {unknown.map(({ label, shots: n }) => (
              <Form.Group key={label} controlId={`round-club-${label}`}>
                <Form.Label>
                  <b>{label}</b>, {count(n, 'shot')}: which club is it?
                </Form.Label>
                <Form.Select
                  value={clubs[label] ?? ''}
                  onChange={({ target }) => void look(text, { ...clubs, [label]: target.value })}
                >
                  <option value="">none: left out</option>
                  {allClubs(bag).map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </Form.Select>
              </Form.Group>
            ))}
            {response.skipped.length > 0 && (
              <p className="quiet mb-0">
                Not taken:{' '}
                {response.skipped
                  .slice(0, 5)
                  .map(({ row, because }) => `row ${row}, ${because}`)
                  .join('; ')}
                {response.skipped.length > 5 && `, and ${response.skipped.length - 5} more`}.
              </p>
            )}
            <div>
              <Button onClick={take} disabled={shots === 0}>
                Take {count(shots, 'shot')}
              </Button>
            </div>
          </>
        )}
      </div>
    </details>
  )
}
