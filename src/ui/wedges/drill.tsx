'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState, type FormEvent } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/golfer'
import type { ClubId } from '@/core/ids'
import type { Problem } from '@/core/problem'
import { metresFrom } from '@/core/units'
import {
  drillProgress,
  leftOf,
  nextCall,
  USUAL_ZONE_M,
  weakestNumbers,
  type DrillShot,
} from '@/core/wedges/drill'
import type { WedgeShot } from '@/core/wedges/wedges'
import type { Station } from '@/core/session/session'
import { day } from '@/words/days'
import { count, len, lenUnit } from '@/words/numbers'
import { flagName } from '@/words/wedges'
import { send } from '../send'
import { Problems } from '../shell/problems'

type Props = {
  golfer: Golfer
  shots: WedgeShot[]
  drills: DrillShot[]
  name: (clubId: ClubId) => string
  onWant: (stations: Station[]) => void
}

/** Called yardages from the goal zone: choose the shot, hit it, and what counts is the distance left. */
export function Drill({ golfer, shots, drills, name, onWant }: Props) {
  const router = useRouter()
  const [all, setAll] = useState(drills)
  const [drill, setDrill] = useState<string | null>(null)
  const [calledM, setCalledM] = useState(0)
  const [station, setStation] = useState('')
  const [finish, setFinish] = useState('')
  const [problems, setProblems] = useState<Problem[]>([])
  const field = useRef<HTMLInputElement>(null)
  if (shots.length === 0) return null
  const zone = golfer.goalZoneM ?? USUAL_ZONE_M
  const api = `/api/golfers/${golfer.id}/drills`
  const keyOf = ({ clubId, swing }: Station) => `${clubId} ${swing}`
  const nearest = (m: number) =>
    shots.reduce((a, b) => (Math.abs(b.finishM - m) < Math.abs(a.finishM - m) ? b : a))
  const call = (last: number | null) => {
    const next = nextCall(zone, last, Math.random())
    setCalledM(next)
    setStation(keyOf(nearest(next)))
    setFinish('')
    setProblems([])
    field.current?.focus()
  }
  const begin = () => {
    setDrill(`${new Date().toISOString().slice(0, 19)}`)
    call(null)
  }
  const keep = async (event: FormEvent) => {
    event.preventDefault()
    const typed = Number(finish.trim().replace(',', '.'))
    const chosen = shots.find((shot) => keyOf(shot) === station)
    if (finish.trim() === '' || Number.isNaN(typed) || typed < 0)
      return setProblems([
        {
          field: 'finishM',
          sentence: `Type how far the ball finished, in ${golfer.lengthUnit}, such as 84.`,
        },
      ])
    if (!chosen || drill === null) return
    const sent = await send<DrillShot[]>('POST', api, {
      drill,
      atMs: Date.now(),
      calledM,
      clubId: chosen.clubId,
      swing: chosen.swing,
      finishM: metresFrom(typed, golfer.lengthUnit),
    })
    setProblems(sent.ok ? [] : sent.problems)
    if (!sent.ok) return
    setAll(sent.value)
    call(calledM)
  }
  const undo = async () => {
    const sent = await send<DrillShot[]>('DELETE', api, { drill })
    setProblems(sent.ok ? [] : sent.problems)
    if (sent.ok) setAll(sent.value)
  }
  const now = all.filter((shot) => shot.drill === drill)
  const last = now.at(-1)
  return (
    <section className="sheet" aria-label="Drill">
      <h2>Drill</h2>
      <div className="p-3 d-grid gap-3">
        {drill === null ? (
          <>
            <p className="mb-0">
              Banco calls numbers from {len(zone[0], golfer)} to {lenUnit(zone[1], golfer)}; you choose the
              shot. What counts is the distance left. Nothing of it goes into a stock.
            </p>
            <Button className="justify-self-start" onClick={begin}>
              Call the first number
            </Button>
          </>
        ) : (
          <>
            <Form onSubmit={keep} className="drill-form" noValidate>
              <div>
                <span className="quiet">Called</span>
                <b className="drill-called num" data-testid="called">
                  {len(calledM, golfer)}
                </b>{' '}
                {golfer.lengthUnit}
              </div>
              <label>
                Hit with
                <Form.Select value={station} onChange={(event) => setStation(event.target.value)}>
                  {shots.map((shot) => (
                    <option key={keyOf(shot)} value={keyOf(shot)}>
                      {flagName(name(shot.clubId), shot.swing)}, {len(shot.finishM, golfer)}
                    </option>
                  ))}
                </Form.Select>
              </label>
              <label>
                It finished at, {golfer.lengthUnit}
                <Form.Control
                  ref={field}
                  inputMode="decimal"
                  autoComplete="off"
                  value={finish}
                  onChange={(event) => setFinish(event.target.value)}
                />
              </label>
              <Button type="submit">
                Next<kbd>↵</kbd>
              </Button>
            </Form>
            <Problems of={problems} />
            <p className="mb-0" role="status">
              {last && (
                <>
                  <b>{lenUnit(leftOf(last), golfer)} left</b> after {len(last.calledM, golfer)} called.{' '}
                  {count(now.length, 'shot')},{' '}
                  {lenUnit(now.reduce((sum, shot) => sum + leftOf(shot), 0) / now.length, golfer, 1)} left on
                  average.
                </>
              )}
            </p>
            <div className="d-flex gap-2">
              {last && (
                <Button size="sm" variant="outline" onClick={undo}>
                  Take the last one back
                </Button>
              )}
              <Button
                size="sm"
                variant="outline"
                onClick={() => {
                  setDrill(null)
                  router.refresh()
                }}
              >
                End the drill
              </Button>
            </div>
          </>
        )}
        <Progress golfer={golfer} all={all} name={name} onWant={onWant} />
      </div>
    </section>
  )
}

function Progress({
  golfer,
  all,
  name,
  onWant,
}: Pick<Props, 'golfer' | 'name' | 'onWant'> & { all: DrillShot[] }) {
  const progress = drillProgress(all)
  const [weakest] = weakestNumbers(all)
  if (progress.length === 0) return null
  return (
    <div>
      <ul className="mb-2">
        {progress.slice(-5).map(({ drill, atMs, shots, meanLeftM, bias }) => (
          <li key={drill}>
            {day(atMs)}: {count(shots, 'shot')}, <b>{lenUnit(meanLeftM, golfer, 1)}</b> left on average,{' '}
            {len(Math.abs(bias), golfer, 1)} {bias < 0 ? 'short' : 'long'}
          </li>
        ))}
      </ul>
      {weakest && (
        <div className="d-flex gap-2 align-items-center flex-wrap">
          <span>
            Weakest from {len(weakest.from, golfer)} to {len(weakest.to, golfer)}:{' '}
            {lenUnit(weakest.meanLeftM, golfer, 1)} left over {count(weakest.shots, 'shot')}.
          </span>
          <Button size="sm" variant="outline" onClick={() => onWant(weakest.stations)}>
            Plan {weakest.stations.map(({ clubId, swing }) => flagName(name(clubId), swing)).join(', ')}
          </Button>
        </div>
      )}
    </div>
  )
}
