import type { BagAnalysis } from '../analysis/bag-analysis'
import { isSameGap, type GapClubs } from '../gaps/gap-clubs'
import { OUTLOOK_SHOTS } from '../gaps/outlook'
import type { ClubId } from '../model/ids'
import { GRIP_DOWN } from '../bag/grip-down'
import type { Block } from '../session/plan'
import { atStation, FULL_SWING, fullSwingOf, isWholeSwing, type Swing } from '../model/station'
import { isHit, type Stock } from '../stock/stock'
import { FEWEST_TO_REFIT, type DaysOfClubs, type Gate } from './gate'
import { grippedCarry } from './paper-fixes'
import type { RefitClub } from '../bag/bag'

/** What helps about a trouble without any change of a club. */
export type NoChange =
  /** A partial swing that was hit and lands well between the two clubs. */
  | { kind: 'swing'; clubId: ClubId; swing: Swing; carryM: number; count: number }
  /** A partial swing that was not hit yet and should land there by what is usual. */
  | { kind: 'try-swing'; clubId: ClubId; swing: Swing; carryM: number }
  /** The longer club gripped down lands there, by a rule of thumb. */
  | { kind: 'grip'; clubId: ClubId; cm: number; carryM: number }
  /** Lofts that are not set: without them nothing is known of bends and of clubs to buy. */
  | { kind: 'set-lofts'; clubIds: ClubId[] }
  /** More shots, since the gap is not confirmed or a club has too few. */
  | { kind: 'retest'; shots: Block[] }
  /** Poor strikes explain why this club is short. */
  | { kind: 'strike'; clubId: ClubId }

/** A second day wants so many shots with a club at least. */
const SHOTS_ON_A_NEW_DAY = 5
/** A shot between two clubs lands within this share of their gap from its middle. */
const FROM_MIDDLE = 0.25

/** What can be done about a trouble without a change of clubs, first what comes first. */
export function withoutChange(
  gate: Gate,
  { stocks, gaps, next }: Pick<BagAnalysis, 'stocks' | 'gaps' | 'next'>,
  days: DaysOfClubs,
  clubs: readonly Pick<RefitClub, 'id' | 'loftDeg'>[],
): NoChange[] {
  const { longerId, shorterId, shut } = gate
  const sides = [longerId, shorterId]
  const gap = gaps.find((each) => isSameGap(each, gate))
  const isWide = gap?.verdict === 'too-wide'
  const strike = sides.filter((id) => {
    const stock = atStation(stocks, fullSwingOf(id))
    return isHit(stock) && stock.offCurve?.cause === 'strike'
  })
  const swing = isWide ? partialBetween(stocks, gate) : null
  const unhit =
    isWide && !swing ? gap.facts.find((fact) => fact.kind === 'between' && !fact.measured) : undefined
  const grip = isWide && !swing ? gripBetween(stocks, gate) : null
  const retest: NoChange[] =
    shut === 'not-settled' || shut === 'few-shots' ? [{ kind: 'retest', shots: moreShots() }] : []
  function moreShots(): Block[] {
    const planned = next.filter(({ clubId }) => sides.includes(clubId))
    if (shut === 'not-settled' && planned.length > 0)
      return planned.map(({ clubId, swing, shots }) => ({ clubId, swing, shots }))
    return sides.flatMap((clubId): Block[] => {
      const count = atStation(stocks, fullSwingOf(clubId))?.count ?? 0
      const isNewDay = shut === 'few-shots' && (days.get(clubId) ?? 0) < FEWEST_TO_REFIT.days
      const shots =
        shut === 'not-settled'
          ? OUTLOOK_SHOTS
          : Math.max(FEWEST_TO_REFIT.solid - count, isNewDay ? SHOTS_ON_A_NEW_DAY : 0)
      return shots > 0 ? [{ clubId, swing: FULL_SWING, shots }] : []
    })
  }
  const withoutLoft = sides.filter((id) => clubs.find((club) => club.id === id)?.loftDeg === null)
  return [
    ...retest,
    ...strike.map((clubId): NoChange => ({ kind: 'strike', clubId })),
    ...(swing ? [swing] : []),
    ...(unhit?.kind === 'between'
      ? [{ kind: 'try-swing' as const, clubId: unhit.clubId, swing: unhit.swing, carryM: unhit.carryM }]
      : []),
    ...(grip ? [grip] : []),
    ...(withoutLoft.length > 0 ? [{ kind: 'set-lofts' as const, clubIds: withoutLoft }] : []),
  ]
}

/** The swing nearest to the middle of a gap, where it is near enough. */
function nearMiddle<T extends { carryM: number }>(
  stocks: readonly Stock[],
  { longerId, shorterId }: GapClubs,
  swings: (longM: number) => readonly T[],
): T | null {
  const [high, low] = [longerId, shorterId].map((id) => atStation(stocks, fullSwingOf(id))?.carryM)
  if (high === undefined || low === undefined) return null
  const fromMiddle = ({ carryM }: T): number => Math.abs(carryM - (high + low) / 2)
  const [best] = swings(high).toSorted((a, b) => fromMiddle(a) - fromMiddle(b))
  return best && fromMiddle(best) <= FROM_MIDDLE * (high - low) ? best : null
}

/** The partial swing of any club that lands nearest to the middle between two clubs. */
const partialBetween = (stocks: readonly Stock[], gap: GapClubs) =>
  nearMiddle(stocks, gap, () =>
    stocks.flatMap(({ clubId, swing, carryM, count }) =>
      isWholeSwing(swing) || carryM === undefined
        ? []
        : [{ kind: 'swing' as const, clubId, swing, carryM, count }],
    ),
  )

/** The longer of two clubs gripped down by whole centimetres, where that lands near the middle. */
export const gripBetween = (stocks: readonly Stock[], gap: GapClubs) =>
  nearMiddle(stocks, gap, (longM) =>
    Array.from({ length: GRIP_DOWN.mostCm }, (_, i) => ({
      kind: 'grip' as const,
      clubId: gap.longerId,
      cm: i + 1,
      carryM: grippedCarry(longM, i + 1),
    })),
  )
