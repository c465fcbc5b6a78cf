import type { Club } from '../bag/club'
import type { ClubId } from '../model/ids'
import { density } from '../math/normal'
import { median } from '../math/quantile'
import { SPIN_SD, type Centre } from './club-centre'
import { clubLine, yAt, type LineKind } from './club-line'
import type { CurvePrediction } from './loft-curve'
import type { ShotReading } from './reading'
import type { Spread } from './spread'

/** Numbers by which one club is told from its neighbour. */
const FIELDS = ['logCarry', 'logLaunch', 'logSpin'] as const
type Field = (typeof FIELDS)[number]

/** Where the middle of a block should lie: mean and standard deviation. */
type Foreseen = Partial<Record<Field, { mean: number; sd: number }>>

/** Logarithms of launch and spin over that of loft: clubs are usually this far off the line (from memory of practice). */
const OVER_LOFT: Record<'logLaunch' | 'logSpin', LineKind> = {
  logLaunch: { usualGap: 0.05, usualSd: 0.04 },
  logSpin: { usualGap: 0.05, usualSd: 0.08 },
}
/** What is believed of a club can be wrong: some of it lies everywhere. */
const FLOOR = 0.01
/** The block is the neighbour's only where every number fits it, in standard deviations. */
const FITS_WITHIN = 2.5
/** The middle one of a few is less certain than their mean by this (π/2 of the variance), and a miss does not move it. */
const MEDIAN_OVER_MEAN = Math.sqrt(Math.PI / 2)
/** The neighbour needs this many good shots of its own before a block is held against it. */
const FEWEST_OF_OTHER = 2

/** What the rest of the bag says of the clubs. */
type BagEvidence = {
  clubs: readonly Club[]
  loftsDeg: readonly number[]
  centres: ReadonlyMap<ClubId, Centre>
  expected: ReadonlyMap<ClubId, CurvePrediction | null>
  spread: Spread
}

/**
 * Whether all shots of a block are another club's: the middle of the block is held against what the rest of the bag says
 * of its own club (carry by the curve, launch and spin by its loft) with shots of it from elsewhere, and against the
 * other club's own shots.
 * @param rest the club's shots outside the block; null where there are none
 * @returns log odds for the other club; null where one of the two cannot be foreseen
 */
export function wholeBlockLogOdds(
  readings: readonly ShotReading[],
  rest: Centre | null,
  clubId: ClubId,
  other: ClubId,
  bag: BagEvidence,
): number | null {
  const there = bag.centres.get(other)
  const sds: Record<Field, number> = {
    logCarry: bag.spread.carry,
    logLaunch: bag.spread.launch,
    logSpin: SPIN_SD,
  }
  const here = ownForeseen(rest, clubId, other, bag, sds)
  if (!there || there.weight < FEWEST_OF_OTHER || !here.logCarry) return null
  let logOdds = 0
  for (const field of FIELDS) {
    const measured = readings.flatMap((reading) => reading[field] ?? [])
    const [own, mean] = [here[field], there[field]]
    if (measured.length === 0 || !own || mean === undefined) continue
    const middle = median(measured)
    const ofMiddle = (MEDIAN_OVER_MEAN * sds[field]) / Math.sqrt(measured.length)
    const otherSd = Math.hypot(ofMiddle, sds[field] / Math.sqrt(there.weight))
    if (Math.abs(middle - mean) > FITS_WITHIN * otherSd) return null
    const byOwn = density(middle - own.mean, Math.hypot(own.sd, ofMiddle))
    logOdds += Math.log(density(middle - mean, otherSd) + FLOOR) - Math.log(byOwn + FLOOR)
  }
  return logOdds
}

function ownForeseen(
  rest: Centre | null,
  clubId: ClubId,
  other: ClubId,
  { clubs, loftsDeg, centres, expected }: BagEvidence,
  sds: Record<Field, number>,
): Foreseen {
  const curve = expected.get(clubId)
  const index = clubs.findIndex(({ id }) => id === clubId)
  const byBag: Foreseen = {}
  if (curve) byBag.logCarry = { mean: Math.log(curve.carryM), sd: Math.sqrt(curve.varianceM2) / curve.carryM }
  for (const field of ['logLaunch', 'logSpin'] as const) {
    const points = clubs.flatMap(({ id, kind }, i) => {
      const y = kind === 'driver' || id === clubId || id === other ? undefined : centres.get(id)?.[field]
      return y === undefined ? [] : [{ x: Math.log(loftsDeg[i] as number), y }]
    })
    const line = clubLine(points, OVER_LOFT[field])
    if (line) byBag[field] = { mean: yAt(line, Math.log(loftsDeg[index] as number)), sd: line.sd }
  }
  if (!rest) return byBag
  return Object.fromEntries(
    Object.entries(byBag).map(([field, shares]) => {
      const mean = rest[field as Field]
      const sd = sds[field as Field] / Math.sqrt(rest.weight)
      return [field, mean === undefined ? shares : together(shares, { mean, sd })]
    }),
  )
}

/** Two opinions of one number, each by what it knows. */
function together(a: { mean: number; sd: number }, b: { mean: number; sd: number }) {
  const [wa, wb] = [1 / a.sd ** 2, 1 / b.sd ** 2]
  return { mean: (wa * a.mean + wb * b.mean) / (wa + wb), sd: 1 / Math.sqrt(wa + wb) }
}
