import type { Club } from '../bag/club'
import type { ClubId } from '../ids'
import { density } from '../stock/normal'
import type { CurvePrediction } from '../stock/loft-curve'
import { weightedMean, type Spread } from '../stock/spread'
import { markedWeight, type Reading } from './reading'
import { StrikeLikelihood } from './strike-likelihood'

/** A shot that looks like one of another club: the club that the monitor was left on is not the one that was hit. */
export type WrongClub = { index: number; other: ClubId }

/** At most this many shots are hit before a forgotten change of club is noticed. */
const MOST_SHOTS = 3
/** Clubs further away in the bag are not mistaken, but for the one that came next. */
const MOST_PLACES = 2
/** A change of club is forgotten twice in a hundred; then the club that came next was in hand more often than not. */
const FORGOTTEN = { share: 0.02, nextBlock: 0.6, neighbour: 0.15, twoAway: 0.05 }
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
  const full = inOrder.filter(({ shot }) => shot.swing === 'full')
  const byClub = new Map(clubs.map(({ id }) => [id, full.filter(({ shot }) => shot.clubId === id)]))
  const centres = new Map([...byClub].map(([id, readings]) => [id, centreOf(readings, weights)] as const))
  return blocks.flatMap(({ clubId, readings }, b) => {
    const place = clubs.findIndex(({ id }) => id === clubId)
    const own = byClub.get(clubId)
    if (place < 0 || !own || readings.length < 2) return []
    const following = blocks[b + 1]
    const nextClub =
      following && following.readings[0]?.session === readings[0]?.session ? following.clubId : null
    let best: { last: Reading[]; other: ClubId; logOdds: number } | null = null
    for (let m = 1; m <= Math.min(MOST_SHOTS, readings.length - 1); m++) {
      const last = readings.slice(-m)
      if (last.some((reading) => markedWeight(reading) !== null)) break
      const out = new Set(last)
      const left = own.filter((reading) => !out.has(reading))
      if (left.length < m) break
      const ownCentre = centreWithout(left, weights)
      for (const [away, club] of candidates(clubs, place, nextClub)) {
        const centre = centres.get(club.id)
        if (!centre || centre.weight < HALF_A_SHOT) continue
        const chance =
          club.id === nextClub ? FORGOTTEN.nextBlock : away === 1 ? FORGOTTEN.neighbour : FORGOTTEN.twoAway
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
        const askFrom = m >= left.length ? ASK_FROM_IF_HALF : tooLong ? ASK_FROM_IF_LONG : ASK_FROM
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
  return blocks.filter(({ swing }) => swing === 'full')
}

/** The clubs near this one in the bag, and the one that was in hand next, with how many places they are away. */
function* candidates(
  clubs: readonly Club[],
  place: number,
  nextClub: ClubId | null,
): Generator<[number, Club]> {
  const next = clubs.findIndex(({ id }) => id === nextClub)
  if (next >= 0 && Math.abs(next - place) > MOST_PLACES) yield [Math.abs(next - place), clubs[next] as Club]
  for (let away = 1; away <= MOST_PLACES; away++) {
    for (const at of [place - away, place + away]) {
      const club = clubs[at]
      if (club) yield [away, club]
    }
  }
}

function centreOf(readings: readonly Reading[], weights: Float64Array): Centre {
  const weightOf = ({ index }: Reading) => weights[index] as number
  const centre: Centre = { weight: readings.reduce((sum, each) => sum + weightOf(each), 0) }
  for (const field of ['logCarry', 'logSpeed', 'logLaunch', 'logSpin'] as const) {
    const mean = weightedMean(readings, weightOf, (reading) => reading[field])
    if (mean !== null) centre[field] = mean
  }
  return centre
}

/**
 * The centre of a club without its suspects. Where all of what is left had been left out, it was the
 * suspects that stood in the middle: then all of it is looked at.
 */
function centreWithout(left: readonly Reading[], weights: Float64Array): Centre {
  const centre = centreOf(left, weights)
  if (centre.weight >= HALF_A_SHOT) return centre
  const even = new Float64Array(weights.length).fill(1)
  return centreOf(left, even)
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
