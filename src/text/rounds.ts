import type { ClubKind } from '@/core/bag/club'
import type { Stretch } from '@/core/model/coverage'
import type { Golfer, Units } from '@/core/model/golfer'
import type { BayToCourse } from '@/core/rounds/bay-to-course'
import { demandBetween, type Demand } from '@/core/gaps/demand'
import type { Lie, Round, RoundShot } from '@/core/rounds/round'
import type { GapLeftByClub, RoundUse } from '@/core/rounds/use'
import { FULL_SWING } from '@/core/model/station'
import { swingName } from './names'
import { count, fixed, len, lenUnit } from './numbers'

/** Rounds, and what they say of a bag, put into words. */

export const LIE_NAME: Record<Lie, string> = {
  tee: 'tee',
  fairway: 'fairway',
  rough: 'rough',
  bunker: 'bunker',
}

const KIND_NAME: Record<ClubKind, string> = {
  driver: 'the driver',
  wood: 'woods',
  hybrid: 'hybrids',
  iron: 'irons',
  wedge: 'wedges',
  putter: 'the putter',
}
export const kindName = (kind: ClubKind): string => KIND_NAME[kind]

export const roundTitle = (shots: number, { place }: Pick<Round, 'place'>): string =>
  `${shots === 0 ? 'No shot yet' : count(shots, 'shot')}${place ? ` at ${place}` : ''}`

/** What is known of a shot besides its club: "half, from the rough, 84 left, 6 after, carried 79". */
export function shotLine({ swing, lie, leftM, afterM, carryM }: RoundShot, units: Units): string {
  return [
    swing !== FULL_SWING && swingName(swing),
    lie && (lie === 'tee' ? 'from the tee' : `from the ${LIE_NAME[lie]}`),
    leftM !== null && `${len(leftM, units)} left`,
    afterM !== null && `${len(afterM, units)} after`,
    carryM !== null && `carried ${len(carryM, units)}`,
  ]
    .filter(Boolean)
    .join(', ')
}

/** "faced 2.3 times a round"; empty before there are rounds. */
export function demandWords(demand: Demand, range: Stretch): string {
  if (demand.rounds === 0) return ''
  const { shots, aRound } = demandBetween(demand, range)
  return shots === 0 ? 'never faced' : `faced ${fixed(aRound, 1)} times a round`
}

/** "without it 8-iron to P-wedge is 24 yd" */
export const withoutWords = (
  { longerId, shorterId, gapM }: GapLeftByClub,
  name: (id: string) => string,
  units: Units,
): string => `without it ${name(longerId)} to ${name(shorterId)} is ${lenUnit(gapM, units)}`

/** "7 irons carried 4.2 ± 2.9 yd less than in the bay" */
export function bayToCourseWords({ kind, shots, byM, halfM }: BayToCourse, golfer: Golfer): string {
  const off = len(Math.abs(byM), golfer, 1)
  const than = byM < 0 ? 'less' : 'more'
  return `${count(shots, 'shot')} with ${kindName(kind)}: ${off} ± ${len(halfM, golfer, 1)} ${golfer.lengthUnit} ${than} than in the bay`
}

/** The one finding of the rounds. */
export function roundsFinding(
  { rounds, shots }: { rounds: number; shots: number },
  worst: { range: Stretch; aRound: number; shots: number } | undefined,
  units: Units,
): string {
  if (rounds === 0) return 'No rounds yet'
  const all = `${count(shots, 'shot')} in ${count(rounds, 'round')}`
  if (!worst || worst.shots === 0) return all
  const [from, to] = worst.range.map((end) => len(end, units))
  return `${all}: ${from} to ${to} was faced ${fixed(worst.aRound, 1)} times a round, and no club covers it`
}

/** "11 shots in rounds, 7 with a carry: 134 on average, in the air of those days. None is in the stock." */
export function roundUseWords({ shots, carries, carryM }: RoundUse, golfer: Golfer): string {
  const carried =
    carryM === null
      ? ''
      : `, ${carries} with a carry: ${lenUnit(carryM, golfer, 1)} on average in the air of those days`
  return `${count(shots, 'shot')} in rounds${carried}. ${shots === 1 ? 'It does' : 'They do'} not count.`
}
