import Joi from 'joi'
import { SURFACES, WINDS } from '@/core/session/conditions'
import { CARRY_FROM, type MonitorSetUp, type SetUp } from '@/core/session/set-up'
import { said } from './check'

/** Limits of what a set-up can say, canonical units. They are those of the database. */
const tempC = Joi.number().min(-50).max(60).allow(null).required()
const distance = Joi.number().min(0).max(100)
const name = Joi.string().trim().min(1).max(40)

const monitor = Joi.object<MonitorSetUp>({
  profile: Joi.object({
    name: name.required(),
    netLeastM: distance.required(),
    unitLeastM: distance.required(),
    unitMostM: distance
      .required()
      .custom((most: number, { state }) =>
        most >= (state.ancestors[0] as { unitLeastM: number }).unitLeastM
          ? most
          : said('The monitor must stand at most as far as it may: change one of the two distances.')(),
      ),
    checks: Joi.array()
      .items(
        Joi.object({
          what: Joi.string().trim().min(1).max(80).required(),
          touches: Joi.string().trim().min(1).max(80).required(),
        }),
      )
      .max(20)
      .unique('what')
      .required(),
  }).required(),
  netM: Joi.number().min(0).max(1000).allow(null).required(),
  unitM: Joi.number().min(0).max(1000).allow(null).required(),
  checked: Joi.array().items(Joi.string().max(80)).max(20).required(),
})

/** How a session is set up; null for what was skipped. */
export const SET_UP_FORM = Joi.object<SetUp>({
  surface: Joi.valid(...SURFACES, null).required(),
  ball: name.allow(null).required(),
  ballTempC: Joi.number().min(-50).max(80).allow(null).required(),
  air: Joi.object({
    tempC,
    pressureHpa: Joi.number().min(500).max(1100).allow(null).required(),
    humidity: Joi.number().min(0).max(1).allow(null).required(),
    windMps: Joi.number().min(0).max(60).allow(null).required(),
    wind: Joi.valid(...WINDS, null).required(),
    seaLevelHpa: Joi.number().min(850).max(1100).allow(null).required(),
    windHeightM: Joi.number().min(0.5).max(100).allow(null).required(),
    source: Joi.valid('typed', 'station', null).required(),
  }).required(),
  altitudeM: Joi.number().min(-500).max(5000).allow(null).required(),
  altitudeOf: Joi.valid('here', 'home', null).required(),
  carryFrom: Joi.valid(...CARRY_FROM, null).required(),
  deviceTempC: tempC,
  monitor: monitor.allow(null).required(),
})
