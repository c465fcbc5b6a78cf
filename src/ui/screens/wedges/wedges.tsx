'use client'

import Link from 'next/link'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import type { Stretch } from '@/core/model/coverage'
import type { Golfer } from '@/core/model/golfer'
import { type Station, FULL_SWING, stationKey } from '@/core/model/station'
import type { WedgesView } from '@/views/wedges-view'
import { demandBetween, byDemand } from '@/core/gaps/demand'
import { forNumber, type Far } from '@/core/wedges/for-number'
import type { Wedges as WedgeAnalysis } from '@/core/wedges/wedges'
import { distanceScale } from '@/draw/distance-scale'
import { clubNames } from '@/text/names'
import { count, len, lengthWords, percent } from '@/text/numbers'
import { demandWords } from '@/text/rounds'
import { flagName, reachesSentence } from '@/text/wedges'
import { SvgDrawing } from '../../shared/drawing/svg-drawing'
import { measuresOf } from '../../shared/form/measure'
import { NumberField } from '../../shared/form/number-field'
import { useSubmit } from '../../shared/use-submit'
import { WhichWedges } from '../../shared/which-wedges'
import { PrintTitle } from '../../shared/shell/print-title'
import { AdjustmentsLine } from '../../shared/shell/adjustments-line'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { Drill } from './drill'
import { LadderList } from './ladder-list'
import { NumberPicker } from './number-picker'
import { RoundGreen } from './round-green'
import { SpreadView } from './spread-view'
import { SwingsForm } from './swings-form'
import { TwoOptions } from './two-options'
import { WedgeTable } from './wedge-table'
import styles from './wedges.module.css'

