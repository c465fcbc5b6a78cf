import { type Club } from '../bag/club'
import { type Stretch } from '../model/coverage'
import { type Coverage } from '../gaps/coverage-of-bag'
import { type Air } from '../model/air'
import { type AdjustedStocks } from '../shots/adjustments'
import { type Stock } from '../stock/stock'
import { type Recommendation } from '../gaps/beyond-shots'
import { type NextShots } from '../gaps/next-shots'
import { type Gap } from '../gaps/gap'
import { type GapKeptAsIs, type GapOverUnhit } from '../gaps/gaps-of-bag'
import { type OwnZones, type GapRule } from '../model/gap-rule'
import { type ClubId, type ShotId } from '../model/ids'
import { type OneSided } from '../stock/left-out-guard'
import { type Mark } from '../model/mark'
import { type Shot } from '../shots/shot'
import { type Drift } from '../judge/drift'
import { type Spread } from '../judge/spread'
import { type ExpectedStock } from '../stock/expected-stock'
import { type Newest } from '../stock/newest-shots'
import { type StockRule } from '../model/stock-rule'
import { type Swing } from '../model/station'

export type Rules = {
  stockRule?: StockRule
  gapRule?: GapRule
  zonesM?: OwnZones
  /** How near a stock must be to a number to cover it. */
  toleranceM?: number
  /** The yardages that cost this golfer shots. */
  goalZoneM?: Stretch
  /** Shots hit in wind or from a bad lie count in a stock beside those that were not. */
  windCounts?: boolean
  /** Carries are compared in this air, those whose own air is known; absent: each in the air it was hit in. */
  inAir?: Air
  /** Stocks that the golfer set by hand, which stand beside the measured ones. */
  byHand?: { clubId: ClubId; swing: Swing; carryM: number; because: string }[]
  /** What clubs that were changed should carry, by their shots from before: one standard deviation beside it. */
  expected?: ExpectedStock[]
  /** What the golfer wants as it is: gaps, and uncovered distances by a distance that lies in them. */
  leftOnPurpose?: { gaps?: GapKeptAsIs[]; uncovered?: { atM: number; because: string }[] }
}
export type BagInput = {
  clubs: Club[]
  shots: Shot[]
  rules?: Rules
  /** Older shots of stations that are not among `shots`, since newer ones say enough. */
  older?: Newest['older']
}
export type BagAnalysis = Coverage & {
  stocks: Stock[]
  gaps: Gap[]
  /** Hit neighbours with clubs between them that were not hit yet: how far apart, never judged. */
  overUnhit: GapOverUnhit[]
  /** With its carry in the stated air where that is not the air it was hit in. */
  shots: {
    shotId: ShotId
    mark: Mark
    solidProbability: number
    other?: ClubId
    tired?: true
    carryM?: number
  }[]
  /** What to hit next; nothing where more shots would change nothing. */
  next: NextShots[]
  /** What would help more than shots, best first. */
  recommendations: Recommendation[]
  /** The golfer's drift of ball speed, as a share gained over 90 shots. */
  drift: { found: boolean; knowable: boolean; per90?: number; se?: number }
  /** How the golfer's shots scatter, pooled over the bag: shares of the carry, and the share that is missed. */
  spread: Pick<Spread, 'carry' | 'lateralMean' | 'lateral' | 'missed'>
  warnings: Warning[]
}
export type Warning =
  | { kind: 'unknown-club'; facts: { shotIds: ShotId[] } }
  /** The share that is lost of what was measured, over 90 shots. */
  | { kind: 'tiring'; facts: { of: Drift['of']; per90: number; se: number } }
  | { kind: 'other-club'; facts: { clubId: ClubId; other: ClubId; shotIds: ShotId[] } }
  | { kind: 'one-sided'; facts: OneSided }
  | { kind: 'holds'; facts: AdjustedStocks }
