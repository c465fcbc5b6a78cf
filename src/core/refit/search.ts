import type { ClubId } from '../model/ids'
import { isOfGap, type GapClubs } from '../gaps/gap-clubs'
import type { Zones } from '../model/gap-rule'
import { yards } from '../units'
import { priceOf, type Fix } from './fixes'
import type { PaperBag, PaperClub } from './paper-bag'
import { loftsBetween, moved } from './paper-fixes'
import { evaluate, goodChanceOf, limitsOf, pairOf, sumEven } from './paper-gaps'
import { BEND_INCREMENT_DEG, loftLimits } from './refit-club'

/** What is bought is tried this far from the club's own loft, in whole degrees. */
const SWAP_DEG = 4

/** What is looked at: the gaps that something is to be done about, and the clubs that nothing is to be done to. */
export type Sought = { gapsToImprove: readonly GapClubs[]; untouched?: ReadonlySet<ClubId> }

/** The clubs of gaps that are not good, and their neighbours: what may be bent. */
export function clubsAround(clubs: readonly PaperClub[], { gapsToImprove, untouched }: Sought): Set<ClubId> {
  const ids = new Set<ClubId>()
  clubs.forEach(({ club }, i) => {
    if (!gapsToImprove.some((gapToImprove) => isOfGap(gapToImprove, club.id))) return
    for (const near of clubs.slice(Math.max(0, i - 1), i + 2))
      if (!untouched?.has(near.club.id)) ids.add(near.club.id)
  })
  return ids
}

/**
 * Every addition that fills a gap: one club at the loft in its middle, two at its thirds where so many slots are free, or one of the
 * rack; by itself where a slot is free, and each with one club that goes. A new club takes the place of another only where no
 * slot is free.
 */
export function additions(bag: PaperBag, { gapsToImprove }: Sought, freeSlots: number): Fix[][] {
  const filled = gapsToImprove.map(({ longerId, shorterId }): { one: Fix[]; two: Fix[] } => {
    const [longer, shorter] = [longerId, shorterId].map((id) => bag.clubs.find(({ club }) => club.id === id))
    const lofts = (n: number) => (longer && shorter ? loftsBetween(longer, shorter, n) : [])
    const add = (loftDeg: number): Fix => ({ kind: 'add', loftDeg })
    return { one: lofts(1).map(add), two: lofts(2).map(add) }
  })
  const bought = filled.flatMap(({ one }) => one)
  const racked = bag.rack.flatMap(({ club, carryM }): Fix[] =>
    carryM === null ? [] : [{ kind: 'add', clubId: club.id }],
  )
  const instead = (added: readonly Fix[]) =>
    added.flatMap((add) => bag.clubs.map(({ club }): Fix[] => [add, { kind: 'drop', clubId: club.id }]))
  if (freeSlots === 0) return instead([...bought, ...racked])
  return [
    ...[...bought, ...racked].map((add) => [add]),
    ...(freeSlots > 1 ? filled.map(({ two }) => two).filter(({ length }) => length > 0) : []),
    ...instead(racked),
  ]
}

/** Every other loft of its model in the place of a club of a gap that is not good. */
export function swaps(bag: PaperBag, { gapsToImprove }: Sought): Fix[][] {
  const near = new Set(gapsToImprove.flatMap(({ longerId, shorterId }) => [longerId, shorterId]))
  return bag.clubs
    .filter(({ club, carryM }) => near.has(club.id) && carryM !== null)
    .flatMap(({ club }) =>
      otherLofts(club.loftDeg, bag.clubs).map((loftDeg): Fix[] => [
        { kind: 'swap', clubId: club.id, loftDeg },
      ]),
    )
}

/** Other lofts of a club's model, where none of some other clubs has its loft. */
export function otherLofts(loftDeg: number | null, clubs: readonly PaperClub[]): number[] {
  if (loftDeg === null) return []
  return Array.from({ length: 2 * SWAP_DEG + 1 }, (_, i) => loftDeg + i - SWAP_DEG).filter(
    (loft) =>
      loft > 0 && clubs.every(({ club }) => club.loftDeg === null || Math.abs(club.loftDeg - loft) >= 1),
  )
}

/** Fixes by what they are worth, best first: likely good gaps, each weighed by how often its distances are faced, less their price. */
export const ranked = (bag: PaperBag, all: readonly Fix[][]): Fix[][] =>
  all
    .map((fixes) => ({ fixes, worth: worthOf(bag, fixes) }))
    .sort((a, b) => b.worth - a.worth)
    .map(({ fixes }) => fixes)

/** What some fixes are worth on that scale. */
export function worthOf(bag: PaperBag, fixes: readonly Fix[]): number {
  const { bag: after, gaps } = evaluate(bag, fixes)
  const { demandM } = after
  if (!demandM || demandM.length === 0) return sumEven(gaps) - priceOf(fixes)
  return (
    gaps.reduce(
      (sum, { good, shownM: { longer, shorter } }) =>
        sum + good * weightOf(demandM, gaps.length, shorter, longer),
      0,
    ) - priceOf(fixes)
  )
}

