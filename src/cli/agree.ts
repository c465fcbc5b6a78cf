import { agreement } from '@/core/monitors/agree'
import { readAgreeInput, type AgreeInput } from '@/formats/agree-input'
import { lineCommand } from './line-command'

/** The first less the second: bias, limits of agreement, and what may be claimed within the tolerance. */
export function agreeResult({ a, b, toleranceM }: AgreeInput): object {
  const found = agreement(
    a.map((each, i) => [each, b[i] as number] as const),
    toleranceM,
  )
  if (!found) return { pairs: 0, dropped: a.length }
  const { sdM: _spread, ...rest } = found
  return rest
}

export const AGREE = lineCommand(
  `How two monitors agree on the same shots: one JSON document a line in, one a line out, in metres (docs/calculations.md).

  echo '{ "a": [151.3, 148.1, 154.6], "b": [154.2, 150.4, 160.7], "toleranceM": 4 }' | npm run -s banco -- agree`,
  readAgreeInput,
  agreeResult,
)
