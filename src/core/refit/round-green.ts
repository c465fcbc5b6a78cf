/** A chip with one club on one landing spot: what it runs from there, metres. */
type ChipRun = { loftDeg: number; runM: number }

/**
 * What a chip runs for each metre that it is carried, by loft, on a green of ordinary pace (common practice; a landing spot
 * 6.5 m on and 2.1, 5.4 and 8.8 m of run). The model of the ground is fitted to swings, and gives 3.0, 3.7 and 4.4 m there.
 */
const RUN_OF_CARRY: [loftDeg: number, share: number][] = [
  [43.5, 8.8 / 6.5],
  [49.5, 5.4 / 6.5],
  [58.5, 2.1 / 6.5],
]

/** What a chip with some loft runs from a landing spot; between the known lofts by ratio, beyond them by the nearest two. */
export function chipRun(landingM: number, loftDeg: number): ChipRun {
  const after = RUN_OF_CARRY.findIndex(([loft]) => loft >= loftDeg)
  const to = Math.min(RUN_OF_CARRY.length - 1, Math.max(1, after < 0 ? RUN_OF_CARRY.length - 1 : after))
  const [a, b] = [RUN_OF_CARRY[to - 1], RUN_OF_CARRY[to]] as [[number, number], [number, number]]
  const share = a[1] * (b[1] / a[1]) ** ((loftDeg - a[0]) / (b[0] - a[0]))
  return { loftDeg, runM: landingM * share }
}

/** Of some clubs, longest first, the one whose chip on a landing spot comes to rest nearest to the flag; null where none has a loft. */
export function clubForChip<Each extends { loftDeg: number | null }>(
  clubs: readonly Each[],
  landingM: number,
  fromThereM: number,
): { club: Each; run: ChipRun } | null {
  const options = clubs.flatMap((club) =>
    club.loftDeg === null ? [] : [{ club, run: chipRun(landingM, club.loftDeg) }],
  )
  return (
    options.sort((a, b) => Math.abs(a.run.runM - fromThereM) - Math.abs(b.run.runM - fromThereM))[0] ?? null
  )
}
