import { expect, it } from 'vitest'
import { around, hit, SIX, speedFor } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import { yards } from '../units'

/** Six clubs on a line of carry over loft, but the 7-iron 12% short; its smash beside the others' 1.38. */
function shortSeven(smash: number) {
  const line = (loft: number) => 250 - 2.8 * loft
  const shots = SIX.flatMap(({ id, loftDeg }) => {
    const full = line(loftDeg!)
    return around(id === '7-iron' ? full * 0.88 : full, 8).flatMap((carry) =>
      hit(id, [carry], {
        clubSpeedMps: speedFor(full) / 1.38,
        ballSpeedMps: (speedFor(full) / 1.38) * (id === '7-iron' ? smash : 1.38),
      }),
    )
  })
  return analyseBag({ clubs: SIX, shots }).stocks.find(({ clubId }) => clubId === '7-iron')?.offCurve
}

it('strike first: short, and its smash is low', () => {
  const off = shortSeven(1.26)
  expect(off).toMatchObject({ cause: 'strike' })
  expect(off!.smash).toBeCloseTo(1.26, 2)
  expect(off!.expectedSmash).toBeCloseTo(1.38, 2)
  expect(off!.measuredM).toBeLessThan(off!.expectedM - yards(12))
  expect(off!.highM).toBeLessThan(0)
})

it('check the loft: short with normal smash', () => {
  expect(shortSeven(1.38)).toMatchObject({ cause: 'loft' })
})

it('never above the curve', () => {
  const line = (loft: number) => 250 - 2.8 * loft
  const shots = SIX.flatMap(({ id, loftDeg }) =>
    around(line(loftDeg!) * (id === '7-iron' ? 1.06 : 1), 8).flatMap((carry) =>
      hit(id, [carry], {
        clubSpeedMps: speedFor(line(loftDeg!)) / 1.38,
        ballSpeedMps: speedFor(carry),
      }),
    ),
  )
  const off = analyseBag({ clubs: SIX, shots }).stocks.find(({ clubId }) => clubId === '7-iron')?.offCurve
  expect(off?.cause).toBe('loft')
})

it('without club speed nobody knows: ball speed alone moves with carry by chance', () => {
  const line = (loft: number) => 250 - 2.8 * loft
  const shots = SIX.flatMap(({ id, loftDeg }) =>
    around(line(loftDeg!) * (id === '7-iron' ? 0.9 : 1), 8).flatMap((carry) =>
      hit(id, [carry], { ballSpeedMps: speedFor(carry) }),
    ),
  )
  const off = analyseBag({ clubs: SIX, shots }).stocks.find(({ clubId }) => clubId === '7-iron')?.offCurve
  expect(off?.cause).toBe('unclear')
})

it('strike: the club is missed far more often than the others', () => {
  const line = (loft: number) => 250 - 2.8 * loft
  const shots = SIX.flatMap(({ id, loftDeg }) => {
    const full = line(loftDeg!) * (id === '7-iron' ? 0.9 : 1)
    return [
      ...hit(id, around(full, 8)),
      ...(id === '7-iron'
        ? hit(id, [0.7 * full, 0.75 * full, 0.72 * full, 0.78 * full, 0.74 * full], { mark: 'fat' })
        : []),
    ]
  })
  const off = analyseBag({ clubs: SIX, shots }).stocks.find(({ clubId }) => clubId === '7-iron')?.offCurve
  expect(off).toMatchObject({ cause: 'strike', missedMore: { others: 0 } })
  expect(off!.missedMore!.share).toBeCloseTo(5 / 13, 2)
})

it('too few shots: the difference may be none', () => {
  const shots = SIX.flatMap(({ id, loftDeg }) => hit(id, around(250 - 2.8 * loftDeg!, 3)))
  const { stocks } = analyseBag({ clubs: SIX, shots })
  expect(stocks.every(({ offCurve }) => offCurve?.cause === 'too-few')).toBe(true)
})
