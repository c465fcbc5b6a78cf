import { swingsOfBag } from '@/core/bag/club'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Recommendation } from '@/core/gaps/beyond-shots'
import { priceWords } from '@/text/recommendations'
import { clubNames, ORDER_NAME, stationName } from '@/text/names'
import { count, minutes } from '@/text/numbers'
import { dayAndTime } from '@/text/days'
import { nextLine } from '@/text/reasons'
import {
  blocksOf,
  chosenStations,
  daysOf,
  isOrder,
  MOST_UNTIL_SETTLED,
  withShotsEach,
  withStations,
  type PlanDraft,
  type PlanSource,
} from './plan-draft'
import { PlanOrderList } from './plan-order'
import { StationGrid } from './station-grid'
import styles from './plan.module.css'
import { Options } from '../../shared/form/options'

const SHOTS_EACH = Array.from({ length: 20 }, (_, i) => i + 1)
const RESTS = [0, 12, 16, 24]
const LONGEST_MIN = [30, 45, 60, 75, 90, 120]

type Props = { draft: PlanDraft; source: PlanSource; onChange: (draft: PlanDraft) => void }

/** What to hit, how often, in which order and with which rests. */
export function PlanForm({ draft, source, onChange }: Props) {
  const { bag, analysis, unfinished, pace } = source
  const change = (part: Partial<PlanDraft>) => onChange({ ...draft, ...part })
  const name = clubNames(bag)
  const days = daysOf(draft, source)
  const hasShots = analysis.stocks.some(({ count: shots }) => shots > 0)
  const next = hasShots ? analysis.next : []
  const ofStations = isOrder(draft.choice) || draft.choice === 'by-hand'
  return (
    <div className={styles.screen}>
      <section className="sheet plan" aria-label="Plan">
        {unfinished && draft.choice !== 'unfinished' && (
          <p className="offer">
            <span>
              Of the plan of {dayAndTime(unfinished.startedMs, unfinished.offsetMin)}{' '}
              <b>{count(total(unfinished.blocks), 'shot is', 'shots are')} left</b>.
            </span>
            <Button variant="outline" onClick={() => change({ choice: 'unfinished' })}>
              Continue
            </Button>
          </p>
        )}
        {next.length > 0 && draft.choice !== 'next' && (
          <p className="offer">
            <span>
              To confirm: <b>{nextLine(next, name)}</b>
            </span>
            <Button variant="outline" onClick={() => change({ choice: 'next' })}>
              Make it the plan
            </Button>
          </p>
        )}
        <div className="choices">
          <label>
            <span className="quiet">Hit</span>
            <Form.Select
              aria-label="What to hit"
              value={draft.choice}
              onChange={({ target }) => {
                const choice = target.value as PlanDraft['choice']
                change({
                  choice,
                  ...(isOrder(choice) && { order: choice }),
                  // Another order is of the same stations.
                  ...(isOrder(choice) && draft.choice === 'by-hand' && { stations: chosenStations(draft) }),
                })
              }}
            >
              <Options names={ORDER_NAME} />
              {draft.choice === 'by-hand' && <option value="by-hand">in my own order</option>}
              {next.length > 0 && <option value="next">gaps to confirm</option>}
              {unfinished && <option value="unfinished">what is left of the last plan</option>}
              <option value="none">as I like, no plan</option>
            </Form.Select>
          </label>
          {ofStations && (
            <label>
              <Form.Select
                aria-label="Shots each"
                value={draft.shotsEach}
                onChange={({ target: { value } }) =>
                  onChange(withShotsEach(draft, value === 'until-settled' ? value : Number(value), source))
                }
              >
                {SHOTS_EACH.map((n) => (
                  <option key={n} value={n}>
                    {count(n, 'shot')} each
                  </option>
                ))}
                {isOrder(draft.choice) && <option value="until-settled">until confirmed</option>}
              </Form.Select>
            </label>
          )}
          {draft.choice !== 'none' && (
            <>
              <label>
                <Form.Select
                  aria-label="Rests"
                  value={draft.restEvery}
                  onChange={(event) => change({ restEvery: Number(event.target.value) })}
                >
                  {RESTS.map((n) => (
                    <option key={n} value={n}>
                      {n === 0 ? 'no rests' : `rest ${pace.restS} s every ${n}`}
                    </option>
                  ))}
                </Form.Select>
              </label>
              <label>
                <Form.Select
                  aria-label="Longest day"
                  value={draft.longestMin}
                  onChange={(event) => change({ longestMin: Number(event.target.value) })}
                >
                  {[...new Set([...LONGEST_MIN, draft.longestMin])]
                    .sort((a, b) => a - b)
                    .map((n) => (
                      <option key={n} value={n}>
                        {n} min a day
                      </option>
                    ))}
                </Form.Select>
              </label>
            </>
          )}
        </div>
        {draft.choice !== 'none' && (
          <>
            <p>
              <b>{planLength(days)}</b> {planWhy(draft, analysis.recommendations)}
            </p>
            <div className="plan-body">
              {ofStations && (
                <StationGrid
                  bag={bag}
                  swings={swingsOfBag(bag.clubs, source.golfer.swings)}
                  chosen={chosenStations(draft)}
                  onChange={(stations) => onChange(withStations(draft, stations, source))}
                />
              )}
              <PlanOrderList
                days={days}
                name={({ clubId, swing }) => stationName(name(clubId), swing)}
                onChange={(byHand) =>
                  change({
                    choice: 'by-hand',
                    byHand,
                    ...(draft.shotsEach === 'until-settled' && { shotsEach: MOST_UNTIL_SETTLED }),
                  })
                }
              />
            </div>
          </>
        )}
      </section>
    </div>
  )
}

