import type { Units } from '@/core/golfer'
import { lineWidth } from '@/core/gaps/near-line'
import { OUTLOOK_SHOTS } from '@/core/gaps/outlook'
import { isJudged, type OnTotal, type Step, type StepFact, type Verdict } from '@/core/gaps/step'
import type { StepOverUnhit } from '@/core/gaps/steps-of-bag'
import type { Stock } from '@/core/stock/stock'
import { SCHOOL_NAME, stationName } from './names'
import { chance, count, fixed, len, lenUnit } from './numbers'
import { atStation, fullSwingOf } from '@/core/station'
import type { ClubId } from '@/core/ids'

/** What a step is called, how sure that is, and why: the one place for the words of verdicts, on screen and paper. */

type Name = (clubId: string) => string

export type Sureness = 'settled' | 'line' | 'leaning' | 'open'

/** A leaning is worth its word from this chance on. */
const LEANING_FROM = 0.75

/** Fewer shots than this with one of the clubs, and even "likely" says too much. */
const LEANING_SHOTS = 3

export const sureness = ({ verdict, settled, probability, facts }: Step): Sureness => {
  if (verdict === 'on-the-line') return 'line'
  if (settled) return 'settled'
  const known = facts.every((fact) => fact.kind !== 'too-few' || fact.count >= LEANING_SHOTS)
  return known && probability >= LEANING_FROM ? 'leaning' : 'open'
}

export type VerdictLook = 'even' | 'narrow' | 'wide' | 'reversed' | 'level' | 'open' | 'left'

/** What gives a step its colour and pattern: a settled verdict or a leaning; grey for all others. */
export function verdictLook(step: Step): VerdictLook {
  const sure = sureness(step)
  const { verdict, leftOnPurpose } = step
  if (leftOnPurpose !== undefined) return 'left'
  return (sure === 'settled' || sure === 'leaning') && verdict !== 'on-the-line' && verdict !== 'unknown'
    ? verdict
    : 'open'
}

export const VERDICT_NAME: Record<Verdict, string> = {
  even: 'even',
  narrow: 'narrow',
  wide: 'wide',
  reversed: 'reversed',
  level: 'same distance',
  'on-the-line': 'borderline',
  unknown: 'not judged',
}

/** A chance as people say it: "3 in 4". */
export function inWords(p: number): string {
  const said = [
    [0.775, '3 in 4'],
    [0.815, '4 in 5'],
    [0.85, '5 in 6'],
    [0.89, '7 in 8'],
    [0.94, '9 in 10'],
  ] as const
  return said.find(([below]) => p < below)?.[1] ?? chance(p)
}

/** The verdict in a few words: "wide", "likely wide, 3 in 4", "borderline, 15", "not clear yet". */
export function verdictWords(step: Step, units: Units): string {
  const word = VERDICT_NAME[step.verdict]
  if (step.verdict === 'unknown') return word
  switch (sureness(step)) {
    case 'settled':
      return word
    case 'line':
      return `${word}, ${len(step.lineM ?? 0, units)}`
    case 'leaning':
      return `likely ${word}, ${inWords(step.probability)}`
    case 'open':
      return step.resting ? 'borderline: more shots will not tell' : 'not clear yet'
  }
}

/** The same where there is little room. */
export function shortVerdict(step: Step, units: Units): string {
  const sure = sureness(step)
  if (sure === 'leaning') return `likely ${VERDICT_NAME[step.verdict]}`
  return sure === 'open' && step.resting ? 'borderline' : verdictWords(step, units)
}

/** The difference of two stocks, or of two totals, as they are drawn, each rounded as it is shown: what stands on the stair subtracts. */
export function drawnStep(
  step: Pick<Step, 'longerId' | 'shorterId' | 'onTotal'> | StepOverUnhit,
  stocks: readonly Stock[],
  units: Units,
): number | null {
  const onTotal = 'onTotal' in step ? step.onTotal : undefined
  const drawn = (id: ClubId, runM = 0) => {
    const carryM = atStation(stocks, fullSwingOf(id))?.carryM
    return carryM === undefined ? null : Number(len(carryM + runM, units))
  }
  const [longer, shorter] = [drawn(step.longerId, onTotal?.longerM), drawn(step.shorterId, onTotal?.shorterM)]
  return longer === null || shorter === null ? null : longer - shorter
}

