import type { ClubId, SessionId, ShotId } from '../ids'
import type { Flight } from '../shots/flight-fields'
import { stationKey, type Swing } from '../station'

/** What one monitor said of one hit ball. */
export type MonitorReading = Flight & {
  id: ShotId
  sessionId: SessionId
  clubId: ClubId | null
  swing: Swing
  hitMs: number
}

/** Where the golfer says which reading of the other monitor belongs to one: null, none does. */
export type MovedPair = { shotId: ShotId; withId: ShotId | null }

/** Two readings of one ball, and what says that they are: the clock, their numbers at a station, or the golfer. */
export type ReadingPair = { first: MonitorReading; second: MonitorReading; by: 'time' | 'number' | 'golfer' }
export type Pairing = {
  pairs: ReadingPair[]
  /** What the one monitor read and the other did not. */
  left: { first: MonitorReading[]; second: MonitorReading[] }
  /** The golfer has moved one of them, to another or to none. */
  moved: boolean
}

/** Two monitors say so much apart when one ball was hit. */
export const SAME_BALL_MS = 20_000
/** Two clocks that differ are set against each other so that balls lie this near. */
const CLOCKS_AGREE_MS = 3_000
/** So many of either are tried when two clocks are set against each other. */
const MOST_TRIED = 80

/**
 * Pairs the readings of two monitors: first as the golfer says, then by the clock, each with the nearest that has none nearer,
 * within 20 s; where either has no clock by their numbers at each station. A ball that one of the two lost leaves the other's
 * reading over, and shifts no pair behind it.
 * @param moved of readings of either monitor
 */
export function pairReadings(
  first: readonly MonitorReading[],
  second: readonly MonitorReading[],
  moved: readonly MovedPair[] = [],
): Pairing {
  const pairs: ReadingPair[] = []
  const open = { first: new Set(first), second: new Set(second) }
  const join = (a: MonitorReading, b: MonitorReading, by: ReadingPair['by']) => {
    pairs.push({ first: a, second: b, by })
    open.first.delete(a)
    open.second.delete(b)
  }
  const apart: MonitorReading[] = []
  const reading = new Map([...first, ...second].map((each) => [each.id, each]))
  const isFirst = (each: MonitorReading | undefined) => each !== undefined && open.first.has(each)
  const isSecond = (each: MonitorReading | undefined) => each !== undefined && open.second.has(each)
  for (const { shotId, withId } of moved) {
    const [one, other] = [reading.get(shotId), withId === null ? undefined : reading.get(withId)]
    if (one && other && isFirst(one) && isSecond(other)) join(one, other, 'golfer')
    else if (one && other && isSecond(one) && isFirst(other)) join(other, one, 'golfer')
    else if (one && withId === null && (open.first.delete(one) || open.second.delete(one))) apart.push(one)
  }
  const timed = { first: withClock(first), second: withClock(second) }
  const clocks = {
    first: [...open.first].filter((each) => timed.first.has(each)),
    second: [...open.second].filter((each) => timed.second.has(each)),
  }
  for (const [a, b] of byTime(clocks.first, clocks.second)) join(a, b, 'time')
  const numbers = (side: 'first' | 'second', other: Set<MonitorReading>) =>
    byStation([...open[side]].filter((each) => !timed[side].has(each) || other.size === 0))
  const seconds = numbers('second', timed.first)
  for (const [station, own] of numbers('first', timed.second))
    own.forEach((a, i) => {
      const b = seconds.get(station)?.[i]
      if (b) join(a, b, 'number')
    })
  pairs.sort((a, b) => a.first.hitMs - b.first.hitMs)
  const inOrder = (left: Iterable<MonitorReading>) => [...left].sort((a, b) => a.hitMs - b.hitMs)
  const ofFirst = new Set(first)
  const alone = (isOwn: boolean) => apart.filter((each) => ofFirst.has(each) === isOwn)
  return {
    pairs,
    moved: apart.length > 0 || pairs.some(({ by }) => by === 'golfer'),
    left: {
      first: inOrder([...open.first, ...alone(true)]),
      second: inOrder([...open.second, ...alone(false)]),
    },
  }
}

/** Those of which a clock says when they were hit: of a file without times all shots of a session have one time. */
function withClock(readings: readonly MonitorReading[]): Set<MonitorReading> {
  const times = new Map<SessionId, Set<number>>()
  for (const { sessionId, hitMs } of readings) {
    const own = times.get(sessionId) ?? new Set()
    times.set(sessionId, own.add(hitMs))
  }
  const counts = new Map<SessionId, number>()
  for (const { sessionId } of readings) counts.set(sessionId, (counts.get(sessionId) ?? 0) + 1)
  return new Set(
    readings.filter(({ sessionId }) => counts.get(sessionId) === 1 || (times.get(sessionId)?.size ?? 0) > 1),
  )
}

/** In the order hit, by station. */
function byStation(readings: readonly MonitorReading[]): Map<string, MonitorReading[]> {
  const stations = new Map<string, MonitorReading[]>()
  for (const each of readings) {
    if (each.clubId === null) continue
    const key = stationKey({ clubId: each.clubId, swing: each.swing })
    stations.set(key, [...(stations.get(key) ?? []), each])
  }
  return stations
}

type Pairs = [MonitorReading, MonitorReading][]

/** Pairs by the clock, as it stands where that pairs half of them, else with the second clock set so that most agree. */
function byTime(first: readonly MonitorReading[], second: readonly MonitorReading[]): Pairs {
  const [a, b] = [first, second].map((list) => [...list].sort((x, y) => x.hitMs - y.hitMs))
  if (!a || !b || a.length === 0 || b.length === 0) return []
  const asTheyStand = nearest(a, b, 0, SAME_BALL_MS)
  const half = Math.min(a.length, b.length) / 2
  if (asTheyStand.length >= half) return asTheyStand
  const agreeing = (offMs: number) => nearest(a, b, offMs, CLOCKS_AGREE_MS)
  const offsets = a.slice(0, MOST_TRIED).flatMap((x) => b.slice(0, MOST_TRIED).map((y) => y.hitMs - x.hitMs))
  const set = offsets.reduce<Pairs>((best, offMs) => {
    const found = agreeing(offMs)
    return found.length > best.length ? found : best
  }, [])
  return set.length >= Math.max(half, 3) && set.length > asTheyStand.length ? set : asTheyStand
}

/** Each with the one that lies nearest, where that is so from both sides. */
function nearest(
  a: readonly MonitorReading[],
  b: readonly MonitorReading[],
  offMs: number,
  withinMs: number,
): Pairs {
  const forth = nearestOf(a, b, offMs)
  const back = nearestOf(b, a, -offMs)
  return a.flatMap((each, i): Pairs => {
    const j = forth[i] ?? -1
    const other = b[j]
    return other && back[j] === i && Math.abs(other.hitMs - offMs - each.hitMs) <= withinMs
      ? [[each, other]]
      : []
  })
}

/** For each of a list the place of the nearest of another, both in the order of time. */
function nearestOf(a: readonly MonitorReading[], b: readonly MonitorReading[], offMs: number): number[] {
  let j = 0
  return a.map(({ hitMs }) => {
    const off = (k: number) => Math.abs((b[k]?.hitMs ?? Infinity) - offMs - hitMs)
    while (j + 1 < b.length && off(j + 1) < off(j)) j++
    return j
  })
}
