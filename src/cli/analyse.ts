import { analyseBag } from '@/core/analyse-bag'
import { readBagInput } from '@/formats/bag-input'
import { lineCommand } from './line-command'

/** Clubs, shots and rules in; stocks, gaps and what to hit next out: a JSON document a line. */
export const ANALYSE = lineCommand(
  'npm run -s banco -- analyse < BAGS\n\nOne JSON document a line in, one a line out, as docs/calculations.md says.',
  readBagInput,
  analyseBag,
)
