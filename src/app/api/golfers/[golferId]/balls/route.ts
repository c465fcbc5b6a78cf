import { BALL_FORM, BALL_FACTOR_FORM } from '@/formats/ball-forms'
import { requireGolfer } from '@/http/require'
import { bodyForm, route } from '@/http/route'
import { keepBall, keepBallFactor } from '@/store/balls'
import { theDatabase } from '@/store/database'

/** What a ball is. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const ball = await bodyForm(request, BALL_FORM)
  keepBall(theDatabase(), golfer.id, ball)
  return Response.json(ball)
})

/** What a ball counts as from now on; `factor` null: as it flew. */
export const PATCH = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { ball, factor } = await bodyForm(request, BALL_FACTOR_FORM)
  keepBallFactor(theDatabase(), golfer.id, ball, factor && { ...factor, setMs: Date.now(), on: true })
  return Response.json({ ball, on: factor !== null })
})
