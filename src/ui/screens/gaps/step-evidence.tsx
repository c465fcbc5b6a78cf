import Link from 'next/link'
import type { BagAnalysis } from '@/core/analyse-bag'
import { isMeasured, ZONES, type Step } from '@/core/gaps/step'
import type { Golfer } from '@/core/golfer'
import { STOCK_RULES } from '@/core/stock/stock-rules'
import { ClubChange } from '../../shared/changes/club-changes'
import { StationStrip } from '../../shared/drawing/station-strip'
import { MARK_NAME, RULE_NAME } from '@/text/names'
import { chance, fixed, len, lenUnit } from '@/text/numbers'
import { leftOutReason, offCurveSentence } from '@/text/reasons'
import type { Faced } from '@/core/rounds/faced'
import { facedWords } from '@/text/rounds'
import { drawnStep, stepSentences, VERDICT_NAME } from '@/text/verdicts'
import { LeaveOnPurpose } from './leave-on-purpose'
import type { StationShots } from '@/views/bag-analysis'
import type { ChangeSeen } from '@/views/changed-clubs'
import { VerdictBadge } from './verdict-badge'
import { atStation, fullSwingOf, isOf } from '@/core/station'

type Props = {
  golfer: Golfer
  step: Step
  analysis: BagAnalysis
  shots: StationShots
  /** What to do about it first, where it is not good. */
  todo: string | undefined
  changes: readonly ChangeSeen[]
  faced: Faced
  name: (id: string) => string
  loftMeasured: (id: string) => boolean | undefined
}

/** What carries the verdict of one step: its interval and limits, the shots of both clubs, and the other schools. */
export function StepEvidence({
  golfer,
  step,
  analysis,
  shots,
  todo,
  changes,
  faced,
  name,
  loftMeasured,
}: Props) {
  const sides = [step.longerId, step.shorterId].map((id) => ({
    id,
    stock: atStation(analysis.stocks, fullSwingOf(id)),
  }))
  const inside = ([from, to]: [number, number]) => {
    const [longer, shorter] = sides.map(({ stock }) => stock?.carryM)
    return longer !== undefined && shorter !== undefined && from < longer && to > shorter
  }
  const between = analysis.holes.filter(inside)
  const leftHoles = analysis.holesLeft.filter(({ hole }) => inside(hole))
  return (
    <section className="sheet evidence no-print" aria-label="Evidence" aria-live="polite">
      <div className="d-flex justify-content-between align-items-baseline gap-2">
        <h2>
          {name(step.longerId)} to {name(step.shorterId)}
        </h2>
        <VerdictBadge step={step} units={golfer} />
      </div>
      {!isMeasured(step) ? (
        <p className="mt-2 mb-0">
          One of the two has no shots that count: hit three with each to begin with.
        </p>
      ) : (
        <>
          <div className="big">
            {fixed(drawnStep(step, analysis.stocks, golfer) ?? 0, 0)}{' '}
            <small className="fs-5">{golfer.lengthUnit}</small>
          </div>
          <p className="mb-1">
            Banco’s estimate from all shots: {len(step.stepM, golfer, 1)} ({len(step.lowM, golfer, 1)}–
            {len(step.highM, golfer, 1)}), {sides.map(({ stock }) => stock?.count ?? 0).join(' + ')} good
            shots
          </p>
          <ZoneBar step={step} />
          <p className="mb-2">{stepSentences(step, analysis.stocks, golfer, name).join(' ')}</p>
          {todo && (
            <p className="mb-2">
              <b>{todo}</b>
            </p>
          )}
          {(todo || troubled(step)) && step.leftOnPurpose === undefined && (
            <Link
              className="btn btn-sm btn-outline"
              href={`/golfers/${golfer.id}/refit?for=${step.longerId}`}
            >
              Fix this gap
            </Link>
          )}{' '}
          {(troubled(step) || step.leftOnPurpose !== undefined) && (
            <LeaveOnPurpose
              key={`${step.longerId} ${step.leftOnPurpose}`}
              golferId={golfer.id}
              about={{ kind: 'step', longerId: step.longerId, shorterId: step.shorterId }}
              what={`${name(step.longerId)} to ${name(step.shorterId)}`}
              because={step.leftOnPurpose}
            />
          )}
        </>
      )}
      {between.map((hole) => (
        <HoleLine key={hole[0]} golfer={golfer} faced={faced} hole={hole} />
      ))}
      {leftHoles.map(({ hole, because }) => (
        <HoleLine key={hole[0]} golfer={golfer} faced={faced} hole={hole} because={because} />
      ))}
      {sides.map(({ id, stock }) => {
        const off = offCurveSentence(stock?.offCurve, golfer, loftMeasured(id))
        const changed = changes.find(({ clubId }) => clubId === id)
        return (
          <div key={id} className="side">
            <h3>{name(id)}</h3>
            <StationStrip
              golfer={golfer}
              name={name(id)}
              stock={stock}
              shots={shots.filter(isOf(fullSwingOf(id)))}
            />
            {off && <p className="mb-1">{off}</p>}
            {changed && (
              <p className="mb-1">
                <ClubChange change={changed} golfer={golfer} />
              </p>
            )}
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
      {isMeasured(step) && (
        <table className="schools">
          <caption>The same gap by other ways to count a yardage, {golfer.lengthUnit}</caption>
          <tbody>
            {STOCK_RULES.map((rule) => {
              const runs = step.onTotal ? [step.onTotal.longerM, step.onTotal.shorterM] : [0, 0]
              const [longer, shorter] = sides.map(({ stock }, i) => {
                const at = stock?.schools[rule]
                return at === undefined ? undefined : at + (runs[i] ?? 0)
              })
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
        Intervals are 90% intervals for this golfer, ball and monitor. The estimate weighs each shot by how
        likely it was good. With few shots it leans a little on your other clubs.
      </p>
    </section>
  )
}

const troubled = ({ verdict, settled }: Step): boolean => settled && verdict !== 'even'

/** A hole between the two clubs, and the way to leave it so. */
function HoleLine({
  golfer,
  faced,
  hole: [from, to],
  because,
}: {
  golfer: Golfer
  faced: Faced
  hole: [number, number]
  because?: string
}) {
  const where = `${len(from, golfer)}–${lenUnit(to, golfer)}`
  return (
    <div className="hole-line">
      <span>
        Nothing of yours lands on <b>{where}</b>
        {faced.rounds > 0 && `, ${facedWords(faced, [from, to])}`}.
      </span>
      <LeaveOnPurpose
        golferId={golfer.id}
        about={{ kind: 'hole', atM: (from + to) / 2 }}
        what={`the hole at ${where}`}
        because={because}
      />
    </div>
  )
}

/** The chance of each zone as one bar, every part with its word. */
function ZoneBar({ step }: { step: Step }) {
  const parts = ZONES.filter((zone) => step.zones[zone] >= 0.01)
  return (
    <div
      className="zone-bar"
      role="img"
      aria-label={parts.map((zone) => `${VERDICT_NAME[zone]} ${chance(step.zones[zone])}`).join(', ')}
    >
      {parts.map((zone) => (
        <span key={zone} className={`zone verdict-${zone}`} style={{ flexGrow: step.zones[zone] }}>
          {step.zones[zone] >= 0.16 && `${zone} ${chance(step.zones[zone])}`}
        </span>
      ))}
    </div>
  )
}
