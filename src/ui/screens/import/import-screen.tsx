'use client'

import { allClubs } from '@/core/bag/bag'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { LONG_FROM } from '@/core/model/long-work'
import type { ClubId } from '@/core/model/ids'
import { clubForLabel } from '@/core/shots/club-for-label'
import type { Problem } from '@/core/model/problem'
import { count } from '@/text/numbers'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { ClubMapping } from './club-mapping'
import { ColumnMapping, type ColumnState } from './column-mapping'
import { RowPreview } from './row-preview'
import { Working } from '../../shared/form/working'
import { WhichMonitor, type OfMonitor } from './which-monitor'
import { useImport, type Taken } from './use-import'
import { useTable } from './use-table'
import styles from './import.module.css'

type Props = {
  golfer: Golfer
  bag: Bag
  /** What the golfer's labels were mapped to, in lower case. */
  mapped: Record<string, ClubId | null>
  /** What the columns of files of known shapes hold. */
  shapes: Record<string, ColumnState[]>
}
type Source = { name: string; blob: Blob }

/** A table of shots on its way in: what its columns hold, which clubs it names, and what becomes of each row. */
export function ImportScreen({ golfer, bag, mapped, shapes }: Props) {
  const router = useRouter()
  const table = useTable()
  const { taking, stop, known: askKnown, take: takeIn } = useImport(golfer.id)
  const chooser = useRef<HTMLInputElement>(null)
  const [source, setSource] = useState<Source | null>(null)
  const [columns, setColumns] = useState<ColumnState[] | null>(null)
  const [clubs, setClubs] = useState<Record<string, string>>({})
  const [known, setKnown] = useState<ReadonlySet<number>>(new Set())
  const [problems, setProblems] = useState<Problem[]>([])
  const [over, setOver] = useState(false)
  const [result, setResult] = useState<Taken | null>(null)
  const [pasted, setPasted] = useState('')
  const [monitor, setMonitor] = useState<OfMonitor>({ name: '', watches: false })
  const offsetMin = -new Date().getTimezoneOffset()
  const { opened, read, open, readRows } = table
  const held = columns ?? opened?.columns ?? null
  const hasCarry = held?.some(({ field }) => field === 'carry') ?? false
  const unclear = held?.find(({ field, unit, ambiguous }) => field === 'date' && ambiguous && unit === null)

  const bringIn = async (name: string, blob: Blob) => {
    setSource({ name, blob })
    setColumns(null)
    setClubs({})
    setKnown(new Set())
    setProblems([])
    setResult(null)
    open({
      bytes: new Uint8Array(await blob.arrayBuffer()),
      options: { lengthUnit: golfer.lengthUnit, offsetMin },
      known: shapes,
    })
  }
  // Rows are read as soon as the columns are known, and anew after every change of one.
  useEffect(() => {
    if (held && held.some(({ field }) => field === 'carry'))
      readRows(held.map(({ field, unit }) => ({ field, unit })))
    // eslint-disable-next-line react-hooks/exhaustive-deps -- by what the columns hold, not by what the worker is called
  }, [opened, columns])

  const meant = (label: string): string =>
    clubs[label] ?? clubForLabel(label, allClubs(bag), new Map(Object.entries(mapped))) ?? ''
  const form = () => ({
    name: source?.name ?? 'a file',
    columns: (held ?? []).map(({ field, unit }) => ({ field, unit })),
    clubs: Object.fromEntries((read?.clubs ?? []).map(({ label }) => [label, meant(label) || 'later'])),
    offsetMin,
    ...(monitor.name.trim() && { monitor: monitor.name.trim() }),
    ...(monitor.watches && { watches: true }),
  })
  // Which rows are on file already only the store knows.
  useEffect(() => {
    if (!read || !source) return
    let stale = false
    let stop = () => {}
    const onStart = (end: () => Promise<unknown>) => {
      stop = () => void end()
      if (stale) stop()
    }
    void askKnown(source.blob, form(), { onStart }).then((sent) => {
      if (!stale) setKnown(new Set(sent?.ok ? sent.value.known : []))
    })
    return () => {
      stale = true
      stop()
    }
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once for each reading, and for what becomes of its shots
  }, [read, monitor.watches])

  const take = async () => {
    if (!source) return
    const sent = await takeIn(source.blob, form(), opened?.rows ?? 0)
    setProblems(sent === null ? [STOPPED] : sent.ok ? [] : sent.problems)
    if (sent?.ok) {
      setResult(sent.value)
      table.close()
    }
  }
  const undo = async () => {
    if (!result) return
    const response = await fetch(`/api/golfers/${golfer.id}/imports/${result.importId}`, { method: 'DELETE' })
    if (response.ok) {
      setResult(null)
      router.refresh()
    } else setProblems([{ field: '', sentence: 'It could not be withdrawn: try it again in the Log.' }])
  }

  const waiting = (read?.clubs ?? [])
    .filter(({ label }) => meant(label) === '')
    .reduce((sum, { shots }) => sum + shots, 0)
  const fresh = read ? read.counts.taken + read.counts.held - known.size : 0
  return (
    <div className={styles.screen}>
      <PageHead
        title={
          result
            ? `${count(result.taken + result.held, 'shot')} of ${source?.name} brought in`
            : read
              ? `${count(fresh, 'new shot')} in ${source?.name}`
              : 'Bring in a table of shots'
        }
        lede={
          result
            ? monitor.watches
              ? `They are compared with the other monitor and do not count.`
              : summary(result)
            : read
              ? [
                  read.counts.held > 0 &&
                    `${read.counts.held} ${read.counts.held === 1 ? 'needs' : 'need'} checking`,
                  waiting > 0 && `${waiting} without a club`,
                  known.size > 0 && `${known.size} on file already`,
                  read.counts.repeated > 0 && `${read.counts.repeated} are in it twice`,
                  `${count(read.counts.skipped, 'row is', 'rows are')} no shots`,
                ]
                  .filter(Boolean)
                  .join(', ') + '. Nothing is saved yet.'
              : 'Any table with a row for each shot. Banco proposes what each column is. You confirm before anything is saved.'
        }
      >
        {result ? (
          <>
            <Button variant="outline" onClick={undo}>
              Withdraw them
            </Button>
            {result.heldIn && (
              <Link className="btn btn-outline" href={`/golfers/${golfer.id}/sessions/${result.heldIn}`}>
                Check {count(result.held, 'shot')}
              </Link>
            )}
            <Link
              className="btn btn-primary"
              href={`/golfers/${golfer.id}/${monitor.watches ? 'monitors' : 'stock'}`}
            >
              {monitor.watches ? 'See how they agree' : 'See the stock'}
            </Link>
          </>
        ) : (
          read && (
            <>
              <Button variant="outline" onClick={() => (setSource(null), setColumns(null), table.close())}>
                Another file
              </Button>
              <Button onClick={take} disabled={taking !== null || fresh === 0 || unclear !== undefined}>
                {taking ? 'Taking them …' : `${monitor.watches ? 'Compare' : 'Take'} ${count(fresh, 'shot')}`}
              </Button>
            </>
          )
        )}
      </PageHead>
      <Problems of={[...problems, ...table.problems]} />
      {table.progress && (
        <Working
          activity="Reading"
          what="rows"
          {...table.progress}
          onStop={() => (table.close(), setSource(null), setColumns(null))}
        />
      )}
      {taking && source && source.blob.size > LONG_FROM.fileBytes && (
        <Working activity="Taking them in" what="rows" {...taking} onStop={stop && (() => void stop())} />
      )}
      {!opened && !result && (
        <section
          className={`sheet drop ${over ? 'over' : ''}`}
          aria-label="A file of shots"
          onDragOver={(event) => (event.preventDefault(), setOver(true))}
          onDragLeave={() => setOver(false)}
          onDrop={(event) => {
            event.preventDefault()
            setOver(false)
            const file = event.dataTransfer.files[0]
            if (file) void bringIn(file.name, file)
          }}
        >
          <input
            ref={chooser}
            type="file"
            hidden
            data-testid="file"
            onChange={(event) => {
              const file = event.target.files?.[0]
              event.target.value = ''
              if (file) void bringIn(file.name, file)
            }}
          />
          <p>
            <b>Drop a file here</b>, or
          </p>
          <Button onClick={() => chooser.current?.click()}>Choose a file</Button>
          <Form.Group controlId="pasted" className="w-100">
            <Form.Label>or paste its rows, titles first</Form.Label>
            <Form.Control
              as="textarea"
              rows={5}
              value={pasted}
              onChange={(event) => setPasted(event.target.value)}
            />
          </Form.Group>
          <Button
            variant="outline"
            disabled={pasted.trim() === ''}
            onClick={() => bringIn('pasted rows', new Blob([pasted]))}
          >
            Read what was pasted
          </Button>
        </section>
      )}
      {opened && held && (
        <div className="import">
          <ColumnMapping
            columns={held}
            remembered={opened.remembered && columns === null}
            onChange={setColumns}
          />
          {!hasCarry && (
            <p className="problem" role="alert">
              Choose the column with the carries.
            </p>
          )}
          {unclear && (
            <section className="sheet held" role="alert" aria-label="Order of the dates">
              <b>“{unclear.samples[0]}” can be two days.</b> Which comes first, the day or the month?
              <div className="btns">
                {(['dmy', 'mdy'] as const).map((unit) => (
                  <Button
                    key={unit}
                    variant="outline"
                    onClick={() =>
                      setColumns((held ?? []).map((each) => (each === unclear ? { ...each, unit } : each)))
                    }
                  >
                    {unit === 'dmy' ? 'The day' : 'The month'}
                  </Button>
                ))}
              </div>
            </section>
          )}
          {read && (
            <>
              <WhichMonitor
                golfer={golfer}
                monitor={monitor}
                inFile={held?.some(({ field }) => field === 'monitor') ?? false}
                onChange={setMonitor}
              />
              <ClubMapping
                clubs={read.clubs}
                bag={bag}
                meant={meant}
                onChange={(label, club) => setClubs({ ...clubs, [label]: club })}
              />
              <RowPreview golfer={golfer} read={read} known={known} titles={held.map(({ title }) => title)} />
            </>
          )}
        </div>
      )}
    </div>
  )
}

const STOPPED = { field: '', sentence: 'Stopped: none of its shots was taken.' }

const summary = ({ taken, known, held, conflicts }: Taken): string =>
  [
    `${taken} count`,
    held > 0 && `${held} ${held === 1 ? 'needs' : 'need'} checking`,
    known > 0 && `${known} were on file already`,
    conflicts > 0 && `${conflicts} not taken, since other shots have their ids`,
  ]
    .filter(Boolean)
    .join(', ') + '.'
