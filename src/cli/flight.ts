import { fly } from '@/core/flight/fly'
import { runOn } from '@/core/flight/ground'
import { restate } from '@/core/flight/restate'
import { readFlyInput, readRestateInput, type FlyInput } from '@/formats/flight-input'
import { lineCommand } from './line-command'
import type { Restating } from '@/core/flight/restate'

/** A flight and its run. */
function flyResult({ air, landingHeightM = 0, turf, path = false, ...launch }: FlyInput): object {
  const flight = fly(launch, air, { landingHeightM, path })
  if (flight.outcome !== 'landed')
    return {
      error: 'It does not come down at that height: the green is above its peak, or it goes nowhere.',
      peakM: flight.peakM,
      steps: flight.steps,
    }
  const { carryM, peakM, landingDeg, timeS, offlineM, steps, landing, path: coordinates } = flight
  const runM = runOn(turf, landing, null, carryM)
  return {
    carryM,
    peakM,
    landingDeg,
    timeS,
    offlineM,
    runM,
    totalM: carryM + runM,
    steps,
    ...(coordinates && { path: coordinates }),
  }
}

/** A carry in stated air with what is known of it, or why it is not stated. */
function restateResult(input: Restating): object {
  const restated = restate(input)
  if (restated.kind === 'refused') return { refused: restated.because }
  const { carryM, sdM, significant, launch } = restated
  return { carryM, sdM, significant, launch }
}

export const FLY = lineCommand(
  `Flies balls: one JSON document a line in, one a line out (docs/flight.md).

  echo '{ "ballSpeedMps": 53.6, "launchDeg": 16.3, "spinRpm": 7100 }' | npm run -s banco -- fly`,
  readFlyInput,
  flyResult,
)

export const RESTATE = lineCommand(
  `Restates measured carries into other air: one JSON document a line in, one a line out (docs/flight.md).

  echo '{ "carryM": 140, "club": { "loftDeg": 32 }, "to": { "tempC": 24, "pressureHpa": 851 } }' | npm run -s banco -- restate`,
  readRestateInput,
  restateResult,
)
