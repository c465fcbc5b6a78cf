import { type Station, stationKey } from '../model/station'
import type { ClubId } from '../model/ids'

/** What a golfer can want as it is: a gap, an uncovered distance by a distance that lies in it, or two stations at one number. */
export type LeftAbout =
  | { kind: 'step'; longerId: ClubId; shorterId: ClubId }
  | { kind: 'hole'; atM: number }
  | { kind: 'pair'; stations: [Station, Station] }
export type LeftOnPurpose = { about: LeftAbout; because: string }

/** One text for one subject, whichever way round a pair is named. */
export function leftKey(about: LeftAbout): string {
  switch (about.kind) {
    case 'step':
      return JSON.stringify({ kind: 'step', longerId: about.longerId, shorterId: about.shorterId })
    case 'hole':
      return JSON.stringify({ kind: 'hole', atM: Math.round(about.atM * 10) / 10 })
    case 'pair':
      return JSON.stringify({
        kind: 'pair',
        stations: about.stations
          .map(({ clubId, swing }) => ({ clubId, swing }))
          .sort((a, b) => (stationKey(a) < stationKey(b) ? -1 : 1)),
      })
  }
}
