import { LRUCache } from 'lru-cache'
import { createHash } from 'node:crypto'
import { analyseBag } from '@/core/analyse-bag'
import { type BagAnalysis, type BagInput, type Rules } from '@/core/analysis/bag-analysis'
import type { Bag } from '@/core/bag/bag'
import type { Air } from '@/core/model/air'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId, ShotId } from '@/core/model/ids'
import type { Stock } from '@/core/stock/stock'
import type { StockSurface, Surface } from '@/core/model/surface'
import type { Mark } from '@/core/model/mark'
import type { Exclusion } from '@/core/shots/shot'
import { excludedBy } from '@/core/analysis/shot-status'
import { bagInput, comparingAir, STOCK_AGE_MS, type ShotSelection } from '@/store/bag-input'
import { bagOf } from '@/store/bags'
import { IN_FORCE_MS } from '@/store/clubs'
import { perDatabase, type Database } from '@/store/database'
import { golferMark } from '@/store/golfer-mark'
import type { Swing } from '@/core/model/station'
import { changedClubs, changesSeen, type ChangedClub, type ChangeSeen } from './changed-clubs'

/** The shots behind the stocks of a bag, with what each was taken for. */
export type StationShots = {
  id: ShotId
  clubId: ClubId
  swing: Swing
  carryM: number | null
  offlineM?: number
  /** What the ball lay on. */
  surface?: Surface
  /** Which of the sessions behind the stocks, oldest 0. */
  session: number
  hitMs: number
  mark: Mark
  /** In no stock, whatever it was: warm-up, or in wind where the station has calm ones. */
  exclusion?: Exclusion
  solidProbability: number
}[]

/** Which shots stocks are made of; null: all. */
export type OnlyShots = { monitor: string | null; surface: StockSurface | null }
const ALL: OnlyShots = { monitor: null, surface: null }

export type AnalysedBag = {
  bag: Bag
  analysis: BagAnalysis
  shots: StationShots
  /** Clubs that were changed, with what was expected of each by its earlier shots, and what came. */
  changes: ChangeSeen[]
}

/**
 * A golfer's bag with all that its shots say; null before the first bag. The one place where shots become numbers.
 * @param inAir the air in which carries are compared; null: each as it was hit
 * @param only the shots that a monitor measured, or that lay on one surface; null: all
 * @param asItWas the bag and its shots as they were just before `nowMs`, whatever came since
 */
export function bagAnalysis(
  db: Database,
  golfer: Golfer,
  nowMs: number,
  inAir: Air | null = null,
  { asItWas = false, only = ALL }: { asItWas?: boolean; only?: OnlyShots } = {},
): AnalysedBag | null {
  const of = JSON.stringify([golfer, asItWas ? nowMs : Math.floor(nowMs / HOUR_MS), asItWas, inAir, only])
  const key = `${golferMark(db, golfer.id, asItWas ? { beforeMs: nowMs } : {})} ${of}`
  const { bags } = cachesOf(db)
  const found =
    bags.get(key) ?? analyse(db, golfer, nowMs, inAir, { untilMs: asItWas ? nowMs : IN_FORCE_MS, ...only })
  if (found) bags.set(key, found)
  return found
}

/** Shots grow too old for a stock by the day. */
const HOUR_MS = 3_600_000

function analyse(
  db: Database,
  golfer: Golfer,
  nowMs: number,
  inAir: Air | null,
  selection: Pick<Required<ShotSelection>, 'untilMs'> & OnlyShots,
): AnalysedBag | null {
  const bag = bagOf(db, golfer.id, selection.untilMs)
  if (!bag) return null
  const changed = changedClubs(golfer, bag, nowMs, (until) =>
    bagAnalysis(db, golfer, until, inAir, { asItWas: true }),
  )
  const input = bagInput(db, golfer, bag, nowMs, inAir, selection)
  const expectations = expectedCarries(changed)
  const analysis = analysedOnce({ ...input, rules: { ...input.rules, ...expectations } })
  return {
    bag,
    analysis,
    shots: stationShots(input, analysis),
    changes: changesSeen(changed, analysis.stocks),
  }
}

/** Stocks, with the shots behind them and what each was. */
export type JudgedShots = { stocks: Stock[]; judged: BagAnalysis['shots']; shots: StationShots }