/** What more shots would do for a step that is not settled: "about 6 more each". */
export function needWords({ settled, resting, moreEach, facts, verdict, leftOnPurpose }: Step): string {
  if (leftOnPurpose !== undefined) return 'left on purpose'
  if (settled || verdict === 'unknown') return ''
  const lacking = facts.filter((fact) => fact.kind === 'too-few')
  if (lacking.length > 0) return `${Math.max(...lacking.map((fact) => fact.wanted - fact.count))} more first`
  if (resting) return 'resting'
  return moreEach === undefined ? 'not worth settling' : `about ${moreEach} more each`
}

/** What the verdict says and how sure it is, in two sentences: what anyone hears who taps it. */
export function verdictSentences(step: Step, units: Units): [string, string] {
  const { limitsM, verdict, probability } = step
  const { narrow, wide } = limitsM ?? { narrow: 0, wide: 0 }
  const even = `Even would be ${len(narrow, units)} to ${lenUnit(wide, units)}`
  const sure = `${chance(probability)} sure`
  if (verdict === 'unknown')
    return step.stepM === undefined
      ? ['One of the two has no shots that count.', 'Hit three with each to begin with.']
      : [
          'It is measured and not judged.',
          'Good gaps by a tenth of the pitching wedge are not known until that wedge is hit.',
        ]
  switch (sureness(step)) {
    case 'settled':
      return verdict === 'level'
        ? [
            'The two clubs carry the same number, give or take a few.',
            `That is ${sure}. You need only one of them.`,
          ]
        : [`${even}.`, `The shots settle it: ${VERDICT_NAME[verdict]}, ${sure}.`]
    case 'line':
      return [
        `${even}, and the step lies at the limit of ${lenUnit(step.lineM ?? 0, units)}, ${sure}.`,
        'That is an answer: more shots would not move it off.',
      ]
    case 'leaning':
      return [
        `${even}.`,
        `It is likely ${VERDICT_NAME[verdict]}, ${chance(probability)}: not enough to act on.`,
      ]
    case 'open':
      return [
        `${even}.`,
        step.resting
          ? 'It lies about a limit, and more shots will not tell: let it rest.'
          : 'The shots do not say yet on which side of a limit it lies.',
      ]
  }
}

/** The judgement of a step: its verdict, why that is open, what the lofts say, and what the golfer says of it. */
export function stepSentences(step: Step, stocks: readonly Stock[], units: Units, name: Name): string[] {
  return [
    ...verdictSentences(step, units),
    ...(step.onTotal ? [onTotalSentence(step.onTotal, step, stocks, units, name)] : []),
    ...disagreement(step, stocks, units),
    ...step.facts.flatMap((fact) => factSentence(fact, step, units, name) ?? []),
    ...(step.leftOnPurpose === undefined ? [] : [`Left on purpose: ${step.leftOnPurpose}.`]),
  ]
}

/** "Judged on total, since one of the two is only hit from the tee: 203 and 19 of run against 179 and 6." */
function onTotalSentence(
  { longerM, shorterM }: OnTotal,
  { longerId, shorterId }: Step,
  stocks: readonly Stock[],
  units: Units,
  name: Name,
): string {
  const side = (id: ClubId, runM: number) =>
    `the ${name(id)} carries ${len(atStation(stocks, fullSwingOf(id))?.carryM ?? 0, units)} and runs ${len(runM, units)}`
  return `Judged on total, since one of the two is only hit from the tee: ${side(longerId, longerM)}, ${side(shorterId, shorterM)}.`
}

