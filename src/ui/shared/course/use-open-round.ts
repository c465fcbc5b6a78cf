'use client'

import { useRouter } from 'next/navigation'
import type { Golfer } from '@/core/model/golfer'
import type { RoundId } from '@/core/model/ids'
import type { Round } from '@/core/rounds/round'
import { useSubmit } from '../use-submit'
import { newId } from '../new-id'

/** Opens a round of a golfer, now and here. */
export function useOpenRound(golfer: Pick<Golfer, 'id'>) {
  const router = useRouter()
  const { problems, send } = useSubmit()
  const open = async (
    round: Pick<Round, 'place' | 'competition' | 'day'> & { openedMs?: number },
  ): Promise<RoundId | null> => {
    const now = new Date()
    const id = newId() as RoundId
    const sent = await send('POST', `/api/golfers/${golfer.id}/rounds`, {
      openedMs: now.getTime(),
      ...round,
      id,
      offsetMin: -now.getTimezoneOffset(),
    })
    if (sent.ok) router.refresh()
    return sent.ok ? id : null
  }
  return { problems, open }
}
