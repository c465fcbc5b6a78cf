import Link from 'next/link'
import type { PracticeItem } from '@/core/practice/practice'
import { stationKey } from '@/core/model/station'
import { dayAndTime } from '@/text/days'
import { clubNames, stationName } from '@/text/names'
import { count } from '@/text/numbers'
import { habitWords, lastTimeSentence, practiceSentence } from '@/text/practice'
import type { PracticeView } from '@/views/practice-view'
import { PageHead } from '../../shared/shell/page-head'
import { writeBlocks } from '../plan/plan-draft'
import styles from './practice.module.css'

/** One drill with a club: three times three, its neighbour between, so that no ball is hit by rote. */
const DRILL = { rounds: 3, shots: 3 }

/** What is worth practising, three at most, each with its plan in one tap; what became of last time's; the habit of guessing. */
export function Practice({ golfer, bag, items, lastTime, habit, habits }: PracticeView) {
  const home = `/golfers/${golfer.id}`
  const clubName = clubNames(bag)
  const name = (item: PracticeItem) => stationName(clubName(item.clubId), item.swing)
  const drill = ({ clubId, swing }: PracticeItem) => {
    const index = bag.clubs.findIndex(({ id }) => id === clubId)
    const neighbour = [bag.clubs[index + 1], bag.clubs[index - 1]].find(
      (club) => club && club.kind !== 'putter',
    )
    const round = [
      { clubId, swing, shots: DRILL.shots },
      ...(neighbour ? [{ clubId: neighbour.id, swing, shots: 1 }] : []),
    ]
    return writeBlocks(Array.from({ length: DRILL.rounds }, () => round).flat())
  }
  return (
    <div className={styles.screen}>
      <PageHead
        title={
          items[0] ? `Practise the ${name(items[0])} first` : 'Nothing asks for practice more than the rest'
        }
        lede="Clubs whose strike cost carry in two of the last three sessions, and clubs that scatter more than your others. Three at most."
      >
        <Link className="btn btn-outline" href={`${home}/log`}>
          To the Log
        </Link>
        {items[0] && (
          <Link className="btn btn-primary" href={`${home}/bay?hit=${drill(items[0])}`}>
            Plan it
          </Link>
        )}
      </PageHead>
      {items.length > 0 && (
        <ol className="practice">
          {items.map((item) => (
            <li key={stationKey(item)} className="sheet">
              <h2>{name(item)}</h2>
              <p>{practiceSentence(item, golfer)}</p>
              <Link className="btn btn-sm btn-outline" href={`${home}/bay?hit=${drill(item)}`}>
                Three times three, another club between
              </Link>
            </li>
          ))}
        </ol>
      )}
      {lastTime.length > 0 && (
        <section className="sheet mb-3" aria-label="Last time">
          <h2>What was to be practised before the last session</h2>
          <ul>
            {lastTime.map((each) => (
              <li key={stationKey(each.item)}>{lastTimeSentence(each, name(each.item), golfer)}</li>
            ))}
          </ul>
        </section>
      )}
      <section className="sheet" aria-label="Your guesses">
        <h2>
          Your guesses <span className="quiet fw-normal">what you expect before you hit</span>
        </h2>
        {habit ? (
          <>
            <p className="px-3 mb-2">
              In all: <b>{habitWords(habit, golfer)}</b>.
            </p>
            {habits.length > 1 && (
              <ul>
                {habits.map((each) => (
                  <li key={each.sessionId}>
                    {dayAndTime(each.startedMs, each.offsetMin)}: {habitWords(each.habit, golfer)}
                  </li>
                ))}
              </ul>
            )}
            <p className="quiet px-3 mb-3">
              {habits.length > 1
                ? `${count(habits.length, 'session')} with three guesses or more, the newest first.`
                : 'The change appears from two sessions with three guesses each.'}{' '}
              Nothing is left out because of it.
            </p>
          </>
        ) : (
          <p className="quiet px-3 mb-3">
            From three guesses on they show a habit. The Bay asks before each club.
          </p>
        )}
      </section>
    </div>
  )
}
