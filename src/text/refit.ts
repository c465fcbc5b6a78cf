import { allClubs } from '@/core/bag/bag'
import type { Bag } from '@/core/bag/bag'
import type { Turf } from '@/core/model/turf'
import type { Stretch } from '@/core/model/coverage'
import { isSameGap, type GapClubs } from '@/core/gaps/gap-clubs'
import type { Units } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { Z90 } from '@/core/math/z90'
import { BOUNCE_FOR } from '@/core/refit/bounce'
import type { SameJob } from '@/core/refit/bag-advice'
import type { Caution } from '@/core/refit/cautions'
import type { FewerClubs, OneLess } from '@/core/refit/fewer-clubs'
import { newClubId } from '@/core/refit/apply-fixes'
import { boughtBy, type Fix } from '@/core/refit/fixes'
import { FEWEST_TO_REFIT, type Shut } from '@/core/refit/gate'
import { ESTIMATE_SD_M } from '@/core/refit/paper-fixes'
import type { PaperGap } from '@/core/refit/paper-gaps'
import type { BestTried, Proposal } from '@/core/refit/proposal'
import type { KeptFor } from '@/core/refit/same-job'
import type { SetTransition } from '@/core/refit/set-transition'
import type { TopEnd } from '@/core/refit/top-end'
import { NO_DEMAND, type Demand } from '@/core/gaps/demand'
import { INCH_M, lengthIn } from '@/core/units'
import { atHead, count, fixed, len, lenUnit, listed } from './numbers'
import { demandWords } from './rounds'

type Name = (id: ClubId) => string

/** What a proposal is called: by what it does. */
export function proposalName({ strategy, fixes }: Pick<Proposal, 'strategy' | 'fixes'>): string {
  switch (strategy) {
    case 'least-work':
      return fixes.every(({ kind }) => kind === 'sleeve')
        ? `Turn ${count(fixes.length, 'sleeve')}`
        : `Bend ${count(fixes.length, 'club')}`
    case 'one-purchase':
      return fixes.some((fix) => fix.kind === 'add' && fix.clubId !== undefined)
        ? 'Use a club you have'
        : `Buy ${count(boughtBy(fixes), 'club')}`
    case 'fewer-clubs':
      return fixes.length === 1 ? 'Carry one club less' : `Carry ${fixes.length} clubs less`
    case 'everything':
      return 'Every bend that helps'
  }
}

/** "2° weak", "1.5° strong". */
export const turned = (degrees: number): string =>
  `${Number(Math.abs(degrees).toFixed(1))}° ${degrees > 0 ? 'weak' : 'strong'}`

/** "0.5 in longer". Lengths of clubs are given in inches everywhere. */
export const lengthened = (longerM: number): string =>
  `${Number((Math.abs(longerM) / INCH_M).toFixed(2))} in ${longerM > 0 ? 'longer' : 'shorter'}`

/** "the 8-iron 2° weak" */
const bentClub = ({ clubId, degrees }: Extract<Fix, { kind: 'bend' }>, name: Name): string =>
  `the ${name(clubId)} ${turned(degrees)}`

/** "bend the 8-iron 2° weak" */
export function fixSentence(fix: Fix, name: Name, units?: Units): string {
  switch (fix.kind) {
    case 'bend':
      return `bend ${bentClub(fix, name)}`
    case 'sleeve':
      return `turn the sleeve of the ${name(fix.clubId)} ${turned(fix.degrees)}`
    case 'swap':
      return `replace the ${name(fix.clubId)} with one of ${fix.loftDeg}°`
    case 'drop':
      return `take out the ${name(fix.clubId)}`
    case 'add':
      if (fix.loftDeg === undefined) return `put the ${name(fix.clubId as ClubId)} in the bag`
      return fix.carryM === undefined || !units
        ? `add a club of ${fix.loftDeg}°`
        : `try a club of ${fix.loftDeg}° that carries ${len(fix.carryM, units)}`
    case 'grip':
      return `grip the ${name(fix.clubId)} down by ${fix.cm} cm`
    case 'length':
      return `make the ${name(fix.clubId)} ${lengthened(fix.longerM)}`
  }
}

