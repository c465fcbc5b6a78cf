import { describe, expect, it } from 'vitest'
import { hit, read, SIX } from '../../../tests/shots'
import { readShots } from './read-shots'

describe('reading shots', () => {
  it('puts them session by session in the order hit, whatever their order was', () => {
    const shots = [
      ...hit('7-iron', [150, 151], { session: 1 }),
      ...hit('wedge', [110, 111], { session: 0 }),
      ...hit('7-iron', [152], { session: 0 }),
    ]
    const { readings, days } = read(SIX, shots.toReversed())
    expect(readings.map(({ session, position }) => [session, position])).toEqual([
      [0, 0],
      [0, 1],
      [0, 2],
      [1, 0],
      [1, 1],
    ])
    expect(days).toBe(2)
  })

  it('keeps warm-up apart, which tires all the same', () => {
    const shots = [...hit('wedge', [100, 101], { exclusion: 'warm-up' }), ...hit('wedge', [120])]
    const { readings, excluded } = read(SIX, shots)
    expect(readings.map(({ position }) => position)).toEqual([2])
    expect(excluded).toHaveLength(2)
  })

  it('keeps shots in wind apart where the station has others, unless they are to count', () => {
    const shots = [
      ...hit('wedge', [120, 121]),
      ...hit('wedge', [110], { exclusion: 'wind' }),
      ...hit('7-iron', [140, 141], { exclusion: 'wind' }),
    ]
    expect(read(SIX, shots).readings).toHaveLength(4)
    expect(readShots(SIX, shots, new Set(), true).readings).toHaveLength(5)
  })

  it('has every full swing as a station, hit or not, and other swings as they were hit', () => {
    const shots = [...hit('wedge', [100], { swing: 'half' }), ...hit('wedge', [90], { swing: 'knockdown' })]
    const { stations } = read(SIX, [...shots, ...hit('wedge', [105], { swing: 'three-quarter' })])
    const wedge = stations.filter(({ club }) => club.id === 'wedge').map(({ swing }) => swing)
    expect(wedge).toEqual(['full', 'three-quarter', 'half', 'knockdown'])
    expect(stations).toHaveLength(SIX.length + 3)
  })

  it('sets aside what cannot be a carry and clubs it does not know, and passes over the putter', () => {
    const shots = [...hit('7-iron', [150, 999, null]), ...hit('spoon', [200]), ...hit('putter', [5])]
    const { readings, unreadable, strangers, inOrder } = readShots(SIX, shots, new Set(['putter']))
    expect([readings.length, unreadable.length, strangers.length, inOrder.length]).toEqual([1, 2, 1, 5])
  })

  it('takes speeds, launches, spins and lines that no ball has as not measured', () => {
    const odd = { ballSpeedMps: 1, launchDeg: 88, spinRpm: 20, offlineM: 400 }
    const fine = { ballSpeedMps: 52, launchDeg: 18, spinRpm: 6000, offlineM: -4 }
    const { readings } = read(SIX, [...hit('7-iron', [150], odd), ...hit('7-iron', [150], fine)])
    expect(readings[0]).toMatchObject({ logSpeed: null, logLaunch: null, logSpin: null, lateral: null })
    expect(readings[1]!.logSpeed).toBeCloseTo(Math.log(52), 12)
    expect(readings[1]!.lateral).toBeCloseTo(-4 / (150 * 0.9144), 12)
  })

  it('a missing or an unread shot still tires: positions count every ball', () => {
    const { readings } = read(SIX, hit('7-iron', [150, null, 151, 152]))
    expect(readings.map(({ position }) => position)).toEqual([0, 2, 3])
  })
})
