import type { ClubId } from '../model/ids'
import type { Fix } from './fixes'
import type { PaperBag, PaperClub } from './paper-bag'
import { withFixes } from './paper-fixes'
import { goodGaps, gapsOf, sumEven, type PaperGap } from './paper-gaps'

/** One choice of wedges below the last iron, with the gaps that it makes from there down. */
type WedgeChoice = {
  wedges: ClubId[]
  /** What makes it of the bag as it is; nothing for the bag itself. */
  fixes: Fix[]
  gaps: PaperGap[]
  good: number
}

/** Every choice of wedges of the set and separate ones, best first. */
export type SetTransition = { ironId: ClubId; choices: WedgeChoice[] }

/** The most choices that are shown. */
const MOST_CHOICES = 4

/**
 * Whole alternatives for the wedges: every choice of as many as the bag has, of those that were hit, in the bag or on the
 * rack; the last one of the bag stays. Null without a choice.
 */
export function setTransition(bag: PaperBag): SetTransition | null {
  const iron = bag.clubs.findLast(({ club, carryM }) => club.kind === 'iron' && carryM !== null)
  const isHitWedge = ({ club, carryM }: PaperClub) => club.kind === 'wedge' && carryM !== null
  const own = bag.clubs.filter(isHitWedge)
  const racked = bag.rack.filter(isHitWedge)
  const last = own.at(-1)
  if (!iron || !last || own.length < 2 || racked.length === 0) return null
  const choices = subsets([...own.slice(0, -1), ...racked], own.length - 1).map((chosen): WedgeChoice => {
    const stay = new Set(chosen.map(({ club }) => club.id))
    const fixes: Fix[] = [
      ...own
        .slice(0, -1)
        .flatMap(({ club }): Fix[] => (stay.has(club.id) ? [] : [{ kind: 'drop', clubId: club.id }])),
      ...racked.flatMap(({ club }): Fix[] => (stay.has(club.id) ? [{ kind: 'add', clubId: club.id }] : [])),
    ]
    const after = withFixes(bag, fixes)
    const from = after.clubs.findIndex(({ club }) => club.id === iron.club.id)
    const below = new Set(after.clubs.slice(from).map(({ club }) => club.id))
    const gaps = gapsOf(after).filter(({ longerId }) => below.has(longerId))
    return {
      wedges: after.clubs.slice(from + 1).map(({ club }) => club.id),
      fixes,
      gaps,
      good: goodGaps(gaps).good,
    }
  })
  const inOrder = choices.filter(({ gaps }) => gaps.every(({ gapM }) => gapM > 0))
  const best = inOrder
    .toSorted((a, b) => b.good - a.good || sumEven(b.gaps) - sumEven(a.gaps))
    .slice(0, MOST_CHOICES)
  const asItIs = choices.find(({ fixes }) => fixes.length === 0)
  const shown = asItIs && !best.includes(asItIs) ? [...best.slice(0, MOST_CHOICES - 1), asItIs] : best
  return shown.length < 2 ? null : { ironId: iron.club.id, choices: shown }
}

function subsets<T>(all: readonly T[], size: number): T[][] {
  if (size === 0) return [[]]
  return all.flatMap((each, i) => subsets(all.slice(i + 1), size - 1).map((rest) => [each, ...rest]))
}
