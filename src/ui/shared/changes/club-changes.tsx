'use client'

import Button from 'react-bootstrap/Button'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { changeSentence, changeWords } from '@/text/changes'
import { day } from '@/text/days'
import type { ChangeSeen } from '@/views/changed-clubs'
import { useSubmit } from '../use-submit'
import { Problems } from '../shell/problems'

/** A club that was changed: when, how, what was expected and what came. */
export function ClubChange({ change, golfer }: { change: ChangeSeen; golfer: Golfer }) {
  return (
    <>
      {changeWords(change.change)} on {day(change.sinceMs)}: {changeSentence(change, golfer)}
    </>
  )
}

type Props = { golfer: Golfer; changes: readonly ChangeSeen[]; name: (id: ClubId) => string }

/** All clubs that were changed, each to be taken back where it was not so. */
export function ClubChanges({ golfer, changes, name }: Props) {
  const { problems, submit } = useSubmit()
  if (changes.length === 0) return null
  return (
    <section className="sheet club-changes" aria-label="What was done to clubs">
      <h2>
        What was done, and what came of it{' '}
        <span className="quiet fw-normal">{golfer.lengthUnit}, with 90% intervals</span>
      </h2>
      <ul>
        {changes.map((change) => (
          <li key={change.clubId}>
            <span>
              <b>{name(change.clubId)}</b> <ClubChange change={change} golfer={golfer} />
            </span>
            <Button
              size="sm"
              variant="outline"
              className="no-print"
              aria-label={`It was not so: take back what was done to the ${name(change.clubId)}`}
              onClick={() =>
                submit('DELETE', `/api/golfers/${golfer.id}/clubs/${change.clubId}`, {
                  sinceMs: change.sinceMs,
                })
              }
            >
              It was not so
            </Button>
          </li>
        ))}
      </ul>
      <Problems of={problems} />
    </section>
  )
}
