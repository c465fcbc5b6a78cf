import { pressureAt } from '@/core/flight/air'
import { REFERENCE_AIR } from '@/core/model/air'
import { fly, type Launch } from '@/core/flight/fly'
import { restate } from '@/core/flight/restate'
import { dice } from '../simulators/golfers/dice'
import { Solver } from '../tests/published/odex'
import { equations, landingByOdex } from '../tests/published/flight-by-odex'

const SHOTS = 200
const RUNS = 9
/** A run of a millisecond is over before the compiler is: these are repeated more often. */
const QUICK_RUNS = 100
/** Both are looked through in steps of a few per cent, so that neither gains by the other's coarse choice. */
const STEPS_S = Array.from({ length: 50 }, (_, i) => 0.8 - 0.01 * i)
const TOLERANCES = Array.from({ length: 60 }, (_, i) => 1e-3 * 0.85 ** i)
const YARD_M = 0.9144

/** Flights a second beside a general-purpose solver at equal error, and restating a season of shots. */
export function flights(): string[] {
  const roll = dice(12)
  const launches = Array.from({ length: SHOTS }, (): Launch => ({
    ballSpeedMps: roll.between(25, 80),
    launchDeg: roll.between(9, 35),
    spinRpm: roll.between(2000, 9500),
    spinAxisDeg: roll.between(-15, 15),
  }))
  const times = launches.map((launch) => {
    const flight = fly(launch, REFERENCE_AIR)
    if (flight.outcome !== 'landed') throw new Error('a shot of the bench does not land')
    return flight.timeS
  })
  const truth = launches.map((launch, i) => landingByOdex(launch, REFERENCE_AIR, times[i] as number))
  const carryOf = (i: number) => (truth[i] as { carryM: number }).carryM
  const worstAt = (stepS?: number) =>
    Math.max(
      ...launches.map((launch, i) => {
        const flight = fly(launch, REFERENCE_AIR, { stepS })
        return flight.outcome === 'landed' ? Math.abs(flight.carryM - carryOf(i)) : Infinity
      }),
    )
  const longestStepS = STEPS_S.find((stepS) => worstAt(stepS) < 0.05 * YARD_M)
  // The loosest tolerance at which the solver errs by less than 0.05 yd in every shot: one solve to the known end.
  const solveAll = (tolerance: number) =>
    launches.map((launch, i) => {
      const { start, slope } = equations(launch, REFERENCE_AIR)
      const solver = new Solver(7)
      solver.absoluteTolerance = solver.relativeTolerance = tolerance
      return solver.solve(slope, 0, start, times[i] as number).y[0] as number
    })
  const tolerance = TOLERANCES.find((each) =>
    solveAll(each).every((x, i) => Math.abs(x - carryOf(i)) < 0.05 * YARD_M),
  )
  if (tolerance === undefined) throw new Error('the solver does not reach 0.05 yd')
  const best = (call: () => void, runs = RUNS) => Math.min(...Array.from({ length: runs }, () => timed(call)))
  const theirs = best(() => solveAll(tolerance))
  const ours = best(() => launches.forEach((launch) => fly(launch, REFERENCE_AIR)), QUICK_RUNS)
  const longStep = longestStepS === undefined ? {} : { stepS: longestStepS }
  const long = best(() => launches.forEach((launch) => fly(launch, REFERENCE_AIR, longStep)), QUICK_RUNS)
  const season = best(() => {
    for (let i = 0; i < 5000; i++)
      restate({
        carryM: 140,
        known: { kind: 'launch', launch: launches[i % SHOTS] as Launch },
        from: REFERENCE_AIR,
        to: { ...REFERENCE_AIR, tempC: 9, pressureHpa: pressureAt(1450) },
      })
  })
  return [
    `${Math.round((1000 * SHOTS) / ours).toLocaleString('en')} flights a second, worst error ${(worstAt() / YARD_M).toFixed(4)} yd`,
    `${(theirs / long).toFixed(1)} times as many as odex at equal error: its loosest tolerance (${tolerance.toPrecision(2)}) and our longest step (${longestStepS?.toFixed(2)} s) under 0.05 yd (wanted at least 20)`,
    `${(theirs / ours).toFixed(1)} times as many at the step that Banco flies with`,
    `restating 5,000 shots whose launch is known: ${season.toFixed(0)} ms`,
  ]
}

function timed(call: () => void): number {
  const began = performance.now()
  call()
  return performance.now() - began
}
