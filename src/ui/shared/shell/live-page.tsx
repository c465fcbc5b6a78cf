'use client'

import { usePathname, useRouter } from 'next/navigation'
import { useEffect, useRef } from 'react'
import { listenToNotices } from '../notices'

/** Notices that come together are read once. */
const TOGETHER_MS = 300

/**
 * Shows what another tab, a coach or a monitor has changed, without a reload. Hitting has its own, quicker way. A hidden tab
 * does not listen, since a browser keeps few connections open at once: it catches up when it is looked at again.
 * @param mark of the data that the page was made from
 */
export function LivePage({ mark }: { mark: string }) {
  const router = useRouter()
  const hitting = usePathname().endsWith('/bay')
  const seen = useRef(mark)
  useEffect(() => {
    seen.current = mark
  }, [mark])
  useEffect(() => {
    if (hitting) return
    let soon: ReturnType<typeof setTimeout> | undefined
    let unsubscribe = () => {}
    const onNotice = (newMark: string) => {
      if (newMark === seen.current) return
      seen.current = newMark
      soon ??= setTimeout(() => {
        soon = undefined
        router.refresh()
      }, TOGETHER_MS)
    }
    const listen = () => {
      unsubscribe()
      unsubscribe = document.hidden ? () => {} : listenToNotices({ onNotice })
    }
    listen()
    document.addEventListener('visibilitychange', listen)
    return () => {
      document.removeEventListener('visibilitychange', listen)
      clearTimeout(soon)
      unsubscribe()
    }
  }, [router, hitting])
  return null
}
