import type { Far } from '../wedges/for-number'
import { NEAR_M } from '../wedges/for-number'
import {
  clearChance,
  greenChance,
  heightCosts,
  nearChance,
  shortOf,
  type ClearChance,
  type Green,
  type GreenChance,
} from './chance'
import { yards } from '../units'
import type { HazardKind, Sureness } from './sureness'
import { windChange, type CourseShot } from './course-shots'

export type Hazard = { kind: HazardKind; atM: number }

/** A shot that is to be played: distances from the ball, in metres. */
export type NumberAsked = {
  leftM: number
  by: Far
  green?: Green
  /** Where the hazard ends that must be carried, and where one behind begins. */
  over?: Hazard
  behind?: Hazard
  /** Of the target above the ball. */
  heightM: number
  /** Along the shot, positive with it, and what of it the card of the day holds already. */
  tailwindMps: number
  dayWindMps: number
  fromTee: boolean
  sure: Sureness
}

/** One shot for that number: where it lands and lies, and with what chances. */
export type NumberChoice = {
  shot: CourseShot
  /** As it plays here: height and wind with it. */
  carryM: number
  finishM: number
  unsureM: number
  /** The chance to do what is wanted: to lie on the green, else to carry, or finish, near the number. */
  chance: number
  green?: GreenChance
  over?: ClearChance
  /** The chance to stay short of what lies behind. */
  before?: number
  /** As sure as the golfer wants to be of every hazard. */
  sureEnough: boolean
}

const LEAST_CHANCE = 0.03
const MOST_CHOICES = 8

/**
 * What a number on the course comes to with every shot, best first: those that are as sure as is wanted and likely enough to
 * be meant, then the others by what they do and clear together.
 */
export function numberFound(shots: readonly CourseShot[], asked: NumberAsked): NumberChoice[] {
  const all = shots
    .filter(({ fromTee }) => asked.fromTee || !fromTee)
    .map((shot) => playedHere(shot, asked))
    .sort((a, b) => worth(b) - worth(a))
  const likely = all.filter(({ chance }) => chance >= LEAST_CHANCE)
  const rest = likely.length > 0 ? likely : nearest(all, asked)
  if (rest[0]?.sureEnough || (!asked.over && !asked.behind)) return rest.slice(0, MOST_CHOICES)
  // Nothing that gets there is sure enough: one that is lays up, as near as it can.
  const [layUp] = nearest(
    all.filter(({ sureEnough }) => sureEnough),
    asked,
  )
  return [...(layUp ? [layUp] : []), ...rest.filter((each) => each !== layUp)].slice(0, MOST_CHOICES)
}

/** A shot this likely to do what is wanted is meant for it. */
const MEANT_FROM = 0.15

const worth = (choice: NumberChoice): number =>
  choice.sureEnough && choice.chance >= MEANT_FROM ? 1 + choice.chance : choice.chance * safety(choice)

/** Where a shot lands with that height and wind, and the chances that follow. */
function playedHere(shot: CourseShot, asked: NumberAsked): NumberChoice {
  const blownM = windChange(shot, asked.tailwindMps) - windChange(shot, asked.dayWindMps)
  const carryM = Math.max(1, shot.carryM + blownM - heightCosts(asked.heightM, shot.landingDeg))
  const windSdM = shot.windSdM * Math.abs(asked.tailwindMps - asked.dayWindMps)
  const here = { ...shot, carryM, stockSdM: Math.hypot(shot.stockSdM, windSdM) }
  const green = asked.green && greenChance(here, asked.green)
  const over = asked.over && clearChance(here, asked.over.atM)
  const before = asked.behind && shortOf(here, asked.behind.atM)
  return {
    shot,
    carryM,
    finishM: carryM + shot.runM,
    unsureM: here.stockSdM,
    chance: green?.on ?? nearChance(here, { leftM: asked.leftM, withinM: NEAR_M, by: farBy(shot, asked) }),
    ...(green && { green }),
    ...(over && { over }),
    ...(before !== undefined && { before }),
    sureEnough:
      (!over || !asked.over || over.clear >= asked.sure[asked.over.kind]) &&
      (before === undefined || !asked.behind || before >= asked.sure[asked.behind.kind]),
  }
}

/** Where a shot is to come to: one of a club that is only hit from the tee comes to rest there, whatever is asked. */
export const farBy = ({ onTotal }: Pick<CourseShot, 'onTotal'>, { by }: Pick<NumberAsked, 'by'>): Far =>
  onTotal ? 'finish' : by

const safety = ({ over, before = 1 }: NumberChoice): number => (over?.clear ?? 1) * before

/** Where nothing gets there: the two that leave the least. */
const nearest = (all: readonly NumberChoice[], asked: NumberAsked): NumberChoice[] => {
  const off = ({ shot, carryM, finishM }: NumberChoice) =>
    Math.abs((farBy(shot, asked) === 'carry' ? carryM : finishM) - asked.leftM)
  return all.toSorted((a, b) => off(a) - off(b)).slice(0, 2)
}

/** How far a number counts on the level and without more wind than the day's, for the shot that is to be played. */
export const countsAs = ({ shot, carryM }: NumberChoice, leftM: number): number =>
  leftM + shot.carryM - carryM

/** A green is as wide to both sides as this where nobody said (common practice). */
const USUAL_HALF_WIDTH_M = yards(10)
const known = (value: number | null): value is number => value !== null && !Number.isNaN(value) && value > 0

/** A green as it was typed; nothing where it has not both its ends, the back behind the front. */
export const greenOf = (
  frontM: number | null,
  backM: number | null,
  halfWidthM: number | null,
): { green?: Green } =>
  known(frontM) && known(backM) && backM > frontM
    ? { green: { frontM, backM, halfWidthM: known(halfWidthM) ? halfWidthM : USUAL_HALF_WIDTH_M } }
    : {}

/** A hazard as it was typed; nothing where nobody said how far it is. */
export const hazardOf = <Where extends 'over' | 'behind'>(
  where: Where,
  kind: HazardKind,
  atM: number | null,
): { [each in Where]?: Hazard } =>
  known(atM) ? ({ [where]: { kind, atM } } as { [each in Where]?: Hazard }) : {}
