/** The little of odex that is used here: the package ships sources that this project's settings do not pass. */
export class Solver {
  constructor(variables: number)
  absoluteTolerance: number
  relativeTolerance: number
  solve(
    slope: (x: number, y: number[]) => number[],
    from: number,
    start: number[],
    to: number,
  ): { y: number[]; nEval: number; nStep: number }
}
