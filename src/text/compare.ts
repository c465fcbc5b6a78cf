import type { Comparison } from '@/core/compare/compare'
import type { Season, SideOf } from '@/core/compare/side'
import type { SetUpDifference } from '@/core/compare/set-up-differences'
import type { Together } from '@/core/compare/together'
import type { Golfer, Units } from '@/core/model/golfer'
import type { Place } from '@/core/model/session'
import type { Surface } from '@/core/model/surface'
import { day, dayAndTime } from './days'
import { PLACE_NAME, SURFACE_NAME, swingName } from './names'
import { count, len, lenUnit, listed, percent } from './numbers'
import { temperature } from './set-up'

type Choice = { side: SideOf; name?: string; atMs?: number; offsetMin?: number }

export const SIDE_GROUP: Record<SideOf['kind'], string> = {
  bag: 'Bags',
  season: 'Seasons',
  session: 'Sessions',
  club: 'Clubs',
  'set-up': 'Clubs before a change',
  swing: 'Swings',
  ball: 'Balls',
  surface: 'What the ball lay on',
}

const SEASON: Record<Season, (year: number) => string> = {
  summer: (year) => `summer ${year}`,
  winter: (year) => `winter ${year - 1}/${String(year).slice(2)}`,
}

/** "the bag until 4 May 2026", "winter 2025/26", "9-iron before 4 May 2026". */
export function sideName({ side, name = '', atMs = 0, offsetMin = 0 }: Choice): string {
  switch (side.kind) {
    case 'bag':
      return side.untilMs === null ? 'the bag now' : `the bag until ${day(side.untilMs)}`
    case 'season':
      return SEASON[side.season](side.year)
    case 'session':
      return dayAndTime(atMs, offsetMin)
    case 'club':
      return name
    case 'set-up':
      return `${name} before ${day(side.untilMs)}`
    case 'swing':
      return `${swingName(side.swing)} swings`
    case 'ball':
      return `ball: ${side.ball}`
    case 'surface':
      return `off ${SURFACE_NAME[side.surface]}`
  }
}

/** The word for a difference with what would settle it: "likely real", "cannot be told yet: 6 more of each". */
export function changeWord({ word, moreEach }: Pick<Comparison, 'word' | 'moreEach'>): string {
  switch (word) {
    case 'real':
      return 'likely real'
    case 'none':
      return 'no difference that matters'
    case 'open':
      return moreEach === undefined
        ? 'cannot be told yet: other days would, more shots would not'
        : `cannot be told yet: ${count(moreEach, 'more shot')} of each would`
  }
}

/** The same as briefly as a table wants it. */
export const changeCell = (found: Pick<Comparison, 'word' | 'moreEach'>): string =>
  found.word !== 'open'
    ? changeWord(found)
    : found.moreEach === undefined
      ? 'cannot be told yet'
      : `cannot be told yet: ${found.moreEach} more each`

const signed = (metres: number, units: Units): string => {
  const text = len(Math.abs(metres), units, 1)
  return `${metres < 0 ? '−' : '+'}${text}`
}

/** "+5.5 ± 4.4". */
export const differenceCell = ({ differenceM, lowM, highM }: Comparison, units: Units): string =>
  `${signed(differenceM, units)} ± ${len((highM - lowM) / 2, units, 1)}`

/** What all stations say together, in one sentence. */
export function togetherSentence({ share, halfShare, probability, stations }: Together): string {
  const which = share < 0 ? 'shorter' : 'longer'
  const sure = probability >= 0.95 || probability <= 0.05 ? 'likely real' : 'which may be the days alone'
  return `All ${stations} clubs and swings together are ${percent(Math.abs(share), 1)} ± ${percent(halfShare, 1)} ${which}: ${sure}.`
}

const WHAT: Record<SetUpDifference['what'], string> = {
  place: 'place',
  ball: 'ball',
  monitor: 'monitor',
  surface: 'mat or grass',
}
/** Degrees of temperature that matter. */
const SAME_TEMP = 1

/** What else differed, what was the same, and what is not set: in that order, each only where there is some. */
export function differencesSentence(
  differences: readonly SetUpDifference[],
  air: { a: number | null; b: number | null },
  golfer: Golfer,
): string {
  const words = ({ what }: SetUpDifference, of: string[]) =>
    listed(
      of.map((each) =>
        each === ''
          ? 'not set'
          : what === 'place'
            ? PLACE_NAME[each as Place]
            : what === 'surface'
              ? SURFACE_NAME[each as Surface]
              : each,
      ),
    )
  const of = (is: SetUpDifference['is']) => differences.filter((each) => each.is === is)
  const known = air.a !== null && air.b !== null
  const warmer = air.a !== null && air.b !== null && Math.abs(air.a - air.b) >= SAME_TEMP
  const different = [
    ...of('different').map((each) => `${WHAT[each.what]} (${words(each, each.a)}; ${words(each, each.b)})`),
    ...(warmer ? [`weather (${temperature(air.a ?? 0, golfer)}; ${temperature(air.b ?? 0, golfer)})`] : []),
  ]
  const same = [...of('same').map(({ what }) => WHAT[what]), ...(known && !warmer ? ['weather'] : [])]
  const unset = [...of('unknown').map(({ what }) => WHAT[what]), ...(known ? [] : ['weather'])]
  return [
    ...(different.length > 0 ? [`Also different: ${listed(different)}.`] : []),
    ...(same.length > 0 ? [`The same: ${listed(same)}.`] : []),
    ...(unset.length > 0 ? [`Not set: ${listed(unset)}.`] : []),
  ].join(' ')
}

/** Why a difference that looks real by itself is not called so. */
export const byChanceSentence = (byChance: number, clubs: number): string | null =>
  byChance === 0
    ? null
    : `${count(byChance, 'difference')} could be chance, because ${clubs} are compared at once.`

/** The most telling difference, in one sentence. */
export const biggestSentence = (name: string, found: Comparison, units: Units): string =>
  `${name}: ${found.differenceM < 0 ? 'shorter' : 'further'} by ${len(Math.abs(found.differenceM), units, 1)} ± ${lenUnit((found.highM - found.lowM) / 2, units, 1)}, ${changeWord(found)}`

/** What a trial of two on one day says: "The 54° wedge goes 4.2 ± 3.8 yd further than the 50° wedge: likely real." */
export function trialSentence(found: Comparison, names: { a: string; b: string }, units: Units): string {
  const { differenceM, lowM, highM } = found
  const [further, other] = differenceM < 0 ? [names.a, names.b] : [names.b, names.a]
  return `The ${further} goes ${len(Math.abs(differenceM), units, 1)} ± ${lenUnit((highM - lowM) / 2, units, 1)} further than the ${other}: ${changeWord(found)}.`
}

/** Whether an old stock is still true: "7-iron, 217 days old: 140.6 then, 144.1 with 3 shots: moved by 3.5 ± 3.1". */
export function checkSentence(
  name: string,
  { days, oldM, nowM, shots }: { days: number; oldM: number; nowM: number; shots: number },
  found: Comparison,
  units: Units,
): string {
  const { word, differenceM, lowM, highM } = found
  const finding =
    word === 'real'
      ? `moved by ${signed(differenceM, units)} ± ${len((highM - lowM) / 2, units, 1)}`
      : word === 'none'
        ? 'still true'
        : 'cannot be told'
  return `${name}, ${days} days old: ${len(oldM, units, 1)} then, ${len(nowM, units, 1)} with ${count(shots, 'shot')}: ${finding}.`
}
