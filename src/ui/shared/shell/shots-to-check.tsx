'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'
import type { GolferId, SessionId } from '@/core/model/ids'
import { count } from '@/text/numbers'

type Props = {
  golferId: GolferId
  /** Sessions with shots that do not count yet, newest first. */
  sessions: readonly { sessionId: SessionId; shots: number }[]
  /** The one that is hit in. */
  openSession: SessionId | null
}

/** On every page: how many shots do not count until the golfer has answered, and where to answer. */
export function ShotsToCheck({ golferId, sessions, openSession }: Props) {
  const path = usePathname()
  const home = `/golfers/${golferId}`
  const [first] = sessions
  const isShown = sessions.some(({ sessionId }) => path === `${home}/sessions/${sessionId}`)
  if (!first || isShown || path === `${home}/bay`) return null
  const shots = sessions.reduce((sum, each) => sum + each.shots, 0)
  return (
    <p className="to-check no-print">
      <span>
        <b>{count(shots, 'shot needs checking', 'shots need checking')}</b> and {shots === 1 ? 'does' : 'do'}{' '}
        not count yet.
      </span>
      <Link href={first.sessionId === openSession ? `${home}/bay` : `${home}/sessions/${first.sessionId}`}>
        Check {shots === 1 ? 'it' : 'them'}
      </Link>
    </p>
  )
}
