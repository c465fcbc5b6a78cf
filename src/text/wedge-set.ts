import type { Turf } from '@/core/model/turf'
import type { Units } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { BOUNCE_FOR } from '@/core/refit/bounce'
import type { WedgeSet } from '@/core/wedges/wedge-set'
import { fixed, len, listed } from './numbers'
import { DIG_OR_SWEEP, TURF_WORD } from './refit'

type Name = (id: ClubId) => string

/** "Your P-wedge (46°) carries 130. Below it, aim for about 115, 100 and 82." */
export const aimSentence = ({ from, wedges }: WedgeSet, name: Name, units: Units): string =>
  `Your ${name(from.clubId)} (${from.loftDeg}°) carries ${len(from.carryM, units)}. Below it, aim for about ${listed(wedges.map(({ carryM }) => len(carryM, units)))}.`

/** What to know before one is bought. */
export function wedgeSetSentences(
  { from, wedges, lob, model }: WedgeSet,
  turf: Turf,
  name: Name,
  units: Units,
): string[] {
  const lofts = wedges.filter(({ has }) => has === undefined)
  const [first] = lofts
  return [
    ...(first
      ? [
          `${first.loftBy === 'own' ? 'The lofts follow your own wedges.' : 'The lofts are typical ones. Your own wedges do not tell enough yet.'} Try one before you buy, first of ${model === undefined ? `the same model as your ${name(from.clubId)}` : model}.`,
          `For ${TURF_WORD[turf]}, about ${BOUNCE_FOR[turf]}° of bounce suits, ${DIG_OR_SWEEP}.`,
        ]
      : ['You have a wedge for each of these distances.']),
    ...(lob
      ? [
          lob.covered
            ? `Another shot of yours already goes ${len(lob.carryM, units)}. A lob wedge adds no distance.`
            : `No other shot of yours goes ${len(lob.carryM, units)}. A lob wedge adds that distance${demandAgain(lob.aRound)}.`,
        ]
      : []),
    'If you want two wedges close together, choose Keep as is at their gap. It is not counted as a problem then.',
  ]
}

const demandAgain = (aRound: number | null): string =>
  aRound === null
    ? ''
    : aRound === 0
      ? ', which you did not have in your rounds'
      : `, which you need ${fixed(aRound, 1)} times a round`
