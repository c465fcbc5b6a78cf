'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { ClubId } from '@/core/ids'
import type { SessionShot } from '@/core/session/session-shot'
import { HELD_NAME, stationName } from '../words/names'
import { lenUnit } from '../words/numbers'
import type { BayView } from './bay-view'
import type { BayActions } from './use-bay'

/** Shots that were read but wait for the golfer: kept, shown, in no stock. */
export function HeldShots({ view, bay }: { view: BayView; bay: BayActions }) {
  const held = view.shots.filter((shot) => shot.heldBecause !== null)
  if (held.length === 0) return null
  return (
    <div role="region" aria-label="Held shots" className="d-grid gap-2">
      {held.slice(0, 4).map((shot) => (
        <Held key={shot.id} shot={shot} view={view} bay={bay} />
      ))}
      {held.length > 4 && <p className="quiet mb-0">{held.length - 4} more shots are held.</p>}
    </div>
  )
}

function Held({ shot, view, bay }: { shot: SessionShot; view: BayView; bay: BayActions }) {
  const { golfer, bag, session } = view
  const [chosen, setChosen] = useState<string>(shot.clubId ?? session.open?.clubId ?? '')
  const clubs = [...bag.clubs, ...bag.rack]
  const name = (clubId: ClubId | null) => clubs.find((club) => club.id === clubId)
  const carry = shot.carryM === null ? 'without a carry' : `of ${lenUnit(shot.carryM, golfer, 1)}`
  const because = shot.heldBecause
  const open = session.open
  return (
    <section className="sheet held" data-held={shot.id}>
      <b>A shot {carry} is held</b>: {because && HELD_NAME[because]}
      {shot.clubLabel && because !== 'other-station' && ` (it says "${shot.clubLabel}")`}. It is in no stock
      until you decide.
      <div className="btns">
        {because === 'other-station' && open && shot.clubId ? (
          <>
            <Button
              onClick={async () => {
                const station = { clubId: shot.clubId as ClubId, swing: shot.swing }
                if (await bay.place(shot.id, station, false)) await bay.open(station)
              }}
            >
              It was the {stationName(name(shot.clubId), shot.swing)}: go there
            </Button>
            <Button variant="outline" onClick={() => bay.place(shot.id, open, false)}>
              It was the {stationName(name(open.clubId), open.swing)}
            </Button>
          </>
        ) : because === 'unknown-club' || because === 'no-station' || shot.clubId === null ? (
          <>
            <Form.Select
              value={chosen}
              onChange={(event) => setChosen(event.target.value)}
              aria-label="Which club was it?"
            >
              <option value="">Which club was it?</option>
              {clubs.map((club) => (
                <option key={club.id} value={club.id}>
                  {club.name}
                </option>
              ))}
            </Form.Select>
            <Button
              disabled={chosen === ''}
              onClick={() =>
                bay.place(shot.id, { clubId: chosen as ClubId, swing: shot.swing }, shot.clubLabel !== null)
              }
            >
              {shot.clubLabel ? `"${shot.clubLabel}" is this club` : 'Take it with this club'}
            </Button>
          </>
        ) : (
          <Button onClick={() => bay.release(shot.id)}>Take it as it is</Button>
        )}
        <Button variant="outline" onClick={() => bay.withdraw(shot.id)}>
          Leave it out for good
        </Button>
      </div>
    </section>
  )
}
