import type { Recommendation } from '@/core/gaps/beyond-shots'
import { helpWords, helpWorth } from '@/text/recommendations'

/** What would help more than shots, line by line, with what each is worth. */
export const RecommendationLines = ({
  recommendations,
  name,
}: {
  recommendations: readonly Recommendation[]
  name: (id: string) => string
}) =>
  recommendations.map((help) => (
    <li key={help.kind}>
      <b>{helpWords(help, name)}.</b> <span className="quiet">{helpWorth(help)}</span>
    </li>
  ))
