import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { OwnedClub } from '@/core/bag/bag'
import type { ClubId } from '@/core/model/ids'
import { isHitFromBoth, swingFor, swingsOfBag } from '@/core/bag/club'
import { type Station, atStation, TEED_SWING, type Swing } from '@/core/model/station'
import { swingName } from '@/text/names'
import { around, carryText } from '@/text/numbers'
import type { BayView } from '@/views/bay-view'
import { isHit } from '@/core/stock/stock'

type Props = {
  view: BayView
  clubs: OwnedClub[]
  open: Station
  onOpen: (clubId: ClubId, swing: string) => void
}

/** Every club with its stock for the swing in hand, and how often it was hit today. */
export function StationList({ view, clubs, open, onOpen }: Props) {
  const { golfer, analysis, bag } = view
  const racked = bag.rack.filter(({ id, kind }) => kind !== 'putter' && !clubs.some((club) => club.id === id))
  const here = clubs.filter(({ id }) => id === open.clubId)
  const isHere = (
    { clubId, swing: hit, heldBecause, conditions }: BayView['shots'][number],
    id: ClubId,
    swing: Swing,
  ) => clubId === id && hit === swing && heldBecause === null && !conditions.warmUp
  return (
    <section className="sheet left" aria-label="Clubs">
      <div className="swings" role="group" aria-label="Swing">
        {swingsOfBag(clubs, golfer.swings).map((swing) => (
          <Button
            key={swing}
            size="sm"
            variant={swing === open.swing ? 'primary' : 'outline'}
            aria-pressed={swing === open.swing}
            aria-label={swingName(swing)}
            disabled={swing === TEED_SWING && !here.some(isHitFromBoth)}
            onClick={() => onOpen(open.clubId, swing)}
          >
            {{ full: 'Full', 'three-quarter': 'Three-q.', half: 'Half', [TEED_SWING]: 'Tee' }[swing] ?? swing}
          </Button>
        ))}
      </div>
      <ul className="stations">
        {clubs.map((each) => {
          const swing = swingFor(each, open.swing)
          const stock = atStation(analysis.stocks, { clubId: each.id, swing })
          const today = view.shots.filter((shot) => isHere(shot, each.id, swing)).length
          return (
            <li key={each.id}>
              <button
                type="button"
                aria-pressed={each.id === open.clubId}
                onClick={() => onOpen(each.id, swing)}
              >
                <span>{each.name}</span>
                <span className="num">
                  {isHit(stock) ? `${carryText(stock, golfer)} ${around(stock, golfer)}` : ''}
                </span>
                <span className="num" title="shots today">
                  {today > 0 ? `${today}` : ''}
                  <span className="visually-hidden"> today</span>
                </span>
              </button>
            </li>
          )
        })}
      </ul>
      {racked.length > 0 && (
        <Form.Select
          size="sm"
          className="from-rack"
          aria-label="A club that is not in the bag"
          value=""
          onChange={({ target }) => onOpen(target.value as ClubId, open.swing)}
        >
          <option value="">A club that is not in the bag …</option>
          {racked.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
      )}
    </section>
  )
}
