import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { ClubId, ShotId } from '@/core/model/ids'
import type { Station } from '@/core/model/station'
import type { SessionShot } from '@/core/session/session-shot'
import { count } from '@/text/numbers'
import type { BayView } from '@/views/bay-view'
import { StationSelect } from './station-select'
import type { BayActions } from './use-bay'

type Props = {
  view: BayView
  bay: BayActions
  shot: SessionShot
  /** Shots of the same station that came after it. */
  after: ShotId[]
  /** The club that its numbers look like, if any. */
  other: ClubId | undefined
}

/** A shot that was another station's: which one, and whether the shots after it were too. */
export function MoveShot({ view, bay, shot, after, other }: Props) {
  const [station, setStation] = useState<Station | null>(other ? { clubId: other, swing: shot.swing } : null)
  const move = async (ids: ShotId[]) => {
    if (station && (await bay.move(ids, station))) setStation(null)
  }
  return (
    <div className="move-shot">
      <StationSelect
        view={view}
        label="Which club was it?"
        value={station}
        onChange={setStation}
        but={{ clubId: shot.clubId as ClubId, swing: shot.swing }}
      />
      <Button disabled={!station} onClick={() => move([shot.id])}>
        Move this shot
      </Button>
      {after.length > 0 && (
        <Button variant="outline" disabled={!station} onClick={() => move([shot.id, ...after])}>
          And the {count(after.length, 'shot')} after it
        </Button>
      )}
    </div>
  )
}
