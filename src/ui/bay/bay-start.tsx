'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Bag } from '@/core/bag/bag'
import type { NextShots } from '@/core/gaps/next-shots'
import type { GolferId, SessionId } from '@/core/ids'
import type { Problem } from '@/core/problem'
import { PLAN_ORDERS, planBlocks, planSeconds, type Pace, type PlanOrder } from '@/core/session/plan'
import { PLACES, type Place } from '@/core/session/session'
import { send } from '../send'
import { PageHead } from '../shell/page-head'
import { Problems } from '../shell/problems'
import { clubNames, ORDER_NAME, PLACE_NAME } from '../words/names'
import { count, minutes } from '../words/numbers'
import { nextLine } from '../words/reasons'
import './bay.css'

type Props = {
  golferId: GolferId
  bag: Bag
  next: NextShots[]
  pace: Pace
  waiting: { id: SessionId; shots: number }[]
}
type Choice = PlanOrder | 'next' | 'none'

const SHOTS_EACH = [3, 5, 6, 9, 12]
/** Longer than this a bag session tires anybody (common practice: 45 to 75 minutes). */
const LONG_S = 75 * 60

/** Before the first ball: what to hit and in which order; one tap on the place starts it. */
export function BayStart({ golferId, bag, next, pace, waiting }: Props) {
  const router = useRouter()
  const [problems, setProblems] = useState<Problem[]>([])
  const [choice, setChoice] = useState<Choice>('rounds-of-3')
  const [shotsEach, setShotsEach] = useState(6)
  const order = choice === 'next' || choice === 'none' ? null : choice
  const start = async (place: Place) => {
    const plan = order ? { kind: 'bag', order, shotsEach } : choice === 'next' ? { kind: 'next' } : undefined
    const sent = await send('POST', `/api/golfers/${golferId}/sessions`, {
      place,
      offsetMin: -new Date().getTimezoneOffset(),
      ...(plan && { plan }),
    })
    setProblems(sent.ok ? [] : sent.problems)
    if (sent.ok) router.refresh()
  }
  const claim = async (id: SessionId) => {
    const sent = await send('PATCH', `/api/sessions/${id}`, { golferId })
    setProblems(sent.ok ? [] : sent.problems)
    if (sent.ok) router.push(`/golfers/${golferId}/bay?session=${id}`)
  }
  return (
    <>
      <PageHead
        title="Where are you hitting?"
        lede="Choose a plan, then tap the place: the session starts with its first club. Type each carry, or let a monitor post it."
      />
      <Problems of={problems} />
      <section className="sheet plan" aria-label="Plan">
        <label>
          <span className="quiet">Hit</span>
          <Form.Select
            aria-label="What to hit"
            value={choice}
            onChange={(event) => setChoice(event.target.value as Choice)}
          >
            {PLAN_ORDERS.map((each) => (
              <option key={each} value={each}>
                every club, {ORDER_NAME[each]}
              </option>
            ))}
            {next.length > 0 && <option value="next">what is left to settle</option>}
            <option value="none">as I like, no plan</option>
          </Form.Select>
        </label>
        {order && (
          <label>
            <Form.Select
              aria-label="Shots each"
              value={shotsEach}
              onChange={(event) => setShotsEach(Number(event.target.value))}
            >
              {SHOTS_EACH.map((n) => (
                <option key={n} value={n}>
                  {n}
                </option>
              ))}
            </Form.Select>
            <span className="quiet">shots each</span>
          </label>
        )}
        <PlanSaid choice={choice} shotsEach={shotsEach} bag={bag} next={next} pace={pace} />
      </section>
      <div className="start">
        {PLACES.map((place) => (
          <Button key={place} onClick={() => start(place)}>
            {PLACE_NAME[place].replace(/^./, (letter) => letter.toUpperCase())}
          </Button>
        ))}
      </div>
      {waiting.map(({ id, shots }) => (
        <section key={id} className="sheet held mb-2">
          <b>{count(shots, 'shot')} came from a monitor while nothing was open.</b> They wait for their
          golfer.
          <div className="btns">
            <Button variant="outline" onClick={() => claim(id)}>
              They are mine
            </Button>
          </div>
        </section>
      ))}
    </>
  )
}

type SaidProps = Pick<Props, 'bag' | 'next' | 'pace'> & { choice: Choice; shotsEach: number }

/** How long a plan is, and what speaks for it. */
function PlanSaid({ choice, shotsEach, bag, next, pace }: SaidProps) {
  if (choice === 'none') return null
  const name = clubNames(bag)
  const blocks = choice === 'next' ? next : planBlocks(bag.clubs, { order: choice, shotsEach })
  const seconds = planSeconds(blocks, pace)
  return (
    <p>
      <b>
        {count(
          blocks.reduce((sum, block) => sum + block.shots, 0),
          'shot',
        )}
        , about {minutes(seconds)}.
      </b>{' '}
      {choice.startsWith('rounds') &&
        'Every club a few, then all again: tiredness is shared by all clubs, and can be seen.'}
      {choice === 'next' && `${nextLine(next, name)}: where most steps settle for the fewest shots.`}
      {seconds > LONG_S && ' That is long: fewer shots today and a second visit say as much.'}
    </p>
  )
}
