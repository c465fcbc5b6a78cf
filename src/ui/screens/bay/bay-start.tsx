'use client'

import type { BayStartView } from '@/views/bay-view'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { SessionId } from '@/core/model/ids'
import type { Block } from '@/core/session/plan'
import { caveatsOf, cautionsOf, EMPTY_SET_UP, type SetUp } from '@/core/session/set-up'
import { firstDraft, keepStart, keptStart, planOf, type StartDraft } from '../plan/plan-draft'
import { PlanForm, planTitle } from '../plan/plan-form'
import { useSubmit } from '../../shared/use-submit'
import { SetUpForm, setUpProblem } from '../../shared/set-up/set-up-form'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { choicesIn, PLACE_NAME } from '@/text/names'
import { localTime } from '@/text/days'
import { count } from '@/text/numbers'
import { CAUTION, setUpLine } from '@/text/set-up'
import { BAY } from './screen'
import { newId } from '../../shared/new-id'

type Props = BayStartView & {
  waiting: { id: SessionId; shots: number }[]
  /** What another page proposes to hit. */
  proposed: Block[]
}

/** Before the first ball: what to hit, where, and how it is set up. One tap says that the range is clear, and starts. */
export function BayStart({
  waiting,
  proposed,
  lastSetUp,
  lastUsedPlace,
  profiles,
  stoppedToday,
  ...source
}: Props) {
  const { golfer } = source
  const router = useRouter()
  const { problems, setProblems, send } = useSubmit()
  const [start, setStart] = useState((): StartDraft => ({
    plan: firstDraft(source, proposed),
    place: lastUsedPlace ?? 'indoor',
    setUp: startingFrom(lastSetUp),
    warmUp: false,
  }))
  const { plan: draft, place, setUp, warmUp } = start
  const change = (part: Partial<StartDraft>) => {
    const next = { ...start, ...part }
    setStart(next)
    keepStart(golfer.id, { draft: next, source, proposed })
  }
  useEffect(() => {
    const kept = keptStart(golfer.id, source, proposed)
    // eslint-disable-next-line react-hooks/set-state-in-effect -- only the browser knows what it kept
    if (kept) setStart((first) => ({ ...first, ...kept }))
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when the page opens
  }, [])
  /** Something hurt earlier today: Start asks once whether it still does. */
  const [asks, setAsks] = useState(false)
  const [starting, setStarting] = useState(false)
  /** The same start, however often it is sent. */
  const id = useRef<string | null>(null)
  const begin = async () => {
    if (stoppedToday && !asks) return setAsks(true)
    const bad = setUpProblem(setUp)
    if (bad) return setProblems([{ field: 'setUp', sentence: bad }])
    setStarting(true)
    const plan = planOf(draft, source)
    id.current ??= newId()
    const sent = await send('POST', `/api/golfers/${golfer.id}/sessions`, {
      id: id.current,
      place,
      offsetMin: -new Date().getTimezoneOffset(),
      setUp: { ...setUp, ball: setUp.ball?.trim() || null },
      rangeClear: true,
      ...(plan && { plan }),
      ...(warmUp && { warmUp }),
    })
    setStarting(false)
    if (!sent.ok) return
    keepStart(golfer.id, null)
    if (draft.longestMin !== golfer.longestMin)
      await send('PATCH', `/api/golfers/${golfer.id}`, { longestMin: draft.longestMin })
    router.replace(`/golfers/${golfer.id}/bay`)
    router.refresh()
  }
  const claim = async (id: SessionId) => {
    const sent = await send('PATCH', `/api/sessions/${id}`, { golferId: golfer.id })
    if (sent.ok) router.push(`/golfers/${golfer.id}/bay?session=${id}`)
  }
  const open = caveatsOf(setUp, place).length
  const line = setUpLine(setUp, golfer)
  return (
    <div className={BAY}>
      <PageHead
        title={planTitle(draft, source)}
        lede="Choose what to hit. Then look in front of you, and start."
      />
      <Problems of={problems} />
      {waiting.map(({ id, shots }) => (
        <section key={id} className="sheet held mb-3">
          <b>{count(shots, 'shot')} came from a monitor while nothing was open.</b> They have no golfer yet.
          <div className="btns">
            <Button variant="outline" onClick={() => claim(id)}>
              They are mine
            </Button>
          </div>
        </section>
      ))}
      <section className="sheet start" aria-label="Start">
        <div role="radiogroup" aria-label="Place" className="places">
          {choicesIn(PLACE_NAME).map(([each, name]) => (
            <Form.Check
              key={each}
              type="radio"
              name="place"
              id={`place-${each}`}
              label={name.replace(/^./, (letter) => letter.toUpperCase())}
              checked={place === each}
              onChange={() => change({ place: each })}
            />
          ))}
        </div>
        <Form.Check
          id="warm-up-first"
          label="Warm up first"
          checked={warmUp}
          onChange={(event) => change({ warmUp: event.target.checked })}
        />
        {asks && stoppedToday && (
          <p className="caution" role="alert">
            <b>
              You stopped at {localTime(stoppedToday.injuryStopMs, stoppedToday.offsetMin)} because something
              hurt.
            </b>{' '}
            Hit again only if it does not hurt any more.
          </p>
        )}
        <Button className="go" onClick={begin} disabled={starting}>
          {asks && stoppedToday ? 'It does not hurt, all clear, start' : 'All clear, start'}
        </Button>
        {cautionsOf(setUp, place).map((caution) => (
          <p key={caution} className="caution">
            {CAUTION[caution]}
          </p>
        ))}
      </section>
      <div className="before">
        <PlanForm draft={draft} source={source} onChange={(plan) => change({ plan })} />
        <section className="sheet" aria-label="Conditions">
          <details open={lastSetUp !== null}>
            <summary>
              <b>Conditions</b>{' '}
              <span className="quiet">
                {line || 'optional'}
                {line && open > 0 && ` · ${open} not set`}
              </span>
            </summary>
            <SetUpForm
              golfer={golfer}
              place={place}
              setUp={setUp}
              profiles={profiles}
              onChange={(next) => change({ setUp: next })}
            />
          </details>
        </section>
      </div>
    </div>
  )
}

/** The next session is most often set up as the last one was; its air and its checks are of that day alone. */
const startingFrom = (last: SetUp | null): SetUp =>
  last
    ? {
        ...EMPTY_SET_UP,
        surface: last.surface,
        ball: last.ball,
        altitudeM: last.altitudeM,
        altitudeOf: last.altitudeOf,
        carryFrom: last.carryFrom,
        deviceTempC: last.deviceTempC,
        monitor: last.monitor && { ...last.monitor, checked: [] },
      }
    : EMPTY_SET_UP
