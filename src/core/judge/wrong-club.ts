import type { Club } from '../bag/club'
import type { ClubId } from '../model/ids'
import { curveLofts, typicalSlopeM, type CurvePrediction } from './loft-curve'
import { HALF_A_SHOT, shotAt, Sums, type Centre, type ShotAt } from './club-centre'
import { NO_LINES, type Lines } from './lines-of-bag'
import { density } from '../math/normal'
import { restMissedLogOdds } from './rest-missed'
import type { Spread } from './spread'
import { markedWeight, type ShotReading } from './reading'
import { FULL_SWING } from '../model/station'
import { StrikeLikelihood } from './strike-likelihood'
import { wholeBlockLogOdds } from './whole-block'

/** A shot that looks like one of another club: the club that the monitor was left on is not the one that was hit. */
type WrongClub = { index: number; other: ClubId }

/** A forgotten change of club is noticed within this many shots, unless they lie far from the others. */
const MOST_SHOTS = 3
/** Clubs further away in the bag are not mistaken, but for those that were in hand just before and after, and from two shots far away on. */
const MOST_NEIGHBOURS = 2
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
/** Asked about from these log odds on; nothing is moved without the golfer. */
const ASK_FROM = 1
/** Where they are as many as what is left of their club, it may be those that are off: asked about later. */
const ASK_FROM_IF_HALF = 3

/** A whole block: clubs that truly carry the same are common. */
const ASK_FROM_IF_WHOLE = 3
/** A block of fewer shots is no run of its own. */
const FEWEST_IN_BLOCK = 3

/** No strike makes a shot this long: it is left out in any case, so that asking costs nothing. */
const TOO_LONG_SD = 3
const ASK_FROM_IF_LONG = -1.5

type Block = { clubId: ClubId; readings: ShotReading[] }
/** The last shots of a block, with the club that explains them. */
type Suspects = { last: ShotReading[]; other: ClubId; logOdds: number }

/** What the bag says of its clubs, where a change of club may have been forgotten. */
type OfTheBag = {
  spread: Spread
  weights: Float64Array
  /** What the golfer's other clubs say of each club: its carry, and its ball speed and launch at a carry. */
  expected: ReadonlyMap<ClubId, CurvePrediction | null>
  lines: ReadonlyMap<ClubId, Lines | null>
}

/**
 * Looks at the last shots of every block of one club for shots of a club near it: a change of club that
 * was forgotten on the monitor.
 * @param clubs longest first, without the putter
 * @param inOrder all readings, session by session in the order hit: a partial swing ends a block
 */
export function wrongClubs(
  clubs: readonly Club[],
  inOrder: readonly ShotReading[],
  bag: OfTheBag,
): WrongClub[] {
  const search = new Search(clubs, inOrder, bag)
  return blocksOf(inOrder).flatMap((block, b, blocks) =>
    search.suspectsOf(block, sameSession(block, blocks[b - 1]), sameSession(block, blocks[b + 1])),
  )
}

/** The club of a block that was hit in the same session; null of another one. */
const sameSession = (block: Block, other: Block | undefined): ClubId | null =>
  other && other.readings[0]?.session === block.readings[0]?.session ? other.clubId : null

/** What one look over a bag's blocks needs of all of them. */
class Search {
  private readonly likelihood: StrikeLikelihood
  private readonly loftsDeg: readonly number[]
  private readonly full: ReadonlyMap<ClubId, ShotReading[]>
  private readonly sums: ReadonlyMap<ClubId, Sums>
  private readonly centres: ReadonlyMap<ClubId, Centre>

  constructor(
    private readonly clubs: readonly Club[],
    inOrder: readonly ShotReading[],
    private readonly bag: OfTheBag,
  ) {
    this.likelihood = new StrikeLikelihood({ ...bag.spread, missed: MISSED })
    this.loftsDeg = curveLofts(clubs).loftsDeg
    const full = inOrder.filter(({ shot }) => shot.swing === FULL_SWING)
    this.full = new Map(clubs.map(({ id }) => [id, full.filter(({ shot }) => shot.clubId === id)]))
    this.sums = new Map([...this.full].map(([id, readings]) => [id, new Sums(readings, bag.weights)]))
    this.centres = new Map([...this.sums].map(([id, each]) => [id, each.centre()]))
  }

