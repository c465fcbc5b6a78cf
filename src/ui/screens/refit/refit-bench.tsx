'use client'

import Link from 'next/link'
import Button from 'react-bootstrap/Button'
import type { Golfer } from '@/core/golfer'
import { heldByStocks } from '@/core/shots/holds'
import { isJudged, isMeasured } from '@/core/gaps/step'
import type { Fix } from '@/core/refit/fixes'
import type { Proposal } from '@/core/refit/propose'
import { refitStair } from '@/draw/refit-stair'
import { fixed } from '@/text/numbers'
import { FIRST_NAME, paperNames, proposalSentence, SHUT_SENTENCE } from '@/text/refit'
import { drawnStep, verdictWords } from '@/text/verdicts'
import type { RefitView } from '@/views/refit-view'
import { ClubChanges } from '../../shared/changes/club-changes'
import { SvgDrawing } from '../../shared/drawing/svg-drawing'
import { NoShotsYet } from '../../shared/shell/no-shots-yet'
import { HoldsLine } from '../../shared/shell/holds-line'
import { PageHead } from '../../shared/shell/page-head'
import { PrintTitle } from '../../shared/shell/print-title'
import { LeaveOnPurpose } from '../gaps/leave-on-purpose'
import { KeptRefits } from './kept-refits'
import { MarkDone } from './mark-done'
import { useKept } from '../../shared/use-kept'
import { onPaper } from './on-paper'
import { WayCard } from './way-card'
import { WorkOrder } from './work-order'
import { Workbench } from './workbench'
import { WorthKnowing } from './worth-knowing'
import styles from './refit.module.css'

type Props = {
  golfer: Golfer
  /** The longer club of the step that is asked about; the worst one where none is. */
  asked: string | undefined
} & RefitView

