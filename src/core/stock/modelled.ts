import type { HitStock, Modelled } from './stock'
import { fly } from '../flight/fly'
import { measuredLaunch } from '../flight/measured-launch'
import { airOfStock, stationRun } from './station-run'

/** Fills what was not measured of a stock from its mean launch, on normal ground. Empty where the launch was not measured, or nothing lacks. */
export function modelled(stock: HitStock): Modelled {
  const { averages, run } = stock
  const { peakM, landingDeg } = averages
  const launch = measuredLaunch(averages)
  if (!launch || (run && peakM !== undefined && landingDeg !== undefined)) return {}
  const flight = fly(launch, airOfStock(stock))
  if (flight.outcome !== 'landed') return {}
  return {
    ...(peakM === undefined && { peakM: flight.peakM }),
    ...(landingDeg === undefined && { landingDeg: flight.landingDeg }),
    ...(!run && { runM: stationRun(stock, flight.landing, 'normal').runM }),
  }
}
