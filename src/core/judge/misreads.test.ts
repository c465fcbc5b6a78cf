import { describe, expect, it } from 'vitest'
import { goodBag, hit, read, SIX, speedFor } from '../../../tests/shots'
import { yards } from '../units'
import type { Shot } from '../shots/shot'
import { findMisreads } from './misreads'

it('finds a speed that cannot belong to its carry, and nothing else', () => {
  const shots = goodBag()
  const odd = shots[12]!
  odd.ballSpeedMps = odd.ballSpeedMps! * 0.7
  const { readings } = read(SIX, shots)
  const found = [...findMisreads(readings)].map((index) => readings[index]!.shot.id)
  expect(found).toEqual([odd.id])
})

it('takes a bad strike for none: both numbers fall', () => {
  const shots = goodBag()
  const fat = shots[12]!
  fat.carryM = fat.carryM! * 0.8
  fat.ballSpeedMps = fat.ballSpeedMps! * 0.8 ** (1 / 1.35)
  expect(findMisreads(read(SIX, shots).readings).size).toBe(0)
})

it('flags none where a monitor’s speeds hold no line', () => {
  const shots = goodBag().map((shot, i) => ({ ...shot, ballSpeedMps: i % 3 === 0 ? 30 : 60 }))
  expect(findMisreads(read(SIX, shots).readings).size).toBe(0)
})

it('draws no line through fewer than six', () => {
  const shots = goodBag().slice(0, 5)
  shots[0]!.ballSpeedMps = 8
  expect(findMisreads(read(SIX, shots).readings).size).toBe(0)
})

describe('a record that contradicts itself', () => {
  const among = (more: Partial<Shot>) => {
    const shots = [...goodBag(4), ...hit('7-iron', [160], { ballSpeedMps: speedFor(160), ...more })]
    const { readings } = read(SIX, shots)
    return [...findMisreads(readings)].map((index) => readings[index]!.shot.id).includes(shots.at(-1)!.id)
  }
  it.each([
    ['a total far short of its carry', { totalM: yards(90) }, true],
    ['a little backspin', { totalM: yards(154) }, false],
    ['a ball 1.8 times as fast as the club', { clubSpeedMps: speedFor(160) / 1.8 }, true],
    ['a peak as high as the shot is long', { peakM: yards(160) }, true],
    ['a usual peak', { peakM: yards(30), landingDeg: 47, launchDeg: 17 }, false],
    ['a landing much flatter than the start', { launchDeg: 35, landingDeg: 15 }, true],
  ])('%s', (_, more, misread) => {
    expect(among(more)).toBe(misread)
  })

  it('in the first few shots a flight of its launch stands in for the line that cannot be drawn yet', () => {
    const launched = { launchDeg: 16.3, spinRpm: 7100 }
    const shots = [
      ...hit('7-iron', [176, 174, 178], { ballSpeedMps: 53.64, ...launched }),
      ...hit('7-iron', [176], { ballSpeedMps: 31, ...launched }),
    ]
    const { readings } = read(SIX, shots)
    expect([...findMisreads(readings)]).toEqual([3])
  })

  it('where every record does so, it is the monitor and no misread', () => {
    const shots = goodBag(4).map((shot) => ({ ...shot, peakM: shot.carryM! }))
    expect(findMisreads(read(SIX, shots).readings).size).toBe(0)
  })
})
