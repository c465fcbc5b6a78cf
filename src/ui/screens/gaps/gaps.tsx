'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import { isSameGap } from '@/core/gaps/gap-clubs'
import type { Golfer } from '@/core/model/golfer'
import type { GolferId } from '@/core/model/ids'
import { HitThese } from './hit-these'
import { isMeasured, type Gap } from '@/core/gaps/gap'
import { gapLadder, gapLadderRows } from '@/draw/gap-ladder'
import { gapLadderOfBag } from '@/draw/gap-ladder-of-bag'
import { SvgDrawing } from '../../shared/drawing/svg-drawing'
import { PrintTitle } from '../../shared/shell/print-title'
import { NoShotsYet } from '../../shared/shell/no-shots-yet'
import { PageHead } from '../../shared/shell/page-head'
import { RecommendationLines } from '../../shared/shell/recommendation-lines'
import { Warnings } from '../../shared/shell/warnings'
import { improvesGaps } from '@/core/gaps/beyond-shots'
import { firstSentence } from '@/text/advice'
import { clubNames } from '@/text/names'
import { fixed, len } from '@/text/numbers'
import { nextReason } from '@/text/reasons'
import { paperNames } from '@/text/refit'
import { drawnGap, needWords, overUnhitWords, verdictWords } from '@/text/verdicts'
import { gapLadderLegend } from '@/draw/gap-ladder-legend'
import { isHit, type Stock } from '@/core/stock/stock'
import { finding } from '@/text/finding'
import { lede } from './lede'
import { AirChoice } from '../../shared/air/air-choice'
import { statedAir } from '@/text/set-up'
import { useKept } from '../../shared/use-kept'
import { GapRuleChoice, StockRuleChoice } from './rules'
import type { GapsView } from '@/views/gaps-view'
import { GapEvidence } from './gap-evidence'
import styles from './gaps.module.css'

/** Few golfers have limits of their own: their form comes with them. */
const OwnLimits = dynamic(() => import('./own-limits'))

const isText = (kept: unknown): kept is string => typeof kept === 'string'

type Props = { golfer: Golfer } & GapsView

/** The gap ladder of the bag, with the evidence of the chosen gap beside it. */
export function Gaps({ golfer, bag, analysis, shots, gapsToFix, changes, demand }: Props) {
  const found = finding(bag, analysis, golfer)
  const [chosenId, choose] = useKept<string | null>(`gap ${golfer.id}`, null, isText)
  const kept = analysis.gaps.findIndex(({ longerId }) => longerId === chosenId)
  const chosen = kept < 0 ? found.gap : kept
  const setChosen = (index: number) => choose(analysis.gaps[index]?.longerId ?? null)
  const clubs = bag.clubs.filter((club) => club.kind !== 'putter')
  const name = clubNames(bag)
  const gap = analysis.gaps[chosen]
  const data = gapLadderOfBag(golfer, clubs, analysis, chosen)
  const home = `/golfers/${golfer.id}`
  const paperName = paperNames(bag)
  const todo = (gap: Gap): string | undefined => {
    const first = gapsToFix.firsts.find((each) => isSameGap(each, gap))
    return first && firstSentence(first, paperName, golfer)
  }
  const drawn = (each: Gap) => fixed(drawnGap(each, analysis.stocks, golfer) ?? 0, 0)
  if (!analysis.stocks.some(isHit)) {
    return (
      <NoShotsYet
        golferId={golfer.id}
        title="No gaps yet"
        lede="Your gap ladder appears here as soon as two clubs have shots."
      />
    )
  }
  return (
    <div className={styles.screen}>
      <PrintTitle golfer={golfer} bag={bag} stocks={analysis.stocks} what="Gaps" />
      <PageHead
        title={found.sentence}
        lede={
          <>
            {lede(analysis, bag, golfer, demand)}
            {golfer.compareIn === 'reference' && ` Carries are ${statedAir(golfer)}.`}
          </>
        }
        choices={
          <>
            <StockRuleChoice golfer={golfer} />
            <GapRuleChoice golfer={golfer} />
            <AirChoice golfer={golfer} />
          </>
        }
      >
        <Link className="btn btn-outline" href={`${home}/refit`}>
          Fix gaps
        </Link>
        <Link className="btn btn-primary" href={`${home}/bay`}>
          Hit more
        </Link>
      </PageHead>
      {golfer.gapRule === 'own' && <OwnLimits key={golfer.lengthUnit} golfer={golfer} />}
      <div className="gaps">
        <section className="sheet stair-frame" aria-label="Gap ladder">
          <SvgDrawing
            draw={(width) => gapLadder(data, width)}
            onPaper
            says={`Gap ladder from ${clubs[0]?.name} to ${clubs.at(-1)?.name}. Every gap is in the table below.`}
          >
            {(drawing) => {
              const { head, row } = gapLadderRows(drawing.width)
              return analysis.gaps.map((each, i) =>
                each.gapM === undefined ? null : (
                  <button
                    key={each.longerId}
                    type="button"
                    className="step-hit"
                    style={{ top: head + i * row + row / 2, height: row }}
                    aria-pressed={i === chosen}
                    aria-label={`${name(each.longerId)} to ${name(each.shorterId)}: ${drawn(each)} ${golfer.lengthUnit}, ${verdictWords(each, golfer)}`}
                    onClick={() => setChosen(i)}
                  />
                ),
              )
            }}
          </SvgDrawing>
          <div className="visually-hidden">
            <GapTable golfer={golfer} analysis={analysis} name={name} />
          </div>
          <Legend />
        </section>
        {gap && (
          <GapEvidence
            golfer={golfer}
            gap={gap}
            analysis={analysis}
            shots={shots}
            todo={todo(gap)}
            changes={changes}
            demand={demand}
            name={name}
            loftMeasured={(id) => bag.clubs.find((club) => club.id === id)?.build.loftMeasured}
          />
        )}
      </div>
      <Warnings warnings={analysis.warnings} units={golfer} name={name} />
      <HitNext analysis={analysis} name={name} golferId={golfer.id} />
    </div>
  )
}

