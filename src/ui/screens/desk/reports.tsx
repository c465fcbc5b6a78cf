'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/golfer'
import { count } from '@/text/numbers'
import { PageHead } from '../../shared/shell/page-head'

type Props = { golfers: (Pick<Golfer, 'id' | 'name'> & { shots: number })[] }

/** The reports of several golfers in one file, each from a page of its own on. */
export function Reports({ golfers }: Props) {
  const [chosen, setChosen] = useState<ReadonlySet<Golfer['id']>>(new Set())
  const hit = golfers.filter(({ shots }) => shots > 0).map(({ id }) => id)
  const asked = golfers.filter(({ id }) => chosen.has(id))
  const pdf = (kind: string) =>
    `/api/desk/reports?${new URLSearchParams([['kind', kind], ...asked.map(({ id }) => ['golfer', id] as [string, string])])}`
  return (
    <>
      <PageHead
        title={asked.length === 0 ? 'Choose whose reports' : count(asked.length, 'report')}
        lede="One file, every golfer from a page of their own on, each with your words of the visit that is on or was last."
      >
        {asked.length > 0 && (
          <>
            <a className="btn btn-outline" href={pdf('report-letter')} target="_blank" rel="noreferrer">
              Letter
            </a>
            <a className="btn btn-primary" href={pdf('report')} target="_blank" rel="noreferrer">
              As one PDF, A4
            </a>
          </>
        )}
      </PageHead>
      <section className="sheet p-3 d-grid gap-2" aria-label="Whose reports">
        {hit.length > 1 && (
          <Form.Check
            id="report-all"
            label={<b>All {hit.length} with shots</b>}
            checked={hit.every((id) => chosen.has(id))}
            onChange={({ target }) => setChosen(new Set(target.checked ? hit : []))}
          />
        )}
        {golfers.map(({ id, name, shots }) => (
          <Form.Check
            key={id}
            id={`report-${id}`}
            label={
              <>
                {name} <span className="quiet">{shots === 0 ? 'nothing hit yet' : count(shots, 'shot')}</span>
              </>
            }
            checked={chosen.has(id)}
            onChange={({ target }) => {
              const next = new Set(chosen)
              if (target.checked) next.add(id)
              else next.delete(id)
              setChosen(next)
            }}
          />
        ))}
        {golfers.length === 0 && (
          <p className="quiet mb-0">Nobody has a bag yet: a report begins with one.</p>
        )}
      </section>
    </>
  )
}
