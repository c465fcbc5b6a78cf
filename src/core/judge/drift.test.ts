import { linearRegression } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { makeHiddenGolfer } from '../../../simulators/golfers/hidden-golfer'
import { hitSession, inRounds } from '../../../simulators/golfers/hit-session'
import { around, club, hit, read, SIX, SIX_CARRIES_YD } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import type { Club } from '../bag/club'
import type { ClubId, ShotId } from '../model/ids'
import { lengthIn } from '../units'
import { firstPass } from './first-pass'
import { driftOf } from './drift'

/** What a golfer who loses `tires` of ball speed over 90 shots shows, with ten shots a club. */
function drift(tires: number, perRound: number, seed: number) {
  const roll = dice(seed)
  const measures = { speed: true, launch: true, spin: true }
  const golfer = { ...makeHiddenGolfer('g', roll), tires, measures, forgets: 0 }
  const clubs = golfer.clubs.map(({ name, kind, loftDeg }, order): Club => ({
    id: name as ClubId,
    kind,
    loftDeg,
    order,
  }))
  const shots = hitSession(golfer, inRounds(golfer.clubs, 10, perRound), roll).map((shot, i) => ({
    ...shot.flight,
    id: String(i) as ShotId,
    clubId: shot.named.name as ClubId,
    swing: 'full',
    sequence: i,
  }))
  const { readings } = read(clubs, shots)
  return driftOf(readings, firstPass(readings, new Set()))
}
const SEEDS = Array.from({ length: 60 }, (_, i) => 900 + i)
const share = (of: (seed: number) => boolean) => SEEDS.filter(of).length / SEEDS.length

describe('tiredness, seeds 900 to 959', () => {
  it('of 4% is found in most sessions that were hit in rounds of three', () => {
    expect(share((seed) => drift(0.04, 3, seed).found)).toBeGreaterThan(0.8)
    expect(share((seed) => drift(0.04, 3, seed).knowable)).toBeGreaterThan(0.9)
  })

  it('that is none is said in few', () => {
    expect(share((seed) => drift(0, 3, seed).found)).toBeLessThan(0.08)
  })

  it('cannot be known club after club, and hardly ever is said', () => {
    expect(share((seed) => drift(0.04, 10, seed).knowable)).toBe(0)
    expect(share((seed) => drift(0.04, 10, seed).found)).toBeLessThan(0.2)
  })
})

it('with one station is the slope of a general-purpose regression', () => {
  const speeds = [45, 44.7, 45.2, 44.4, 44.1, 44.5, 43.9, 43.8]
  const shots = speeds.flatMap((ballSpeedMps) => hit('7-iron', [160], { ballSpeedMps }))
  const { readings } = read(SIX, shots)
  const { m } = linearRegression(speeds.map((speed, i) => [i / 90, Math.log(speed)]))
  expect(driftOf(readings, new Float64Array(8).fill(1)).per90).toBeCloseTo(m, 10)
})

it('is not knowable below five degrees of freedom, and then the usual loss is supposed', () => {
  const shots = SIX.flatMap(({ id }, i) => hit(id, around(SIX_CARRIES_YD[i]!, 1)))
  const { readings } = read(SIX, shots)
  expect(driftOf(readings, new Float64Array(6).fill(1))).toEqual({
    found: false,
    knowable: false,
    of: 'carry',
    expected: { per90: -0.01, sd: 0.015 },
  })
})

describe('a list without an order in time', () => {
  // Twelve clubs, five carries each, the best first: as golfers write them down.
  const clubs = Array.from({ length: 12 }, (_, i) =>
    club(`c${i}`, i === 0 ? 'driver' : 'iron', 10.5 + 4 * i, i),
  )
  const list = (everyMs: number) =>
    clubs
      .flatMap(({ id }, i) =>
        hit(
          id,
          [1.03, 1.015, 1, 0.985, 0.97].map((times) => times * (230 - 12 * i)),
        ),
      )
      .map((shot, i) => ({ ...shot, hitMs: i * everyMs }))

  it.each([
    ['pasted', 0],
    ['typed from paper, 5 s apart', 5_000],
  ])('%s raises no alarm and moves no stock', (_, everyMs) => {
    const { stocks, warnings, drift } = analyseBag({ clubs, shots: list(everyMs) })
    expect(warnings.filter(({ kind }) => kind === 'tiring')).toEqual([])
    expect(drift).toMatchObject({ found: false, knowable: false })
    expect(lengthIn(stocks[0]!.carryM!, 'yd')).toBeCloseTo(230, 9)
    expect(Math.abs(lengthIn(stocks[0]!.model!.carryM - stocks[0]!.carryM!, 'yd'))).toBeLessThan(2)
  })

  it('hit half a minute apart has one', () => {
    expect(analyseBag({ clubs, shots: list(30_000) }).warnings.map(({ kind }) => kind)).toContain('tiring')
  })
})

it('a rest of 45 minutes makes the golfer fresh again', () => {
  const minute = 60_000
  const shots = [
    ...hit('7-iron', [160, 160, 160]).map((shot, i) => ({ ...shot, hitMs: i * minute })),
    ...hit('7-iron', [160, 160]).map((shot, i) => ({ ...shot, hitMs: (2 + 45 + i) * minute })),
  ]
  expect(read(SIX, shots).readings.map(({ position }) => position)).toEqual([0, 1, 2, 0, 1])
})
