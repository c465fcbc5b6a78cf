'use client'

import { useEffect } from 'react'
import type { GolferId } from '@/core/ids'
import { LAST_GOLFER } from './last-golfer'

/** Banco opens next time with the golfer who was looked at last. */
export function RememberGolfer({ id }: { id: GolferId }) {
  useEffect(() => {
    document.cookie = `${LAST_GOLFER}=${encodeURIComponent(id)}; path=/; max-age=31536000; samesite=strict`
  }, [id])
  return null
}
