import type { Club } from '../bag/club'
import { Z90 } from '../math/z90'
import { FULL_SWING } from '../model/station'
import type { PartOfStock, Stock } from './stock'
import { REFERENCE_AIR, type Air } from '../model/air'
import { BALL, type Landing, type Launch } from '../flight/fly'
import { noFurtherBack, runOn } from '../flight/ground'
import { type Turf } from '../model/turf'
import { measuredLaunch } from '../flight/measured-launch'
import { launchAt, launchFor, launchThatCarries, shortened } from '../flight/restate'
import { usualClub } from '../flight/restate-shots'

/**
 * Where a run comes from: totals of balls that lay there, totals that a device indoors computed by a model of its
 * own, or Banco's model.
 */
export type RunFrom = 'measured' | 'monitor' | 'modelled'
export type StationRun = {
  runM: number
  from: RunFrom
  /** Half of its 90% interval: a model's run is worth ±35%, a measured one what it is, and what another ground adds. */
  unsureM: number
}

/** What a model's run is worth, as a share of it: half of its 90% interval. */
const RUN_ERROR = 0.35
/** One standard deviation of the same. */
export const RUN_SD = RUN_ERROR / Z90

/** The run of a stock from where its usual shot lands: every screen and paper asks here. */
export function stationRun(
  { run, carryM = 0 }: PartOfStock<'run' | 'carryM'>,
  landing: Landing,
  turf: Turf,
): StationRun {
  const runM = runOn(turf, landing, run?.meanM ?? null, carryM)
  const lengthM =
    run?.from === 'measured' ? Math.abs(runM - noFurtherBack(run.meanM, carryM)) : Math.abs(runM)
  return { runM, from: run?.from ?? 'modelled', unsureM: RUN_ERROR * lengthM }
}

/** A run on normal ground, with the total that it makes of the stock. */
export type OrdinaryRun = { runM: number; totalM: number; from: RunFrom }

/** The run that the totals of a stock's shots say; null where none has one. */
export function runOfTotals({ run, carryM }: PartOfStock<'run' | 'carryM'>): OrdinaryRun | null {
  if (!run) return null
  const runM = noFurtherBack(run.meanM, carryM)
  return { runM, totalM: carryM + runM, from: run.from }
}

/** The run of a stock, as its totals or else its launch say it; null where neither does. */
export function ordinaryRun(stock: PartOfStock<'run' | 'modelled' | 'carryM'>): OrdinaryRun | null {
  const { modelled, carryM } = stock
  const ran = runOfTotals(stock)
  if (ran || carryM === undefined || modelled?.runM === undefined) return ran
  return { runM: modelled.runM, totalM: carryM + modelled.runM, from: 'modelled' }
}

const RADIANS_PER_S = (2 * Math.PI) / 60

/**
 * How a station's usual shot starts: as it was measured; else with the full swing's spin ratio and its launch, lowered
 * as a shorter swing lowers it, at the speed that gives the carry in the air where the stock stands.
 * @param full the stock of the club's full swing, where there is one
 * @returns null where no flight carries so far
 */
export function stationLaunch(
  stock: Stock,
  full: Stock | undefined,
  club: Pick<Club, 'kind' | 'loftDeg'>,
): Launch | null {
  const { carryM, averages, swing, statedAir = REFERENCE_AIR } = stock
  const measured = measuredLaunch(averages)
  if (measured || carryM === undefined) return measured
  const whole = swing === FULL_SWING ? null : full && measuredLaunch(full.averages)
  if (!whole) return launchFor(carryM, usualClub(club, swing), statedAir)
  const spinRatio = (BALL.radiusM * whole.spinRpm * RADIANS_PER_S) / whole.ballSpeedMps
  return launchThatCarries(
    carryM,
    launchAt(shortened({ launchDeg: whole.launchDeg, spinRatio }, swing)),
    statedAir,
  )
}

/** The air in which a stock's carry stands. */
export const airOfStock = ({ statedAir }: PartOfStock<'statedAir'>): Air => statedAir ?? REFERENCE_AIR
