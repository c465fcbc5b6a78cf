import type { Shot } from '../shots/shot'
import { stationKey } from '../station'

/**
 * A stock is made of a station's newest shots: so many of them, and where those come from fewer sessions than three, of
 * the newest three so many each. Older ones change it by less than a day does, and the golfer has changed since.
 */
export const NEWEST = { shots: 60, sessions: 3, ofEach: 30 }

export type Newest = {
  taken: Shot[]
  /** How many older shots of a station were passed over, by its key; those without any are missing. */
  older: ReadonlyMap<string, number>
}

/** Whether a shot can count: what the golfer left out, and a warm-up, takes no other's place. */
const canCount = ({ mark, apart }: Shot): boolean =>
  (mark === undefined || mark === 'solid') && apart !== 'warm-up'

/** The newest shots of every station, in the order in which they were given. */
export function newestShots(shots: readonly Shot[]): Newest {
  const stations = new Map<string, Shot[]>()
  for (const shot of shots) {
    const key = stationKey(shot)
    const own = stations.get(key)
    if (own) own.push(shot)
    else stations.set(key, [shot])
  }
  const passedOver = new Set<Shot>()
  const older = new Map<string, number>()
  for (const [key, own] of stations) {
    if (own.length <= NEWEST.shots) continue
    const newestFirst = own.toSorted((a, b) => (b.session ?? 0) - (a.session ?? 0) || b.sequence - a.sequence)
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
    const left = own.filter((shot) => passedOver.has(shot)).length
    if (left > 0) older.set(key, left)
  }
  return passedOver.size === 0
    ? { taken: [...shots], older }
    : { taken: shots.filter((shot) => !passedOver.has(shot)), older }
}
