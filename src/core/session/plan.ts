import type { ClubKind } from '../bag/club'
import type { ClubId } from '../model/ids'
import { sevenIron } from '../bag/seven-iron'
import type { HeldReason } from '../model/held-reason'
import { FULL_SWING, type Station, type Swing, sameStation, stationKey } from '../model/station'

/** So many shots with one station, one after the other. */
export type Block = Station & { shots: number }
/** A block with the day on which it is to be hit: 1 is the session's own, later ones wait for another session. */
export type PlannedBlock = Block & { day: number }
/** What a session sets out to hit. */
export type Plan = {
  blocks: PlannedBlock[]
  /** A station that is settled needs no more of its shots. */
  untilSettled: boolean
  /** A rest of so many seconds after so many shots; none where it is 0. */
  restEvery: number
  restS: number
}

/** Orders in which a bag is hit. Rounds give every station a few shots, then all again: only they can tell tiredness from the clubs. */
export const PLAN_ORDERS = [
  'rounds-of-3',
  'rounds-of-2',
  'short-to-long',
  'long-to-short',
  'seven-iron-first',
  'least-settled-first',
] as const
export type PlanOrder = (typeof PLAN_ORDERS)[number]

/** A station with what its place in an order depends on. */
export type PlanStation = Station & { kind: ClubKind; loftDeg: number | null }

/**
 * The blocks of a plan.
 * @param longestFirst stations to hit, as they stand in the bag
 * @param unsure how little is known of a station, larger for less: the half width of its interval, or Infinity
 */
export function planBlocks(
  longestFirst: readonly PlanStation[],
  { shotsEach, order }: { shotsEach: number; order: PlanOrder },
  unsure: (station: Station) => number = () => 0,
): Block[] {
  const shortestFirst = longestFirst.toReversed()
  const blocks = (list: readonly Station[], shots: number): Block[] =>
    list.map(({ clubId, swing }) => ({ clubId, swing, shots }))
  switch (order) {
    case 'rounds-of-3':
    case 'rounds-of-2': {
      const perRound = order === 'rounds-of-3' ? 3 : 2
      const rounds: Block[] = []
      for (let left = shotsEach; left > 0; left -= perRound)
        rounds.push(...blocks(shortestFirst, Math.min(left, perRound)))
      return rounds
    }
    case 'short-to-long':
      return blocks(shortestFirst, shotsEach)
    case 'long-to-short':
      return blocks(longestFirst, shotsEach)
    case 'seven-iron-first': {
      const seven = sevenIron(longestFirst.filter(({ swing }) => swing === FULL_SWING))
      const rest = shortestFirst.filter((each) => each !== seven)
      return blocks(seven ? [seven, ...rest] : rest, shotsEach)
    }
    case 'least-settled-first':
      return blocks(
        longestFirst.toSorted((a, b) => {
          const [ua, ub] = [unsure(a), unsure(b)]
          return ua === ub ? 0 : ub - ua
        }),
        shotsEach,
      )
  }
}

/** Seconds that a golfer takes. */
export type Pace = { shotS: number; changeS: number; restS: number; restEvery: number }

/** Where the golfer's own pace is not known: a bag session takes 45 to 75 minutes (common practice). */
export const USUAL_PACE: Pace = { shotS: 26, changeS: 55, restS: 85, restEvery: 16 }

/** How long a plan takes, in seconds: shots, changes of station, and a rest every so many shots (0: none), none after the last. */
export function planSeconds(blocks: readonly Block[], pace: Pace = USUAL_PACE): number {
  const shots = blocks.reduce((sum, block) => sum + block.shots, 0)
  const changes = blocks.filter((block, i) => i > 0 && !sameStation(block, blocks[i - 1] as Block)).length
  const rests = pace.restEvery > 0 ? Math.max(0, Math.ceil(shots / pace.restEvery) - 1) : 0
  return shots * pace.shotS + changes * pace.changeS + rests * pace.restS
}

/**
 * A plan in the parts of several days, none longer than `mostS` seconds where its blocks allow it. With
 * rounds every day has all the stations that fit, and a later day hits them again.
 */
export function splitOverDays(blocks: readonly Block[], pace: Pace, mostS: number): Block[][] {
  const days: Block[][] = []
  for (const block of blocks) {
    const today = days.at(-1)
    if (today && planSeconds([...today, block], pace) <= mostS) today.push(block)
    else days.push([block])
  }
  return days
}

/** Shots hit since the golfer last rested, that is waited for as long as a rest takes. */
export function shotsSinceRest(shots: readonly { hitMs: number }[], restS: number): number {
  const rested = shots.findLastIndex((shot, i) => {
    const before = shots[i - 1]
    return before !== undefined && shot.hitMs - before.hitMs >= restS * 1000
  })
  return shots.length - Math.max(0, rested)
}

const PACE_FEWEST = 12
/** A longer wait than this between two shots is a pause and no pace. */
const PAUSE_MS = 150_000

/**
 * The golfer's own pace, from when shots were hit; the usual one where too few are known.
 * @param shots of one session after the other, in the order hit
 */
