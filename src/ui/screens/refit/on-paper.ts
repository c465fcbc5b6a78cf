import { gapKey } from '@/core/gaps/gap-clubs'
import type { Units } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { isTurn, type Fix } from '@/core/refit/fixes'
import { isNew } from '@/core/refit/apply-fixes'
import type { PaperBag } from '@/core/refit/paper-bag'
import { evaluate, goodGapsWith, type GoodGapsChange, type PaperGap } from '@/core/refit/paper-gaps'
import type { RefitRow, RefitTread } from '@/draw/fix-ladder'
import { chance, fixed, len } from '@/text/numbers'
import { paperGap } from '@/text/refit'
import { lengthMeasure } from '../../shared/form/measure'

/** A gap as it would be. `drawn` and `was` are its size as it is shown, in the golfer's unit. */
export type PaperTread = PaperGap & { drawn: number; was?: number; letter?: string }

/** A bag as it is and as some fixes would make it, with what is drawn of both. */
type OnPaper = {
  rows: RefitRow[]
  treads: RefitTread[]
  gaps: PaperTread[]
  good: GoodGapsChange
}

/** Works out what some fixes do to every gap, and letters those that change. */
export function onPaper(
  bag: PaperBag,
  fixes: readonly Fix[],
  units: Units,
  name: (id: ClubId) => string,
): OnPaper {
  const { bag: after, gaps: gapsAfter } = evaluate(bag, fixes)
  const shown = (of: PaperBag, id: ClubId): number | null => {
    const each = of.clubs.find(({ club }) => club.id === id)
    return each == null || each.carryM === null ? null : each.carryM + each.shownByM
  }
  const before = new Map(evaluate(bag, []).gaps.map((gap) => [gapKey(gap), gap]))
  let letterCount = 0
  const gaps = gapsAfter.map((gap): PaperTread => {
    const was = before.get(gapKey(gap))
    const changes = was === undefined || Math.abs(was.gapM - gap.gapM) > 0.01
    const letter = changes ? { letter: String.fromCharCode(65 + letterCount++) } : {}
    return { ...gap, drawn: paperGap(gap, units), ...letter, ...(was && { was: paperGap(was, units) }) }
  })
  const order = inBagOrder(
    after.clubs.map(({ club }) => club.id),
    bag.clubs.map(({ club }) => club.id),
  )
  const at = (metres: number | null) =>
    metres === null ? null : lengthMeasure(units.lengthUnit, 1).to(metres)
  const rows = order.map((id): RefitRow => {
    const [now, then] = [bag, after].map(({ clubs }) => clubs.find(({ club }) => club.id === id))
    const loftDeg = (then ?? now)?.club.loftDeg
    return {
      name: name(id),
      loft: loftDeg == null || isNew({ id }) ? '' : `${Number(loftDeg.toFixed(1))}°`,
      now: at(shown(bag, id)),
      then: at(shown(after, id)),
      text: len(shown(after, id) ?? 0, units),
    }
  })
  return {
    rows,
    gaps,
    treads: gaps.map(({ longerId, shorterId, drawn: size, good, letter }) => ({
      from: order.indexOf(longerId),
      to: order.indexOf(shorterId),
      number: fixed(size, 0),
      word: `good ${chance(good)}`,
      good: good >= 0.5,
      ...(letter !== undefined && { letter }),
    })),
    good: goodGapsWith(bag, fixes),
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

type OfClub = Extract<Fix, { clubId: ClubId }>
/** What a club may be besides bent or at home: one of these at a time. */
export type Else = Extract<Fix, { kind: 'grip' | 'swap' | 'length' }>
const isElse = (fix: Fix): fix is Else => fix.kind === 'grip' || fix.kind === 'swap' || fix.kind === 'length'

/** The fixes with some kinds of them for a club set anew; null takes it back. */
export function changed(
  fixes: readonly Fix[],
  clubId: ClubId,
  kinds: readonly OfClub['kind'][],
  fix: OfClub | null,
): Fix[] {
  const others = fixes.filter(
    (each) =>
      !('clubId' in each && each.clubId === clubId && (kinds as readonly string[]).includes(each.kind)),
  )
  return fix === null ? others : [...others, fix]
}

/** What is tried with a club now. */
export function triedWith(fixes: readonly Fix[], clubId: ClubId) {
  const of = fixes.filter((fix) => 'clubId' in fix && fix.clubId === clubId)
  const turn = of.find(isTurn)
  return {
    degrees: turn?.degrees ?? 0,
    /** What is tried besides a turn: a grip, another loft or another length. */
    else: of.find(isElse),
    dropped: of.some(({ kind }) => kind === 'drop'),
  }
}
