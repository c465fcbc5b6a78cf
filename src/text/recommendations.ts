import type { Recommendation } from '@/core/gaps/beyond-shots'
import type { ClubId } from '@/core/model/ids'
import { count, fixed } from './numbers'

/** Beyond this many shots the number itself says nothing more. */
const MOST_SHOTS_NAMED = 100
/** Prices are rough: from here on in fives. */
const IN_FIVES_FROM = 20

/** What to do: "Have 9 lofts measured, those of the driver and the 5-hybrid first". */
export function helpWords({ kind, clubIds = [] }: Recommendation, name: (clubId: ClubId) => string): string {
  switch (kind) {
    case 'rounds':
      return 'Hit 3 shots at a time, round the bag'
    case 'lofts': {
      const [first, second] = clubIds.map((id) => `the ${name(id)}`)
      if (!second) return `Have the loft of ${first ?? 'the club'} measured`
      if (clubIds.length === 2) return `Have the lofts of ${first} and ${second} measured`
      return `Have ${count(clubIds.length, 'loft')} measured, those of ${first} and ${second} first`
    }
    case 'strikes':
      return 'Mark each shot as good or missed'
    case 'another-day':
      return 'Hit again on another day'
  }
}

/** Why, and what it is worth: "Worth about 30 more shots." */
export function helpWorth({ kind, ...price }: Recommendation): string {
  const why = {
    rounds: 'Club after club, a tired swing looks like a shorter club.',
    lofts: 'Then your other clubs tell more about each.',
    strikes: 'Then Banco need not guess.',
    'another-day': 'Your yardages differ by about 1.5% from day to day.',
  }[kind]
  return `${why} ${priceWords(price)}.`
}

/** "Worth about 30 more shots" */
export function priceWords({ shots }: Pick<Recommendation, 'shots'>): string {
  if (shots === undefined) return 'More shots of the same kind cannot replace it'
  if (shots > MOST_SHOTS_NAMED) return `Worth more than ${MOST_SHOTS_NAMED} more shots`
  const rough = shots < IN_FIVES_FROM ? shots : 5 * Math.round(shots / 5)
  return `Worth about ${fixed(rough, 0)} more shots`
}
