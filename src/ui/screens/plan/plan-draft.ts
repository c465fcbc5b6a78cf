import { swingsWith } from '@/core/bag/club'
import type { BayStartView } from '@/views/bay-view'
import type { Bag } from '@/core/bag/bag'
import {
  planBlocks,
  planSeconds,
  splitOverDays,
  type Block,
  type Plan,
  type PlanOrder,
  type PlanStation,
} from '@/core/session/plan'
import { atStation, type Station, FULL_SWING, type Swing, stationKey } from '@/core/station'
import { isHit } from '@/core/stock/stock'

/** What a golfer has chosen of a plan so far. */
export type PlanDraft = {
  choice: PlanOrder | 'by-hand' | 'next' | 'unfinished' | 'none'
  /** Stations that are to be hit, where the choice is an order. */
  stations: readonly string[]
  shotsEach: number | 'until-settled'
  restEvery: number
  longestMin: number
  /** The blocks as the golfer put them. */
  byHand: readonly Block[]
}

/** What a plan is made from. */
export type PlanSource = Omit<BayStartView, 'lastSetUp' | 'lastPlace' | 'profiles'>

/** Every station that a plan may have: three swings with every club but the putter, as they stand in the bag. */
export const stationsOf = ({ bag: { clubs }, golfer }: Pick<PlanSource, 'bag' | 'golfer'>): PlanStation[] =>
  clubs
    .filter(({ kind }) => kind !== 'putter')
    .flatMap((club) =>
      swingsWith(club, golfer.swings).map((swing: Swing) => ({
        ...{ clubId: club.id, swing, kind: club.kind, loftDeg: club.loftDeg },
      })),
    )

export const fullSwings = (source: Pick<PlanSource, 'bag' | 'golfer'>): string[] =>
  stationsOf(source)
    .filter(({ swing }) => swing === FULL_SWING)
    .map(stationKey)

/** What the golfer put aside for the next plan, else every club's full swing. */
export const firstDraft = (
  { golfer, bag, pace, wanted }: PlanSource,
  byHand: readonly Block[] = [],
): PlanDraft => ({
  choice: byHand.length > 0 ? 'by-hand' : 'rounds-of-3',
  stations: wanted.length > 0 ? wanted.map(stationKey) : fullSwings({ golfer, bag }),
  shotsEach: 6,
  restEvery: pace.restEvery,
  longestMin: golfer.longestMin,
  byHand,
})

/** A station that is hit until it is settled is hit at most this often in one plan. */
const MOST_UNTIL_SETTLED = 12

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
        return isHit(stock) ? (stock.highM - stock.lowM) / 2 : Infinity
      }
      return planBlocks(
        stationsOf({ golfer, bag }).filter((station) => draft.stations.includes(stationKey(station))),
        { order: choice, shotsEach: shotsEach === 'until-settled' ? MOST_UNTIL_SETTLED : shotsEach },
        unsure,
      )
    }
  }
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
    const club = [...bag.clubs, ...bag.rack].find(({ id }) => id === clubId)
    const n = Number(shots)
    return club && swing && Number.isInteger(n) && n >= 1 && n <= 200
      ? [{ clubId: club.id, swing, shots: n }]
      : []
  })

const KEPT = 'banco-plan '

/** A draft that is not started yet is kept in this browser. */
export function keepDraft(golferId: string, draft: PlanDraft | null): void {
  try {
    if (draft) localStorage.setItem(KEPT + golferId, JSON.stringify(draft))
    else localStorage.removeItem(KEPT + golferId)
  } catch {
    // A browser that keeps nothing forgets the draft with the page.
  }
}

/** The draft that was kept, as far as it still fits: stations of the bag as it is now. */
export function keptDraft(golferId: string, source: PlanSource): PlanDraft | null {
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT + golferId) ?? 'null') as PlanDraft | null
    if (!kept || typeof kept !== 'object' || !Array.isArray(kept.stations) || !Array.isArray(kept.byHand))
      return null
    const there = new Set(stationsOf(source).map(stationKey))
    return {
      ...firstDraft(source),
      ...kept,
      stations: kept.stations.filter((key) => there.has(key)),
      byHand: kept.byHand.filter((block) => there.has(stationKey(block))),
    }
  } catch {
    return null
  }
}

export const isOrder = (choice: PlanDraft['choice']): choice is PlanOrder =>
  choice !== 'by-hand' && choice !== 'next' && choice !== 'unfinished' && choice !== 'none'
