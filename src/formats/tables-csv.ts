import Papa from 'papaparse'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Golfer } from '@/core/model/golfer'
import { lengthIn } from '@/core/units'

type Named = (clubId: string) => string

/** A table as a file: titles, then rows. */
export const writeTable = (rows: readonly (string | number)[][]): string =>
  Papa.unparse(rows as (string | number)[][], { newline: '\n', escapeFormulae: true }) + '\n'

/** Every gap with its verdict, in the golfer's units. */
export function writeGapsCsv({ gaps }: BagAnalysis, golfer: Golfer, name: Named): string {
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
    ...gaps.map((gap) => [
      name(gap.longerId),
      name(gap.shorterId),
      long(gap.shownM),
      long(gap.lowM),
      long(gap.highM),
      gap.gapM === undefined ? 'not-judged' : gap.verdict,
      gap.settled ? 'yes' : 'no',
      Number(gap.probability.toFixed(3)),
      long(gap.limitsM?.tooClose),
      long(gap.limitsM?.tooWide),
      gap.moreEach ?? '',
      gap.leftOnPurpose ?? '',
    ]),
  ])
}
