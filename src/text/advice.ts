import { isSameGap, type GapClubs } from '@/core/gaps/gap-clubs'
import type { Units } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { Fix } from '@/core/refit/fixes'
import { fixesOf, type GapAdvice } from '@/core/refit/gap-advice'
import type { LongClubAdvice } from '@/core/refit/long-clubs'
import type { NoChange } from '@/core/refit/no-change'
import type { GapsToFix } from '@/core/refit/refit'
import { len, listed } from './numbers'
import { stationName } from './names'
import { fixSentence, KEPT_BECAUSE, proposalSentence } from './refit'

/** What to do about gaps, in the same words on every page, paper and summary. */

type Name = (id: ClubId) => string

/** "6 more with the 8-iron and 6 more with the 9-iron" */
const shotsWords = (shots: readonly { clubId: ClubId; shots: number }[], name: Name): string =>
  listed(shots.map(({ clubId, shots: n }) => `${n} more with the ${name(clubId)}`))

/** What helps without a change of clubs. */
export function noChangeSentence(item: NoChange, name: Name, units: Units): string {
  switch (item.kind) {
    case 'retest':
      return `Hit ${shotsWords(item.shots, name)} before you change a club.`
    case 'set-lofts':
      return `Set the loft of ${listed(item.clubIds.map((id) => `the ${name(id)}`))} on Bag. Banco then advises on bends and clubs to buy.`
    case 'strike':
      return `Work on your strike with the ${name(item.clubId)}. It explains why it is short.`
    case 'swing':
      return `Your ${stationName(name(item.clubId), item.swing)} fits between them. It carries ${len(item.carryM, units)}.`
    case 'try-swing':
      return `Try the ${stationName(name(item.clubId), item.swing)}. It should carry ≈ ${len(item.carryM, units)} (estimate).`
    case 'grip':
      return `Grip the ${name(item.clubId)} down by ${item.cm} cm. It carries ≈ ${len(item.carryM, units)} then (estimate).`
  }
}

/** Advice for two long clubs of which the longer is not longer, or for a gap below the driver. */
export function longClubSentence(advice: LongClubAdvice, name: Name, units: Units): string {
  switch (advice.kind) {
    case 'strike':
      return `Work on your strike with the ${name(advice.clubId)}, off a low tee first. Its ball speed is low for its club speed.`
    case 'more-loft': {
      const { clubId, shorterId, landingDeg, degrees, fixes } = advice
      const how = fixes.map((fix) =>
        fix.kind === 'swap' ? `try one of ${fix.loftDeg}°` : fixSentence(fix, name),
      )
      return `The ${name(clubId)} lands at ${Math.round(landingDeg)}°, which is flat. With ${degrees}° more loft it should carry further, so ${listed(how)}. If it is still not longer than the ${name(shorterId)}, take one of the two out.`
    }
    case 'take-out': {
      const { clubId, keep, because, slot } = advice
      const more = slot
        ? ` Its place is worth most between the ${name(slot.longerId)} and the ${name(slot.shorterId)}: ${fixSentence(slot.fix, name)}.`
        : ''
      return `Take out the ${name(clubId)} and keep the ${name(keep)}, because ${KEPT_BECAUSE[because]}.${more}`
    }
    case 'below-driver': {
      const { grip, fixes, longerId, shorterId } = advice
      const gripped = grip
        ? `For a ball between them, grip the ${name(longerId)} down by ${grip.cm} cm. It carries ≈ ${len(grip.carryM, units)} then (estimate).`
        : `From a tee the ${name(shorterId)} goes further. Hit it there too.`
      const [add] = fixes
      return `${gripped} ${add ? `If you often need that distance, ${fixSentence(add, name)}.` : 'If you seldom need that distance, keep it as it is.'}`
    }
  }
}

/** What to do first about a gap. */
export function firstSentence(
  { advice, longerId, shorterId }: Pick<GapAdvice, 'advice' | 'longerId' | 'shorterId'>,
  name: Name,
  units: Units,
): string {
  switch (advice.kind) {
    case 'no-change':
      return noChangeSentence(advice.item, name, units)
    case 'long-club':
      return longClubSentence(advice.longClub, name, units)
    case 'measure-lofts':
      return `Have the lofts of the ${name(longerId)} and the ${name(shorterId)} measured before you change a club.`
    case 'proposal':
      return proposalSentence(advice.proposal, name, units)
    case 'none':
      return 'No simple fix found.'
  }
}

/**
 * Each gap that is not good with what to do first, the worst first, and then the longest clubs. A gap with a club that an earlier
 * line takes out is left away: its size follows from that line.
 */
export function adviceLines({ firsts, longClubs }: GapsToFix, name: Name, units: Units): string[] {
  const out = new Set<ClubId>()
  const line = (gap: GapClubs, fixes: readonly Fix[], sentence: string) => {
    if (out.has(gap.longerId) || out.has(gap.shorterId)) return []
    for (const fix of fixes) if (fix.kind === 'drop') out.add(fix.clubId)
    return [`${name(gap.longerId)} to ${name(gap.shorterId)}. ${sentence}`]
  }
  return [
    ...firsts.flatMap((first) => line(first, fixesOf(first.advice), firstSentence(first, name, units))),
    ...longClubs
      .filter((each) => !firsts.some((first) => isSameGap(first, each)))
      .flatMap((each) => line(each, [], longClubSentence(each, name, units))),
  ]
}
