'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import type { RoundShotId } from '@/core/model/ids'
import type { Problem } from '@/core/model/problem'
import { shotsFromEvents, type RoundShot } from '@/core/rounds/round'
import type { RoundSummary } from '@/views/round-view'
import { roundOutbox, type RoundEntry } from '../../shared/round-outbox'
import { send } from '../../shared/send'
import { newId } from '../../shared/new-id'

/** A round while it is entered: what Banco has, with the entries that wait in this browser on top. */
export function useRound(start: RoundSummary) {
  const router = useRouter()
  const [known, setKnown] = useState(start)
  const [read, setRead] = useState(start)
  // The page was read again, after a change in another tab too.
  if (read !== start) {
    setRead(start)
    setKnown(start)
  }
  const [entries, setEntries] = useState<RoundEntry[]>([])
  const [problems, setProblems] = useState<Problem[]>([])
  const [waits, setWaits] = useState(false)
  const { id } = start

  useEffect(
    () =>
      roundOutbox.onSent((roundId, sent) => {
        if (roundId !== id) return
        setEntries(roundOutbox.waiting(id))
        setWaits(sent?.kind === 'waits')
        if (sent?.kind === 'taken') setKnown(sent.round)
        if (sent?.kind === 'refused') setProblems(sent.problems)
      }),
    [id],
  )
  useEffect(() => {
    // The server does not know what waits in this browser: it is shown after the first render. The shell retries.
    const soon = setTimeout(() => {
      setEntries(roundOutbox.waiting(id))
      void roundOutbox.sendAll(id)
    }, 0)
    return () => clearTimeout(soon)
  }, [id])

  const say = (shots: readonly (RoundShot & { gone?: boolean })[]) => {
    setProblems([])
    const atMs = Date.now()
    const events = shots.map((shot) => ({ ...shot, said: newId(), atMs }))
    roundOutbox.keep(id, { id: newId(), said: events })
    setEntries(roundOutbox.waiting(id))
    void roundOutbox.sendAll(id)
  }
  const undo = async () => {
    const last = entries.at(-1)
    // An entry that was not sent is removed here.
    if (last) {
      roundOutbox.drop(id, [last.id])
      return setEntries(roundOutbox.waiting(id))
    }
    if (known.undoable === null) return
    const sent = await send<RoundSummary>('POST', `/api/rounds/${encodeURIComponent(id)}/undo`, {
      batch: known.undoable,
    })
    if (sent.ok) setKnown(sent.value)
    setProblems(sent.ok ? [] : sent.problems)
    if (!sent.ok) router.refresh()
  }
  const discard = () => {
    roundOutbox.drop(
      id,
      entries.map((each) => each.id),
    )
    setEntries([])
    setProblems([])
  }
  return {
    shots: shotsFromEvents(
      entries.flatMap(({ said: events }) => events),
      known.shots,
    ),
    canUndo: entries.length > 0 || known.undoable !== null,
    waiting: entries.length,
    /** Banco does not answer just now. */
    waits,
    problems,
    say,
    undo,
    discard,
  }
}

export const newShotId = (): RoundShotId => newId() as RoundShotId
