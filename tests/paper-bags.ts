import type { ClubKind } from '../src/core/bag/club'
import { gapKey } from '../src/core/gaps/gap-clubs'
import type { Zones } from '../src/core/model/gap-rule'
import type { ClubId } from '../src/core/model/ids'
import type { Fix } from '../src/core/refit/fixes'
import type { PaperBag, PaperClub } from '../src/core/refit/paper-bag'
import type { RefitClub } from '../src/core/bag/bag'
import { yards } from '../src/core/units'
import type { Dice } from '../simulators/golfers/dice'

export type OnPaper = Partial<RefitClub> & { yd: number | null; loft: number | null }

const kindOf = (loftDeg: number | null): ClubKind =>
  loftDeg === null
    ? 'iron'
    : loftDeg < 13
      ? 'driver'
      : loftDeg < 20
        ? 'wood'
        : loftDeg < 46.5
          ? 'iron'
          : 'wedge'

/**
 * A bag on paper from carries in yards.
 * @param stepSdYd standard deviation of every measured gap
 */
export function paperBagOf(
  clubs: readonly OnPaper[],
  {
    gapSdYd = 1.4,
    perDegree = { mPerDeg: yards(2.35), sdMPerDeg: yards(0.24) },
    limits = { reversed: 0, tooClose: yards(7), tooWide: yards(14) },
    rack = [],
  }: {
    gapSdYd?: number
    perDegree?: PaperClub['perDegree']
    limits?: Zones
    rack?: readonly OnPaper[]
  } = {},
): PaperBag {
  const onPaper = ({ yd, loft, ...rest }: OnPaper, order: number): PaperClub => ({
    club: {
      id: `c${loft ?? order}` as ClubId,
      kind: kindOf(loft),
      loftDeg: loft,
      order,
      head: 'forged',
      ...rest,
    },
    carryM: yd === null ? null : yards(yd),
    runM: null,
    shownByM: 0,
    varianceM2: yards(gapSdYd) ** 2 / 2,
    count: yd === null ? 0 : 12,
    perDegree,
    movedDeg: 0,
    supposedSdM: 0,
  })
  const all = clubs.map(onPaper)
  return {
    clubs: all,
    rack: rack.map((each, i) => onPaper(each, 100 + i)),
    gapVarianceM2: new Map(
      all
        .slice(1)
        .map(({ club }, i) => [
          gapKey({ longerId: (all[i] as PaperClub).club.id, shorterId: club.id }),
          yards(gapSdYd) ** 2,
        ]),
    ),
    gapRule: { gapRule: 'own', own: limits },
    others: [],
    left: new Set(),
  }
}

/** The name of the club of a loft in such a bag. */
export const clubAt = (loft: number): ClubId => `c${loft}` as ClubId

/** The worked example of a gap that two bends mend (invented, calculated by hand). */
export const EXAMPLE: readonly OnPaper[] = [
  { loft: 28, yd: 148 },
  { loft: 32, yd: 139 },
  { loft: 36, yd: 131 },
  { loft: 41, yd: 110.5 },
  { loft: 46, yd: 101.5, kind: 'iron' },
]
/** Its gap that is too wide. */
export const WIDE = { longerId: clubAt(36), shorterId: clubAt(41) }

/** A change of the loft of the club that has this one; weaker positive. */
export const bend = (loft: number, degrees: number): Fix => ({ kind: 'bend', clubId: clubAt(loft), degrees })

/** A bag made by chance: 6 to 14 clubs, irregular as bags are, with heads of every kind that bends. */
export function randomBag(roll: Dice, clubs = Math.floor(roll.between(6, 14.99))): PaperBag {
  let [yd, loft] = [roll.between(190, 260), 10]
  const all: OnPaper[] = Array.from({ length: clubs }, () => {
    const each: OnPaper = { yd, loft, head: roll.pick({ forged: 3, cast: 2, hollow: 1 }) }
    const degrees = Math.round(roll.between(3, 6))
    loft += degrees
    yd -= degrees * 2.5 + roll.normal(0, 5)
    return each
  })
  return paperBagOf(all, { gapSdYd: roll.between(1, 3) })
}
