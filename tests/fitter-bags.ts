import { dice } from '../simulators/golfers/dice'
import type { ClubKind } from '../src/core/bag/club'
import type { ClubId, ShotId } from '../src/core/model/ids'
import type { RefitClub } from '../src/core/bag/bag'
import type { Shot } from '../src/core/shots/shot'
import { yards } from '../src/core/units'
import type { RefitBag } from '../src/views/refit-of'

export type FitterClub = {
  name: string
  kind: ClubKind
  loft: number
  yd: number
  inBag?: false
  /** Launch in degrees and backspin, where the monitor measures them. */
  launch?: { deg: number; spin: number; mph: number }
} & Partial<RefitClub>

/**
 * A bag whose every club was hit so many times on each of so many days, 3% about the carry that is given: what a fitter sees.
 * @param count shots with a club a day
 */
export function fitterBag(
  clubs: readonly FitterClub[],
  { shots = 10, days = 2, measured = true, seed = 1 } = {},
): RefitBag {
  const roll = dice(seed)
  const made = clubs.map(
    ({ name, kind, loft, yd: _, inBag: _in, launch: _launch, ...more }, order): RefitClub => ({
      id: name as ClubId,
      kind,
      loftDeg: loft,
      order,
      head: 'forged',
      ...(measured && { loftMeasured: true }),
      ...more,
    }),
  )
  const carries = clubs.map(() => Array.from({ length: days }, () => evenSpread(shots, roll)))
  const hit = Array.from({ length: days }, (_, session) =>
    Array.from({ length: shots }, (_, i) =>
      clubs.map(({ name, yd, launch }, place): Shot => {
        const share = carries[place]?.[session]?.[i] ?? 0
        return {
          id: `${name} ${session} ${i}` as ShotId,
          clubId: name as ClubId,
          swing: 'full',
          carryM: yards(yd * (1 + SPREAD * share)),
          sequence: i * clubs.length + place,
          session,
          hitMs: session * 86_400_000 + (i * clubs.length + place) * 60_000,
          ...(launch && {
            launchDeg: launch.deg,
            spinRpm: launch.spin,
            ballSpeedMps: launch.mph * 0.44704 * (1 + 0.7 * SPREAD * share),
          }),
        }
      }),
    ).flat(),
  ).flat()
  return {
    clubs: made.filter((_, i) => clubs[i]?.inBag !== false),
    rack: made.filter((_, i) => clubs[i]?.inBag === false),
    shots: hit,
  }
}

const SPREAD = 0.025

/** So many numbers of mean 0 and standard deviation 1, in an order by chance. */
function evenSpread(count: number, roll: ReturnType<typeof dice>): number[] {
  const raw = Array.from({ length: count }, () => roll.normal(0, 1))
  const mean = raw.reduce((sum, each) => sum + each, 0) / count
  const sd = Math.sqrt(raw.reduce((sum, each) => sum + (each - mean) ** 2, 0) / Math.max(1, count - 1)) || 1
  return raw.map((each) => (each - mean) / sd)
}
