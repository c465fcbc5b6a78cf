import Button from 'react-bootstrap/Button'
import type { Units } from '@/core/golfer'
import type { ClubId } from '@/core/ids'
import { boughtBy, degreesOf } from '@/core/refit/fixes'
import type { Proposal } from '@/core/refit/propose'
import { Z90 } from '@/core/math/z90'
import { chance, count, len } from '@/text/numbers'
import { cautionSentence, proposalSentence, SHUT_SENTENCE, WAY_NAME } from '@/text/refit'

type Props = {
  proposal: Proposal
  name: (id: ClubId) => string
  units: Units
  isShown: boolean
  onShow: () => void
}

/** One way to mend the bag: what it would do, what it costs, what to be careful of, and every step. */
export function WayCard({ proposal, name, units, isShown, onShow }: Props) {
  const { way, fixes, before, after, steps, cautions, shut } = proposal
  const price = [
    degreesOf(fixes) > 0 && `${degreesOf(fixes)}° of work`,
    boughtBy(fixes) > 0 && `${count(boughtBy(fixes), 'club')} to buy`,
    `${(after - before).toFixed(1)} steps more likely even`,
  ].filter(Boolean)
  return (
    <section className={`sheet way${shut ? ' shut' : ''}`} aria-label={WAY_NAME[way]}>
      <h2>
        {WAY_NAME[way]} <span className="quiet fw-normal">{price.join(' · ')}</span>
      </h2>
      <p className="doing">{proposalSentence(proposal, name, units)}</p>
      {shut && <p className="caution">Only a preview: {SHUT_SENTENCE[shut]}</p>}
      <details>
        <summary>Every step, and what to be careful of</summary>
        <table className="table table-sm num">
          <thead>
            <tr>
              <th>Step</th>
              <th>{units.lengthUnit}</th>
              <th>Even</th>
            </tr>
          </thead>
          <tbody>
            {steps.map(({ longerId, shorterId, stepM, sdM, even }) => (
              <tr key={`${longerId} ${shorterId}`}>
                <th>
                  {name(longerId)} to {name(shorterId)}
                </th>
                <td>
                  {len(stepM, units, 1)} ± {len(Z90 * sdM, units, 1)}
                </td>
                <td>{chance(even)}</td>
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
        {isShown ? 'On the bench' : 'Put it on the bench'}
      </Button>
    </section>
  )
}
