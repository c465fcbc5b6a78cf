import { analyseBag, type BagAnalysis, type BagInput } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import type { Air } from '@/core/flight/air'
import type { Golfer } from '@/core/golfer'
import type { ClubId, ShotId } from '@/core/ids'
import type { Mark } from '@/core/shots/mark'
import type { Apart } from '@/core/shots/shot'
import { keptApart } from '@/core/shots/shot-standing'
import { bagInput, comparingAir } from '@/store/bag-input'
import { bagOf } from '@/store/bags'
import type { Database } from '@/store/database'
import type { Swing } from '@/core/station'

/** The shots behind the stocks of a bag, with what each was taken for. */
export type StationShots = {
  id: ShotId
  clubId: ClubId
  swing: Swing
  carryM: number | null
  offlineM?: number
  /** Which of the sessions behind the stocks, oldest 0. */
  session: number
  hitMs: number
  mark: Mark
  /** In no stock, whatever it was: warm-up, or in wind where the station has calm ones. */
  apart?: Apart
  solidProbability: number
}[]

export type AnalysedBag = { bag: Bag; analysis: BagAnalysis; shots: StationShots }

/**
 * A golfer's bag with all that its shots say; null before the first bag. The one place where shots become numbers.
 * @param inAir the air in which carries are compared; null: each as it was hit
 */
export function bagAnalysis(
  db: Database,
  golfer: Golfer,
  nowMs: number,
  inAir: Air | null = null,
): AnalysedBag | null {
  const bag = bagOf(db, golfer.id)
  if (!bag) return null
  const input = bagInput(db, golfer, bag, nowMs, inAir)
  const analysis = analyseBag(input)
  return { bag, analysis, shots: stationShots(input, analysis) }
}

/** The bag in the air in which the golfer's tables compare clubs. */
export const comparedBag = (db: Database, golfer: Golfer, nowMs: number): AnalysedBag | null =>
  bagAnalysis(db, golfer, nowMs, comparingAir(golfer))

function stationShots(input: BagInput, analysis: BagAnalysis): StationShots {
  const fromStocks = keptApart(input.shots, analysis.stocks)
  const judged = new Map(analysis.shots.map((shot) => [shot.shotId, shot]))
  return input.shots.map(({ id, clubId, swing, carryM, offlineM, session, hitMs, apart }) => ({
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
}
