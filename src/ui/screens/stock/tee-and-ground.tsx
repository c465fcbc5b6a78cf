import Button from 'react-bootstrap/Button'
import type { Bag, OwnedClub } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { TeeAndGround as Lies } from '@/core/stock/tee-and-ground'
import { liesSentence } from '@/text/lies'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'

/** Clubs that are hit off a tee and from the ground: two stocks where they differ, one where the golfer says so. */
export function TeeAndGround({ golfer, bag, lies }: { golfer: Golfer; bag: Bag; lies: readonly Lies[] }) {
  const { problems, submit } = useSubmit()
  const joined = bag.clubs.filter(({ build }) => build.oneLie)
  if (lies.length === 0 && joined.length === 0) return null
  const save = ({ id, name, kind, loftDeg, build }: OwnedClub, oneLie: boolean) => {
    const { oneLie: _before, ...rest } = build
    return submit('PUT', `/api/golfers/${golfer.id}/clubs/${encodeURIComponent(id)}`, {
      ...{ name, kind, loftDeg },
      build: { ...rest, ...(oneLie && { oneLie: true }) },
    })
  }
  return (
    <section className="sheet p-3 mb-2 no-print" aria-label="Tee and ground">
      <Problems of={problems} />
      {lies.map((each) => {
        const club = bag.clubs.find(({ id }) => id === each.clubId)
        return (
          club && (
            <p key={club.id} className="mb-1">
              {liesSentence(each, club.name)}{' '}
              {each.stocks !== 'two' && (
                <Button size="sm" variant="outline" onClick={() => void save(club, true)}>
                  Make them one stock
                </Button>
              )}
            </p>
          )
        )
      })}
      {joined.map((club) => (
        <p key={club.id} className="mb-1">
          {club.name}: off the tee and from the ground are one stock.{' '}
          <Button size="sm" variant="outline" onClick={() => void save(club, false)}>
            Keep them apart
          </Button>
        </p>
      ))}
    </section>
  )
}
