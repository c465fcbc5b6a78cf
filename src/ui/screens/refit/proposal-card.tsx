import Button from 'react-bootstrap/Button'
import type { Units } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { boughtBy, degreesOf } from '@/core/refit/fixes'
import type { Proposal } from '@/core/refit/proposal'
import { chance, count } from '@/text/numbers'
import {
  cautionSentence,
  goodGapsSentence,
  paperGapWords,
  proposalSentence,
  SHUT_SENTENCE,
  proposalName,
} from '@/text/refit'

type Props = {
  proposal: Proposal
  name: (id: ClubId) => string
  units: Units
  isShown: boolean
  onShow: () => void
}

/** One proposal: what it does, what it costs, what to be careful of, and every gap. */
export function ProposalCard({ proposal, name, units, isShown, onShow }: Props) {
  const { fixes, good, gaps, cautions, shut } = proposal
  const price = [
    degreesOf(fixes) > 0 && `${degreesOf(fixes)}° in all`,
    boughtBy(fixes) > 0 && `${count(boughtBy(fixes), 'club')} to buy`,
  ].filter(Boolean)
  const title = proposalName(proposal)
  return (
    <section className={`sheet way${shut ? ' shut' : ''}`} aria-label={title}>
      <h2>
        {title} <span className="quiet fw-normal">{price.join(' · ')}</span>
      </h2>
      <p className="doing">{proposalSentence(proposal, name, units)}</p>
      <p>{goodGapsSentence(good)}</p>
      {shut && <p className="caution">A preview. {SHUT_SENTENCE[shut]}</p>}
      <details>
        <summary>Every gap, and what to be careful of</summary>
        <table className="table table-sm num">
          <thead>
            <tr>
              <th>Gap</th>
              <th>{units.lengthUnit}</th>
              <th>Good</th>
            </tr>
          </thead>
          <tbody>
            {gaps.map((gap) => (
              <tr key={`${gap.longerId} ${gap.shorterId}`}>
                <th>
                  {name(gap.longerId)} to {name(gap.shorterId)}
                </th>
                <td>{paperGapWords(gap, units)}</td>
                <td>{chance(gap.good)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <ul>
          {cautions.map((caution) => (
            <li key={JSON.stringify(caution)}>{cautionSentence(caution, name)}</li>
          ))}
        </ul>
      </details>
      <Button size="sm" variant="outline" aria-pressed={isShown} onClick={onShow} disabled={isShown}>
        {isShown ? 'Shown on the ladder' : 'Show on the ladder'}
      </Button>
    </section>
  )
}
