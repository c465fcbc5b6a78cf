import type { AdjustedStocks } from '@/core/shots/adjustments'
import type { BagAnalysis, Warning } from '@/core/analysis/bag-analysis'
import type { ClubId } from '@/core/model/ids'
import type { Units } from '@/core/model/golfer'
import type { NextShots } from '@/core/gaps/next-shots'
import type { OffCurve } from '@/core/stock/off-curve'
import type { LeftOut, Stock } from '@/core/stock/stock'
import { STOCK_SURFACES, type StockSurface } from '@/core/model/surface'
import { MARK_NAME, OFF_SURFACE } from './names'
import { chance, count, fixed, len, lenUnit, listed, percent } from './numbers'

/** The facts that carry a number or a verdict, put into words. */

type Name = (clubId: string) => string

/** Less than this share up or down is not worth a word. */
const WORTH_SAYING = 0.03

/** Why a shot is left out: "ball speed 10% under the others, 21 yd short". */
export function leftOutReason(
  { mark, byGolfer, facts }: Pick<LeftOut, 'mark' | 'byGolfer' | 'facts'>,
  units: Units,
  name: Name,
): string {
  const { carryM, shortM, speedDown, launchDown, offlineM, other } = facts
  if (byGolfer)
    return mark === 'other-club'
      ? 'you left it out as another club’s'
      : `you left it out as ${MARK_NAME[mark]}`
  const parts: string[] = []
  if (other) parts.push(`looks like a shot with the ${name(other)}`)
  if (speedDown !== undefined && Math.abs(speedDown) > WORTH_SAYING)
    parts.push(`ball speed ${percent(Math.abs(speedDown))} ${speedDown > 0 ? 'under' : 'over'} the others`)
  if (mark === 'thin' && launchDown !== undefined && launchDown > WORTH_SAYING)
    parts.push(`launch ${percent(launchDown)} lower`)
  if (mark === 'wild' && offlineM !== undefined)
    parts.push(`${len(Math.abs(offlineM), units)} ${units.lengthUnit} ${offlineM < 0 ? 'left' : 'right'}`)
  if (shortM !== undefined && carryM !== undefined && Math.abs(shortM) > WORTH_SAYING * carryM)
    parts.push(`${lenUnit(Math.abs(shortM), units)} ${shortM > 0 ? 'short' : 'long'}`)
  if (carryM === undefined) parts.push('no golf shot carries that')
  if (parts.length === 0) parts.push('differs from the others in several numbers, each a little')
  return parts.join(', ')
}

/** "Looks fat, 4%": what Banco takes a shot for, with the chance that it was solid all the same. */
export const suggestion = ({ mark, solidProbability }: BagAnalysis['shots'][number]): string =>
  `looks ${mark === 'misread' ? 'misread' : mark === 'other-club' ? 'like another club' : MARK_NAME[mark]}, ${chance(solidProbability)} likely good`

/**
 * What a stock off the golfer's own curve means. Nothing where it is on it.
 * @param loftMeasured its loft is known: nobody is sent to have it checked
 */
export function offCurveSentence(
  off: OffCurve | undefined,
  units: Units,
  loftMeasured: boolean | undefined,
): string | null {
  if (!off || off.cause === 'too-few') return null
  const { cause, expectedM, measuredM, smash, expectedSmash, missedMore } = off
  const away = lenUnit(Math.abs(measuredM - expectedM), units)
  const suggested = `(${len(expectedM, units)})`
  const finding =
    measuredM < expectedM
      ? `${away} short of what its loft suggests ${suggested}.`
      : `${away} longer than its loft suggests ${suggested}.`
  const smashes =
    smash === undefined || expectedSmash === undefined
      ? ''
      : `Smash ${fixed(smash, 2)}, your other clubs suggest ${fixed(expectedSmash, 2)}.`
  if (cause === 'strike')
    return missedMore
      ? `${finding} You miss it more often than your other clubs: ${percent(missedMore.share)} against ${percent(missedMore.others)}. Look at the strike first.`
      : `${finding} ${smashes} Look at the strike first.`
  if (cause === 'loft')
    return `${finding} ${smashes ? 'Its smash is normal. ' : ''}${loftMeasured ? 'Its loft was measured, so look at its shaft and length.' : 'Check the loft.'}`
  return smashes
    ? `${finding} ${smashes} It may be the strike or the loft. Hit it again on another day.`
    : `${finding} A monitor that measures club speed could tell whether it is the strike. Otherwise hit it again on another day.`
}