/** Some fixes in one sentence without its full stop: "bend the 8-iron 2° weak and the 9-iron 1° strong". */
export function fixesSentence(fixes: readonly Fix[], name: Name, units?: Units): string {
  const bends = fixes.filter((fix) => fix.kind === 'bend')
  const out = fixes.flatMap((fix) => (fix.kind === 'drop' ? [fix.clubId] : []))
  const lofts = fixes.flatMap((fix) =>
    fix.kind === 'add' && fix.loftDeg !== undefined && fix.carryM === undefined ? [`${fix.loftDeg}°`] : [],
  )
  const isJoined = (fix: Fix) =>
    fix.kind === 'bend' ||
    fix.kind === 'drop' ||
    (lofts.length > 1 && fix.kind === 'add' && fix.carryM === undefined)
  const others = fixes.filter((fix) => !isJoined(fix))
  return listed([
    ...(bends.length > 0 ? [`bend ${listed(bends.map((fix) => bentClub(fix, name)))}`] : []),
    ...(lofts.length > 1 ? [`add clubs of ${listed(lofts)}`] : []),
    ...others.map((fix) => fixSentence(fix, name, units)),
    ...(out.length > 0 ? [`take out ${clubsNamed(out, name)}`] : []),
  ])
}

/** The size of a gap on paper as it is shown everywhere: the difference of two carries, each rounded as it is shown. */
export function paperGap({ shownM }: Pick<PaperGap, 'shownM'>, units: Units): number {
  const at = (metres: number) => Number(len(metres, units))
  return at(shownM.longer) - at(shownM.shorter)
}

/** The same with its interval: "13 (11–16)". */
export function paperGapWords(gap: Pick<PaperGap, 'shownM' | 'sdM'>, units: Units): string {
  const size = paperGap(gap, units)
  const half = lengthIn(Z90 * gap.sdM, units.lengthUnit)
  return `${fixed(size, 0)} (${fixed(size - half, 0)}–${fixed(size + half, 0)})`
}

const pairName = ({ longerId, shorterId }: Pick<PaperGap, 'longerId' | 'shorterId'>, name: Name): string =>
  `${name(longerId)} to ${name(shorterId)}`

/** "It would carry about 110 (103–117), 15 yd from the P-wedge and 15 from the S-wedge. Try one before you buy." */
function estimateSentence(
  ids: readonly ClubId[],
  gaps: readonly PaperGap[],
  name: Name,
  units: Units,
): string | null {
  const half = Z90 * ESTIMATE_SD_M
  const clubs = ids.flatMap((id) => {
    const above = gaps.find(({ shorterId }) => shorterId === id)
    const below = gaps.find(({ longerId }) => longerId === id)
    const carryM = above?.shownM.shorter ?? below?.shownM.longer
    if (carryM === undefined) return []
    return [
      {
        about: `${len(carryM, units)} (${len(carryM - half, units)}–${len(carryM + half, units)})`,
        gaps: [
          above && { gap: paperGap(above, units), other: name(above.longerId) },
          below && { gap: paperGap(below, units), other: name(below.shorterId) },
        ].flatMap((each) => each ?? []),
      },
    ]
  })
  const [only] = clubs
  if (!only) return null
  if (clubs.length > 1)
    return `They would carry about ${listed(clubs.map(({ about }) => about))}. Try one of each before you buy.`
  const spacings = only.gaps.map(
    ({ gap, other }, i) => `${gap}${i === 0 ? ` ${units.lengthUnit}` : ''} from the ${other}`,
  )
  return `It would carry about ${only.about}, ${listed(spacings)}. Try one before you buy.`
}

/** What a proposal would do: "Bend the 8-iron 2° weak and the 9-iron 1° strong. 8-iron to 9-iron would be about 13 (11–16)." */
export function proposalSentence(
  { fixes, gaps, gapsToImprove: gapsToImprove }: Pick<Proposal, 'fixes' | 'gaps' | 'gapsToImprove'>,
  name: Name,
  units: Units,
): string {
  const sentence = `${atHead(fixesSentence(fixes, name, units))}.`
  const bought = fixes.flatMap((fix) =>
    fix.kind === 'swap'
      ? [fix.clubId]
      : fix.kind === 'add' && fix.loftDeg !== undefined
        ? [newClubId(fix.loftDeg)]
        : [],
  )
  const estimate = estimateSentence(bought, gaps, name, units)
  if (estimate) return `${sentence} ${estimate}`
  const gap = gapBetween(gaps, gapsToImprove[0])
  return gap ? `${sentence} ${pairName(gap, name)} would be about ${paperGapWords(gap, units)}.` : sentence
}

/** The gap that a trouble becomes: where one of its clubs is gone, the one that the other has now. */
const gapBetween = (gaps: readonly PaperGap[], trouble: GapClubs | undefined): PaperGap | undefined =>
  (trouble && gaps.find((gap) => isSameGap(gap, trouble))) ??
  gaps.find(({ longerId }) => longerId === trouble?.longerId) ??
  gaps.find(({ shorterId }) => shorterId === trouble?.shorterId)

