import { adjustedStocks, type AdjustedStocks } from '../shots/adjustments'
import { Z90 } from '../math/z90'
import type { BagAnalysis } from '../analysis/bag-analysis'
import { isHit, type Stock, type StockInAir } from '../stock/stock'
import type { Club, ClubKind } from '../bag/club'
import type { ClubId } from '../model/ids'
import { FULL_SWING, type Swing, atStation, fullSwingOf } from '../model/station'
import { yards } from '../units'
import { airOfDay, type Day } from '../session/day'
import type { Air } from '../model/air'
import { fly } from '../flight/fly'
import { measuredLaunch } from '../flight/measured-launch'
import { usualClub } from '../flight/restate-shots'
import type { Turf } from '../model/turf'
import type { SeasonStation } from './season'
import { stationLaunch, stationRun, type RunFrom, type StationRun } from '../stock/station-run'

export type Interval = { atM: number; lowM: number; highM: number }

/** One station on the card: as measured, and in the air and on the ground of the day. */
export type DayLine = {
  clubId: ClubId
  swing: Swing
  /** Absent where it was not hit. */
  measured?: Interval
  /** The club was changed: `measured` is what is expected of it until three good shots replace it. */
  isExpected?: true
  /** Absent where none of its shots could be restated: then the measured one holds. */
  ofDay?: Interval
  /** Where it comes to rest on the day's ground; its run is modelled, or measured and carried over to that ground. */
  total?: Interval
  runM?: number
  runFrom?: RunFrom
  /** What the day's air changes of the carry, with half of its 90% interval; absent where nothing was restated. */
  change?: DayChange
  inAir?: StockInAir
  /** What the golfer's shots on the course were off those in the bay: the day's number and its total hold it. */
  onCourse?: OnCourse
}
/** Negative is shorter than in the bay; half of its 90% interval. */
export type OnCourse = { byM: number; halfM: number }
export type DayChange = { changeM: number; halfM: number; says: 'changes' | 'perhaps-nothing' | 'none' }
export type DayCard = {
  lines: DayLine[]
  /** The full swing whose carry the air changes most, where it is more than its own ±. */
  most?: { clubId: ClubId; fromM: number; toM: number }
  /** The full swing whose run the ground changes most beside normal ground, in metres; absent on normal ground. */
  ground?: { clubId: ClubId; changeM: number }
  /** Solid shots that stay as hit since nobody said their air. */
  unknownAir: number
  /** What its numbers hold besides what was measured. */
  adjustments: AdjustedStocks[]
  /** Cold or soft: what counts is the carry. */
  playTheCarry: boolean
}

/** From here down the ground is a winter's (common practice). */
const WINTER_C = 7
/** A change under this is none. */
const NO_CHANGE_M = yards(0.5)

/**
 * The card of a day: stocks of the shots as hit beside stocks of the same shots in the day's air, and where they
 * come to rest on its ground. All that the day adds is modelled, and widens the interval.
 * @param asHit the bag as hit
 * @param inDay the same shots, compared in the air of the day
 * @param onCourse by kind of club what the course was off the bay, where the golfer wants the card to hold it
 */
