import Link from 'next/link'
import { isMeasured, type Gap } from '@/core/gaps/gap'
import { progressOf } from '../bay/bay-plan'
import type { BayView } from '@/views/bay-view'
import { PageHead } from '../../shared/shell/page-head'
import { Warnings } from '../../shared/shell/warnings'
import type { SessionView } from '@/views/session-view'
import { adviceLines } from '@/text/advice'
import { clubNames, stationName } from '@/text/names'
import { count, fixed, minutes } from '@/text/numbers'
import { nextLine, nextReason } from '@/text/reasons'
import { paperNames } from '@/text/refit'
import { drawnGap } from '@/text/verdicts'
import { VerdictBadge } from '../gaps/verdict-badge'
import { Checks } from './checks'
import { RecommendationLines } from '../../shared/shell/recommendation-lines'
import { Expectations } from './expectations'
import { InjuryStop } from './injury-stop'
import { NeedsChecking } from './needs-checking'
import { SessionSetUp } from './session-set-up'
import { TrialEnd } from './trial-end'
import styles from './session.module.css'

/** What a session came to: what was planned and not hit, what its shots settle, and what to hit next time. */
export function SessionEnd({ view, expected, profiles, trial, checks, gapsToFix }: SessionView) {
  const { golfer, bag, session, shots, analysis, plan } = view
  const injuryStop = session.injuryStopMs !== null
  const name = clubNames(bag)
  const read = shots.filter((shot) => shot.heldBecause === null)
  const held = shots.length - read.length
  const taken = read.filter(({ conditions }) => !conditions.warmUp)
  const warmUps = read.length - taken.length
  const later = plan.filter(({ day }) => day > 1)
  const hitClubs = new Set(taken.map(({ clubId }) => clubId))
  const { left } = progressOf(view)
  const notHit = bag.clubs.filter((club) => club.kind !== 'putter' && !hitClubs.has(club.id))
  const touched = analysis.gaps.filter(
    (gap) => isMeasured(gap) && (hitClubs.has(gap.longerId) || hitClubs.has(gap.shorterId)),
  )
  const settled = touched.filter((gap) => gap.settled)
  const lasted = ((taken.at(-1)?.hitMs ?? session.startedMs) - session.startedMs) / 1000
  const home = `/golfers/${golfer.id}`
  const todo = adviceLines(gapsToFix, paperNames(bag), golfer)
  return (
    <div className={styles.screen}>
      <PageHead
        title={`${count(taken.length, 'shot')} with ${count(hitClubs.size, 'club')} in ${minutes(lasted)}`}
        lede={
          <>
            {plan.length > 0 &&
              (left.length === 0
                ? 'The plan is done. '
                : `Planned and not hit: ${left.map((block) => `${block.shots} × ${stationName(name(block.clubId), block.swing)}`).join(', ')}. `)}
            {later.length > 0 &&
              `${count(
                later.reduce((sum, block) => sum + block.shots, 0),
                'planned shot is',
                'planned shots are',
              )} for another day. `}
            {plan.length === 0 &&
              notHit.length > 0 &&
              `Not hit: ${notHit.map((club) => club.name).join(', ')}. `}
            {warmUps > 0 && `${count(warmUps, 'shot')} of warm-up, not counted. `}
            {held > 0 && `${count(held, 'shot does', 'shots do')} not count yet. `}
            {settled.length} of {count(touched.length, 'gap')} with these clubs confirmed.
          </>
        }
      >
        <Link className="btn btn-outline" href={`${home}/bay?session=${session.id}`}>
          {injuryStop ? 'Edit marks' : 'Continue'}
        </Link>
        <Link className="btn btn-outline" href={`${home}/stock`}>
          See the stock
        </Link>
        <Link className="btn btn-primary" href={`${home}/gaps`}>
          See the gaps
        </Link>
      </PageHead>
      {held > 0 && <NeedsChecking first={view} />}
      {injuryStop && <InjuryStop golferId={golfer.id} sessionId={session.id} />}
      <Warnings warnings={analysis.warnings} units={golfer} name={name} />
      {trial && <TrialEnd golfer={golfer} trial={trial} bag={bag} />}
      <Checks golfer={golfer} checks={checks} name={name} />
      <div className="session-end">
        <section className="sheet" aria-label="Gaps">
          <h2>Gaps</h2>
          <ul>
            {touched.map((gap) => (
              <GapLine key={gap.longerId} gap={gap} view={view} name={name} />
            ))}
            {touched.length === 0 && <li className="quiet">No gap yet. Hit two neighbouring clubs.</li>}
          </ul>
        </section>
        {!injuryStop && todo.length > 0 && (
          <section className="sheet" aria-label="What to do">
            <h2>What to do</h2>
            <ul>
              {todo.map((line) => (
                <li key={line}>{line}</li>
              ))}
              <li>
                <Link href={`${home}/refit`}>Fix gaps</Link>
              </li>
            </ul>
          </section>
        )}
        <section className="sheet" aria-label="Next time">
          <h2>Next time</h2>
          <ul>
            {(left.length > 0 || later.length > 0) && <li>Continue the plan where you stopped.</li>}
            {!injuryStop &&
              analysis.next.map((each) => (
                <li key={each.clubId}>
                  <b>{nextLine([each], name)}</b> <span className="quiet">{nextReason(each, name)}</span>
                </li>
              ))}
            {injuryStop && <li>First let it heal.</li>}
            {!injuryStop && analysis.next.length === 0 && (
              <li>Nothing. A few more shots would not change a verdict.</li>
            )}
            <RecommendationLines recommendations={analysis.recommendations} name={name} />
          </ul>
        </section>
        <Expectations golfer={golfer} here={expected.here} all={expected.all} name={name} />
        <SessionSetUp golfer={golfer} session={session} setUp={view.setUp} profiles={profiles} />
      </div>
    </div>
  )
}

function GapLine({ gap, view, name }: { gap: Gap; view: BayView; name: (id: string) => string }) {
  return (
    <li className="step-line">
      <span>
        {name(gap.longerId)} to {name(gap.shorterId)}
      </span>
      <b>
        {fixed(drawnGap(gap, view.analysis.stocks, view.golfer) ?? 0, 0)} {view.golfer.lengthUnit}
      </b>
      <VerdictBadge gap={gap} units={view.golfer} />
    </li>
  )
}
