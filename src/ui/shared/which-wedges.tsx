import type { Turf } from '@/core/model/turf'
import type { Units } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { WedgeSet } from '@/core/wedges/wedge-set'
import { len } from '@/text/numbers'
import { aimSentence, wedgeSetSentences } from '@/text/wedge-set'

type Props = { set: WedgeSet; turf: Turf; name: (id: ClubId) => string; units: Units }

/** Which wedges to have below the pitching wedge: how far each should carry, and the loft to try. */
export function WhichWedges({ set, turf, name, units }: Props) {
  return (
    <section className="sheet which-wedges" aria-label="Which wedges">
      <h2>Which wedges</h2>
      <p className="px-3 pt-2 mb-1">{aimSentence(set, name, units)}</p>
      <table className="table table-sm num mb-1">
        <thead>
          <tr>
            <th>Carry, {units.lengthUnit}</th>
            <th>Loft to try</th>
            <th>You have</th>
          </tr>
        </thead>
        <tbody>
          {set.wedges.map(({ carryM, loftDeg, has }) => (
            <tr key={`${carryM} ${loftDeg}`}>
              <td>
                {has ? '' : '≈ '}
                {len(carryM, units)}
              </td>
              <td>{has ? '–' : `${loftDeg}°`}</td>
              <td>{has ? `${name(has)}, ${loftDeg}°` : '–'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <ul className="mb-2">
        {wedgeSetSentences(set, turf, name, units).map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </section>
  )
}
