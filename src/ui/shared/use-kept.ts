'use client'

import { useEffect, useState } from 'react'

const KEY = 'banco-kept '

/**
 * State that survives a reload and the way back to a page, in this tab: what somebody chose or typed and would not type again.
 * @param key of the page and its golfer
 * @param fits whether what was kept is of this kind still; what is not is forgotten
 */
export function useKept<T>(
  key: string,
  first: T,
  fits: (kept: unknown) => kept is T,
): [T, (value: T) => void] {
  const [value, setValue] = useState(first)
  useEffect(() => {
    try {
      const kept: unknown = JSON.parse(sessionStorage.getItem(KEY + key) ?? 'null')
      // eslint-disable-next-line react-hooks/set-state-in-effect -- only the browser knows what it kept
      if (kept !== null && fits(kept)) setValue(kept)
    } catch {
      // A browser that keeps nothing begins anew.
    }
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when the page opens
  }, [key])
  const keep = (next: T) => {
    setValue(next)
    try {
      sessionStorage.setItem(KEY + key, JSON.stringify(next))
    } catch {
      // As above.
    }
  }
  return [value, keep]
}
