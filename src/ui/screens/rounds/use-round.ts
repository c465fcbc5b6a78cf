'use client'

import { useRouter } from 'next/navigation'
import { useCallback, useEffect, useState } from 'react'
import type { RoundShotId } from '@/core/model/ids'
import type { Problem } from '@/core/model/problem'
import { shotsFromEvents, type RoundShot } from '@/core/rounds/round'
import type { RoundSummary } from '@/views/round-view'
import { roundOutbox, type RoundWords } from '../../shared/round-outbox'
import { send } from '../../shared/send'
import { newId } from '../../shared/new-id'

/** How soon Banco is asked again where it did not answer. */
const AGAIN_MS = 3000

/** A round as it is being said: what Banco has, with what waits in this browser laid over it. */
export function useRound(start: RoundSummary) {
  const router = useRouter()
  const [known, setKnown] = useState(start)
  const [words, setWords] = useState<RoundWords[]>([])
  const [problems, setProblems] = useState<Problem[]>([])
  const [waits, setWaits] = useState(false)
  const { id } = start

  const sendAll = useCallback(async () => {
    const sent = await roundOutbox.sendAll<RoundSummary>(id)
    const left = roundOutbox.waiting(id)
    setWords(left)
    setWaits(sent?.kind === 'waits')
    if (sent?.kind === 'taken') setKnown(sent.round)
    if (sent?.kind === 'refused') setProblems(sent.problems)
  }, [id])
  useEffect(() => {
    // What waited in this browser is told once the page stands.
    const soon = setTimeout(() => void sendAll(), 0)
    return () => clearTimeout(soon)
  }, [sendAll])
  useEffect(() => {
    if (!waits) return
    const again = setInterval(() => void sendAll(), AGAIN_MS)
    return () => clearInterval(again)
  }, [waits, sendAll])

  const say = (shots: readonly (RoundShot & { gone?: boolean })[]) => {
    setProblems([])
    const atMs = Date.now()
    const events = shots.map((shot) => ({ ...shot, said: newId(), atMs }))
    roundOutbox.keep(id, { id: newId(), said: events })
    setWords(roundOutbox.waiting(id))
    void sendAll()
  }
  const undo = async () => {
    const last = words.at(-1)
    // What Banco has not heard is taken back here.
    if (last) {
      roundOutbox.drop(id, [last.id])
      return setWords(roundOutbox.waiting(id))
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
      words.map((each) => each.id),
    )
    setWords([])
    setProblems([])
  }
  return {
    shots: shotsFromEvents(
      words.flatMap(({ said: events }) => events),
      known.shots,
    ),
    canUndo: words.length > 0 || known.undoable !== null,
    waiting: words.length,
    /** Banco does not answer just now. */
    waits,
    problems,
    say,
    undo,
    discard,
  }
}

export const newShotId = (): RoundShotId => newId() as RoundShotId
