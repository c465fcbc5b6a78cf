import type { Far } from '../wedges/for-number'
import { NEAR_M } from '../wedges/for-number'
import {
  clearChance,
  greenChance,
  heightCosts,
  shortOf,
  type ClearChance,
  type Green,
  type GreenChance,
} from './chance'
import { nearChance } from '../stock/near-chance'
import { yards } from '../units'
import type { HazardKind, CoverConfidence } from '../model/cover-confidence'
import { windChange, type CourseShot } from './course-shots'

/** Where it ends, if it must be carried, or begins, if it lies behind; and where one that must be carried begins. */
type Hazard = { kind: HazardKind; atM: number; fromM?: number }

/** A shot that is to be played: distances from the ball, in metres. */
export type NumberRequest = {
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
  sure: CoverConfidence
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
  /** It is named to stay short of a hazard that begins there, and leaves so much. */
  layUp?: { leavesM: number; shortOfM: number }
}

const MOST_CHOICES = 8
/** A club with less than this share of the best chance is never named first: it clears the water and flies the green. */
const OF_THE_BEST = 1 / 4
/** Chances nearer than this are alike: then the one that scatters less is named. */
const ALIKE = 0.03
/** A hazard that must be carried begins so far before its end, where it is not said (from memory of practice). */
const USUAL_DEPTH_M = yards(20)

/**
 * What a number on the course comes to with every shot, best first. Of those that clear and stay short as surely as is
 * wanted, the one with the best chance to do what is meant. Where none does, the best chance and a lay-up: the lay-up
 * first where it is what lies behind that cannot be avoided.
 */
export function numberFound(shots: readonly CourseShot[], request: NumberRequest): NumberChoice[] {
  const all = shots
    .filter(({ fromTee }) => request.fromTee || !fromTee)
    .map((shot) => playedHere(shot, request))
    .sort((a, b) => b.chance - a.chance)
  const best = all[0]
  if (!best || best.chance < LEAST_CHANCE) return nearest(all, request)
  const meant = all.filter(({ chance }) => chance >= LEAST_CHANCE)
  const useful = ({ chance }: NumberChoice) => chance >= OF_THE_BEST * best.chance
  const safe = meant.filter((each) => each.sureEnough && useful(each))
  const rest = (named: NumberChoice) => {
    const others = meant.filter((each) => each !== named)
    return [
      ...others.filter(useful).sort((a, b) => worth(b) - worth(a)),
      ...others.filter((each) => !useful(each)),
    ]
  }
  if (safe[0]) {
    const likeliest = safe[0].chance
    const first = safe
      .filter(({ chance }) => chance >= likeliest - ALIKE)
      .reduce((a, b) => (scatterOf(b) < scatterOf(a) ? b : a))
    return [first, ...rest(first)].slice(0, MOST_CHOICES)
  }
  const layUp = layUpOf(all, request)
  const avoids = request.over && best.over && best.over.clear < request.sure[request.over.kind]
  const named = (avoids ? [best, layUp] : [layUp, best]).flatMap((each) => each ?? [])
  return [...named, ...rest(best)].slice(0, MOST_CHOICES)
}

const LEAST_CHANCE = 0.03

const worth = ({ sureEnough, chance }: NumberChoice): number => chance + Number(sureEnough)
const scatterOf = ({ shot: { shotSdM, sideSdM } }: NumberChoice): number => Math.hypot(shotSdM, sideSdM)

/** The longest shot that stays short of the hazard as surely as is wanted; none where no shot is that short. */
function layUpOf(all: readonly NumberChoice[], request: NumberRequest): NumberChoice | null {
  const { over, behind } = request
  const hazard = over ? { ...over, atM: over.fromM ?? over.atM - USUAL_DEPTH_M } : behind
  if (!hazard) return null
  const short = all.filter(
    ({ shot, carryM, unsureM }) =>
      shortOf({ ...shot, carryM, stockSdM: unsureM }, hazard.atM) >= request.sure[hazard.kind],
  )
  const longest = short.reduce<NumberChoice | null>(
    (a, b) => (a === null || b.finishM > a.finishM ? b : a),
    null,
  )
  return longest && { ...longest, layUp: { leavesM: request.leftM - longest.finishM, shortOfM: hazard.atM } }
}

/** Where a shot lands with that height and wind, and the chances that follow. */
function playedHere(shot: CourseShot, request: NumberRequest): NumberChoice {
  const blownM = windChange(shot, request.tailwindMps) - windChange(shot, request.dayWindMps)
  const carryM = Math.max(1, shot.carryM + blownM - heightCosts(request.heightM, shot.landingDeg))
  const windSdM = shot.windSdM * Math.abs(request.tailwindMps - request.dayWindMps)
  const here = {
    ...shot,
    carryM: Math.max(1, carryM + shot.estimateOffM),
    stockSdM: Math.hypot(shot.stockSdM, windSdM),
  }
  const green = request.green && greenChance(here, request.green)
  const over = request.over && clearChance(here, request.over.atM)
  const before = request.behind && shortOf(here, request.behind.atM)
  return {
    shot,
    carryM,
    finishM: carryM + shot.runM,
    unsureM: here.stockSdM,
    chance:
      green?.on ?? nearChance(here, { leftM: request.leftM, withinM: NEAR_M, by: farBy(shot, request) }),
    ...(green && { green }),
    ...(over && { over }),
    ...(before !== undefined && { before }),
    sureEnough:
      (!over || !request.over || over.clear >= request.sure[request.over.kind]) &&
      (before === undefined || !request.behind || before >= request.sure[request.behind.kind]),
  }
}

/** Where a shot is to come to: one of a club that is only hit from the tee comes to rest there, whatever is asked. */
export const farBy = ({ onTotal }: Pick<CourseShot, 'onTotal'>, { by }: Pick<NumberRequest, 'by'>): Far =>
  onTotal ? 'finish' : by

/** Where nothing gets there: the two that leave the least. */
const nearest = (all: readonly NumberChoice[], request: NumberRequest): NumberChoice[] => {
  const off = ({ shot, carryM, finishM }: NumberChoice) =>
    Math.abs((farBy(shot, request) === 'carry' ? carryM : finishM) - request.leftM)
  return all.toSorted((a, b) => off(a) - off(b)).slice(0, 2)
}

/** How far a number counts on the level and without more wind than the day's, for the shot that is to be played. */
export const playsAs = ({ shot, carryM }: NumberChoice, leftM: number): number => leftM + shot.carryM - carryM

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
