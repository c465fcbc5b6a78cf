import { allClubs } from '../bag/bag'
import { GRIP_DOWN } from '../bag/grip-down'
import { yards } from '../units'
import { applyFixes, type FixedClub } from './apply-fixes'
import type { Fix } from './fixes'
import { carryByLength } from './length'
import type { PaperBag, PaperClub } from './paper-bag'

/** What a club of the same model at another loft carries is known to this (from memory). */
export const ESTIMATE_SD_M = yards(4)

/** The bag with some fixes done on paper. Pure: the bag that is given stays as it is. */
export function withFixes(bag: PaperBag, fixes: readonly Fix[]): PaperBag {
  const bare = ({ club }: PaperClub) => club
  const fixed = applyFixes(bag.clubs.map(bare), bag.rack.map(bare), fixes)
  const own = new Map(allClubs(bag).map((each) => [each.club.id, each]))
  const measured = fixed.map((each) => {
    const was = own.get(each.club.id)
    return was ? changed(was, each) : null
  })
  const clubs = fixed.map((each, i) => measured[i] ?? newClub(each, i, measured))
  return { ...bag, clubs, others: [...othersOf(bag, clubs), ...gripped(bag, fixes)] }
}

/** A club of the bag or the rack as the fixes leave it. */
function changed(was: PaperClub, { club, turnedDeg, longerM, bought }: FixedClub): PaperClub {
  if (bought) {
    const { carryM } = moved(was, (club.loftDeg ?? 0) - (was.club.loftDeg ?? 0))
    return { ...was, club, carryM, supposedSdM: ESTIMATE_SD_M }
  }
  return { ...lengthened(turnedDeg === 0 ? was : moved(was, turnedDeg), longerM), club }
}

/** A club bent by so many degrees more. Hot: called thousands of times in a search. */
export function moved(each: PaperClub, degrees: number): PaperClub {
  const { club, carryM, perDegree, movedDeg } = each
  return {
    ...each,
    club: club.loftDeg === null ? club : { ...club, loftDeg: club.loftDeg + degrees },
    carryM: carryM === null ? null : carryM - perDegree.mPerDeg * degrees,
    movedDeg: movedDeg + degrees,
  }
}

function lengthened(each: PaperClub, longerM: number): PaperClub {
  if (each.carryM === null || longerM === 0) return each
  const more = carryByLength(each.club.kind, each.carryM, longerM)
  return { ...each, carryM: each.carryM + more, supposedSdM: Math.hypot(each.supposedSdM, more / 2) }
}

/** A club that was never hit: the typed carry, else the one between its neighbours by their lofts. */
function newClub(
  { club, typedCarryM }: FixedClub,
  index: number,
  bag: readonly (PaperClub | null)[],
): PaperClub {
  const isHit = (each: PaperClub | null): each is PaperClub =>
    each !== null && each.carryM !== null && each.club.loftDeg !== null
  const longer = bag.slice(0, index).findLast(isHit)
  const shorter = bag.slice(index + 1).find(isHit)
  const near = longer ?? shorter
  return {
    club,
    carryM: typedCarryM ?? carryAt(club.loftDeg as number, longer, shorter),
    // A carry that was typed is one that is shown.
    shownByM: typedCarryM !== undefined ? 0 : mean([longer, shorter].flatMap((each) => each?.shownByM ?? [])),
    runM: near?.runM ?? null,
    varianceM2: near?.varianceM2 ?? 0,
    count: 0,
    perDegree: near?.perDegree ?? { mPerDeg: 0, sdMPerDeg: 0 },
    movedDeg: 0,
    supposedSdM: ESTIMATE_SD_M,
  }
}

const mean = (values: readonly number[]): number =>
  values.length === 0 ? 0 : values.reduce((sum, value) => sum + value, 0) / values.length

function carryAt(loftDeg: number, longer?: PaperClub, shorter?: PaperClub): number | null {
  const [a, b] = [longer?.club.loftDeg, shorter?.club.loftDeg]
  const [high, low] = [longer?.carryM, shorter?.carryM]
  if (a != null && b != null && high != null && low != null)
    return high + ((loftDeg - a) / (b - a)) * (low - high)
  if (a != null && high != null && longer) return high - longer.perDegree.mPerDeg * (loftDeg - a)
  if (b != null && low != null && shorter) return low + shorter.perDegree.mPerDeg * (b - loftDeg)
  return null
}

/** Partial swings of the clubs that stay: they move by the share that the full swing does. */
function othersOf(bag: PaperBag, clubs: readonly PaperClub[]): PaperBag['others'] {
  return bag.others.flatMap(({ clubId, carryM }) => {
    const was = bag.clubs.find(({ club }) => club.id === clubId)
    const now = clubs.find(({ club }) => club.id === clubId)
    if (!now || now.supposedSdM === ESTIMATE_SD_M) return []
    return [{ clubId, carryM: was?.carryM && now.carryM ? carryM * (now.carryM / was.carryM) : carryM }]
  })
}

function gripped(bag: PaperBag, fixes: readonly Fix[]): PaperBag['others'] {
  return fixes.flatMap((fix) => {
    const carryM = fix.kind === 'grip' && bag.clubs.find(({ club }) => club.id === fix.clubId)?.carryM
    return fix.kind === 'grip' && carryM ? [{ clubId: fix.clubId, carryM: grippedCarry(carryM, fix.cm) }] : []
  })
}

/** What a club carries gripped down by so many centimetres, in metres. */
export const grippedCarry = (carryM: number, cm: number): number =>
  carryM * (1 - GRIP_DOWN.perCm * Math.min(GRIP_DOWN.mostCm, Math.max(0, cm)))

/** Fewer degrees than these between neighbours leave no loft between them. */
const LEAST_BETWEEN_DEG = 2

/** The lofts of so many new clubs that would share out a gap, in half degrees; none where a loft is unknown or they lie too near. */
export function loftsBetween(longer: PaperClub, shorter: PaperClub, many: number): number[] {
  const [a, b] = [longer.club.loftDeg, shorter.club.loftDeg]
  if (a === null || b === null || b - a < LEAST_BETWEEN_DEG * many) return []
  return Array.from({ length: many }, (_, i) => Math.round(2 * (a + ((b - a) * (i + 1)) / (many + 1))) / 2)
}
