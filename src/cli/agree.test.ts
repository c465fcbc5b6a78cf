import { expect, it } from 'vitest'
import { readAgreeInput } from '@/formats/agree-input'
import { agreeResult } from './agree'

it('two lists of the same shots are answered with bias, limits, outer bounds and claims', () => {
  const read = readAgreeInput(
    JSON.stringify({ a: [151.3, 148.1, 154.6], b: [154.2, 150.4, 160.7], toleranceM: 4 }),
  )
  if (!read.ok) throw new Error(read.problems[0]?.sentence)
  expect(agreeResult(read.value)).toMatchObject({
    ...{ pairs: 3, dropped: 0, biasM: expect.closeTo(-3.77, 2) },
    claims: { average: false, limitsLook: false, limitsProven: false },
  })
})

it.each([
  [{ a: [100, 101, 102], b: [100, 101], toleranceM: 4 }, 'at least 3'],
  [{ a: [100, 101, 102, 103], b: [100, 101, 102], toleranceM: 4 }, 'as many carries'],
  [{ a: [100, 101, 102], b: [100, 101, 102] }, 'toleranceM'],
  [{ a: [100, 101, 9000], b: [100, 101, 102], toleranceM: 4 }, '411'],
  ['nothing', 'This line is not JSON'],
])('a line that cannot be compared is refused: %j', (line, sentence) => {
  const read = readAgreeInput(typeof line === 'string' ? line : JSON.stringify(line))
  expect(read.ok ? '' : read.problems.map((each) => each.sentence).join(' ')).toContain(sentence)
})
