import type { Units } from '@/core/model/golfer'
import { lineWidth } from '@/core/gaps/near-limit'
import { OUTLOOK_SHOTS } from '@/core/gaps/outlook'
import { isJudged, type OnTotal, type Gap, type GapFact } from '@/core/gaps/gap'
import type { GapOverUnhit } from '@/core/gaps/gaps-of-bag'
import type { Stock } from '@/core/stock/stock'
import { GAP_RULE_NAME, stationName } from './names'
import { VERDICT_TABLE, type VerdictLook } from './verdict-table'
import { chance, count, fixed, len, lenUnit } from './numbers'
import { atStation, fullSwingOf } from '@/core/model/station'
import type { ClubId } from '@/core/model/ids'

/** What a gap is called, how sure that is, and why: the one place for the words of verdicts, on screen and paper. */

type Name = (clubId: string) => string

type Confidence = 'settled' | 'line' | 'leaning' | 'open'

/** A leaning is worth its word from this chance on. */
const LEANING_FROM = 0.75

/** Fewer shots than this with one of the clubs, and even "likely" says too much. */
const LEANING_SHOTS = 3

export const confidence = ({ verdict, settled, probability, facts }: Gap): Confidence => {
  if (verdict === 'borderline') return 'line'
  if (settled) return 'settled'
  const known = facts.every((fact) => fact.kind !== 'too-few' || fact.count >= LEANING_SHOTS)
  return known && probability >= LEANING_FROM ? 'leaning' : 'open'
}

/** What gives a gap its colour and pattern: a settled verdict or a leaning; grey for all others. */
export function verdictLook(gap: Gap): VerdictLook {
  const sure = confidence(gap)
  const { verdict, leftOnPurpose } = gap
  if (leftOnPurpose !== undefined) return 'left'
  return (sure === 'settled' || sure === 'leaning') && verdict !== 'borderline' && verdict !== 'not-judged'
    ? verdict
    : 'open'
}

/** A chance as people say it: "3 in 4". */
export function inWords(p: number): string {
  const chances = [
    [0.775, '3 in 4'],
    [0.815, '4 in 5'],
    [0.85, '5 in 6'],
    [0.89, '7 in 8'],
    [0.94, '9 in 10'],
  ] as const
  return chances.find(([below]) => p < below)?.[1] ?? chance(p)
}

/** The verdict in a few words: "too wide", "likely too wide (3 in 4)", "borderline, 15", "not clear yet". */
export function verdictWords(gap: Gap, units: Units): string {
  const word = VERDICT_TABLE[gap.verdict].name
  if (gap.verdict === 'not-judged') return word
  switch (confidence(gap)) {
    case 'settled':
      return word
    case 'line':
      return `${word}, ${len(gap.lineM ?? 0, units)}`
    case 'leaning':
      return `likely ${word} (${inWords(gap.probability)})`
    case 'open':
      return gap.resting ? 'borderline: more shots will not help' : 'not clear yet'
  }
}

/** The same where there is little room. */
export function shortVerdict(gap: Gap, units: Units): string {
  const sure = confidence(gap)
  if (sure === 'leaning') return `likely ${VERDICT_TABLE[gap.verdict].name}`
  return sure === 'open' && gap.resting ? 'borderline' : verdictWords(gap, units)
}

/** The difference of two stocks, or of two totals, as they are drawn, each rounded as it is shown: what stands on the gap ladder subtracts. */
export function drawnGap(
  gap: Pick<Gap, 'longerId' | 'shorterId' | 'onTotal'> | GapOverUnhit,
  stocks: readonly Stock[],
  units: Units,
): number | null {
  const onTotal = 'onTotal' in gap ? gap.onTotal : undefined
  const drawn = (id: ClubId, runM = 0) => {
    const carryM = atStation(stocks, fullSwingOf(id))?.carryM
    return carryM === undefined ? null : Number(len(carryM + runM, units))
  }
  const [longer, shorter] = [drawn(gap.longerId, onTotal?.longerM), drawn(gap.shorterId, onTotal?.shorterM)]
  return longer === null || shorter === null ? null : longer - shorter
}

