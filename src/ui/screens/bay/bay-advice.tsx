import Button from 'react-bootstrap/Button'
import type { Warning } from '@/core/analysis/bag-analysis'
import { ClubChange } from '../../shared/changes/club-changes'
import { helpWords, priceWords } from '@/text/recommendations'
import { clubNames } from '@/text/names'
import { nextLine, warningSentence } from '@/text/reasons'
import { progressOf } from './bay-plan'
import type { BayView } from '@/views/bay-view'
import { AdjustmentsLine } from '../../shared/shell/adjustments-line'
import { CommandButton, CommandKeys } from './command-key'
import type { BayActions } from './use-bay'
import { stationKey } from '@/core/model/station'

/** What the golfer should hear now: shots that look like another club's, one-sided leaving out, tiredness, what to hit next. */
export function BayAdvice({ view, bay, onRest }: { view: BayView; bay: BayActions; onRest: () => void }) {
  const { golfer, bag, session, analysis } = view
  const name = clubNames(bag)
  const here = new Set<string>(view.shots.map((shot) => shot.id))
  const ofToday = (warning: Warning) =>
    warning.kind === 'tiring' ||
    (warning.kind !== 'holds' && warning.facts.shotIds.some((id) => here.has(id)))
  // A question about the club in hand comes first; one about a club that was put away can wait.
  const asksNow = (warning: Warning) =>
    warning.kind === 'other-club' && warning.facts.clubId === session.open?.clubId
  // With a plan nothing else is proposed until it is hit, and then nothing but its own stations.
  const planned = new Set(view.plan.map(stationKey))
  const next =
    view.plan.length === 0
      ? analysis.next
      : progressOf(view).left.length > 0
        ? []
        : analysis.next.filter((each) => planned.has(stationKey(each)))
  const warnings = analysis.warnings.filter((warning) => warning.kind !== 'unknown-club' && ofToday(warning))
  const strikes = analysis.recommendations.find(({ kind }) => kind === 'strikes')
  const changed = view.changes.find(({ clubId }) => clubId === session.open?.clubId)
  return (
    <>
      <AdjustmentsLine
        adjustments={analysis.warnings.flatMap((warning) =>
          warning.kind === 'holds' ? [warning.facts] : [],
        )}
        name={name}
      />
      {changed && (
        <p className="quiet mb-0">
          <ClubChange change={changed} golfer={golfer} />
        </p>
      )}
      {warnings.map((warning, i) => (
        <section key={i} className={`sheet advice${asksNow(warning) ? ' now' : ''}`} aria-label="Advice">
          <span>{warningSentence(warning, golfer, name)}</span>
          {warning.kind === 'tiring' && session.injuryStopMs === null && (
            <CommandButton id="rest" variant="outline" onClick={onRest}>
              Take a rest
            </CommandButton>
          )}
          {warning.kind === 'other-club' && (
            <OtherClub warning={warning} here={here} name={name} bay={bay} byKey={asksNow(warning)} />
          )}
        </section>
      ))}
      {next.length > 0 && session.injuryStopMs === null && (
        <p className="quiet next-line mb-0">
          Best to hit next: <b>{nextLine(next, name)}</b>
        </p>
      )}
      {strikes && (
        <p className="quiet next-line mb-0">
          {helpWords(strikes, name)}. {priceWords(strikes)}
        </p>
      )}
    </>
  )
}

type OtherClubProps = {
  warning: Extract<Warning, { kind: 'other-club' }>
  here: ReadonlySet<string>
  name: (id: string) => string
  bay: BayActions
  /** Answered by key: the question about the club in hand. */
  byKey: boolean
}

function OtherClub({ warning, here, name, bay, byKey }: OtherClubProps) {
  const { clubId, other, shotIds } = warning.facts
  const today = shotIds.filter((id) => here.has(id))
  const move = () => void bay.move(today, { clubId: other, swing: 'full' })
  return (
    <span className="btns">
      <CommandKeys of={{ move }} enabled={byKey} />
      <CommandButton id="move" keyed={byKey} onClick={move}>
        Move {today.length === 1 ? 'it' : `all ${today.length}`} to the {name(other)}
      </CommandButton>
      <Button variant="outline" onClick={() => bay.decide(today, 'solid')}>
        {today.length === 1 ? 'It was' : 'They were'} the {name(clubId)}
      </Button>
    </span>
  )
}
