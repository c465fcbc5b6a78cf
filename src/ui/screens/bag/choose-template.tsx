'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import type { GolferId } from '@/core/ids'
import type { Problem } from '@/core/problem'
import { send } from '../../shared/send'
import { Problems } from '../../shared/shell/problems'
import styles from './bag.module.css'

/** A bag in one step: typical clubs, to be corrected afterwards. */
export function ChooseTemplate({ golferId }: { golferId: GolferId }) {
  const router = useRouter()
  const [problems, setProblems] = useState<Problem[]>([])
  const choose = async (template: string) => {
    const sent = await send('POST', `/api/golfers/${golferId}/bag`, { template, name: 'My bag' })
    setProblems(sent.ok ? [] : sent.problems)
    if (sent.ok) router.refresh()
  }
  return (
    <div className={styles.screen}>
      <Problems of={problems} />
      <div className="templates">
        {BAG_TEMPLATES.map(({ key, name, about, clubs }) => (
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
