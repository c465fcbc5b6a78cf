import type { ClubId } from '@/core/model/ids'
import type { AdjustedStocks } from '@/core/shots/adjustments'
import { adjustmentsSentence } from '@/text/reasons'

type Props = { adjustments: readonly AdjustedStocks[]; name: (clubId: ClubId) => string }

/** What the numbers of this page hold besides what was measured: range balls, corrections. */
export function AdjustmentsLine({ adjustments, name }: Props) {
  if (adjustments.length === 0) return null
  return <p className="quiet mb-2">{adjustments.map((each) => adjustmentsSentence(each, name)).join(' ')}</p>
}
