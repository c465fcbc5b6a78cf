import { useState } from 'react'
import type { OwnedClub } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { chipRun, clubForChip } from '@/core/refit/round-green'
import { lenUnit } from '@/text/numbers'
import { measuresOf } from '../../shared/form/measure'
import { NumberField } from '../../shared/form/number-field'

/** Clubs that are chipped with. */
const FROM_DEG = 40

/** One landing spot, several lofts: what each runs from there, and which comes to rest nearest to the flag. */
export function RoundGreen({ golfer, clubs }: { golfer: Golfer; clubs: readonly OwnedClub[] }) {
  const [landingM, setLanding] = useState<number | null>(null)
  const [flagM, setFlag] = useState<number | null>(null)
  const lofted = clubs.filter(
    ({ kind, loftDeg }) => kind !== 'putter' && loftDeg !== null && loftDeg >= FROM_DEG,
  )
  if (lofted.length < 2) return null
  const length = measuresOf(golfer).carry
  const given = landingM !== null && !Number.isNaN(landingM)
  const best = given && flagM !== null && flagM >= 0 ? clubForChip(lofted, landingM, flagM) : null
  return (
    <details className="sheet round-green">
      <summary>Round the green: one landing spot, several lofts</summary>
      <div className="p-3">
        <div className="d-flex flex-wrap gap-3">
          <NumberField
            label="The landing spot is"
            measure={length}
            limit="chipM"
            value={landingM}
            onChange={setLanding}
          />
          <NumberField label="From there to the flag" measure={length} value={flagM} onChange={setFlag} />
        </div>
        {given && (
          <>
            {best && (
              <p className="mb-1">
                <b>{best.club.name}</b>: it lands there and rolls about {lenUnit(best.run.runM, golfer, 1)}.
              </p>
            )}
            <ul className="mb-1">
              {lofted.map(({ id, name, loftDeg }) => (
                <li key={id}>
                  {name}: rolls {lenUnit(chipRun(landingM, loftDeg ?? 0).runM, golfer, 1)}
                </li>
              ))}
            </ul>
            <p className="quiet mb-0">
              Common practice for a green of ordinary pace, worth a third either way; uphill less, downhill
              more.
            </p>
          </>
        )}
      </div>
    </details>
  )
}
