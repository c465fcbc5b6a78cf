import type { Bag } from '@/core/bag/bag'
import { refitClubs } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { applyFixes } from '@/core/refit/apply-fixes'
import { cautionsOf } from '@/core/refit/cautions'
import { isTurn, type Fix } from '@/core/refit/fixes'
import { atHead } from '@/text/numbers'
import { cautionSentence, fixesSentence, paperGapWords } from '@/text/refit'
import type { PaperTread } from './on-paper'

type Props = {
  golfer: Golfer
  bag: Bag
  fixes: Fix[]
  /** Every gap as it would be. */
  gaps: PaperTread[]
  name: (id: ClubId) => string
}

/** What a clubmaker is handed: each club, from, to and the bounce after, with the cautions and lines to fill in. */
export function WorkOrder({ golfer, bag, fixes, gaps, name }: Props) {
  const { clubs, rack } = refitClubs(bag)
  const all = [...clubs, ...rack]
  const after = new Map(applyFixes(clubs, rack, fixes).map(({ club }) => [club.id, club]))
  const work = fixes.flatMap((fix) => {
    if (!isTurn(fix)) return []
    const club = all.find(({ id }) => id === fix.clubId)
    const then = after.get(fix.clubId) ?? club
    return [
      {
        fix,
        from: club?.loftDeg ?? null,
        to: then?.loftDeg ?? null,
        bounce: then?.bounceDeg ?? null,
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
                    ? 'not set'
                    : `${Number(bounce.toFixed(1))}°${usual ? ' (from the usual one)' : ''}`}
                </td>
                <td className="fill" />
                <td className="fill" />
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {others.length > 0 && <p className="px-3 mb-2">{atHead(fixesSentence(others, name, golfer))}.</p>}
      <ul>
        {cautionsOf(fixes, all).map((caution) => (
          <li key={JSON.stringify(caution)}>{cautionSentence(caution, name)}</li>
        ))}
        {fixes.some(({ kind }) => kind !== 'drop') && (
          <li>
            These numbers are estimates. Hit the clubs again after the work, before you change anything else.
          </li>
        )}
      </ul>
      <p className="px-3 mb-2">
        Gaps after:{' '}
        {gaps
          .filter(({ letter }) => letter !== undefined)
          .map((gap) => `${name(gap.longerId)} to ${name(gap.shorterId)} ${paperGapWords(gap, golfer)}`)
          .join(', ')}{' '}
        {golfer.lengthUnit}.
      </p>
      {work.length > 0 && (
        <p className="fill-in">Lofts measured by ______________________ on ______________</p>
      )}
    </section>
  )
}
