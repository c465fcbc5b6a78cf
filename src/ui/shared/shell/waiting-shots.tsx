'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useCallback, useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { Golfer } from '@/core/model/golfer'
import type { SessionId } from '@/core/model/ids'
import { count, len } from '@/text/numbers'
import { roundOutbox } from '../round-outbox'
import { isGone, outbox, type Refused } from '../outbox'

/** How soon Banco is asked again where it did not answer. */
const AGAIN_MS = 3000

/**
 * Sends the typed shots and the entries of rounds that wait in this browser when any page opens, and retries until Banco
 * has them: the golfer need not open the Bay or the round again. Shots that Banco refuses are listed until the golfer decides.
 */
export function WaitingShots({ golfer, openSession }: { golfer: Golfer; openSession: SessionId | null }) {
  const router = useRouter()
  const [refused, setRefused] = useState<Refused[]>([])
  const sendAll = useCallback(async () => {
    const sent = await outbox.sendAll()
    setRefused(sent.refused)
    if (sent.taken > 0) router.refresh()
    const ofRounds = await Promise.all(roundOutbox.rounds().map((round) => roundOutbox.sendAll(round)))
    return sent.reached && ofRounds.every((each) => each?.kind !== 'waits')
  }, [router])
  useEffect(() => {
    let again: ReturnType<typeof setTimeout> | undefined
    const go = async () => {
      clearTimeout(again)
      if (!(await sendAll())) soon()
    }
    const soon = () => {
      clearTimeout(again)
      again = setTimeout(go, AGAIN_MS)
    }
    void go()
    const unsubscribe = [
      outbox.onWaiting(soon),
      roundOutbox.onSent((_, sent) => sent?.kind === 'waits' && soon()),
    ]
    return () => {
      clearTimeout(again)
      unsubscribe.forEach((each) => each())
    }
  }, [sendAll])

  const gone = refused.filter(isGone)
  const others = refused.filter((each) => !isGone(each))
  const discard = (of: Refused[]) => {
    for (const { sessionId, shots } of of) outbox.drop(sessionId, shots)
    setRefused(refused.filter((each) => !of.includes(each)))
  }
  const putHere = async (of: Refused[], into: SessionId) => {
    for (const { sessionId, shots } of of) outbox.moveTo(sessionId, shots, into)
    await sendAll()
  }
  return (
    <>
      {gone.length > 0 && (
        <Waiting
          what={shotsOf(gone, golfer)}
          why="The session that they were hit in is no more: an older backup was put back, or its golfer was removed."
          onDiscard={() => discard(gone)}
        >
          {openSession ? (
            <Button variant="outline" onClick={() => putHere(gone, openSession)}>
              Put them into this session of {golfer.name}
            </Button>
          ) : (
            <Link className="btn btn-outline" href={`/golfers/${golfer.id}/bay`}>
              Start a session to put them into
            </Link>
          )}
        </Waiting>
      )}
      {others.length > 0 && (
        <Waiting
          what={shotsOf(others, golfer)}
          why={`Banco does not take them: ${[...new Set(others.flatMap(({ problems }) => problems.map(({ sentence }) => sentence)))].join(' ')}`}
          onDiscard={() => discard(others)}
        />
      )}
    </>
  )
}

/** "3 typed shots (131, 128, 130 yd)" */
function shotsOf(refused: readonly Refused[], golfer: Golfer): string {
  const carries = refused.flatMap(({ sessionId, shots }) =>
    outbox
      .waiting(sessionId)
      .filter(({ id }) => shots.includes(id))
      .map(({ carryM }) => len(carryM, golfer)),
  )
  return `${count(carries.length, 'typed shot')} (${carries.join(', ')} ${golfer.lengthUnit})`
}

type Props = { what: string; why: string; onDiscard: () => void; children?: React.ReactNode }

function Waiting({ what, why, onDiscard, children }: Props) {
  const [sure, setSure] = useState(false)
  return (
    <section className="sheet waiting-shots no-print" aria-label="Shots not sent yet">
      <p role="status">
        <b>{what} not sent yet, saved in this browser.</b> {why}
      </p>
      <div className="btns">
        {children}
        {sure ? (
          <>
            <Button variant="danger" onClick={onDiscard}>
              Yes, throw them away
            </Button>
            <Button variant="outline" onClick={() => setSure(false)}>
              Keep them
            </Button>
          </>
        ) : (
          <Button variant="outline" onClick={() => setSure(true)}>
            Discard them
          </Button>
        )}
      </div>
    </section>
  )
}