/** What more shots would do for a gap that is not settled: "about 6 more each". */
export function needWords({ settled, resting, moreEach, facts, verdict, leftOnPurpose }: Gap): string {
  if (leftOnPurpose !== undefined) return VERDICT_TABLE.left.name
  if (settled || verdict === 'not-judged') return ''
  const lacking = facts.filter((fact) => fact.kind === 'too-few')
  if (lacking.length > 0) return `${Math.max(...lacking.map((fact) => fact.wanted - fact.count))} more first`
  if (resting) return 'enough shots'
  return moreEach === undefined ? 'not worth more shots' : `about ${moreEach} more each`
}

/** What the verdict says and how sure it is, in two sentences: what anyone hears who taps it. */
export function verdictSentences(gap: Gap, units: Units): [string, string] {
  const { limitsM, verdict, probability } = gap
  const { tooClose, tooWide } = limitsM ?? { tooClose: 0, tooWide: 0 }
  const good = `A good gap is ${len(tooClose, units)}–${lenUnit(tooWide, units)}`
  const sure = `${chance(probability)} sure`
  if (verdict === 'not-judged')
    return gap.gapM === undefined
      ? ['One of the two clubs has no good shots.', 'Hit three with each first.']
      : [
          'Measured, without a verdict.',
          'A tenth of the pitching wedge is not known until you hit that wedge.',
        ]
  switch (confidence(gap)) {
    case 'settled':
      return verdict === 'same-distance'
        ? ['The two clubs carry the same distance.', `You need only one of them (${sure}).`]
        : [`${good}.`, `This one is ${VERDICT_TABLE[verdict].name} (${sure}).`]
    case 'line':
      return [
        `${good}.`,
        `This one is close to the ${lenUnit(gap.lineM ?? 0, units)} limit (${sure}). More shots will not change that.`,
      ]
    case 'leaning':
      return [
        `${good}.`,
        `This one is likely ${VERDICT_TABLE[verdict].name} (${chance(probability)}). That is not enough to change a club.`,
      ]
    case 'open':
      return [
        `${good}.`,
        gap.resting
          ? 'This one is close to a limit. More shots will not help.'
          : 'This one is not clear yet.',
      ]
  }
}

/** The judgement of a gap: its verdict, why that is open, what the lofts say, and what the golfer says of it. */
export function gapSentences(gap: Gap, stocks: readonly Stock[], units: Units, name: Name): string[] {
  return [
    ...verdictSentences(gap, units),
    ...(gap.onTotal ? [onTotalSentence(gap.onTotal, gap, stocks, units, name)] : []),
    ...disagreement(gap, stocks, units),
    ...gap.facts.flatMap((fact) => factSentence(fact, gap, units, name) ?? []),
    ...(gap.leftOnPurpose === undefined ? [] : [`Kept as is: ${gap.leftOnPurpose}.`]),
  ]
}

/** "By total, because one club is for the tee only: the 3-wood carries 203 and rolls 19, the 5-wood …" */
function onTotalSentence(
  { longerM, shorterM }: OnTotal,
  { longerId, shorterId }: Gap,
  stocks: readonly Stock[],
  units: Units,
  name: Name,
): string {
  const side = (id: ClubId, runM: number) =>
    `the ${name(id)} carries ${len(atStation(stocks, fullSwingOf(id))?.carryM ?? 0, units)} and rolls ${len(runM, units)}`
  return `By total, because one club is for the tee only: ${side(longerId, longerM)}, ${side(shorterId, shorterM)}.`
}

