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
      `gap (${unit})`,
      `gap low 90% (${unit})`,
      `gap high 90% (${unit})`,
      'verdict',
      'confirmed',
      'probability',
      `too close under (${unit})`,
      `too wide over (${unit})`,
      'more shots each',
      'kept as is',
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
