import Link from 'next/link'
import { dayName, localTime } from '@/text/days'
import type { Visit } from '@/core/coach/visit'
import { count } from '@/text/numbers'
import type { DeskView } from '@/views/desk-view'

/** Today and the week ahead: who comes, and what for. */
export function WeekAhead({ view: { days, rows, offsetMin } }: { view: DeskView }) {
  const visits = days.reduce((sum, day) => sum + day.visits.length, 0)
  const minutes = days.reduce((sum, day) => sum + day.minutes, 0)
  const toDo = ({ toDo, golferId, endedMs }: Visit): string | null => {
    if (toDo !== null || endedMs !== null) return toDo
    const hit = rows.find(({ golfer }) => golfer.id === golferId)?.toHit ?? []
    return hit.length === 0
      ? null
      : `What is open: ${hit.map(({ name, shots }) => `${shots} × ${name}`).join(', ')}`
  }
  const nameOf = (id: string) => rows.find(({ golfer }) => golfer.id === id)?.golfer.name
  return (
    <section className="sheet" aria-label="The week ahead">
      <h2>
        The week ahead{' '}
        <span className="quiet fw-normal">
          {visits > 0 && `${count(visits, 'visit')}, ${count(minutes, 'minute')}`}
        </span>
      </h2>
      {days.map((day, i) => (
        <div key={day.fromMs} className="desk-day">
          <h3>{i === 0 ? 'Today' : dayName(day.fromMs, offsetMin)}</h3>
          {day.visits.length === 0 && <p className="quiet mb-0">No visit is planned.</p>}
          <ul>
            {day.visits.map((visit) => (
              <li key={visit.id}>
                <span className="num">{localTime(visit.atMs, visit.offsetMin)}</span>
                <span>
                  <Link href={`/golfers/${visit.golferId}/visits/${encodeURIComponent(visit.id)}`}>
                    {nameOf(visit.golferId)}
                  </Link>{' '}
                  <span className="quiet">
                    {count(visit.minutes, 'minute')}
                    {visit.endedMs !== null && ', held'}
                  </span>
                  <span className="quiet d-block">{toDo(visit)}</span>
                </span>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  )
}