export function ownPace(shots: readonly (Station & { hitMs: number })[]): Pace {
  const gaps = { shot: [] as number[], change: [] as number[] }
  shots.slice(1).forEach((shot, i) => {
    const before = shots[i] as Station & { hitMs: number }
    const gap = shot.hitMs - before.hitMs
    if (gap > 0 && gap < PAUSE_MS) gaps[sameStation(shot, before) ? 'shot' : 'change'].push(gap / 1000)
  })
  const usual = (list: number[], otherwise: number) => {
    const sorted = list.toSorted((a, b) => a - b)
    return sorted.length >= PACE_FEWEST ? (sorted[Math.floor(sorted.length / 2)] as number) : otherwise
  }
  const shotS = usual(gaps.shot, USUAL_PACE.shotS)
  return {
    ...USUAL_PACE,
    shotS,
    changeS: Math.max(0, usual(gaps.change, USUAL_PACE.changeS + shotS) - shotS),
  }
}

type PlanProgress = {
  /** Place of the block to hit now; the number of blocks when all is hit. */
  at: number
  /** Shots of that block that are hit. */
  hit: number
  /** What is left of the plan, block by block. */
  left: Block[]
}

/**
 * How far a plan is hit. Shots count for the earliest block of their station that lacks them, in whatever
 * order they come.
 * @param isDone stations that need no more shots, in a plan that hits each until it is settled
 */
export function planProgress(
  blocks: readonly Block[],
  shots: readonly Station[],
  isDone: (station: Station) => boolean = () => false,
): PlanProgress {
  const spare = new Map<string, number>()
  for (const shot of shots) spare.set(stationKey(shot), (spare.get(stationKey(shot)) ?? 0) + 1)
  const missing = blocks.map((block) => {
    const there = Math.min(block.shots, spare.get(stationKey(block)) ?? 0)
    spare.set(stationKey(block), (spare.get(stationKey(block)) ?? 0) - there)
    return { ...block, shots: isDone(block) ? 0 : block.shots - there }
  })
  const first = missing.findIndex((block) => block.shots > 0)
  const at = first < 0 ? blocks.length : first
  return {
    at,
    hit: at < blocks.length ? (blocks[at] as Block).shots - (missing[at] as Block).shots : 0,
    left: missing.filter((block) => block.shots > 0),
  }
}

/**
 * The stations of shots that count for a plan: also while a shot needs checking, since it was hit. Not those of the warm-up,
 * those whose club is not known, nor what may be a second monitor's reading of a ball that is counted already.
 */
export const hitForPlan = (
  shots: readonly { clubId: ClubId | null; swing: Swing; heldBecause: HeldReason | null; warmUp: boolean }[],
): Station[] =>
  shots.flatMap(({ clubId, swing, heldBecause, warmUp }) =>
    clubId === null || heldBecause === 'second-monitor' || warmUp ? [] : [{ clubId, swing }],
  )

/** What is left of a plan, today's and that of later days, in its order. */
export const leftOfPlan = (blocks: readonly Block[], shots: readonly Station[]): Block[] =>
  planProgress(blocks, shots).left.map(({ clubId, swing, shots: left }) => ({ clubId, swing, shots: left }))

/**
 * A plan with shots put in front of what is left of it today: what was hit so far stays hit. Shots of theirs that the plan
 * has still are the same ones: they come first now, and not twice.
 * @param hit the shots of the session that count, in the order hit
 */
export function planWithNext(
  plan: readonly PlannedBlock[],
  hit: readonly Station[],
  next: readonly Block[],
): PlannedBlock[] {
  const today = planProgress(
    plan.filter(({ day }) => day === 1),
    hit,
  ).left
  const later = plan.filter(({ day }) => day > 1)
  const moved = new Map<string, number>()
  for (const block of next) moved.set(stationKey(block), (moved.get(stationKey(block)) ?? 0) + block.shots)
  const rest = today.flatMap((block) => {
    const spare = Math.min(block.shots, moved.get(stationKey(block)) ?? 0)
    moved.set(stationKey(block), (moved.get(stationKey(block)) ?? 0) - spare)
    return spare < block.shots ? [{ ...block, shots: block.shots - spare }] : []
  })
  return [...[...runsOf(hit), ...next, ...rest].map((block) => ({ ...block, day: 1 })), ...later]
}

/** Shots one after the other at one station, as blocks. */
function runsOf(shots: readonly Station[]): Block[] {
  const runs: Block[] = []
  for (const { clubId, swing } of shots) {
    const last = runs.at(-1)
    if (last && sameStation(last, { clubId, swing })) last.shots++
    else runs.push({ clubId, swing, shots: 1 })
  }
  return runs
}

/** A Bay with a plan, as far as the next station hangs on it: its block in hand, and how many shots were taken. */
type PlanInHand = { block: Station | null; taken: number }

/**
 * The station that the plan opens by itself: the next one, as soon as a shot has ended the block in hand at the
 * open station. Null where the golfer went elsewhere, nothing changed, or a shot was taken back.
 */
export function planOpens(before: PlanInHand, now: PlanInHand, open: Station | null): Station | null {
  if (!now.block || !before.block || !open || now.taken <= before.taken) return null
  return !sameStation(before.block, now.block) && sameStation(before.block, open) ? now.block : null
}
