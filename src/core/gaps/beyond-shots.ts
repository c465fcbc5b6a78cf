import type { Club } from '../bag/club'
import type { ClubId } from '../model/ids'
import { USUAL_SD as DAY_SD } from '../judge/day-factors'
import { driftSd, sdInRounds } from '../judge/drift'
import type { BagModel, StationModel } from '../judge/judge-stations'
import { BY_INDEX_VARIANCE_M2, typicalSlopeM } from '../judge/loft-curve'
import { FULL_SWING } from '../model/station'
import { after, SHOT_VARIANCE, type Prospect } from './outlook'

/**
 * What makes a golfer's stocks surer without a shot more: to hit in rounds, to have lofts measured, to say what was
 * felt, to hit on another day. Priced in shots: so many more, hit as these were, would make them as sure.
 */
export type Recommendation = {
  kind: 'rounds' | 'lofts' | 'strikes' | 'another-day'
  /** Absent where no number of shots does what it does. */
  shots?: number
  /** Of lofts: the clubs where they are worth most, best first. */
  clubIds?: ClubId[]
}

/** What helps gaps: a day cancels in a gap whose clubs were hit together, so that another one tells more of stocks alone. */
export const improvesGaps = ({ kind }: Recommendation): boolean => kind !== 'another-day'

/** What is worth less than half a set is not worth a sentence. */
const LEAST_SHOTS = 6
/** Nobody hits more than this with every club for one answer. */
const MOST_EACH = 40
/** With fewer clubs there is nothing to compare. */
const FEWEST_CLUBS = 3
/** A loft that stands on a club is off by about this (common practice). */
const LOFT_SD_DEG = 0.7
/** No loft explains more than this of how far a club is off its golfer's curve. */
const MOST_OF_DEPARTURE = 0.75
/** From this share of the shots on one day, a stock stands on that day. */
const ONE_DAY = 0.9

type KnownStation = {
  station: StationModel
  prospect: Prospect
  loft: Pick<Club, 'loftDeg' | 'loftMeasured'>
}

/**
 * @param clubs of the bag, and the full-swing stock of each as far as more shots go; null where it has none
 * @returns what is worth at least half a set of shots, best first; nothing before three clubs have stocks
 */
export function beyondShots(
  clubs: readonly { club: Club; prospect: Prospect | null }[],
  model: BagModel,
): Recommendation[] {
  const known = clubs.flatMap(({ club, prospect }): KnownStation[] => {
    const station = model.stations.find((each) => each.club.id === club.id && each.swing === FULL_SWING)
    return station && prospect ? [{ station, prospect, loft: club }] : []
  })
  if (known.length < FEWEST_CLUBS) return []
  const byLofts = known
    .map((each) => ({ clubId: each.station.club.id, gainM2: byMeasuredLoft(each) }))
    .filter(({ gainM2 }) => gainM2 > 0)
    .sort((a, b) => b.gainM2 - a.gainM2)
  const recommendations: (Recommendation & { gainM2: number })[] = [
    { kind: 'rounds', gainM2: inRounds(known, model) },
    {
      kind: 'lofts',
      gainM2: sum(byLofts, ({ gainM2 }) => gainM2),
      clubIds: byLofts.map(({ clubId }) => clubId),
    },
    { kind: 'strikes', gainM2: sum(known, (each) => byMarkedStrikes(each, model)) },
    { kind: 'another-day', gainM2: onAnotherDay(known) },
  ]
  return recommendations
    .sort((a, b) => b.gainM2 - a.gainM2)
    .flatMap(({ gainM2, ...help }): Recommendation[] => {
      const shots = shotsFor(gainM2, known)
      if (shots !== null && shots < LEAST_SHOTS) return []
      return [{ ...help, ...(shots !== null && { shots }) }]
    })
}

const sum = <T>(all: readonly T[], of: (each: T) => number): number =>
  all.reduce((total, each) => total + of(each), 0)

/** How many more shots, the same with every club, take as much off the variances of all stocks; null where none do. */
function shotsFor(gainM2: number, known: readonly KnownStation[]): number | null {
  const gained = (each: number) =>
    sum(known, ({ prospect }) => prospect.varianceM2 - after(prospect, each).varianceM2)
  if (gainM2 <= 0) return 0
  let before = 0
  for (let each = 1; each <= MOST_EACH; each++) {
    const now = gained(each)
    if (now >= gainM2) return Math.round((each - 1 + (gainM2 - before) / (now - before)) * known.length)
    before = now
  }
  return null
}

/** What tiredness leaves unknown of the stocks, less what it would where the same shots had been hit in rounds. */
function inRounds(known: readonly KnownStation[], { drift, spread }: BagModel): number {
  if (drift.knowable) return 0
  const sessions = Math.max(1, ...known.map(({ station }) => station.days.length))
  const shots = sum(known, ({ station }) => station.readings.length) / sessions
  const sd = sdInRounds(shots, known.length, spread.speed)
  return sum(
    known,
    ({ station, prospect: { meanM } }) =>
      meanM ** 2 *
      (driftSd(drift, station.position) ** 2 - driftSd({ expected: { per90: 0, sd } }, shots / 2) ** 2),
  )
}

/** What the variance of a stock falls by where its club is no further off the curve than a measured loft leaves it. */
function byMeasuredLoft({ station, prospect: { meanM, varianceM2 }, loft }: KnownStation): number {
  const expected = station.expected?.varianceM2
  if (loft.loftMeasured || expected === undefined || expected <= varianceM2) return 0
  const ofLoft = loft.loftDeg === null ? BY_INDEX_VARIANCE_M2 : (LOFT_SD_DEG * typicalSlopeM(meanM)) ** 2
  const measured = expected * (1 - Math.min(MOST_OF_DEPARTURE, ofLoft / expected))
  return varianceM2 - 1 / (1 / varianceM2 - 1 / expected + 1 / measured)
}

/**
 * What it falls by where nobody need guess which shots were missed. A shot that may be either says less of its station's
 * middle the further from it it lies: what a mixture of two loses of the information that its labels would give is
 * w(1 − w)z² of a shot (Louis 1982).
 */
function byMarkedStrikes(
  { station, prospect: { meanM, varianceM2, shotSdM } }: KnownStation,
  { judged }: BagModel,
): number {
  const lost = sum(station.readings, ({ index, logCarry, shot }) => {
    const w = shot.mark === undefined ? (judged[index]?.solidProbability ?? 0) : 1
    return w * (1 - w) * (((logCarry - Math.log(meanM)) * meanM) / shotSdM) ** 2
  })
  return varianceM2 - 1 / (1 / varianceM2 + lost / (SHOT_VARIANCE * shotSdM ** 2))
}

/** What half of the shots on another day take off how far a stock of one day is off those of others. */
function onAnotherDay(known: readonly KnownStation[]): number {
  const day = known[0]?.station.days.findIndex((share) => share >= ONE_DAY) ?? -1
  if (known.some(({ station }) => (station.days[day] ?? 0) < ONE_DAY)) return 0
  return sum(known, ({ prospect: { meanM } }) => (DAY_SD * meanM) ** 2 / 2)
}
