import { greenOf, hazardOf, type NumberRequest } from '@/core/course/number'
import type { HazardKind, CoverConfidence } from '@/core/model/cover-confidence'
import type { Day } from '@/core/session/day'
import type { Golfer } from '@/core/model/golfer'
import { isWithin, LIMITS } from '@/core/model/limits'
import { yards } from '@/core/units'
import type { Ground } from '@/draw/side-view'
import type { Far } from '@/core/wedges/for-number'

/** What stands in the fields: null is empty, NaN no number. */
export type NumberFields = {
  leftM: number | null
  by: Far
  fromTee: boolean
  frontM: number | null
  backM: number | null
  halfWidthM: number | null
  over: HazardKind
  overM: number | null
  behind: HazardKind
  behindM: number | null
  heightM: number | null
  windMps: number | null
  along: 'with' | 'against'
  sure: CoverConfidence
}

export const startOf = (
  { sureness: confidence }: Pick<Golfer, 'sureness'>,
  { tailwindMps }: Pick<Day, 'tailwindMps'>,
): NumberFields => ({
  leftM: null,
  by: 'carry',
  fromTee: false,
  frontM: null,
  backM: null,
  halfWidthM: null,
  over: 'water',
  overM: null,
  behind: 'bunker',
  behindM: null,
  heightM: null,
  windMps: tailwindMps === 0 ? null : Math.abs(tailwindMps),
  along: tailwindMps > 0 ? 'with' : 'against',
  sure: confidence,
})

const known = (value: number | null): value is number => value !== null && !Number.isNaN(value)

const isWind = (mps: number | null): mps is number => known(mps) && isWithin(mps, LIMITS.windOfShotMps)

/** The shot as it is asked for; null before the distance is known. */
export function requestOf(
  fields: NumberFields,
  { tailwindMps }: Pick<Day, 'tailwindMps'>,
): NumberRequest | null {
  const {
    leftM,
    by,
    fromTee,
    frontM,
    backM,
    halfWidthM,
    over,
    overM,
    behind,
    behindM,
    heightM,
    windMps,
    along,
    sure,
  } = fields
  if (!known(leftM) || leftM <= 0) return null
  return {
    ...{ leftM, by, fromTee, sure },
    heightM: known(heightM) ? heightM : 0,
    tailwindMps: isWind(windMps) ? (along === 'with' ? windMps : -windMps) : 0,
    dayWindMps: tailwindMps,
    ...greenOf(frontM, backM, halfWidthM),
    ...hazardOf('over', over, overM),
    ...hazardOf('behind', behind, behindM),
  }
}

/** What is wrong with the fields, and how to mend it. */
export function requestProblems({
  leftM,
  frontM,
  backM,
  overM,
  behindM,
}: NumberFields): { field: string; sentence: string }[] {
  return [
    known(frontM) !== known(backM) && {
      field: 'green',
      sentence: 'A green needs its front and its back: type both.',
    },
    known(frontM) &&
      known(backM) &&
      backM <= frontM && {
        field: 'green',
        sentence: 'The back of the green lies behind its front: change one of them.',
      },
    known(overM) &&
      known(leftM) &&
      overM >= leftM && {
        field: 'over',
        sentence: 'The hazard must end before the target: change one of them, or set it as behind.',
      },
    known(overM) &&
      known(behindM) &&
      behindM <= overM && {
        field: 'behind',
        sentence: 'What lies behind begins after what is to be carried: change one of them.',
      },
  ].filter((each) => each !== false)
}

/** So much of what is carried, or lies behind, is drawn: where it begins or ends on the other side nobody said. */
const DRAWN_M = yards(14)

/** What lies on the ground of a shot, as it is drawn. */
export function groundsOf({
  green,
  over,
  behind,
}: NumberRequest): (Pick<Ground, 'name' | 'is'> & { fromM: number; toM: number })[] {
  return [
    ...(green ? [{ name: 'green', is: 'green' as const, fromM: green.frontM, toM: green.backM }] : []),
    ...(over ? [{ name: over.kind, is: over.kind, fromM: over.atM - DRAWN_M, toM: over.atM }] : []),
    ...(behind ? [{ name: behind.kind, is: behind.kind, fromM: behind.atM, toM: behind.atM + DRAWN_M }] : []),
  ]
}
