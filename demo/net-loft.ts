import type { ClubDetails } from '@/core/bag/bag'
import { SEASONS, type Season } from '@/core/compare/side'
import type { ClubBuild } from '@/core/bag/club-build'
import type { GolferId, SessionId, ShotId } from '@/core/model/ids'
import type { Place } from '@/core/model/session'
import type { Mark } from '@/core/model/mark'
import { yards, DAY_MS } from '@/core/units'
import { planBlocks } from '@/core/session/plan'
import { bagOf, startBag } from '@/store/bags'
import { clubsOf, correctClub } from '@/store/clubs'
import type { Database } from '@/store/database'
import { addGolfer } from '@/store/golfers'
import { setWatching } from '@/store/monitors'
import { keepPlan } from '@/store/plans'
import { beginReceiving } from '@/store/receivers'
import { endSession, openStation, startSession } from '@/store/sessions'
import { addEvents, shotById, takeShot } from '@/store/shots'
import { dice, type Dice } from '../simulators/golfers/dice'
import type { HiddenClub, HiddenGolfer } from '../simulators/golfers/hidden-golfer'
import { hitSession, type PlannedShot, type SessionShot } from '../simulators/golfers/hit-session'
import { sessionAir } from '../src/core/session/session-air'
import { USUAL_MONITOR, type SetUp } from '../src/core/session/set-up'
import { saySession } from '../src/store/session-events'
import type { Venue, Day } from '../src/core/session/day'
import { saveVenue, setDay } from '../src/store/course-days'
import { keepSetUp } from '../src/store/set-ups'
import { fillDesk } from './coach'
import { playOn } from './play-rounds'
import { NET_LOFT } from '../simulators/golfers/net-loft'

/** The demo as it ships: with every kind of verdict, mark and warning in it. */
export const DEMO_SEED = 879

type Visit = {
  daysAgo: number
  /** In the middle of that season before the last twelve months, however long ago that is. */
  lastYear?: Season
  place: Place
  /** Every club this often in each round, shortest first. */
  rounds: number
  shots: number
  partial?: { swing: string; shots: number }
  /** The visit is still going on: it ends in the middle of this club's last round. */
  until?: string
  /** The golfer leaves out this club's longest shots, so many, as misread: Banco says so. */
  choosy?: { club: string; longest: number }
  setUp?: SetUp
  /** What the golfer says beforehand, in yards. */
  expects?: Record<string, number>
  /** Another monitor that watched, and what it misreads of a carry, in yards. */
  comparedWith?: { name: string; bias: number; noise: number; lost: number[] }
}
type Scenario = {
  golfer: string
  bag: string
  /** The golfer had the lofts of the irons and wedges measured, and knows how their heads are made. */
  measured?: true
  goalZoneYd?: [number, number]
  venues?: Venue[]
  day?: Day
  visits: Visit[]
  /** Twice nine holes at the first venue, so many days ago. */
  rounds?: number[]
}

/** The loft's monitor wants the net a little further away than it hangs. */
const NET_LOFT_SET_UP: SetUp = {
  surface: 'mat',
  ball: 'range ball',
  ballTempC: null,
  air: {
    tempC: 17,
    pressureHpa: 1012,
    humidity: 0.6,
    windMps: 0,
    wind: null,
    seaLevelHpa: null,
    windHeightM: 10,
    source: 'station',
  },
  altitudeM: 14,
  altitudeOf: 'here',
  carryFrom: 'computed',
  deviceTempC: 24,
  monitor: {
    profile: { ...USUAL_MONITOR, name: 'Loft monitor', netLeastM: 2.9 },
    netM: 2.6,
    unitM: 2.1,
    checked: ['software is current', 'calibrated', 'level'],
  },
}

/** As the simulated monitor calls itself. */
const LOFT_MONITOR = 'Net loft, bay 2'

/** A still day on the range, with a hand-held weather meter. */
const RANGE_SET_UP: SetUp = {
  ...NET_LOFT_SET_UP,
  surface: 'grass',
  air: {
    tempC: 11,
    pressureHpa: 1009,
    humidity: 0.75,
    windMps: 0,
    wind: null,
    seaLevelHpa: null,
    windHeightM: null,
    source: 'typed',
  },
  carryFrom: 'measured',
  deviceTempC: null,
}

