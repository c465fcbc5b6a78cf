import { keep } from '../store/keeps'
import Joi from 'joi'

export const checked = Joi.object({ keep: Joi.valid(keep) })
