import { notFound } from 'next/navigation'
import { analyseBag, type BagAnalysis } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import type { ClubId, GolferId, SessionId } from '@/core/ids'
import { keptApart } from '@/core/shots/shot-standing'
import { expectationsFound } from '@/core/session/expectation'
import { PLAIN } from '@/core/session/conditions'
import type { AskedAir } from '@/core/session/session-air'
import { leftOfPlan, ownPace } from '@/core/session/plan'
import type { Session } from '@/core/session/session'
import type { Air } from '@/core/flight/air'
import { seasonStations } from '@/core/flight/day-card'
import { bagInput, besideStocks, comparingAir } from '@/store/bag-input'
import { dayOf, placesOf } from '@/store/course-days'
import { leftOnPurpose } from '@/store/left-on-purpose'
import { drillShots } from '@/store/drills'
import { ladder } from '@/core/wedges/ladder'
import { wedges } from '@/core/wedges/wedges'
import type { WedgesProps } from '@/ui/screens/wedges/wedges'
import { swingDefinitions, wantedStations } from '@/store/swings'
import { bagOf } from '@/store/bags'
import { theDatabase } from '@/store/database'
import { golferById } from '@/store/golfers'
import { conditionsOfShots, expectationsOf, expectationsOfGolfer } from '@/store/session-events'
import { courseDay, openSetUps, paperInput, sessionsToAsk, type OpenSetUp } from '@/store/papers'
import type { CardData } from '@/draw/card'
import { cardOfBag } from '@/draw/card-of-bag'
import { cardOfDay } from '@/draw/card-of-day'
import { cardAir } from '@/text/set-up'
import { undoAndRedo } from '@/store/journal'
import { receivingOf } from '@/store/receivers'
import { currentSession, sessionById, sessionsOf, waitingSessions } from '@/store/sessions'
import { lastPlannedSession, planOf } from '@/store/plans'
import { lastSetUp, monitorProfiles, setUpOf } from '@/store/set-ups'
import { shotsOfSession, type StoredShot } from '@/store/shots'
import type { BayStartProps } from '@/ui/screens/bay/bay-start'
import type { CourseProps } from '@/ui/screens/course/course'
import type { BayView } from '@/ui/screens/bay/bay-view'
import type { SessionEndProps } from '@/ui/screens/session/session-end'
import type { StationShots } from '@/ui/screens/gaps/station-shots'

/** The golfer of a page, or the page that says there is none. */
export const golferOfPage = (id: string): Golfer => golferById(theDatabase(), id as GolferId) ?? notFound()

/**
 * A golfer's bag with all that the shots say of it; null before the first bag.
 * @param inAir the air in which carries are compared; null: each as it was hit
 */
export function analysedBag(
  golfer: Golfer,
  inAir: Air | null = null,
): { bag: Bag; analysis: BagAnalysis; shots: StationShots } | null {
  const bag = bagOf(theDatabase(), golfer.id)
  if (!bag) return null
  const input = bagInput(theDatabase(), golfer, bag, Date.now(), inAir)
  const analysis = analyseBag(input)
  const fromStocks = keptApart(input.shots, analysis.stocks)
  const judged = new Map(analysis.shots.map((shot) => [shot.shotId, shot]))
  const shots = input.shots.map(({ id, clubId, swing, carryM, offlineM, session, hitMs, apart }) => ({
    id,
    clubId,
    swing,
    carryM: judged.get(id)?.carryM ?? carryM,
    ...(offlineM !== undefined && { offlineM }),
    ...(apart && fromStocks.has(id) && { apart }),
    session: session ?? 0,
    hitMs: hitMs ?? 0,
    mark: judged.get(id)?.mark ?? 'misread',
    solidProbability: judged.get(id)?.solidProbability ?? 0,
  }))
  return { bag, analysis, shots }
}

/** The bag in the air in which the golfer's tables compare clubs. */
export const comparedBag = (golfer: Golfer) => analysedBag(golfer, comparingAir(golfer))

/** What stands beside the stocks: shots on the course, and those that are too old, as of now. */
export function besideTheStocks(golfer: Golfer, bag: Bag) {
  const nowMs = Date.now()
  return { beside: besideStocks(theDatabase(), golfer, bag, nowMs), nowMs }
}

/** The card of the golfer's day, with what the season picture needs; null before the first bag. */
export function courseView(golfer: Golfer): CourseProps | null {
  const db = theDatabase()
  const ofDay = courseDay(db, golfer, Date.now())
  if (!ofDay) return null
  const { inDay, ...view } = ofDay
  const clubs = view.bag.clubs.map((club, order) => ({ ...club, order }))
  return {
    golfer,
    ...view,
    places: placesOf(db, golfer.id),
    counts: inDay.stocks.map(({ count }) => ({ count })),
    stations: seasonStations(clubs, inDay),
    airs: airsToAsk(golfer),
  }
}