const RANGE_TEMP_C: Record<Season, number> = { winter: 4, summer: 24 }
const rangeIn = (season: Season): SetUp => ({
  ...RANGE_SET_UP,
  air: { ...RANGE_SET_UP.air, tempC: RANGE_TEMP_C[season] },
})
const MID_MONTH: Record<Season, number> = { winter: 0, summer: 6 }

/** Who trains in the net loft at Tarnwick, and when. */
const SCENARIO: Scenario[] = [
  {
    golfer: 'Junia Roux-Halvorsen',
    bag: 'Seven clubs',
    visits: [{ daysAgo: 16, place: 'indoor', rounds: 2, shots: 4, choosy: { club: '7-iron', longest: 3 } }],
  },
  {
    golfer: 'Marek Osei-Lind',
    bag: 'Spring bag',
    measured: true,
    visits: [
      { daysAgo: 30, place: 'range', rounds: 2, shots: 3, setUp: RANGE_SET_UP },
      { daysAgo: 6, place: 'indoor', rounds: 3, shots: 3, setUp: NET_LOFT_SET_UP },
    ],
  },
  {
    golfer: 'Tilda Brandvoll',
    bag: 'Winter bag',
    measured: true,
    goalZoneYd: [48, 114],
    venues: [
      { name: 'Tarnwick', altitudeM: 8, turf: 'soft' },
      { name: 'Alto Verin', altitudeM: 1450, turf: 'firm' },
    ],
    day: {
      place: 'Tarnwick',
      tempC: 9,
      altitudeM: 8,
      seaLevelHpa: 1011,
      humidity: 0.8,
      tailwindMps: 0,
      crosswindMps: 0,
      turf: 'soft',
    },
    rounds: [26, 18, 11],
    visits: [
      {
        daysAgo: 23,
        place: 'indoor',
        rounds: 1,
        shots: 3,
        partial: { swing: 'three-quarter', shots: 4 },
        setUp: NET_LOFT_SET_UP,
      },
      {
        daysAgo: 9,
        place: 'indoor',
        rounds: 1,
        shots: 3,
        partial: { swing: 'half', shots: 4 },
        setUp: NET_LOFT_SET_UP,
        comparedWith: { name: 'Coach’s unit', bias: -1.8, noise: 1.4, lost: [7, 31] },
      },
      {
        daysAgo: 0,
        place: 'indoor',
        rounds: 2,
        shots: 3,
        until: '8-iron',
        setUp: NET_LOFT_SET_UP,
        expects: { '7-iron': 148, '8-iron': 137, '9-iron': 124, 'P-wedge': 109, '6-iron': 152 },
      },
      ...SEASONS.map((season) => ({
        daysAgo: 0,
        lastYear: season,
        place: 'range' as const,
        rounds: 2,
        shots: 4,
        setUp: rangeIn(season),
      })),
    ],
  },
]

const SHOT_MS = 38_000
/** Everybody rests now and then. */
const REST = { every: 24, ms: 60_000 }
const hitAfter = (position: number): number =>
  (position + 1) * SHOT_MS + Math.floor(position / REST.every) * REST.ms

const measuredBuild = ({ kind, loftDeg }: ClubDetails): ClubBuild => ({
  head: 'forged',
  loftMeasured: true,
  ...(kind === 'wedge' ? { bounceDeg: (loftDeg ?? 0) > 52 ? 10 : 8 } : { model: 'own set' }),
})

