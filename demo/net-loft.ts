import type { GolferId, SessionId, ShotId } from '@/core/ids'
import type { Place } from '@/core/session/session'
import type { Mark } from '@/core/shots/mark'
import { yards } from '@/core/units'
import { clubsOf, startBag } from '@/store/bags'
import type { Database } from '@/store/database'
import { addGolfer } from '@/store/golfers'
import { endSession, openStation, startSession } from '@/store/sessions'
import { addEvents, shotById, takeShot } from '@/store/shots'
import { dice, type Dice } from '../simulators/golfers/dice'
import type { HiddenGolfer } from '../simulators/golfers/hidden-golfer'
import { hitShot } from '../simulators/golfers/hit-shot'
import { NET_LOFT } from '../simulators/golfers/net-loft'

type Visit = {
  daysAgo: number
  place: Place
  /** Every club this often in each round, shortest first. */
  rounds: number
  shots: number
  partial?: { swing: string; shots: number }
  /** The visit is still going on: it ends in the middle of this club's last round. */
  until?: string
}
type Scenario = { golfer: string; bag: string; goalZoneYd?: [number, number]; visits: Visit[] }

/** Who trains in the net loft at Tarnwick, and when. */
const SCENARIO: Scenario[] = [
  {
    golfer: 'Junia Roux-Halvorsen',
    bag: 'Seven clubs',
    visits: [{ daysAgo: 16, place: 'indoor', rounds: 2, shots: 3 }],
  },
  {
    golfer: 'Marek Osei-Lind',
    bag: 'Spring bag',
    visits: [
      { daysAgo: 30, place: 'range', rounds: 2, shots: 3 },
      { daysAgo: 6, place: 'indoor', rounds: 3, shots: 3 },
    ],
  },
  {
    golfer: 'Tilda Brandvoll',
    bag: 'Winter bag',
    goalZoneYd: [48, 114],
    visits: [
      { daysAgo: 23, place: 'indoor', rounds: 2, shots: 3, partial: { swing: 'three-quarter', shots: 4 } },
      { daysAgo: 9, place: 'indoor', rounds: 2, shots: 3, partial: { swing: 'half', shots: 4 } },
      { daysAgo: 0, place: 'indoor', rounds: 2, shots: 3, until: '8-iron' },
    ],
  },
]

const DAY_MS = 86_400_000
const SHOT_MS = 38_000

/** Fills an empty database with the net loft's golfers, their bags and their sessions. */
export function fillNetLoft(db: Database, { seed, nowMs }: { seed: number; nowMs: number }): void {
  SCENARIO.forEach(({ golfer: name, bag, goalZoneYd, visits }, i) => {
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
    visits.forEach((visit, v) =>
      hitVisit(db, { golferId, hidden, visit, nowMs }, dice(seed * 1000 + i * 10 + v)),
    )
  })
}

type Who = { golferId: GolferId; hidden: HiddenGolfer; visit: Visit; nowMs: number }

function hitVisit(db: Database, { golferId, hidden, visit, nowMs }: Who, roll: Dice): void {
  const ids = new Map(clubsOf(db, golferId).map((club) => [club.name, club.id]))
  const plan = planOf(hidden, visit)
  const startedMs = visit.until
    ? nowMs - plan.length * SHOT_MS - 60_000
    : nowMs - visit.daysAgo * DAY_MS - plan.length * SHOT_MS
  const sessionId = `${golferId}-${visit.daysAgo}` as SessionId
  startSession(db, { golferId, startedMs, offsetMin: 0, place: visit.place }, sessionId)
  plan.forEach(({ clubName, swing }, position) => {
    const club = hidden.clubs.find((each) => each.name === clubName)
    const clubId = ids.get(clubName)
    if (!club || !clubId) throw new Error(`${hidden.name} has no ${clubName}`)
    const { flight, truth } = hitShot(hidden, club, { swing, position }, roll)
    const hitMs = startedMs + (position + 1) * SHOT_MS
    const id = `${sessionId}-${position + 1}` as ShotId
    takeShot(db, {
      ...flight,
      id,
      sessionId,
      source: 'monitor',
      hitMs,
      clubLabel: clubName,
      clubId,
      swing,
      heldBecause: null,
    })
    // The golfer marks at once what went wrong and could be felt.
    const felt: Mark | null = truth === 'solid' ? null : truth
    const shot = felt && shotById(db, id)
    if (shot) addEvents(db, [{ shotSeq: shot.seq, event: { kind: 'mark', mark: felt } }], hitMs)
    openStation(db, sessionId, { clubId, swing }, hitMs)
  })
  if (!visit.until) endSession(db, sessionId, startedMs + (plan.length + 1) * SHOT_MS)
}

/** The order of a visit: rounds over the clubs, shortest first, then the wedges' partial swings. */
function planOf(
  hidden: HiddenGolfer,
  { rounds, shots, partial, until }: Visit,
): { clubName: string; swing: string }[] {
  const shortestFirst = hidden.clubs.toReversed()
  const times = (n: number, clubName: string, swing: string) =>
    Array.from({ length: n }, () => ({ clubName, swing }))
  const full = Array.from({ length: rounds }, () =>
    shortestFirst.flatMap((club) => times(shots, club.name, 'full')),
  ).flat()
  const wedges = shortestFirst.filter((club) => club.kind === 'wedge')
  const all = [
    ...full,
    ...(partial ? wedges.flatMap((club) => times(partial.shots, club.name, partial.swing)) : []),
  ]
  const last = all.findLastIndex((shot) => shot.clubName === until)
  return until ? all.slice(0, last) : all
}
