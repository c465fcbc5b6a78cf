import { expect, it } from 'vitest'
import { Reliability } from './reliability'

it('of who keeps the word has no error; of who says too much, the points that it is too much', () => {
  const keeps = new Reliability()
  const boasts = new Reliability()
  for (let i = 0; i < 1000; i++) {
    keeps.add(0.75, i % 4 !== 0)
    boasts.add(0.95, i % 4 !== 0)
  }
  expect(keeps.error).toBeCloseTo(0, 9)
  expect(boasts.error).toBeCloseTo(0.2, 9)
  keeps.take(boasts)
  expect(keeps.error).toBeCloseTo(0.1, 9)
  expect(keeps.tenths[9]).toMatchObject({ n: 1000, so: 0.75 })
  expect(keeps.tenths[7]).toMatchObject({ n: 1000, so: 0.75 })
})

it('takes certainty and impossibility into the last tenth and the first', () => {
  const all = new Reliability()
  all.add(1, true)
  all.add(0, false)
  expect(all.bins.map(({ n }) => n)).toEqual([1, 0, 0, 0, 0, 0, 0, 0, 0, 1])
  expect(all.error).toBe(0)
})
