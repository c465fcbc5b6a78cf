import Button from 'react-bootstrap/Button'
import type { Units } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { Fix } from '@/core/refit/fixes'
import type { SetTransition } from '@/core/refit/set-transition'
import { count } from '@/text/numbers'
import { wedgeChoiceWords } from '@/text/refit'

type Props = {
  transition: SetTransition
  name: (id: ClubId) => string
  units: Units
  onShow: (fixes: Fix[]) => void
}

/** Set wedges or separate ones: every choice of those that were hit, as its gaps from the last iron down. */
export function WedgeChoices({ transition: { ironId, choices }, name, units, onShow }: Props) {
  return (
    <section className="sheet choices-of-wedges" aria-label="Set or separate wedges">
      <h2>Set or separate wedges</h2>
      <table className="table table-sm num mb-0">
        <caption className="quiet px-3">
          Gaps from the {name(ironId)} down, in {units.lengthUnit}, best first
        </caption>
        <thead>
          <tr>
            <th>Wedges</th>
            <th>Gaps</th>
            <th>Good</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {choices.map((choice) => {
            const { wedges, gaps } = wedgeChoiceWords(choice, name, units)
            return (
              <tr key={wedges}>
                <th scope="row">
                  {wedges}
                  {choice.fixes.length === 0 && <span className="quiet"> (as now)</span>}
                </th>
                <td>{gaps}</td>
                <td>
                  {choice.good} of {count(choice.gaps.length, 'gap')}
                </td>
                <td>
                  <Button
                    size="sm"
                    variant="outline"
                    aria-label={`Show ${wedges} on the ladder`}
                    onClick={() => onShow(choice.fixes)}
                  >
                    Show
                  </Button>
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </section>
  )
}
