import { clubsInOrder, refitClubs, type Bag } from '@/core/bag/bag'
import type { Club } from '@/core/bag/club'
import type { Turf } from '@/core/model/turf'
import type { Golfer } from '@/core/model/golfer'
import type { LeftOnPurpose } from '@/core/gaps/kept-as-is'
import type { Demand } from '@/core/gaps/demand'
import { adjustedStocks, type AdjustedStocks } from '@/core/shots/adjustments'
import { TEED_SWING, type Station } from '@/core/model/station'
import type { DrillShot } from '@/core/wedges/drill'
import { ladder, type Rung } from '@/core/wedges/ladder'
import type { SwingDefinition } from '@/core/wedges/swing-definition'
import { wedgeSet, type WedgeSet } from '@/core/wedges/wedge-set'
import { wedges, type Wedges } from '@/core/wedges/wedges'
import { dayOf } from '@/store/course-days'
import type { Database } from '@/store/database'
import { drillShots } from '@/store/drills'
import { leftOnPurpose } from '@/store/kept-as-is'
import { swingDefinitions, wantedStations } from '@/store/swings'
import { comparedBag, type StationShots } from './bag-analysis'
import { plainCardUntil } from './competition'
import { demandOf } from './demand-view'

export type WedgesView = {
  golfer: Golfer
  bag: Bag
  clubs: Club[]
  /** Every club of the bag stands on the rule, not the wedges alone. */
  allClubs: boolean
  swings: string[]
  turf: Turf
  found: Wedges
  /** What its numbers hold besides what was measured. */
  adjustments: AdjustedStocks[]
  rungs: Rung[]
  /** Which wedges to have; null where no pitching wedge was hit. */
  set: WedgeSet | null
  shots: StationShots
  wanted: Station[]
  definitions: SwingDefinition[]
  drills: DrillShot[]
  /** What the golfer wants as it is. */
  left: LeftOnPurpose[]
  /** What the golfer was asked for on the course. */
  demand: Demand
  /** Nothing may advise a club until then; null where no competition round is under way. */
  competitionUntilMs: number | null
}

/** The wedges by swing, along the rule; null before the first bag. */
export function wedgesView(
  db: Database,
  golfer: Golfer,
  nowMs: number,
  allClubs: boolean,
): WedgesView | null {
  const compared = comparedBag(db, golfer, nowMs)
  if (!compared) return null
  const { bag, analysis, shots } = compared
  const clubs = clubsInOrder(bag).filter(({ kind }) => (allClubs ? kind !== 'putter' : kind === 'wedge'))
  const turf = dayOf(db, golfer.id)?.day.turf ?? golfer.usualTurf ?? 'normal'
  const old = analysis.stocks.flatMap(({ clubId, swing }) =>
    clubs.some(({ id }) => id === clubId) && swing !== TEED_SWING && !golfer.swings.includes(swing)
      ? [swing]
      : [],
  )
  const { goalZoneM, toleranceM } = golfer
  const demand = demandOf(db, golfer, analysis, nowMs)
  return {
    golfer,
    bag,
    clubs,
    allClubs,
    turf,
    swings: [...golfer.swings, ...new Set(old)],
    found: wedges(clubs, [...golfer.swings, ...new Set(old)], analysis, { goalZoneM, toleranceM, turf }),
    adjustments: adjustedStocks(
      analysis.stocks.filter(({ clubId }) => clubs.some(({ id }) => id === clubId)),
    ),
    rungs: ladder(
      clubs.filter(({ kind }) => kind === 'wedge'),
      analysis.stocks,
    ),
    set: wedgeSet(refitClubs(bag).clubs, analysis.stocks, { toleranceM, demand }),
    shots,
    wanted: wantedStations(db, golfer.id),
    definitions: swingDefinitions(db, golfer.id),
    drills: drillShots(db, golfer.id),
    left: leftOnPurpose(db, golfer.id),
    demand,
    competitionUntilMs: plainCardUntil(db, golfer.id, nowMs),
  }
}
