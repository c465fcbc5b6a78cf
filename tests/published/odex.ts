import { createRequire } from 'node:module'

/** The little of odex that is used here. Its package ships sources that this project's settings do not pass, so it is typed by hand. */
type SolverOfOdex = {
  absoluteTolerance: number
  relativeTolerance: number
  solve(
    slope: (x: number, y: number[]) => number[],
    from: number,
    start: number[],
    to: number,
  ): { y: number[]; nEval: number; nStep: number }
}
const odex = createRequire(import.meta.url)('odex') as { Solver: new (variables: number) => SolverOfOdex }

/** A general-purpose solver of ordinary differential equations (Hairer and Wanner's ODEX). */
export const { Solver } = odex