/** The wedges by swing, along the rule; null before the first bag. */
export function wedgesView(golfer: Golfer, allClubs: boolean): WedgesProps | null {
  const compared = comparedBag(golfer)
  if (!compared) return null
  const db = theDatabase()
  const { bag, analysis, shots } = compared
  const clubs = bag.clubs
    .map(({ id, kind, loftDeg }, order) => ({ id, kind, loftDeg, order }))
    .filter(({ kind }) => (allClubs ? kind !== 'putter' : kind === 'wedge'))
  const turf = dayOf(db, golfer.id)?.day.turf ?? 'normal'
  const old = analysis.stocks.flatMap(({ clubId, swing }) =>
    clubs.some(({ id }) => id === clubId) && !golfer.swings.includes(swing) ? [swing] : [],
  )
  const { goalZoneM, toleranceM } = golfer
  return {
    golfer,
    bag,
    clubs,
    allClubs,
    turf,
    swings: [...golfer.swings, ...new Set(old)],
    found: wedges(clubs, [...golfer.swings, ...new Set(old)], analysis, { goalZoneM, toleranceM, turf }),
    rungs: ladder(
      clubs.filter(({ kind }) => kind === 'wedge'),
      analysis.stocks,
    ),
    shots,
    wanted: wantedStations(db, golfer.id),
    definitions: swingDefinitions(db, golfer.id),
    drills: drillShots(db, golfer.id),
    left: leftOnPurpose(db, golfer.id),
  }
}

/** What the sessions behind the stocks leave unsaid of their air, to be asked about once. */
export const airsToAsk = (golfer: Golfer): AskedAir[] => sessionsToAsk(theDatabase(), golfer, Date.now())

/** A shot that is taken for its station: not held. */
const isTaken = (shot: StoredShot): shot is StoredShot & { clubId: ClubId } =>
  shot.heldBecause === null && shot.clubId !== null

/** What the Bay shows of a session. */
export function bayView(golfer: Golfer, session: Session): BayView | null {
  const analysed = analysedBag(golfer)
  if (!analysed) return null
  const { bag, analysis, shots } = analysed
  const db = theDatabase()
  const conditions = conditionsOfShots(db, golfer.id)
  return {
    golfer,
    bag,
    session,
    shots: shotsOfSession(db, session.id).map((shot) => ({
      ...shot,
      conditions: shot.source === 'file' ? PLAIN : conditions(session.id, shot.seq),
    })),
    now: conditions(session.id, Infinity),
    analysis,
    history: shots,
    plan: planOf(db, session.id),
    setUp: setUpOf(db, session.id),
    expectations: expectationsOf(db, session.id),
    ...undoAndRedo(db, session.id),
    receiving: receivingOf(db, session.id, Date.now()),
    waiting: waitingSessions(db).map(({ id, shots }) => ({ id, shots })),
  }
}

/** The session that the Bay shows: the one that is asked for, else the golfer's current one. */
export function sessionForBay(golfer: Golfer, asked: string | undefined): Session | null {
  const reopened = asked ? sessionById(theDatabase(), asked as SessionId) : null
  return reopened?.golferId === golfer.id ? reopened : currentSession(theDatabase(), golfer.id, Date.now())
}

/** What the page before a session needs to know: the bag, what was left of the last plan, and how the last session was set up. */
export function bayStart(golfer: Golfer): Omit<BayStartProps, 'waiting' | 'proposed'> | null {
  const analysed = analysedBag(golfer)
  if (!analysed) return null
  const { bag, analysis, shots } = analysed
  const db = theDatabase()
  const last = lastPlannedSession(db, golfer.id)
  const session = last && sessionById(db, last)
  const conditions = conditionsOfShots(db, golfer.id)
  const counted = (shot: StoredShot) => last !== null && !conditions(last, shot.seq).warmUp
  const blocks = last
    ? leftOfPlan(planOf(db, last), shotsOfSession(db, last).filter(isTaken).filter(counted))
    : []
  return {
    golfer,
    bag,
    analysis,
    pace: ownPace(shots),
    wanted: wantedStations(db, golfer.id),
    unfinished:
      session && blocks.length > 0
        ? { startedMs: session.startedMs, offsetMin: session.offsetMin, blocks }
        : null,
    lastSetUp: lastSetUp(db, golfer.id),
    lastPlace: sessionsOf(db, golfer.id).find(({ place }) => place !== null)?.place ?? null,
    profiles: monitorProfiles(db, golfer.id),
  }
}

/** What a session came to. */
export function sessionEnd(golfer: Golfer, session: Session): SessionEndProps | null {
  const view = bayView(golfer, session)
  if (!view) return null
  const db = theDatabase()
  const { stocks } = view.analysis
  return {
    view,
    expected: {
      here: expectationsFound(view.expectations, stocks),
      all: expectationsFound(expectationsOfGolfer(db, golfer.id), stocks),
    },
    profiles: monitorProfiles(db, golfer.id),
  }
}

/** What the set-ups of the sessions behind a golfer's stocks leave open. */
export const setUpsBehind = (golfer: Golfer): OpenSetUp[] => openSetUps(theDatabase(), golfer, Date.now())

/** The card of the golfer's day; null before the first bag. */
export function dayCardData(golfer: Golfer): CardData | null {
  const ofDay = courseDay(theDatabase(), golfer, Date.now())
  return ofDay && cardOfDay(golfer, ofDay)
}

/** The yardage card as it stands today; null before the first bag. */
export function cardData(golfer: Golfer): CardData | null {
  const nowMs = Date.now()
  const input = paperInput(theDatabase(), golfer, nowMs)
  return (
    input &&
    cardOfBag(golfer, input.bag, input.analysis, { dateMs: nowMs, air: cardAir(input.lastSetUp, golfer) })
  )
}
