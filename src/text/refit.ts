import type { Bag } from '@/core/bag/bag'
import type { Units } from '@/core/golfer'
import type { ClubId } from '@/core/ids'
import type { Caution } from '@/core/refit/cautions'
import type { Fix } from '@/core/refit/fixes'
import { FEWEST_TO_REFIT, type Shut } from '@/core/refit/gate'
import type { Ladder, SameJob, Seam } from '@/core/refit/bag-sense'
import type { FirstFix } from '@/core/refit/refit'
import type { Proposal, Way } from '@/core/refit/propose'
import { Z90 } from '@/core/math/z90'
import { INCH_M } from '@/core/units'
import type { LightBag } from '@/core/refit/light-bag'
import { BOUNCE_FOR } from '@/core/refit/bounce'
import type { Turf } from '@/core/flight/ground'
import type { TopEnd } from '@/core/refit/top-end'
import { mostFaced, NOTHING_FACED, type Faced } from '@/core/rounds/faced'
import { facedWords } from './rounds'
import { count, len, lenUnit, listed } from './numbers'

type Name = (id: ClubId) => string

export const WAY_NAME: Record<Way, string> = {
  'least-work': 'Least work',
  'one-purchase': 'One club bought',
  'lighter-bag': 'A lighter bag',
}

/** "2° weak", "1.5° strong". */
export const turned = (degrees: number): string =>
  `${Number(Math.abs(degrees).toFixed(1))}° ${degrees > 0 ? 'weak' : 'strong'}`

/** "0.5 in longer". Lengths of clubs are said in inches everywhere. */
export const lengthened = (longerM: number): string =>
  `${Number((Math.abs(longerM) / INCH_M).toFixed(2))} in ${longerM > 0 ? 'longer' : 'shorter'}`

