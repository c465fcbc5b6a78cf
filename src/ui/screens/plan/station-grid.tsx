import Form from 'react-bootstrap/Form'
import type { Bag, OwnedClub } from '@/core/bag/bag'
import { swingFor } from '@/core/bag/club'
import { FULL_SWING, fullSwingOf, type Swing, stationKey, TEED_SWING } from '@/core/station'
import { swingName } from '@/text/names'

type Props = { bag: Bag; swings: Swing[]; chosen: readonly string[]; onChange: (chosen: string[]) => void }

/**
 * The station that a club has in a column; null where it has none. Off a tee is a club hit only where it is hit from both,
 * or from the tee alone: then its whole swing is that one.
 */
function keyIn(club: OwnedClub, swing: Swing, hasTee: boolean): string | null {
  const teeOnly = club.build.job === 'tee'
  if (teeOnly && hasTee && swing === FULL_SWING) return null
  if (teeOnly && swing === TEED_SWING) return stationKey(fullSwingOf(club.id))
  return swingFor(club, swing) === swing ? stationKey({ clubId: club.id, swing }) : null
}

/** Which clubs are hit with which swings. A swing's head chooses it for all clubs, or for none. */
export function StationGrid({ bag, swings, chosen, onChange }: Props) {
  const clubs = bag.clubs.filter(({ kind }) => kind !== 'putter')
  const hasTee = swings.includes(TEED_SWING)
  const toggle = (keys: string[]) =>
    onChange(
      keys.every((key) => chosen.includes(key))
        ? chosen.filter((key) => !keys.includes(key))
        : [...new Set([...chosen, ...keys])],
    )
  return (
    <table className="station-grid">
      <thead>
        <tr>
          <th scope="col">
            <span className="visually-hidden">Club</span>
          </th>
          {swings.map((swing) => (
            <th key={swing} scope="col">
              <button
                type="button"
                className="btn-plain"
                aria-label={`All clubs with the ${swingName(swing)} swing, or none`}
                onClick={() => toggle(clubs.flatMap((club) => keyIn(club, swing, hasTee) ?? []))}
              >
                {swingName(swing)}
              </button>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {clubs.map((club) => (
          <tr key={club.id}>
            <th scope="row">{club.name}</th>
            {swings.map((swing) => {
              const key = keyIn(club, swing, hasTee)
              return (
                <td key={swing}>
                  {key !== null && (
                    <Form.Check
                      aria-label={`${club.name}, ${swingName(swing)}`}
                      checked={chosen.includes(key)}
                      onChange={() => toggle([key])}
                    />
                  )}
                </td>
              )
            })}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
