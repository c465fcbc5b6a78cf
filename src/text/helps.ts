import type { BagAnalysis } from '@/core/analyse-bag'
import type { Help } from '@/core/gaps/beyond-shots'
import type { ClubId } from '@/core/ids'
import { count, fixed } from './numbers'
import { driftSentence } from './reasons'

/** Nobody plans with more than this: beyond it is said so. */
const MOST_SAID = 100
/** Prices are rough: from here on in fives. */
const IN_FIVES_FROM = 20

/** What to do: "Have 9 lofts measured, those of the driver and the 5-hybrid first". */
export function helpWords({ kind, clubIds = [] }: Help, name: (clubId: ClubId) => string): string {
  switch (kind) {
    case 'rounds':
      return 'Hit in rounds: every club a few, then all again'
    case 'lofts': {
      const [first, second] = clubIds.map((id) => `the ${name(id)}`)
      if (!second) return `Have the loft of ${first ?? 'the club'} measured`
      if (clubIds.length === 2) return `Have the lofts of ${first} and ${second} measured`
      return `Have ${count(clubIds.length, 'loft')} measured, those of ${first} and ${second} first`
    }
    case 'strikes':
      return 'Say after each shot what you felt, solid or not'
    case 'another-day':
      return 'Hit the next ones on another day'
  }
}

/** Why, and what it is worth: "worth about 30 shots". */
export function helpWorth({ kind, ...price }: Help): string {
  const why = {
    rounds: 'club after club, nobody can tell a tired golfer from a shorter club; ',
    lofts: 'then your other clubs say more of each; ',
    strikes: 'then nobody has to guess it from the numbers; ',
    'another-day': 'these stand on one day, and days differ by 1.5%; ',
  }[kind]
  return `${why}${priceWords(price)}`
}

/** "worth about 30 shots hit as these" */
export function priceWords({ shots }: Pick<Help, 'shots'>): string {
  if (shots === undefined) return 'no number of shots hit as these does as much'
  if (shots > MOST_SAID) return `worth more than ${MOST_SAID} shots hit as these`
  const rough = shots < IN_FIVES_FROM ? shots : 5 * Math.round(shots / 5)
  return `worth about ${fixed(rough, 0)} shots hit as these`
}

/** Whether tiredness shows; null where the price of rounds says it already. */
export const tirednessWords = ({ drift, helps }: Pick<BagAnalysis, 'drift' | 'helps'>): string | null =>
  helps.some(({ kind }) => kind === 'rounds') ? null : driftSentence(drift)
