import Joi from 'joi'
import { WINDS } from '@/core/session/conditions'
import { SURFACES } from '@/core/model/surface'
import { CARRY_FROM, type MonitorSetUp, type SetUp } from '@/core/session/set-up'
import type { SessionId } from '@/core/model/ids'
import type { AirInput } from '@/core/session/session-air'
import { MAX_LENGTH, LIMITS } from '@/core/model/limits'
import { FLIGHT_FIELDS } from '@/core/shots/flight-fields'
import { problem, within } from './check'

/** What a set-up can say, canonical units. */
const tempC = within(LIMITS.tempC).allow(null).required()
const distance = within(LIMITS.unitWantedM)
const name = Joi.string().trim().min(1).max(MAX_LENGTH.monitor)

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
          : problem('The monitor must stand at most as far as it may: change one of the two distances.')(),
      ),
    checks: Joi.array()
      .items(
        Joi.object({
          what: Joi.string().trim().min(1).max(MAX_LENGTH.check).required(),
          touches: Joi.string().trim().min(1).max(MAX_LENGTH.check).required(),
        }),
      )
      .max(20)
      .unique('what')
      .required(),
    computes: Joi.array()
      .items(Joi.valid(...FLIGHT_FIELDS))
      .unique()
      .default([]),
    airTempC: within(LIMITS.tempC).allow(null).default(null),
  }).required(),
  netM: within(LIMITS.unitM).allow(null).required(),
  unitM: within(LIMITS.unitM).allow(null).required(),
  checked: Joi.array().items(Joi.string().max(MAX_LENGTH.check)).max(20).required(),
})

const windMps = within(LIMITS.windMps).allow(null).required()
const wind = Joi.valid(...WINDS, null).required()
const altitudeM = within(LIMITS.altitudeM).allow(null).required()
const carryFrom = Joi.valid(...CARRY_FROM, null).required()

/** How a session is set up; null for what was skipped. */
export const SET_UP_FORM = Joi.object<SetUp>({
  surface: Joi.valid(...SURFACES, null).required(),
  ball: name.allow(null).required(),
  ballTempC: within(LIMITS.ballTempC).allow(null).required(),
  air: Joi.object({
    tempC,
    pressureHpa: within(LIMITS.pressureHpa).allow(null).required(),
    humidity: within(LIMITS.humidity).allow(null).required(),
    windMps,
    wind,
    seaLevelHpa: within(LIMITS.seaLevelHpa).allow(null).required(),
    windHeightM: within(LIMITS.windHeightM).allow(null).required(),
    source: Joi.valid('typed', 'station', null).required(),
  }).required(),
  altitudeM,
  altitudeOf: Joi.valid('here', 'home', null).required(),
  carryFrom,
  deviceTempC: tempC,
  monitor: monitor.allow(null).required(),
})

/** What is said afterwards of the air of sessions that lack it; null for what still is not known. */
type AirForm = { airs: (AirInput & { sessions: SessionId[] })[] }
export const AIR_FORM = Joi.object<AirForm>({
  airs: Joi.array()
    .items(
      Joi.object({
        sessions: Joi.array().items(Joi.string().max(80)).min(1).max(1000).unique().required(),
        carryFrom,
        tempC,
        altitudeM,
        windMps,
        wind,
        deviceTempC: tempC,
      }),
    )
    .min(1)
    .max(2)
    .required(),
})
