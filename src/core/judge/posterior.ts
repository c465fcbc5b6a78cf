/** A stock as a distribution over an even grid of carries. */
export type Posterior = {
  /** First carry of the grid and the distance between two, in metres. */
  fromM: number
  everyM: number
  /** Probability at each carry, and up to and including it. */
  mass: Float64Array
  below: Float64Array
  meanM: number
  varianceM2: number
}

/** A distribution from the mass at each carry and each of some nodes, which are summed over. */
export function posteriorOf(joint: Float64Array, nodes: number, fromM: number, everyM: number): Posterior {
  const points = joint.length / nodes
  const mass = new Float64Array(points)
  const below = new Float64Array(points)
  let meanM = 0
  let total = 0
  for (let j = 0; j < points; j++) {
    for (let k = 0; k < nodes; k++) mass[j] = (mass[j] as number) + (joint[j * nodes + k] as number)
    total += mass[j] as number
    below[j] = total
    meanM += (mass[j] as number) * (fromM + j * everyM)
  }
  let varianceM2 = 0
  for (let j = 0; j < points; j++) varianceM2 += (mass[j] as number) * (fromM + j * everyM - meanM) ** 2
  return { fromM, everyM, mass, below, meanM, varianceM2 }
}

/** Probability that a stock lies below a carry; the mass of each grid point is even over its cell. */
export function belowIn({ fromM, everyM, mass, below }: Posterior, carryM: number): number {
  const at = (carryM - fromM) / everyM + 0.5
  if (at <= 0) return 0
  const i = Math.floor(at)
  if (i >= mass.length) return 1
  return (below[i] as number) - (mass[i] as number) * (1 - (at - i))
}

/** The carry below which a stock lies with probability `p`. */
export function stockAt({ fromM, everyM, mass, below }: Posterior, p: number): number {
  let i = 0
  while (i < mass.length - 1 && (below[i] as number) < p) i++
  const here = mass[i] as number
  const within = here > 0 ? (p - ((below[i] as number) - here)) / here : 0.5
  return fromM + (i - 0.5 + Math.min(1, Math.max(0, within))) * everyM
}

/** Where all but `leftOut` of a posterior lies, with a point to spare on each side. */
export function supportOf({ fromM, everyM, mass, below }: Posterior, leftOut: number): [number, number] {
  let first = 0
  let last = mass.length - 1
  while (first < last && (below[first] as number) < leftOut / 2) first++
  while (last > first && 1 - (below[last - 1] as number) < leftOut / 2) last--
  return [Math.max(1, fromM + (first - 1) * everyM), fromM + (last + 1) * everyM]
}
