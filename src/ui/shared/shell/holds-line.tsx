import type { ClubId } from '@/core/ids'
import type { HeldByStocks } from '@/core/shots/holds'
import { holdsSentence } from '@/text/reasons'

type Props = { holds: readonly HeldByStocks[]; name: (clubId: ClubId) => string }

/** What the numbers of this page hold besides what was measured: range balls, corrections. */
export function HoldsLine({ holds, name }: Props) {
  if (holds.length === 0) return null
  return <p className="quiet mb-2">{holds.map((each) => holdsSentence(each, name)).join(' ')}</p>
}