/** The bag and those clubs of the rack that were hit, judged together by some of their shots. */
export function judgedTogether(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  nowMs: number,
  inAir: Air | null,
  selection: Omit<ShotSelection, 'withRack'> = {},
): JudgedShots {
  const { sessions = null, sinceMs = nowMs - STOCK_AGE_MS } = selection
  const key = `${golferMark(db, golfer.id, { sessions })} ${JSON.stringify([golfer, bag, inAir, selection, sinceMs])}`
  const { sessions: judged } = cachesOf(db)
  const known = judged.get(key)
  if (known) return known
  const all = bagInput(db, golfer, bag, nowMs, inAir, { ...selection, sinceMs, withRack: true })
  const hit = new Set(all.shots.map(({ clubId }) => clubId))
  const input = { ...all, clubs: all.clubs.filter(({ id }) => hit.has(id) || !isRacked(bag, id)) }
  const analysis = analysedOnce(input)
  const found = { stocks: analysis.stocks, judged: analysis.shots, shots: stationShots(input, analysis) }
  judged.set(key, found)
  return found
}

/** About 50 MB: the bags of 60 golfers, or 40 sessions of each of 20 golfers. */
const MOST_SHOTS = 100_000
const cacheOf = <Value extends { shots: readonly unknown[] }>() =>
  new LRUCache<string, Value>({ maxSize: MOST_SHOTS, sizeCalculation: ({ shots }) => shots.length + 1 })

/** Results by the marks of the data that they were computed from. */
const cachesOf = perDatabase(() => ({ bags: cacheOf<AnalysedBag>(), sessions: cacheOf<JudgedShots>() }))
const analyses = cacheOf<BagAnalysis>()

/** The analysis of a bag, computed once for the same clubs, shots and rules. */
function analysedOnce(input: BagInput): BagAnalysis {
  const key = createHash('sha256').update(JSON.stringify(input)).digest('base64')
  const found = analyses.get(key) ?? analyseBag(input)
  analyses.set(key, found)
  return found
}

/** Clubs of the rack that were hit, judged beside the bag. They make no gap. */
export function rackAnalysis(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  nowMs: number,
  inAir: Air | null = null,
): JudgedShots {
  if (bag.rack.length === 0) return { stocks: [], judged: [], shots: [] }
  const { stocks, judged, shots } = judgedTogether(db, golfer, bag, nowMs, inAir)
  const racked = shots.filter(({ clubId }) => isRacked(bag, clubId))
  const own = new Set(racked.map(({ id }) => id))
  return {
    stocks: stocks.filter(({ clubId }) => isRacked(bag, clubId)),
    judged: judged.filter(({ shotId }) => own.has(shotId)),
    shots: racked,
  }
}

const isRacked = ({ rack }: Bag, id: ClubId): boolean => rack.some((club) => club.id === id)

/** The carries that are expected of changed clubs, as rules of the analysis. */
const expectedCarries = (changed: readonly ChangedClub[]): Pick<Rules, 'expected'> => {
  const expected = changed.flatMap(({ swings }) => swings)
  return expected.length > 0 ? { expected } : {}
}

/** The bag in the air in which the golfer's tables compare clubs. */
export const comparedBag = (
  db: Database,
  golfer: Golfer,
  nowMs: number,
  only: OnlyShots = ALL,
): AnalysedBag | null => bagAnalysis(db, golfer, nowMs, comparingAir(golfer), { only })

function stationShots(input: BagInput, analysis: BagAnalysis): StationShots {
  const isExcluded = excludedBy(analysis.stocks)
  const judged = new Map(analysis.shots.map((shot) => [shot.shotId, shot]))
  return input.shots
    .filter(({ id }) => judged.has(id))
    .map(({ id, clubId, swing, carryM, offlineM, session, hitMs, exclusion, surface }) => ({
      id,
      clubId,
      swing,
      carryM: judged.get(id)?.carryM ?? carryM,
      ...(offlineM !== undefined && { offlineM }),
      ...(exclusion && isExcluded({ id, exclusion }) && { exclusion }),
      ...(surface && { surface }),
      session: session ?? 0,
      hitMs: hitMs ?? 0,
      mark: judged.get(id)?.mark ?? 'misread',
      solidProbability: judged.get(id)?.solidProbability ?? 0,
    }))
}
