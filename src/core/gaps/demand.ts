import { type Stretch } from '../model/coverage'

/** Distances that were left to the target, over rounds of the last twelve months. */
export type Demand = { distancesM: number[]; rounds: number }
/** Before there are rounds. */
export const NO_DEMAND: Demand = { distancesM: [], rounds: 0 }
/** Distances in a stretch, and how many that makes a round; none before there are rounds. */
export function demandBetween(
  { distancesM, rounds }: Demand,
  [from, to]: Stretch,
): { shots: number; aRound: number } {
  const shots = distancesM.filter((distance) => distance >= from && distance <= to).length
  return { shots, aRound: rounds === 0 ? 0 : shots / rounds }
}
/** Uncovered distances of a bag, those that were faced most often first; of two alike the wider. */
export const byDemand = (uncovered: readonly Stretch[], demand: Demand): Stretch[] =>
  uncovered.toSorted(
    (a, b) => demandBetween(demand, b).shots - demandBetween(demand, a).shots || b[1] - b[0] - (a[1] - a[0]),
  )
