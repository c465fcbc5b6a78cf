import { allClubs } from '@/core/bag/bag'
import { swingFor, swingsWith } from '@/core/bag/club'
import type { BayStartView } from '@/views/bay-view'
import type { Bag, OwnedClub } from '@/core/bag/bag'
import { EMPTY_SET_UP, type SetUp } from '@/core/session/set-up'
import type { Place } from '@/core/model/session'
import {
  planBlocks,
  planSeconds,
  splitOverDays,
  type Block,
  type Plan,
  type PlanOrder,
  type PlanStation,
} from '@/core/session/plan'
import {
  atStation,
  FULL_SWING,
  fullSwingOf,
  stationKey,
  TEED_SWING,
  type Station,
  type Swing,
} from '@/core/model/station'
import { isOfShots } from '@/core/stock/stock'

/** What a golfer has chosen of a plan so far. */
export type PlanDraft = {
  choice: PlanOrder | 'by-hand' | 'next' | 'unfinished' | 'none'
  /** The order that was chosen last: a plan changed by hand is filled up by it. */
  order: PlanOrder
  /** Stations that are to be hit, where the choice is an order. */
  stations: readonly string[]
  shotsEach: number | 'until-settled'
  restEvery: number
  longestMin: number
  /** The blocks as the golfer put them. */
  byHand: readonly Block[]
}

/** What a plan is made from. */
export type PlanSource = Omit<BayStartView, 'lastSetUp' | 'lastUsedPlace' | 'profiles' | 'stoppedToday'>

/** Every station that a plan may have: three swings with every club but the putter, as they stand in the bag. */
export const stationsOf = ({ bag: { clubs }, golfer }: Pick<PlanSource, 'bag' | 'golfer'>): PlanStation[] =>
  clubs
    .filter(({ kind }) => kind !== 'putter')
    .flatMap((club) =>
      swingsWith(club, golfer.swings).map((swing: Swing) => ({
        ...{ clubId: club.id, swing, kind: club.kind, loftDeg: club.loftDeg },
      })),
    )

const fullSwings = (source: Pick<PlanSource, 'bag' | 'golfer'>): string[] =>
  stationsOf(source)
    .filter(({ swing }) => swing === FULL_SWING)
    .map(stationKey)

/**
 * The station that a club has in a column; null where it has none. Off a tee is a club hit only where it is hit from both,
 * or from the tee alone: then its whole swing is that one.
 */
export function keyInColumn(
  club: Pick<OwnedClub, 'id' | 'kind' | 'loftDeg' | 'build'>,
  swing: Swing,
  hasTee: boolean,
): string | null {
  const teeOnly = club.build.job === 'tee'
  if (teeOnly && hasTee && swing === FULL_SWING) return null
  if (teeOnly && swing === TEED_SWING) return stationKey(fullSwingOf(club.id))
  return swingFor(club, swing) === swing ? stationKey({ clubId: club.id, swing }) : null
}

/** What the golfer put aside for the next plan, else every club's full swing. */
export const firstDraft = (
  { golfer, bag, pace, wanted }: PlanSource,
  byHand: readonly Block[] = [],
): PlanDraft => ({
  choice: byHand.length > 0 ? 'by-hand' : 'rounds-of-3',
  order: 'rounds-of-3',
  stations: wanted.length > 0 ? wanted.map(stationKey) : fullSwings({ golfer, bag }),
  shotsEach: 6,
  restEvery: pace.restEvery,
  longestMin: golfer.longestMin,
  byHand,
})

/** A station that is hit until it is settled is hit at most this often in one plan. */
export const MOST_UNTIL_SETTLED = 12

/** The blocks of a draft, in the order in which they are hit. */
export function blocksOf(
  draft: PlanDraft,
  { golfer, bag, analysis, unfinished }: PlanSource,
): readonly Block[] {
  const { choice, shotsEach } = draft
  switch (choice) {
    case 'none':
      return []
    case 'by-hand':
      return draft.byHand
    case 'next':
      return analysis.next.map(({ clubId, swing, shots }) => ({ clubId, swing, shots }))
    case 'unfinished':
      return unfinished?.blocks ?? []
    default: {
      const unsure = (station: Station) => {
        const stock = atStation(analysis.stocks, station)
        return isOfShots(stock) ? (stock.highM - stock.lowM) / 2 : Infinity
      }
      return planBlocks(
        stationsOf({ golfer, bag }).filter((station) => draft.stations.includes(stationKey(station))),
        { order: choice, shotsEach: shotsEach === 'until-settled' ? MOST_UNTIL_SETTLED : shotsEach },
        unsure,
      )
    }
  }
}

/** The stations of blocks, each once, in the order in which they are first hit. */
const stationsOfBlocks = (blocks: readonly Block[]): string[] => [...new Set(blocks.map(stationKey))]

/** The stations that a draft hits. */
export const chosenStations = (draft: PlanDraft): readonly string[] =>
  draft.choice === 'by-hand' ? stationsOfBlocks(draft.byHand) : draft.stations

/** A draft with other stations. By hand the blocks that stay keep their order and their shots, and new ones come last. */
export function withStations(draft: PlanDraft, stations: readonly string[], source: PlanSource): PlanDraft {
  if (draft.choice !== 'by-hand') return { ...draft, stations }
  const before = stationsOfBlocks(draft.byHand)
  const added = stations.filter((key) => !before.includes(key))
  return {
    ...draft,
    byHand: [
      ...draft.byHand.filter((block) => stations.includes(stationKey(block))),
      ...inOrder(draft, added, source),
    ],
  }
}

