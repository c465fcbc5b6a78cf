import { mpsFrom } from '../units'
import { isPlausibleCarry } from '../shots/plausible-carry'
import type { Shot } from '../shots/shot'

/**
 * What the calculations read out of a shot. Logarithms, since golfers and monitors err by shares and
 * not by yards; null where it was not measured.
 */
export type ShotReading = {
  /** Place among the readings of the bag. */
  index: number
  shot: Shot
  /** Place of its station among the stations of the bag. */
  station: number
  /** Place of its session, oldest 0. */
  session: number
  /** Place of its day, oldest 0: sessions that are hours apart share one. */
  day: number
  /** How many shots the golfer has hit before since the start or the last long rest. */
  position: number
  logCarry: number
  logSpeed: number | null
  logLaunch: number | null
  logSpin: number | null
  /** Ball speed over club speed: what a strike loses, however fast the swing was. */
  logSmash: number | null
  /** Offline as a share of carry, positive to the right. */
  lateral: number | null
}

/** Values no ball that was hit has: a monitor writes them for "not measured". */
const LEAST_SPEED_MPS = mpsFrom(5, 'mph')
const MOST_LAUNCH_DEG = 80
const LEAST_SPIN_RPM = 200
/** No ball lands further off line than twice its carry. */
const MOST_LATERAL = 2

/** Reads one shot. Null when its carry cannot be one: a misread that counts nowhere. */
export function readShot(
  shot: Shot,
  index: Pick<ShotReading, 'index' | 'station' | 'session' | 'day' | 'position'>,
): ShotReading | null {
  const { carryM, launchDeg, spinRpm, offlineM } = shot
  if (!isPlausibleCarry(carryM)) return null
  const lateral = isNumber(offlineM) ? offlineM / carryM : null
  const launched = isNumber(launchDeg) && launchDeg > 0 && launchDeg < MOST_LAUNCH_DEG
  const speed = speedOf(shot.ballSpeedMps)
  const club = speedOf(shot.clubSpeedMps)
  return {
    index: index.index,
    shot,
    station: index.station,
    session: index.session,
    day: index.day,
    position: index.position,
    logCarry: Math.log(carryM),
    logSpeed: speed === null ? null : Math.log(speed),
    logLaunch: launched ? Math.log(launchDeg) : null,
    logSpin: isNumber(spinRpm) && spinRpm > LEAST_SPIN_RPM ? Math.log(spinRpm) : null,
    logSmash: speed === null || club === null ? null : Math.log(speed / club),
    lateral: lateral !== null && Math.abs(lateral) <= MOST_LATERAL ? lateral : null,
  }
}

const speedOf = (mps: unknown): number | null => (isNumber(mps) && mps > LEAST_SPEED_MPS ? mps : null)

/** The golfer's own mark as a weight: 1 solid, 0 anything else, null where Banco has to judge. */
export const markedWeight = ({ shot: { mark } }: ShotReading): 0 | 1 | null =>
  mark === undefined ? null : mark === 'solid' ? 1 : 0

/** Readings by something that they share, each group in the order in which it came. */
export function grouped<Key>(
  readings: readonly ShotReading[],
  keyOf: (reading: ShotReading) => Key,
): Map<Key, ShotReading[]> {
  const groups = new Map<Key, ShotReading[]>()
  for (const reading of readings) {
    const key = keyOf(reading)
    const group = groups.get(key)
    if (group) group.push(reading)
    else groups.set(key, [reading])
  }
  return groups
}

const isNumber = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value)