/** The best next set, with why, and what the order of the shots can tell. */
function HitNext({
  analysis,
  name,
  golferId,
}: {
  analysis: BagAnalysis
  name: (id: string) => string
  golferId: GolferId
}) {
  const { next } = analysis
  const recommendations = analysis.recommendations.filter(improvesGaps)
  const shots = next.reduce((sum, each) => sum + each.shots, 0)
  return (
    <section className="sheet hit-next" aria-label="Hit next">
      <h2>
        {shots > 0 ? `The best next ${shots === 12 ? 'dozen' : `${shots} shots`}` : 'Nothing to hit now'}
      </h2>
      {shots > 0 ? (
        <ul>
          {next.map((each) => (
            <li key={each.clubId}>
              <b>
                {each.shots} × {name(each.clubId)}
              </b>{' '}
              <span className="quiet">{nextReason(each, name)}</span>
            </li>
          ))}
        </ul>
      ) : (
        <p>A few more shots would not change any verdict.</p>
      )}
      {shots > 0 && <HitThese golferId={golferId} blocks={next} />}
      {recommendations.length > 0 && (
        <>
          <h2 className="no-print">What helps more than shots</h2>
          <ul className="no-print">
            <RecommendationLines recommendations={recommendations} name={name} />
          </ul>
        </>
      )}
    </section>
  )
}

/** The same facts as the drawing, for those who cannot see it. */
function GapTable({
  golfer,
  analysis: { gaps, stocks, overUnhit },
  name,
}: {
  golfer: Golfer
  analysis: BagAnalysis
  name: (id: string) => string
}) {
  return (
    <table data-testid="stair-table">
      <caption>Gaps between neighbouring clubs</caption>
      <thead>
        <tr>
          <th>Gap</th>
          <th>Size in {golfer.lengthUnit}</th>
          <th>90% interval</th>
          <th>Verdict</th>
          <th>More shots</th>
        </tr>
      </thead>
      <tbody>
        {gaps.map((gap) => (
          <tr key={gap.longerId}>
            <th>
              {name(gap.longerId)} to {name(gap.shorterId)}
            </th>
            <td>{gapCell(gap, stocks, golfer)}</td>
            <td>{isMeasured(gap) ? `${len(gap.lowM, golfer, 1)} to ${len(gap.highM, golfer, 1)}` : '–'}</td>
            <td>{isMeasured(gap) ? verdictWords(gap, golfer) : 'not hit'}</td>
            <td>{isMeasured(gap) ? needWords(gap) : ''}</td>
          </tr>
        ))}
        {overUnhit.map((each) => (
          <tr key={each.longerId}>
            <td colSpan={5}>{overUnhitWords(each, stocks, golfer, name)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

const gapCell = (gap: Gap, stocks: readonly Stock[], golfer: Golfer): string => {
  const drawn = drawnGap(gap, stocks, golfer)
  return drawn === null ? 'not hit' : fixed(drawn, 0)
}

/** What the marks of the gap ladder mean, for who asks. */
function Legend() {
  return (
    <details className="legend no-print">
      <summary>What the marks mean</summary>
      <SvgDrawing draw={gapLadderLegend} says={gapLadderLegend(760).says} />
    </details>
  )
}
