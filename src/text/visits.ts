import { DAY_MS } from '@/core/units'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Units } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { PlayAgainstStocks } from '@/core/coach/play-against-stocks'
import type { ChangedSince, GapSince, StockSince } from '@/core/coach/changed-since'
import type { FollowUpState } from '@/core/coach/follow-up'
import type { CoachNotice } from '@/core/coach/notices'
import { isOn, type FollowUp, type Visit, type Went } from '@/core/coach/visit'
import { whatIsOpen } from '@/core/coach/what-is-open'
import { changeWord, differenceCell } from './compare'
import { dayAndTime, dayName, localTime } from './days'
import { stationName } from './names'
import { around, count, len, lenUnit, listed } from './numbers'
import { verdictWords } from './verdicts'

/** What a coach's desk says. */

type Name = (clubId: ClubId) => string

export const WENT_NAME: Record<Went, string> = { short: 'short of its number', long: 'past its number' }

/** "due for 3 days", "due in 23 days", "due after 2 more rounds". */
export function followUpWords(state: FollowUpState): string {
  switch (state.kind) {
    case 'due':
      return state.sinceDays ? `due for ${count(state.sinceDays, 'day')}` : 'due now'
    case 'in-days':
      return `due in ${count(state.days, 'day')}`
    case 'in-rounds':
      return `due after ${count(state.rounds, 'more round')}`
  }
}

/** "after 4 weeks: the 9-iron at 118". */
export const followUpLine = ({ after, in: unit, look }: FollowUp): string =>
  `after ${count(after, unit.slice(0, -1))}${look === null ? '' : `: ${look}`}`

const TROUBLE: Record<CoachNotice['kind'], (n: number) => string> = {
  held: (n) => `${count(n, 'shot')} to check`,
  reversed: (n) => count(n, 'reversed gap'),
  'same-distance': (n) => `${count(n, 'pair')} at one distance`,
  'too-wide': (n) => count(n, 'gap too wide', 'gaps too wide'),
  'too-close': (n) => count(n, 'gap too close', 'gaps too close'),
  'other-club': (n) => `${count(n, 'shot')} of another club?`,
  'one-sided': () => 'one-sided marks',
  'unknown-club': (n) => `${count(n, 'shot')} without a club`,
  tiring: () => 'tiring',
}
export const noticeWords = ({ kind, count: n }: CoachNotice): string => TROUBLE[kind](n)

/** "7-iron: 140.6 before, 144.1 with 6 shots since: further by 3.5 ± 3.1 yd, likely real." */
function stockSinceSentence(
  { clubId, swing, then, since, found }: StockSince,
  units: Units,
  name: Name,
): string {
  const { differenceM, lowM, highM } = found
  const half = lenUnit((highM - lowM) / 2, units, 1)
  return `${stationName(name(clubId), swing)}: ${len(then.carryM, units, 1)} before, ${len(since.carryM, units, 1)} with ${count(since.count, 'shot')} since: ${differenceM < 0 ? 'shorter' : 'further'} by ${len(Math.abs(differenceM), units, 1)} ± ${half}, ${changeWord(found)}.`
}

const gapSinceSentence = ({ longerId, shorterId, then, now }: GapSince, units: Units, name: Name): string =>
  `${name(longerId)} to ${name(shorterId)}: ${then ? verdictWords(then, units) : 'not hit'} before, ${verdictWords(now, units)} now.`

/** What changed: verdicts, likely changes each by itself, and in one sentence each what cannot be told and what did not. */
export function changedSentences({ stocks, gaps }: ChangedSince, units: Units, name: Name): string[] {
  const of = (word: StockSince['found']['word']) => stocks.filter(({ found }) => found.word === word)
  const open = of('open').map(
    ({ clubId, swing, found }) => `${stationName(name(clubId), swing)} ${differenceCell(found, units)}`,
  )
  const same = of('none').map(({ clubId, swing }) => stationName(name(clubId), swing))
  return [
    ...gaps.map((each) => gapSinceSentence(each, units, name)),
    ...of('real').map((each) => stockSinceSentence(each, units, name)),
    ...(open.length > 0 ? [`Cannot be told yet, in ${units.lengthUnit}: ${named(open)}.`] : []),
    ...(same.length > 0 ? [`No difference that matters: ${named(same)}.`] : []),
  ]
}

/** A list that is no longer than somebody reads. */
const named = (parts: readonly string[]): string =>
  listed(
    parts.length > MOST_NAMED ? [...parts.slice(0, MOST_NAMED), `${parts.length - MOST_NAMED} more`] : parts,
  )
const MOST_NAMED = 8

