'use client'

import Button from 'react-bootstrap/Button'
import type { Venue, Day } from '@/core/session/day'
import type { Golfer } from '@/core/model/golfer'
import { altitude } from '@/text/set-up'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'

type Props = { golfer: Golfer; day: Day; venues: Venue[] }

/** The golfer's courses: one that is tapped sets the day, with the altitude and the ground that it keeps. */
export function Venues({ golfer, day, venues }: Props) {
  const { problems, submit } = useSubmit()
  if (venues.length === 0) return null
  const play = async ({ name, altitudeM, turf }: Venue) => {
    await submit('PUT', `/api/golfers/${golfer.id}/day`, { ...day, place: name, altitudeM, turf })
  }
  return (
    <>
      <div className="places no-print" role="group" aria-label="Places">
        {venues.map((venue) => (
          <Button
            key={venue.name}
            variant="outline"
            aria-pressed={day.place === venue.name}
            onClick={() => play(venue)}
          >
            {venue.name}, {altitude(venue.altitudeM, golfer)}
          </Button>
        ))}
      </div>
      <Problems of={problems} />
    </>
  )
}
