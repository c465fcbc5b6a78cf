import type { Warning } from '../analysis/bag-analysis'
import { BAD_VERDICTS, isJudged, type Gap } from '../gaps/gap'

/** What is open of a golfer that somebody should look at: by how many shots, or how many confirmed gaps are not good. */
export type CoachNotice = {
  kind: 'held' | (typeof BAD_VERDICTS)[number] | Exclude<Warning['kind'], 'holds'>
  count: number
}

/** @param held shots of the last session that need checking */
export const noticesFor = (
  { warnings, gaps }: { warnings: readonly Warning[]; gaps: readonly Gap[] },
  held: number,
): CoachNotice[] => [
  ...(held > 0 ? [{ kind: 'held' as const, count: held }] : []),
  ...BAD_VERDICTS.flatMap((kind): CoachNotice[] => {
    const count = gaps.filter(
      (gap) => isJudged(gap) && gap.settled && gap.verdict === kind && gap.leftOnPurpose === undefined,
    ).length
    return count > 0 ? [{ kind, count }] : []
  }),
  ...warnings.flatMap((warning): CoachNotice[] =>
    warning.kind === 'holds'
      ? []
      : [{ kind: warning.kind, count: 'shotIds' in warning.facts ? warning.facts.shotIds.length : 1 }],
  ),
]
