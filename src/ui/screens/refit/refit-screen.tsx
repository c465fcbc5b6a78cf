'use client'

import { allClubs } from '@/core/bag/bag'
import Link from 'next/link'
import Button from 'react-bootstrap/Button'
import type { Golfer } from '@/core/model/golfer'
import { adjustedStocks } from '@/core/shots/adjustments'
import { isSameGap } from '@/core/gaps/gap-clubs'
import { isJudged, isMeasured } from '@/core/gaps/gap'
import type { Fix } from '@/core/refit/fixes'
import { fixesOfLongClub } from '@/core/refit/long-clubs'
import { shutOf } from '@/core/refit/proposal'
import { fixLadder } from '@/draw/fix-ladder'
import { firstSentence, longClubSentence } from '@/text/advice'
import { fixed } from '@/text/numbers'
import { bestTriedSentence, fewerSentence, goodGapsSentence, paperNames, SHUT_SENTENCE } from '@/text/refit'
import { drawnGap, verdictWords } from '@/text/verdicts'
import type { RefitView } from '@/views/refit-view'
import { ClubChanges } from '../../shared/changes/club-changes'
import { SvgDrawing } from '../../shared/drawing/svg-drawing'
import { AdjustmentsLine } from '../../shared/shell/adjustments-line'
import { NoShotsYet } from '../../shared/shell/no-shots-yet'
import { PageHead } from '../../shared/shell/page-head'
import { PrintTitle } from '../../shared/shell/print-title'
import { useKept } from '../../shared/use-kept'
import { WhichWedges } from '../../shared/which-wedges'
import { HitThese } from '../gaps/hit-these'
import { LeaveOnPurpose } from '../gaps/keep-as-is'
import { FewerClubsSheet } from './fewer-clubs'
import { KeptRefits } from './kept-refits'
import { MarkDone } from './mark-done'
import { NoChangeCard } from './no-change-card'
import { onPaper } from './on-paper'
import { ProposalCard } from './proposal-card'
import { WedgeChoices } from './wedge-choices'
import { WorkOrder } from './work-order'
import { Workbench } from './workbench'
import { WorthKnowing } from './worth-knowing'
import styles from './refit.module.css'

type Props = { golfer: Golfer } & RefitView

