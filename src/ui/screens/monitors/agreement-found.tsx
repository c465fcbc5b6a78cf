import Table from 'react-bootstrap/Table'
import type { ClubKind } from '@/core/bag/club'
import type { Golfer } from '@/core/model/golfer'
import {
  agreement,
  growthOf,
  keptPairs,
  PRACTICE_M,
  type Agreement,
  type CarryPair,
} from '@/core/monitors/agree'
import { agreementChart } from '@/draw/agreement'
import { agreeClaims, growthSentence } from '@/text/monitors'
import { kindName } from '@/text/rounds'
import { len, lenUnit } from '@/text/numbers'
import { TrueChart } from '../../shared/drawing/true-chart'
import { measuresOf } from '../../shared/form/measure'

type Props = {
  golfer: Golfer
  found: Agreement
  pairs: readonly CarryPair[]
  toleranceM: number
  /** The kind of club of each pair, where it is known. */
  kinds?: readonly (ClubKind | null)[]
}

/** How two monitors agree: the picture of differences, what may be claimed, and the same by the kind of club. */
export function AgreementFound({ golfer, found, pairs, toleranceM, kinds = [] }: Props) {
  const { lengthUnit } = golfer
  const { to: at } = measuresOf(golfer).carry
  const kept = keptPairs(pairs)
  const claims = agreeClaims(found, toleranceM, golfer)
  const byKind = [...new Set(kinds)].flatMap((kind) => {
    const own = pairs.filter((_, i) => kinds[i] === kind)
    const agreed = agreement(own, toleranceM)
    return kind && agreed ? [{ kind, agreed }] : []
  })
  return (
    <>
      <section className="sheet p-3" aria-label="The differences">
        <TrueChart
          chart={agreementChart({
            points: pairs.map(([a, b], i) => ({
              mean: at((a + b) / 2),
              difference: at(a - b),
              dropped: !kept[i],
            })),
            bias: at(found.biasM),
            limits: [at(found.lowM), at(found.highM)],
            outer: [at(found.outerLowM), at(found.outerHighM)],
            tolerance: at(toleranceM),
            unit: lengthUnit,
          })}
          says={claims.join(' ')}
        />
      </section>
      <section className="sheet p-3" aria-label="What may be claimed">
        <ol className="mb-2">
          {claims.map((claim) => (
            <li key={claim}>{claim}</li>
          ))}
        </ol>
        <p className="mb-1">{growthSentence(growthOf(pairs), found, golfer)}</p>
        {byKind.length > 1 && (
          <Table size="sm" className="num mb-2">
            <caption className="visually-hidden">By the kind of club</caption>
            <thead>
              <tr>
                <th scope="col">Kind of club</th>
                <th scope="col">Pairs</th>
                <th scope="col">First less second, {lengthUnit}</th>
              </tr>
            </thead>
            <tbody>
              {byKind.map(({ kind, agreed }) => (
                <tr key={kind}>
                  <th scope="row">{kindName(kind)}</th>
                  <td>{agreed.pairs}</td>
                  <td>
                    {len(agreed.biasM, golfer, 1)} ± {len(agreed.biasHalfM, golfer, 1)}
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        )}
        <p className="quiet mb-0">
          Common practice calls two monitors alike when they are within {lenUnit(PRACTICE_M, golfer)} “on
          average”. That is the first claim; it tells nothing about a single shot. After Bland and Altman,
          1986.
        </p>
      </section>
    </>
  )
}
