import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { eachOnce } from '@/core/balls/ball'
import { isOf } from '@/core/station'
import { otherBall } from '@/text/balls'
import type { BayView } from '@/views/bay-view'
import type { BayActions } from './use-bay'

type Props = { view: BayView; bay: BayActions }

/** The ball of a shot, or of the next one. */
const ballOf = ({ setUp }: BayView, said: string | null) => said ?? setUp?.ball ?? null

/** Which ball is hit from the next shot on. */
export function BallNow({ view, bay }: Props) {
  const ball = ballOf(view, view.now.ball)
  const named = eachOnce([...(ball === null ? [] : [ball]), ...view.balls])
  return (
    <Form.Select
      aria-label="The ball"
      value={ball ?? ''}
      onChange={({ target }) => void (target.value !== '' && bay.ball(target.value))}
    >
      {ball === null && <option value="">Which ball …</option>}
      {named.map((name) => (
        <option key={name} value={name}>
          {name}
        </option>
      ))}
    </Form.Select>
  )
}

/** Three and three: so tiredness and the day fall on both balls alike. */
const A_RUN = 3

/** Where two balls are tried against each other, when it is the other's turn. */
export function BallTurn({ view, bay }: Props) {
  const { now, shots, session } = view
  const ball = ballOf(view, now.ball)
  const other = shots.map(({ conditions }) => ballOf(view, conditions.ball)).findLast((each) => each !== ball)
  if (ball === null || other == null) return null
  const here = shots.filter(
    (shot) =>
      session.open && shot.heldBecause === null && isOf(session.open)(shot) && !shot.conditions.warmUp,
  )
  const run = here.length - 1 - here.findLastIndex(({ conditions }) => ballOf(view, conditions.ball) !== ball)
  if (run < A_RUN) return null
  return (
    <Button variant="outline" onClick={() => void bay.ball(other)}>
      {otherBall(run, ball, other)}
    </Button>
  )
}