/** A draft with so many shots each. By hand every station gets them, in the order in which they are first hit. */
export function withShotsEach(
  draft: PlanDraft,
  shotsEach: PlanDraft['shotsEach'],
  source: PlanSource,
): PlanDraft {
  const next = { ...draft, shotsEach }
  return draft.choice === 'by-hand'
    ? { ...next, byHand: inOrder(next, stationsOfBlocks(draft.byHand), source) }
    : next
}

/** Blocks of stations in their given order, by rounds where the draft's order goes round the bag. */
function inOrder({ order, shotsEach }: PlanDraft, keys: readonly string[], source: PlanSource): Block[] {
  const all = new Map(stationsOf(source).map((station) => [stationKey(station), station]))
  const stations = keys.flatMap((key) => all.get(key) ?? []).toReversed()
  return planBlocks(stations, {
    order: order === 'rounds-of-2' || order === 'rounds-of-3' ? order : 'short-to-long',
    shotsEach: shotsEach === 'until-settled' ? MOST_UNTIL_SETTLED : shotsEach,
  })
}

/** The days of a draft, each with its blocks and how long it takes. */
export function daysOf(draft: PlanDraft, source: PlanSource): { blocks: Block[]; seconds: number }[] {
  const pace = { ...source.pace, restEvery: draft.restEvery }
  return splitOverDays(blocksOf(draft, source), pace, draft.longestMin * 60).map((blocks) => ({
    blocks,
    seconds: planSeconds(blocks, pace),
  }))
}

/** The plan that a draft comes to; none where the golfer hits as they like. */
export function planOf(draft: PlanDraft, source: PlanSource): Plan | null {
  const days = daysOf(draft, source)
  if (days.length === 0) return null
  return {
    blocks: days.flatMap(({ blocks }, i) => blocks.map((block) => ({ ...block, day: i + 1 }))),
    untilSettled: draft.choice !== 'by-hand' && draft.shotsEach === 'until-settled' && isOrder(draft.choice),
    restEvery: draft.restEvery,
    restS: source.pace.restS,
  }
}

/** Blocks as text for an address: a plan that is not started yet survives a reload. */
export const writeBlocks = (blocks: readonly Block[]): string =>
  blocks.map(({ clubId, swing, shots }) => [clubId, swing, shots].join('~')).join(',')

/** Reads such text; clubs that the golfer does not have are passed over. */
export const readBlocks = (text: string, bag: Bag): Block[] =>
  text.split(',').flatMap((part) => {
    const [clubId, swing, shots] = part.split('~')
    const club = allClubs(bag).find(({ id }) => id === clubId)
    const n = Number(shots)
    return club && swing && Number.isInteger(n) && n >= 1 && n <= 200
      ? [{ clubId: club.id, swing, shots: n }]
      : []
  })

const KEPT = 'banco-plan '
/** Weather, ball and place of an earlier day are not those of today. */
const SAME_DAY_MS = 12 * 3600_000

/** What a golfer has chosen for a session that is not started yet. */
export type StartDraft = { plan: PlanDraft; place: Place; setUp: SetUp; warmUp: boolean }
type Kept = StartDraft & {
  /** What other pages requested when it was kept. */
  requested: string
  atMs: number
}

/** What other pages ask to hit: shots in the address, and stations put aside for the next plan. */
const requestedFrom = ({ wanted }: PlanSource, proposed: readonly Block[]): string =>
  [writeBlocks(proposed), ...wanted.map(stationKey)].join(' ')

/** A start that is not made yet is kept in this browser; null forgets it. */
export function keepStart(
  golferId: string,
  start: { draft: StartDraft; source: PlanSource; proposed: readonly Block[] } | null,
  nowMs = Date.now(),
): void {
  try {
    if (!start) return localStorage.removeItem(KEPT + golferId)
    const { draft, source, proposed } = start
    const kept: Kept = { ...draft, requested: requestedFrom(source, proposed), atMs: nowMs }
    localStorage.setItem(KEPT + golferId, JSON.stringify(kept))
  } catch {
    // A browser that keeps nothing forgets the draft with the page.
  }
}

/**
 * The start that was kept, as far as it still fits: stations of the bag as it is now. What another page has requested since
 * comes before the kept plan.
 */
export function keptStart(
  golferId: string,
  source: PlanSource,
  proposed: readonly Block[],
  nowMs = Date.now(),
): Partial<StartDraft> | null {
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT + golferId) ?? 'null') as Kept | null
    if (
      !kept ||
      typeof kept !== 'object' ||
      !Array.isArray(kept.plan.stations) ||
      !Array.isArray(kept.plan.byHand)
    )
      return null
    const there = new Set(stationsOf(source).map(stationKey))
    const plan = {
      ...firstDraft(source),
      ...kept.plan,
      stations: kept.plan.stations.filter((key) => there.has(key)),
      byHand: kept.plan.byHand.filter((block) => there.has(stationKey(block))),
    }
    const isOfToday = nowMs - kept.atMs < SAME_DAY_MS
    return {
      ...(kept.requested === requestedFrom(source, proposed) && { plan }),
      ...(isOfToday && { place: kept.place, setUp: { ...EMPTY_SET_UP, ...kept.setUp }, warmUp: kept.warmUp }),
    }
  } catch {
    return null
  }
}

export const isOrder = (choice: PlanDraft['choice']): choice is PlanOrder =>
  choice !== 'by-hand' && choice !== 'next' && choice !== 'unfinished' && choice !== 'none'
