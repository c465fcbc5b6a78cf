'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { Golfer } from '@/core/model/golfer'
import { caveatsOf, EMPTY_SET_UP, type MonitorProfile, type SetUp } from '@/core/session/set-up'
import type { Session } from '@/core/model/session'
import { useSubmit } from '../../shared/use-submit'
import { SetUpForm, setUpProblem } from '../../shared/set-up/set-up-form'
import { Problems } from '../../shared/shell/problems'
import { caveatSentence, setUpLine } from '@/text/set-up'

type Props = { golfer: Golfer; session: Session; setUp: SetUp | null; profiles: MonitorProfile[] }

/** The conditions of a session, what is not set, and the way to add it. */
export function SessionSetUp({ golfer, session, setUp, profiles }: Props) {
  const router = useRouter()
  const [draft, setDraft] = useState<SetUp | null>(null)
  const { problems, setProblems, send } = useSubmit()
  const known = setUp ?? EMPTY_SET_UP
  const caveats = caveatsOf(known, session.place)
  const save = async () => {
    if (!draft) return
    const bad = setUpProblem(draft)
    if (bad) return setProblems([{ field: 'setUp', sentence: bad }])
    const sent = await send('PUT', `/api/sessions/${session.id}/set-up`, {
      ...draft,
      ball: draft.ball?.trim() || null,
    })
    if (!sent.ok) return
    setDraft(null)
    router.refresh()
  }
  return (
    <section className="sheet" aria-label="Conditions">
      <h2>Conditions</h2>
      <div className="p-3">
        {draft ? (
          <>
            <SetUpForm
              golfer={golfer}
              place={session.place ?? 'indoor'}
              setUp={draft}
              profiles={profiles}
              onChange={setDraft}
            />
            <Problems of={problems} />
            <div className="d-flex gap-2 mt-3">
              <Button onClick={save}>Save</Button>
              <Button variant="outline" onClick={() => setDraft(null)}>
                Cancel
              </Button>
            </div>
          </>
        ) : (
          <>
            <p>{setUpLine(known, golfer) || 'Nothing set.'}</p>
            {caveats.length > 0 && (
              <ul className="caveats">
                {caveats.map((caveat, i) => (
                  <li key={i}>{caveatSentence(caveat, golfer)}</li>
                ))}
              </ul>
            )}
            <Button variant="outline" className="mt-2" onClick={() => setDraft(known)}>
              {setUp ? 'Edit' : 'Add'} conditions
            </Button>
          </>
        )}
        <p className="mt-2 mb-0">
          <Link href={`/golfers/${golfer.id}/monitors?${new URLSearchParams({ read: session.id })}`}>
            Another monitor read these shots too
          </Link>
        </p>
      </div>
    </section>
  )
}
