import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { ClubId, ShotId } from '@/core/ids'
import type { SessionShot } from '@/core/session/session-shot'
import { count } from '@/words/numbers'
import type { BayView } from './bay-view'
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

/** A shot that was another club's: which one, and whether the shots after it were too. */
export function MoveShot({ view, bay, shot, after, other }: Props) {
  const [clubId, setClubId] = useState<string>(other ?? '')
  const clubs = view.bag.clubs.filter(({ kind, id }) => kind !== 'putter' && id !== shot.clubId)
  const move = async (ids: ShotId[]) => {
    if (await bay.move(ids, { clubId: clubId as ClubId, swing: shot.swing })) setClubId('')
  }
  return (
    <div className="move-shot">
      <Form.Select
        aria-label="Which club was it?"
        value={clubId}
        onChange={(event) => setClubId(event.target.value)}
      >
        <option value="">Which club was it?</option>
        {clubs.map((club) => (
          <option key={club.id} value={club.id}>
            {club.name}
          </option>
        ))}
      </Form.Select>
      <Button disabled={clubId === ''} onClick={() => move([shot.id])}>
        Move this shot
      </Button>
      {after.length > 0 && (
        <Button variant="outline" disabled={clubId === ''} onClick={() => move([shot.id, ...after])}>
          And the {count(after.length, 'shot')} after it
        </Button>
      )}
    </div>
  )
}
