import type { Club } from '../bag/club'
import { readShot, type ShotReading } from './reading'
import { type Shot } from '../shots/shot'
import { FULL_SWING, SWINGS, TEED_SWING, type Swing, stationKey } from '../model/station'

/** One station with its readings, before anything was judged. */
export type StationReadings = { club: Club; swing: Swing; readings: ShotReading[] }

export type ReadShots = {
  /** Every full swing of the bag, hit or not, and every other station that was hit: by club, full first. */
  stations: StationReadings[]
  /** Session by session, in the order hit. */
  readings: ShotReading[]
  /** Shots with a club of the bag whose carry cannot be one. */
  unreadable: Shot[]
  /** Shots that are kept apart: warm-up, and those in wind or from a bad lie where the station has others. */
  excluded: Shot[]
  /** Shots with a club that is not in the bag. */
  strangers: Shot[]
  days: number
  /** All of them. */
  inOrder: Shot[]
}

/** A rest of 45 minutes makes a golfer fresh again. */
const REST_MS = 45 * 60_000
/** Sessions nearer than this are of one day: the same ball, air and form. */
const SAME_DAY_MS = 10 * 3_600_000
/**
 * Shots nearer than this were not hit one after another: a list was pasted, or typed from paper. It has no order in time,
 * and says nothing of tiredness.
 */
const TOO_QUICK_MS = 8_000

/**
 * Puts shots in the order in which they were hit and reads their numbers.
 * @param bag longest first, without the putter
 * @param ignored clubs whose shots are no part of this: the putter
 * @param windCounts shots in wind and from bad lies are not kept apart
 */
export function readShots(
  bag: readonly Club[],
  shots: readonly Shot[],
  ignored: ReadonlySet<string>,
  windCounts = false,
): ReadShots {
  const inOrder = [...shots].sort(bySequence)
  const stations = stationsOf(
    bag,
    inOrder.filter(({ exclusion }) => exclusion !== 'warm-up'),
  )
  const stationAt = new Map(stations.map(({ club, swing }, i) => [`${club.id}\n${swing}`, i]))
  const readings: ShotReading[] = []
  const unreadable: Shot[] = []
  const strangers: Shot[] = []
  const excluded: Shot[] = []
  const isExcluded = exclusionTest(inOrder, windCounts)
  let session = -1
  let day = -1
  let position = 0
  let hit = 0
  let last: Shot | null = null
  for (const shot of inOrder) {
    const sinceMs =
      shot.hitMs === undefined || last?.hitMs === undefined ? undefined : shot.hitMs - last.hitMs
    if (last === null || (shot.session ?? 0) !== (last.session ?? 0)) {
      session++
      if (sinceMs === undefined || sinceMs >= SAME_DAY_MS) day++
      position = hit = 0
    } else if (sinceMs !== undefined && sinceMs >= REST_MS) position = hit = 0
    else if (sinceMs === undefined || sinceMs >= TOO_QUICK_MS) position = hit
    hit++
    last = shot
    const station = stationAt.get(stationKey(shot))
    if (station === undefined) {
      if (!ignored.has(shot.clubId)) strangers.push(shot)
      continue
    }
    if (isExcluded(shot)) {
      excluded.push(shot)
      continue
    }
    const reading = readShot(shot, { index: readings.length, station, session, day, position })
    if (reading === null) {
      unreadable.push(shot)
      continue
    }
    readings.push(reading)
    stations[station]?.readings.push(reading)
  }
  return { stations, readings, unreadable, excluded, strangers, days: day + 1, inOrder }
}

const bySequence = (a: Shot, b: Shot) =>
  (a.session ?? 0) - (b.session ?? 0) || a.sequence - b.sequence || (a.id < b.id ? -1 : 1)

/** Full, off a tee, three-quarter, half, then the golfer's own by name. */
function byLength(a: Swing, b: Swing): number {
  const orderOf = (swing: Swing) => BY_LENGTH.indexOf(swing) >>> 0
  return orderOf(a) - orderOf(b) || (a < b ? -1 : 1)
}

const BY_LENGTH: readonly Swing[] = [FULL_SWING, TEED_SWING, ...SWINGS]

function stationsOf(bag: readonly Club[], shots: readonly Shot[]): StationReadings[] {
  return bag.flatMap((club) => {
    const own = shots.filter((shot) => shot.clubId === club.id).map(({ swing }) => swing)
    return [...new Set([FULL_SWING, ...own.sort(byLength)])].map((swing) => ({ club, swing, readings: [] }))
  })
}

/**
 * Which shots are kept apart. Those of a station that was hit in nothing but wind or bad lies, or off nothing but the other
 * surface, are all there is of it, and count.
 */
export function exclusionTest<S extends Pick<Shot, 'clubId' | 'swing' | 'exclusion'>>(
  shots: readonly S[],
  windCounts: boolean,
): (shot: S) => boolean {
  const isPlain = ({ exclusion }: S) =>
    exclusion === undefined || (windCounts && (exclusion === 'wind' || exclusion === 'rough'))
  const plain = new Set(shots.filter(isPlain).map(stationKey))
  return (shot) => shot.exclusion === 'warm-up' || (!isPlain(shot) && plain.has(stationKey(shot)))
}
