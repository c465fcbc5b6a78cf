import type { Absent } from '../model/absent'
import type { Air } from '../model/air'
import type { AsHitBecause } from '../flight/restate-shots'
import type { ClubId, ShotId } from '../model/ids'
import type { Mark } from '../model/mark'
import type { Exclusion } from '../shots/shot'
import type { FlightField } from '../shots/flight-fields'
import type { NextCarry } from '../shots/typed-slip'
import type { Station } from '../model/station'
import type { Adjustments } from '../shots/adjustments'
import type { OffCurve } from './off-curve'
import type { StockRule } from '../model/stock-rule'

/** Why a shot is left out, as data: what its numbers are beside the others of its station. */
type LeftOutFacts = {
  carryM?: number
  /** Shorter than the stock by this much; negative where it went further. */
  shortM?: number
  /** Ball speed and launch under those of the station, as shares; negative where over. */
  speedDown?: number
  launchDown?: number
  /** Off the golfer's usual line, positive to the right. */
  offlineM?: number
  /** The club that the shot looks like one of. */
  other?: ClubId
}
export type LeftOut = {
  shotId: ShotId
  mark: Mark
  solidProbability: number
  /** The golfer left it out: the reason is theirs, whatever the numbers say. */
  byGolfer?: true
  facts: LeftOutFacts
}

/** What the model says of a flight whose launch was measured and whose rest was not. Never as good as a measurement: ±10% of peak, ±3° of landing, ±35% of run. */
export type Modelled = { peakM?: number; landingDeg?: number; runM?: number }

/** How many of a stock's solid shots are in the stated air, by how much it changed them, and why others stay as hit. */
export type StockInAir = {
  restated: number
  asHit: number
  because: AsHitBecause[]
  changeM?: number
  /** One standard deviation of what the restating adds. */
  sdM?: number
}

/** The average of the counted shots lies at the end of its interval: which way it is probably off, why, and the estimate. */
export type OddAverage = {
  is: 'short' | 'long'
  because: 'other-clubs' | 'late-shots' | 'doubtful-shots'
  estimateM: number
}

/** What is known of a station whether it was hit or not. Lengths in metres. */
type OfStation = Station & {
  /** Set by the golfer's hand beside the measured stock, with the reason. */
  byHand?: { carryM: number; because: string }
  /** What the next good shot should carry; absent where nothing says. */
  foreseen?: NextCarry
  done: boolean
  leftOut: LeftOut[]
  /** So many older shots of the last twelve months were passed over: the newest ones say it. */
  older?: number
}

/** The stock of a station with a carry: of shots that count, or expected of a changed club. */
export type HitStock = OfStation & {
  /** The stock by the chosen rule. */
  carryM: number
  /** The golfer's 90% interval in the long run, with what days do; widened where needed to hold `carryM`. */
  lowM: number
  highM: number
  /** Absent for one shot. */
  sdM?: number
  /** Shots that count. */
  count: number
  /** The estimate from all shots and the other clubs, with the 90% interval of the days that were hit. */
  model: { carryM: number; lowM: number; highM: number }
  odd?: OddAverage
  /** The club was changed and has no three good shots since: its numbers are those that are expected of it. */
  isExpected?: true
  /** Where 8 of 10 good shots fall. */
  reachM: [number, number]
  /** The shortest of the shots that count. */
  shortestM: number
  /** What a missed shot carries: the mean of those left out as fat, thin, off centre or wild, and how many. */
  missed?: { carryM: number; count: number }
  /** Drift was found: by this much longer than its plain number the stock is for a rested golfer. */
  restedByM?: number
  /** The air in which the carry stands; absent where nobody said. */
  statedAir?: Air
  /** Total less carry of the shots that count, shot by shot, on average: the run on ordinary ground. */
  run?: { meanM: number; from: 'measured' | 'monitor' }
  /** What the shots that count measure on average, where they measure it. */
  averages: Partial<Record<Exclude<FlightField, 'carryM'>, number>>
  /** What was not measured, from a model of the flight; absent where the launch was not measured either. */
  modelled?: Modelled
  offCurve?: OffCurve
  /** What the shots that count hold besides what was measured. */
  adjustments?: Adjustments
  /** How its shots stand in the stated air, where one is. */
  inAir?: StockInAir
  /** Shots in wind, from a bad lie or off the other surface: those kept apart and why, how many of the counted ones are such and why, and the stock with all. */
  conditions?: {
    excluded: ShotId[]
    why: Exclusion[]
    counted: number
    countedWhy: Exclusion[]
    withAllM: number
  }
  byStockRule: Record<StockRule, number>
}

/** A station none of whose shots counts: asking for its carry tells, and every other number of a stock is absent. */
export type UnhitStock = OfStation & {
  count: 0
  averages: Record<string, never>
  byStockRule: Record<string, never>
} & Absent<Exclude<keyof HitStock, keyof OfStation | 'count' | 'averages' | 'byStockRule'>>

/** The stock of one station: one club with one swing. */
export type Stock = HitStock | UnhitStock

/** Some of a stock's numbers, for what needs no more. */
export type PartOfStock<Keys extends keyof HitStock> = Pick<HitStock, Keys> | Pick<UnhitStock, Keys>

export const isHit = (stock: Stock | undefined): stock is HitStock => stock?.carryM !== undefined
/** Its numbers are those of its own shots. */
export const isOfShots = (stock: Stock | undefined): stock is HitStock => isHit(stock) && !stock.isExpected
