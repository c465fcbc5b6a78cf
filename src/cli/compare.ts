import { compareCarries } from '@/core/compare/compare'
import { readCompareInput, type CompareInput } from '@/formats/compare-input'
import { lineCommand } from './line-command'

/** The second list less the first, with its interval and the word for it. */
export const compareResult = ({ a, b, sameDay, unit }: CompareInput): object =>
  compareCarries(a, b, sameDay, unit)

export const COMPARE = lineCommand(
  `Whether two lists of carries differ: one JSON document a line in, one a line out (docs/calculations.md).

  echo '{ "a": [104, 107, 101], "b": [108, 111, 106], "sameDay": true }' | npm run -s banco -- compare`,
  readCompareInput,
  compareResult,
)