/** Why a stock that lies at the end of its interval is probably off. */
export function oddSentence({ odd }: Pick<Stock, 'odd'>, units: Units): string | null {
  if (!odd) return null
  const estimate = len(odd.estimateM, units)
  switch (odd.because) {
    case 'other-clubs':
      return `Probably ${odd.is}, because your other clubs suggest about ${estimate}.`
    case 'late-shots':
      return `Probably short, because its shots came late in the session (estimate ${estimate}).`
    case 'doubtful-shots':
      return `Probably ${odd.is}, because not all of its shots may be good (estimate ${estimate}).`
  }
}

/** The next set in one line: "3 × 8-iron, 6 × 54° wedge". */
export const nextLine = (next: readonly NextShots[], name: Name): string =>
  next.map(({ clubId, shots }) => `${shots} × ${name(clubId)}`).join(', ')

/** Why a club is in the next set. */
export function nextReason({ facts }: NextShots, name: Name): string {
  return facts
    .map((fact) =>
      fact.kind === 'too-few'
        ? fact.count === 0
          ? 'not hit yet'
          : `only ${count(fact.count, 'shot')} that count`
        : `${chance(fact.chance)} chance that this confirms ${name(fact.longerId)} to ${name(fact.shorterId)}`,
    )
    .join('; ')
}

/** What the golfer should know before trusting the numbers. */
export function warningSentence(warning: Warning, units: Units, name: Name): string {
  switch (warning.kind) {
    case 'unknown-club':
      return `${count(warning.facts.shotIds.length, 'shot')} with clubs that are not in the bag ${warning.facts.shotIds.length === 1 ? 'does' : 'do'} not count.`
    case 'tiring':
      return `You are tiring: ${warning.facts.of === 'speed' ? 'ball speed' : 'carry'} falls by ${fixed(-100 * warning.facts.per90, 1)}% over 90 shots. Yardages are those of a rested golfer.`
    case 'other-club':
      return `${count(warning.facts.shotIds.length, 'shot')} of the ${name(warning.facts.clubId)} ${warning.facts.shotIds.length === 1 ? 'looks' : 'look'} like the ${name(warning.facts.other)}’s. Not counted until you decide.`
    case 'holds':
      return adjustmentsSentence(warning.facts, name)
    case 'one-sided': {
      const { clubId, side, shotIds, withM, withoutM } = warning.facts
      return `${name(clubId)}: you took out only ${side} ones, ${shotIds.length} without a strike that shows. ${len(withM, units, 1)} became ${len(withoutM, units, 1)}.`
    }
  }
}

/** What stocks hold besides what was measured: "Range balls (not adjusted) are included in 7-iron and 8-iron." */
export function adjustmentsSentence(
  { kind, of, clubIds }: AdjustedStocks,
  name: (clubId: ClubId) => string,
): string {
  const clubs = clubIds.length > MOST_NAMED ? count(clubIds.length, 'club') : listed(clubIds.map(name))
  switch (kind) {
    case 'corrected':
      return `Corrected numbers of ${listed(of)} are included in ${clubs}.`
    case 'rangeBall':
      return `Range balls (not adjusted) are included in ${clubs}.`
    case 'converted':
      return `${listed(of)} in ${clubs}: counted as what your own ball would carry.`
    case 'offSurface':
      return `Shots ${listed(of.map((off) => OFF_SURFACE[off as StockSurface]))} are included in ${clubs}, which have no others. Your yardages are ${listed(STOCK_SURFACES.filter((off) => !of.includes(off)).map((off) => OFF_SURFACE[off]))}.`
  }
}
const MOST_NAMED = 4
