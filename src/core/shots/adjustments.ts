import type { BallName } from '../model/ball'
import type { ClubId } from '../model/ids'
import type { StockSurface } from '../model/surface'

/** What a shot's numbers are besides what was measured. */
export type ShotAdjustments = {
  /** Its monitor's numbers are corrected. */
  corrected?: string
  /** It was hit with a range ball, and its carry is that of the range ball. */
  rangeBall?: BallName
  /** It was hit with this ball, and its carry is what another would have carried. */
  converted?: BallName
  /** It lay on this, and the golfer's stocks stand for the other: it counts where there is nothing else. */
  offSurface?: StockSurface
  /** Half of the 90% interval of what a correction and a factor together make of the carry: the same for all shots. */
  unsureM?: number
}

const ADJUSTMENT_KINDS = [
  'corrected',
  'rangeBall',
  'converted',
  'offSurface',
] as const satisfies readonly (keyof ShotAdjustments)[]
export type AdjustmentKind = (typeof ADJUSTMENT_KINDS)[number]
/** What the shots of a stock hold: of each kind the monitors or balls, and how many shots. */
export type Adjustments = { kind: AdjustmentKind; of: string[]; shots: number }[]

/** What some shots hold. */
export const adjustmentsOf = (shots: readonly { adjustments?: ShotAdjustments }[]): Adjustments =>
  ADJUSTMENT_KINDS.flatMap((kind) => {
    const named = shots.flatMap(({ adjustments }) => adjustments?.[kind] ?? [])
    return named.length > 0 ? [{ kind, of: [...new Set(named)].sort(), shots: named.length }] : []
  })

/** By how much the stock of some shots is unsure besides their scatter: what acted on them was off by as much for all. */
export const unsureOf = (shots: readonly { adjustments?: ShotAdjustments }[]): number =>
  shots.length === 0
    ? 0
    : shots.reduce((sum, { adjustments }) => sum + (adjustments?.unsureM ?? 0), 0) / shots.length

/** What the stocks of a bag hold, kind by kind, with the clubs. */
export type AdjustedStocks = { kind: AdjustmentKind; of: string[]; clubIds: ClubId[] }
export const adjustedStocks = (
  stocks: readonly { clubId: ClubId; adjustments?: Adjustments }[],
): AdjustedStocks[] =>
  ADJUSTMENT_KINDS.flatMap((kind) => {
    const holding = stocks.flatMap(({ clubId, adjustments = [] }) =>
      adjustments.filter((each) => each.kind === kind).map(({ of }) => ({ clubId, of })),
    )
    return holding.length > 0
      ? [
          {
            kind,
            of: [...new Set(holding.flatMap(({ of }) => of))].sort(),
            clubIds: [...new Set(holding.map(({ clubId }) => clubId))],
          },
        ]
      : []
  })
