import { allClubs } from '@/core/bag/bag'
import Form from 'react-bootstrap/Form'
import { swingFor, swingsOfBag } from '@/core/bag/club'
import type { ClubId } from '@/core/model/ids'
import { type Station, stationKey, TEED_SWING } from '@/core/model/station'
import { stationName, swingName } from '@/text/names'
import type { BayView } from '@/views/bay-view'

type Props = {
  view: BayView
  label: string
  value: Station | null
  onChange: (station: Station | null) => void
  /** Left out: the station that it cannot be. */
  but?: Station
}

/** Every station of the bag and the rack, by swing: which of them it was. */
export function StationSelect({ view: { bag, golfer }, label, value, onChange, but }: Props) {
  const clubs = allClubs(bag).filter(({ kind }) => kind !== 'putter')
  const stations = swingsOfBag(clubs, golfer.swings).map((swing) => ({
    swing,
    of: clubs
      .filter((club) => swingFor(club, swing) === swing)
      .map(({ id, name }) => ({ clubId: id as ClubId, swing, name }))
      .filter((each) => !but || stationKey(each) !== stationKey(but)),
  }))
  return (
    <Form.Select
      aria-label={label}
      value={value ? stationKey(value) : ''}
      onChange={({ target }) => {
        const found = stations.flatMap(({ of }) => of).find((each) => stationKey(each) === target.value)
        onChange(found ? { clubId: found.clubId, swing: found.swing } : null)
      }}
    >
      <option value="">{label}</option>
      {stations.map(({ swing, of }) => (
        <optgroup key={swing} label={swing === TEED_SWING ? 'From the tee' : `${swingName(swing)} swing`}>
          {of.map((each) => (
            <option key={stationKey(each)} value={stationKey(each)}>
              {stationName(each.name, each.swing)}
            </option>
          ))}
        </optgroup>
      ))}
    </Form.Select>
  )
}
