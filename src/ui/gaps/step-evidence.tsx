import type { BagAnalysis } from '@/core/analyse-bag'
import type { Golfer } from '@/core/golfer'
import { FEWEST_TO_SETTLE } from '@/core/gaps/settled'
import type { Step } from '@/core/gaps/step'
import { verdictLook, verdictName } from '../words/names'
import { count, len, lenUnit, percent, plusMinus } from '../words/numbers'

type Props = { golfer: Golfer; step: Step; analysis: BagAnalysis; name: (id: string) => string }

/** What carries the verdict of one step: its interval, its limits, both stocks, and what lands between them. */
export function StepEvidence({ golfer, step, analysis, name }: Props) {
  const sides = [step.longerId, step.shorterId].map((id) => ({
    id,
    stock: analysis.stocks.find((stock) => stock.clubId === id && stock.swing === 'full'),
  }))
  const between = analysis.holes.filter(([from, to]) => {
    const [longer, shorter] = sides.map(({ stock }) => stock?.carryM)
    return longer !== undefined && shorter !== undefined && from < longer && to > shorter
  })
  const { narrow, wide } = step.limitsM
  const even = `${len(narrow, golfer)} to ${lenUnit(wide, golfer)}`
  return (
    <section className="sheet evidence" aria-label="Evidence" aria-live="polite">
      <div className="d-flex justify-content-between align-items-baseline gap-2">
        <h2>
          {name(step.longerId)} to {name(step.shorterId)}
        </h2>
        <span className={`verdict verdict-${verdictLook(step)}`}>{verdictName(step)}</span>
      </div>
      {step.stepM === undefined || step.lowM === undefined || step.highM === undefined ? (
        <p className="mt-2 mb-0">
          One of the two has no shots that count: hit {FEWEST_TO_SETTLE} with each for a verdict.
        </p>
      ) : (
        <>
          <div className="big">
            {len(step.stepM, golfer, 1)} <small className="fs-5">{golfer.lengthUnit}</small>
          </div>
          <p className="mb-1">
            between {len(step.lowM, golfer, 1)} and {len(step.highM, golfer, 1)}, from{' '}
            {sides.map(({ stock }) => stock?.count ?? 0).join(' + ')} solid shots
          </p>
          <p className="mb-0">{judgement(step, golfer, even)}</p>
        </>
      )}
      <dl className="rows">
        {sides.map(({ id, stock }) => (
          <SideRow key={id} name={name(id)} stock={stock} golfer={golfer} />
        ))}
        {step.absentClubs > 0 && (
          <>
            <dt>Absent by loft</dt>
            <dd>{count(step.absentClubs, 'club')}</dd>
          </>
        )}
        {step.stepM !== undefined &&
          (['reversed', 'narrow', 'even', 'wide'] as const).map((zone) => (
            <ZoneRow key={zone} zone={zone} probability={step.zones[zone]} />
          ))}
      </dl>
      {between.length > 0 && (
        <p className="mt-3 mb-0">
          Nothing of yours lands on{' '}
          <b>{between.map(([from, to]) => `${len(from, golfer)}–${lenUnit(to, golfer)}`).join(' and ')}</b>.
        </p>
      )}
      <p className="caution">
        Every interval is a 90% one, and speaks of this golfer, ball and monitor in the sessions behind it.
      </p>
    </section>
  )
}

function SideRow({
  name,
  stock,
  golfer,
}: {
  name: string
  stock: BagAnalysis['stocks'][number] | undefined
  golfer: Golfer
}) {
  return (
    <>
      <dt className="fw-normal">
        {name}
        {stock && stock.leftOut.length > 0 && (
          <span className="quiet"> · {stock.leftOut.length} left out</span>
        )}
      </dt>
      <dd className="num">
        {stock?.carryM === undefined || stock.lowM === undefined || stock.highM === undefined
          ? 'no shots'
          : `${len(stock.carryM, golfer, 1)} ±${plusMinus(stock.lowM, stock.highM, golfer)}`}
      </dd>
    </>
  )
}

const ZoneRow = ({ zone, probability }: { zone: string; probability: number }) =>
  probability < 0.005 ? null : (
    <>
      <dt className="fw-normal">Chance that it is {zone}</dt>
      <dd className="num">{percent(probability)}</dd>
    </>
  )

function judgement(step: Step, golfer: Golfer, even: string): string {
  if (step.verdict === 'on-the-line' && step.lineM !== undefined) {
    return `Even would be ${even}. The step lies on the line at ${lenUnit(step.lineM, golfer)}: more shots would not move it off.`
  }
  if (step.settled) return `Even would be ${even}. The shots settle it: ${step.verdict}.`
  return `Even would be ${even}. The interval crosses a limit or a club has under ${FEWEST_TO_SETTLE} shots: it is not settled, and leans ${step.verdict}.`
}