/** Every shot inside the full pitching wedge: the rule first, then what to hit, the table, and practice. */
export function Wedges(props: WedgesView) {
  const {
    golfer,
    bag,
    clubs,
    allClubs,
    swings,
    turf,
    found,
    adjustments,
    rungs,
    set,
    shots,
    wanted,
    definitions,
    drills,
    left,
    demand,
    competitionUntilMs,
  } = props
  const [requestM, setRequestM] = useState<number | null>(null)
  const [by, setBy] = useState<Far>('carry')
  const [pair, setPair] = useState(0)
  const { problems, submit } = useSubmit()
  const name = clubNames(bag)
  const unit = golfer.lengthUnit
  const { to: at, from } = measuresOf(golfer).carry
  const home = `/golfers/${golfer.id}`
  const leftM = requestM !== null && requestM > 0 ? requestM : null
  const response =
    leftM === null ? null : forNumber(leftM, found.shots, found.goodShare, { clubs, table: found.table, by })
  const change = async (method: 'POST' | 'DELETE', body: object) => {
    await submit(method, `/api${home}/wanted`, body)
  }
  const cover = async (toleranceM: number) => {
    await submit('PATCH', `/api${home}`, { toleranceM })
  }
  const want = (stations: Station[]) => change('POST', { stations })
  const best = response?.choices[0]
  const wantedSo = ([from, to]: Stretch) =>
    left.some(({ about }) => about.kind === 'hole' && about.atM > from && about.atM < to)
  const uncovered = found.uncovered
    .filter((range) => !wantedSo(range))
    .filter(([from, to]) => len(from, golfer) !== len(to, golfer))
  const [worst] = byDemand(uncovered, demand)
  if (clubs.length === 0) {
    return (
      <PageHead title="No wedges in this bag" lede="You can show every club of the bag too.">
        <Link className="btn btn-primary" href={`${home}/wedges?clubs=all`}>
          Show every club
        </Link>
      </PageHead>
    )
  }
  return (
    <div className={styles.screen}>
      <PrintTitle golfer={golfer} bag={bag} stocks={solidOf(found)} what="Wedges" />
      <PageHead
        title={titleOf(found, golfer)}
        lede={
          <>
            {count(clubs.length, allClubs ? 'club' : 'wedge')}, {count(golfer.swings.length, 'swing')}.{' '}
            {found.zone && found.shots.length > 0 && (
              <>
                {golfer.goalZoneM ? 'In your focus distances' : 'From'} {len(found.zone[0], golfer)} to{' '}
                {len(found.zone[1], golfer)}{' '}
                {uncovered.length === 0 ? (
                  'every distance has a club'
                ) : (
                  <>
                    no swing for{' '}
                    <b style={{ color: 'var(--wide)' }}>
                      {uncovered.map(([from, to]) => `${len(from, golfer)}–${len(to, golfer)}`).join(', ')}
                    </b>
                    {worst &&
                      demandBetween(demand, worst).shots > 0 &&
                      ` (${len(worst[0], golfer)}–${len(worst[1], golfer)} ${demandWords(demand, worst)})`}
                  </>
                )}
                {found.cover !== null && `; you have a swing for ${percent(found.cover)} of it`}.{' '}
              </>
            )}
            {found.pairs.length > 0 && `${count(found.pairs.length, 'number')} can be hit two ways.`}
          </>
        }
      >
        <label className="school">
          <span className="quiet">A stock covers</span>
          <Form.Select
            aria-label="A stock covers the numbers within"
            value={len(golfer.toleranceM, golfer)}
            onChange={(event) => cover(from(Number(event.target.value)))}
          >
            {tolerances(golfer).map((each) => (
              <option key={each} value={each}>
                ± {each} {unit}
              </option>
            ))}
          </Form.Select>
        </label>
        <Link className="btn btn-outline" href={`${home}/wedges${allClubs ? '' : '?clubs=all'}`}>
          {allClubs ? 'Wedges only' : 'Every club'}
        </Link>
        {/* In a competition round nothing may say what to hit: Rule 4.3. */}
        {competitionUntilMs === null && (
          <div className="have-number">
            <NumberField
              label="I have"
              labelled="before"
              measure={measuresOf(golfer).carry}
              value={requestM}
              example="84"
              onChange={setRequestM}
            />
          </div>
        )}
      </PageHead>
      <AdjustmentsLine adjustments={adjustments} name={name} />
      <Problems of={problems} />
      {found.shots.length > 0 && (
        <section className="sheet rule-sheet" aria-label="The rule">
          <SvgDrawing
            draw={(width) =>
              distanceScale(
                {
                  flags: found.shots.map(({ clubId, swing, carryM }) => ({
                    key: stationKey({ clubId, swing }),
                    at: at(carryM),
                    number: len(carryM, golfer),
                    name: flagName(name(clubId), swing),
                    full: swing === FULL_SWING,
                    chosen: best?.clubId === clubId && best.swing === swing,
                  })),
                  uncovered: found.uncovered.map(([from, to]) => [at(from), at(to)]),
                  pairs: found.pairs.map(({ shorter, longer }) => [at(shorter.carryM), at(longer.carryM)]),
                  ...(leftM !== null && { request: at(leftM) }),
                },
                width,
              )
            }
            onPaper
            says={`The rule: ${found.shots.map(({ clubId, swing, carryM }) => `${flagName(name(clubId), swing)} ${len(carryM, golfer)}`).join(', ')}.`}
          />
          <p className="quiet reaches">
            {reachesSentence(found.reaches, golfer, {
              swing: allClubs ? 'swing' : 'wedge swing',
              shots: found.shots.length,
              isCovered: found.uncovered.length === 0,
            })}
          </p>
        </section>
      )}
      <div className="wedges">
        <div className="d-grid gap-3">
          {response && leftM !== null && (
            <NumberPicker
              golfer={golfer}
              leftM={leftM}
              by={by}
              onBy={setBy}
              found={response}
              shots={found.shots}
              name={name}
            />
          )}
          <WedgeTable
            golfer={golfer}
            bag={bag}
            swings={swings}
            found={found}
            turf={turf}
            wanted={wanted}
            onWant={want}
            onDrop={(station) => change('DELETE', station)}
          />
          {wanted.length > 0 && (
            <p className="mb-0">
              {count(wanted.length, 'station')} put aside for the next plan.{' '}
              <Link href={`${home}/bay`}>Go to the Bay</Link>
            </p>
          )}
          <Drill golfer={golfer} shots={found.shots} drills={drills} name={name} onWant={want} />
          <SwingsForm golfer={golfer} definitions={definitions} />
        </div>
        <div className="d-grid gap-3 no-print">
          <TwoOptions
            golfer={golfer}
            pairs={found.pairs}
            chosen={pair}
            onChoose={setPair}
            name={name}
            turf={turf}
            left={left}
          />
          <SpreadView golfer={golfer} shots={shots} stations={found.shots} name={name} />
          {set && <WhichWedges set={set} turf={turf} name={name} units={golfer} />}
          <LadderList golfer={golfer} rungs={rungs} name={name} />
          <RoundGreen golfer={golfer} clubs={bag.clubs} />
        </div>
      </div>
    </div>
  )
}

/** What a golfer can choose from, with what stands now among it. */
const tolerances = (golfer: Golfer): string[] =>
  [...new Set([...['3', '4', '5', '6', '8'], len(golfer.toleranceM, golfer)])].sort(
    (a, b) => Number(a) - Number(b),
  )

/** Stretches in whole numbers, those that are longer than none. */
const solidOf = ({ table }: WedgeAnalysis) => table.flat().flatMap(({ stock }) => stock ?? [])

function titleOf({ shots }: WedgeAnalysis, golfer: Golfer): string {
  const longest = shots.at(-1)
  return longest
    ? `${count(shots.length, 'shot')} inside ${lengthWords(longest.carryM, golfer)}`
    : 'No wedge shots yet'
}
