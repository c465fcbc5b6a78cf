import type { Club } from '../bag/club'
import type { ClubId } from '../ids'
import { density } from '../stock/normal'
import { weightedMean, type Spread } from '../stock/spread'
import { markedWeight, type Reading } from './reading'
import { goodBesideCarry, missedLikelihood, shotTerms } from './strike-likelihood'

/** A shot that looks like one of another club: the club that the monitor was left on is not the one that was hit. */
export type WrongClub = { index: number; other: ClubId; logOdds: number }

/** At most this many shots are hit before a forgotten change of club is noticed. */
const MOST_SHOTS = 3
/** Clubs further away in the bag are not mistaken. */
const MOST_PLACES = 2
/** A change of club is forgotten twice in a hundred; then the club that came next was in hand more often than not. */
const FORGOTTEN = { share: 0.02, nextBlock: 0.6, neighbour: 0.15, twoAway: 0.05 }
/** Shares of good and missed shots, as a first guess. */
const GOOD = 0.85
const MISSED = 0.15
/** Spread of spin as a share. */
const SPIN_SD = 0.085
/** Asked about from these log odds on; nothing is moved without the golfer. */
const ASK_FROM = 1

type Block = { clubId: ClubId; readings: Reading[] }
type Centre = Partial<Record<'logCarry' | 'logSpeed' | 'logLaunch' | 'logSpin', number>> & { weight: number }

/**
 * Looks at the last shots of every block of one club for shots of a club near it: a change of club that
 * was forgotten on the monitor.
 * @param clubs longest first, without the putter
 * @param inOrder the full-swing readings, session by session in the order hit, partial swings as breaks
 */
export function wrongClubs(
  clubs: readonly Club[],
  inOrder: readonly Reading[],
  weights: Float64Array,
  spread: Spread,
): WrongClub[] {
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
      const ownCentre = centreOf(
        own.filter((reading) => !out.has(reading)),
        weights,
      )
      if (ownCentre.weight === 0) continue
      for (const [away, club] of near(clubs, place)) {
        const centre = centres.get(club.id)
        if (!centre || centre.weight < 1) continue
        const chance =
          club.id === nextClub ? FORGOTTEN.nextBlock : away === 1 ? FORGOTTEN.neighbour : FORGOTTEN.twoAway
        let logOdds = Math.log((FORGOTTEN.share * chance) / MOST_SHOTS)
        for (const reading of last) {
          logOdds += Math.log(GOOD * goodAt(reading, centre, spread))
          logOdds -= Math.log(
            GOOD * goodAt(reading, ownCentre, spread) + missedAt(reading, ownCentre, spread),
          )
        }
        if (logOdds > ASK_FROM && logOdds > (best?.logOdds ?? -Infinity))
          best = { last, other: club.id, logOdds }
      }
    }
    const found = best
    return found ? found.last.map(({ index }) => ({ index, other: found.other, logOdds: found.logOdds })) : []
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

function* near(clubs: readonly Club[], place: number): Generator<[number, Club]> {
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

const FLOOR = 1e-9

function goodAt(reading: Reading, centre: Centre, spread: Spread): number {
  const r = reading.logCarry - (centre.logCarry as number)
  // Where the centre itself is uncertain, a shot may be further from it.
  const carrySd = spread.carry * Math.sqrt(1 + 1 / centre.weight)
  return density(r, carrySd) * beside(reading, centre, spread, r) * spinAt(reading, centre) + FLOOR
}

function beside(reading: Reading, centre: Centre, spread: Spread, r: number): number {
  const { terms, e } = termsAt(reading, centre, spread)
  return goodBesideCarry(terms, r, e, { ...spread, missed: 0 })
}

function missedAt(reading: Reading, centre: Centre, spread: Spread): number {
  const { terms, e } = termsAt(reading, centre, spread)
  const r = reading.logCarry - (centre.logCarry as number)
  return missedLikelihood(terms, r, e, { ...spread, missed: MISSED }) * spinAt(reading, centre)
}

function termsAt(reading: Reading, centre: Centre, spread: Spread) {
  const { logSpeed, logLaunch } = reading
  const speed = logSpeed !== null && centre.logSpeed !== undefined
  const launch = logLaunch === null || centre.logLaunch === undefined ? null : logLaunch - centre.logLaunch
  return {
    terms: shotTerms({ speed, launch, lateral: null }, spread),
    e: speed ? logSpeed - (centre.logSpeed as number) : 0,
  }
}

const spinAt = ({ logSpin }: Reading, { logSpin: usual }: Centre): number =>
  logSpin === null || usual === undefined ? 1 : density(logSpin - usual, SPIN_SD) + FLOOR
