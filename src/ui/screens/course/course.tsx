import Link from 'next/link'
import { dayAdvice, dayFinding, dayLine } from '@/text/day'
import { day as dayName } from '@/text/days'
import { clubNames } from '@/text/names'
import { OnlyThePlainCard } from '../../shared/course/only-the-plain-card'
import { RuleOfPlay } from '../../shared/course/rule-of-play'
import { AskForAir } from '../../shared/air/ask-for-air'
import { AdjustmentsLine } from '../../shared/shell/adjustments-line'
import { PageHead } from '../../shared/shell/page-head'
import { PrintTitle } from '../../shared/shell/print-title'
import type { CourseView } from '@/views/course-view'
import { DayForm } from './day-form'
import { DayTable } from './day-table'
import { Venues } from './places'
import { SeasonPicture } from './season-picture'
import styles from './course.module.css'

/** The bag in the air and on the ground of a day. */
export function Course(view: CourseView) {
  const {
    golfer,
    bag,
    day,
    setMs,
    venues,
    card,
    distances: counts,
    stations,
    airs,
    competitionUntilMs,
  } = view
  if (competitionUntilMs !== null) return <OnlyThePlainCard golfer={golfer} untilMs={competitionUntilMs} />
  const name = clubNames(bag)
  const advice = dayAdvice(card, day, name, golfer)
  const home = `/golfers/${golfer.id}`
  return (
    <div className={styles.screen}>
      <PrintTitle golfer={golfer} bag={bag} stocks={counts} what="Course" air={dayLine(day, golfer)} />
      <PageHead
        title={`${dayFinding(card, name, golfer)}.`}
        lede={
          <>
            <b>
              {day.place ? `${day.place}: ` : ''}
              {dayLine(day, golfer)}
            </b>
            {setMs === null ? ', until you set the day. ' : `, set on ${dayName(setMs)}. `}
            {advice.join(' ')}
          </>
        }
      >
        <Link className="btn btn-primary" href={`${home}/number`}>
          I have a number
        </Link>
        <Link className="btn btn-outline" href={`${home}/paper`}>
          The plain card
        </Link>
        <Link className="btn btn-outline" href={`${home}/paper?card=day`}>
          Take this card along
        </Link>
      </PageHead>
      <AdjustmentsLine adjustments={card.adjustments} name={name} />
      <Venues golfer={golfer} day={day} venues={venues} />
      <RuleOfPlay golfer={golfer} />
      <AskForAir
        key={airs.map(({ id }) => id).join()}
        golfer={golfer}
        of={airs}
        opened={!card.lines.some(({ ofDay }) => ofDay)}
      />
      <div className="course">
        <DayTable golfer={golfer} clubs={bag.clubs} card={card} />
        <DayForm golfer={golfer} day={day} venues={venues} />
      </div>
      {stations.length > 0 && (
        <SeasonPicture
          key={`season ${setMs}`}
          golfer={golfer}
          clubs={bag.clubs}
          stations={stations}
          day={day}
        />
      )}
    </div>
  )
}
