import type { Club } from '../bag/club'
import type { ClubId } from '../ids'
import { curveLofts, typicalSlopeM, type CurvePrediction } from './loft-curve'
import { density } from '../math/normal'
import type { Spread } from './spread'
import { markedWeight, type Reading } from './reading'
import { FULL_SWING } from '../station'
import { StrikeLikelihood } from './strike-likelihood'

/** A shot that looks like one of another club: the club that the monitor was left on is not the one that was hit. */
export type WrongClub = { index: number; other: ClubId }

/** A forgotten change of club is noticed within this many shots, unless they lie far from the others. */
const MOST_SHOTS = 3
/** Clubs further away in the bag are not mistaken, but for those that were in hand just before and after, and from two shots far away on. */
const MOST_PLACES = 2
/** A change of club is forgotten twice in a hundred; then the club that came next was in hand more often than not. */
const FORGOTTEN = {
  share: 0.02,
  nextBlock: 0.6,
  neighbour: 0.15,
  twoAway: 0.05,
  furtherAway: 0.02,
}
/**
 * Shots this far from the others of their club, as a share or in standard deviations, are no spread of its
 * own: however many they are, the older ones are not given up for them in silence.
 */
const FAR = { share: 0.12, deviations: 3.5 }
/** So many older shots of a club stand against any number of newer ones. */
const ESTABLISHED = 4
/** A club that was never hit lies within this share of what its loft says beside the one in hand. */
const BY_LOFT_SD = 0.06
/**
 * The suspects may be the only good shots of their own club, at what the golfer's other clubs say of it: so
 * often when one other shot is left, and less by this with each more that agrees.
 */
const AT_EXPECTED = { one: 0.3, fade: 0.4 }
/** Share of shots that are missed, as a first guess. */
const MISSED = 0.15
/** Spread of spin as a share. */
const SPIN_SD = 0.085
/** Asked about from these log odds on; nothing is moved without the golfer. */
const ASK_FROM = 1
/** Where they are as many as what is left of their club, it may be those that are off: asked about later. */
const ASK_FROM_IF_HALF = 3

/** Weights are probabilities: a club whose shots come to less has no centre. */
const HALF_A_SHOT = 0.5

/** No strike makes a shot this long: it is left out in any case, so that asking costs nothing. */
const TOO_LONG_SD = 3
const ASK_FROM_IF_LONG = -1.5

type Block = { clubId: ClubId; readings: Reading[] }
type Centre = Partial<Record<'logCarry' | 'logSpeed' | 'logLaunch' | 'logSpin', number>> & { weight: number }

/**
 * Looks at the last shots of every block of one club for shots of a club near it: a change of club that
 * was forgotten on the monitor.
 * @param clubs longest first, without the putter
 * @param inOrder all readings, session by session in the order hit: a partial swing ends a block
 * @param expected what the golfer's other clubs say of each club
 */
export function wrongClubs(
  clubs: readonly Club[],
  inOrder: readonly Reading[],
  weights: Float64Array,
  spread: Spread,
  expected: ReadonlyMap<ClubId, CurvePrediction | null>,
): WrongClub[] {
  const likelihood = new StrikeLikelihood({ ...spread, missed: MISSED })
  const blocks = blocksOf(inOrder)
  const full = inOrder.filter(({ shot }) => shot.swing === FULL_SWING)
  const { loftsDeg } = curveLofts(clubs)
  const byClub = new Map(clubs.map(({ id }) => [id, full.filter(({ shot }) => shot.clubId === id)]))
  const sums = new Map([...byClub].map(([id, readings]) => [id, new Sums(readings, weights)] as const))
  const centres = new Map([...sums].map(([id, each]) => [id, each.centre()] as const))
  return blocks.flatMap(({ clubId, readings }, b) => {
    const place = clubs.findIndex(({ id }) => id === clubId)
    const own = sums.get(clubId)
    if (place < 0 || !own || own.count < 2) return []
    const following = blocks[b + 1]
    const nextClub =
      following && following.readings[0]?.session === readings[0]?.session ? following.clubId : null
    const before = blocks[b - 1]
    const lastClub = before && before.readings[0]?.session === readings[0]?.session ? before.clubId : null
    let best: { last: Reading[]; other: ClubId; logOdds: number } | null = null
    for (let m = 1; m <= readings.length; m++) {
      const last = readings.slice(-m)
      if (last.some((reading) => markedWeight(reading) !== null)) break
      const left = own.count - m
      if (left === 0) break
      const ownCentre = own.without(last)
      const far = isFar(last, ownCentre, spread.carry)
      // The older ones of a club outlive newer ones only where those are another's beyond doubt.
      if (!far && (m > MOST_SHOTS || left < m || readings.length < 2)) continue
      if (left < Math.min(m, ESTABLISHED)) continue
      for (const [away, club] of candidates(clubs, place, nextClub, far ? lastClub : null, far && m >= 2)) {
        const centre = centreOfClub(club, centres, expected, {
          spread: spread.carry,
          own: ownCentre,
          steeper: (loftsDeg[clubs.indexOf(club)] as number) - (loftsDeg[place] as number),
        })
        if (!centre) continue
        const chance =
          club.id === nextClub
            ? FORGOTTEN.nextBlock
            : away === 1
              ? FORGOTTEN.neighbour
              : away === 2
                ? FORGOTTEN.twoAway
                : FORGOTTEN.furtherAway
        let logOdds = Math.log((FORGOTTEN.share * chance) / MOST_SHOTS)
        for (const reading of last) {
          const own = ownGood(reading, ownCentre, expected.get(clubId) ?? null, likelihood, spread.carry)
          logOdds += Math.log(
            goodAt(reading, centre, likelihood, spread.carry) + missedAt(reading, centre, likelihood),
          )
          logOdds -= Math.log(own + missedAt(reading, ownCentre, likelihood))
        }
        const tooLong = last.every(
          ({ logCarry }) => logCarry - (ownCentre.logCarry ?? logCarry) > TOO_LONG_SD * spread.carry,
        )
        const askFrom =
          m >= left && left < ESTABLISHED ? ASK_FROM_IF_HALF : tooLong ? ASK_FROM_IF_LONG : ASK_FROM
        if (logOdds > askFrom && logOdds > (best?.logOdds ?? -Infinity))
          best = { last, other: club.id, logOdds }
      }
    }
    const found = best
    return found ? found.last.map(({ index }) => ({ index, other: found.other })) : []
  })
}

