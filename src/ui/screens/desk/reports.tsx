'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import { count } from '@/text/numbers'
import { Problems } from '../../shared/shell/problems'
import { Working } from '../../shared/form/working'
import { sendWork } from '../../shared/send'
import { PageHead } from '../../shared/shell/page-head'
import { useSubmit } from '../../shared/use-submit'
import { useWork } from '../../shared/use-work'

type Props = { golfers: (Pick<Golfer, 'id' | 'name'> & { shots: number })[] }

const REPORTS = '/api/desk/reports'

/** The reports of several golfers in one file, each from a page of its own on. */
export function Reports({ golfers }: Props) {
  const [chosen, setChosen] = useState<ReadonlySet<Golfer['id']>>(new Set())
  const { progress: making, stop, run } = useWork()
  const [file, setFile] = useState<string | null>(null)
  const { problems, setProblems } = useSubmit()
  const hit = golfers.filter(({ shots }) => shots > 0).map(({ id }) => id)
  const golferIds = golfers.filter(({ id }) => chosen.has(id)).map(({ id }) => id)
  const choose = (ids: ReadonlySet<Golfer['id']>) => {
    setChosen(ids)
    setFile(null)
  }
  const make = async (kind: string) => {
    setFile(null)
    setProblems([])
    const made = await run(golferIds.length, (following) =>
      sendWork<{ file: string }>(REPORTS, { kind, golfers: golferIds }, following),
    )
    if (made?.ok) setFile(made.value.file)
    else if (made) setProblems(made.problems)
  }
  return (
    <>
      <PageHead
        title={golferIds.length === 0 ? 'Choose whose reports' : count(golferIds.length, 'report')}
        lede="One file, every golfer from a page of their own on, each with your words of the visit that is on or was last."
      >
        {golferIds.length > 0 && !making && !file && (
          <>
            <Button variant="outline" onClick={() => void make('report-letter')}>
              Letter
            </Button>
            <Button onClick={() => void make('report')}>As one PDF, A4</Button>
          </>
        )}
        {file && (
          <a
            // The pressed button is gone, and the focus with it.
            ref={(link) => link?.focus()}
            className="btn btn-primary"
            href={`${REPORTS}?file=${file}`}
            target="_blank"
            rel="noreferrer"
            onClick={() => setFile(null)}
          >
            Open the PDF
          </a>
        )}
      </PageHead>
      <Problems of={problems} />
      {making && (
        <Working
          activity="Making the reports"
          what="reports"
          {...making}
          onStop={stop && (() => void stop())}
        />
      )}
      <section className="sheet p-3 d-grid gap-2" aria-label="Whose reports">
        {hit.length > 1 && (
          <Form.Check
            id="report-all"
            label={<b>All {hit.length} with shots</b>}
            checked={hit.every((id) => chosen.has(id))}
            onChange={({ target }) => choose(new Set(target.checked ? hit : []))}
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
              choose(next)
            }}
          />
        ))}
        {golfers.length === 0 && <p className="quiet mb-0">Choose a bag first.</p>}
      </section>
    </>
  )
}
