import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { eachOnce } from '@/core/model/ball'
import { turnOf } from '@/core/balls/turn'
import { isOf } from '@/core/model/station'
import { otherBall } from '@/text/balls'
import type { BayView } from '@/views/bay-view'
import type { BayActions } from './use-bay'

type Props = { view: BayView; bay: BayActions }

/** The ball of a shot, or of the next one. */
const ballOf = ({ setUp }: BayView, stated: string | null) => stated ?? setUp?.ball ?? null

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

/** Where two balls are tried against each other, when it is the other's turn. */
export function BallTurn({ view, bay }: Props) {
  const { now, shots, session } = view
  const ball = ballOf(view, now.ball)
  const balls = (of: typeof shots) => of.map(({ conditions }) => ballOf(view, conditions.ball))
  const here = shots.filter(
    (shot) =>
      session.open && shot.heldBecause === null && isOf(session.open)(shot) && !shot.conditions.warmUp,
  )
  const turn = turnOf(balls(here), balls(shots), ball)
  if (!turn || ball === null) return null
  return (
    <Button variant="outline" onClick={() => void bay.ball(turn.other)}>
      {otherBall(turn.run, ball, turn.other)}
    </Button>
  )
}
