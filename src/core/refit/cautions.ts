import type { Head } from '../bag/club-build'
import type { ClubId } from '../model/ids'
import { isPurchase, type Fix } from './fixes'
import type { RefitClub } from '../bag/bag'

/** What is to be known before a fix is done, as data: the screens put it into words. */
export type Caution =
  /** A clubmaker does it, on a bench. */
  | { kind: 'clubmaker' }
  | { kind: 'head'; clubId: ClubId; head: 'cast' | 'not-known' }
  /** A degree of loft is a degree of bounce. */
  | { kind: 'bounce'; clubId: ClubId; degrees: number; leavesDeg?: number }
  | { kind: 'sleeve-turns-face'; clubId: ClubId }
  /** A longer club swings heavier and stands more upright; a shorter one the other way. */
  | { kind: 'length'; clubId: ClubId; longerM: number }
  /** What is only supposed of a club that was not hit. */
  | { kind: 'measure-it-first'; loftDeg: number }
  | { kind: 'lofts-not-measured' }

/** The cautions that go with some fixes. */
export function cautionsOf(fixes: readonly Fix[], clubs: readonly RefitClub[]): Caution[] {
  const clubOf = (id: ClubId) => clubs.find((club) => club.id === id)
  const bends = fixes.flatMap((fix) => (fix.kind === 'bend' ? [fix] : []))
  const byClubmaker = fixes.some(({ kind }) => kind === 'bend' || kind === 'length')
  return [
    ...(byClubmaker ? [{ kind: 'clubmaker' as const }] : []),
    ...bends.flatMap(({ clubId, degrees }): Caution[] => {
      const club = clubOf(clubId)
      const head: Head | 'not-known' = club?.head ?? 'not-known'
      const leavesDeg = club?.bounceDeg === undefined || club.usual ? undefined : club.bounceDeg + degrees
      return [
        ...(head === 'cast' || head === 'not-known' ? [{ kind: 'head', clubId, head } as const] : []),
        { kind: 'bounce', clubId, degrees, ...(leavesDeg !== undefined && { leavesDeg }) },
      ]
    }),
    ...fixes.flatMap((fix): Caution[] =>
      fix.kind === 'sleeve'
        ? [{ kind: 'sleeve-turns-face', clubId: fix.clubId }]
        : fix.kind === 'length'
          ? [{ kind: 'length', clubId: fix.clubId, longerM: fix.longerM }]
          : [],
    ),
    ...fixes.filter(isPurchase).flatMap((fix): Caution[] => {
      const loftDeg = fix.kind === 'swap' || fix.kind === 'add' ? fix.loftDeg : undefined
      return loftDeg === undefined ? [] : [{ kind: 'measure-it-first', loftDeg }]
    }),
    ...(fixes.some(
      (fix) => 'clubId' in fix && fix.clubId !== undefined && clubOf(fix.clubId)?.loftMeasured !== true,
    )
      ? [{ kind: 'lofts-not-measured' as const }]
      : []),
  ]
}