/** "Bend the 8-iron 2° weak". */
export function fixSentence(fix: Fix, name: Name): string {
  switch (fix.kind) {
    case 'bend':
      return `bend the ${name(fix.clubId)} ${turned(fix.degrees)}`
    case 'sleeve':
      return `set the sleeve of the ${name(fix.clubId)} ${turned(fix.degrees)}`
    case 'swap':
      return `put one of ${fix.loftDeg}° in the place of the ${name(fix.clubId)}`
    case 'drop':
      return `leave the ${name(fix.clubId)} at home`
    case 'add':
      return fix.clubId === undefined
        ? `add a club of ${fix.loftDeg}°`
        : `take the ${name(fix.clubId)} off the rack`
    case 'grip':
      return `grip the ${name(fix.clubId)} down by ${fix.cm} cm`
    case 'length':
      return `make the ${name(fix.clubId)} ${lengthened(fix.longerM)}`
  }
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** Some fixes as they are told: "bend the 8-iron 2° weak and the 9-iron 1° strong". */
export function fixesSentence(fixes: readonly Fix[], name: Name): string {
  let bends = false
  return listed(
    fixes.map((fix) => {
      const said = fixSentence(fix, name)
      const goesOn = bends && fix.kind === 'bend'
      bends = fix.kind === 'bend'
      return goesOn ? said.replace(/^bend /, '') : said
    }),
  )
}

/** What a proposal would do, in one sentence: "Bend the 8-iron 2° weak and the 9-iron 1° strong: 8-iron to 9-iron would be about 13.5 ± 2.6." */
export function proposalSentence(
  { fixes, steps, troubles: [worst] }: Proposal,
  name: Name,
  units: Units,
): string {
  const doing = capital(fixesSentence(fixes, name))
  // Where one of its clubs is gone, the step that the other one has now stands in its place.
  const step =
    steps.find(({ longerId, shorterId }) => longerId === worst?.longerId && shorterId === worst.shorterId) ??
    steps.find(({ longerId }) => longerId === worst?.longerId) ??
    steps.find(({ shorterId }) => shorterId === worst?.shorterId)
  if (!step) return `${doing}.`
  return `${doing}: ${name(step.longerId)} to ${name(step.shorterId)} would be about ${len(step.stepM, units, 1)} ± ${len(Z90 * step.sdM, units, 1)}.`
}

/** Why nothing is to be done to a club yet, and what comes first. */
export const SHUT_SENTENCE: Record<Shut, string> = {
  'not-settled': 'The shots do not settle it yet: hit more of both clubs first.',
  'few-shots': `A club is changed only on ${FEWEST_TO_REFIT.solid} solid shots with each, on ${FEWEST_TO_REFIT.days} days: hit them again first.`,
  strike: 'The strike explains it: look at that first, not at the club.',
  'lofts-not-measured':
    'Have the lofts measured first (a bench reads them to half a degree): the number on a club is often not its loft.',
}

export const FIRST_NAME: Record<FirstFix, string> = {
  retest: 'hit both again',
  strike: 'look at the strike',
  'measure-lofts': 'have the lofts measured',
  swing: 'use a swing that you have',
  refit: 'see what a fix would do',
  none: 'nothing on paper helps',
}

export function cautionSentence(caution: Caution, name: Name): string {
  switch (caution.kind) {
    case 'clubmaker':
      return 'A clubmaker does it, on a bench.'
    case 'head':
      return caution.head === 'cast'
        ? `The ${name(caution.clubId)} is cast: such a head takes 1° or none, and can crack.`
        : `Nobody said how the head of the ${name(caution.clubId)} is made: ask before it is bent.`
    case 'bounce': {
      const { degrees, leavesDeg } = caution
      const change = `The ${name(caution.clubId)} gets ${Math.abs(degrees)}° ${degrees > 0 ? 'more' : 'less'} bounce`
      return leavesDeg === undefined ? `${change}.` : `${change}: ${leavesDeg}°.`
    }
    case 'sleeve-turns-face':
      return `The sleeve of the ${name(caution.clubId)} turns its face as well.`
    case 'length': {
      const points = Math.round((Math.abs(caution.longerM) / INCH_M) * 6)
      return `The ${name(caution.clubId)} swings about ${points} points ${caution.longerM > 0 ? 'heavier and stands more upright' : 'lighter and stands flatter'}: never the first choice for a gap.`
    }
    case 'measure-it-first':
      return `What a club of ${caution.loftDeg}° carries is only supposed: of another model, hit it first.`
    case 'lofts-not-measured':
      return 'These lofts were not measured: that comes first.'
  }
}

const KEPT: Record<NonNullable<SameJob['because']>, string> = {
  spread: 'its shots lie closer together',
  landing: 'it lands steeper',
  solid: 'you hit it solid more often',
  liking: 'you like it better',
}

/** "The 5-wood and the 7-wood do the same job (87%): keep the 7-wood, it lands steeper." */
export function sameJobSentence(
  { longerId, shorterId, probability, keep, because }: SameJob,
  name: Name,
): string {
  const sure = probability >= 0.8 ? 'do the same job' : 'probably do the same job'
  const said = `The ${name(longerId)} and the ${name(shorterId)} ${sure} (${Math.round(100 * probability)}%)`
  return keep && because
    ? `${said}: keep the ${name(keep)}, ${KEPT[because]}.`
    : `${said}: keep the one that you strike better.`
}

export function topEndSentence({ aheadM, is }: TopEnd, units: Units): string {
  const ahead = `The driver goes ${lenUnit(aheadM, units)} further than the best fairway club, run and all`
  if (is === 'fine') return `${ahead}: that is fine.`
  return is === 'look'
    ? `${ahead}: worth a look.`
    : `${ahead}: look at the driver first, its loft and its strike.`
}

const clubsNamed = (ids: readonly ClubId[], name: Name): string => listed(ids.map((id) => `the ${name(id)}`))

/** "A light bag: 10 clubs do what your 13 do, but for 114 to 127 yd. At home: the 50° wedge and the 7-wood." */
export function lightBagSentence(
  { dropped, keeps, opened }: LightBag,
  name: Name,
  units: Units,
  faced: Faced = NOTHING_FACED,
): string {
  const [worst, ...others] = mostFaced(opened, faced)
  const but = worst
    ? `, but for ${len(worst[0], units)} to ${lenUnit(worst[1], units)}${faced.rounds > 0 ? ` (${facedWords(faced, worst)})` : ''}${others.length > 0 ? ` and ${count(others.length, 'smaller hole')}` : ''}`
    : ''
  return `A light bag: ${keeps} clubs do what your ${keeps + dropped.length} do${but}. At home: ${clubsNamed(dropped, name)}.`
}

/** "The 5-wood and the 7-wood land too flat to hold a green: judge them on total." */
export const runUpSentence = (ids: readonly ClubId[], name: Name): string =>
  `${capital(clubsNamed(ids, name))} ${ids.length === 1 ? 'lands too flat or runs too far' : 'land too flat or run too far'} to hold a green on normal ground: for the tee and for running up, on total.`

export const reachDriverSentence = (ids: readonly ClubId[], name: Name): string =>
  `With its run ${clubsNamed(ids, name)} ${ids.length === 1 ? 'reaches' : 'reach'} what the driver carries: two clubs for one distance where the ground runs.`

/** "Between the P-wedge and the 56° wedge a degree is 2.95 yd: one of 51° of the same model would carry about 86.8." */
export const ladderSentence = (
  { longerId, shorterId, mPerDeg, loftDeg, carryM }: Ladder,
  name: Name,
  units: Units,
): string =>
  `Between the ${name(longerId)} and the ${name(shorterId)} a degree is ${len(mPerDeg, units, 2)} ${units.lengthUnit}: one of ${Number(loftDeg.toFixed(1))}° of the same model would carry about ${len(carryM, units, 1)}; of another model, measure it first.`

/** The seam with every choice: "Between the 9-iron and the 54° wedge: the P-wedge 12.2 above and 19.4 below, the 50° wedge 17.9 and 13.7. …" */
export function seamSentence(
  { ironId, belowId, choices, mostBelowM, best }: Seam,
  name: Name,
  units: Units,
): string {
  const said = choices.map(
    ({ clubId, aboveM, belowM }) =>
      `the ${name(clubId)} ${len(aboveM, units, 1)} above and ${len(belowM, units, 1)} below`,
  )
  const chosen = best === null ? undefined : choices[best]
  const verdict = chosen
    ? `With no step below the seam over ${lenUnit(mostBelowM, units, 1)} the ${name(chosen.clubId)}; its price is ${len(chosen.aboveM, units, 1)} at the seam.`
    : `None of them keeps the step below within ${lenUnit(mostBelowM, units, 1)}.`
  return `Between the ${name(ironId)} and the ${name(belowId)}: ${said.join(', ')}. ${verdict}`
}

/** What the bounce of some wedges is on the golfer's turf: "7° on the P-wedge is little for soft turf: about 14° suit it". */
export function bounceSentence(
  wedges: readonly { club: string; bounceDeg: number }[],
  much: 'much' | 'little',
  turf: Turf,
): string {
  const which = listed(wedges.map(({ club, bounceDeg }) => `${bounceDeg}° on the ${club}`))
  return `${which} ${wedges.length === 1 ? 'is' : 'are'} ${much} bounce for ${TURF_WORD[turf]}: about ${BOUNCE_FOR[turf]}° suit it, ${much === 'much' ? 'more where you dig' : 'less where you sweep'}.`
}
const TURF_WORD: Record<Turf, string> = {
  firm: 'firm turf and tight lies',
  normal: 'ordinary turf',
  soft: 'soft turf and fluffy sand',
}

/** Names of clubs on paper, also of those that nobody has yet. */
export const paperNames = (bag: Bag): Name => {
  const names = new Map([...bag.clubs, ...bag.rack].map(({ id, name }) => [id, name]))
  return (id) => names.get(id) ?? `${id.replace(/^new /, '')}° (new)`
}
