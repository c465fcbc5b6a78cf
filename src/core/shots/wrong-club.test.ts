import { describe, expect, it } from 'vitest'
import { around, hit, SIX, SIX_CARRIES_YD, speedFor } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import { lengthIn } from '../units'

const bag = (without: string) =>
  SIX.flatMap(({ id }, i) => (id === without ? [] : hit(id, around(SIX_CARRIES_YD[i]!, 5))))
const yd = (metres: number | undefined) => lengthIn(metres ?? NaN, 'yd')

describe('a shot of another club', () => {
  const own = [203.7, 208.1, 199.3, 206.4, 201]

  it('is noticed, named and left out; moved by the golfer it counts there', () => {
    const seven = hit('7-wood', [...own, 246.0])
    const driver = hit('driver', [244, 249, 241, 247, 246])
    const rest = bag('7-wood').filter(({ clubId }) => clubId !== 'driver')
    const last = seven[5]!
    const shots = [...rest, ...seven, ...driver]
    const asked = analyseBag({ clubs: SIX, shots })
    expect(asked.shots.find(({ shotId }) => shotId === last.id)).toMatchObject({
      mark: 'other-club',
      other: 'driver',
    })
    expect(yd(asked.stocks.find(({ clubId }) => clubId === '7-wood')?.carryM)).toBeCloseTo(203.7, 6)
    expect(asked.warnings).toContainEqual({
      kind: 'other-club',
      facts: { clubId: '7-wood', other: 'driver', shotIds: [last.id] },
    })
    const moved = analyseBag({
      clubs: SIX,
      shots: shots.map((shot) => (shot === last ? { ...shot, clubId: driver[0]!.clubId } : shot)),
    })
    expect(yd(moved.stocks.find(({ clubId }) => clubId === '7-wood')?.carryM)).toBeCloseTo(203.7, 6)
    expect(moved.stocks.find(({ clubId }) => clubId === 'driver')?.count).toBe(6)
    expect(moved.warnings).toEqual([])
  })

  it('is not said of the only good shot of a club whose others were bad', () => {
    const nine = hit('9-iron', [112, 110, 136])
    for (const [i, shot] of nine.entries())
      shot.ballSpeedMps = speedFor([112, 110, 136][i]!) * (i < 2 ? 0.93 : 1)
    const { shots } = analyseBag({ clubs: SIX, shots: [...bag('9-iron'), ...nine] })
    expect(shots.find(({ shotId }) => shotId === nine[2]!.id)?.mark).not.toBe('other-club')
  })

  it('is never said against the golfer’s mark', () => {
    const seven = [...hit('7-wood', own), ...hit('7-wood', [246], { mark: 'solid' })]
    const { shots } = analyseBag({ clubs: SIX, shots: [...bag('7-wood'), ...seven] })
    expect(shots.find(({ shotId }) => shotId === seven[5]!.id)?.mark).toBe('solid')
  })
})
