import type { Units } from '@/core/golfer'
import type { ClubId } from '@/core/ids'
import type { LongClubAnswer } from '@/core/refit/bag-advice'
import type { Fix } from '@/core/refit/fixes'
import type { NoChange } from '@/core/refit/no-change'
import type { Proposal } from '@/core/refit/proposal'
import type { BeforeTrouble, Refit } from '@/core/refit/refit'
import { len, listed } from './numbers'
import { stationName } from './names'
import { fixSentence, KEPT_BECAUSE, proposalSentence } from './refit'

/** What to do about gaps, in the same words on every page, paper and summary. */

type Name = (id: ClubId) => string
/** What the advice is made from. */
type Advised = Pick<Refit, 'firsts' | 'longClubs'>

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
      return `Your ${stationName({ name: name(item.clubId) }, item.swing)} fits between them. It carries ${len(item.carryM, units)}.`
    case 'try-swing':
      return `Try the ${stationName({ name: name(item.clubId) }, item.swing)}. It should carry ≈ ${len(item.carryM, units)} (estimate).`
    case 'grip':
      return `Grip the ${name(item.clubId)} down by ${item.cm} cm. It carries ≈ ${len(item.carryM, units)} then (estimate).`
  }
}

/** What to do about two long clubs of which the longer is not longer, or about a gap below the driver. */
export function longClubSentence(answer: LongClubAnswer, name: Name, units: Units): string {
  switch (answer.kind) {
    case 'strike':
      return `Work on your strike with the ${name(answer.clubId)}, off a low tee first. Its ball speed is low for its club speed.`
    case 'more-loft': {
      const { clubId, shorterId, landingDeg, degrees, fixes } = answer
      const how = fixes.map((fix) =>
        fix.kind === 'swap' ? `try one of ${fix.loftDeg}°` : fixSentence(fix, name),
      )
      return `The ${name(clubId)} lands at ${Math.round(landingDeg)}°, which is flat. With ${degrees}° more loft it should carry further, so ${listed(how)}. If it is still not longer than the ${name(shorterId)}, take one of the two out.`
    }
    case 'take-out': {
      const { clubId, keep, because, slot } = answer
      const more = slot
        ? ` Its place is worth most between the ${name(slot.longerId)} and the ${name(slot.shorterId)}: ${fixSentence(slot.fix, name)}.`
        : ''
      return `Take out the ${name(clubId)} and keep the ${name(keep)}, because ${KEPT_BECAUSE[because]}.${more}`
    }
    case 'below-driver': {
      const { grip, fixes, longerId, shorterId } = answer
      const gripped = grip
        ? `For a ball between them, grip the ${name(longerId)} down by ${grip.cm} cm. It carries ≈ ${len(grip.carryM, units)} then (estimate).`
        : `From a tee the ${name(shorterId)} goes further. Hit it there too.`
      const [add] = fixes
      return `${gripped} ${add ? `If you often need that distance, ${fixSentence(add, name)}.` : 'If you seldom need that distance, keep it as it is.'}`
    }
  }
}

const isFor =
  ({ longerId, shorterId }: Pick<BeforeTrouble, 'longerId' | 'shorterId'>) =>
  (each: { longerId: ClubId; shorterId: ClubId }): boolean =>
    each.longerId === longerId && each.shorterId === shorterId

/** The proposal that answers a gap first: one that may be done now before a preview, the cheapest way first. */
export const answerTo = ({ proposals }: Pick<BeforeTrouble, 'proposals'>): Proposal | undefined =>
  proposals.find(({ shut }) => shut === undefined) ?? proposals[0]

/** What comes first about one trouble. */
export function firstSentence(
  first: BeforeTrouble,
  { longClubs }: Pick<Advised, 'longClubs'>,
  name: Name,
  units: Units,
): string {
  const { fix, noChange, longerId, shorterId } = first
  const of = (kind: NoChange['kind']) => noChange.find((each) => each.kind === kind)
  const retest = of('retest')
  if (fix === 'retest' && retest) return noChangeSentence(retest, name, units)
  const swing = of('swing')
  if (fix === 'swing' && swing) return noChangeSentence(swing, name, units)
  const answer = longClubs.find(isFor(first))
  if (answer) return longClubSentence(answer, name, units)
  const strike = of('strike')
  if (fix === 'strike' && strike) return noChangeSentence(strike, name, units)
  if (fix === 'measure-lofts')
    return `Have the lofts of the ${name(longerId)} and the ${name(shorterId)} measured before you change a club.`
  const proposal = answerTo(first)
  if (proposal && proposal.shut === undefined) return proposalSentence(proposal, name, units)
  const lofts = of('set-lofts')
  if (lofts) return noChangeSentence(lofts, name, units)
  const grip = of('grip')
  return grip ? noChangeSentence(grip, name, units) : 'No simple fix found.'
}

/**
 * Each gap that is not good with what comes first about it, the worst first, and then other answers about the longest clubs. What
 * would change a club that an earlier line takes out is left away: that follows from it.
 */
export function adviceLines(advised: Advised, name: Name, units: Units): string[] {
  const { firsts, longClubs } = advised
  const out = new Set<ClubId>()
  const line = (pair: { longerId: ClubId; shorterId: ClubId }, fixes: readonly Fix[], sentence: string) => {
    if (out.has(pair.longerId) || out.has(pair.shorterId)) return []
    for (const fix of fixes) if (fix.kind === 'drop') out.add(fix.clubId)
    return [`${name(pair.longerId)} to ${name(pair.shorterId)}. ${sentence}`]
  }
  return [
    ...firsts.flatMap((first) =>
      line(first, fixesOf(first, longClubs), firstSentence(first, advised, name, units)),
    ),
    ...longClubs
      .filter((answer) => !firsts.some(isFor(answer)))
      .flatMap((answer) => line(answer, [], longClubSentence(answer, name, units))),
  ]
}

/** The fixes that the first sentence about a gap names. */
export function fixesOf(first: BeforeTrouble, longClubs: readonly LongClubAnswer[]): Fix[] {
  const { fix } = first
  if (fix === 'retest' || fix === 'swing') return []
  const answer = longClubs.find(isFor(first))
  if (answer) return 'fixes' in answer ? answer.fixes : []
  const proposal = fix === 'refit' ? answerTo(first) : undefined
  return proposal?.shut === undefined ? (proposal?.fixes ?? []) : []
}
