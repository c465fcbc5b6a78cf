import Joi from 'joi'
import type { Station } from '@/core/model/station'
import type { DrillShot } from '@/core/wedges/drill'
import type { SwingDefinition } from '@/core/wedges/swing-definition'
import { MAX_LENGTH, LIMITS } from '@/core/model/limits'
import { problem, within } from './check'
import { STATION_FORM } from './forms'

/** What the page of wedges sends. Canonical units. */

const swing = Joi.string().trim().min(1).max(MAX_LENGTH.swing)

export const SWING_FORM = Joi.object<
  Pick<SwingDefinition, 'swing' | 'clock' | 'lengthShare' | 'gripDownCm' | 'tempo'>
>({
  swing: swing
    .required()
    .custom((name: string) =>
      name === 'full'
        ? problem('The full swing is as long as it is: define a shorter one under a name of its own.')()
        : name,
    ),
  clock: within(LIMITS.clock).allow(null).required(),
  lengthShare: within(LIMITS.lengthShare).greater(0).allow(null).required(),
  gripDownCm: within(LIMITS.gripDownCm).required(),
  tempo: Joi.string().trim().min(1).max(MAX_LENGTH.tempo).allow(null).required(),
})

export const WANTED_FORM = Joi.object<{ stations: Station[] }>({
  stations: Joi.array().items(STATION_FORM).min(1).max(200).required(),
})

export const DRILL_FORM = Joi.object<DrillShot>({
  drill: Joi.string().min(1).max(60).required(),
  atMs: Joi.number().integer().min(0).max(4e12).required(),
  calledM: within(LIMITS.carryM).required(),
  clubId: Joi.string().max(100).required(),
  swing: swing.required(),
  finishM: within(LIMITS.distanceM).required(),
})
export const DRILL_UNDO = Joi.object<{ drill: string }>({ drill: Joi.string().max(60).required() })
