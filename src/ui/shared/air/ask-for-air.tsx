'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import type { SessionId } from '@/core/model/ids'
import { likelyFrom, type AirInput, type SessionsWithoutAir } from '@/core/session/session-air'
import { missingAir } from '@/text/day'
import { dayAndTime } from '@/text/days'
import { count } from '@/text/numbers'
import { areNumbers } from '../form/measure'
import { Problems } from '../shell/problems'
import { useSubmit } from '../use-submit'
import { AirFields } from './air-fields'

type Where = 'outdoors' | 'indoors'
const WHERE_NAME: Record<Where, string> = { outdoors: 'Hit outdoors', indoors: 'Hit indoors' }
const whereOf = ({ place }: SessionsWithoutAir): Where => (place === 'indoor' ? 'indoors' : 'outdoors')

const nothingYet = (where: Where, { homeAltitudeM }: Golfer): AirInput => ({
  carryFrom: likelyFrom(where === 'indoors' ? 'indoor' : 'range'),
  tempC: null,
  altitudeM: homeAltitudeM,
  windMps: null,
  wind: null,
  deviceTempC: null,
})

/**
 * Asks once about all sessions whose air nobody said, in one form: their shots can be taken to no other air.
 * @param opened the form stands there at once: nothing on the page is worth more than it
 */
export function AskForAir({
  golfer,
  of,
  opened = false,
}: {
  golfer: Golfer
  of: readonly SessionsWithoutAir[]
  opened?: boolean
}) {
  const [open, setOpen] = useState(opened)
  const { problems, setProblems, submit } = useSubmit()
  const [left, setLeft] = useState<ReadonlySet<SessionId>>(new Set())
  const [input, setInput] = useState({
    outdoors: nothingYet('outdoors', golfer),
    indoors: nothingYet('indoors', golfer),
  })
  if (of.length === 0) return null
  const groups = (['outdoors', 'indoors'] as const)
    .map((where) => ({ where, all: of.filter((each) => whereOf(each) === where) }))
    .filter(({ all }) => all.length > 0)
    .map(({ where, all }) => ({ where, all, chosen: all.filter(({ id }) => !left.has(id)) }))
  const ticked = groups.reduce((sum, { chosen }) => sum + chosen.length, 0)
  const leave = async () => {
    for (const { id } of of)
      if (!(await submit('PATCH', `/api/sessions/${encodeURIComponent(id)}`, { airLeft: true }))) return
  }
  const say = async () => {
    const wanted = groups.filter(({ chosen }) => chosen.length > 0)
    const wrong = !wanted.every(({ where }) => areNumbers(input[where]))
    const sentence = wrong
      ? 'A value is not a number: correct it or leave it empty.'
      : ticked === 0
        ? 'No session is chosen: tick those that this air belongs to.'
        : null
    if (sentence) return setProblems([{ field: 'air', sentence }])
    await submit('PUT', `/api/golfers/${golfer.id}/airs`, {
      airs: wanted.map(({ where, chosen }) => ({ ...input[where], sessions: chosen.map(({ id }) => id) })),
    })
  }
  return (
    <section className="sheet air-asked no-print" aria-label="Weather is missing">
      <p>
        <b>Weather is missing for {count(of.length, 'session')}.</b> {of.length === 1 ? 'Its' : 'Their'} shots
        are shown as measured.
      </p>
      {groups.map(({ where, all, chosen }) => (
        <fieldset key={where}>
          <legend>{WHERE_NAME[where]}</legend>
          <ul>
            {all.map(({ id, startedMs, offsetMin, shots, missing }) => (
              <li key={id}>
                {open && (
                  <Form.Check
                    inline
                    className="tick"
                    aria-label={dayAndTime(startedMs, offsetMin)}
                    checked={!left.has(id)}
                    onChange={({ target }) =>
                      setLeft((before) => {
                        const next = new Set(before)
                        if (target.checked) next.delete(id)
                        else next.add(id)
                        return next
                      })
                    }
                  />
                )}
                {dayAndTime(startedMs, offsetMin)}, {count(shots, 'shot')}: missing{' '}
                {missing.length === 1 ? 'is' : 'are'} {missingAir(missing)}.
              </li>
            ))}
          </ul>
          {open && chosen.length > 0 && (
            <AirFields
              golfer={golfer}
              outdoors={where === 'outdoors'}
              missing={chosen.map(({ missing }) => missing)}
              input={input[where]}
              onChange={(part) => setInput({ ...input, [where]: { ...input[where], ...part } })}
            />
          )}
        </fieldset>
      ))}
      <div className="btns">
        {open ? (
          <Button onClick={say}>
            Set it for {ticked === of.length && ticked > 1 ? 'all of them' : count(ticked, 'session')}
          </Button>
        ) : (
          <Button onClick={() => setOpen(true)}>Set it here</Button>
        )}
        <Button variant="outline" onClick={leave}>
          Leave {of.length === 1 ? 'it' : 'them'} unsaid, and do not ask again
        </Button>
      </div>
      <Problems of={problems} />
    </section>
  )
}
