import type { Warning } from '@/core/analysis/bag-analysis'
import type { Units } from '@/core/model/golfer'
import { warningSentence } from '@/text/reasons'

type Props = { warnings: readonly Warning[]; units: Units; name: (clubId: string) => string }

/** What to know before trusting the numbers, in one place. */
export function Warnings({ warnings, units, name }: Props) {
  if (warnings.length === 0) return null
  return (
    <section className="sheet warnings" aria-label="Before you trust the numbers">
      {warnings.map((warning) => warningSentence(warning, units, name)).join(' ')}
    </section>
  )
}
