import type { BagAnalysis } from '@/core/analyse-bag'
import { ZONES, type Step } from '@/core/gaps/step'
import type { Golfer } from '@/core/golfer'
import { STOCK_RULES } from '@/core/stock/stock-rules'
import { StationStrip } from '../drawing/station-strip'
import { MARK_NAME, RULE_NAME } from '@/words/names'
import { chance, len, lenUnit } from '@/words/numbers'
import {
  leftOutReason,
  offCurveSentence,
  stepSentences,
  sureness,
  verdictLook,
  verdictWords,
} from '@/words/reasons'
import type { StationShots } from './station-shots'

type Props = {
  golfer: Golfer
  step: Step
  analysis: BagAnalysis
  shots: StationShots
  name: (id: string) => string
}

/** What carries the verdict of one step: its interval and limits, the shots of both clubs, and the other schools. */
export function StepEvidence({ golfer, step, analysis, shots, name }: Props) {
  const sides = [step.longerId, step.shorterId].map((id) => ({
    id,
    stock: analysis.stocks.find((stock) => stock.clubId === id && stock.swing === 'full'),
  }))
  const between = analysis.holes.filter(([from, to]) => {
    const [longer, shorter] = sides.map(({ stock }) => stock?.carryM)
    return longer !== undefined && shorter !== undefined && from < longer && to > shorter
  })
  return (
    <section className="sheet evidence" aria-label="Evidence" aria-live="polite">
      <div className="d-flex justify-content-between align-items-baseline gap-2">
        <h2>
          {name(step.longerId)} to {name(step.shorterId)}
        </h2>
        <span className={`verdict verdict-${verdictLook(step)} verdict-${sureness(step)}`}>
          {verdictWords(step)}
        </span>
      </div>
      {step.stepM === undefined || step.lowM === undefined || step.highM === undefined ? (
        <p className="mt-2 mb-0">
          One of the two has no shots that count: hit three with each to begin with.
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
          <ZoneBar step={step} />
          <p className="mb-0">{stepSentences(step, golfer, name).join(' ')}</p>
        </>
      )}
      {between.length > 0 && (
        <p className="mt-2 mb-0">
          Nothing of yours lands on{' '}
          <b>{between.map(([from, to]) => `${len(from, golfer)}–${lenUnit(to, golfer)}`).join(' and ')}</b>.
        </p>
      )}
      {sides.map(({ id, stock }) => {
        const off = offCurveSentence(stock?.offCurve, golfer)
        return (
          <div key={id} className="side">
            <h3>{name(id)}</h3>
            <StationStrip
              golfer={golfer}
              name={name(id)}
              stock={stock}
              shots={shots.filter((shot) => shot.clubId === id && shot.swing === 'full')}
            />
            {off && <p className="mb-1">{off}</p>}
            {stock && stock.leftOut.length > 0 && (
              <ul className="left-out">
                {stock.leftOut.map((shot) => (
                  <li key={shot.shotId}>
                    {shot.facts.carryM !== undefined && <b>{len(shot.facts.carryM, golfer, 1)}</b>}{' '}
                    {MARK_NAME[shot.mark]}: {leftOutReason(shot, golfer, name)}
                  </li>
                ))}
              </ul>
            )}
          </div>
        )
      })}
      {step.stepM !== undefined && (
        <table className="schools">
          <caption>The same step under other schools, {golfer.lengthUnit}</caption>
          <tbody>
            {STOCK_RULES.map((rule) => {
              const [longer, shorter] = sides.map(({ stock }) => stock?.schools[rule])
              const stepM = step.schools[rule]
              return longer === undefined || shorter === undefined || stepM === undefined ? null : (
                <tr key={rule}>
                  <th scope="row">{RULE_NAME[rule]}</th>
                  <td>{len(longer, golfer, 1)}</td>
                  <td>{len(shorter, golfer, 1)}</td>
                  <td>
                    <b>{len(stepM, golfer, 1)}</b>
                  </td>
                </tr>
              )
            })}
          </tbody>
        </table>
      )}
      <p className="caution">
        Every interval is a 90% one, and speaks of this golfer, ball and monitor in the sessions behind it.
        The step is the model’s: it weighs each shot by how likely it was solid, and leans a little on what
        your other clubs say, by a yard or two at three shots and hardly at ten.
      </p>
    </section>
  )
}

/** The chance of each zone as one bar, every part with its word. */
function ZoneBar({ step }: { step: Step }) {
  const parts = ZONES.filter((zone) => step.zones[zone] >= 0.01)
  return (
    <div
      className="zone-bar"
      role="img"
      aria-label={parts.map((zone) => `${zone} ${chance(step.zones[zone])}`).join(', ')}
    >
      {parts.map((zone) => (
        <span key={zone} className={`zone verdict-${zone}`} style={{ flexGrow: step.zones[zone] }}>
          {step.zones[zone] >= 0.16 && `${zone} ${chance(step.zones[zone])}`}
        </span>
      ))}
    </div>
  )
}