/** One sentence where the stocks as drawn seem to say something else than the verdict. */
function disagreement(gap: Gap, stocks: readonly Stock[], units: Units): string[] {
  const drawn = drawnGap(gap, stocks, units)
  if (drawn === null || !isJudged(gap) || confidence(gap) === 'open') return []
  const at = (metres: number) => Number(len(metres, units).replace('−', '-'))
  const { tooClose, tooWide } = gap.limitsM
  const shorterM = atStation(stocks, fullSwingOf(gap.shorterId))?.carryM
  const near = at(lineWidth(shorterM ?? 0))
  const seems =
    gap.verdict === 'same-distance'
      ? Math.abs(drawn) <= near
      : gap.verdict === 'borderline'
        ? Math.abs(drawn - at(gap.lineM ?? 0)) <= near
        : gap.verdict ===
          (drawn < 0
            ? 'reversed'
            : drawn < at(tooClose)
              ? 'too-close'
              : drawn > at(tooWide)
                ? 'too-wide'
                : 'good')
  return seems
    ? []
    : [
        `The ${gap.onTotal ? 'totals' : 'carries'} shown are ${fixed(drawn, 0)} apart. The verdict uses all shots and your other clubs, which suggest ${gap.gapM > gap.shownM ? 'more' : 'less'}.`,
      ]
}

function factSentence(fact: GapFact, gap: Gap, units: Units, name: Name): string | null {
  switch (fact.kind) {
    case 'too-few':
      return `The ${name(fact.clubId)} has ${count(fact.count, 'good shot')}. A verdict needs ${fact.wanted}.`
    case 'least-sure':
      return gap.settled
        ? null
        : `The ${name(fact.clubId)} is the least certain: ${len(fact.lowM, units)}–${lenUnit(fact.highM, units)}, ${count(fact.count, 'good shot')}.`
    case 'would-settle':
      return [
        ...(gap.outlook !== undefined && fact.shotsEach !== OUTLOOK_SHOTS
          ? [`${OUTLOOK_SHOTS} more with each: ${chance(gap.outlook)} chance to confirm it.`]
          : []),
        `${fact.shotsEach} more with each: ${chance(fact.probability)} chance to confirm it.`,
      ].join(' ')
    case 'not-worth-it':
      return gap.resting
        ? null
        : `Even 36 more with each have only a ${chance(fact.probability)} chance to confirm it.`
    case 'scatter':
      return `The reason: your good shots scatter by ${fixed(100 * fact.share, 0)}% of their carry.`
    case 'absent': {
      const lofts = fact.loftsDeg.map((deg) => `${fixed(deg, deg % 1 === 0 ? 0 : 1)}°`).join(', ')
      return `About ${count(fact.loftsDeg.length, 'club')} (${lofts}) ${fact.loftsDeg.length === 1 ? 'is' : 'are'} missing between the two. The gap is real all the same.`
    }
    case 'by-loft':
      if (gap.absentClubs === 0 && fact.fits) return null
      return `For ${fixed(fact.deg, fact.deg % 1 === 0 ? 0 : 1)}° of loft your other clubs suggest ${len(fact.expectedM, units)}. ${fact.fits ? 'This gap fits its lofts.' : ''}`.trim()
    case 'between':
      return `Your ${stationName(name(fact.clubId), fact.swing)}, ${fact.measured ? '' : 'about '}${len(fact.carryM, units)}${fact.measured ? '' : ' by the usual share'}, fills part of it.`
    case 'instead':
      return `Your rule for a good gap does not work for these clubs yet. This gap is judged ${GAP_RULE_NAME[fact.gapRule]}.`
    case 'chance':
    case 'line':
    case 'same-distance':
    case 'no-limits':
      return null
  }
}

/** Clubs with others between them that were not hit: "3-wood to 4-hybrid is 34 yd over the 5-wood, not hit yet". */
export function overUnhitWords(
  over: GapOverUnhit,
  stocks: readonly Stock[],
  units: Units,
  name: Name,
): string {
  const { longerId, shorterId, unhit } = over
  return `${name(longerId)} to ${name(shorterId)} is ${fixed(drawnGap(over, stocks, units) ?? 0, 0)} ${units.lengthUnit} over ${unhit.map((id) => `the ${name(id)}`).join(' and ')}, not hit yet. No verdict`
}
