import type { Stretch } from '../gaps/cover'
import type { ClubId } from '../ids'
import { yards } from '../units'
import { coverOn, evenSteps, withFixes, type PaperBag } from './paper-bag'

const MOST_HOLE = { goalM: yards(12), elsewhereM: yards(20) }

/** `opened`: holes of the light bag, but for those that the whole one has already, the widest first. */
export type LightBag = { dropped: ClubId[]; keeps: number; holes: Stretch[]; opened: Stretch[] }

/**
 * The club whose loss costs least, one after another and neither the longest nor the shortest, until the next would open
 * a hole over 12 yd in the goal zone or over 20 elsewhere.
 * @param toleranceM how near a stock must be to a number to cover it
 */
export function lightBag(bag: PaperBag, toleranceM: number, goalZoneM?: Stretch): LightBag {
  const span = spanOf(bag)
  const dropped: ClubId[] = []
  let now = bag
  for (;;) {
    const [next] = now.clubs
      .filter(({ carryM }) => carryM !== null)
      .slice(1, -1)
      .map(({ club }) => ({ id: club.id, after: withFixes(now, [{ kind: 'drop', clubId: club.id }]) }))
      .filter(({ after }) => after.clubs.length > 1 && isOpenEnough(after, toleranceM, span, goalZoneM))
      .sort((a, b) => worthOf(b.after, toleranceM, span) - worthOf(a.after, toleranceM, span))
    if (!next) break
    dropped.push(next.id)
    now = next.after
  }
  const { holes } = coverOn(now, toleranceM, span)
  const before = coverOn(bag, toleranceM, span).holes
  const opened = holes
    .filter(([from, to]) => !before.some(([a, b]) => a <= from && b >= to))
    .sort((a, b) => b[1] - b[0] - (a[1] - a[0]))
  return { dropped, keeps: now.clubs.length, holes, opened }
}

function spanOf({ clubs }: PaperBag): Stretch {
  const carries = clubs.flatMap(({ carryM }) => carryM ?? [])
  return [Math.min(...carries), Math.max(...carries)]
}

const worthOf = (bag: PaperBag, toleranceM: number, span: Stretch): number =>
  evenSteps(bag) + 10 * coverOn(bag, toleranceM, span).cover

function isOpenEnough(bag: PaperBag, toleranceM: number, span: Stretch, goal?: Stretch): boolean {
  const widest = (zone: Stretch) =>
    Math.max(0, ...coverOn(bag, toleranceM, zone).holes.map(([a, b]) => b - a))
  return widest(span) <= MOST_HOLE.elsewhereM && (!goal || widest(goal) <= MOST_HOLE.goalM)
}
