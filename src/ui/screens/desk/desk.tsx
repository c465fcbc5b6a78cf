'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { LengthUnit, SpeedUnit } from '@/core/units'
import { count, listed } from '@/text/numbers'
import { dayAndTime } from '@/text/days'
import type { DeskView } from '@/views/desk-view'
import { RememberGolfer } from '../../shared/shell/remember-golfer'
import { DESK_PLACE } from '../../shared/shell/last-golfer'
import { PageHead } from '../../shared/shell/page-head'
import { ArrivalForm } from './arrival-form'
import { CoachName } from './coach-name'
import { GolfersAtAGlance } from './golfers-at-a-glance'
import { PlanVisit } from './plan-visit'
import { WeekAhead } from './week-ahead'
import styles from './desk.module.css'

type Props = DeskView & {
  /** The templates that a new golfer's bag can be. */
  templates: { key: string; name: string }[]
  units: { lengthUnit: LengthUnit; speedUnit: SpeedUnit }
}

/** Everybody whom a coach looks after, who comes when, and whose shots are coming in. */
export function Desk({ templates, units, ...view }: Props) {
  const router = useRouter()
  const [open, setOpen] = useState<'arrival' | 'visit' | null>(null)
  const { rows, days, waiting, coach, wanted } = view
  const [today] = days
  const due = rows.filter(({ followUp }) => followUp?.state.kind === 'due')
  const hitting = rows.filter(({ isHitting }) => isHitting)
  const shots = waiting.reduce((sum, session) => sum + session.shots, 0)
  const close = () => setOpen(null)
  return (
    <div className={styles.screen}>
      <RememberGolfer id={DESK_PLACE} />
      <PageHead
        title={`${count(rows.length, 'golfer')}, ${today && today.visits.length > 0 ? `${count(today.visits.length, 'visit')} today` : 'no visit today'}`}
        lede={
          [
            hitting.length > 0 &&
              `${listed(hitting.map(({ golfer }) => golfer.name))} ${hitting.length === 1 ? 'is' : 'are'} hitting.`,
            due.length > 0 && `To be asked how it went: ${listed(due.map(({ golfer }) => golfer.name))}.`,
            shots > 0 && `${count(shots, 'shot has', 'shots have')} no golfer yet.`,
          ]
            .filter(Boolean)
            .join(' ') || 'No follow-up is due, and every shot has its golfer.'
        }
      >
        <Button variant="outline" onClick={() => setOpen('visit')} disabled={rows.length === 0}>
          Plan a visit
        </Button>
        <Button onClick={() => setOpen('arrival')}>New golfer</Button>
      </PageHead>
      {waiting.map(({ id, shots, startedMs, offsetMin }) => (
        <p key={id} className="sheet held mb-2">
          <b>{count(shots, 'shot')}</b> came from a monitor on {dayAndTime(startedMs, offsetMin)} while
          nothing was open: open the Bay of their golfer, who takes them.
        </p>
      ))}
      <div className="desk">
        <GolfersAtAGlance rows={rows} nowMs={view.nowMs} />
        <div className="d-grid gap-3">
          <WeekAhead view={view} />
          <section className="sheet p-3" aria-label="Papers">
            <h2 className="mb-2">Papers</h2>
            <Link className="btn btn-outline" href="/desk/reports">
              Reports of several golfers
            </Link>
          </section>
          <section className="sheet p-3" aria-label="Phones">
            <h2 className="mb-2">In the bay</h2>
            <Link className="btn btn-outline" href="/desk/phones">
              Pair a phone
            </Link>
          </section>
          <CoachName coach={coach} wanted={wanted} />
        </div>
      </div>
      {open === 'arrival' && (
        <ArrivalForm
          templates={templates}
          units={units}
          others={rows.filter(({ bag }) => bag !== null).map(({ golfer }) => golfer)}
          receiving={hitting.filter(({ receives }) => receives.length > 0).map(({ golfer }) => golfer.name)}
          onHide={close}
        />
      )}
      {open === 'visit' && (
        <PlanVisit
          golfers={rows.map(({ golfer }) => golfer)}
          planned={days.flatMap(({ visits }) => visits)}
          nowMs={view.nowMs}
          onHide={close}
          onPlanned={() => {
            close()
            router.refresh()
          }}
        />
      )}
    </div>
  )
}
