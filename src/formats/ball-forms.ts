import Joi from 'joi'
import type { Ball, BallName } from '@/core/model/ball'
import type { BallFactor } from '@/core/balls/trial'
import { MAX_LENGTH } from '@/core/model/limits'

/** What the page of balls sends. Canonical units. */

const name = Joi.string().trim().min(1).max(MAX_LENGTH.ball)

export const BALL_FORM = Joi.object<Ball>({
  name: name.required(),
  range: Joi.boolean().required(),
  worn: Joi.boolean().required(),
})

const FACTOR = Joi.object({
  as: name.required(),
  at: Joi.array()
    .items(
      Joi.object({
        factor: Joi.number().min(0.5).max(2).required(),
        ballSpeedMps: Joi.number().min(0).max(120).allow(null).required(),
        half: Joi.number().min(0).max(1).required(),
      }),
    )
    .min(1)
    .max(14)
    .required(),
  shots: Joi.number().integer().min(6).max(1e6).required(),
})
export const BALL_FACTOR_FORM = Joi.object<{
  ball: BallName
  factor: Omit<BallFactor, 'ball' | 'setMs' | 'on'> | null
}>({ ball: name.required(), factor: FACTOR.allow(null).required() })