export function dayCard(
  clubs: readonly Club[],
  day: Day,
  asHit: BagAnalysis,
  inDay: BagAnalysis,
  onCourse: ReadonlyMap<ClubKind, OnCourse> = new Map(),
): DayCard {
  const air = airOfDay(day)
  const byId = new Map(clubs.map((club) => [club.id, club]))
  const lines = asHit.stocks.map((stock): DayLine => {
    const { clubId, swing } = stock
    const restated = atStation(inDay.stocks, { clubId, swing })
    const measured = intervalOf(stock)
    if (!measured || !restated) return { clubId, swing }
    // What is expected of a changed club is worked out in the air of the day, as its shots before the change are.
    const moved = (restated.inAir?.restated ?? 0) > 0 || restated.isExpected === true
    const inAir = moved ? intervalOf(restated) : null
    const club = byId.get(clubId)
    const off = club && onCourse.get(club.kind)
    const ofDay = off ? movedBy(inAir ?? measured, off) : inAir
    const run = club && runOfStation(asHit, stock, club, air, day.turf)
    const carry = ofDay ?? measured
    return {
      clubId,
      swing,
      measured,
      ...(stock.isExpected && { isExpected: true as const }),
      ...(ofDay && { ofDay }),
      ...(inAir && { change: changeOf(inAir.atM - measured.atM, restated.inAir?.sdM ?? 0) }),
      ...(run && { total: onward(carry, run), runM: run.runM, runFrom: run.from }),
      ...(restated.inAir && { inAir: restated.inAir }),
      ...(off && { onCourse: off }),
    }
  })
  const full = lines.filter(({ swing }) => swing === FULL_SWING)
  const most = biggest(
    full.flatMap(({ clubId, measured, ofDay, change }) =>
      measured && ofDay && change?.says === 'changes'
        ? [{ clubId, fromM: measured.atM, toM: ofDay.atM, changeM: change.changeM }]
        : [],
    ),
  )
  const ground =
    day.turf === 'normal'
      ? null
      : biggest(
          full.flatMap(({ clubId, runM }) => {
            const club = byId.get(clubId)
            const stock = atStation(asHit.stocks, fullSwingOf(clubId))
            if (!club || !stock?.carryM || runM === undefined) return []
            const normal = runOfStation(asHit, stock, club, air, 'normal')
            return normal ? [{ clubId, changeM: runM - normal.runM }] : []
          }),
        )
  return {
    lines,
    ...(most && { most: { clubId: most.clubId, fromM: most.fromM, toM: most.toM } }),
    ...(ground && { ground }),
    unknownAir: inDay.stocks.reduce(
      (sum, { inAir }) => sum + (inAir?.because.includes('unknown-air') ? inAir.asHit : 0),
      0,
    ),
    adjustments: adjustedStocks(inDay.stocks),
    playTheCarry: day.turf === 'soft' || day.tempC <= WINTER_C,
  }
}

const biggest = <T extends { changeM: number }>(changes: T[]): T | null =>
  changes.reduce<T | null>(
    (most, each) => (most && Math.abs(most.changeM) >= Math.abs(each.changeM) ? most : each),
    null,
  )

function changeOf(changeM: number, sdM: number): DayChange {
  const halfM = Z90 * sdM
  const far = Math.abs(changeM)
  return { changeM, halfM, says: far < NO_CHANGE_M ? 'none' : far <= halfM ? 'perhaps-nothing' : 'changes' }
}

const intervalOf = (stock: Stock): Interval | null =>
  isHit(stock) ? { atM: stock.carryM, lowM: stock.lowM, highM: stock.highM } : null

/** A number with what the course was off the bay. */
const movedBy = ({ atM, lowM, highM }: Interval, { byM, halfM }: OnCourse): Interval => ({
  atM: atM + byM,
  lowM: atM + byM - Math.hypot(atM - lowM, halfM),
  highM: atM + byM + Math.hypot(highM - atM, halfM),
})

/** The interval of a total: the carry's and the run's. */
function onward({ atM, lowM, highM }: Interval, { runM, unsureM }: StationRun): Interval {
  return {
    atM: atM + runM,
    lowM: atM + runM - Math.hypot(atM - lowM, unsureM),
    highM: atM + runM + Math.hypot(highM - atM, unsureM),
  }
}

/** The full swings of a card, as the season picture takes them: their carries belong to the air of the day. */
export const seasonStations = (clubs: readonly Club[], inDay: BagAnalysis): SeasonStation[] =>
  inDay.stocks.flatMap((stock) => {
    const { clubId, swing, carryM, run } = stock
    const club = clubs.find(({ id }) => id === clubId)
    if (!club || swing !== FULL_SWING || carryM === undefined) return []
    const launch = stationLaunch(stock, undefined, club)
    if (!launch) return []
    const known = measuredLaunch(stock.averages)
      ? { kind: 'launch' as const, launch }
      : { kind: 'club' as const, launch, ...usualClub(club, swing) }
    return [{ clubId, carryM, known, ...(run && { run }) }]
  })

/** The run of a station's usual shot in some air on some ground. */
function runOfStation(
  { stocks }: BagAnalysis,
  stock: Stock,
  club: Club,
  air: Air,
  turf: Turf,
): StationRun | null {
  const full = atStation(stocks, fullSwingOf(stock.clubId))
  const launch = stationLaunch(stock, full, club)
  const flight = launch && fly(launch, air)
  return flight?.outcome === 'landed' ? stationRun(stock, flight.landing, turf) : null
}
