import { expect, it } from 'vitest'
import { goodBag, read, SIX } from '../../../tests/shots'
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
