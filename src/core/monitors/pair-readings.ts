import type { ClubId, SessionId, ShotId } from '../model/ids'
import type { Flight } from '../shots/flight-fields'
import { density } from '../math/normal'
import { median } from '../math/quantile'
import { stationKey, type Swing } from '../model/station'

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
const CLOCKS_AGREE_MS = 6_000
/** So few pairs set no clock. */
const FEWEST_TO_SET = 3
/** So many settings of the second clock are looked at closely: those that bring most readings near each other. */
const MOST_TRIED = 60
/**
 * How two monitors differ on one ball and on two balls: logarithms of carry about their usual difference, and how far
 * their clocks stray (from memory of practice).
 */
const ONE_BALL = { sd: 0.025, stray: 0.1, straySd: 0.3, clockMs: 1_500, leastByClock: -3 }
const TWO_BALLS = { sd: 0.12, floor: 1e-3 }
/** What a pair is worth whose carries say nothing, and what it is worth that both monitors name its club alike. */
const WORTH = { withoutCarry: 0.3, sameClub: 0.5 }

/**
 * Pairs the readings of two monitors: first as the golfer says, then by the clock, set as the readings fit best, each with the
 * nearest that has none nearer; where either has no clock by their numbers at each station. A ball that one of the two lost leaves the other's
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
  const unpaired: MonitorReading[] = []
  const reading = new Map([...first, ...second].map((each) => [each.id, each]))
  const isFirst = (each: MonitorReading | undefined) => each !== undefined && open.first.has(each)
  const isSecond = (each: MonitorReading | undefined) => each !== undefined && open.second.has(each)
  for (const { shotId, withId } of moved) {
    const [one, other] = [reading.get(shotId), withId === null ? undefined : reading.get(withId)]
    if (one && other && isFirst(one) && isSecond(other)) join(one, other, 'golfer')
    else if (one && other && isSecond(one) && isFirst(other)) join(other, one, 'golfer')
    else if (one && withId === null && (open.first.delete(one) || open.second.delete(one))) unpaired.push(one)
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
  const alone = (isOwn: boolean) => unpaired.filter((each) => ofFirst.has(each) === isOwn)
  return {
    pairs,
    moved: unpaired.length > 0 || pairs.some(({ by }) => by === 'golfer'),
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

type ReadingPairs = [MonitorReading, MonitorReading][]

/** Pairs by the clock: with the second clock set as the readings fit best, or as it stands where too few fit any setting. */
function byTime(first: readonly MonitorReading[], second: readonly MonitorReading[]): ReadingPairs {
  const [a, b] = [first, second].map((list) => [...list].sort((x, y) => x.hitMs - y.hitMs))
  if (!a?.[0] || !b?.[0]) return []
  // Looked at from one side only: settings that fit alike are then chosen alike from both.
  if (a[0].id > b[0].id) return byTime(b, a).map(([x, y]) => [y, x])
  let best = nearest(a, b, 0, SAME_BALL_MS)
  let likelihood = worthOf(best, 0)
  const enough = Math.max(FEWEST_TO_SET, Math.min(a.length, b.length) / 2)
  for (const tried of [0, ...offsetsOf(a, b)]) {
    const rough = nearest(a, b, tried, CLOCKS_AGREE_MS)
    if (rough.length < enough) continue
    const offMs = median(rough.map(([x, y]) => y.hitMs - x.hitMs))
    const pairs = nearest(a, b, offMs, CLOCKS_AGREE_MS)
    const worth = worthOf(pairs, offMs)
    if (pairs.length >= enough && worth > likelihood) [best, likelihood] = [pairs, worth]
  }
  return best
}

/** Settings of the second clock, those first that bring most readings near each other. */
function offsetsOf(a: readonly MonitorReading[], b: readonly MonitorReading[]): number[] {
  const offsets = Float64Array.from(
    a.flatMap((x) => b.flatMap((y) => (mayBeOne(x, y) ? [y.hitMs - x.hitMs] : []))),
  ).sort()
  const windows: { offMs: number; readings: number }[] = []
  let to = 0
  for (let from = 0; from < offsets.length; from++) {
    const start = offsets[from] as number
    while (to < offsets.length && (offsets[to] as number) - start <= CLOCKS_AGREE_MS) to++
    windows.push({ offMs: start + CLOCKS_AGREE_MS / 2, readings: to - from })
  }
  windows.sort((x, y) => y.readings - x.readings || x.offMs - y.offMs)
  const chosen: number[] = []
  for (const { offMs } of windows) {
    if (chosen.length === MOST_TRIED) break
    if (chosen.every((each) => Math.abs(each - offMs) > CLOCKS_AGREE_MS / 2)) chosen.push(offMs)
  }
  return chosen
}

/** By how much likelier pairs are readings of one ball each than of two: the logarithm, all together. */
function worthOf(pairs: ReadingPairs, offMs: number): number {
  const differenceOf = ([a, b]: ReadingPairs[number]) =>
    a.carryM && b.carryM && a.carryM > 0 && b.carryM > 0 ? Math.log(a.carryM / b.carryM) : null
  const known = pairs.flatMap((pair) => differenceOf(pair) ?? [])
  const usual = known.length > 0 ? median(known) : 0
  return pairs.reduce((sum, pair) => {
    const [a, b] = pair
    const byClock = Math.max(
      ONE_BALL.leastByClock,
      -(((b.hitMs - a.hitMs - offMs) / ONE_BALL.clockMs) ** 2) / 2,
    )
    const unpaired = differenceOf(pair)
    const sameClub = a.clubId !== null && a.clubId === b.clubId ? WORTH.sameClub : 0
    return (
      sum + byClock + sameClub + (unpaired === null ? WORTH.withoutCarry : worthOfCarries(unpaired - usual))
    )
  }, 0)
}

const worthOfCarries = (off: number): number =>
  Math.log(
    ((1 - ONE_BALL.stray) * density(off, ONE_BALL.sd) + ONE_BALL.stray * density(off, ONE_BALL.straySd)) /
      (density(off, TWO_BALLS.sd) + TWO_BALLS.floor),
  )

/** Readings of clubs that both monitors name, and name differently, are never of one ball. */
const mayBeOne = (a: MonitorReading, b: MonitorReading): boolean =>
  a.clubId === null || b.clubId === null || a.clubId === b.clubId

/** Each with the one that lies nearest, where that is so from both sides and the clubs allow it. */
function nearest(
  a: readonly MonitorReading[],
  b: readonly MonitorReading[],
  offMs: number,
  withinMs: number,
): ReadingPairs {
  const forth = nearestOf(a, b, offMs)
  const back = nearestOf(b, a, -offMs)
  return a.flatMap((each, i): ReadingPairs => {
    const j = forth[i] ?? -1
    const other = b[j]
    return other &&
      back[j] === i &&
      mayBeOne(each, other) &&
      Math.abs(other.hitMs - offMs - each.hitMs) <= withinMs
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
