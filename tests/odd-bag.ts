import { dice } from '../simulators/golfers/dice'
import type { BagInput } from '../src/core/analysis/bag-analysis'
import { CLUB_KINDS } from '../src/core/bag/club'
import type { ClubId, ShotId } from '../src/core/model/ids'
import { MARKS } from '../src/core/model/mark'
import type { Shot } from '../src/core/shots/shot'
import { club } from './shots'

/** A bag of odd clubs and odd shots. */
export function oddBag(seed: number): BagInput {
  const roll = dice(seed)
  const whole = (most: number) => Math.floor(roll.between(0, most + 0.999))
  const clubs = Array.from({ length: whole(14) }, (_, i) =>
    club(`c${i}`, CLUB_KINDS[whole(5)]!, roll.chance(0.3) ? null : roll.between(0, 70), whole(3)),
  )
  const odd = (usual: number) =>
    roll.chance(0.08) ? [NaN, 0, -usual, Infinity, 1e300, null][whole(5)] : usual * roll.between(0.5, 1.5)
  const shots = Array.from({ length: whole(90) }, (_, i) => {
    const shot = {
      id: `s${i}` as ShotId,
      clubId: `c${whole(15)}` as ClubId,
      swing: ['full', 'full', 'half', 'quarter', 'odd'][whole(4)]!,
      sequence: whole(60),
      session: whole(2),
      carryM: odd(120) as number,
      ...(roll.chance(0.6) && { ballSpeedMps: odd(50), launchDeg: odd(20), spinRpm: odd(5000) }),
      ...(roll.chance(0.5) && { offlineM: odd(5), clubSpeedMps: odd(38) }),
      ...(roll.chance(0.15) && { mark: MARKS[whole(6)]! }),
    }
    return shot as Shot
  })
  return { clubs, shots }
}

/** Fails for a number that JSON cannot hold. */
export function finite(key: string, value: unknown): unknown {
  if (typeof value === 'number' && !Number.isFinite(value)) throw new Error(`${key} is ${value}`)
  return value
}
