'use client'

import { useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import type { ClubId, GolferId, ShotId } from '@/core/model/ids'
import type { Problem } from '@/core/model/problem'
import type { SessionShot } from '@/core/session/session-shot'
import type { Mark } from '@/core/model/mark'
import { send } from '../../shared/send'
import { Problems } from '../../shared/shell/problems'
import { dayAndTime } from '@/text/days'
import { clubNames, MARK_NAME, stationName } from '@/text/names'
import { count, lenUnit } from '@/text/numbers'
import type { BayView } from '@/views/bay-view'
import type { BayActions } from './use-bay'
import { BAY } from './screen'

type Happened = {
  atMs: number
  kind: 'taken' | 'withdrawn' | 'mark' | 'station' | 'released'
  mark: Mark | null
  clubId: ClubId | null
  swing: string | null
  undoneMs: number | null
}
type History = {
  source: string
  hitMs: number
  clubLabel: string | null
  posted: string | null
  happened: Happened[]
}

type Props = { view: BayView; bay: BayActions; shot: SessionShot; number: number; onHide: () => void }

/** All that happened to a shot since it came, and what can be said of it and the shots after it. */
export function ShotHistory({ view, bay, shot, number, onHide }: Props) {
  const [history, setHistory] = useState<History | null>(null)
  const [problems, setProblems] = useState<Problem[]>([])
  const golferId = view.golfer.id
  useEffect(() => {
    void send<History>('GET', `/api/golfers/${golferId}/shot?id=${encodeURIComponent(shot.id)}`).then(
      (sent) => {
        setProblems(sent.ok ? [] : sent.problems)
        if (sent.ok) setHistory(sent.value)
      },
    )
  }, [golferId, shot.id])
  const { offsetMin } = view.session
  const name = clubNames(view.bag)
  const air = { tempC: shot.conditions.tempC, surface: shot.conditions.surface }
  const say = (saying: Promise<boolean>) => void saying.then((ok) => ok && onHide())
  return (
    <Modal show onHide={onHide} animation={false} className={BAY} aria-labelledby="history-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="history-title">
          Shot {number}: {shot.carryM === null ? 'no carry' : lenUnit(shot.carryM, view.golfer, 1)}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <Problems of={problems} />
        {history && (
          <ol className="history">
            <li>
              {dayAndTime(history.hitMs, offsetMin)}: hit, {SOURCE[history.source] ?? history.source}
              {history.clubLabel && ` as “${history.clubLabel}”`}
            </li>
            {history.happened
              .filter(({ kind }, i) => !(kind === 'taken' && i === 0))
              .map((each, i) => (
                <li key={i} className={each.undoneMs === null ? '' : 'out'}>
                  {dayAndTime(each.atMs, offsetMin)}: {eventWords(each, name)}
                  {each.undoneMs !== null && `; undone ${dayAndTime(each.undoneMs, offsetMin)}`}
                </li>
              ))}
          </ol>
        )}
        {history?.posted && (
          <details className="mb-3">
            <summary>What the monitor posted</summary>
            <pre className="posted">{history.posted}</pre>
          </details>
        )}
        <h3>From this shot on</h3>
        <div className="btns">
          {shot.conditions.wind === null ? (
            <Button variant="outline" onClick={() => say(bay.air({ ...air, wind: 'felt' }, shot.id))}>
              it was in the wind
            </Button>
          ) : (
            <Button variant="outline" onClick={() => say(bay.air({ ...air, wind: null }, shot.id))}>
              it was calm
            </Button>
          )}
          <Button variant="outline" onClick={() => say(bay.warmUp(!shot.conditions.warmUp, shot.id))}>
            {shot.conditions.warmUp ? 'shots count' : 'it was warm-up'}
          </Button>
        </div>
        {view.others.length > 0 && <OtherGolfer view={view} bay={bay} shot={shot} onMoved={onHide} />}
      </Modal.Body>
    </Modal>
  )
}

type OtherGolferProps = { view: BayView; bay: BayActions; shot: SessionShot; onMoved: () => void }

/** Shots that went to the wrong golfer: whose they are, this one alone or with those after it. */
function OtherGolfer({ view: { others, shots }, bay, shot, onMoved }: OtherGolferProps) {
  const [golferId, setGolferId] = useState('')
  const after = shots.filter(({ seq }) => seq > shot.seq).map(({ id }) => id)
  const move = async (ids: ShotId[]) => {
    if (await bay.moveToGolfer(ids, golferId as GolferId)) onMoved()
  }
  return (
    <>
      <h3 className="mt-3">Another golfer hit it</h3>
      <div className="btns">
        <Form.Select
          aria-label="Who hit it?"
          value={golferId}
          onChange={({ target }) => setGolferId(target.value)}
        >
          <option value="">Who hit it?</option>
          {others.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
        <Button variant="outline" disabled={golferId === ''} onClick={() => move([shot.id])}>
          Move this shot
        </Button>
        {after.length > 0 && (
          <Button variant="outline" disabled={golferId === ''} onClick={() => move([shot.id, ...after])}>
            Move it and the {count(after.length, 'shot')} after it
          </Button>
        )}
      </div>
    </>
  )
}

const SOURCE: Record<string, string> = { typed: 'typed', monitor: 'from the monitor', file: 'from a file' }

function eventWords({ kind, mark, clubId, swing }: Happened, name: (id: string) => string): string {
  switch (kind) {
    case 'taken':
      return 'taken again'
    case 'withdrawn':
      return 'withdrawn'
    case 'released':
      return 'taken as it is'
    case 'mark':
      return mark ? `marked ${MARK_NAME[mark]}` : 'its mark taken back'
    case 'station':
      return `moved to the ${stationName(name(clubId ?? ''), swing ?? 'full')}`
  }
}
