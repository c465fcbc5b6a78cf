'use client'

import { useEffect, useState } from 'react'

/** What the clock shows, read anew every so many milliseconds; null until the page is live. */
export function useNow(everyMs: number): number | null {
  const [now, setNow] = useState<number | null>(null)
  useEffect(() => {
    const read = () => setNow(Date.now())
    read()
    const timer = setInterval(read, everyMs)
    return () => clearInterval(timer)
  }, [everyMs])
  return now
}
