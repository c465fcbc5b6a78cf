import { gammaln } from 'simple-statistics'
import { Z90 } from '../math/z90'
import { phi } from '../math/normal'
import { clubLine, type LineKind } from '../judge/club-line'
import { CARRY_PER_SPEED } from '../judge/drift'
import type { BagModel, StationModel } from '../judge/judge-stations'
import type { ShotReading } from '../judge/reading'
import { weightedMean } from '../judge/spread'
import { isMissed, type Mark } from '../model/mark'

/** A full-swing stock beside what the golfer's other clubs say of its loft. */
export type OffCurve = {
  /**
   * Strike: lost smash explains it, or the club is missed more often than the others. Loft: its smash is normal, so look
   * at the club. Unclear: club speed was not measured, or does not say. Too few: the difference may be none.
   */
  cause: 'strike' | 'loft' | 'unclear' | 'too-few'
  expectedM: number
  measuredM: number
  /** 90% interval of measured less expected. */
  lowM: number
  highM: number
  /** Ball speed over club speed of this club, and what it is by the golfer's other clubs; absent where not measured. */
  smash?: number
  expectedSmash?: number
  /** Share of this club's shots that are missed, and of the others'; only where it is the cause. */
  missedMore?: { share: number; others: number }
}

/** Lost smash is the cause where it is worth this share of the shortfall, and is beyond doubt. */
const EXPLAINS = 0.6
/** Worth less than this share, smash is normal: then it is the club. */
const NORMAL_UNDER = 0.3
const SURE = 0.95
/** Ball speed over club speed outside these is a misread of one of them. */
const SMASH = { least: 0.5, most: 2 }
/** Logarithm of smash over that of carry: clubs are usually this far off the line. */
const SMASH_OVER_CARRY: LineKind = { usualGap: 0.01, usualSd: 0.01 }
/** A golfer's share missed before the other clubs have spoken, in shots (from memory of practice). */
const USUAL_MISSED = { missed: 3, good: 17 }
/** Left out, but not by the strike. */
const NO_STRIKE: ReadonlySet<Mark> = new Set(['misread', 'other-club'])

/**
 * Whether a full-swing stock is off its golfer's own curve of carry over loft, and if so by the strike or by the club.
 * Ball speed alone is no witness: a good shot's speed moves with its carry by chance. A club above its curve is never
 * struck badly.
 * @param stations the full-swing stations, longest club first
 * @returns null where there is no curve
 */
export function offCurve(
  station: StationModel,
  stations: readonly StationModel[],
  model: Pick<BagModel, 'judged' | 'spread'>,
): OffCurve | null {
  const { own, byOthers: expected } = station
  if (!own || !expected) return null
  const differenceM = own.meanM - expected.carryM
  const half = Z90 * Math.sqrt(own.varianceM2 + expected.curveVarianceM2)
  const measured = {
    expectedM: expected.carryM,
    measuredM: own.meanM,
    lowM: differenceM - half,
    highM: differenceM + half,
  }
  if (measured.lowM <= 0 && measured.highM >= 0) return { cause: 'too-few', ...measured }
  const others = stations.filter((each) => each !== station)
  const smash = smashAgainstLine(station, others, model)
  const withSmash = {
    ...measured,
    ...(smash && { smash: Math.exp(smash.here), expectedSmash: Math.exp(smash.expected) }),
  }
  if (differenceM > 0) return { cause: 'loft', ...withSmash }
  const share = Math.log(own.meanM / expected.carryM)
  const worth = smash ? (CARRY_PER_SPEED * (smash.here - smash.expected)) / share : 0
  if (smash && worth >= EXPLAINS && phi((smash.expected - smash.here) / smash.sd) >= SURE)
    return { cause: 'strike', ...withSmash }
  const missedMore = missedMoreOften(station, others, model)
  if (missedMore) return { cause: 'strike', ...withSmash, missedMore }
  return { cause: smash && worth < NORMAL_UNDER ? 'loft' : 'unclear', ...withSmash }
}

type Judged = Pick<BagModel, 'judged' | 'spread'>

/** This club's smash, and what it would be borderline through the golfer's other clubs over their place in carry. */
function smashAgainstLine(
  station: StationModel,
  others: readonly StationModel[],
  model: Judged,
): { here: number; expected: number; sd: number } | null {
  const here = smashOf(station, model)
  const x = ({ byOthers }: StationModel) => (byOthers ? Math.log(byOthers.carryM) : null)
  const at = x(station)
  const points = others.flatMap((each) => {
    const [px, smash] = [x(each), smashOf(each, model)]
    return px === null || smash === null ? [] : [{ x: px, y: smash.logSmash }]
  })
  const line = clubLine(points, SMASH_OVER_CARRY)
  if (here === null || at === null || !line) return null
  const ownSd = (model.spread.smash?.sd ?? 0) / Math.sqrt(here.count)
  return { here: here.logSmash, expected: line.at0 + line.slope * at, sd: Math.hypot(ownSd, line.sd) }
}

/** Mean logarithm of the smash of a club's counted shots. */
function smashOf({ readings }: StationModel, { judged }: Judged): { logSmash: number; count: number } | null {
  const smashOne = ({ logSmash }: ShotReading) =>
    logSmash !== null && logSmash > Math.log(SMASH.least) && logSmash < Math.log(SMASH.most) ? logSmash : null
  const counted = readings.filter((each) => judged[each.index]?.mark === 'solid' && smashOne(each) !== null)
  const mean = weightedMean(counted, () => 1, smashOne)
  return mean === null ? null : { logSmash: mean, count: counted.length }
}

/** A club that is missed more often than chance lets one of the golfer's other clubs be; null where it is not. */
function missedMoreOften(
  station: StationModel,
  others: readonly StationModel[],
  { judged }: Judged,
): OffCurve['missedMore'] | null {
  const tally = (readings: readonly ShotReading[]) => {
    const marks = readings
      .flatMap(({ index }) => judged[index]?.mark ?? [])
      .filter((mark) => !NO_STRIKE.has(mark))
    return { all: marks.length, missed: marks.filter(isMissed).length }
  }
  const own = tally(station.readings)
  const rest = tally(others.flatMap(({ readings }) => readings))
  const chance = atLeastMissed(own, {
    missed: USUAL_MISSED.missed + rest.missed,
    good: USUAL_MISSED.good + rest.all - rest.missed,
  })
  return own.all > 0 && chance <= 1 - SURE
    ? { share: own.missed / own.all, others: rest.missed / Math.max(1, rest.all) }
    : null
}

/** The chance of so many misses or more among these shots, by a beta-binomial of the golfer's other shots. */
function atLeastMissed(
  { all, missed }: { all: number; missed: number },
  { missed: a, good: b }: { missed: number; good: number },
): number {
  const beta = (p: number, q: number) => gammaln(p) + gammaln(q) - gammaln(p + q)
  let chance = 0
  for (let k = missed; k <= all; k++) {
    const choose = gammaln(all + 1) - gammaln(k + 1) - gammaln(all - k + 1)
    chance += Math.exp(choose + beta(k + a, all - k + b) - beta(a, b))
  }
  return chance
}
