'use client'

import { useEffect, useRef, useState } from 'react'
import type { Day } from '@/core/session/day'
import type { SeasonStation } from '@/core/course/season'
import type { SeasonResult, SeasonRequest } from '@/browser-workers/season'

/** The season around a day, computed beside the page: of days that come while one is computed only the last is asked. */
export function useSeason(stations: SeasonStation[], base: Day, day: Day): SeasonResult {
  const [result, setResult] = useState<SeasonResult>({ day, lines: [] })
  const worker = useRef<Worker | null>(null)
  const busy = useRef(false)
  const next = useRef<SeasonRequest | null>(null)
  useEffect(() => {
    const own = new Worker(new URL('../../../browser-workers/season.ts', import.meta.url), { type: 'module' })
    worker.current = own
    own.onmessage = ({ data }: MessageEvent<SeasonResult>) => {
      setResult(data)
      busy.current = next.current !== null
      if (next.current) own.postMessage(next.current)
      next.current = null
    }
    return () => {
      busy.current = false
      next.current = null
      own.terminate()
    }
  }, [])
  useEffect(() => {
    const ask: SeasonRequest = { stations, base, day }
    if (busy.current) next.current = ask
    else {
      busy.current = true
      worker.current?.postMessage(ask)
    }
  }, [stations, base, day])
  return result
}