/** What to do about the worst step, on paper: the stair as it is and as it would be, the ways, and a bench to try others on. */
export function RefitBench({ golfer, bag, analysis, refit, tried, turf, changes, faced, asked }: Props) {
  const { gates, bag: paper } = refit
  const first = refit.firsts.find(({ longerId }) => longerId === asked) ?? refit.firsts[0]
  const isFor = ({ troubles }: Proposal) => troubles.some(({ longerId }) => longerId === first?.longerId)
  const wished = ({ way }: Proposal) => way === 'lighter-bag' && golfer.bagWish === 'light'
  const proposals = refit.proposals.toSorted(
    (a, b) => Number(isFor(b)) - Number(isFor(a)) || Number(wished(b)) - Number(wished(a)),
  )
  const own = new Set([...bag.clubs, ...bag.rack].map(({ id }) => id))
  const [fixes, setFixes] = useKept<Fix[]>(
    `fixes ${golfer.id} ${asked ?? ''}`,
    proposals[0]?.fixes ?? [],
    (kept): kept is Fix[] =>
      Array.isArray(kept) &&
      kept.every((fix: Fix) => !('clubId' in fix) || fix.clubId === undefined || own.has(fix.clubId)),
  )
  const name = paperNames(bag)
  const drawn = onPaper(paper, fixes, golfer, name)
  const home = `/golfers/${golfer.id}`
  const worst =
    first &&
    analysis.steps.find(
      ({ longerId, shorterId }) => longerId === first.longerId && shorterId === first.shorterId,
    )
  const gate = first && gates.find(({ longerId }) => longerId === first.longerId)
  const best = proposals[0]
  const anySettled = analysis.steps.some((step) => isJudged(step) && step.settled)
  if (!analysis.steps.some(isMeasured))
    return (
      <NoShotsYet
        golferId={golfer.id}
        title="Nothing to refit yet"
        lede="What a bend, another loft or a lighter bag would do stands here as soon as two clubs have shots."
      />
    )
  return (
    <div className={styles.screen}>
      <PrintTitle golfer={golfer} bag={bag} stocks={analysis.stocks} what="Refit" />
      <PageHead
        title={
          worst && isJudged(worst)
            ? `${name(worst.longerId)} to ${name(worst.shorterId)} is ${fixed(drawnStep(worst, analysis.stocks, golfer) ?? 0, 0)} ${golfer.lengthUnit}: ${verdictWords(worst, golfer)}`
            : anySettled
              ? 'No confirmed gap needs a change'
              : 'No gap is confirmed yet'
        }
        lede={
          best && isFor(best)
            ? `${best.shut ? 'A preview: ' : ''}${proposalSentence(best, name, golfer)}`
            : first
              ? `First: ${FIRST_NAME[first.fix]}.`
              : anySettled
                ? 'Every confirmed gap is good, borderline, or kept as it is. Below you can try what you like.'
                : 'Hit more shots before you change a club. Below you can try what you like.'
        }
      >
        {first && (
          <Link className="btn btn-outline" href={`${home}/gaps`}>
            The evidence
          </Link>
        )}
        <Button onClick={() => window.print()} disabled={fixes.length === 0}>
          Print the work order
        </Button>
      </PageHead>
      <HoldsLine holds={heldByStocks(analysis.stocks)} name={name} />
      {gate?.shut && (
        <p className="sheet gate" role="note">
          <b>{best && isFor(best) ? 'Only a preview.' : 'Before anything else.'}</b>{' '}
          {SHUT_SENTENCE[gate.shut]}
        </p>
      )}
      <div className="refit">
        <div className="d-grid gap-3">
          <section className="sheet stair-twice" aria-label="The stair, as it is and as it would be">
            <SvgDrawing
              draw={(width) => refitStair(drawn.rows, drawn.treads, width)}
              onPaper
              says="Every club where it is, in outline, and where it would be, solid; every step stands in the table beside it."
            />
            <p className="quiet key">
              Outline: as it is. Solid: on paper. Likely even now {drawn.before.toFixed(1)} of{' '}
              {drawn.steps.length} steps, on paper <b>{drawn.after.toFixed(1)}</b>.
            </p>
          </section>
          <WorthKnowing golfer={golfer} bag={bag} refit={refit} turf={turf} faced={faced} name={name} />
        </div>
        <div className="ways">
          {golfer.likes && (
            <p className="sheet way mb-0">
              You said: <b>{golfer.likes}</b>
            </p>
          )}
          {proposals.map((proposal) => (
            <WayCard
              key={proposal.way}
              proposal={proposal}
              name={name}
              units={golfer}
              isShown={JSON.stringify(fixes) === JSON.stringify(proposal.fixes)}
              onShow={() => setFixes(proposal.fixes)}
            />
          ))}
          {proposals.length === 0 && gates.length > 0 && (
            <section className="sheet way">
              <h2>Nothing on paper helps enough</h2>
              <p>
                No bend within what the heads take, no one club and no lighter bag makes half a step more
                even, with each step it is for likelier even than not.{' '}
                {first && `First: ${FIRST_NAME[first.fix]}.`}
              </p>
            </section>
          )}
          {worst && (
            <section className="sheet way">
              <h2>Or leave it as it is</h2>
              <LeaveOnPurpose
                golferId={golfer.id}
                about={{ kind: 'step', longerId: worst.longerId, shorterId: worst.shorterId }}
                what={`${name(worst.longerId)} to ${name(worst.shorterId)}`}
                because={worst.leftOnPurpose}
              />
            </section>
          )}
        </div>
      </div>
      <Workbench
        golfer={golfer}
        refit={refit}
        bag={bag}
        fixes={fixes}
        steps={drawn.steps}
        name={name}
        onChange={setFixes}
      />
      <MarkDone golferId={golfer.id} fixes={fixes} name={name} onDone={() => setFixes([])} />
      <ClubChanges golfer={golfer} changes={changes} name={name} />
      <KeptRefits fixes={fixes} tried={tried} name={name} onShow={setFixes} paper={paper} golfer={golfer} />
      <WorkOrder golfer={golfer} bag={bag} fixes={fixes} name={name} />
      <div className="visually-hidden">
        <table>
          <caption>Steps on paper</caption>
          <tbody>
            {drawn.steps.map(({ longerId, shorterId, drawn: size, was, even }) => (
              <tr key={`${longerId} ${shorterId}`}>
                <th>
                  {name(longerId)} to {name(shorterId)}
                </th>
                <td>{was === undefined ? 'new' : fixed(was, 0)}</td>
                <td>{fixed(size, 0)}</td>
                <td>{Math.round(100 * even)}% even</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  )
}
