import Joi from 'joi'
import { REFERENCE_AIR, type Air } from '@/core/model/air'
import type { Launch } from '@/core/flight/fly'
import { TURFS, type Turf } from '@/core/model/turf'
import type { Restating, UsualClub } from '@/core/flight/restate'
import { LIMITS } from '@/core/model/limits'
import { checkLine, refused, type Checked, within } from './check'

const wind = within(LIMITS.windAlongMps)
const AIR = Joi.object<Air>({
  tempC: within(LIMITS.tempC).default(REFERENCE_AIR.tempC),
  pressureHpa: Joi.number().min(300).max(1100).default(REFERENCE_AIR.pressureHpa),
  humidity: within(LIMITS.humidity).default(REFERENCE_AIR.humidity),
  tailwindMps: wind.default(REFERENCE_AIR.tailwindMps),
  crosswindMps: wind.default(REFERENCE_AIR.crosswindMps),
  windHeightM: Joi.number().min(0.1).max(100),
}).default(REFERENCE_AIR)
const LAUNCH = {
  ballSpeedMps: Joi.number().greater(0).max(120).required(),
  launchDeg: Joi.number().min(-20).max(89).required(),
  spinRpm: Joi.number().min(-20000).max(20000).required(),
  azimuthDeg: Joi.number().min(-89).max(89),
  spinAxisDeg: Joi.number().min(-90).max(90),
}
const height = Joi.number().min(-200).max(200)

export type FlyInput = Launch & { air: Air; landingHeightM?: number; turf: Turf; path?: boolean }
const FLY = Joi.object<FlyInput>({
  ...LAUNCH,
  air: AIR,
  landingHeightM: height,
  turf: Joi.valid(...TURFS).default('normal'),
  path: Joi.boolean(),
})

const carryM = Joi.number().greater(0).max(450).required()
const RESTATE = Joi.object<{
  carryM: number
  launch?: Launch
  club?: UsualClub
  from: Air
  to: Air
  fromHeightM?: number
  toHeightM?: number
  windKnown?: boolean
}>({
  carryM,
  launch: Joi.object(LAUNCH),
  club: Joi.object({
    loftDeg: Joi.number().min(5).max(70).required(),
    teed: Joi.boolean().default(false),
    wood: Joi.boolean(),
    swing: Joi.string().max(200),
  }),
  from: AIR,
  to: AIR,
  fromHeightM: height,
  toHeightM: height,
  windKnown: Joi.boolean(),
}).xor('launch', 'club')

/** Reads one line of `banco fly`. What is left out of the air is Banco's reference air. */
export const readFlyInput = (line: string): Checked<FlyInput> => checkLine(FLY, line)

/** Reads one line of `banco restate`. */
export function readRestateInput(line: string): Checked<Restating> {
  const checked = checkLine(RESTATE, line)
  if (!checked.ok) return checked
  const { launch, club, ...rest } = checked.value
  const known = launch ? ({ kind: 'launch', launch } as const) : club && ({ kind: 'club', ...club } as const)
  return known ? { ok: true, value: { ...rest, known } } : refused('', 'Say the launch, or the club.')
}
