import { withClub } from '../bag/bag'
import { kindBetween } from '../bag/club'
import type { ClubId } from '../model/ids'
import { isTurn, type Fix } from './fixes'
import type { RefitClub } from '../bag/bag'

/** A club of a bag after some fixes. */
export type FixedClub = {
  /** As it is after them: loft, bounce and length are the new ones. */
  club: RefitClub
  /** Its loft was changed by this much, weaker positive. */
  turnedDeg: number
  longerM: number
  /** It has to be bought: another loft in the place of a club, under the same id, or a new club. */
  bought?: 'swap' | 'add'
  /** What the golfer typed that a club to try carries. */
  typedCarryM?: number
}

const NEW = 'new'
/** The id on paper of a club that is not bought yet. */
export const newClubId = (loftDeg: number): ClubId => `${NEW} ${loftDeg}` as ClubId
export const isNew = ({ id }: { id: ClubId }): boolean => id.startsWith(`${NEW} `)

/**
 * The clubs of a bag after some fixes, longest first: the one place where fixes change a bag, on paper and when they are
 * marked done. Fixes of clubs that are not there change nothing; gripping down changes no club.
 * @param rack clubs that are not in the bag
 */
export function applyFixes(
  clubs: readonly RefitClub[],
  rack: readonly RefitClub[],
  fixes: readonly Fix[],
): FixedClub[] {
  const start = clubs.map((club): FixedClub => ({ club, turnedDeg: 0, longerM: 0 }))
  return fixes.reduce((bag, fix) => withFix(bag, rack, fix), start)
}

function withFix(bag: FixedClub[], rack: readonly RefitClub[], fix: Fix): FixedClub[] {
  const changing = (change: (each: FixedClub) => FixedClub) =>
    bag.map((each) => ('clubId' in fix && each.club.id === fix.clubId ? change(each) : each))
  switch (fix.kind) {
    case 'bend':
    case 'sleeve':
      return changing((each) => ({
        ...each,
        club: turned(each.club, fix.degrees, isTurn(fix) && fix.kind === 'bend'),
        turnedDeg: each.turnedDeg + fix.degrees,
      }))
    case 'length':
      return changing((each) => ({
        ...each,
        club: {
          ...each.club,
          ...(each.club.lengthM !== undefined && { lengthM: each.club.lengthM + fix.longerM }),
        },
        longerM: each.longerM + fix.longerM,
      }))
    case 'swap':
      return changing((each) =>
        each.club.loftDeg === null
          ? each
          : { ...each, club: bought(each.club, fix.loftDeg), turnedDeg: 0, longerM: 0, bought: 'swap' },
      )
    case 'drop':
      return bag.filter(({ club }) => club.id !== fix.clubId)
    case 'add': {
      if (fix.loftDeg !== undefined) return inserted(bag, newClub(bag, fix.loftDeg, fix.carryM))
      const racked = rack.find(({ id }) => id === fix.clubId)
      const isIn = bag.some(({ club }) => club.id === fix.clubId)
      return racked && !isIn ? inserted(bag, { club: racked, turnedDeg: 0, longerM: 0 }) : bag
    }
    case 'grip':
      return bag
  }
}

const turned = (club: RefitClub, degrees: number, isBend: boolean): RefitClub => ({
  ...club,
  ...(club.loftDeg !== null && { loftDeg: club.loftDeg + degrees }),
  ...(isBend && club.bounceDeg !== undefined && { bounceDeg: club.bounceDeg + degrees }),
})

/** Of a club that is bought only its model is known. */
const bought = ({ id, kind, order, model }: RefitClub, loftDeg: number): RefitClub => ({
  id,
  kind,
  order,
  loftDeg,
  ...(model !== undefined && { model }),
})

function newClub(bag: readonly FixedClub[], loftDeg: number, typedCarryM: number | undefined): FixedClub {
  const known = bag.flatMap(({ club }) => (club.kind === 'putter' || club.loftDeg === null ? [] : [club]))
  const longer = known.findLast((club) => (club.loftDeg as number) <= loftDeg)
  const shorter = known.find((club) => (club.loftDeg as number) > loftDeg)
  const near = longer ?? shorter
  const model = longer?.model ?? shorter?.model
  return {
    club: {
      id: newClubId(loftDeg),
      kind: kindBetween(longer?.kind, shorter?.kind),
      loftDeg,
      order: near?.order ?? 0,
      ...(model !== undefined && { model }),
    },
    turnedDeg: 0,
    longerM: 0,
    bought: 'add',
    ...(typedCarryM !== undefined && { typedCarryM }),
  }
}

function inserted(bag: readonly FixedClub[], each: FixedClub): FixedClub[] {
  const index = withClub(
    bag.map(({ club }) => club),
    each.club,
  ).indexOf(each.club)
  return bag.toSpliced(index, 0, each)
}
