import { allClubs } from '@/core/bag/bag'
import Form from 'react-bootstrap/Form'
import type { Bag } from '@/core/bag/bag'
import { count } from '@/text/numbers'

type Props = {
  clubs: { label: string; shots: number }[]
  bag: Bag
  meant: (label: string) => string
  onChange: (label: string, club: string) => void
}

/** Which club each name of the file means; said once, kept for every file and monitor. */
export function ClubMapping({ clubs, bag, meant, onChange }: Props) {
  if (clubs.length === 0) return null
  const open = clubs.filter(({ label }) => meant(label) === '').length
  return (
    <section className="sheet" aria-label="Clubs">
      <h2>
        Clubs{' '}
        <span className="quiet fw-normal">
          {open > 0
            ? `${count(open, 'name is', 'names are')} not known yet: choose their clubs`
            : 'all known'}
        </span>
      </h2>
      <div className="clubs">
        {clubs.map(({ label, shots }) => (
          <label key={label} className={meant(label) === '' ? 'open' : ''}>
            <span>
              <b>{label}</b> <span className="quiet">{count(shots, 'shot')}</span>
            </span>
            <Form.Select
              size="sm"
              aria-label={`Which club "${label}" is`}
              value={meant(label)}
              onChange={({ target }) => onChange(label, target.value)}
            >
              <option value="">decide later</option>
              {allClubs(bag).map((club) => (
                <option key={club.id} value={club.id}>
                  {club.name}
                </option>
              ))}
              <option value="new">a new club, not in the bag</option>
            </Form.Select>
          </label>
        ))}
      </div>
    </section>
  )
}
