import type { Units } from '@/core/golfer'
import type { ClubId } from '@/core/ids'
import type { Fix } from '@/core/refit/fixes'
import { isNew, stepsOf, withFixes, type PaperBag, type PaperStep } from '@/core/refit/paper-bag'
import { lengthIn } from '@/core/units'
import type { RefitRow, RefitTread } from '@/draw/refit-stair'
import { chance, fixed } from '@/text/numbers'

/** A bag as it is and as some fixes would make it, with what is drawn of both. */
export type OnPaper = {
  rows: RefitRow[]
  treads: RefitTread[]
  steps: (PaperStep & { letter?: string; wasM?: number })[]
  before: number
  after: number
}

const sum = (steps: readonly PaperStep[]): number => steps.reduce((all, { even }) => all + even, 0)
const key = ({ longerId, shorterId }: Pick<PaperStep, 'longerId' | 'shorterId'>): string =>
  `${longerId} ${shorterId}`

/** Works out what some fixes do to every step, and letters those that change. */
export function onPaper(
  bag: PaperBag,
  fixes: readonly Fix[],
  units: Units,
  name: (id: ClubId) => string,
): OnPaper {
  const after = withFixes(bag, fixes)
  const was = new Map(stepsOf(bag).map((step) => [key(step), step.stepM]))
  let letters = 0
  const steps = stepsOf(after).map((step) => {
    const wasM = was.get(key(step))
    const changes = wasM === undefined || Math.abs(wasM - step.stepM) > 0.01
    const letter = changes ? { letter: String.fromCharCode(65 + letters++) } : {}
    return { ...step, ...letter, ...(wasM !== undefined && { wasM }) }
  })
  const order = inBagOrder(
    after.clubs.map(({ club }) => club.id),
    bag.clubs.map(({ club }) => club.id),
  )
  const at = (metres: number | null | undefined) =>
    metres == null ? null : lengthIn(metres, units.lengthUnit)
  const rows = order.map((id): RefitRow => {
    const [now, then] = [bag, after].map(({ clubs }) => clubs.find(({ club }) => club.id === id))
    const loftDeg = (then ?? now)?.club.loftDeg
    return {
      name: name(id),
      loft: loftDeg == null || isNew({ id }) ? '' : `${Number(loftDeg.toFixed(1))}°`,
      now: at(now?.carryM),
      then: at(then?.carryM),
    }
  })
  return {
    rows,
    steps,
    treads: steps.map(({ longerId, shorterId, stepM, even, letter }) => ({
      from: order.indexOf(longerId),
      to: order.indexOf(shorterId),
      number: fixed(lengthIn(stepM, units.lengthUnit), 0),
      word: `even ${chance(even)}`,
      even: even >= 0.5,
      ...(letter !== undefined && { letter }),
    })),
    before: sum(stepsOf(bag)),
    after: sum(steps),
  }
}

/** All clubs in the order of the bag as it would be; those that are gone where they stood. */
function inBagOrder(after: ClubId[], before: ClubId[]): ClubId[] {
  const order = [...after]
  for (const id of before)
    if (!order.includes(id)) {
      const next = before.slice(before.indexOf(id) + 1).find((each) => order.includes(each))
      order.splice(next ? order.indexOf(next) : order.length, 0, id)
    }
  return order
}

type OfClub = Extract<Fix, { clubId: ClubId }>['kind']

/** The fixes with one kind of them for a club set anew; null takes it back. */
export function changed(fixes: readonly Fix[], clubId: ClubId, kind: OfClub, fix: Fix | null): Fix[] {
  const others = fixes.filter((each) => !(each.kind === kind && 'clubId' in each && each.clubId === clubId))
  return fix === null ? others : [...others, fix]
}

/** What is tried with a club now. */
export function triedWith(fixes: readonly Fix[], clubId: ClubId) {
  const of = fixes.filter((fix) => 'clubId' in fix && fix.clubId === clubId)
  const turn = of.find((fix) => fix.kind === 'bend' || fix.kind === 'sleeve')
  const grip = of.find((fix) => fix.kind === 'grip')
  return {
    degrees: turn && 'degrees' in turn ? turn.degrees : 0,
    cm: grip?.kind === 'grip' ? grip.cm : 0,
    dropped: of.some(({ kind }) => kind === 'drop'),
  }
}
