import Papa from 'papaparse'
import type { BagAnalysis } from '@/core/analyse-bag'
import type { Golfer } from '@/core/golfer'
import { lengthIn } from '@/core/units'

type Named = (clubId: string) => string

/** A table as a file: titles, then rows. */
export const writeTable = (rows: readonly (string | number)[][]): string =>
  Papa.unparse(rows as (string | number)[][], { newline: '\n', escapeFormulae: true }) + '\n'

/** Every step with its verdict, in the golfer's units. */
export function writeStepsCsv({ steps }: BagAnalysis, golfer: Golfer, name: Named): string {
  const { lengthUnit: unit } = golfer
  const long = (metres: number | undefined) =>
    metres === undefined ? '' : Number(lengthIn(metres, unit).toFixed(2))
  return writeTable([
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
      long(step.shownM),
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
