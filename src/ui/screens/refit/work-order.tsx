import type { Bag } from '@/core/bag/bag'
import { refitClubs } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import type { ClubId } from '@/core/ids'
import { cautionsOf } from '@/core/refit/cautions'
import { isTurn, type Fix } from '@/core/refit/fixes'
import { cautionSentence, fixSentence } from '@/text/refit'

type Props = { golfer: Golfer; bag: Bag; fixes: Fix[]; name: (id: ClubId) => string }

/** What a clubmaker is handed: each club, from, to and the bounce after, with the cautions and lines to fill in. */
export function WorkOrder({ golfer, bag, fixes, name }: Props) {
  const { clubs, rack } = refitClubs(bag)
  const all = [...clubs, ...rack]
  const work = fixes.flatMap((fix) => {
    if (!isTurn(fix)) return []
    const club = all.find(({ id }) => id === fix.clubId)
    const from = club?.loftDeg ?? null
    return [
      {
        fix,
        from,
        to: from === null ? null : from + fix.degrees,
        bounce:
          club?.bounceDeg === undefined ? null : club.bounceDeg + (fix.kind === 'bend' ? fix.degrees : 0),
        measured: club?.loftMeasured === true,
        usual: club?.usual === true,
      },
    ]
  })
  if (fixes.length === 0) return null
  const others = fixes.filter((fix) => !isTurn(fix))
  return (
    <section className="sheet order" aria-label="Work order">
      <h2>
        Work order{' '}
        <span className="quiet fw-normal">
          {golfer.name}, {bag.name}
        </span>
      </h2>
      {work.length > 0 && (
        <table className="table table-sm num">
          <thead>
            <tr>
              <th>Club</th>
              <th>Loft from</th>
              <th>to</th>
              <th>Bounce after</th>
              <th>Measured before</th>
              <th>Measured after</th>
            </tr>
          </thead>
          <tbody>
            {work.map(({ fix, from, to, bounce, measured, usual }) => (
              <tr key={fix.clubId}>
                <th>{name(fix.clubId)}</th>
                <td>{from === null ? '–' : `${from}°${measured ? '' : ' (not measured)'}`}</td>
                <td>{to === null ? '–' : `${Number(to.toFixed(1))}°`}</td>
                <td>
                  {bounce === null
                    ? 'not known'
                    : `${Number(bounce.toFixed(1))}°${usual ? ' (from a usual one)' : ''}`}
                </td>
                <td className="fill" />
                <td className="fill" />
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {others.length > 0 && (
        <p className="px-3 mb-2">Besides: {others.map((fix) => fixSentence(fix, name)).join('; ')}.</p>
      )}
      <ul>
        {cautionsOf(fixes, all).map((caution) => (
          <li key={JSON.stringify(caution)}>{cautionSentence(caution, name)}</li>
        ))}
        <li>On paper only: hit the clubs again after the work, before anything else is changed.</li>
      </ul>
      <p className="fill-in">Lofts measured by ______________________ on ______________</p>
    </section>
  )
}
