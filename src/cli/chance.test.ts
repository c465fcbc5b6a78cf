import { expect, it } from 'vitest'
import { readChanceInput } from '@/formats/chance-input'
import { chanceResult } from './chance'

const SHOT = { carryM: 178, stockSdM: 1.5, shotSdM: 5.3, missed: 0.14 }
const answered = (line: object): Record<string, number> => {
  const read = readChanceInput(JSON.stringify(line))
  if (!read.ok) throw new Error(read.problems[0]?.sentence)
  return chanceResult(read.value) as Record<string, number>
}

it('a hazard is answered with the chance to clear it, of good shots, of missed ones, and in all', () => {
  const found = answered({ ...SHOT, hazardM: 165 })
  expect(Object.keys(found)).toEqual(['clear', 'clearGood', 'clearMissed'])
  expect(found.clear).toBeCloseTo(0.9, 2)
})

it('a green is answered with where good shots end; nothing is said of a hazard that nobody asked about', () => {
  const green = { frontM: 132, backM: 155, halfWidthM: 12 }
  const found = answered({
    ...{ carryM: 139, stockSdM: 0, shotSdM: 5.05, missed: 0.14, runM: 7, runSdM: 2.5, biasM: 1, sideSdM: 7 },
    green,
  })
  expect(Object.keys(found)).toEqual(['on', 'short', 'long', 'wide'])
  expect(found.on).toBeCloseTo(0.67, 2)
})

it.each([
  ['{', 'This line is not JSON'],
  [SHOT, 'hazardM'],
  [{ ...SHOT, hazardM: 0 }, 'over 0'],
  [{ ...SHOT, missed: 1.2, hazardM: 100 }, 'at most 1'],
  [{ ...SHOT, green: { frontM: 150, backM: 140, halfWidthM: 10 } }, 'behind its front'],
  [{ ...SHOT, hazardM: 100, wind: 3 }, 'not a field'],
])('a line that says no shot is refused: %j', (line, sentence) => {
  const read = readChanceInput(typeof line === 'string' ? line : JSON.stringify(line))
  expect(read.ok ? '' : read.problems.map((each) => each.sentence).join(' ')).toContain(sentence)
})
