import { pressureAt } from '../flight/air'
import { REFERENCE_AIR, type Air } from '../model/air'
import type { SessionId } from '../model/ids'
import type { Conditions } from './conditions'
import type { Place } from '../model/session'
import { EMPTY_SET_UP, type AirSetUp, type CarryFrom, type SetUp } from './set-up'

/** What has to be said before the air is known. */
export type AirMissing = 'carry-from' | 'device-air' | 'temperature' | 'pressure' | 'wind'
type SessionAir = { kind: 'known'; air: Air } | { kind: 'unknown'; missing: AirMissing[] }

/** A session whose air nobody said, with its shots and all that is missing. */
export type SessionsWithoutAir = {
  id: SessionId
  startedMs: number
  offsetMin: number
  shots: number
  place: Place | null
  missing: AirMissing[]
}

/** A wind that no one feels on the ball; under it an unsaid direction does not matter. */
const BREEZE_MPS = 2

type Now = Pick<Conditions, 'wind' | 'tempC'>
const AS_SET_UP: Now = { wind: null, tempC: null }

/**
 * The air that a shot's carry belongs to: what the set-up said, with what changed since along the way.
 * @param now what was said of the air during the session, from this shot's place on
 */
export function sessionAir(setUp: SetUp | null, place: Place | null, now: Now = AS_SET_UP): SessionAir {
  const known = setUp ?? EMPTY_SET_UP
  const missing = missingOf(known, place, now)
  if (missing.length > 0) return { kind: 'unknown', missing }
  const { air, altitudeM, deviceTempC, carryFrom } = known
  if (carryFrom === 'computed')
    return {
      kind: 'known',
      air: {
        ...REFERENCE_AIR,
        tempC: deviceTempC as number,
        pressureHpa: pressureAt(altitudeM as number),
      },
    }
  return {
    kind: 'known',
    air: {
      tempC: (now.tempC ?? air.tempC) as number,
      pressureHpa: pressureHere(known) ?? pressureAt(altitudeM as number, air.seaLevelHpa ?? undefined),
      humidity: air.humidity ?? REFERENCE_AIR.humidity,
      ...(windAt(known, place, now) ?? CALM),
    },
  }
}

/** How the carries of a place most likely came about, where nobody said. */
export const likelyFrom = (place: Place | null): CarryFrom => (place === 'indoor' ? 'computed' : 'measured')

/** All that has to be said before the air is known; where nobody said whose air it is, what is missing of the likelier one. */
function missingOf(known: SetUp, place: Place | null, now: Now): AirMissing[] {
  const { air, altitudeM, deviceTempC, carryFrom } = known
  const first: AirMissing[] = carryFrom === null ? ['carry-from'] : []
  if ((carryFrom ?? likelyFrom(place)) === 'computed')
    return deviceTempC === null || altitudeM === null ? [...first, 'device-air'] : first
  return [
    ...first,
    ...((now.tempC ?? air.tempC) === null ? (['temperature'] as const) : []),
    ...(pressureHere(known) === null && altitudeM === null ? (['pressure'] as const) : []),
    ...(windAt(known, place, now) === null ? (['wind'] as const) : []),
  ]
}

const pressureHere = ({ air, altitudeOf }: SetUp): number | null =>
  altitudeOf === 'home' ? null : air.pressureHpa

const windAt = ({ air }: SetUp, place: Place | null, now: Now): Blowing | null =>
  place === 'indoor' ? CALM : windOf(air, now.wind)

/** What a golfer says afterwards of the air of sessions that lack it. */
export type AirInput = Pick<SetUp, 'carryFrom' | 'altitudeM' | 'deviceTempC'> &
  Pick<AirSetUp, 'tempC' | 'windMps' | 'wind'>

/**
 * A set-up with what was said of its air afterwards; what stood there before stays. A wind that leaves open how it
 * blew is the exception: who says it now says it whole.
 */
export function withAir(setUp: SetUp | null, known: AirInput): SetUp {
  const before = setUp ?? EMPTY_SET_UP
  const { air } = before
  const { windMps, wind } =
    windOf(air, null) === null ? { windMps: known.windMps ?? air.windMps, wind: known.wind ?? air.wind } : air
  return {
    ...before,
    carryFrom: before.carryFrom ?? known.carryFrom,
    deviceTempC: before.deviceTempC ?? known.deviceTempC,
    altitudeM: before.altitudeM ?? known.altitudeM,
    altitudeOf: before.altitudeM === null && known.altitudeM !== null ? 'here' : before.altitudeOf,
    air: {
      ...air,
      tempC: air.tempC ?? known.tempC,
      windMps,
      wind,
      source: air.source ?? 'typed',
    },
  }
}

/** Where no ball runs, or the device computes, a total is the device's own model. */
export const totalComputed = (place: Place | null, setUp: Pick<SetUp, 'carryFrom'> | null): boolean =>
  place === 'indoor' || setUp?.carryFrom === 'computed'

type Blowing = Pick<Air, 'tailwindMps' | 'crosswindMps' | 'windHeightM'>
const CALM: Blowing = { tailwindMps: 0, crosswindMps: 0 }

/** The wind of the set-up along and across; null where its strength or its side is not known. */
function windOf({ windMps, wind, windHeightM }: AirSetUp, gotUp: Conditions['wind']): Blowing | null {
  // A wind that got up along the way has a side but no strength.
  if ((gotUp !== null && gotUp !== wind) || windMps === null) return null
  if (windMps === 0) return CALM
  const high = windHeightM === null ? {} : { windHeightM }
  switch (wind) {
    case 'into':
      return { tailwindMps: -windMps, crosswindMps: 0, ...high }
    case 'with':
      return { tailwindMps: windMps, crosswindMps: 0, ...high }
    case 'from-left':
      return { tailwindMps: 0, crosswindMps: windMps, ...high }
    case 'from-right':
      return { tailwindMps: 0, crosswindMps: -windMps, ...high }
    default:
      return windMps <= BREEZE_MPS ? CALM : null
  }
}