/** "Good gaps: 5 of 8 now, 7 of 8 after." */
export const goodGapsSentence = ({ before, after }: Proposal['good']): string =>
  `Good gaps: ${before.good} of ${before.of} now, ${after.good} of ${after.of} after.`

/** The best that was tried where nothing helps enough, and why it falls short. */
export function bestTriedSentence(tried: BestTried, name: Name, units: Units): string {
  const gap = gapBetween(tried.gaps, tried.gapsToImprove[0])
  const limits = gap?.limitsM
  const short = limits
    ? ` A good gap there is ${len(limits.tooClose, units)}–${lenUnit(limits.tooWide, units)}.`
    : ''
  return `The best that was tried: ${fixesSentence(tried.fixes, name, units)}.${gap ? ` ${pairName(gap, name)} would still be about ${paperGapWords(gap, units)}.` : ''}${short}`
}

/** Why a club is not to be changed yet, and what comes first. */
export const SHUT_SENTENCE: Record<Shut, string> = {
  'not-settled': 'This gap is not confirmed. Hit more with both clubs before you change one.',
  'few-shots': `Before changing a club, hit ${FEWEST_TO_REFIT.solid} good shots with each on ${FEWEST_TO_REFIT.days} days.`,
  strike: 'Your strike explains this gap. Work on it before you change the club.',
  'lofts-not-measured':
    'Have the lofts of these clubs measured first. A clubmaker reads them to half a degree, and the stamped loft is often wrong.',
}

export function cautionSentence(caution: Caution, name: Name): string {
  switch (caution.kind) {
    case 'clubmaker':
      return 'Let a clubmaker do it.'
    case 'head':
      return caution.head === 'cast'
        ? `The ${name(caution.clubId)} is cast. A cast head takes 1° or none, and can crack.`
        : `How the ${name(caution.clubId)} is made is not set. Ask before it is bent.`
    case 'bounce': {
      const { degrees, leavesDeg } = caution
      const change = `The ${name(caution.clubId)} gets ${Math.abs(degrees)}° ${degrees > 0 ? 'more' : 'less'} bounce`
      return leavesDeg === undefined
        ? `${change}. Its bounce is not known.`
        : `${change} and has ${leavesDeg}° then.`
    }
    case 'sleeve-turns-face':
      return `The sleeve of the ${name(caution.clubId)} also turns its face.`
    case 'length': {
      const points = Math.round((Math.abs(caution.longerM) / INCH_M) * 6)
      return `The ${name(caution.clubId)} swings about ${points} points ${caution.longerM > 0 ? 'heavier and sits more upright' : 'lighter and sits flatter'}. Length is never the first choice for a gap.`
    }
    case 'measure-it-first':
      return `${caution.loftDeg}° is an estimate. Try one before you buy.`
    case 'lofts-not-measured':
      return 'These lofts are not measured. Have them measured first.'
  }
}

export const KEPT_BECAUSE: Record<KeptFor, string> = {
  spread: 'its shots scatter less',
  landing: 'it lands steeper',
  solid: 'you miss fewer with it',
  liking: 'you like it better',
  easier: 'it is easier to hit',
}

/** "You need only one of the 5-wood and the 7-wood, which do the same job. Keep the 7-wood, because it lands steeper." */
export function sameJobSentence(
  { longerId, shorterId, probability, keep, because }: SameJob,
  name: Name,
): string {
  const sure = probability >= 0.8 ? 'need' : 'probably need'
  const both = `You ${sure} only one of the ${name(longerId)} and the ${name(shorterId)}, which do the same job.`
  return keep && because
    ? `${both} Keep the ${name(keep)}, because ${KEPT_BECAUSE[because]}.`
    : `${both} Keep the one that you strike better.`
}

export function topEndSentence({ aheadM, is }: TopEnd, units: Units): string {
  const ahead = `The driver goes ${lenUnit(aheadM, units)} further in total than your best fairway club.`
  if (is === 'fine') return `${ahead} That is fine.`
  return is === 'look'
    ? `${ahead} That is little.`
    : `${ahead} Look at the driver first, at its loft and your strike.`
}

const clubsNamed = (ids: readonly ClubId[], name: Name): string => listed(ids.map((id) => `the ${name(id)}`))

