import Form from 'react-bootstrap/Form'
import type { Bag } from '@/core/bag/bag'
import { type Swing, TEED_SWING } from '@/core/model/station'
import { swingName } from '@/text/names'
import { keyInColumn } from './plan-draft'

type Props = { bag: Bag; swings: Swing[]; chosen: readonly string[]; onChange: (chosen: string[]) => void }

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
                onClick={() => toggle(clubs.flatMap((club) => keyInColumn(club, swing, hasTee) ?? []))}
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
              const key = keyInColumn(club, swing, hasTee)
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
