import type { ClubId } from '../model/ids'

const SHORT_KINDS: Record<string, string> = { i: 'iron', w: 'wood', h: 'hybrid', hy: 'hybrid', fw: 'wood' }
const SHORT_NAMES: Record<string, string> = {
  d: 'driver',
  dr: 'driver',
  pw: 'pwedge',
  gw: 'gwedge',
  aw: 'awedge',
  sw: 'swedge',
  lw: 'lwedge',
  pitchingwedge: 'pwedge',
  gapwedge: 'gwedge',
  approachwedge: 'awedge',
  attackwedge: 'awedge',
  sandwedge: 'swedge',
  lobwedge: 'lwedge',
  pt: 'putter',
}

/** What a golfer says of a name: which club it is, that it is decided later, or that it goes by its letters again. */
export type LabelMeaning = { says: 'is'; clubId: ClubId } | { says: 'later' } | { says: 'forgotten' }

/**
 * The club that a monitor or a file means by `label`: one that the golfer mapped it to (null: decided later), else one with
 * the same name ("7i", "7 Iron" and "7-iron" are one; so are "54" and "54° wedge"). Null when none is meant
 * beyond doubt.
 */
export function clubForLabel(
  label: string,
  clubs: readonly { id: ClubId; name: string }[],
  mapped: ReadonlyMap<string, ClubId | null> = new Map(),
): ClubId | null {
  const text = label.trim().toLowerCase()
  const byGolfer = mapped.get(text)
  if (byGolfer !== undefined) return byGolfer
  const letterForLetter = clubs.filter((club) => club.name.trim().toLowerCase() === text)
  if (letterForLetter.length === 1) return letterForLetter[0]?.id ?? null
  const wanted = plainName(label)
  const meant = clubs.filter((club) => plainName(club.name) === wanted)
  return meant.length === 1 ? (meant[0]?.id ?? null) : null
}

function plainName(label: string): string {
  const plain = label.toLowerCase().replace(/[^a-z0-9.]/g, '')
  const loft = /^(4[4-9]|5\d|6[0-4])(\.5)?(deg|degrees|wedge)?$/.exec(plain)
  if (loft) return `${loft[1]}${loft[2] ?? ''}wedge`
  const turned = /^(wedge|iron|wood|hybrid)(\d{1,2}(?:\.5)?)$/.exec(plain)
  if (turned) return `${turned[2]}${turned[1]}`
  const kind = /^(\d{1,2})([a-z]{1,2})$/.exec(plain)
  if (kind) return kind[1] + (SHORT_KINDS[kind[2] ?? ''] ?? kind[2] ?? '')
  return SHORT_NAMES[plain] ?? plain
}
