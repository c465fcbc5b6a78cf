import Link from 'next/link'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import { isMeasured, ZONE_VERDICT, ZONES, type Gap } from '@/core/gaps/gap'
import type { Golfer } from '@/core/model/golfer'
import { ClubChange } from '../../shared/changes/club-changes'
import { StationStrip } from '../../shared/drawing/station-strip'
import { choicesIn, MARK_NAME, RULE_NAME } from '@/text/names'
import { chance, fixed, len, lenUnit } from '@/text/numbers'
import { leftOutReason, offCurveSentence } from '@/text/reasons'
import type { Demand } from '@/core/gaps/demand'
import { demandWords } from '@/text/rounds'
import { drawnGap, gapSentences } from '@/text/verdicts'
import { VERDICT_TABLE } from '@/text/verdict-table'
import { LeaveOnPurpose } from './keep-as-is'
import type { StationShots } from '@/views/bag-analysis'
import type { ChangeSeen } from '@/views/changed-clubs'
import { VerdictBadge } from './verdict-badge'
import { atStation, fullSwingOf, isOf } from '@/core/model/station'

type Props = {
  golfer: Golfer
  gap: Gap
  analysis: BagAnalysis
  shots: StationShots
  /** What to do about it first, where it is not good. */
  todo: string | undefined
  changes: readonly ChangeSeen[]
  demand: Demand
  name: (id: string) => string
  loftMeasured: (id: string) => boolean | undefined
}

/** What carries the verdict of one gap: its interval and limits, the shots of both clubs, and the other rules. */
export function GapEvidence({
  golfer,
  gap,
  analysis,
  shots,
  todo,
  changes,
  demand,
  name,
  loftMeasured,
}: Props) {
  const sides = [gap.longerId, gap.shorterId].map((id) => ({
    id,
    stock: atStation(analysis.stocks, fullSwingOf(id)),
  }))
  const inside = ([from, to]: [number, number]) => {
    const [longer, shorter] = sides.map(({ stock }) => stock?.carryM)
    return longer !== undefined && shorter !== undefined && from < longer && to > shorter
  }
  const between = analysis.uncovered.filter(inside)
  const keptBetween = analysis.uncoveredKept.filter(({ range }) => inside(range))
  return (
    <section className="sheet evidence no-print" aria-label="Evidence" aria-live="polite">
      <div className="d-flex justify-content-between align-items-baseline gap-2">
        <h2>
          {name(gap.longerId)} to {name(gap.shorterId)}
        </h2>
        <VerdictBadge gap={gap} units={golfer} />
      </div>
      {!isMeasured(gap) ? (
        <p className="mt-2 mb-0">
          One of the two has no shots that count: hit three with each to begin with.
        </p>
      ) : (
        <>
          <div className="big">
            {fixed(drawnGap(gap, analysis.stocks, golfer) ?? 0, 0)}{' '}
            <small className="fs-5">{golfer.lengthUnit}</small>
          </div>
          <p className="mb-1">
            Banco’s estimate from all shots: {len(gap.gapM, golfer, 1)} ({len(gap.lowM, golfer, 1)}–
            {len(gap.highM, golfer, 1)}), {sides.map(({ stock }) => stock?.count ?? 0).join(' + ')} good shots
          </p>
          <ZoneBar gap={gap} />
          <p className="mb-2">{gapSentences(gap, analysis.stocks, golfer, name).join(' ')}</p>
          {todo && (
            <p className="mb-2">
              <b>{todo}</b>
            </p>
          )}
          {(todo || troubled(gap)) && gap.leftOnPurpose === undefined && (
            <Link className="btn btn-sm btn-outline" href={`/golfers/${golfer.id}/refit?for=${gap.longerId}`}>
              Fix this gap
            </Link>
          )}{' '}
          {(troubled(gap) || gap.leftOnPurpose !== undefined) && (
            <LeaveOnPurpose
              key={`${gap.longerId} ${gap.leftOnPurpose}`}
              golferId={golfer.id}
              about={{ kind: 'step', longerId: gap.longerId, shorterId: gap.shorterId }}
              what={`${name(gap.longerId)} to ${name(gap.shorterId)}`}
              because={gap.leftOnPurpose}
            />
          )}
        </>
      )}
      {between.map((range) => (
        <UncoveredLine key={range[0]} golfer={golfer} demand={demand} range={range} />
      ))}
      {keptBetween.map(({ range, because }) => (
        <UncoveredLine key={range[0]} golfer={golfer} demand={demand} range={range} because={because} />
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
      {isMeasured(gap) && (
        <table className="schools">
          <caption>The same gap by other ways to count a yardage, {golfer.lengthUnit}</caption>
          <tbody>
            {choicesIn(RULE_NAME).map(([rule, ruleName]) => {
              const runs = gap.onTotal ? [gap.onTotal.longerM, gap.onTotal.shorterM] : [0, 0]
              const [longer, shorter] = sides.map(({ stock }, i) => {
                const at = stock?.byStockRule[rule]
                return at === undefined ? undefined : at + (runs[i] ?? 0)
              })
              const gapM = gap.byStockRule[rule]
              return longer === undefined || shorter === undefined || gapM === undefined ? null : (
                <tr key={rule}>
                  <th scope="row">{ruleName}</th>
                  <td>{len(longer, golfer, 1)}</td>
                  <td>{len(shorter, golfer, 1)}</td>
                  <td>
                    <b>{len(gapM, golfer, 1)}</b>
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

const troubled = ({ verdict, settled }: Gap): boolean => settled && verdict !== 'good'

/** An uncovered distance between the two clubs, and the way to leave it so. */
function UncoveredLine({
  golfer,
  demand,
  range: [from, to],
  because,
}: {
  golfer: Golfer
  demand: Demand
  range: [number, number]
  because?: string
}) {
  const where = `${len(from, golfer)}–${lenUnit(to, golfer)}`
  return (
    <div className="hole-line">
      <span>
        No club for <b>{where}</b>
        {demand.rounds > 0 && `, ${demandWords(demand, [from, to])}`}.
      </span>
      <LeaveOnPurpose
        golferId={golfer.id}
        about={{ kind: 'hole', atM: (from + to) / 2 }}
        what={`the distance ${where}`}
        because={because}
      />
    </div>
  )
}

/** The chance of each zone as one bar, every part with its word. */
function ZoneBar({ gap }: { gap: Gap }) {
  const parts = ZONES.filter((zone) => gap.zones[zone] >= 0.01)
  return (
    <div
      className="zone-bar"
      role="img"
      aria-label={parts
        .map((zone) => `${VERDICT_TABLE[ZONE_VERDICT[zone]].name} ${chance(gap.zones[zone])}`)
        .join(', ')}
    >
      {parts.map((zone) => (
        <span
          key={zone}
          className={`zone verdict-${ZONE_VERDICT[zone]}`}
          style={{ flexGrow: gap.zones[zone] }}
        >
          {gap.zones[zone] >= 0.16 && `${VERDICT_TABLE[ZONE_VERDICT[zone]].name} ${chance(gap.zones[zone])}`}
        </span>
      ))}
    </div>
  )
}
