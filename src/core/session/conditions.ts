import type { BallName } from '../model/ball'
import type { Exclusion } from '../shots/shot'
import { isStockSurface, type StockSurface, type Surface } from '../model/surface'

/** How the wind blows, seen from the ball to the target. */
export const WINDS = ['felt', 'into', 'with', 'from-left', 'from-right'] as const
export type Wind = (typeof WINDS)[number]

/** What shots were hit in, where it differs from the session's set-up. */
export type Conditions = {
  /** Kept apart: in no stock. */
  warmUp: boolean
  /** Null: calm, or as the set-up says. */
  wind: Wind | null
  tempC: number | null
  surface: Surface | null
  /** Null: the ball of the set-up. */
  ball: BallName | null
}
/** What the golfer says of the air and the lie, all of it at once. */
export type AirAndLie = Pick<Conditions, 'wind' | 'tempC' | 'surface'>

/** From a shot on something else holds, until the next change. */
export type ConditionChange = { fromSeq: number } & (
  { kind: 'warm-up'; on: boolean } | { kind: 'ball'; ball: BallName } | ({ kind: 'air' } & AirAndLie)
)

export const PLAIN: Conditions = { warmUp: false, wind: null, tempC: null, surface: null, ball: null }

/**
 * What the shot at place `seq` was hit in.
 * @param changes in the order in which they were said: of two for the same shot the later one holds
 */
export function conditionsAt(changes: readonly ConditionChange[], seq: number): Conditions {
  const last = <Kind extends ConditionChange['kind']>(kind: Kind) =>
    changes.reduce<Extract<ConditionChange, { kind: Kind }> | null>(
      (found, change) =>
        change.kind === kind && change.fromSeq <= seq && change.fromSeq >= (found?.fromSeq ?? 0)
          ? (change as Extract<ConditionChange, { kind: Kind }>)
          : found,
      null,
    )
  const air = last('air')
  return {
    warmUp: last('warm-up')?.on ?? false,
    wind: air?.wind ?? null,
    tempC: air?.tempC ?? null,
    surface: air?.surface ?? null,
    ball: last('ball')?.ball ?? null,
  }
}

/** What the ball lay on: what was said from then on, else in its session's set-up. */
export const lyingOn = (
  { surface }: Pick<Conditions, 'surface'>,
  setUp: { surface: Surface | null } | null | undefined,
): Surface | null => surface ?? setUp?.surface ?? null

/**
 * Why a shot is excluded from a golfer's stocks; null: it is not.
 * @param stocksOff the surface that the stocks are for: shots from the other one are excluded; null: both
 */
export function stockExclusion(
  hitIn: Conditions,
  setUp: { surface: Surface | null } | null | undefined,
  stocksOff: StockSurface | null,
): Exclusion | null {
  const surface = lyingOn(hitIn, setUp)
  const isOther = stocksOff !== null && isStockSurface(surface) && surface !== stocksOff
  return isOther && !hitIn.warmUp ? surface : exclusionOf(hitIn)
}

/** Why a shot is not one in calm air from a good lie; null: it is. */
export const exclusionOf = ({ warmUp, wind, surface }: Conditions): Exclusion | null =>
  warmUp ? 'warm-up' : wind !== null ? 'wind' : surface === 'rough' ? 'rough' : null