  /** The shots at the end of a block that another club explains best; none where none does. */
  suspectsOf({ clubId, readings }: Block, lastClub: ClubId | null, nextClub: ClubId | null): WrongClub[] {
    const index = this.clubs.findIndex(({ id }) => id === clubId)
    const own = this.sums.get(clubId)
    if (index < 0 || !own || own.count < 2) return []
    let best: Suspects | null = null
    for (let m = 1; m <= readings.length; m++) {
      const last = readings.slice(-m)
      if (last.some((reading) => markedWeight(reading) !== null)) break
      const left = own.count - m
      if (left === 0) break
      const rest = own.without(last)
      const far = isFar(last, rest, this.bag.spread.carry)
      // The older ones of a club outlive newer ones only where those are another's beyond doubt.
      if (!far && (m > MOST_SHOTS || left < m || readings.length < 2)) continue
      if (left < Math.min(m, ESTABLISHED)) continue
      const askFrom = this.askFrom(last, rest, m === readings.length ? Infinity : left)
      let restMissed: number | undefined
      for (const [away, club] of candidates(
        this.clubs,
        index,
        nextClub,
        far ? lastClub : null,
        far && m >= 2,
      )) {
        let logOdds = this.logOdds(
          last,
          rest,
          clubId,
          club,
          chanceOf(club.id === nextClub || this.isMissing(club, away), away),
        )
        if (logOdds > ASK_FROM_IF_LONG) logOdds -= restMissed ??= this.restMissed(last, rest, clubId)
        if (logOdds > askFrom && logOdds > (best?.logOdds ?? -Infinity))
          best = { last, other: club.id, logOdds }
      }
    }
    const found = best ?? this.wholeBlock(clubId, readings, lastClub, nextClub)
    return found ? found.last.map(({ index }) => ({ index, other: found.other })) : []
  }

  /** A neighbour that has no shots at all is as likely to have been in hand as the one that came next. */
  private isMissing(club: Club, away: number): boolean {
    return away === 1 && this.sums.get(club.id)?.count === 0
  }

  /** A neighbour that explains every shot of a block better than its own club does. */
  private wholeBlock(
    clubId: ClubId,
    readings: readonly ShotReading[],
    lastClub: ClubId | null,
    nextClub: ClubId | null,
  ): Suspects | null {
    if (readings.length < FEWEST_IN_BLOCK || readings.some((reading) => markedWeight(reading) !== null))
      return null
    const index = this.clubs.findIndex(({ id }) => id === clubId)
    const own = this.sums.get(clubId)
    if (!own || isTeed(this.clubs[index])) return null
    const rest = own.count > readings.length ? own.without(readings) : null
    let best: Suspects | null = null
    for (const [away, club] of candidates(this.clubs, index, nextClub, null, false)) {
      if (away > 1 || isTeed(club)) continue
      const byShots = wholeBlockLogOdds(readings, rest, clubId, club.id, {
        clubs: this.clubs,
        loftsDeg: this.loftsDeg,
        centres: this.centres,
        expected: this.bag.expected,
        spread: this.bag.spread,
      })
      if (byShots === null) continue
      const wasInHand = club.id === nextClub || club.id === lastClub
      const logOdds = byShots + Math.log(FORGOTTEN.share * chanceOf(wasInHand, away))
      if (logOdds > ASK_FROM_IF_WHOLE && logOdds > (best?.logOdds ?? -Infinity))
        best = { last: [...readings], other: club.id, logOdds }
    }
    return best
  }

