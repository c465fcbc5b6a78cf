import type { BagAnalysis } from '../analysis/bag-analysis'
import type { Club } from '../bag/club'
import { airOfDay, type Day } from '../session/day'
import type { DayCard } from './day-card'
import { fly } from '../flight/fly'
import { measuredLaunch } from '../flight/measured-launch'
import { LAW, UNKNOWN_LAUNCH } from '../flight/restate'
import { stationLaunch } from '../stock/station-run'
import type { ClubId } from '../model/ids'
import { LIMITS } from '../model/limits'
import { sdOf } from '../math/z90'
import { atStation, fullSwingOf, type Swing, lieOf } from '../model/station'
import { isHit } from '../stock/stock'
import { stationFlight } from '../wedges/station-flight'
import { RUN_SPREAD, type Rolls, type ShotChances } from '../stock/near-chance'
import { missedByKind } from './missed-by-kind'

/** A shot of the day's card, with all that a number on the course needs: plain data, for the offline card. */
export type CourseShot = ShotChances &
  Rolls & {
    clubId: ClubId
    swing: Swing
    landingDeg: number
    /** Its usual flight, along and up. */
    path: { alongM: number; upM: number }[]
    /** What winds along the shot change of the day's carry, at each of `WINDS_MPS`. */
    windM: number[]
    /** One standard deviation of what a wind changes, for each m/s that it differs from the day's. */
    windSdM: number
    /** How much further the estimate is than the stock that is shown: chances go by all that the shots say, as verdicts do. */
    estimateOffM: number
    /** It is hit from a tee alone. */
    fromTee?: true
    /** That is its job, and it is played for where it comes to rest. */
    onTotal?: true
    /** The carry holds what this golfer's shots on the course were off those in the bay. */
    asOnCourse?: true
    /** The club was changed and has no three good shots since: its carry is expected. */
    isExpected?: true
  }

/** Winds along a shot for which its carry is worked out; between them lies a line. Positive is with the shot. */
export const WINDS_MPS: readonly number[] = Array.from(
  { length: 17 },
  (_, i) => (i / 8 - 1) * LIMITS.windOfShotMps.most,
)
/** A path is drawn through so many places. */
const PATH_POINTS = 24
/** Where no flight is known a ball lands like a middle iron's. */
const USUAL_LANDING_DEG = 45

/** The shots of a day's card as a number on the course needs them. */
export function courseShots(
  clubs: readonly Club[],
  day: Day,
  card: Pick<DayCard, 'lines'>,
  { stocks, spread }: Pick<BagAnalysis, 'stocks' | 'spread'>,
): CourseShot[] {
  const air = airOfDay(day)
  const missedWith = missedByKind(clubs, stocks, spread.missed)
  return card.lines.flatMap((line): CourseShot[] => {
    const carry = line.ofDay ?? line.measured
    const stock = atStation(stocks, line)
    const club = clubs.find(({ id }) => id === line.clubId)
    if (!carry || !isHit(stock) || !club) return []
    const full = atStation(stocks, fullSwingOf(club.id))
    const flight = stationFlight(stock, full, club, day.turf)
    const launch = stationLaunch(stock, full, club)
    const usual = launch && fly(launch, air)
    const windM = WINDS_MPS.map((tailwindMps) => {
      const blown = launch && fly(launch, { ...air, tailwindMps })
      return usual?.outcome === 'landed' && blown?.outcome === 'landed'
        ? carry.atM * (blown.carryM / usual.carryM - 1)
        : 0
    })
    const unknown = measuredLaunch(stock.averages) ? 0 : UNKNOWN_LAUNCH.perMps
    const runM = line.runM ?? 0
    const scale = carry.atM / stock.carryM
    return [
      {
        clubId: line.clubId,
        swing: line.swing,
        carryM: carry.atM,
        stockSdM: sdOf(carry),
        estimateOffM: (stock.model.carryM - stock.carryM) * scale,
        shotSdM: spread.carry * carry.atM,
        missed: missedWith(club),
        runM,
        runSdM: RUN_SPREAD * Math.abs(runM),
        biasM: spread.lateralMean * carry.atM,
        sideSdM: spread.lateral * carry.atM,
        landingDeg: flight?.landingDeg ?? USUAL_LANDING_DEG,
        path: thinned(flight?.path ?? []).map(({ alongM, upM }) => ({ alongM: alongM * scale, upM })),
        windM,
        windSdM: Math.hypot(LAW.perMps, unknown) * carry.atM,
        ...((club.kind === 'driver' || club.job === 'tee' || lieOf(line) === 'tee') && {
          fromTee: true as const,
        }),
        ...(club.job === 'tee' && { onTotal: true as const }),
        ...(line.onCourse && { asOnCourse: true as const }),
        ...(line.isExpected && { isExpected: true as const }),
      },
    ]
  })
}

const thinned = <T>(path: readonly T[]): T[] =>
  path.length <= PATH_POINTS
    ? [...path]
    : Array.from(
        { length: PATH_POINTS },
        (_, i) => path[Math.round((i * (path.length - 1)) / (PATH_POINTS - 1))] as T,
      )

/** What a wind changes of a shot's carry, beside the day's own. */
export function windChange({ windM }: Pick<CourseShot, 'windM'>, tailwindMps: number): number {
  const [least, most] = [WINDS_MPS[0] as number, WINDS_MPS.at(-1) as number]
  const within = Math.min(most, Math.max(least, tailwindMps))
  const index = ((within - least) / (most - least)) * (WINDS_MPS.length - 1)
  const below = Math.min(WINDS_MPS.length - 2, Math.floor(index))
  const [low, high] = [windM[below] ?? 0, windM[below + 1] ?? 0]
  return low + (index - below) * (high - low)
}
