import { describe, expect, it } from 'vitest'
import { around, club, hit, SIX, SIX_CARRIES_YD, speedFor } from '../../../tests/shots'
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
    const analysis = analyseBag({ clubs: SIX, shots })
    expect(analysis.shots.find(({ shotId }) => shotId === last.id)).toMatchObject({
      mark: 'other-club',
      other: 'driver',
    })
    expect(yd(analysis.stocks.find(({ clubId }) => clubId === '7-wood')?.carryM)).toBeCloseTo(203.7, 6)
    expect(analysis.warnings).toContainEqual({
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

  it('does not carry far less than the club that it is taken for, whatever its ball speed', () => {
    const pitching = [95, 96.5, 94, 95.5, 73]
    const all = [
      ...wedgeBag.flatMap(({ id }) => {
        const at = { '9-iron': 109, '7-iron': 133, '50': 84, '54': 72 }[id as string]
        return at === undefined ? [] : hit(id, around(at, 5))
      }),
      ...hit('P-wedge', pitching),
    ]
    for (const shot of all) shot.ballSpeedMps = speedFor(lengthIn(shot.carryM!, 'yd'))
    all.at(-1)!.ballSpeedMps = speedFor(109)
    const { shots } = analyseBag({ clubs: wedgeBag, shots: all })
    expect(shots.find(({ shotId }) => shotId === all.at(-1)!.id)?.other).not.toBe('9-iron')
  })

  it('is never said against the golfer’s mark', () => {
    const seven = [...hit('7-wood', own), ...hit('7-wood', [246], { mark: 'solid' })]
    const { shots } = analyseBag({ clubs: SIX, shots: [...bag('7-wood'), ...seven] })
    expect(shots.find(({ shotId }) => shotId === seven[5]!.id)?.mark).toBe('solid')
  })

  const wedgeBag = [
    club('driver', 'driver', 10.5, 0),
    club('5-iron', 'iron', 25, 1),
    club('7-iron', 'iron', 32, 2),
    club('9-iron', 'iron', 41, 3),
    club('P-wedge', 'wedge', 46, 4),
    club('50', 'wedge', 50, 5),
    club('54', 'wedge', 54, 6),
  ]
  const others = () => [
    ...hit('driver', around(228)),
    ...hit('5-iron', around(176)),
    ...hit('7-iron', around(160)),
    ...hit('P-wedge', around(122)),
    ...hit('50', around(107)),
  ]
  const fifty4 = [93.4, 92.1, 94.6, 91.8, 93.9]
  const nineIron = [138.2, 136.9, 139.4, 137.5, 140.1, 138.8, 136.2, 139.0]

  it.each([2, 3, 4, 5, 6, 8])(
    'a newer cluster of %i never expels the older one: it is asked about from the second shot on, and counts nowhere',
    (newer) => {
      const shots = [...others(), ...hit('54', [...fifty4, ...nineIron.slice(0, newer)])]
      const { stocks, warnings } = analyseBag({ clubs: wedgeBag, shots })
      const stock = stocks.find(({ clubId }) => clubId === '54')!
      expect(stock.count).toBe(5)
      expect(yd(stock.carryM)).toBeCloseTo(93.16, 1)
      const analysis = warnings.find(({ kind }) => kind === 'other-club')
      expect(analysis?.facts).toMatchObject({ clubId: '54', other: '9-iron' })
      expect((analysis?.facts as { shotIds: string[] }).shotIds).toHaveLength(newer)
      expect(stocks.find(({ clubId }) => clubId === '9-iron')?.count).toBe(0)
    },
  )

  it('is asked about where nothing but this club was ever hit, by the lofts', () => {
    const shots = hit('54', [...fifty4, ...nineIron.slice(0, 6)])
    const { stocks, warnings } = analyseBag({ clubs: wedgeBag, shots })
    expect(stocks.find(({ clubId }) => clubId === '54')?.count).toBe(5)
    expect(warnings.map(({ kind }) => kind)).toEqual(['other-club'])
  })

  it('and answered is evidence: the next one of its kind is asked about too', () => {
    const rest = bag('7-wood').filter(({ clubId }) => clubId !== 'driver')
    const five = hit('7-wood', own)
    const moved = hit('driver', [246])
    const again = hit('7-wood', [245])
    const { warnings } = analyseBag({ clubs: SIX, shots: [...rest, ...five, ...moved, ...again] })
    expect(warnings).toContainEqual({
      kind: 'other-club',
      facts: { clubId: '7-wood', other: 'driver', shotIds: [again[0]!.id] },
    })
  })

  it('three 54° shots under the 50°, by carry only, are asked about: they are no run of fat ones', () => {
    const bag = [...wedgeBag]
    const fifty = hit('50', [104, 103, 105, 102])
    const three = hit('50', [88, 89.5, 89])
    const shots = [
      ...others().filter(({ clubId }) => clubId !== '50' && clubId !== 'P-wedge'),
      ...fifty,
      ...hit('P-wedge', around(120)),
      ...three,
    ]
    const { shots: judged, warnings } = analyseBag({ clubs: bag, shots })
    for (const { id } of three)
      expect(judged.find(({ shotId }) => shotId === id)).toMatchObject({ mark: 'other-club', other: '54' })
    expect(warnings.map(({ kind }) => kind)).toContain('other-club')
  })

  it('a whole block that its neighbour’s launch and spin explain is asked about, and one of its own loft is not', () => {
    const bag = [10.5, 15, 20, 25, 29, 33, 37, 41, 46].map((loft, i) =>
      club(`c${i}`, i === 0 ? 'driver' : i < 3 ? 'wood' : i < 8 ? 'iron' : 'wedge', loft, i),
    )
    const carries = [230, 206, 192, 178, 166, 154, 142, 130, 117]
    /** Six shots under a club's name, hit with a club of some place in the bag. */
    const block = (named: number, as: number, carry = carries[as]!) =>
      around(carry, 6).flatMap((each, i) =>
        hit(`c${named}`, [each], {
          launchDeg: (3.5 + 0.47 * bag[as]!.loftDeg!) * (1 + 0.01 * ((i % 3) - 1)),
          spinRpm: (1200 + 180 * bag[as]!.loftDeg!) * (1 + 0.02 * ((i % 3) - 1)),
        }),
      )
    const analysis = (seventh: ReturnType<typeof block>) =>
      analyseBag({
        clubs: bag,
        shots: bag.flatMap((_, i) => (i === 5 ? seventh : block(i, i))),
      }).warnings.filter(({ kind }) => kind === 'other-club')
    expect(analysis(block(5, 6))[0]?.facts).toMatchObject({ clubId: 'c5', other: 'c6' })
    // A club that truly carries what its neighbour does launches as its own loft.
    expect(analysis(block(5, 5, 142))).toEqual([])
    expect(analysis(block(5, 5))).toEqual([])
  })

  it('kept by the golfer, a newer cluster counts', () => {
    const shots = [...others(), ...hit('54', fifty4), ...hit('54', nineIron, { mark: 'solid' })]
    const { stocks } = analyseBag({ clubs: wedgeBag, shots })
    expect(stocks.find(({ clubId }) => clubId === '54')?.count).toBeGreaterThanOrEqual(8)
  })
})
