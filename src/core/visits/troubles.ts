import type { Warning } from '../analyse-bag'

/** What is open of a golfer that somebody should look at, and by how many shots. */
export type Trouble = { kind: 'held' | Exclude<Warning['kind'], 'holds'>; count: number }

/** @param held shots of the last session that wait for a decision */
export const troublesOf = (warnings: readonly Warning[], held: number): Trouble[] => [
  ...(held > 0 ? [{ kind: 'held' as const, count: held }] : []),
  ...warnings.flatMap((warning): Trouble[] =>
    warning.kind === 'holds'
      ? []
      : [{ kind: warning.kind, count: 'shotIds' in warning.facts ? warning.facts.shotIds.length : 1 }],
  ),
]
