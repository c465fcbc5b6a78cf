import type { HazardKind } from '@/core/model/cover-confidence'
import { farBy, type NumberRequest, type NumberChoice } from '@/core/course/number'
import type { Units } from '@/core/model/golfer'
import { NEAR_M } from '@/core/wedges/for-number'
import { atHead, chance, len, lenUnit, listed } from './numbers'

/** A number on the course, as a caddie would say it. */

const HAZARD_NAME: Record<HazardKind, string> = {
  water: 'the water',
  bunker: 'the bunker',
  rough: 'the rough',
}

const THIRDS = [
  [1 / 3, '1 in 3'],
  [2 / 3, '2 in 3'],
] as const

/** A chance in a caddie's fractions: "9 times in 10", "2 in 3", "nearly always". */
export function timesIn(p: number): string {
  if (p >= 0.965) return 'nearly always'
  if (p < 0.035) return 'hardly ever'
  const third = THIRDS.find(([share]) => Math.abs(share - p) < 0.025)
  if (third) return third[1]
  const tenths = Math.min(9, Math.max(1, Math.round(10 * p)))
  return tenths === 5 ? 'half the time' : tenths === 1 ? 'once in 10' : `${tenths} times in 10`
}

type Named = (choice: NumberChoice) => string

/** The one finding: what to hit, and how often it does what is wanted. */
export function numberFinding(
  choices: readonly NumberChoice[],
  request: NumberRequest,
  name: Named,
  units: Units,
): string {
  const [best, second] = choices
  if (!best) return 'No shot of yours for this number'
  const club = name(best)
  if (best.layUp)
    return `${request.behind ? `Nothing stays short of ${HAZARD_NAME[request.behind.kind]} as surely as you want` : 'Lay up'}. ${atHead(layUpWords(best, name, units))}`
  if (request.over && best.over && !best.sureEnough) {
    const clears = `${chance(best.over.clear)} to clear ${HAZARD_NAME[request.over.kind]}, you asked for ${chance(request.sure[request.over.kind])}`
    const on = best.green ? `on the green ${timesIn(best.green.on)}, ` : ''
    return `The ${club}: ${on}${clears}${second?.layUp ? `. Or ${layUpWords(second, name, units)}` : ''}`
  }
  if (request.behind && best.before !== undefined && !best.sureEnough)
    return `Nothing stays short of ${HAZARD_NAME[request.behind.kind]} as surely as you want: the ${club} ${chance(best.before)} of the time`
  if (best.green) return `The ${club}: on the green ${timesIn(best.green.on)}`
  if (best.chance < LITTLE)
    return `Nothing of yours is close: the ${club} ${farBy(best.shot, request) === 'carry' ? 'carries' : 'finishes at'} ${lenUnit(farBy(best.shot, request) === 'carry' ? best.carryM : best.finishM, units)}`
  return `The ${club}: ${farBy(best.shot, request) === 'carry' ? 'carries' : 'finishes'} within ${lenUnit(NEAR_M, units)} ${timesIn(best.chance)}`
}

/** "the P-wedge lays up and leaves 42 yd" */
const layUpWords = (choice: NumberChoice, name: Named, units: Units): string =>
  `the ${name(choice)} lays up and leaves ${lenUnit(choice.layUp?.leavesM ?? 0, units)}`

const LITTLE = 0.03
/** More than half of what is struck well ends there: the word is named. */
const MORE_OFTEN = 0.5

/** What each shot does, in one line: what it clears, where it ends, what a miss does. */
export function choiceLine(
  { over, before, green, carryM, finishM, shot, layUp }: NumberChoice,
  request: NumberRequest,
  units: Units,
): string {
  const parts: string[] = []
  if (layUp)
    parts.push(
      `lays up short of ${len(layUp.shortOfM, units)}${request.over && request.over.fromM === undefined ? `, if ${HAZARD_NAME[request.over.kind]} begins there` : ''}, and leaves ${len(layUp.leavesM, units)}`,
    )
  if (over && request.over && !layUp)
    parts.push(
      `clears ${HAZARD_NAME[request.over.kind]} ${timesIn(over.clear)} (${chance(over.clear)}); a good one ${timesIn(over.good)}, a miss ${timesIn(over.missed)}`,
    )
  if (before !== undefined && request.behind)
    parts.push(
      `stays short of ${HAZARD_NAME[request.behind.kind]} behind ${timesIn(before)} (${chance(before)})`,
    )
  if (green) {
    if (green.short > MORE_OFTEN) parts.push('short more often than not')
    else if (green.long > MORE_OFTEN) parts.push('long more often than not')
    parts.push(
      `of good ones short ${chance(green.short)}, long ${chance(green.long)}, wide ${chance(green.wide)}`,
    )
  }
  parts.push(
    shot.onTotal
      ? `lies at ≈ ${len(finishM, units)}, its total; carries ${len(carryM, units)}`
      : `carries ${len(carryM, units)}${Math.abs(shot.runM) >= 0.5 ? `, lies at ≈ ${len(finishM, units)}` : ''}`,
  )
  return parts.join('; ')
}

/** "148.6 to go counts as 154.6 with the height"; empty where neither height nor wind changes it by half a unit. */
export function playsAsLine(
  {
    leftM,
    heightM,
    tailwindMps,
    dayWindMps,
  }: Pick<NumberRequest, 'leftM' | 'heightM' | 'tailwindMps' | 'dayWindMps'>,
  playsAsM: number,
  units: Units,
): string {
  const [left, played] = [lenUnit(leftM, units, 0), lenUnit(playsAsM, units, 0)]
  const by = listed(
    [heightM !== 0 && 'the height', tailwindMps !== dayWindMps && 'the wind'].filter(
      (each) => each !== false,
    ),
  )
  return left === played || by === '' ? '' : `${left} to go counts as ${played} with ${by}. `
}
