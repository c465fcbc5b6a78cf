import { compareCarries } from '@/core/compare/compare'
import type { CompareInput } from '@/formats/compare-input'

export const COMPARE_USAGE = `Whether two lists of carries differ: one JSON document a line in, one a line out (docs/calculations.md).

  echo '{ "a": [104, 107, 101], "b": [108, 111, 106], "sameDay": true }' | npm run -s banco -- compare`

/** The second list less the first, with its interval and the word for it. */
export const answerCompare = ({ a, b, sameDay, unit }: CompareInput): object =>
  compareCarries(a, b, sameDay, unit)
