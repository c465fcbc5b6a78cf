'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm } from 'react-hook-form'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { type Station, stationKey } from '@/core/model/station'
import { leftOf, nextCall, USUAL_ZONE_M, type DrillShot } from '@/core/wedges/drill'
import type { WedgeShot } from '@/core/wedges/wedges'
import { count, len, lenUnit } from '@/text/numbers'
import { flagName } from '@/text/wedges'
import { measuresOf } from '../../shared/form/measure'
import { NumberOf } from '../../shared/form/number-of'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import { DrillProgress } from './drill-progress'
import { useDrillSession, type Hit } from './use-drill-session'

type Props = {
  golfer: Golfer
  shots: WedgeShot[]
  drills: DrillShot[]
  name: (clubId: ClubId) => string
  onWant: (stations: Station[]) => void
}

/** Where the ball came to rest, and how far it carried. */
type Ball = { finishM: number | null; carryM: number | null }
const NO_BALL: Ball = { finishM: null, carryM: null }

/** Called yardages from the goal zone: choose the shot, hit it, and what counts is the distance left. */
export function Drill({ golfer, shots, drills, name, onWant }: Props) {
  const router = useRouter()
  const [all, setAll] = useState(drills)
  const [drill, setDrill] = useState<string | null>(null)
  const [live, setLive] = useState(false)
  const [included, setIncluded] = useState(false)
  const [calledM, setCalledM] = useState(0)
  const [station, setStation] = useState('')
  const { control, handleSubmit, reset, setFocus } = useForm<Ball>({ defaultValues: NO_BALL })
  const { problems, setProblems, send } = useSubmit()
  const far = measuresOf(golfer).carry
  const zone = golfer.goalZoneM ?? USUAL_ZONE_M
  const api = `/api/golfers/${golfer.id}/drills`
  const chosen = shots.find((shot) => stationKey(shot) === station)
  const onHit = useRef<(hit: Hit) => void>(() => {})
  const session = useDrillSession(golfer, onHit)

  useEffect(() => {
    if (drill !== null) setFocus('finishM')
  }, [drill, calledM, setFocus])

  const choose = (key: string) => {
    setStation(key)
    const next = shots.find((shot) => stationKey(shot) === key)
    if (next) void session.open({ clubId: next.clubId, swing: next.swing })
  }
  const call = (last: number | null) => {
    const next = nextCall(zone, last, Math.random())
    setCalledM(next)
    choose(stationKey(nearest(shots, next)))
    reset(NO_BALL)
    setProblems([])
  }
  const begin = async () => {
    const found = await session.begin({ live, included })
    setProblems(found)
    if (found.length > 0) return
    setDrill(new Date().toISOString())
    call(null)
  }
  const keep = async (finishM: number) => {
    if (!chosen || drill === null) return
    const { clubId, swing } = chosen
    const sent = await send<DrillShot[]>('POST', api, {
      drill,
      atMs: Date.now(),
      calledM,
      clubId,
      swing,
      finishM,
    })
    if (!sent.ok) return
    setAll(sent.value)
    call(calledM)
  }
  useEffect(() => {
    onHit.current = ({ carryM, totalM }) =>
      void keep(totalM ?? carryM + (chosen ? chosen.finishM - chosen.carryM : 0))
  })
  const typed = handleSubmit(async ({ finishM, carryM }) => {
    if (!isFar(finishM))
      return setProblems([
        {
          field: 'finishM',
          sentence: `Type how far the ball finished, in ${golfer.lengthUnit}, such as 84.`,
        },
      ])
    if (included && chosen && carryM !== null) {
      if (!isFar(carryM))
        return setProblems([{ field: 'carryM', sentence: 'Type how far it carried, or leave it empty.' }])
      const found = await session.count({ clubId: chosen.clubId, swing: chosen.swing }, carryM)
      if (found.length > 0) return setProblems(found)
    }
    await keep(finishM)
  })
  const undo = async () => {
    const sent = await send<DrillShot[]>('DELETE', api, { drill })
    if (sent.ok) setAll(sent.value)
  }
  const end = async () => {
    await session.end()
    setDrill(null)
    router.refresh()
  }
  if (shots.length === 0) return null
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
              shot. What counts is the distance left.
            </p>
            <div>
              <Form.Check
                id="drill-live"
                label="Shots come from the monitor"
                checked={live}
                onChange={(event) => setLive(event.target.checked)}
              />
              <Form.Check
                id="drill-counts"
                label="They count in their stocks too"
                checked={included}
                onChange={(event) => setIncluded(event.target.checked)}
              />
            </div>
            <Button className="justify-self-start" onClick={begin}>
              Call the first number
            </Button>
            <Problems of={problems} />
          </>
        ) : (
          <>
            <Form onSubmit={typed} className="drill-form" noValidate>
              <div>
                <span className="quiet">Called</span>
                <b className="drill-called num" data-testid="called">
                  {len(calledM, golfer)}
                </b>{' '}
                {golfer.lengthUnit}
              </div>
              <label>
                Hit with
                <Form.Select value={station} onChange={(event) => choose(event.target.value)}>
                  {shots.map((shot) => (
                    <option key={stationKey(shot)} value={stationKey(shot)}>
                      {flagName(name(shot.clubId), shot.swing)}, {len(shot.finishM, golfer)}
                    </option>
                  ))}
                </Form.Select>
              </label>
              <NumberOf control={control} name="finishM" label="It finished at" measure={far} />
              {included && !live && (
                <NumberOf control={control} name="carryM" label="It carried, for the stock" measure={far} />
              )}
              <Button type="submit">
                Next<kbd>↵</kbd>
              </Button>
            </Form>
            <Problems of={problems} />
            <p className="mb-0" role="status">
              {last ? (
                <>
                  <b>{lenUnit(leftOf(last), golfer)} left</b> after {len(last.calledM, golfer)} called.{' '}
                  {count(now.length, 'shot')}, {lenUnit(meanLeft(now), golfer, 1)} left on average.
                </>
              ) : (
                live && 'Hit it: the monitor’s next shot is taken.'
              )}
            </p>
            <div className="d-flex gap-2">
              {last && (
                <Button size="sm" variant="outline" onClick={undo}>
                  Take the last one back
                </Button>
              )}
              <Button size="sm" variant="outline" onClick={end}>
                End the drill
              </Button>
            </div>
          </>
        )}
        <DrillProgress golfer={golfer} all={all} name={name} onWant={onWant} />
      </div>
    </section>
  )
}

const nearest = (shots: readonly WedgeShot[], m: number): WedgeShot =>
  shots.reduce((a, b) => (Math.abs(b.finishM - m) < Math.abs(a.finishM - m) ? b : a))
const meanLeft = (shots: readonly DrillShot[]): number =>
  shots.reduce((sum, shot) => sum + leftOf(shot), 0) / shots.length
const isFar = (metres: number | null): metres is number => metres !== null && metres >= 0
