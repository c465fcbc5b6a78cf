'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { adviceLines } from '@/text/advice'
import { clubNames } from '@/text/names'
import { paperNames } from '@/text/refit'
import { dayAndTime } from '@/text/days'
import { nextLine, nextReason } from '@/text/reasons'
import { changedSentences, followUpWords, lastedWords, visitTitle } from '@/text/visits'
import type { VisitView } from '@/views/visit-view'
import { PageHead } from '../../shared/shell/page-head'
import { PlanVisit } from '../desk/plan-visit'
import { writeBlocks } from '../plan/plan-draft'
import { AfterPlay } from './after-play'
import { SayVisit } from './say-visit'
import styles from './visit.module.css'

/** A golfer's visit: what it is to do, what is said at its end, and how it went in play. */
export function Visit(view: VisitView) {
  const { golfer, bag, visit, visits, open, gapsToFix, changed, followUp, afterPlay, nowMs } = view
  const router = useRouter()
  const [planning, setPlanning] = useState(false)
  const name = bag ? clubNames(bag) : String
  const home = `/golfers/${golfer.id}`
  const blocks = open.next.map(({ clubId, swing, shots }) => ({ clubId, swing, shots }))
  const todo = bag && gapsToFix ? adviceLines(gapsToFix, paperNames(bag), golfer) : []
  const changes = changed ? changedSentences(changed, golfer, name) : []
  const others = visits.filter(({ id }) => id !== visit.id)
  return (
    <div className={styles.screen}>
      <PageHead
        title={visitTitle(golfer.name, visit, nowMs)}
        lede={
          visit.endedMs === null
            ? 'First what is open, then the Bay; at the end your words, when you will ask, and the report.'
            : 'Finished. Your notes stay with the golfer and can be changed.'
        }
      >
        <Button variant="outline" onClick={() => setPlanning(true)}>
          Plan the next visit
        </Button>
        <Link
          className="btn btn-primary"
          href={`${home}/bay${blocks.length > 0 ? `?hit=${encodeURIComponent(writeBlocks(blocks))}` : ''}`}
        >
          To the Bay
        </Link>
      </PageHead>
      {followUp && followUp.visit.id !== visit.id && followUp.state.kind === 'due' && (
        <p className="sheet held mb-2">
          <b>How did it go?</b> The follow-up of {dayAndTime(followUp.visit.atMs, followUp.visit.offsetMin)}{' '}
          is {followUpWords(followUp.state)}.{' '}
          <Link href={`${home}/visits/${encodeURIComponent(followUp.visit.id)}`}>Ask it there</Link>
        </p>
      )}
      <div className="visit">
        <div className="d-grid gap-3">
          <section className="sheet" aria-label="What is open">
            <h2>What is open</h2>
            <ul>
              {visit.toDo && (
                <li>
                  <b>{visit.toDo}</b>
                </li>
              )}
              {followUp?.visit.followUp?.look && followUp.visit.id !== visit.id && (
                <li>To look at since last time: {followUp.visit.followUp.look}.</li>
              )}
              {open.next.map((each) => (
                <li key={`${each.clubId} ${each.swing}`}>
                  <b>{nextLine([each], name)}</b> <span className="quiet">{nextReason(each, name)}</span>
                </li>
              ))}
              {todo.map((line) => (
                <li key={line}>{line}</li>
              ))}
              <li className="quiet">
                {open.settled + open.unsettled.length === 0
                  ? 'No gap was measured yet.'
                  : `${open.settled} of ${open.settled + open.unsettled.length} gaps are confirmed${
                      open.unsettled.length > 0
                        ? `; not yet ${open.unsettled
                            .slice(0, 4)
                            .map(({ longerId, shorterId }) => `${name(longerId)} to ${name(shorterId)}`)
                            .join(', ')}${open.unsettled.length > 4 ? ' and others' : ''}`
                        : ''
                    }.`}
              </li>
            </ul>
          </section>
          {changed && (
            <section className="sheet" aria-label="What changed">
              <h2>What changed since {dayAndTime(changed.sinceMs, visit.offsetMin)}</h2>
              <ul>
                {changes.map((sentence) => (
                  <li key={sentence}>{sentence}</li>
                ))}
                {changes.length === 0 && (
                  <li className="quiet">Nothing was hit since that both visits share.</li>
                )}
              </ul>
            </section>
          )}
          {afterPlay && <AfterPlay view={view} seen={afterPlay} />}
        </div>
        <div className="d-grid gap-3">
          <SayVisit golfer={golfer} visit={visit} />
          {others.length > 0 && (
            <section className="sheet" aria-label="Other visits">
              <h2>Other visits</h2>
              <ul>
                {others.slice(0, 12).map((other) => (
                  <li key={other.id}>
                    <Link href={`${home}/visits/${encodeURIComponent(other.id)}`}>
                      {dayAndTime(other.atMs, other.offsetMin)}
                    </Link>{' '}
                    <span className="quiet">{lastedWords(other, nowMs)}</span>
                  </li>
                ))}
              </ul>
            </section>
          )}
        </div>
      </div>
      {planning && (
        <PlanVisit
          golfers={[golfer]}
          planned={others}
          nowMs={nowMs}
          onHide={() => setPlanning(false)}
          onPlanned={() => {
            setPlanning(false)
            router.refresh()
          }}
        />
      )}
    </div>
  )
}
