import { pressureAt, REFERENCE_AIR, type Air } from '../flight/air'
import type { SessionId } from '../ids'
import type { Conditions } from './conditions'
import type { Place } from './session'
import type { AirSetUp, SetUp } from './set-up'

/** What has to be said before the air is known. */
export type AirMissing = 'carry-from' | 'device-air' | 'temperature' | 'pressure' | 'wind'
export type SessionAir = { kind: 'known'; air: Air } | { kind: 'unknown'; missing: AirMissing }

/** A session whose air nobody said, with its shots. */
export type AskedAir = {
  id: SessionId
  startedMs: number
  offsetMin: number
  shots: number
  missing: AirMissing
}

/** A wind that no one feels on the ball; under it an unsaid direction does not matter. */
export const BREEZE_MPS = 2

const unknown = (missing: AirMissing): SessionAir => ({ kind: 'unknown', missing })

/**
 * The air that a shot's carry belongs to: what the set-up said, with what changed since along the way.
 * @param now what was said of the air during the session, from this shot's place on
 */
export function sessionAir(
  setUp: SetUp | null,
  place: Place | null,
  now: Pick<Conditions, 'wind' | 'tempC'> = { wind: null, tempC: null },
): SessionAir {
  if (!setUp || setUp.carryFrom === null) return unknown('carry-from')
  const { air, altitudeM, altitudeOf, deviceTempC, carryFrom } = setUp
  if (carryFrom === 'computed')
    return deviceTempC === null || altitudeM === null
      ? unknown('device-air')
      : {
          kind: 'known',
          air: { ...REFERENCE_AIR, tempC: deviceTempC, pressureHpa: pressureAt(altitudeM) },
        }
  const tempC = now.tempC ?? air.tempC
  if (tempC === null) return unknown('temperature')
  const here = altitudeOf === 'home' ? null : air.pressureHpa
  if (here === null && altitudeM === null) return unknown('pressure')
  const wind = place === 'indoor' ? CALM : windOf(air, now.wind)
  if (!wind) return unknown('wind')
  return {
    kind: 'known',
    air: {
      tempC,
      pressureHpa: here ?? pressureAt(altitudeM as number, air.seaLevelHpa ?? undefined),
      humidity: air.humidity ?? REFERENCE_AIR.humidity,
      ...wind,
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
