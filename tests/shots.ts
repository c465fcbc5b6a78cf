import type { Club, ClubKind } from '../src/core/bag/club'
import type { ClubId, ShotId } from '../src/core/model/ids'
import { readShots, type ReadShots } from '../src/core/judge/read-shots'
import type { Shot } from '../src/core/shots/shot'
import { yards } from '../src/core/units'

export const club = (id: string, kind: ClubKind, loftDeg: number | null, order: number): Club => ({
  id: id as ClubId,
  kind,
  loftDeg,
  order,
})

/** Six clubs from driver to pitching wedge, with carries that gap evenly. */
export const SIX: Club[] = [
  club('driver', 'driver', 10.5, 0),
  club('7-wood', 'wood', 21, 1),
  club('5-iron', 'iron', 26, 2),
  club('7-iron', 'iron', 32, 3),
  club('9-iron', 'iron', 40, 4),
  club('wedge', 'wedge', 46, 5),
]
export const SIX_CARRIES_YD = [230, 198, 178, 160, 136, 120]

let made = 0
/** Shots with one club, carries in yards, in the order hit. */
export const hit = (clubId: string, carries: readonly (number | null)[], more: Partial<Shot> = {}): Shot[] =>
  carries.map((carry) => ({
    id: `shot-${made}` as ShotId,
    clubId: clubId as ClubId,
    swing: 'full',
    sequence: made++,
    carryM: carry === null ? null : yards(carry),
    ...more,
  }))

/** A few good shots around a carry, a per cent or two apart. */
export const around = (carry: number, count = 5): number[] =>
  Array.from({ length: count }, (_, i) => carry * (1 + ([0, 0.012, -0.011, 0.02, -0.018][i % 5] as number)))

/** Ball speed in m/s that a good shot of that carry has in these tests. */
export const speedFor = (carryYd: number): number => 22 + 0.26 * carryYd

/** Good shots of every one of the six clubs, with ball speed and launch. */
export const goodBag = (count = 5): Shot[] =>
  SIX.flatMap(({ id, loftDeg }, i) =>
    around(SIX_CARRIES_YD[i] as number, count).flatMap((carry) =>
      hit(id, [carry], { ballSpeedMps: speedFor(carry), launchDeg: 8 + 0.36 * (loftDeg ?? 0) }),
    ),
  )

export const read = (clubs: readonly Club[], shots: readonly Shot[]): ReadShots =>
  readShots(clubs, shots, new Set())
