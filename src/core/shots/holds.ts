import type { BallName } from '../balls/ball'
import type { ClubId } from '../ids'
import type { StockSurface } from '../session/surface'

/** What a shot's numbers are besides what was measured. */
export type ShotHolds = {
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

export const HOLD_KINDS = [
  'corrected',
  'rangeBall',
  'converted',
  'offSurface',
] as const satisfies readonly (keyof ShotHolds)[]
export type HoldKind = (typeof HOLD_KINDS)[number]
/** What the shots of a stock hold: of each kind the monitors or balls, and how many shots. */
export type Holds = { kind: HoldKind; of: string[]; shots: number }[]

/** What some shots hold. */
export const holdsOf = (shots: readonly { holds?: ShotHolds }[]): Holds =>
  HOLD_KINDS.flatMap((kind) => {
    const named = shots.flatMap(({ holds }) => holds?.[kind] ?? [])
    return named.length > 0 ? [{ kind, of: [...new Set(named)].sort(), shots: named.length }] : []
  })

/** By how much the stock of some shots is unsure besides their scatter: what acted on them was off by as much for all. */
export const unsureOf = (shots: readonly { holds?: ShotHolds }[]): number =>
  shots.length === 0 ? 0 : shots.reduce((sum, { holds }) => sum + (holds?.unsureM ?? 0), 0) / shots.length

/** What the stocks of a bag hold, kind by kind, with the clubs. */
export type HeldByStocks = { kind: HoldKind; of: string[]; clubIds: ClubId[] }
export const heldByStocks = (stocks: readonly { clubId: ClubId; holds?: Holds }[]): HeldByStocks[] =>
  HOLD_KINDS.flatMap((kind) => {
    const holding = stocks.flatMap(({ clubId, holds = [] }) =>
      holds.filter((each) => each.kind === kind).map(({ of }) => ({ clubId, of })),
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