/** One sentence where the stocks as drawn seem to say something else than the verdict. */
function disagreement(step: Step, stocks: readonly Stock[], units: Units): string[] {
  const drawn = drawnStep(step, stocks, units)
  if (drawn === null || !isJudged(step) || sureness(step) === 'open') return []
  const at = (metres: number) => Number(len(metres, units).replace('−', '-'))
  const { narrow, wide } = step.limitsM
  const shorterM = atStation(stocks, fullSwingOf(step.shorterId))?.carryM
  const near = at(lineWidth(shorterM ?? 0))
  const seems =
    step.verdict === 'level'
      ? Math.abs(drawn) <= near
      : step.verdict === 'on-the-line'
        ? Math.abs(drawn - at(step.lineM ?? 0)) <= near
        : step.verdict ===
          (drawn < 0 ? 'reversed' : drawn < at(narrow) ? 'narrow' : drawn > at(wide) ? 'wide' : 'even')
  return seems
    ? []
    : [
        `The ${step.onTotal ? 'totals' : 'carries'} shown are ${fixed(drawn, 0)} apart. The verdict uses all shots and your other clubs, which suggest ${step.stepM > step.shownM ? 'more' : 'less'}.`,
      ]
}

function factSentence(fact: StepFact, step: Step, units: Units, name: Name): string | null {
  switch (fact.kind) {
    case 'too-few':
      return `The ${name(fact.clubId)} has ${count(fact.count, 'shot')} that ${fact.count === 1 ? 'counts' : 'count'}, and a verdict needs ${fact.wanted}.`
    case 'least-sure':
      return step.settled
        ? null
        : `The ${name(fact.clubId)} leaves it open most: between ${len(fact.lowM, units)} and ${lenUnit(fact.highM, units)} from ${fact.count}.`
    case 'would-settle':
      return [
        ...(step.outlook !== undefined && fact.shotsEach !== OUTLOOK_SHOTS
          ? [`${OUTLOOK_SHOTS} more with each: ${chance(step.outlook)} chance to confirm it.`]
          : []),
        `${fact.shotsEach} more with each: ${chance(fact.probability)} chance to confirm it.`,
      ].join(' ')
    case 'not-worth-it':
      return step.resting
        ? null
        : `Even 36 more with each have only a ${chance(fact.probability)} chance to confirm it.`
    case 'scatter':
      return `Your solid shots scatter by ${fixed(100 * fact.share, 0)}% of their carry, and that is why.`
    case 'absent': {
      const lofts = fact.loftsDeg.map((deg) => `${fixed(deg, deg % 1 === 0 ? 0 : 1)}°`).join(', ')
      return `About ${count(fact.loftsDeg.length, 'club')} (${lofts}) ${fact.loftsDeg.length === 1 ? 'is' : 'are'} left out between the two: what lies between is real all the same.`
    }
    case 'by-loft':
      if (step.absentClubs === 0 && fact.fits) return null
      return `For ${fixed(fact.deg, fact.deg % 1 === 0 ? 0 : 1)}° of loft your other clubs say ${len(fact.expectedM, units)}${fact.fits ? ', and that is what it is: neither club is at fault.' : '.'}`
    case 'between':
      return `Your ${stationName({ name: name(fact.clubId) }, fact.swing)}, ${fact.measured ? '' : 'about '}${len(fact.carryM, units)}${fact.measured ? '' : ' by the usual share'}, fills part of it.`
    case 'instead':
      return `The school that you chose cannot speak of these clubs yet: it is judged ${SCHOOL_NAME[fact.school]}.`
    case 'chance':
    case 'line':
    case 'level':
    case 'no-limits':
      return null
  }
}

/** Clubs with others between them that were not hit: "3-wood to 4-hybrid 34 over the 5-wood: not judged". */
export function overUnhitWords(
  over: StepOverUnhit,
  stocks: readonly Stock[],
  units: Units,
  name: Name,
): string {
  const { longerId, shorterId, unhit } = over
  return `${name(longerId)} to ${name(shorterId)} is ${fixed(drawnStep(over, stocks, units) ?? 0, 0)} ${units.lengthUnit} over ${unhit.map((id) => `the ${name(id)}`).join(' and ')}, not hit yet: not judged`
}