const total = (blocks: readonly { shots: number }[]): number =>
  blocks.reduce((sum, { shots }) => sum + shots, 0)

/** "78 shots, about 55 min." or "156 shots over 2 days: about 70 and 41 min." */
function planLength(days: ReturnType<typeof daysOf>): string {
  const shots = count(total(days.flatMap(({ blocks }) => blocks)), 'shot')
  if (days.length === 0) return 'Nothing chosen yet: choose a club with a swing.'
  if (days.length === 1) return `${shots}, about ${minutes(days[0]?.seconds ?? 0)}.`
  return `${shots} over ${days.length} days, about ${days.map(({ seconds }) => minutes(seconds)).join(' and ')}.`
}

function planWhy({ choice, shotsEach }: PlanDraft, recommendations: readonly Recommendation[]): string {
  const rounds = recommendations.find(({ kind }) => kind === 'rounds')
  const why =
    choice === 'rounds-of-3' || choice === 'rounds-of-2'
      ? 'Every club a few, then all again: tiredness is shared by all clubs, and can be seen.'
      : choice === 'short-to-long' || choice === 'long-to-short'
        ? `The clubs that come last are hit by a tired golfer, and no number shows it.${rounds ? ` To hit round the bag: ${priceWords(rounds).toLowerCase()}.` : ''}`
        : choice === 'next'
          ? 'The shots that confirm the most gaps.'
          : ''
  return shotsEach === 'until-settled' && isOrder(choice)
    ? `At most. A club that is done is skipped. ${why}`
    : why
}

/** The headline of a plan. */
export function planTitle(draft: PlanDraft, source: PlanSource): string {
  const blocks = blocksOf(draft, source)
  if (blocks.length === 0) return 'Hit as you like'
  const clubs = new Set(blocks.map(({ clubId }) => clubId)).size
  const [today, ...later] = daysOf(draft, source)
  const length = `${count(total(today?.blocks ?? []), 'shot')}${later.length > 0 ? ' today' : ''} with ${count(clubs, 'club')}`
  return `${length}, about ${minutes(today?.seconds ?? 0)}`
}
