import { expect, it } from 'vitest'
import type { ClubId } from '../model/ids'
import { trialBlocks, trialOf } from './trial'

const [a, b, c] = ['old', 'new', 'third'].map((clubId) => ({ clubId: clubId as ClubId, swing: 'full' })) as [
  never,
  never,
  never,
]

it('a fair trial is A B B A, three shots each: each is hit six times, first and last alike', () => {
  const blocks = trialBlocks(a, b)
  expect(blocks.map(({ clubId, shots }) => [clubId, shots])).toEqual([
    ['old', 3],
    ['new', 3],
    ['new', 3],
    ['old', 3],
  ])
  const indexes = (club: string) =>
    blocks.flatMap(({ clubId, shots }, i) => (clubId === club ? Array.from({ length: shots }, () => i) : []))
  const mean = (of: number[]) => of.reduce((sum, each) => sum + each, 0) / of.length
  expect(mean(indexes('old'))).toBe(mean(indexes('new')))
})

it('a plan is known for a trial by its two stations', () => {
  expect(trialOf(trialBlocks(a, b))).toEqual({ a, b })
  expect(trialOf([...trialBlocks(a, b), ...trialBlocks(a, c)])).toBeNull()
  expect(trialOf(trialBlocks(a, a))).toBeNull()
  expect(trialOf(trialBlocks(a, b).slice(0, 2))).toBeNull()
  expect(trialOf([])).toBeNull()
})