/** What to do about a gap: the ladder as it is and as it would be, each proposal with its price, and a workbench to try others. */
export function RefitScreen({
  golfer,
  bag,
  analysis,
  refit,
  tried,
  turf,
  changes,
  demand,
  wedges,
  choice: { longerId, carry },
  lead: { gap: first, longClub, less, proposals, fixes: start },
}: Props) {
  const { gates, bag: paper, firsts, fewer } = refit
  const putters = bag.clubs.filter(({ kind }) => kind === 'putter').length
  const own = new Set(allClubs(bag).map(({ id }) => id))
  const [fixes, setFixes] = useKept<Fix[]>(
    `fixes ${golfer.id} ${longerId ?? ''} ${carry ?? ''}`,
    start,
    (kept): kept is Fix[] =>
      Array.isArray(kept) &&
      kept.every((fix: Fix) => !('clubId' in fix) || fix.clubId === undefined || own.has(fix.clubId)),
  )
  const name = paperNames(bag)
  const drawn = onPaper(paper, fixes, golfer, name)
  const home = `/golfers/${golfer.id}`
  const worst = first && analysis.gaps.find((each) => isSameGap(each, first))
  const gate = first && gates.find((each) => isSameGap(each, first))
  const retest = first?.noChange.find((each) => each.kind === 'retest')
  // The order of a clubmaker is for gaps that are confirmed; its lofts are measured on the bench.
  const shut = shutOf(paper, gates, fixes)
  // Clubs that are well known are bent without waiting for each gap; taking clubs out needs no clubmaker.
  const everything = refit.proposals.find(({ strategy }) => strategy === 'everything')
  const waitsForNone =
    fixes.every(({ kind }) => kind === 'drop') || JSON.stringify(fixes) === JSON.stringify(everything?.fixes)
  const isOrder = fixes.length > 0 && (waitsForNone || (shut !== 'not-settled' && shut !== 'few-shots'))
  const anyConfirmed = analysis.gaps.some((gap) => isJudged(gap) && gap.settled)
  if (!analysis.gaps.some(isMeasured))
    return (
      <NoShotsYet
        golferId={golfer.id}
        title="Nothing to fix yet"
        lede="Hit two clubs, and Banco shows here what a bend, another loft or fewer clubs would do."
      />
    )
  // What the page leads with is not repeated in the card.
  const recommendations = first?.noChange.filter((each) => each !== retest) ?? []
  const isStuck =
    first !== undefined && proposals.length === 0 && longClub === undefined && retest === undefined
  return (
    <div className={styles.screen}>
      <PrintTitle golfer={golfer} bag={bag} stocks={analysis.stocks} what="Fix gaps" />
      <PageHead
        isWhole
        title={
          less.length > 0
            ? `${bag.clubs.length - less.length} clubs instead of ${bag.clubs.length}`
            : worst && isJudged(worst)
              ? `${name(worst.longerId)} to ${name(worst.shorterId)} is ${fixed(drawnGap(worst, analysis.stocks, golfer) ?? 0, 0)} ${golfer.lengthUnit}: ${verdictWords(worst, golfer)}`
              : anyConfirmed
                ? 'No confirmed gap needs a change'
                : 'No gap is confirmed yet'
        }
        lede={
          less.length > 0
            ? fewerSentence(less, name, golfer, demand)
            : first
              ? firstSentence(first, name, golfer)
              : longClub
                ? longClubSentence(longClub, name, golfer)
                : anyConfirmed
                  ? 'Every confirmed gap is good, borderline or kept as it is. You can still try changes below.'
                  : 'Hit more shots before you change a club. You can still try changes below.'
        }
      >
        <Link className="btn btn-outline" href={`${home}/gaps`}>
          See the gap
        </Link>
        {retest && <HitThese golferId={golfer.id} blocks={retest.shots} isFirst />}
        {isOrder && (
          <Button variant={retest ? 'outline' : 'primary'} onClick={() => window.print()}>
            Print
          </Button>
        )}
      </PageHead>
      <AdjustmentsLine adjustments={adjustedStocks(analysis.stocks)} name={name} />
      {gate?.shut && first?.fix !== 'refit' && proposals.some((each) => each.shut) && (
        <p className="quiet" role="note">
          {SHUT_SENTENCE[gate.shut]} Until then these changes are previews.
        </p>
      )}
      {firsts.length > 1 && (
        <p className="quiet no-print">
          Other gaps:{' '}
          {firsts
            .filter((each) => first && !isSameGap(each, first))
            .map(({ longerId, shorterId }, i) => (
              <span key={longerId}>
                {i > 0 && ', '}
                <Link href={`${home}/refit?for=${encodeURIComponent(longerId)}`}>
                  {name(longerId)} to {name(shorterId)}
                </Link>
              </span>
            ))}
        </p>
      )}
      <div className="refit">
        <div className="d-grid gap-3">
          <section className="sheet stair-twice" aria-label="The ladder, now and after">
            <SvgDrawing
              draw={(width) => fixLadder(drawn.rows, drawn.treads, width)}
              onPaper
              says="Every club now, in outline, and after the fix, filled. The table below has every gap."
            />
            <p className="quiet key">
              Outline: now. Filled: after. <b>{goodGapsSentence(drawn.good)}</b>
            </p>
          </section>
          {fewer && fewer.has > 4 && (
            <FewerClubsSheet
              golfer={golfer}
              fewer={fewer}
              demand={demand}
              putters={putters}
              wanted={carry}
              name={name}
              onShow={setFixes}
            />
          )}
          {refit.transition && (
            <WedgeChoices transition={refit.transition} name={name} units={golfer} onShow={setFixes} />
          )}
          {wedges && <WhichWedges set={wedges} turf={turf} name={name} units={golfer} />}
          <WorthKnowing golfer={golfer} bag={bag} refit={refit} shown={longClub} turf={turf} name={name} />
        </div>
        <div className="ways">
          {golfer.likes && (
            <p className="sheet way mb-0">
              You wrote: <b>{golfer.likes}</b>
            </p>
          )}
          {recommendations.length > 0 && <NoChangeCard items={recommendations} name={name} units={golfer} />}
          {longClub && (
            <section className="sheet way" aria-label="Your longest clubs">
              <h2>
                {name(longClub.longerId)} and {name(longClub.shorterId)}
              </h2>
              <p>{longClubSentence(longClub, name, golfer)}</p>
              {fixesOfLongClub(longClub).length > 0 && (
                <Button size="sm" variant="outline" onClick={() => setFixes(fixesOfLongClub(longClub))}>
                  Show on the ladder
                </Button>
              )}
            </section>
          )}
          {proposals.map((proposal) => (
            <ProposalCard
              key={proposal.strategy}
              proposal={proposal}
              name={name}
              units={golfer}
              isShown={JSON.stringify(fixes) === JSON.stringify(proposal.fixes)}
              onShow={() => setFixes(proposal.fixes)}
            />
          ))}
          {isStuck && (recommendations.length === 0 || refit.bestTried) && (
            <section className="sheet way">
              <h2>{recommendations.length === 0 ? 'No simple fix found' : 'Also tried'}</h2>
              <p>
                {refit.bestTried
                  ? bestTriedSentence(refit.bestTried, name, golfer)
                  : 'No bend, no one club and no lighter bag makes this gap better.'}
              </p>
            </section>
          )}
          {worst && (
            <section className="sheet way">
              <h2>Or keep it as it is</h2>
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
        fixes={fixes}
        gaps={drawn.gaps}
        name={name}
        onChange={setFixes}
      />
      <MarkDone golferId={golfer.id} fixes={fixes} name={name} onDone={() => setFixes([])} />
      <ClubChanges golfer={golfer} changes={changes} name={name} />
      <KeptRefits fixes={fixes} tried={tried} name={name} onShow={setFixes} paper={paper} golfer={golfer} />
      {isOrder && <WorkOrder golfer={golfer} bag={bag} fixes={fixes} gaps={drawn.gaps} name={name} />}
      <div className="visually-hidden">
        <table>
          <caption>Gaps now and after</caption>
          <tbody>
            {drawn.gaps.map(({ longerId, shorterId, drawn: size, was, good }) => (
              <tr key={`${longerId} ${shorterId}`}>
                <th>
                  {name(longerId)} to {name(shorterId)}
                </th>
                <td>{was === undefined ? 'new' : fixed(was, 0)}</td>
                <td>{fixed(size, 0)}</td>
                <td>good {Math.round(100 * good)}%</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  )
}