/** Fills an empty database with the net loft's golfers, their bags and their sessions. */
export function fillNetLoft(db: Database, { seed, nowMs }: { seed: number; nowMs: number }): void {
  SCENARIO.forEach(({ golfer: name, bag, goalZoneYd, measured, venues, day, visits, rounds }, i) => {
    const hidden = NET_LOFT.find((golfer) => golfer.name === name)
    if (!hidden) throw new Error(`the net loft has no golfer called ${name}`)
    const golferId = `demo-${name.split(' ')[0]?.toLowerCase()}` as GolferId
    addGolfer(
      db,
      golferId,
      {
        name,
        hand: 'right',
        lengthUnit: 'yd',
        speedUnit: 'mph',
        goalZoneM: goalZoneYd ? [yards(goalZoneYd[0]), yards(goalZoneYd[1])] : null,
      },
      nowMs + i,
    )
    startBag(
      db,
      golferId,
      { name: bag, clubs: [...hidden.clubs, { name: 'Putter', kind: 'putter', loftDeg: 3 }] },
      nowMs - 60 * DAY_MS,
    )
    if (measured)
      for (const { id, name, kind, loftDeg } of clubsOf(db, golferId)) {
        const club = { name, kind, loftDeg }
        if (club.kind === 'iron' || club.kind === 'wedge')
          correctClub(db, golferId, id, { ...club, build: measuredBuild(club) })
      }
    for (const place of venues ?? []) saveVenue(db, golferId, place)
    if (day) setDay(db, golferId, day, nowMs)
    visits.forEach((visit, v) =>
      hitVisit(db, { golferId, hidden, visit, nowMs }, dice(seed * 1000 + i * 10 + v)),
    )
    rounds?.forEach((daysAgo, r) =>
      playOn(
        db,
        { golferId, hidden, venue: venues?.[0] ?? null, atMs: nowMs - daysAgo * DAY_MS },
        dice(seed * 7000 + r),
      ),
    )
  })
  fillDesk(db, nowMs)
}

type DemoVisit = { golferId: GolferId; hidden: HiddenGolfer; visit: Visit; nowMs: number }

function hitVisit(db: Database, { golferId, hidden, visit, nowMs }: DemoVisit, roll: Dice): void {
  const ids = new Map(clubsOf(db, golferId).map((club) => [club.name, club.id]))
  const plan = planOf(hidden, visit)
  const startedMs = visit.until
    ? nowMs - hitAfter(plan.length) - 20_000
    : visit.lastYear
      ? middleOf(visit.lastYear, nowMs)
      : nowMs - visit.daysAgo * DAY_MS - hitAfter(plan.length)
  const sessionId = `${golferId}-${visit.lastYear ?? visit.daysAgo}` as SessionId
  startSession(db, { golferId, startedMs, offsetMin: 0, place: visit.place, clearMs: startedMs }, sessionId)
  if (visit.setUp) keepSetUp(db, golferId, sessionId, visit.setUp)
  for (const [clubName, carryYd] of Object.entries(visit.expects ?? {})) {
    const clubId = ids.get(clubName)
    if (clubId)
      saySession(
        db,
        sessionId,
        { kind: 'expectation', clubId, swing: 'full', carryM: yards(carryYd) },
        startedMs,
      )
  }
  if (visit.until) {
    const planned = (bagOf(db, golferId)?.clubs ?? [])
      .filter(({ kind }) => kind !== 'putter')
      .map(({ id, kind, loftDeg }) => ({ clubId: id, swing: 'full', kind, loftDeg }))
    const shotsEach = visit.rounds * visit.shots
    const blocks = planBlocks(planned, { shotsEach, order: 'rounds-of-3' })
    keepPlan(db, sessionId, {
      blocks: blocks.map((block) => ({ ...block, day: 1 })),
      untilSettled: false,
      restEvery: 24,
      restS: 85,
    })
  }
  const flies = sessionAir(visit.setUp ?? null, visit.place)
  // The Bay that is open shows a plan that is followed.
  const golfer = visit.until ? { ...hidden, forgets: 0 } : hidden
  const hit = hitSession(golfer, plan, roll, flies.kind === 'known' ? { air: flies.air } : {})
  const chosen = new Set(longestOf(hit, visit.choosy))
  hit.forEach(({ flight, truth, named, swing, position }) => {
    const clubId = ids.get(named.name)
    if (!clubId) throw new Error(`${hidden.name} has no ${named.name}`)
    const hitMs = startedMs + hitAfter(position)
    const id = `${sessionId}-${position + 1}` as ShotId
    takeShot(db, {
      ...flight,
      id,
      sessionId,
      source: 'monitor',
      hitMs,
      ...(visit.setUp === NET_LOFT_SET_UP && { monitor: LOFT_MONITOR }),
      clubLabel: named.name,
      clubId,
      swing,
      heldBecause: null,
    })
    const mark = chosen.has(position) ? 'misread' : felt(truth, roll)
    const shot = mark && shotById(db, id)
    if (shot) addEvents(db, [{ shotSeq: shot.seq, event: { kind: 'mark', mark } }], hitMs)
    openStation(db, sessionId, { clubId, swing }, hitMs)
  })
  if (visit.comparedWith) watch(db, { sessionId, by: visit.comparedWith, nowMs: startedMs }, hit, roll)
  if (visit.until) beginReceiving(db, sessionId, startedMs)
  if (!visit.until) endSession(db, sessionId, startedMs + hitAfter(plan.length))
}