/** The runs of one club, each with its full-swing readings in the order hit. */
function blocksOf(inOrder: readonly Reading[]): Block[] {
  const blocks: (Block & { session: number; swing: string })[] = []
  for (const reading of inOrder) {
    const { clubId, swing } = reading.shot
    const last = blocks.at(-1)
    if (last && last.clubId === clubId && last.swing === swing && last.session === reading.session)
      last.readings.push(reading)
    else blocks.push({ clubId, swing, session: reading.session, readings: [reading] })
  }
  return blocks.filter(({ swing }) => swing === FULL_SWING)
}

/** The clubs that may have been in hand instead, with how many places they are away. */
function* candidates(
  clubs: readonly Club[],
  place: number,
  nextClub: ClubId | null,
  lastClub: ClubId | null,
  anywhere: boolean,
): Generator<[number, Club]> {
  for (const [at, club] of clubs.entries()) {
    const away = Math.abs(at - place)
    const wasInHand = club.id === nextClub || club.id === lastClub
    if (away > 0 && (away <= MOST_PLACES || wasInHand || anywhere)) yield [away, club]
  }
}

/** Whether shots lie beyond the spread of a club, all on one side. */
function isFar(last: readonly Reading[], { logCarry }: Centre, carrySd: number): boolean {
  if (logCarry === undefined) return false
  const limit = Math.max(FAR.share, FAR.deviations * carrySd)
  const away = last.map((reading) => reading.logCarry - logCarry)
  return away.every((each) => each > limit) || away.every((each) => each < -limit)
}

/** Where a club lies: by its own shots, by what the golfer's other clubs say of its loft, or by its loft beside the one in hand. */
function centreOfClub(
  club: Club,
  centres: ReadonlyMap<ClubId, Centre>,
  expected: ReadonlyMap<ClubId, CurvePrediction | null>,
  { spread, own, steeper }: { spread: number; own: Centre; steeper: number },
): Centre | null {
  const measured = centres.get(club.id)
  if (measured && measured.weight >= HALF_A_SHOT) return measured
  const weightFor = (relativeSd: number) => (spread / relativeSd) ** 2
  const curve = expected.get(club.id)
  if (curve)
    return { logCarry: Math.log(curve.carryM), weight: weightFor(Math.sqrt(curve.varianceM2) / curve.carryM) }
  if (own.logCarry === undefined) return null
  const carryM = Math.exp(own.logCarry) + typicalSlopeM(Math.exp(own.logCarry)) * steeper
  return carryM > 0 ? { logCarry: Math.log(carryM), weight: weightFor(BY_LOFT_SD) } : null
}

const FIELDS = ['logCarry', 'logSpeed', 'logLaunch', 'logSpin'] as const

/** Weight, weighted sum and plain sums of one number over the readings that have it. */
type Sum = { weight: number; weighted: number; count: number; plain: number }

