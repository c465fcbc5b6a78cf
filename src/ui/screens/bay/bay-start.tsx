'use client'

import type { BayStartView } from '@/views/bay-view'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { SessionId } from '@/core/ids'
import type { Block } from '@/core/session/plan'
import { caveatsOf, cautionsOf, NOTHING_SAID, type SetUp } from '@/core/session/set-up'
import { PLACES, type Place } from '@/core/session/session'
import { firstDraft, keepDraft, keptDraft, planOf, type PlanDraft } from '../plan/plan-draft'
import { PlanForm, planTitle } from '../plan/plan-form'
import { useSubmit } from '../../shared/use-submit'
import { SetUpForm, setUpProblem } from '../../shared/set-up/set-up-form'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { PLACE_NAME } from '@/text/names'
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
export function BayStart({ waiting, proposed, lastSetUp, lastPlace, profiles, ...source }: Props) {
  const { golfer } = source
  const router = useRouter()
  const { problems, setProblems, send } = useSubmit()
  const [draft, setDraftNow] = useState(() => firstDraft(source, proposed))
  const setDraft = (next: PlanDraft) => {
    setDraftNow(next)
    keepDraft(golfer.id, next)
  }
  useEffect(() => {
    // What another page proposes comes before what was left here.
    const kept = proposed.length > 0 ? null : keptDraft(golfer.id, source)
    // eslint-disable-next-line react-hooks/set-state-in-effect -- only the browser knows what it kept
    if (kept) setDraftNow(kept)
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when the page opens
  }, [])
  const [place, setPlace] = useState<Place>(lastPlace ?? 'indoor')
  const [setUp, setSetUp] = useState(() => startingFrom(lastSetUp))
  const [warmUp, setWarmUp] = useState(false)
  const [starting, setStarting] = useState(false)
  /** The same start, however often it is sent. */
  const id = useRef<string | null>(null)
  const start = async () => {
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
    keepDraft(golfer.id, null)
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
        lede="Choose what to hit and say how the bay is set up. Then look in front of you, and start."
      />
      <Problems of={problems} />
      {waiting.map(({ id, shots }) => (
        <section key={id} className="sheet held mb-3">
          <b>{count(shots, 'shot')} came from a monitor while nothing was open.</b> They wait for their
          golfer.
          <div className="btns">
            <Button variant="outline" onClick={() => claim(id)}>
              They are mine
            </Button>
          </div>
        </section>
      ))}
      <section className="sheet start" aria-label="Start">
        <div role="radiogroup" aria-label="Place" className="places">
          {PLACES.map((each) => (
            <Form.Check
              key={each}
              type="radio"
              name="place"
              id={`place-${each}`}
              label={PLACE_NAME[each].replace(/^./, (letter) => letter.toUpperCase())}
              checked={place === each}
              onChange={() => setPlace(each)}
            />
          ))}
        </div>
        <Form.Check
          id="warm-up-first"
          label="Warm up first"
          checked={warmUp}
          onChange={(event) => setWarmUp(event.target.checked)}
        />
        <Button className="go" onClick={start} disabled={starting}>
          Nobody is in front: start
        </Button>
        {cautionsOf(setUp, place).map((caution) => (
          <p key={caution} className="caution">
            {CAUTION[caution]}
          </p>
        ))}
      </section>
      <div className="before">
        <PlanForm draft={draft} source={source} onChange={setDraft} />
        <section className="sheet" aria-label="Set-up">
          <details open={lastSetUp !== null}>
            <summary>
              <b>Set-up</b>{' '}
              <span className="quiet">
                {line || 'nothing said yet'}
                {open > 0 && ` · ${open} left open`}
              </span>
            </summary>
            <SetUpForm golfer={golfer} place={place} setUp={setUp} profiles={profiles} onChange={setSetUp} />
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
        ...NOTHING_SAID,
        surface: last.surface,
        ball: last.ball,
        altitudeM: last.altitudeM,
        altitudeOf: last.altitudeOf,
        carryFrom: last.carryFrom,
        deviceTempC: last.deviceTempC,
        monitor: last.monitor && { ...last.monitor, checked: [] },
      }
    : NOTHING_SAID