  /** Log odds that shots are another club's rather than their own's. */
  private logOdds(
    last: readonly ShotReading[],
    rest: Centre,
    clubId: ClubId,
    other: Club,
    chance: number,
  ): number {
    const { likelihood } = this
    const { spread, expected } = this.bag
    const index = this.clubs.findIndex(({ id }) => id === clubId)
    const centre = centreOfClub(other, this.centres, expected, {
      spread: spread.carry,
      own: rest,
      steeper: (this.loftsDeg[this.clubs.indexOf(other)] as number) - (this.loftsDeg[index] as number),
    })
    // What only a miss of the other club explains does not look like it: 73 yd is no 9-iron of 109.
    if (!centre || isFar(last, centre, spread.carry)) return -Infinity
    const expectedHere = expected.get(clubId) ?? null
    return last.reduce(
      (sum, reading) => {
        const there = shotAt(reading, centre, likelihood, spread.carry)
        const here = shotAt(reading, rest, likelihood, spread.carry)
        const own = ownGood(reading, here, rest, expectedHere, spread.carry)
        return sum + Math.log(there.good + there.missed) - Math.log(own + here.missed)
      },
      Math.log((FORGOTTEN.share * chance) / MOST_SHOTS),
    )
  }

  /** By how much it is likelier that the rest of the club was missed; 0 where it is not. */
  private restMissed(last: readonly ShotReading[], rest: Centre, clubId: ClubId): number {
    const expected = this.bag.expected.get(clubId)
    if (!expected) return 0
    return Math.max(
      0,
      restMissedLogOdds(last, rest, {
        readings: this.full.get(clubId) ?? [],
        expected,
        lines: this.bag.lines.get(clubId) ?? NO_LINES,
        likelihood: this.likelihood,
        spread: this.bag.spread,
      }),
    )
  }

  private askFrom(last: readonly ShotReading[], rest: Centre, left: number): number {
    if (last.length >= left && left < ESTABLISHED) return ASK_FROM_IF_HALF
    const tooLong = last.every(
      ({ logCarry }) => logCarry - (rest.logCarry ?? logCarry) > TOO_LONG_SD * this.bag.spread.carry,
    )
    return tooLong ? ASK_FROM_IF_LONG : ASK_FROM
  }
}

/** A driver is hit off a tee: its launch and spin are on no line with the others. */
const isTeed = (club: Club | undefined): boolean => club?.kind === 'driver'

function chanceOf(isNext: boolean, away: number): number {
  if (isNext) return FORGOTTEN.nextBlock
  if (away === 1) return FORGOTTEN.neighbour
  return away === 2 ? FORGOTTEN.twoAway : FORGOTTEN.furtherAway
}

/** The runs of one club, each with its full-swing readings in the order hit. */
function blocksOf(inOrder: readonly ShotReading[]): Block[] {
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
  index: number,
  nextClub: ClubId | null,
  lastClub: ClubId | null,
  anywhere: boolean,
): Generator<[number, Club]> {
  for (const [at, club] of clubs.entries()) {
    const away = Math.abs(at - index)
    const wasInHand = club.id === nextClub || club.id === lastClub
    if (away > 0 && (away <= MOST_NEIGHBOURS || wasInHand || anywhere)) yield [away, club]
  }
}

/** Whether shots lie beyond the spread of a club, all on one side. */
function isFar(last: readonly ShotReading[], { logCarry }: Centre, carrySd: number): boolean {
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

/** A good shot of its own club: where the others of it lie, or where the golfer's other clubs put it. */
function ownGood(
  { logCarry }: ShotReading,
  { good, sameLoftCarry }: ShotAt,
  centre: Centre,
  expected: CurvePrediction | null,
  carrySd: number,
): number {
  if (!expected) return good
  const share = AT_EXPECTED.one * AT_EXPECTED.fade ** Math.max(0, centre.weight - 1)
  const sd = Math.hypot(carrySd, Math.sqrt(expected.varianceM2) / expected.carryM)
  return (1 - share) * good + share * density(logCarry - Math.log(expected.carryM), sd) * sameLoftCarry
}
