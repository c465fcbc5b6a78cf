'use client'

import { allClubs } from '@/core/bag/bag'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Bag } from '@/core/bag/bag'
import type { ClubId, GolferId } from '@/core/model/ids'
import { count } from '@/text/numbers'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import styles from './bag.module.css'

type NamedClub = {
  label: string
  shots: number
  held: number
  clubId: ClubId | null
  isAssigned: boolean
}

/** What monitors and files call the clubs: what each name means, to change or to forget. */
export function ClubNames({ golferId, bag, names }: { golferId: GolferId; bag: Bag; names: NamedClub[] }) {
  const { problems, submit } = useSubmit()
  if (names.length === 0) return null
  const say = async (label: string, means: string) => {
    await submit('PUT', `/api/golfers/${golferId}/labels`, { label, means })
  }
  return (
    <div className={styles.screen}>
      <section className="sheet club-names" aria-label="Names in files and feeds">
        <h2>
          Names in files and feeds{' '}
          <span className="quiet fw-normal">a change moves the shots that came under the name</span>
        </h2>
        <ul>
          {names.map(({ label, shots, held, clubId, isAssigned }) => (
            <li key={label}>
              <span>
                <b>{label}</b>{' '}
                <span className="quiet">
                  {count(shots, 'shot')}
                  {held > 0 && `, ${held} held`}
                  {!isAssigned && clubId !== null && ', by its letters'}
                </span>
              </span>
              <Form.Select
                size="sm"
                aria-label={`Which club “${label}” is`}
                value={clubId ?? 'later'}
                onChange={({ target }) => say(label, target.value)}
              >
                <option value="later">decide later</option>
                {allClubs(bag).map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </Form.Select>
              {isAssigned && (
                <Button
                  size="sm"
                  variant="outline"
                  aria-label={`Forget what “${label}” means`}
                  onClick={() => say(label, 'forgotten')}
                >
                  Forget
                </Button>
              )}
            </li>
          ))}
        </ul>
        <Problems of={problems} />
      </section>
    </div>
  )
}
