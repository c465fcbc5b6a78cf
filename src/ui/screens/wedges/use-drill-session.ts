'use client'

import { useCallback, useEffect, useRef, type RefObject } from 'react'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId, ShotId } from '@/core/model/ids'
import type { Station } from '@/core/model/station'
import type { Problem } from '@/core/model/problem'
import type { BayView } from '@/views/bay-view'
import { listenToNotices } from '../../shared/notices'
import { send } from '../../shared/send'
import { newId } from '../../shared/new-id'

/** A monitor's shot. */
export type Hit = { carryM: number; totalM?: number }

/**
 * A drill whose shots come from a monitor, or are to count, is a session of its own: kept apart as warm-up unless the
 * golfer says that it counts.
 * @param told what is done with a shot of the monitor
 */
export function useDrillSession(golfer: Golfer, onHit: RefObject<(hit: Hit) => void>) {
  const session = useRef<string | null>(null)
  const seen = useRef(new Set<string>())
  const unsubscribe = useRef(() => {})
  const end = useCallback(async () => {
    unsubscribe.current()
    const id = session.current
    session.current = null
    if (id) await send('PATCH', `/api/sessions/${id}`, { ended: true })
  }, [])
  useEffect(() => () => void end(), [end])

  const listen = (id: string) => {
    const read = async () => {
      const sent = await send<BayView>('GET', `/api/sessions/${id}/bay`)
      if (!sent.ok || session.current !== id) return
      for (const { id: shotId, source: from, carryM, totalM } of sent.value.shots) {
        if (from !== 'monitor' || seen.current.has(shotId) || carryM === null) continue
        seen.current.add(shotId)
        onHit.current({ carryM, ...(totalM != null && { totalM }) })
      }
    }
    unsubscribe.current = listenToNotices({ onNotice: () => void read() })
  }

  return {
    end,
    /** Starts it; problems where that could not be done. */
    begin: async ({ live, included }: { live: boolean; included: boolean }): Promise<Problem[]> => {
      if (!live && !included) return []
      const sent = await send<{ id: string }>('POST', `/api/golfers/${golfer.id}/sessions`, {
        place: 'range',
        offsetMin: -new Date().getTimezoneOffset(),
        rangeClear: true,
        ...(!included && { warmUp: true }),
      })
      if (!sent.ok) return sent.problems
      session.current = sent.value.id
      if (live) listen(sent.value.id)
      return []
    },
    /** What is hit next, for a monitor's shots. */
    open: async (station: Station) => {
      if (session.current) await send('PUT', `/api/sessions/${session.current}/station`, station)
    },
    /** A typed shot that counts. */
    count: async (station: { clubId: ClubId; swing: string }, carryM: number): Promise<Problem[]> => {
      if (!session.current) return []
      const sent = await send('POST', `/api/sessions/${session.current}/shots`, {
        shots: [{ ...station, id: newId() as ShotId, carryM, hitMs: Date.now() }],
      })
      return sent.ok ? [] : sent.problems
    },
  }
}
