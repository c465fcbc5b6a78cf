'use client'

import { useEffect } from 'react'
import type { GolferId } from '@/core/model/ids'
import { LAST_GOLFER, type DESK_PLACE } from './last-golfer'

/** Banco opens next time with the golfer who was looked at last, or with the desk. */
export function RememberGolfer({ id }: { id: GolferId | typeof DESK_PLACE }) {
  useEffect(() => {
    document.cookie = `${LAST_GOLFER}=${encodeURIComponent(id)}; path=/; max-age=31536000; samesite=strict`
  }, [id])
  return null
}
