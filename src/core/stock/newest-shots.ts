import type { Shot } from '../shots/shot'
import { exclusionTest } from '../judge/read-shots'
import { stationKey, type Station } from '../model/station'

/**
 * A stock is made of a station's newest shots: so many of them, and where those come from fewer sessions than three, of
 * the newest three so many each. Older ones change it by less than a day does, and the golfer has changed since.
 */
export const NEWEST = { shots: 60, sessions: 3, ofEach: 30 }

/** What tells which shots are the newest that can count. */
export type Datable = Pick<Shot, 'clubId' | 'swing' | 'mark' | 'exclusion' | 'session' | 'sequence'>

export type Newest<S extends Datable = Shot> = {
  taken: S[]
  /** How many older shots of a station were passed over, where there are any. */
  older: (Station & { shots: number })[]
}

/** Over 0 where the first was hit later. */
const isNewer = (a: Datable, b: Datable): number =>
  (a.session ?? 0) - (b.session ?? 0) || a.sequence - b.sequence

/**
 * The newest shots of every station, in the order in which they were given. What the golfer left out, and what is kept
 * apart, takes no other's place.
 * @param windCounts shots in wind and from bad lies are not kept apart
 */
export function newestShots<S extends Datable>(shots: readonly S[], windCounts = false): Newest<S> {
  const isExcluded = exclusionTest(shots, windCounts)
  const canCount = (shot: S) => (shot.mark === undefined || shot.mark === 'solid') && !isExcluded(shot)
  const stations = new Map<string, S[]>()
  for (const shot of shots) {
    const key = stationKey(shot)
    const own = stations.get(key)
    if (own) own.push(shot)
    else stations.set(key, [shot])
  }
  const passedOver = new Set<S>()
  const older: Newest['older'] = []
  for (const own of stations.values()) {
    if (own.length <= NEWEST.shots) continue
    const newestFirst = own.every((shot, i) => i === 0 || isNewer(shot, own[i - 1] as S) > 0)
      ? own.toReversed()
      : own.toSorted((a, b) => isNewer(b, a))
    const sessions = new Map<number, number>()
    let counted = 0
    for (const shot of newestFirst) {
      const session = shot.session ?? 0
      const ofSession = sessions.get(session) ?? 0
      const among = sessions.has(session) ? sessions.size : sessions.size + 1
      const wanted = counted < NEWEST.shots || (among <= NEWEST.sessions && ofSession < NEWEST.ofEach)
      if (!wanted) {
        passedOver.add(shot)
        continue
      }
      if (!canCount(shot)) continue
      sessions.set(session, ofSession + 1)
      counted++
    }
    const left = own.reduce((sum, shot) => sum + Number(passedOver.has(shot)), 0)
    const [{ clubId, swing }] = own as [S]
    if (left > 0) older.push({ clubId, swing, shots: left })
  }
  return passedOver.size === 0
    ? { taken: [...shots], older }
    : { taken: shots.filter((shot) => !passedOver.has(shot)), older }
}
