'use client'

import Button from 'react-bootstrap/Button'
import { templatesFor } from '@/core/bag/bag-templates'
import type { Golfer } from '@/core/model/golfer'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import styles from './bag.module.css'

/** A bag in one step: typical clubs, to be corrected afterwards. */
export function ChooseTemplate({ golfer }: { golfer: Golfer }) {
  const { problems, submit } = useSubmit()
  const choose = async (template: string) => {
    await submit('POST', `/api/golfers/${golfer.id}/bag`, { template, name: 'My bag' })
  }
  return (
    <div className={styles.screen}>
      <p className="quiet">Lengths and bounces are typical ones until you change them.</p>
      <Problems of={problems} />
      <div className="templates">
        {templatesFor(golfer).map(({ key, name, about, clubs }) => (
          <section key={key} className="sheet template" aria-labelledby={`template-${key}`}>
            <h2 id={`template-${key}`}>{name}</h2>
            <p className="quiet mb-0">{about}</p>
            <ol>
              {clubs.map((club) => (
                <li key={club.name}>
                  {club.name} <span className="quiet num">{club.loftDeg}°</span>
                </li>
              ))}
            </ol>
            <Button onClick={() => choose(key)}>Start with these {clubs.length}</Button>
          </section>
        ))}
      </div>
    </div>
  )
}
