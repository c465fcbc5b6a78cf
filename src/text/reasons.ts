import type { HeldByStocks } from '@/core/shots/holds'
import type { BagAnalysis, Warning } from '@/core/analyse-bag'
import type { ClubId } from '@/core/ids'
import type { Units } from '@/core/golfer'
import type { NextShots } from '@/core/gaps/next-shots'
import type { OffCurve } from '@/core/stock/off-curve'
import type { LeftOut } from '@/core/stock/stock'
import { STOCK_SURFACES, type StockSurface } from '@/core/session/surface'
import { MARK_NAME, OFF_SURFACE } from './names'
import { chance, count, fixed, len, lenUnit, listed, percent } from './numbers'

/** The facts that carry a number or a verdict, put into words. */

const inHundred = (p: number): string => `${Math.round(100 * p)} times in 100`

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
  if (parts.length === 0) parts.push('stands out of the others by several numbers, each a little')
  return parts.join(', ')
}

/** "Looks fat, 4%": what Banco takes a shot for, with the chance that it was solid all the same. */
export const suggestion = ({ mark, solidProbability }: BagAnalysis['shots'][number]): string =>
  `looks ${mark === 'misread' ? 'misread' : mark === 'other-club' ? 'like another club' : MARK_NAME[mark]}, ${chance(solidProbability)} likely solid`

/** Strike or club: what a stock off the golfer's own curve means. Nothing where it is on it. */
export function offCurveSentence(off: OffCurve | undefined, units: Units): string | null {
  if (!off || off.cause === 'too-few') return null
  const { expectedM, measuredM, smash, expectedSmash, explained } = off
  const away = `${lenUnit(Math.abs(measuredM - expectedM), units)} ${measuredM < expectedM ? 'under' : 'over'} the ${len(expectedM, units)} that your other clubs say for its loft`
  const smashed =
    smash !== undefined && expectedSmash !== undefined
      ? `: smash ${fixed(smash, 2)} where the others say ${fixed(expectedSmash, 2)}`
      : ''
  if (off.cause === 'strike') return `${away}${smashed}. Look at the strike first.`
  return explained === undefined
    ? `${away}. Without ball speed nobody can say whether it is the strike or the loft.`
    : `${away}, and ball speed does not explain it${smashed}. Check the loft.`
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
        : `${name(fact.longerId)} to ${name(fact.shorterId)} then settled ${inHundred(fact.chance)}`,
    )
    .join('; ')
}

/** What the golfer should know before trusting the numbers. */
export function warningSentence(warning: Warning, units: Units, name: Name): string {
  switch (warning.kind) {
    case 'unknown-club':
      return `${count(warning.facts.shotIds.length, 'shot')} with clubs that are not in the bag ${warning.facts.shotIds.length === 1 ? 'is' : 'are'} in no stock.`
    case 'tiring':
      return `You are tiring: ball speed falls by ${fixed(-100 * warning.facts.per90, 1)}% over 90 shots. Stocks are those of the rested golfer.`
    case 'other-club':
      return `${count(warning.facts.shotIds.length, 'shot')} of the ${name(warning.facts.clubId)} ${warning.facts.shotIds.length === 1 ? 'looks' : 'look'} like the ${name(warning.facts.other)}’s: left out until you say.`
    case 'holds':
      return holdsSentence(warning.facts, name)
    case 'one-sided': {
      const { clubId, side, shotIds, withM, withoutM } = warning.facts
      return `${name(clubId)}: you took out only ${side} ones, ${shotIds.length} without a strike that shows. ${len(withM, units, 1)} became ${len(withoutM, units, 1)}.`
    }
  }
}

/** Whether tiredness can be seen in these shots. */
export function driftSentence({ found, knowable, per90, se }: BagAnalysis['drift']): string {
  if (found && per90 !== undefined) return `You lose ${fixed(-100 * per90, 1)}% of ball speed over 90 shots.`
  if (!knowable || per90 === undefined || se === undefined)
    return 'Whether you tire cannot be known from these shots: hit in rounds, every club a few, then all again.'
  return `No tiring shows: ball speed changes by ${fixed(100 * per90, 1)}% ± ${fixed(164.5 * se, 1)}% over 90 shots.`
}

/** What stocks hold besides what was measured: "Range balls stand in the 7-iron and the 8-iron." */
export function holdsSentence({ kind, of, clubIds }: HeldByStocks, name: (clubId: ClubId) => string): string {
  const clubs = clubIds.length > MOST_NAMED ? count(clubIds.length, 'club') : listed(clubIds.map(name))
  switch (kind) {
    case 'corrected':
      return `Numbers of ${listed(of)} are corrected: they stand in ${clubs}.`
    case 'rangeBall':
      return `Range balls stand in ${clubs}, as they flew.`
    case 'converted':
      return `${listed(of)} in ${clubs}: counted as what your own ball would carry.`
    case 'offSurface':
      return `Shots ${listed(of.map((off) => OFF_SURFACE[off as StockSurface]))} stand in ${clubs}, for want of others: your stocks are ${listed(STOCK_SURFACES.filter((off) => !of.includes(off)).map((off) => OFF_SURFACE[off]))}.`
  }
}
const MOST_NAMED = 4
