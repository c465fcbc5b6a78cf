'use client'

import Button from 'react-bootstrap/Button'
import type { Venue, Day } from '@/core/flight/day'
import type { Golfer } from '@/core/golfer'
import { altitude } from '@/text/set-up'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'

type Props = { golfer: Golfer; day: Day; places: Venue[] }

/** The golfer's courses: one that is tapped sets the day, with the altitude and the ground that it keeps. */
export function Places({ golfer, day, places }: Props) {
  const { problems, submit } = useSubmit()
  if (places.length === 0) return null
  const play = async ({ name, altitudeM, turf }: Venue) => {
    await submit('PUT', `/api/golfers/${golfer.id}/day`, { ...day, place: name, altitudeM, turf })
  }
  return (
    <>
      <div className="places no-print" role="group" aria-label="Places">
        {places.map((place) => (
          <Button
            key={place.name}
            variant="outline"
            aria-pressed={day.place === place.name}
            onClick={() => play(place)}
          >
            {place.name}, {altitude(place.altitudeM, golfer)}
          </Button>
        ))}
      </div>
      <Problems of={problems} />
    </>
  )
}
