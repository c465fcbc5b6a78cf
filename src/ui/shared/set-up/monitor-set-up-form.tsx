import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import {
  USUAL_MONITOR,
  type MonitorCheck,
  type MonitorProfile,
  type MonitorSetUp,
} from '@/core/session/set-up'
import type { Place } from '@/core/model/session'
import { FLIGHT, FLIGHT_FIELDS } from '@/core/shots/flight-fields'
import { nearby } from '@/text/set-up'
import type { Measure } from '../form/measure'
import { NumberField } from '../form/number-field'
import { TextField } from '../form/text-field'

type Props = {
  golfer: Golfer
  place: Place
  monitor: MonitorSetUp | null
  profiles: MonitorProfile[]
  near: Measure
  temp: Measure
  onChange: (monitor: MonitorSetUp | null) => void
}

/** The monitor with its own checklist and distances: as its manual says, which its owner writes down once. */
export function MonitorSetUpForm({ golfer, place, monitor, profiles, near, temp, onChange }: Props) {
  const [editing, setEditing] = useState(false)
  const known = profiles.length > 0 ? profiles : [USUAL_MONITOR]
  const choose = (name: string) => {
    const profile = known.find((each) => each.name === name)
    onChange(profile ? { profile, netM: null, unitM: null, checked: [] } : null)
  }
  const { profile } = monitor ?? {}
  const names = [...new Set([...known.map(({ name }) => name), ...(profile ? [profile.name] : [])])]
  const change = (part: Partial<MonitorSetUp>) => monitor && onChange({ ...monitor, ...part })
  const mend = (part: Partial<MonitorProfile>) =>
    monitor && change({ profile: { ...monitor.profile, ...part } })
  return (
    <fieldset>
      <legend>Monitor</legend>
      <div className="fields">
        <div className="measure">
          <Form.Label htmlFor="monitor">Which one</Form.Label>
          <Form.Select
            id="monitor"
            value={profile?.name ?? ''}
            onChange={(event) => choose(event.target.value)}
          >
            <option value="">not set</option>
            {names.map((name) => (
              <option key={name} value={name}>
                {name}
              </option>
            ))}
          </Form.Select>
        </div>
        {monitor && (
          <>
            {place === 'indoor' && (
              <NumberField
                label="Ball to net"
                measure={near}
                value={monitor.netM}
                onChange={(netM) => change({ netM })}
                hint={`at least ${nearby(monitor.profile.netLeastM, golfer)}`}
              />
            )}
            <NumberField
              label="Monitor to ball"
              measure={near}
              value={monitor.unitM}
              onChange={(unitM) => change({ unitM })}
              hint={`${nearby(monitor.profile.unitLeastM, golfer)} to ${nearby(monitor.profile.unitMostM, golfer)}`}
            />
          </>
        )}
      </div>
      {monitor && (
        <>
          <div className="checks">
            {monitor.profile.checks.map(({ what }) => (
              <Form.Check
                key={what}
                id={`check-${what}`}
                label={what}
                checked={monitor.checked.includes(what)}
                onChange={({ target }) =>
                  change({
                    checked: target.checked
                      ? [...monitor.checked, what]
                      : monitor.checked.filter((each) => each !== what),
                  })
                }
              />
            ))}
          </div>
          <Button size="sm" variant="outline" aria-expanded={editing} onClick={() => setEditing(!editing)}>
            {editing ? 'The checklist is right' : 'Change its checklist and distances'}
          </Button>
          {editing && (
            <div className="fields mt-2">
              <TextField
                className="measure"
                label="Its name"
                text="monitor"
                value={monitor.profile.name}
                onChange={(event) => mend({ name: event.target.value })}
              />
              <NumberField
                label="Ball to net, at least"
                measure={near}
                value={monitor.profile.netLeastM}
                onChange={(netLeastM) => netLeastM !== null && mend({ netLeastM })}
              />
              <NumberField
                label="Monitor to ball, from"
                measure={near}
                value={monitor.profile.unitLeastM}
                onChange={(unitLeastM) => unitLeastM !== null && mend({ unitLeastM })}
              />
              <NumberField
                label="to"
                measure={near}
                value={monitor.profile.unitMostM}
                onChange={(unitMostM) => unitMostM !== null && mend({ unitMostM })}
              />
              <fieldset className="measure">
                <legend className="fs-6">It works out, rather than measures</legend>
                {FLIGHT_FIELDS.map((field) => (
                  <Form.Check
                    key={field}
                    inline
                    id={`computes-${field}`}
                    label={FLIGHT[field].title}
                    checked={monitor.profile.computes.includes(field)}
                    onChange={({ target }) =>
                      mend({
                        computes: FLIGHT_FIELDS.filter((each) =>
                          each === field ? target.checked : monitor.profile.computes.includes(each),
                        ),
                      })
                    }
                  />
                ))}
              </fieldset>
              <NumberField
                label="in air of"
                measure={temp}
                value={monitor.profile.airTempC}
                hint="of its own, from its manual"
                onChange={(airTempC) => mend({ airTempC })}
              />
              <Checklist checks={monitor.profile.checks} onChange={(checks) => mend({ checks })} />
            </div>
          )}
        </>
      )}
    </fieldset>
  )
}

function Checklist({
  checks,
  onChange,
}: {
  checks: MonitorCheck[]
  onChange: (checks: MonitorCheck[]) => void
}) {
  const [text, setText] = useState(checks.map(({ what, touches }) => `${what}: ${touches}`).join('\n'))
  return (
    <div className="measure checklist">
      <Form.Label htmlFor="checklist">
        Checks, one a line; after a colon the numbers that a fault would touch
      </Form.Label>
      <Form.Control
        as="textarea"
        id="checklist"
        rows={5}
        value={text}
        onChange={(event) => {
          setText(event.target.value)
          onChange(checksFrom(event.target.value))
        }}
      />
    </div>
  )
}

/** "level: launch and peak" a line; without a colon a fault touches every number. A line that stands twice counts once. */
function checksFrom(text: string): MonitorCheck[] {
  const checks = text
    .split('\n')
    .map((line) => line.split(':'))
    .map(([what = '', ...touches]) => ({
      what: what.trim().slice(0, 80),
      touches: touches.join(':').trim().slice(0, 80) || 'every number',
    }))
    .filter(({ what }) => what !== '')
  return [...new Map(checks.map((check) => [check.what, check])).values()].slice(0, 20)
}
