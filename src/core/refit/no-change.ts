import type { BagAnalysis } from '../analyse-bag'
import { OUTLOOK_SHOTS } from '../gaps/outlook'
import type { ClubId } from '../ids'
import { GRIP_DOWN } from '../grip-down'
import type { Block } from '../session/plan'
import { atStation, FULL_SWING, fullSwingOf, isWholeSwing, type Swing } from '../station'
import { isHit, type Stock } from '../stock/stock'
import { FEWEST_TO_REFIT, type DaysOfClubs, type Gate } from './gate'
import { grippedCarry } from './paper-bag'
import type { RefitClub } from './refit-club'

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
  { longerId, shorterId, shut }: Gate,
  { stocks, steps, next }: Pick<BagAnalysis, 'stocks' | 'steps' | 'next'>,
  days: DaysOfClubs,
  clubs: readonly Pick<RefitClub, 'id' | 'loftDeg'>[],
): NoChange[] {
  const sides = [longerId, shorterId]
  const step = steps.find((each) => each.longerId === longerId && each.shorterId === shorterId)
  const isWide = step?.verdict === 'wide'
  const strike = sides.filter((id) => {
    const stock = atStation(stocks, fullSwingOf(id))
    return isHit(stock) && stock.offCurve?.cause === 'strike'
  })
  const swing = isWide ? partialBetween(stocks, longerId, shorterId) : null
  const unhit =
    isWide && !swing ? step.facts.find((fact) => fact.kind === 'between' && !fact.measured) : undefined
  const grip = isWide && !swing ? gripBetween(stocks, longerId, shorterId) : null
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

const carriesOf = (stocks: readonly Stock[], longerId: ClubId, shorterId: ClubId) =>
  [longerId, shorterId].map((id) => atStation(stocks, fullSwingOf(id))?.carryM)

/** The partial swing of any club that lands nearest to the middle between two clubs. */
function partialBetween(
  stocks: readonly Stock[],
  longerId: ClubId,
  shorterId: ClubId,
): Extract<NoChange, { kind: 'swing' }> | null {
  const [high, low] = carriesOf(stocks, longerId, shorterId)
  if (high === undefined || low === undefined) return null
  const middle = (high + low) / 2
  const [best] = stocks
    .flatMap(({ clubId, swing, carryM, count }) =>
      isWholeSwing(swing) || carryM === undefined
        ? []
        : [{ kind: 'swing' as const, clubId, swing, carryM, count }],
    )
    .sort((a, b) => Math.abs(a.carryM - middle) - Math.abs(b.carryM - middle))
  return best && Math.abs(best.carryM - middle) <= FROM_MIDDLE * (high - low) ? best : null
}

/** The longer of two clubs gripped down by whole centimetres, where that lands near the middle. */
export function gripBetween(
  stocks: readonly Stock[],
  longerId: ClubId,
  shorterId: ClubId,
): Extract<NoChange, { kind: 'grip' }> | null {
  const [high, low] = carriesOf(stocks, longerId, shorterId)
  if (high === undefined || low === undefined) return null
  const middle = (high + low) / 2
  const [best] = Array.from({ length: GRIP_DOWN.mostCm }, (_, i) => ({
    kind: 'grip' as const,
    clubId: longerId,
    cm: i + 1,
    carryM: grippedCarry(high, i + 1),
  })).sort((a, b) => Math.abs(a.carryM - middle) - Math.abs(b.carryM - middle))
  return best && Math.abs(best.carryM - middle) <= FROM_MIDDLE * (high - low) ? best : null
}
