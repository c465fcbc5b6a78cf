import { runOfTotals } from '@/core/flight/station-run'
import Papa from 'papaparse'
import type { BagAnalysis } from '@/core/analyse-bag'
import type { Golfer } from '@/core/golfer'
import { lengthIn, speedIn } from '@/core/units'

type Named = (clubId: string) => string

const csv = (rows: (string | number)[][]): string =>
  Papa.unparse(rows, { newline: '\n', escapeFormulae: true }) + '\n'

/** Every station's stock with what stands behind it, in the golfer's units. */
export function writeStocksCsv({ stocks }: BagAnalysis, golfer: Golfer, name: Named): string {
  const { lengthUnit: unit, speedUnit } = golfer
  const long = (metres: number | undefined) =>
    metres === undefined ? '' : Number(lengthIn(metres, unit).toFixed(2))
  const plain = (value: number | undefined, digits: number) =>
    value === undefined ? '' : Number(value.toFixed(digits))
  return csv([
    [
      'club',
      'swing',
      `carry (${unit})`,
      `carry low 90% (${unit})`,
      `carry high 90% (${unit})`,
      `sd (${unit})`,
      `reach low (${unit})`,
      `reach high (${unit})`,
      `run (${unit})`,
      `total (${unit})`,
      `ball speed (${speedUnit})`,
      'launch (deg)',
      'spin (rpm)',
      `peak (${unit})`,
      'landing (deg)',
      `offline (${unit})`,
      'solid shots',
      'left out',
      'rule',
      `by hand (${unit})`,
      'by hand because',
    ],
    ...stocks.map((stock) => [
      name(stock.clubId),
      stock.swing,
      long(stock.carryM),
      long(stock.lowM),
      long(stock.highM),
      long(stock.sdM),
      long(stock.reachM?.[0]),
      long(stock.reachM?.[1]),
      long(runOfTotals(stock)?.runM),
      long(runOfTotals(stock)?.totalM),
      stock.averages.ballSpeedMps === undefined
        ? ''
        : plain(speedIn(stock.averages.ballSpeedMps, speedUnit), 2),
      plain(stock.averages.launchDeg, 2),
      plain(stock.averages.spinRpm, 0),
      long(stock.averages.peakM),
      plain(stock.averages.landingDeg, 1),
      long(stock.averages.offlineM),
      stock.count,
      stock.leftOut.length,
      golfer.stockRule,
      long(stock.byHand?.carryM),
      stock.byHand?.because ?? '',
    ]),
  ])
}

/** Every step with its verdict, in the golfer's units. */
export function writeStepsCsv({ steps }: BagAnalysis, golfer: Golfer, name: Named): string {
  const { lengthUnit: unit } = golfer
  const long = (metres: number | undefined) =>
    metres === undefined ? '' : Number(lengthIn(metres, unit).toFixed(2))
  return csv([
    [
      'longer club',
      'shorter club',
      `step (${unit})`,
      `step low 90% (${unit})`,
      `step high 90% (${unit})`,
      'verdict',
      'settled',
      'probability',
      `narrow under (${unit})`,
      `wide over (${unit})`,
      'more shots each',
      'left on purpose',
    ],
    ...steps.map((step) => [
      name(step.longerId),
      name(step.shorterId),
      long(step.stepM),
      long(step.lowM),
      long(step.highM),
      step.stepM === undefined ? 'unknown' : step.verdict,
      step.settled ? 'yes' : 'no',
      Number(step.probability.toFixed(3)),
      long(step.limitsM?.narrow),
      long(step.limitsM?.wide),
      step.moreEach ?? '',
      step.leftOnPurpose ?? '',
    ]),
  ])
}
