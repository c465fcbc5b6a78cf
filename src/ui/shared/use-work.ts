import { useState } from 'react'
import type { Following } from './send'

/** A long work that a page started: how far it has come while it runs, and how it is stopped. */
export function useWork() {
  const [progress, setProgress] = useState<{ done: number; of: number } | null>(null)
  const [stop, setStop] = useState<(() => Promise<unknown>) | null>(null)
  return {
    progress,
    stop,
    run: async <T>(of: number, work: (following: Following) => Promise<T>): Promise<T> => {
      setProgress({ done: 0, of })
      const result = await work({ onProgress: setProgress, onStart: (end) => setStop(() => end) })
      setProgress(null)
      setStop(null)
      return result
    },
  }
}
