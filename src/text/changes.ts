import type { ClubChange } from '@/core/bag/club-set-up'
import type { Units } from '@/core/model/golfer'
import { Z90 } from '@/core/math/z90'
import { FEWEST_SINCE } from '@/core/stock/expected-stock'
import type { CameOf, ExpectedCarry } from '@/core/refit/after-change'
import { len, lenUnit, listed, count } from './numbers'
import { lengthened, turned } from './refit'

/** "bent 1° strong and 0.5 in longer". Where a loft was turned, whether by a bend or a sleeve is the club's kind to say. */
export function changeWords({ degrees, longerM, shaft, lie, setting, grip }: ClubChange): string {
  return listed(
    [
      degrees !== undefined && `made ${turned(degrees)}`,
      longerM !== undefined && `made ${lengthened(longerM)}`,
      shaft && 'given another shaft',
      lie && 'set to another lie',
      setting && 'set anew in its sleeve',
      grip && 'given another grip',
    ].filter((each) => typeof each === 'string'),
  )
}

type Carried = { carryM: number; lowM: number; highM: number; count: number }
type Seen = {
  change: ClubChange
  before?: Carried
  expected?: ExpectedCarry
  since?: Carried
  /** Good shots since, where they are too few to replace what is expected. */
  shotsSince?: number
  came?: CameOf
}

const about = ({ carryM, lowM, highM }: Carried, units: Units): string =>
  `${len(carryM, units, 1)} ± ${len((highM - lowM) / 2, units, 1)}`

/** What was expected of a change and what came: "108.9 ± 1.2 before, 111.3 ± 3.0 expected, 112.0 ± 1.9 after 9 shots: as expected". */
export function changeSentence({ before, expected, since, shotsSince, came }: Seen, units: Units): string {
  const parts = [
    before ? `${about(before, units)} before` : 'not hit before',
    expected && `${len(expected.carryM, units, 1)} ± ${len(Z90 * expected.sdM, units, 1)} expected`,
    since
      ? `${about(since, units)} after ${count(since.count, 'shot')}`
      : shotsSince
        ? `${count(shotsSince, 'good shot')} since, ${FEWEST_SINCE} needed`
        : 'not hit since',
  ].filter((each) => typeof each === 'string')
  return `${parts.join(', ')}${came ? `: ${cameWords(came, units)}` : ''}.`
}

function cameWords({ differenceM, halfM, is }: CameOf, units: Units): string {
  switch (is) {
    case 'fits-both':
      return 'can’t tell yet, it fits both'
    case 'as-expected':
      return 'as expected'
    case 'further':
    case 'shorter':
      return `${len(Math.abs(differenceM), units, 1)} ± ${lenUnit(halfM, units)} ${is} than expected`
  }
}
