'use client'

import { useEffect, useState, type ReactNode } from 'react'

/**
 * Until a page's scripts run, a choice would be lost without a word: controls are disabled, and look it, for that long.
 * Links work from the first moment.
 */
export function Awake({ children }: { children: ReactNode }) {
  const [awake, setAwake] = useState(false)
  useEffect(() => {
    // eslint-disable-next-line react-hooks/set-state-in-effect -- that an effect runs is what is known then
    setAwake(true)
  }, [])
  useEffect(() => {
    // A disabled field takes no focus when the page opens.
    if (awake && document.activeElement === document.body)
      document.querySelector<HTMLElement>('[autofocus]')?.focus({ preventScroll: true })
  }, [awake])
  return (
    <fieldset className="page" role="none" disabled={!awake}>
      {children}
    </fieldset>
  )
}