/** What another monitor said of the same balls, a moment later, but for those that it lost. */
function watch(
  db: Database,
  { sessionId, by, nowMs }: { sessionId: SessionId; by: NonNullable<Visit['comparedWith']>; nowMs: number },
  hit: readonly SessionShot[],
  roll: Dice,
): void {
  setWatching(db, sessionId, { monitor: by.name, on: true }, nowMs)
  for (const { position, flight } of hit) {
    const shot = shotById(db, `${sessionId}-${position + 1}` as ShotId)
    if (!shot || by.lost.includes(position)) continue
    const off = yards(roll.normal(by.bias, by.noise))
    takeShot(db, {
      id: `${sessionId}-watched-${position + 1}` as ShotId,
      ...{ sessionId, source: 'monitor', hitMs: shot.hitMs + 700, monitor: by.name, comparisonOnly: true },
      ...{ clubLabel: null, clubId: shot.clubId, swing: shot.swing, heldBecause: null },
      carryM: flight.carryM + off,
      ...(flight.ballSpeedMps !== undefined && {
        ballSpeedMps: flight.ballSpeedMps * (1 + roll.normal(0, 0.004)),
      }),
    })
  }
}

/** The middle of the newest such season that is older than twelve months. */
function middleOf(season: Season, nowMs: number): number {
  const year = new Date(nowMs).getUTCFullYear()
  const middles = [year - 1, year - 2].map((each) => Date.UTC(each, MID_MONTH[season], 15, 10))
  return middles.find((ms) => ms < nowMs - 366 * DAY_MS) as number
}

/** Most misses are felt and marked at once; the others, misreads and other clubs Banco has to notice. */
const FELT = 0.6
const felt = (truth: Mark, roll: Dice): Mark | null =>
  truth === 'solid' || truth === 'misread' || truth === 'other-club' || !roll.chance(FELT) ? null : truth

function longestOf(hit: readonly SessionShot[], choosy: Visit['choosy']): number[] {
  if (!choosy) return []
  return hit
    .filter(({ named, truth }) => named.name === choosy.club && truth === 'solid')
    .sort((a, b) => b.flight.carryM - a.flight.carryM)
    .slice(0, choosy.longest)
    .map(({ position }) => position)
}

/** The order of a visit: rounds over the clubs, shortest first, then the wedges' partial swings. */
function planOf(hidden: HiddenGolfer, { rounds, shots, partial, until }: Visit): PlannedShot[] {
  const shortestFirst = hidden.clubs.toReversed()
  const times = (n: number, club: HiddenClub, swing: string) =>
    Array.from({ length: n }, (): PlannedShot => ({ club, swing }))
  const full = Array.from({ length: rounds }, () =>
    shortestFirst.flatMap((club) => times(shots, club, 'full')),
  ).flat()
  const wedges = shortestFirst.filter((club) => club.kind === 'wedge')
  const all = [
    ...full,
    ...(partial ? wedges.flatMap((club) => times(partial.shots, club, partial.swing)) : []),
  ]
  const last = all.findLastIndex((shot) => shot.club.name === until)
  return until ? all.slice(0, last) : all
}
