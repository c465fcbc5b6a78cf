'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Table from 'react-bootstrap/Table'
import { dayAndTime } from '@/text/days'
import { stationNames } from '@/text/names'
import { count, len } from '@/text/numbers'
import type { ReadOffView } from '@/views/monitors-view'
import { lengthMeasure } from '../../shared/form/measure'
import { NumberField } from '../../shared/form/number-field'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'
import styles from './monitors.module.css'
import { newId } from '../../shared/new-id'
import { TextField } from '../../shared/form/text-field'

/** What another monitor's screen said of the shots of a session, typed beside each. */
export function ReadOff({ golfer, bag, session, shots }: ReadOffView) {
  const router = useRouter()
  const { problems, send, setProblems } = useSubmit()
  const [monitor, setMonitor] = useState('')
  const [read, setRead] = useState<Record<string, number | null>>({})
  const nameOf = stationNames(bag)
  const readings = shots.flatMap(({ id }) => {
    const carryM = read[id]
    return carryM != null && !Number.isNaN(carryM) ? [{ id: newId(), shotId: id, carryM }] : []
  })
  const compare = async () => {
    if (monitor.trim() === '')
      return setProblems([{ field: 'monitor', sentence: 'Give the other monitor a name, such as “Bay 3”.' }])
    const sent = await send('POST', `/api/sessions/${encodeURIComponent(session.id)}/readings`, {
      monitor: monitor.trim(),
      readings,
    })
    if (sent.ok) router.push(`/golfers/${golfer.id}/monitors`)
  }
  return (
    <div className={styles.screen}>
      <PageHead
        title={`Another screen’s carries for ${count(shots.length, 'shot')}`}
        lede={`${dayAndTime(session.startedMs, session.offsetMin)}. Type its carry beside each shot that it read; leave out what it lost. It is compared, and in no stock.`}
      >
        <Link className="btn btn-outline" href={`/golfers/${golfer.id}/monitors`}>
          Two monitors
        </Link>
        <Button disabled={readings.length === 0} onClick={() => void compare()}>
          Compare {count(readings.length, 'shot')}
        </Button>
      </PageHead>
      <Problems of={problems} />
      <section className="sheet p-3 d-grid gap-3" aria-label="The shots">
        <TextField
          label="The other monitor, by your own word"
          text="device"
          value={monitor}
          placeholder="Bay 3"
          onChange={({ target }) => setMonitor(target.value)}
        />
        <Table size="sm" className="num mb-0 pair-list">
          <thead>
            <tr>
              <th scope="col">Shot</th>
              <th scope="col">Here</th>
              <th scope="col">The other screen</th>
            </tr>
          </thead>
          <tbody>
            {shots.map(({ id, clubId, swing, carryM }, i) => {
              const name = nameOf({ clubId, swing })
              return (
                <tr key={id}>
                  <th scope="row">
                    {i + 1} <span className="quiet">{name}</span>
                  </th>
                  <td>{carryM === null ? 'no carry' : len(carryM, golfer, 1)}</td>
                  <td>
                    <NumberField
                      label={`The other screen, shot ${i + 1}`}
                      labelled="unseen"
                      size="sm"
                      measure={lengthMeasure(golfer.lengthUnit, 1)}
                      value={read[id] ?? null}
                      example="148.5"
                      onChange={(next) => setRead({ ...read, [id]: next })}
                    />
                  </td>
                </tr>
              )
            })}
          </tbody>
        </Table>
      </section>
    </div>
  )
}