/** What the numbers say to a distance that had no club: "142 yd lies 1.4 past the 7-iron's 140.6 ± 2". */
export function missingSentence(
  missingM: number,
  { nearest, offM }: NonNullable<PlayAgainstStocks['uncovered']>,
  units: Units,
  name: Name,
): string {
  const station = stationName(name(nearest.clubId), nearest.swing)
  const by = len(Math.abs(offM), units, 1)
  const lies = Number(by) === 0 ? 'is' : `lies ${by} ${offM < 0 ? 'past' : 'short of'}`
  return `${lenUnit(missingM, units)} ${lies} the ${station}’s ${len(nearest.carryM, units, 1)} ${around(nearest, units)}.`
}

/** What the numbers say to a club that went short or long. */
export function offSentence(
  clubId: ClubId,
  { stock, inRounds }: NonNullable<PlayAgainstStocks['off']>,
  units: Units,
  name: Name,
): string {
  if (!stock) return `The ${name(clubId)} has no good shots yet.`
  const says = `The ${name(clubId)} carries ${len(stock.carryM, units, 1)} ${around(stock, units)} in the bay, from ${count(stock.count, 'good shot')}`
  return inRounds
    ? `${says}; in ${count(inRounds.carries, 'shot')} of rounds since it was ${len(inRounds.carryM, units, 1)}.`
    : `${says}; no carry in rounds since.`
}

export const unusedSentence = (
  clubId: ClubId,
  { shots, rounds }: NonNullable<PlayAgainstStocks['unused']>,
  name: Name,
): string =>
  rounds === 0
    ? `No round since then, so the use of the ${name(clubId)} is not known.`
    : `The ${name(clubId)} was hit ${shots === 0 ? 'in none' : `${count(shots, 'time')} in ${rounds}`} of ${count(rounds, 'round')} since.`

/** So shortly before its time a visit is on. */
const EARLY_MS = 30 * 60_000
/** A visit may last so much longer than was planned. */
const LATE_MS = 60 * 60_000

/** "Junia, now, 10:30", "Junia, today, 17:00", "Junia, 4 Mar 2026, 10:30". */
export function visitTitle(
  name: string,
  { atMs, offsetMin, minutes, endedMs }: Pick<Visit, 'atMs' | 'offsetMin' | 'minutes' | 'endedMs'>,
  nowMs: number,
): string {
  const time = localTime(atMs, offsetMin)
  const isNow = endedMs === null && nowMs >= atMs - EARLY_MS && nowMs <= atMs + minutes * 60_000 + LATE_MS
  if (isNow) return `${name}, now, ${time}`
  return dayName(atMs, offsetMin) === dayName(nowMs, offsetMin) && Math.abs(atMs - nowMs) < DAY_MS
    ? `${name}, today, ${time}`
    : `${name}, ${dayAndTime(atMs, offsetMin)}`
}

/** What a visit is just now: planned, held, or neither. */
export const lastedWords = ({ endedMs, atMs, minutes }: Visit, nowMs: number): string =>
  endedMs !== null
    ? 'held'
    : atMs > nowMs || isOn({ atMs }, nowMs)
      ? `planned, ${count(minutes, 'minute')}`
      : 'not closed'

/** Fewer solid shots than these are a first look. */
const FIRST_LOOK = 3

/** What the numbers do not settle, and so nobody should act on. */
export function notToDo({ gaps, stocks }: Pick<BagAnalysis, 'gaps' | 'stocks'>, name: Name): string[] {
  const found = whatIsOpen(gaps)
  const open = found.open
    .filter(({ leftOnPurpose }) => leftOnPurpose === undefined)
    .map(({ longerId, shorterId }) => `${name(longerId)} to ${name(shorterId)}`)
  const measured = found.settled.length + found.open.length
  const thin = stocks
    .filter(({ count: shots }) => shots > 0 && shots < FIRST_LOOK)
    .map(({ clubId, swing }) => stationName(name(clubId), swing))
  return [
    ...(open.length > 0
      ? [
          `Do not buy, bend or drop a club for ${named(open)}. ${open.length === 1 ? 'That gap is' : 'Those gaps are'} not confirmed.`,
        ]
      : []),
    ...(measured === 0 ? ['Do not buy, bend or drop a club yet. No gap was measured.'] : []),
    ...(measured > 0 && measured < gaps.length
      ? [`${count(gaps.length - measured, 'gap has', 'gaps have')} no shots yet.`]
      : []),
    ...(thin.length > 0 ? [`Do not trust the ${named(thin)} yet: fewer than ${FIRST_LOOK} good shots.`] : []),
  ]
}
