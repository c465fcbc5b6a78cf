import { linearRegression, mean } from 'simple-statistics'
import { BALL, fly, type Launch } from '../flight/fly'
import { REFERENCE_AIR, type Air } from '../model/air'
import { yards } from '../units'
import { HALF_INCH_M } from './length'
import { isOneModel } from './refit-club'
import { type RefitClub } from '../bag/bag'

/** What one degree weaker takes off a carry, with one standard deviation; in metres. Negative where it adds. */
export type PerDegree = { mPerDeg: number; sdMPerDeg: number }

/** A club with its stock, as far as a degree goes. */
export type HitClubCarry = {
  club: RefitClub
  carryM: number
  varianceM2: number
  /** Its mean launch; absent where it was not measured. */
  launch?: Launch
  air?: Air
}

/** Under this loft a club is refitted for its height: its neighbours say nothing of its carry a degree. */
const BY_MODEL_BELOW_DEG = 25
const MODEL_ALONE_SD_M = yards(1.5)
const MODEL_SD_SHARE = 0.25
const OWN = { fewest: 3, most: 5, departureM: yards(3), leastSdM: yards(0.15) }

/**
 * What a degree is worth to a club of this golfer: by the clubs of its model beside it, and by the flight of its own
 * launch with a degree more.
 * @param bag the clubs with stocks, longest first
 */
export function perDegree(club: HitClubCarry, bag: readonly HitClubCarry[]): PerDegree {
  const byFlight = flightSays(club)
  const { loftDeg } = club.club
  if (loftDeg === null || loftDeg < BY_MODEL_BELOW_DEG)
    return { mPerDeg: byFlight, sdMPerDeg: MODEL_ALONE_SD_M }
  const model = { mPerDeg: byFlight, sdMPerDeg: Math.max(yards(0.1), MODEL_SD_SHARE * Math.abs(byFlight)) }
  const own = neighboursSay(club, bag)
  return own === null ? model : combined(own, model)
}

/** Two estimates of one thing, each by how sure it is. */
export function combined(a: PerDegree, b: PerDegree): PerDegree {
  const [wa, wb] = [a.sdMPerDeg ** -2, b.sdMPerDeg ** -2]
  return { mPerDeg: (wa * a.mPerDeg + wb * b.mPerDeg) / (wa + wb), sdMPerDeg: (wa + wb) ** -0.5 }
}

/** The slope of stock on loft over the nearest clubs of one model, less what their lengths do; null where too few are of it. */
export function neighboursSay({ club }: HitClubCarry, bag: readonly HitClubCarry[]): PerDegree | null {
  const loft = club.loftDeg
  if (loft === null || club.kind === 'putter') return null
  const near = bag
    .flatMap((each) =>
      each.club.loftDeg !== null && isOneModel(each.club, club) ? [{ each, at: each.club.loftDeg }] : [],
    )
    .sort((a, b) => Math.abs(a.at - loft) - Math.abs(b.at - loft))
    .slice(0, OWN.most)
  const lofts = near.map(({ at }) => at)
  const span = Math.max(...lofts) - Math.min(...lofts)
  if (near.length < OWN.fewest || span <= 0) return null
  const { m: slope } = linearRegression(near.map(({ each, at }) => [at, each.carryM]))
  const middle = mean(lofts)
  const sxx = lofts.reduce((sum, at) => sum + (at - middle) ** 2, 0)
  const lengthM = HALF_INCH_M[club.kind] / (span / (near.length - 1))
  const noise = OWN.departureM ** 2 + mean(near.map(({ each }) => each.varianceM2))
  return {
    mPerDeg: -slope - lengthM,
    sdMPerDeg: Math.hypot(Math.sqrt(noise / sxx), OWN.leastSdM),
  }
}

/** What a degree more does to a launch (from memory of fitting practice, fitted to published launches). */
const MORE_LOFT = { speed: 0.017, launchDeg: 0.75, teedLaunchDeg: 0.85, spin: 0.0095, teedSpin: 0.01 }
const RADIAN = Math.PI / 180
const RPM = (2 * Math.PI) / 60

/** A launch with the club's loft weaker by so many degrees. */
export function launchWeaker(
  launch: Launch,
  { kind, loftDeg }: Pick<RefitClub, 'kind' | 'loftDeg'>,
  degrees: number,
): Launch {
  const teed = kind === 'driver'
  const faster = -MORE_LOFT.speed * Math.tan((0.85 * (loftDeg ?? 0) + 1) * RADIAN) * degrees
  const ballSpeedMps = launch.ballSpeedMps * Math.exp(faster)
  const spinRatio = (launch.spinRpm * RPM * BALL.radiusM) / launch.ballSpeedMps
  const more = degrees * (teed ? MORE_LOFT.teedSpin : MORE_LOFT.spin)
  return {
    ...launch,
    ballSpeedMps,
    launchDeg: launch.launchDeg + degrees * (teed ? MORE_LOFT.teedLaunchDeg : MORE_LOFT.launchDeg),
    spinRpm: Math.max(0, ((spinRatio + more) * ballSpeedMps) / BALL.radiusM / RPM),
  }
}

/** What a degree takes off by the model where no launch was measured: of a 14 handicap's clubs, over loft. */
const USUAL: [loftDeg: number, yd: number][] = [
  [10, -0.6],
  [18, 1.2],
  [25, 2],
  [32, 2.1],
  [46, 2.3],
  [58, 2.5],
]

function flightSays({ club, launch, air = REFERENCE_AIR }: HitClubCarry): number {
  if (launch) {
    const [now, weaker] = [fly(launch, air), fly(launchWeaker(launch, club, 1), air)]
    if (now.outcome === 'landed' && weaker.outcome === 'landed') return now.carryM - weaker.carryM
  }
  return yards(usualAt(club.loftDeg ?? 32))
}

function usualAt(loftDeg: number): number {
  const after = USUAL.findIndex(([at]) => at >= loftDeg)
  const [low, high] = [USUAL[Math.max(0, after - 1)], USUAL[after]]
  if (!high || !low) return USUAL.at(-1)?.[1] ?? 0
  if (high === low) return high[1]
  return low[1] + ((loftDeg - low[0]) / (high[0] - low[0])) * (high[1] - low[1])
}