/** What a club's readings come to, so that its centre without a few of them is not worked out from all the others. */
class Sums {
  private weight = 0
  private readonly sums: Sum[] = FIELDS.map(() => ({ weight: 0, weighted: 0, count: 0, plain: 0 }))
  readonly count: number

  constructor(
    readings: readonly Reading[],
    private readonly weights: Float64Array,
  ) {
    this.count = readings.length
    for (const reading of readings) this.add(reading, 1)
  }

  private add(reading: Reading, sign: 1 | -1): void {
    const weight = sign * (this.weights[reading.index] as number)
    this.weight += weight
    for (let at = 0; at < FIELDS.length; at++) {
      const value = reading[FIELDS[at] as (typeof FIELDS)[number]]
      if (value === null) continue
      const sum = this.sums[at] as Sum
      sum.weight += weight
      sum.weighted += weight * value
      sum.count += sign
      sum.plain += sign * value
    }
  }

  centre(): Centre {
    return this.centreBy(this.weight, ({ weight, weighted }) => (weight > 1e-9 ? weighted / weight : null))
  }

  /**
   * The centre without the suspects. Where all of what is left had been left out, it was the suspects that stood in the
   * middle: then all of it is looked at.
   */
  without(suspects: readonly Reading[]): Centre {
    for (const reading of suspects) this.add(reading, -1)
    const centre =
      this.weight >= HALF_A_SHOT
        ? this.centre()
        : this.centreBy(this.count - suspects.length, ({ count, plain }) =>
            count > 0 ? plain / count : null,
          )
    for (const reading of suspects) this.add(reading, 1)
    return centre
  }

  private centreBy(weight: number, meanOf: (sum: Sum) => number | null): Centre {
    const centre: Centre = { weight }
    for (let at = 0; at < FIELDS.length; at++) {
      const mean = meanOf(this.sums[at] as Sum)
      if (mean !== null) centre[FIELDS[at] as (typeof FIELDS)[number]] = mean
    }
    return centre
  }
}

const FLOOR = 1e-9

function goodAt(reading: Reading, centre: Centre, likelihood: StrikeLikelihood, carrySd: number): number {
  const { terms, r, e } = against(reading, centre, likelihood)
  const beside = e === null ? likelihood.goodWithoutSpeed(terms) : likelihood.goodBesideCarry(terms, r, e)
  // Where the centre itself is uncertain, a shot may be further from it.
  return density(r, carrySd * Math.sqrt(1 + 1 / centre.weight)) * beside * spinAt(reading, centre) + FLOOR
}

/** A good shot of its own club: where the others of it lie, or where the golfer's other clubs put it. */
function ownGood(
  reading: Reading,
  centre: Centre,
  expected: CurvePrediction | null,
  likelihood: StrikeLikelihood,
  carrySd: number,
): number {
  const good = goodAt(reading, centre, likelihood, carrySd)
  if (!expected) return good
  const share = AT_EXPECTED.one * AT_EXPECTED.fade ** Math.max(0, centre.weight - 1)
  const sd = Math.hypot(carrySd, Math.sqrt(expected.varianceM2) / expected.carryM)
  const r = reading.logCarry - Math.log(expected.carryM)
  const { terms } = against(reading, centre, likelihood)
  // Speed goes with carry: at the expected carry it is as likely as at the centre.
  const beside =
    reading.logSpeed === null || centre.logSpeed === undefined
      ? likelihood.goodWithoutSpeed(terms)
      : likelihood.goodBesideCarry(terms, 0, 0)
  return (1 - share) * good + share * density(r, sd) * beside * spinAt(reading, centre)
}

function missedAt(reading: Reading, centre: Centre, likelihood: StrikeLikelihood): number {
  const { terms, r, e } = against(reading, centre, likelihood)
  const missed = e === null ? likelihood.missedWithoutSpeed(terms, r) : likelihood.missed(terms, r, e)
  return missed * spinAt(reading, centre)
}

/** A shot beside the usual one of a club; `e` null where speed is not known of both. */
function against(reading: Reading, centre: Centre, likelihood: StrikeLikelihood) {
  const { logCarry, logSpeed, logLaunch } = reading
  const launch = logLaunch === null || centre.logLaunch === undefined ? null : logLaunch - centre.logLaunch
  return {
    terms: likelihood.terms(launch, null),
    r: logCarry - (centre.logCarry as number),
    e: logSpeed === null || centre.logSpeed === undefined ? null : logSpeed - centre.logSpeed,
  }
}

const spinAt = ({ logSpin }: Reading, { logSpin: usual }: Centre): number =>
  logSpin === null || usual === undefined ? 1 : density(logSpin - usual, SPIN_SD) + FLOOR
