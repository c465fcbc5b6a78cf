import type { Comparison } from '@/core/compare/compare'
import type { Season, SideOf } from '@/core/compare/side'
import type { Together } from '@/core/compare/together'
import type { Golfer, Units } from '@/core/golfer'
import type { Place } from '@/core/session/session'
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
  return `All ${stations} stations together are ${percent(Math.abs(share), 1)} ± ${percent(halfShare, 1)} ${which}: ${sure}.`
}

const WHAT: Record<'place' | 'ball' | 'monitor' | 'air', string> = {
  place: 'the place',
  ball: 'the ball',
  monitor: 'the monitor',
  air: 'the air',
}

/** What was different besides: "the place (indoors; on the range) and the air (18 °C; 6 °C)". Null where nothing was. */
export function besidesSentence(
  besides: readonly { what: 'place' | 'ball' | 'monitor' | 'air'; a: string[]; b: string[] }[],
  air: { a: number | null; b: number | null },
  golfer: Golfer,
): string | null {
  const said = (what: string, of: string[]) =>
    of.length === 0
      ? 'nothing'
      : listed(
          of.map((each) => (each === '' ? 'not said' : what === 'place' ? PLACE_NAME[each as Place] : each)),
        )
  const parts = besides.map(({ what, a, b }) => `${WHAT[what]} (${said(what, a)}; ${said(what, b)})`)
  const apart = air.a !== null && air.b !== null && Math.abs(air.a - air.b) >= 1
  if (apart) parts.push(`the air (${temperature(air.a ?? 0, golfer)}; ${temperature(air.b ?? 0, golfer)})`)
  return parts.length === 0 ? null : `Different besides: ${listed(parts)}.`
}

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
  const said =
    word === 'real'
      ? `moved by ${signed(differenceM, units)} ± ${len((highM - lowM) / 2, units, 1)}`
      : word === 'none'
        ? 'still true'
        : 'cannot be told'
  return `${name}, ${days} days old: ${len(oldM, units, 1)} then, ${len(nowM, units, 1)} with ${count(shots, 'shot')}: ${said}.`
}
