import type { OwnedClub } from '@/core/bag/bag'
import type { Verdict } from '@/core/gaps/step'
import type { HeldReason } from '@/core/monitor/station-for-shot'
import type { Place } from '@/core/session/session'
import type { Mark } from '@/core/shots/mark'

export const MARK_NAME: Record<Mark, string> = {
  solid: 'solid',
  fat: 'fat',
  thin: 'thin',
  'off-centre': 'off centre',
  wild: 'wild',
  misread: 'misread',
  'other-club': 'other club',
}

const SWING_NAME: Record<string, string> = { full: 'full', 'three-quarter': 'three-quarter', half: 'half' }
export const swingName = (swing: string): string => SWING_NAME[swing] ?? swing

/** "8-iron" for the full swing, "8-iron, half" for another. */
export const stationName = (club: Pick<OwnedClub, 'name'> | undefined, swing: string): string =>
  `${club?.name ?? 'a club that is not in the bag'}${swing === 'full' ? '' : `, ${swingName(swing)}`}`

/** "even", or "not settled" for whatever the shots do not settle. */
export const verdictName = ({ verdict, settled }: { verdict: Verdict; settled: boolean }): string =>
  verdict === 'on-the-line' ? 'on the line' : settled ? verdict : 'not settled'

/** The verdict that gives a step its colour and pattern: only a settled zone has one. */
export const verdictLook = ({ verdict, settled }: { verdict: Verdict; settled: boolean }) =>
  settled && verdict !== 'on-the-line' && verdict !== 'unknown' ? verdict : ('open' as const)

export const PLACE_NAME: Record<Place, string> = {
  indoor: 'indoors',
  range: 'on the range',
  course: 'on the course',
}

export const HELD_NAME: Record<HeldReason, string> = {
  'implausible-carry': 'no golf shot carries that',
  'unknown-club': 'its club is not known here',
  'other-station': 'the monitor names another station than the one that is open',
  'unknown-field': 'it came with a field that Banco does not know',
  'no-station': 'it came while no station was open',
}