/** "The 5-wood and the 7-wood land too flat to hold a green. Judge them on total." */
export const runUpSentence = (ids: readonly ClubId[], name: Name): string =>
  `${atHead(clubsNamed(ids, name))} ${ids.length === 1 ? 'lands too flat or rolls too far' : 'land too flat or roll too far'} to hold a green on normal ground. Use ${ids.length === 1 ? 'it' : 'them'} from the tee and to run the ball up, and judge ${ids.length === 1 ? 'it' : 'them'} on total.`

export const reachDriverSentence = (ids: readonly ClubId[], name: Name): string =>
  `With its roll ${clubsNamed(ids, name)} ${ids.length === 1 ? 'reaches' : 'reach'} the driver’s carry. Look at the driver first, at its loft and your strike.`

const stretchWords = ([from, to]: Stretch, units: Units): string =>
  `${len(from, units)}–${lenUnit(to, units)}`

/** "no club for 114–127 yd (faced 1.2 times a round) and 1 shorter stretch" */
function withoutWords(uncovered: readonly Stretch[], units: Units, demand: Demand): string | null {
  const [widest] = uncovered
  if (!widest) return null
  const often = demand.rounds > 0 ? ` (${demandWords(demand, widest)})` : ''
  const more =
    uncovered.length > 1 ? ` and ${count(uncovered.length - 1, 'shorter stretch', 'shorter stretches')}` : ''
  return `no club for ${stretchWords(widest, units)}${often}${more}`
}

/** What a bag with one club less costs: "Take out the 7-wood: no club for 114–127 yd. Good gaps: 7 of 9." */
export function oneLessSentence(
  { dropped, uncovered, good }: OneLess,
  name: Name,
  units: Units,
  demand: Demand = NO_DEMAND,
): string {
  const without = withoutWords(uncovered, units, demand) ?? 'you still have a club for every distance'
  return `Take out the ${name(dropped)}: ${without}. Good gaps: ${good.good} of ${good.of}.`
}

/** What a lighter bag is and costs: "Take out the 5-wood and the 9-iron. You then have no club for 197–213 yd." */
export function fewerSentence(less: readonly OneLess[], name: Name, units: Units, demand: Demand): string {
  const last = less.at(-1)
  const out = `Take out ${clubsNamed(
    less.map(({ dropped }) => dropped),
    name,
  )}.`
  const without = last && withoutWords(last.uncovered, units, demand)
  return without ? `${out} You then have ${without}.` : `${out} You still have a club for every distance.`
}

/** Why a bag gets no lighter: "With one more out, there would be no club for 132–155 yd." */
export const noFewerSentence = ({ next }: FewerClubs, name: Name, units: Units): string =>
  next?.uncovered[0]
    ? `No more clubs can go. Without the ${name(next.dropped)} as well, you would have no club for ${stretchWords(next.uncovered[0], units)}.`
    : 'No more clubs can go. The driver, your longest and your shortest club stay in the bag.'

/** One choice of wedges: "P-wedge, 50° wedge, 56° wedge: 13, 15, 15". */
export const wedgeChoiceWords = (
  { wedges, gaps }: SetTransition['choices'][number],
  name: Name,
  units: Units,
): { wedges: string; gaps: string } => ({
  wedges: listed(wedges.map(name)),
  gaps: gaps.map((gap) => fixed(paperGap(gap, units), 0)).join(', '),
})

/** How the bounce of some wedges suits the golfer's turf: "7° on the P-wedge is little bounce for soft turf and fluffy sand." */
export function bounceSentence(
  wedges: readonly { club: string; bounceDeg: number }[],
  much: 'much' | 'little',
  turf: Turf,
): string {
  const which = listed(wedges.map(({ club, bounceDeg }) => `${bounceDeg}° on the ${club}`))
  return `${which} ${wedges.length === 1 ? 'is' : 'are'} ${much} bounce for ${TURF_WORD[turf]}. About ${BOUNCE_FOR[turf]}° suits it, ${DIG_OR_SWEEP}.`
}
export const TURF_WORD: Record<Turf, string> = {
  firm: 'firm turf and tight lies',
  normal: 'ordinary turf',
  soft: 'soft turf and fluffy sand',
}
export const DIG_OR_SWEEP = 'more for a steep swing, less for a shallow one'

/** Names of clubs on paper, also of those that nobody has yet. */
export const paperNames = (bag: Bag): Name => {
  const names = new Map(allClubs(bag).map(({ id, name }) => [id, name]))
  return (id) => names.get(id) ?? `${id.replace(/^new /, '')}° (new)`
}
