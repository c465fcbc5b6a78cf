import type { ClubDetails } from '../bag/bag'
import type { ClubKind } from '../bag/club'

const KINDS: [ClubKind, RegExp][] = [
  ['driver', /^(driver|dr?)$/i],
  ['putter', /^(putter|pt)$/i],
  ['hybrid', /hy|^\d{1,2} ?h$/i],
  ['wedge', /wedge|^[pgsal]w$|°|^[4-6]\d$/i],
  ['wood', /wood|holz|bois|^\d{1,2} ?w$/i],
]

/** The loft that a wedge is named by: "54° wedge", "52". */
const NAMED_LOFT = /(?:^|\D)([4-6]\d(?:[.,]5)?)(?:\D|$)/

/** A new club as its name tells it: its kind, and its loft where it is named by it. */
export function clubNamed(name: string): ClubDetails {
  const kind = KINDS.find(([, words]) => words.test(name.trim()))?.[0] ?? 'iron'
  const loft = kind === 'wedge' ? NAMED_LOFT.exec(name)?.[1] : undefined
  return { name: name.trim().slice(0, 40), kind, loftDeg: loft ? Number(loft.replace(',', '.')) : null }
}