/** Half of a gap's weight is its share of what is faced, 1 on average over the gaps of the bag. */
function weightOf(demandM: readonly number[], gaps: number, fromM: number, toM: number): number {
  const between = demandM.filter((distance) => distance >= fromM && distance <= toM).length
  return 0.5 + 0.5 * gaps * (between / demandM.length)
}

type BentSoFar = { club: PaperClub; bent: number; worth: number; bends: Fix[] }

/**
 * The best bends of some clubs in half degrees, within what each takes. A gap depends on its two clubs alone, so that the best of
 * all combinations is found club by club, longest first: the best for each bend of a club, by the best for each of the one
 * before it.
 * @param most how many clubs may be bent at most
 * @param perClub what each club that is bent costs besides its degrees
 */
export function bestBends(
  bag: PaperBag,
  movable: ReadonlySet<ClubId>,
  { most = Infinity, perClub = 0 }: { most?: number; perClub?: number } = {},
): Fix[] {
  const limits = limitsOf(bag)
  const { demandM } = bag
  const gaps = Math.max(1, bag.clubs.length - 1)
  let soFar: BentSoFar[] = [{ club: null as never, bent: 0, worth: 0, bends: [] }]
  bag.clubs.forEach((shorter, i) => {
    const longer = bag.clubs[i - 1]
    const zones = limits[i - 1] ?? null
    const isGap = longer !== undefined && longer.carryM !== null && shorter.carryM !== null
    const pair = isGap ? pairOf(bag, longer, shorter) : null
    const weight =
      demandM && demandM.length > 0 && isGap
        ? weightOf(demandM, gaps, shorter.carryM as number, longer.carryM as number)
        : 1
    const worstM =
      pair && zones && longer ? outsideM(gapOf(longer, shorter, pair.runM), zones) + WORSE_M : Infinity
    soFar = bendsOf(shorter, movable).flatMap((degrees): BentSoFar[] => {
      const club = degrees === 0 ? shorter : moved(shorter, degrees)
      const bend: Fix[] = degrees === 0 ? [] : [{ kind: turnKind(shorter), clubId: shorter.club.id, degrees }]
      const best = new Map<number, BentSoFar>()
      for (const each of soFar) {
        const bent = each.bent + (degrees === 0 ? 0 : 1)
        if (bent > most || (i > 0 && crosses(each.club, club, longer, shorter))) continue
        if (pair && zones && outsideM(gapOf(each.club, club, pair.runM), zones) > worstM) continue
        const worth = each.worth + (pair ? weight * goodChanceOf(pair, each.club, club, zones) : 0)
        // Without a limit how many are bent does not matter.
        const key = most === Infinity ? 0 : bent
        const known = best.get(key)
        if (!known || worth > known.worth + 1e-9) best.set(key, { club, bent, worth, bends: each.bends })
      }
      return [...best.values()].map((each) => ({
        ...each,
        worth: each.worth - priceOf(bend) - perClub * bend.length,
        bends: [...each.bends, ...bend],
      }))
    })
  })
  return soFar.reduce((a, b) => (b.worth > a.worth + 1e-9 ? b : a)).bends
}

const gapOf = (longer: PaperClub, shorter: PaperClub, runM: number): number =>
  (longer.carryM ?? 0) - (shorter.carryM ?? 0) + runM

/** No fix may leave a gap further outside its limits than it was, by more than this. */
export const WORSE_M = yards(1)
/** How far a gap is outside its limits, in metres. */
export const outsideM = (gapM: number, { tooClose: tooClose, tooWide: tooWide }: Zones): number =>
  Math.max(0, tooClose - gapM, gapM - tooWide)

const turnKind = ({ club }: PaperClub): 'bend' | 'sleeve' =>
  club.kind === 'iron' || club.kind === 'wedge' ? 'bend' : 'sleeve'

/** Whether a change puts a stronger loft behind a weaker one, more than it was. */
export function crosses(
  longer: PaperClub,
  shorter: PaperClub,
  longerWas: PaperClub | undefined,
  shorterWas: PaperClub | undefined,
): boolean {
  const over = loftOver(longer, shorter)
  return over > 0 && over > Math.max(0, longerWas && shorterWas ? loftOver(longerWas, shorterWas) : 0) + 1e-9
}

const loftOver = (longer: PaperClub, shorter: PaperClub): number =>
  longer.club.loftDeg === null || shorter.club.loftDeg === null
    ? 0
    : longer.club.loftDeg - shorter.club.loftDeg

/** Nothing first: of equal bends the one that leaves a club alone is taken. */
function bendsOf({ club, carryM }: PaperClub, movable: ReadonlySet<ClubId>): number[] {
  if (carryM === null || club.loftDeg === null || !movable.has(club.id)) return [0]
  const { stronger, weaker } = loftLimits(club)
  const bends: number[] = [0]
  for (
    let degrees = BEND_INCREMENT_DEG;
    degrees <= Math.max(weaker, -stronger);
    degrees += BEND_INCREMENT_DEG
  ) {
    if (degrees <= weaker) bends.push(degrees)
    if (-degrees >= stronger) bends.push(-degrees)
  }
  return bends
}
