import { expect, it } from 'vitest'
import { yards } from '@/core/units'
import { changeSentence, changeWords } from './changes'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
const at = (yd: number, half: number, count: number) => ({
  carryM: yards(yd),
  lowM: yards(yd - half),
  highM: yards(yd + half),
  count,
})

it('says what was expected of a change and what came of it', () => {
  const bent = { change: { degrees: -1 }, before: at(108.9, 1.2, 12) }
  const expected = { carryM: yards(111.3), sdM: yards(3) / 1.645 }
  expect(changeSentence({ ...bent, expected }, YARDS)).toBe(
    '108.9 ± 1.2 before, 111.3 ± 3.0 expected, not hit since.',
  )
  const came = { differenceM: yards(0.7), halfM: yards(3.6), is: 'as-expected' } as const
  expect(changeSentence({ ...bent, expected, since: at(112, 2, 9), came }, YARDS)).toBe(
    '108.9 ± 1.2 before, 111.3 ± 3.0 expected, 112.0 ± 2.0 after 9 shots: as expected.',
  )
  expect(
    changeSentence(
      { ...bent, expected, since: at(105, 2, 9), came: { ...came, differenceM: yards(-6.3), is: 'shorter' } },
      YARDS,
    ),
  ).toContain('6.3 ± 4 yd shorter than expected')
  expect(changeSentence({ change: { shaft: true } }, YARDS)).toBe('not hit before, not hit since.')
})

it('says what was done to a club', () => {
  expect(changeWords({ degrees: 1.5, longerM: -0.0127 })).toBe('made 1.5° weak and made 0.5 in shorter')
  expect(changeWords({ grip: true })).toBe('given another grip')
  expect(changeWords({ setting: true })).toBe('set anew in its sleeve')
  expect(changeWords({ shaft: true, lie: true })).toBe('given another shaft and set to another lie')
})
