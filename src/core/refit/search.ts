import type { ClubId } from '../ids'
import { priceOf, type Fix } from './fixes'
import {
  evenOf,
  evenSteps,
  limitsOf,
  middleLoft,
  moved,
  pairOf,
  withFixes,
  type PaperBag,
  type PaperClub,
} from './paper-bag'
import { BEND_STEP_DEG, loftLimits } from './refit-club'

/** Fixes that go together, with how many steps are likely even after them, and that less their price. */
export type Found = { fixes: Fix[]; even: number; worth: number }

/** A step that something is to be done about. */
export type Trouble = { longerId: ClubId; shorterId: ClubId }

/** What is bought is tried this far from the club's own loft, in whole degrees. */
const SWAP_DEG = 4

/** What is looked at: the steps that something is to be done about, and the clubs that nothing is to be done to. */
export type Sought = { troubles: readonly Trouble[]; untouched?: ReadonlySet<ClubId> }

/** The best bends alone, by what they are worth. */
export const bestBends = (bag: PaperBag, sought: Sought): Found =>
  withBends(bag, [], around(bag.clubs, sought))

/** One club beside a trouble dropped, with the bends that go with it, the best first. */
export const bestDrops = (bag: PaperBag, sought: Sought): Found[] =>
  promising(
    bag,
    [...beside(sought)].map((clubId): Fix[] => [{ kind: 'drop', clubId }]),
    sought,
  )

/** The clubs beside the troubles, but for those that nothing is to be done to. */
const beside = ({ troubles, untouched }: Sought): Set<ClubId> =>
  new Set(
    troubles.flatMap(({ longerId, shorterId }) => [longerId, shorterId]).filter((id) => !untouched?.has(id)),
  )

/**
 * One club bought or taken from the rack, with the bends that go with it, the best first.
 * @param freeSlots how many more clubs the bag may hold: with none, what comes in puts another out
 */
export function bestPurchases(bag: PaperBag, sought: Sought, freeSlots: number): Found[] {
  const near = beside(sought)
  const swaps = bag.clubs
    .filter(({ club, carryM }) => near.has(club.id) && carryM !== null)
    .flatMap(({ club }) =>
      otherLofts(club.loftDeg, bag.clubs).map((loftDeg): Fix[] => [
        { kind: 'swap', clubId: club.id, loftDeg },
      ]),
    )
  const added: Fix[] = [
    ...sought.troubles.flatMap((trouble): Fix[] => {
      const [longer, shorter] = sidesOf(bag, trouble)
      const loftDeg = longer && shorter ? middleLoft(longer, shorter) : null
      return loftDeg === null ? [] : [{ kind: 'add', loftDeg }]
    }),
    ...bag.rack.flatMap(({ club, carryM }): Fix[] =>
      carryM === null ? [] : [{ kind: 'add', clubId: club.id }],
    ),
  ]
  const adds =
    freeSlots > 0
      ? added.map((add) => [add])
      : added.flatMap((add) => bag.clubs.map(({ club }): Fix[] => [add, { kind: 'drop', clubId: club.id }]))
  return promising(bag, [...swaps, ...adds], sought)
}

/** Bends are looked for only with so many of the changes that are best without any. */
const BEAM = 20

/** Changes of the bag with the bends that go with them: those that promise most, the best first. */
function promising(bag: PaperBag, all: readonly Fix[][], sought: Sought): Found[] {
  const movable = around(bag.clubs, sought)
  const alone = all.map((fixes) => {
    const even = evenSteps(withFixes(bag, fixes))
    return { fixes, even, worth: even - priceOf(fixes) }
  })
  return ranked(
    ranked(alone)
      .slice(0, BEAM)
      .map(({ fixes }) => withBends(bag, fixes, movable)),
  )
}

const ranked = (found: Found[]): Found[] => found.sort((a, b) => b.worth - a.worth)

const sidesOf = ({ clubs }: PaperBag, { longerId, shorterId }: Trouble) =>
  [longerId, shorterId].map((id) => clubs.find(({ club }) => club.id === id)) as [
    PaperClub | undefined,
    PaperClub | undefined,
  ]

/** Other lofts of a club's model, where none of some other clubs stands. */
export function otherLofts(loftDeg: number | null, clubs: readonly PaperClub[]): number[] {
  if (loftDeg === null) return []
  return Array.from({ length: 2 * SWAP_DEG + 1 }, (_, i) => loftDeg + i - SWAP_DEG).filter(
    (loft) =>
      loft > 0 && clubs.every(({ club }) => club.loftDeg === null || Math.abs(club.loftDeg - loft) >= 1),
  )
}

/** The clubs beside troubles, and their neighbours: what may be bent. */
function around(clubs: readonly PaperClub[], { troubles, untouched }: Sought): Set<ClubId> {
  const ids = new Set<ClubId>()
  clubs.forEach(({ club }, i) => {
    if (!troubles.some(({ longerId, shorterId }) => longerId === club.id || shorterId === club.id)) return
    for (const near of clubs.slice(Math.max(0, i - 1), i + 2))
      if (!untouched?.has(near.club.id)) ids.add(near.club.id)
  })
  return ids
}

/**
 * The best bends of a bag after some other fixes. A step hangs on its two clubs alone, so that the best of all
 * combinations is found club by club, longest first: the best for each bend of a club, by the best for each of the one
 * before it.
 */
function withBends(before: PaperBag, fixes: Fix[], movable: ReadonlySet<ClubId>): Found {
  const bag = withFixes(before, fixes)
  const limits = limitsOf(bag)
  type Way = { club: PaperClub; worth: number; bends: Fix[] }
  let ways: Way[] = [{ club: null as never, worth: 0, bends: [] }]
  bag.clubs.forEach((shorter, i) => {
    const longer = bag.clubs[i - 1]
    const zones = limits[i - 1] ?? null
    const isStep = longer !== undefined && longer.carryM !== null && shorter.carryM !== null
    const pair = isStep ? pairOf(bag, longer, shorter) : null
    ways = bendsOf(shorter, movable).map((degrees): Way => {
      const club = degrees === 0 ? shorter : moved(shorter, degrees)
      const bend: Fix[] =
        degrees === 0
          ? []
          : [
              {
                kind: shorter.club.kind === 'iron' || shorter.club.kind === 'wedge' ? 'bend' : 'sleeve',
                clubId: shorter.club.id,
                degrees,
              },
            ]
      let [best, most] = [ways[0] as Way, -Infinity]
      for (const way of ways) {
        const worth = way.worth + (pair ? evenOf(pair, way.club, club, zones) : 0)
        if (worth > most + 1e-9) [best, most] = [way, worth]
      }
      return { club, worth: most - priceOf(bend), bends: [...best.bends, ...bend] }
    })
  })
  const best = ways.reduce((a, b) => (b.worth > a.worth + 1e-9 ? b : a))
  const all = [...fixes, ...best.bends]
  const even = evenSteps(withFixes(before, all))
  return { fixes: all, even, worth: even - priceOf(all) }
}

/** Nothing first: of equal ways the one that leaves a club alone is taken. */
function bendsOf({ club, carryM }: PaperClub, movable: ReadonlySet<ClubId>): number[] {
  if (carryM === null || club.loftDeg === null || !movable.has(club.id)) return [0]
  const { stronger, weaker } = loftLimits(club)
  const bends: number[] = [0]
  for (let degrees = BEND_STEP_DEG; degrees <= Math.max(weaker, -stronger); degrees += BEND_STEP_DEG) {
    if (degrees <= weaker) bends.push(degrees)
    if (-degrees >= stronger) bends.push(-degrees)
  }
  return bends
}
