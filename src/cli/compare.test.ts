import { expect, it } from 'vitest'
import { readCompareInput } from '@/formats/compare-input'
import { compareResult } from './compare'

it('two lists of carries are answered with their difference, its interval and a word', () => {
  const read = readCompareInput(
    JSON.stringify({ a: [100, 102, 98, 101, 99, 100], b: [110, 112, 108, 111, 109, 110], sameDay: true }),
  )
  if (!read.ok) throw new Error(read.problems[0]?.sentence)
  expect(compareResult(read.value)).toMatchObject({ differenceM: 10, word: 'real' })
})

it.each([
  ['{', 'This line is not JSON'],
  [{ a: [], b: [100], sameDay: true }, 'a'],
  [{ a: [100], b: ['far'], sameDay: true }, 'number'],
  [{ a: [100], b: [100] }, 'sameDay'],
  [{ a: [100], b: [9000], sameDay: true }, '411'],
])('a line that cannot be compared is refused: %j', (line, sentence) => {
  const read = readCompareInput(typeof line === 'string' ? line : JSON.stringify(line))
  expect(read.ok ? '' : read.problems[0]?.sentence).toContain(sentence)
})
