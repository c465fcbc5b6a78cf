'use client'

import Link from 'next/link'
import { useState } from 'react'
import { playsAs, numberFound, type NumberChoice } from '@/core/course/number'
import { NEAR_M } from '@/core/wedges/for-number'
import { likelyShots } from '@/core/course/likely-shots'
import { useKept } from '../../shared/use-kept'
import { stationKey } from '@/core/model/station'
import { sideView } from '@/draw/side-view'
import { choiceLine, playsAsLine, numberFinding } from '@/text/course-number'
import { dayLine } from '@/text/day'
import { clubNames, EXPECTED } from '@/text/names'
import { chance, count, len, lenUnit } from '@/text/numbers'
import { flagName } from '@/text/wedges'
import type { NumberView } from '@/views/number-view'
import { OnlyThePlainCard } from '../../shared/course/only-the-plain-card'
import { RuleOfPlay } from '../../shared/course/rule-of-play'
import { SvgDrawing } from '../../shared/drawing/svg-drawing'
import { AdjustmentsLine } from '../../shared/shell/adjustments-line'
import { PageHead } from '../../shared/shell/page-head'
import { requestOf, groundsOf, startOf, type NumberFields } from './number-request'
import { ShotForm } from './shot-form'
import styles from './number.module.css'
import { measuresOf } from '../../shared/form/measure'

/** Whether something kept has the fields of a number, each of its kind or empty. */
const isLike =
  (start: NumberFields) =>
  (kept: unknown): kept is NumberFields =>
    typeof kept === 'object' &&
    kept !== null &&
    Object.entries(start).every(([field, value]) => {
      const its = (kept as Record<string, unknown>)[field]
      return its === null || value === null
        ? its === null || typeof its === 'number'
        : typeof its === typeof value
    })

/** So many shots are drawn as they would likely come. */
const DRAWN = 20

/** A number on the course: what to hit, how often it does what is wanted, and what a miss does. */
export function CourseNumber({ golfer, bag, day, card, shots, competitionUntilMs }: NumberView) {
  const start = startOf(golfer, day)
  const [fields, setFields] = useKept<NumberFields>(`number ${golfer.id}`, start, isLike(start))
  const [chosen, choose] = useState<string | null>(null)
  const home = `/golfers/${golfer.id}`
  if (competitionUntilMs !== null) return <OnlyThePlainCard golfer={golfer} untilMs={competitionUntilMs} />
  const request = requestOf(fields, day)
  const clubName = clubNames(bag)
  const name = ({ shot: { clubId, swing } }: NumberChoice) => flagName(clubName(clubId), swing)
  const choices = request ? numberFound(shots, request) : []
  const best = choices[0]
  const shown = choices.find(({ shot }) => stationKey(shot) === chosen) ?? best
  const { to: at } = measuresOf(golfer).carry
  return (
    <div className={styles.screen}>
      <PageHead
        title={
          request
            ? `${numberFinding(choices, request, name, golfer)}.`
            : shots.length === 0
              ? 'No stock yet to take to the course'
              : 'How far is it?'
        }
        lede={
          <>
            {request && best && playsAsLine(request, playsAs(best, request.leftM), golfer)}
            The numbers are for <b>{dayLine(day, golfer)}</b>:{' '}
            <Link href={`${home}/course`}>change the day</Link>.
          </>
        }
      >
        <Link className="btn btn-outline" href={`${home}/paper`}>
          The plain card
        </Link>
        <a className="btn btn-outline" href={`/api${home}/offline-card`} download>
          Take it along
        </a>
      </PageHead>
      <AdjustmentsLine adjustments={card.adjustments} name={clubName} />
      <RuleOfPlay golfer={golfer} />
      <div className="course-number">
        <ShotForm
          golfer={golfer}
          fields={fields}
          onChange={(change) => setFields({ ...fields, ...change })}
        />
        <div className="answer">
          {request && shown && (
            <section className="sheet p-3" aria-label={`${name(shown)} from the side`}>
              <SvgDrawing
                draw={(width) =>
                  sideView(
                    {
                      path: shown.shot.path.map(({ alongM, upM }) => ({
                        along: at((alongM * shown.carryM) / shown.shot.carryM),
                        up: at(upM),
                      })),
                      carry: at(shown.carryM),
                      finish: at(shown.finishM),
                      text: `${name(shown)} ${len(shown.carryM, golfer)}`,
                      grounds: groundsOf(request).map((ground) => ({
                        ...ground,
                        from: at(ground.fromM),
                        to: at(ground.toM),
                      })),
                      shots: likelyShots(shown, DRAWN).map(({ carryM, missed }) => ({
                        carry: at(carryM),
                        missed,
                      })),
                      target: at(request.leftM),
                    },
                    width,
                  )
                }
                says={`${name(shown)} from the side: ${choiceLine(shown, request, golfer)}. Target at ${lenUnit(request.leftM, golfer)}.`}
              />
              <p className="quiet mb-0">
                {name(shown)}: {DRAWN} shots as they would likely land, good ones as dots, missed ones as
                crosses; the flag is the target. A model of your own spread, not a promise.
              </p>
            </section>
          )}
          {request && (
            <section className="sheet" aria-label="Best first">
              <ol className="choices-of-number">
                {choices.map((choice) => (
                  <li key={stationKey(choice.shot)}>
                    <button
                      type="button"
                      aria-pressed={choice === shown}
                      onClick={() => choose(stationKey(choice.shot))}
                    >
                      <span>
                        <b>{name(choice)}</b>
                        {!choice.sureEnough && !choice.layUp && <em>less sure than you asked for</em>}
                        {choice.shot.asOnCourse && <em>as on the course</em>}
                        {choice.shot.isExpected && <em>≈ {EXPECTED}</em>}
                      </span>
                      <span className="chance num">{chance(choice.chance)}</span>
                      <small>{choiceLine(choice, request, golfer)}</small>
                    </button>
                  </li>
                ))}
              </ol>
              {choices.length === 0 && (
                <p className="quiet p-3 mb-0">
                  Hit some shots in <Link href={`${home}/bay`}>the Bay</Link>: the card begins with them.
                </p>
              )}
              <p className="quiet p-3 mb-0">
                % is the chance{' '}
                {request.green
                  ? 'to land and stay on the green'
                  : `to ${request.by === 'carry' ? 'carry' : 'finish'} within ${lenUnit(NEAR_M, golfer)} of the number`}
                , missed shots counted as missed. {count(shots.length, 'shot')} of the day’s card looked at.
              </p>
            </section>
          )}
        </div>
      </div>
    </div>
  )
}
